import { lift, sumOf } from './caught'
import type { Dress } from './on-rods'

/** So many dresses of one lure are chosen together, by every way of choosing; of a lure with more, the next ones are taken as of another. */
const CHOSEN_TOGETHER = 3

/** Some dresses of a lure, and what the best of them catches, by day. Tied on or hanging ready on this rod or that often comes to the same: each that differs stands here once. */
export interface Choice {
  /** By number. */
  readonly dresses: readonly number[]
  readonly caught: readonly Float64Array[]
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
  ) {
    this.whole = this.choice(dresses)
  }

  /** All dresses of a lure; `numbers`: what each is called. */
  static of(dresses: readonly Dress[], numbers: ReadonlyMap<Dress, number>, rods: number): readonly Wardrobe[] {
    return Array.from({ length: Math.ceil(dresses.length / CHOSEN_TOGETHER) }, (_, i) => {
      const some = dresses.slice(i * CHOSEN_TOGETHER, (i + 1) * CHOSEN_TOGETHER)
      return new Wardrobe(some, numbers, rods)
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
    return { dresses: of.map(d => this.numbers.get(d)!), ...bestOf(of, this.rods) }
  }
}

/** Every choice of some, but not of none. */
function subsetsOf<T>(list: readonly T[]): readonly (readonly T[])[] {
  return Array.from({ length: 2 ** list.length - 1 }, (_, mask) => list.filter((_, i) => ((mask + 1) >> i) & 1))
}

function bestOf(dresses: readonly Dress[], rods: number): Omit<Choice, 'dresses'> {
  const tied = new Float64Array(dresses[0]!.tied.length)
  for (const dress of dresses) lift(tied, dress.tied)
  const caught = [tied]
  const of = [0]
  for (let rod = 0; rod < rods; rod++) {
    const ready = dresses.flatMap(d => d.ready[rod] ?? [])
    const own = ready.length > 0 ? tied.slice() : tied
    for (const hanging of ready) lift(own, hanging)
    const known = caught.findIndex(other => isSame(other, own))
    of.push(known < 0 ? caught.push(own) - 1 : known)
  }
  return { caught, totals: caught.map(sumOf), of }
}

function isSame(a: Float64Array, b: Float64Array): boolean {
  if (a === b) return true
  for (let k = 0; k < a.length; k++) if (a[k] !== b[k]) return false
  return true
}
