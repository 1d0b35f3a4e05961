import type { Dress } from './on-rods'

/** So many dresses of one lure are chosen together, by every way of choosing; of a lure with more, the next ones are taken as of another. */
const CHOSEN_TOGETHER = 3

/** Some dresses of a lure, and what the best of them catches on the days of each reading. */
export interface Choice {
  /** By number. */
  readonly dresses: readonly number[]
  readonly stretches: readonly Stretch[]
}

/** Catches, times how likely the day is, from one day on. Tied on or hanging ready on this rod or that often comes to the same: each that differs stands here once. */
interface Stretch {
  readonly from: number
  readonly caught: readonly Float32Array[]
  readonly totals: readonly number[]
  /** Which of them it is tied on, and then hanging ready on each rod. */
  readonly of: readonly number[]
}

/** Some dresses of one lure, and every way of choosing among them. */
export class Wardrobe {
  /** All of them. */
  readonly whole: Choice
  private made: readonly Choice[] | null = null

  private constructor(
    private readonly dresses: readonly Dress[],
    private readonly numbers: ReadonlyMap<Dress, number>,
    private readonly rods: number,
    private readonly weights: Float64Array,
  ) {
    this.whole = this.choice(dresses)
  }

  /** All dresses of a lure; `numbers`: what each is called, `weights`: how likely each day is. */
  static of(
    dresses: readonly Dress[],
    numbers: ReadonlyMap<Dress, number>,
    rods: number,
    weights: Float64Array,
  ): readonly Wardrobe[] {
    return Array.from({ length: Math.ceil(dresses.length / CHOSEN_TOGETHER) }, (_, i) => {
      const some = dresses.slice(i * CHOSEN_TOGETHER, (i + 1) * CHOSEN_TOGETHER)
      return new Wardrobe(some, numbers, rods, weights)
    })
  }

  /** Every choice of some, but not of none; all together last. Worked out when it is first asked for. */
  get choices(): readonly Choice[] {
    this.made ??= [
      ...subsetsOf(this.dresses)
        .slice(0, -1)
        .map(some => this.choice(some)),
      this.whole,
    ]
    return this.made
  }

  private choice(of: readonly Dress[]): Choice {
    return { dresses: of.map(d => this.numbers.get(d)!), stretches: bestOf(of, this.rods, this.weights) }
  }
}

/** Every choice of some, but not of none. */
function subsetsOf<T>(list: readonly T[]): readonly (readonly T[])[] {
  return Array.from({ length: 2 ** list.length - 1 }, (_, mask) => list.filter((_, i) => ((mask + 1) >> i) & 1))
}

function bestOf(dresses: readonly Dress[], rods: number, weights: Float64Array): readonly Stretch[] {
  const parts = dresses.flatMap(d => d.parts)
  return [...new Set(parts.map(p => p.from))].map(from => {
    const some = parts.filter(p => p.from === from)
    const tied = raised(
      new Float32Array(some[0]!.tied.length),
      some.map(p => p.tied),
      from,
      weights,
    )
    const caught = [tied]
    const of = [0]
    for (let rod = 0; rod < rods; rod++) {
      const ready = some.flatMap(p => p.ready[rod] ?? [])
      const own = ready.length > 0 ? raised(tied.slice(), ready, from, weights) : tied
      const known = caught.findIndex(other => isSame(other, own))
      of.push(known < 0 ? caught.push(own) - 1 : known)
    }
    return { from, caught, totals: caught.map(own => own.reduce((sum, c) => sum + c, 0)), of }
  })
}

/** The most of what is there and what is caught, times how likely the days are. */
function raised(
  most: Float32Array,
  caught: readonly Float64Array[],
  from: number,
  weights: Float64Array,
): Float32Array {
  for (const own of caught)
    for (let k = 0; k < most.length; k++) most[k] = Math.max(most[k]!, weights[from + k]! * own[k]!)
  return most
}

function isSame(a: Float32Array, b: Float32Array): boolean {
  if (a === b) return true
  for (let k = 0; k < a.length; k++) if (a[k] !== b[k]) return false
  return true
}
