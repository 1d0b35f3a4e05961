import { catchOn } from './days'
import { type Day, NOT_RIGGED, type Pack, type PackOption } from './problem'

/** One set-up, with what it catches on each day of its reading. */
export interface Row {
  readonly option: PackOption
  /** Places of the days, as long as `catches`. */
  readonly days: Int32Array
  /** 0 where it is lost. */
  readonly catches: Float64Array
}

/** What goes along, to be asked again and again. */
export interface Taken {
  readonly items: ReadonlySet<string>
  readonly rods: ReadonlySet<string>
  readonly rigged: Readonly<Record<string, string>>
}

export function takenIn({ items, rods, rigged }: Pack): Taken {
  return { items: new Set(items), rods: new Set(rods), rigged }
}

/** A reading is judged once, whatever the day brings: for what is told of a pack. */
const UNTOUCHED: Pick<Day, 'wants' | 'off' | 'lost'> = { wants: [], off: new Map(), lost: new Set() }

/**
 * What every set-up catches on every day that may come, laid out once, so that thousands of packs can be weighed.
 * A day is worth what the best set-up catches that is along; one that must first be tied on less than one that hangs ready.
 */
export class Catches {
  /** How likely each day is. */
  readonly weights: Float64Array
  readonly rows: readonly Row[]
  private readonly byLure = new Map<string, Row[]>()
  /** Things that set-ups need beside their lure. */
  private readonly needed = new Set<string>()
  private readonly scratch: Float64Array

  /** Without days: each reading once, as it is judged. */
  constructor(weights: readonly number[], options: readonly PackOption[], days: readonly Day[]) {
    const all: readonly Day[] =
      days.length > 0 ? days : weights.map((weight, reading) => ({ reading, weight, ...UNTOUCHED }))
    this.weights = Float64Array.from(all, d => d.weight)
    this.scratch = new Float64Array(all.length)
    const ofReading = weights.map((_, reading) =>
      Int32Array.from(all.flatMap((d, place) => (d.reading === reading ? [place] : []))),
    )
    this.rows = options.map(option => {
      const places = ofReading[option.reading]!
      return {
        option,
        days: places,
        catches: Float64Array.from(places, place => option.score * catchOn(all[place]!, option)),
      }
    })
    for (const row of this.rows) {
      const known = this.byLure.get(row.option.lureId)
      if (known) known.push(row)
      else this.byLure.set(row.option.lureId, [row])
      for (const id of row.option.needs) this.needed.add(id)
    }
  }

  /** What the best set-up of a pack catches, day by day. */
  byDay({ items, rods, rigged }: Taken): Float64Array {
    const best = new Float64Array(this.weights.length)
    for (const row of this.able(items, rods, items)) {
      const { lureId, outfitId } = row.option
      raise(best, row, rigged[outfitId] === lureId ? 1 : NOT_RIGGED)
    }
    return best
  }

  /** Days' catches as one: what is to be expected. */
  expected(byDay: Float64Array): number {
    let sum = 0
    for (let d = 0; d < byDay.length; d++) sum += this.weights[d]! * byDay[d]!
    return sum
  }

  /** What some set-ups more, each still to be tied on, add to what is caught already. */
  gain(byDay: Float64Array, rows: readonly Row[]): number {
    const { scratch } = this
    scratch.set(byDay)
    for (const row of rows) raise(scratch, row, NOT_RIGGED)
    let sum = 0
    for (let d = 0; d < byDay.length; d++) sum += this.weights[d]! * (scratch[d]! - byDay[d]!)
    return sum
  }

  /** What is to be expected where some lures hang ready, beside what is caught by tying on. */
  expectedReady(byDay: Float64Array, { items, rigged }: Pick<Taken, 'items' | 'rigged'>): number {
    const { scratch } = this
    scratch.set(byDay)
    for (const [outfitId, lureId] of Object.entries(rigged))
      for (const row of this.byLure.get(lureId) ?? [])
        if (row.option.outfitId === outfitId && hasAll(row.option.needs, items)) raise(scratch, row, 1)
    return this.expected(scratch)
  }

  /** Set-ups that can be fished with `after` and not with `before`, which is part of it. */
  added(before: Taken, after: Taken): readonly Row[] {
    const isNew = (id: string) =>
      (after.items.has(id) || after.rods.has(id)) && !before.items.has(id) && !before.rods.has(id)
    const fresh = [...after.items].filter(isNew)
    const servesOthers = after.rods.size > before.rods.size || fresh.some(id => this.needed.has(id))
    return this.able(servesOthers ? after.items : fresh, after.rods, after.items).filter(
      ({ option }) => isNew(option.lureId) || isNew(option.outfitId) || option.needs.some(isNew),
    )
  }

  /** What one lure catches on one rod with no more than these things, day by day. */
  of(lureId: string, outfitId: string, things: readonly string[]): Float64Array {
    const best = new Float64Array(this.weights.length)
    const along = new Set(things)
    for (const row of this.byLure.get(lureId) ?? [])
      if (row.option.outfitId === outfitId && hasAll(row.option.needs, along)) raise(best, row, 1)
    return best
  }

  /** The lures of a pack that come among the best few on one rod on any day. */
  bestOn(outfitId: string, { items, rods }: Pick<Taken, 'items' | 'rods'>, few: number): ReadonlySet<string> {
    const byReading = new Map<number, Row[]>()
    for (const row of this.able(items, rods, items))
      if (row.option.outfitId === outfitId)
        byReading.set(row.option.reading, [...(byReading.get(row.option.reading) ?? []), row])
    const found = new Set<string>()
    for (const rows of byReading.values())
      for (let k = 0; k < rows[0]!.catches.length; k++)
        for (const row of rows.toSorted((a, b) => b.catches[k]! - a.catches[k]!).slice(0, few))
          if (row.catches[k]! > 0) found.add(row.option.lureId)
    return found
  }

  /** Set-ups of these lures that can be fished with such rods and things. */
  private able(lures: Iterable<string>, rods: ReadonlySet<string>, items: ReadonlySet<string>): Row[] {
    const found: Row[] = []
    for (const lureId of lures)
      for (const row of this.byLure.get(lureId) ?? [])
        if (rods.has(row.option.outfitId) && hasAll(row.option.needs, items)) found.push(row)
    return found
  }
}

function hasAll(needs: readonly string[], items: ReadonlySet<string>): boolean {
  for (const id of needs) if (!items.has(id)) return false
  return true
}

/** Days on which a set-up catches more, with what is left of it. */
function raise(best: Float64Array, { days, catches }: Row, share: number): void {
  for (let k = 0; k < catches.length; k++) {
    const caught = share * catches[k]!
    if (caught > best[days[k]!]!) best[days[k]!] = caught
  }
}
