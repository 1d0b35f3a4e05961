import { DayFactors } from './days'
import { type Day, NOT_RIGGED, type Pack, type PackOption, type PackProblem } from './problem'

/** One set-up, with what it catches on each day of its reading. */
export interface Row {
  readonly option: PackOption
  /** Place of the first of these days; they follow each other. */
  readonly from: number
  /** 0 where it is lost. */
  readonly catches: Float64Array
}

/** A day that stands for others too: its place, and for how many times itself. */
export interface SomeDay {
  readonly day: number
  readonly times: number
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
  /** How likely each day is; the days of a reading follow each other. */
  readonly weights: Float64Array
  readonly rows: readonly Row[]
  /** The days of each reading: the first, and how many. */
  private readonly ofReadings: readonly { readonly from: number; readonly days: number }[]
  private readonly byLure = new Map<string, Row[]>()

  /** Without days: each reading once, as it is judged. */
  constructor({ weights, options, days }: Pick<PackProblem, 'weights' | 'options' | 'days'>) {
    const all: readonly Day[] =
      days.length > 0
        ? days.toSorted((a, b) => a.reading - b.reading)
        : weights.map((weight, reading) => ({ reading, weight, ...UNTOUCHED }))
    this.weights = Float64Array.from(all, d => d.weight)
    const daysOf = weights.map((_, reading) => all.filter(d => d.reading === reading))
    const ofReading = daysOf.map(days => new DayFactors(days))
    let end = 0
    this.ofReadings = daysOf.map(({ length: days }) => ({ from: (end += days) - days, days }))
    this.rows = options.map(option => ({
      option,
      from: this.ofReadings[option.reading]!.from,
      catches: ofReading[option.reading]!.catchesOf(option),
    }))
    for (const row of this.rows) {
      const known = this.byLure.get(row.option.lureId)
      if (known) known.push(row)
      else this.byLure.set(row.option.lureId, [row])
    }
  }

  /** Every second, third … day of each reading, each for as many times itself as leaves the reading its chance. */
  every(step: number): readonly SomeDay[] {
    const chanceOf = (days: readonly number[]) => days.reduce((sum, day) => sum + this.weights[day]!, 0)
    return this.ofReadings.flatMap(({ from, days }) => {
      const all = Array.from({ length: days }, (_, k) => from + k)
      const some = all.filter((_, k) => k % step === 0)
      const times = chanceOf(all) / (chanceOf(some) || 1)
      return some.map(day => ({ day, times }))
    })
  }

  /** What the best set-up of a pack catches, day by day. */
  byDay(taken: Taken): Float64Array {
    const best = new Float64Array(this.weights.length)
    for (const row of this.able(taken)) raise(best, row, readiness(row, taken))
    return best
  }

  /** The set-up of a pack that catches most, day by day; `null` where none catches anything. */
  bestByDay(taken: Taken): readonly (PackOption | null)[] {
    const best = new Float64Array(this.weights.length)
    const found = new Array<PackOption | null>(best.length).fill(null)
    for (const row of this.able(taken)) {
      const share = readiness(row, taken)
      row.catches.forEach((caught, k) => {
        if (share * caught <= best[row.from + k]!) return
        best[row.from + k] = share * caught
        found[row.from + k] = row.option
      })
    }
    return found
  }

  /** Days' catches as one: what is to be expected. */
  expected(byDay: Float64Array): number {
    let sum = 0
    for (let d = 0; d < byDay.length; d++) sum += this.weights[d]! * byDay[d]!
    return sum
  }

  /** Set-ups that can be fished with what is along. */
  private able({ items, rods }: Taken): Row[] {
    const found: Row[] = []
    for (const lureId of items)
      for (const row of this.byLure.get(lureId) ?? [])
        if (rods.has(row.option.outfitId) && row.option.needs.every(id => items.has(id))) found.push(row)
    return found
  }
}

function readiness({ option: { lureId, outfitId } }: Row, { rigged }: Taken): number {
  return rigged[outfitId] === lureId ? 1 : NOT_RIGGED
}

/** Days on which a set-up catches more, with what is left of it. */
function raise(best: Float64Array, { from, catches }: Row, share: number): void {
  for (let k = 0; k < catches.length; k++) {
    const caught = share * catches[k]!
    if (caught > best[from + k]!) best[from + k] = caught
  }
}
