import type { Catches } from './catches'
import { slotsOf } from './limits'
import { NOT_RIGGED, type Pack, type PackProblem, WISH_WORTH } from './problem'

/** What a dressed lure catches on the days of one reading. */
interface Part {
  /** Place of the first day; the others follow. */
  readonly from: number
  /** On the best of the rods, tied on first. */
  readonly tied: Float64Array
  /** Hanging ready on each rod; `undefined` where that rod does not throw it. */
  readonly ready: readonly (Float64Array | undefined)[]
}

/** One way of dressing a lure: with trailer, head or sinker; all go along together or not at all. */
export interface Dress {
  readonly lure: number
  /** The lure and what it needs, by number. */
  readonly things: readonly number[]
  readonly parts: readonly Part[]
}

/** What is along, by number, to be tried out. */
export interface Along {
  /** 1 where a thing goes along. */
  readonly taken: Uint8Array
  /** The lure that hangs ready on each rod; −1: none. */
  readonly hung: Int32Array
}

/** What is caught day by day, and what is to be expected of it. */
export interface Caught {
  readonly byDay: Float64Array
  readonly expected: number
}

/** What a pack takes of each limit. */
export interface Room {
  readonly lures: number
  readonly slots: number
  readonly grams: number
}

/** A dressed lure on every rod there is: by the first day of each reading, by rod. */
interface OnEveryRod {
  readonly lure: number
  readonly things: readonly number[]
  readonly parts: Map<number, Map<string, Float64Array>>
}

/** A packing problem by numbers instead of names, with what stands in it whatever the rods. */
export class Numbered {
  readonly dresses: readonly OnEveryRod[]
  readonly isLure: Uint8Array
  readonly slots: Float64Array
  readonly grams: Float64Array
  /** One bit for each wish that a thing meets. */
  readonly meets: Int32Array
  readonly mustGo: readonly number[]

  constructor(
    readonly problem: PackProblem,
    readonly catches: Catches,
  ) {
    const { items, wishes, locks } = problem
    const place = new Map(items.map(({ id }, i) => [id, i]))
    this.isLure = Uint8Array.from(items, i => (i.kind === 'lure' ? 1 : 0))
    this.slots = Float64Array.from(items, i => i.slots)
    this.grams = Float64Array.from(items, i => i.grams)
    this.meets = Int32Array.from(items, ({ id }) =>
      wishes.reduce((bits, wish, w) => (wish.lureIds.includes(id) ? bits | (1 << w) : bits), 0),
    )
    this.mustGo = items.flatMap(({ id }, i) => (locks.take.has(id) ? [i] : []))
    const dresses = new Map<string, OnEveryRod>()
    for (const { option, from, catches: caught } of catches.rows) {
      const names = [option.lureId, ...option.needs]
      if (names.some(id => locks.leave.has(id) || !place.has(id))) continue
      const key = names.join('\n')
      let dress = dresses.get(key)
      if (!dress) {
        dress = { lure: place.get(option.lureId)!, things: names.map(id => place.get(id)!), parts: new Map() }
        dresses.set(key, dress)
      }
      const part = dress.parts.get(from) ?? new Map<string, Float64Array>()
      dress.parts.set(from, part)
      const known = part.get(option.outfitId)
      part.set(option.outfitId, known ? known.map((c, k) => Math.max(c, caught[k]!)) : caught)
    }
    this.dresses = [...dresses.values()]
  }
}

/**
 * A packing problem with its rods chosen: what each lure catches day by day on the best of them. Everything that tries packs by the thousand works on this.
 */
export class OnRods {
  readonly dresses: readonly Dress[]
  readonly byLure: readonly (readonly Dress[])[]

  constructor(
    readonly all: Numbered,
    readonly rods: readonly string[],
  ) {
    this.dresses = all.dresses.flatMap(({ lure, things, parts }) => {
      const own = [...parts].flatMap(([from, byRod]) => {
        const ready = rods.map(rod => byRod.get(rod))
        return ready.some(Boolean) ? [{ from, tied: bestOf(ready), ready }] : []
      })
      return own.length > 0 ? [{ lure, things, parts: own }] : []
    })
    const byLure: Dress[][] = all.problem.items.map(() => [])
    for (const dress of this.dresses) byLure[dress.lure]!.push(dress)
    this.byLure = byLure
  }

  /** Nothing but what must go. */
  get start(): Along {
    const taken = new Uint8Array(this.all.problem.items.length)
    for (const i of this.all.mustGo) taken[i] = 1
    return { taken, hung: new Int32Array(this.rods.length).fill(-1) }
  }

  /** The ways of dressing a lure for which everything is along, or in `more`. */
  open(lure: number, taken: Uint8Array, more: readonly number[] = []): readonly Dress[] {
    return this.byLure[lure]!.filter(d => d.things.every(i => taken[i] === 1 || more.includes(i)))
  }

  /** What is added to what is caught already when more things come along beside a lure, or with it, tied on. */
  gainOfOpened(lure: number, taken: Uint8Array, more: readonly number[], byDay: Float64Array): number {
    const { catches } = this.all
    const opened = this.byLure[lure]!.filter(
      ({ things }) => things.some(i => more.includes(i)) && things.every(i => taken[i] === 1 || more.includes(i)),
    )
    if (opened.length === 1) return gainOf(opened[0]!, -1, byDay, catches.weights)
    const both = byDay.slice()
    for (const one of opened) raise(both, one, -1)
    return catches.expected(both) - catches.expected(byDay)
  }

