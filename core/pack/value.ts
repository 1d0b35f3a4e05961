import { type Catches, type Taken, takenIn } from './catches'
import { NOT_RIGGED, type Pack, type PackOption, type PackProblem, SHOWN, WISH_WORTH } from './problem'

/** A set-up that counts under a reading, with its place and what it is worth there. */
export interface Counted {
  readonly option: PackOption
  readonly place: number
  readonly isRigged: boolean
  readonly worth: number
}

/** What can be fished under one reading: best first, and by lure. */
export interface ReadingOptions {
  readonly list: readonly PackOption[]
  readonly byLure: ReadonlyMap<string, readonly PackOption[]>
}

/** Each likely reading as it is judged, without the chances of the day: for what is told of a pack. */
export function readingsOnly(problem: Pick<PackProblem, 'weights' | 'options'>): readonly ReadingOptions[] {
  return byReading(problem).map(inOrder)
}

function byReading({ weights, options }: Pick<PackProblem, 'weights' | 'options'>): PackOption[][] {
  const lists: PackOption[][] = weights.map(() => [])
  for (const option of options) lists[option.reading]!.push(option)
  return lists
}

function inOrder(list: PackOption[]): ReadingOptions {
  list.sort(
    (a, b) =>
      b.score - a.score || (a.lureId < b.lureId ? -1 : a.lureId > b.lureId ? 1 : a.outfitId < b.outfitId ? -1 : 1),
  )
  const byLure = new Map<string, PackOption[]>()
  for (const option of list) {
    const known = byLure.get(option.lureId)
    if (known) known.push(option)
    else byLure.set(option.lureId, [option])
  }
  return { list, byLure }
}

/** The best set-ups of the pack under one reading, of different lures, each on its best rod, rigged ones in full; the first is what is fished. */
export function countedUnder({ byLure }: ReadingOptions, { items, rods, rigged }: Taken): readonly Counted[] {
  const best: { option: PackOption; isRigged: boolean; value: number }[] = []
  for (const lureId of items) {
    let own: (typeof best)[number] | null = null
    for (const option of byLure.get(lureId) ?? []) {
      if (!rods.has(option.outfitId) || !option.needs.every(id => items.has(id))) continue
      const isRigged = rigged[option.outfitId] === lureId
      const value = option.score * (isRigged ? 1 : NOT_RIGGED)
      if (!own || value > own.value) own = { option, isRigged, value }
    }
    if (own) best.push(own)
  }
  best.sort((a, b) => b.value - a.value || (a.option.lureId < b.option.lureId ? -1 : 1))
  return best.slice(0, SHOWN).map(({ option, isRigged, value }, place) => ({ option, place, isRigged, worth: value }))
}

export interface PackValue {
  /** Expected catch over the days, 1 being a perfect set-up every day. */
  readonly expected: number
  /** Wishes of the trade that are met. */
  readonly met: readonly string[]
  /** What the planner makes as great as it can: both together. */
  readonly total: number
}

export function valueOf({ wishes }: Pick<PackProblem, 'wishes'>, catches: Catches, pack: Pack): PackValue {
  const taken = takenIn(pack)
  const expected = catches.expected(catches.byDay(taken))
  const met = wishes.filter(wish => wish.lureIds.some(id => taken.items.has(id))).map(w => w.id)
  return { expected, met, total: expected + WISH_WORTH * met.length }
}
