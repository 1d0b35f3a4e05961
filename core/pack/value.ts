import { COUNTED, NEXT_BEST, NOT_RIGGED, type Pack, type PackOption, type PackProblem, WISH_WORTH } from './problem'

/** A set-up that counts under a reading, with its place and what it is worth there. */
export interface Counted { readonly option: PackOption, readonly place: number, readonly isRigged: boolean, readonly worth: number }

/** The options of one reading: best first, and by lure. */
export interface ReadingOptions { readonly list: readonly PackOption[], readonly byLure: ReadonlyMap<string, readonly PackOption[]> }
export type Sorted = readonly ReadingOptions[]

export function sortedOptions({ weights, options }: Pick<PackProblem, 'weights' | 'options'>): Sorted {
  const lists: PackOption[][] = weights.map(() => [])
  for (const option of options) lists[option.reading]!.push(option)
  return lists.map((list) => {
    list.sort((a, b) => b.score - a.score || (a.lureId < b.lureId ? -1 : a.lureId > b.lureId ? 1 : a.outfitId < b.outfitId ? -1 : 1))
    const byLure = new Map<string, PackOption[]>()
    for (const option of list) byLure.set(option.lureId, [...byLure.get(option.lureId) ?? [], option])
    return { list, byLure }
  })
}

interface Taken { readonly items: ReadonlySet<string>, readonly rods: ReadonlySet<string>, readonly rigged: Readonly<Record<string, string>> }

/** The set-ups that count under one reading: the best three lures of the pack, each on its best rod, rigged ones in full. */
export function countedUnder({ byLure }: ReadingOptions, { items, rods, rigged }: Taken): readonly Counted[] {
  const best: { option: PackOption, isRigged: boolean, value: number }[] = []
  for (const lureId of items) {
    let own: typeof best[number] | null = null
    for (const option of byLure.get(lureId) ?? []) {
      if (!rods.has(option.outfitId) || !option.needs.every(id => items.has(id))) continue
      const isRigged = rigged[option.outfitId] === lureId
      const value = option.score * (isRigged ? 1 : NOT_RIGGED)
      if (!own || value > own.value) own = { option, isRigged, value }
    }
    if (own) best.push(own)
  }
  best.sort((a, b) => b.value - a.value || (a.option.lureId < b.option.lureId ? -1 : 1))
  return best.slice(0, COUNTED).map(({ option, isRigged, value }, place) => ({ option, place, isRigged, worth: NEXT_BEST ** place * value }))
}

/** What all that counts under one reading is worth; the same as the sum over `countedUnder`, and asked thousands of times while a pack is made. */
function worthUnder({ byLure }: ReadingOptions, { items, rods, rigged }: Taken): number {
  const top = new Array<number>(COUNTED).fill(0)
  for (const lureId of items) {
    let own = 0
    for (const { outfitId, score, needs } of byLure.get(lureId) ?? []) {
      // Best first: what follows is worth no more.
      if (score <= own) break
      if (!rods.has(outfitId) || !needs.every(id => items.has(id))) continue
      own = Math.max(own, score * (rigged[outfitId] === lureId ? 1 : NOT_RIGGED))
    }
    for (let place = 0; place < COUNTED && own > 0; place++) {
      if (own > top[place]!) [top[place], own] = [own, top[place]!]
    }
  }
  return top.reduce((sum, value, place) => sum + NEXT_BEST ** place * value, 0)
}

export function takenIn({ items, rods, rigged }: Pack): Taken {
  return { items: new Set(items), rods: new Set(rods), rigged }
}

export interface PackValue {
  /** Expected best over the readings (models part N). */
  readonly expected: number
  /** Wishes of the trade that are met. */
  readonly met: readonly string[]
  /** What the planner makes as great as it can: both together. */
  readonly total: number
}

export function valueOf({ weights, wishes }: Pick<PackProblem, 'weights' | 'wishes'>, sorted: Sorted, pack: Pack): PackValue {
  const taken = takenIn(pack)
  const expected = sorted.reduce((sum, of, r) => sum + weights[r]! * worthUnder(of, taken), 0)
  const met = wishes.filter(w => w.lureIds.some(id => taken.items.has(id))).map(w => w.id)
  return { expected, met, total: expected + WISH_WORTH * met.length }
}