  /** What is caught day by day. */
  byDay({ taken, hung }: Along): Float64Array {
    const best = new Float64Array(this.all.catches.weights.length)
    for (let lure = 0; lure < taken.length; lure++) {
      if (taken[lure] !== 1) continue
      const rod = hung.indexOf(lure)
      for (const dress of this.open(lure, taken)) raise(best, dress, rod)
    }
    return best
  }

  caught(byDay: Float64Array): Caught {
    return { byDay, expected: this.all.catches.expected(byDay) }
  }

  /** What is to be expected of both together: half of each and of how far they lie apart over all days, up or down, so that no day has to be decided. */
  ofBoth(a: Caught, b: Caught): number {
    const { weights } = this.all.catches
    let apart = 0
    for (let d = 0; d < weights.length; d++) apart += weights[d]! * Math.abs(a.byDay[d]! - b.byDay[d]!)
    return (a.expected + b.expected + apart) / 2
  }

  /** What is worth of wishes and of catch together. */
  worth(along: Along): number {
    return this.all.catches.expected(this.byDay(along)) + this.wishesWorth(this.wishesMetBy(along.taken))
  }

  /** The wishes that things meet, a bit for each. */
  wishesMetBy(taken: Uint8Array): number {
    let bits = 0
    for (let i = 0; i < taken.length; i++) if (taken[i] === 1) bits |= this.all.meets[i]!
    return bits
  }

  /** What wishes that are met are worth, and those of more things. */
  wishesWorth(met: number, more: readonly number[] = []): number {
    let bits = met
    for (const i of more) bits |= this.all.meets[i]!
    return WISH_WORTH * bitsOf(bits)
  }

  roomOf(things: Iterable<number>): Room {
    let [lures, slots, grams] = [0, 0, 0]
    for (const i of things) {
      lures += this.all.isLure[i]!
      slots += this.all.slots[i]!
      grams += this.all.grams[i]!
    }
    return { lures, slots, grams }
  }

  usedBy(taken: Uint8Array): Room {
    return this.roomOf([...taken.keys()].filter(i => taken[i] === 1))
  }

  /** Whether there is room for more beside what is used. */
  fits(used: Room, more: readonly number[]): boolean {
    const { limits } = this.all.problem
    const { lures, slots, grams } = this.roomOf(more)
    return (
      used.lures + lures <= limits.lures &&
      used.slots + slots <= slotsOf(limits) &&
      (limits.grams === null || used.grams + grams <= limits.grams)
    )
  }

  alongOf({ items, rigged }: Pack): Along {
    const { items: all } = this.all.problem
    const place = (id: string | undefined) => all.findIndex(i => i.id === id)
    return {
      taken: Uint8Array.from(all, ({ id }) => (items.includes(id) ? 1 : 0)),
      hung: Int32Array.from(this.rods, rod => place(rigged[rod])),
    }
  }

  /** With names again. */
  packOf({ taken, hung }: Along): Pack {
    const { items } = this.all.problem
    return {
      items: items.filter((_, i) => taken[i] === 1).map(i => i.id),
      rods: this.rods,
      rigged: Object.fromEntries(this.rods.flatMap((rod, r) => (hung[r]! < 0 ? [] : [[rod, items[hung[r]!]!.id]]))),
    }
  }
}

/** What a dressed lure, tied on or, on one rod, ready, adds to what is caught already. */
export function gainOf({ parts }: Dress, rod: number, byDay: Float64Array, weights: Float64Array): number {
  let sum = 0
  for (const { from, tied, ready } of parts) {
    // What hangs ready catches more than what is tied on of the same, on that rod.
    const own = ready[rod]
    for (let k = 0; k < tied.length; k++) {
      const more = (own && own[k]! > tied[k]! ? own[k]! : tied[k]!) - byDay[from + k]!
      // Twice what is more, nothing of what is less: no day has to be decided, which none could foresee.
      sum += weights[from + k]! * (more + Math.abs(more))
    }
  }
  return sum / 2
}

/** Gains below this are rounding. */
export const LEAST_GAIN = 1e-9

/** What is along without one thing, and without what hung ready of it. */
export function left({ taken, hung }: Along, out: number): Along {
  const next = taken.slice()
  next[out] = 0
  return { taken: next, hung: hung.map(lure => (lure === out ? -1 : lure)) }
}

/** With a lure hanging ready on a rod; −1: nothing. */
export function withHung(hung: Int32Array, rod: number, lure: number): Int32Array {
  const next = hung.slice()
  next[rod] = lure
  return next
}

/** Raises days to what a dressed lure catches, tied on or, on one rod, ready. */
export function raise(best: Float64Array, { parts }: Dress, rod: number): void {
  for (const { from, tied, ready } of parts) {
    lift(best, from, tied)
    const own = ready[rod]
    if (own) lift(best, from, own)
  }
}

/** What the best of the rods catches, tied on first. */
function bestOf(ready: readonly (Float64Array | undefined)[]): Float64Array {
  const tied = new Float64Array(ready.find(Boolean)!.length)
  for (const own of ready)
    if (own) for (let k = 0; k < tied.length; k++) if (NOT_RIGGED * own[k]! > tied[k]!) tied[k] = NOT_RIGGED * own[k]!
  return tied
}

/** Raises days from one on to what is caught. */
export function lift(best: Float64Array, from: number, caught: Float64Array): void {
  for (let k = 0; k < caught.length; k++) if (caught[k]! > best[from + k]!) best[from + k] = caught[k]!
}

function bitsOf(bits: number): number {
  let count = 0
  for (let rest = bits; rest !== 0; rest &= rest - 1) count++
  return count
}
