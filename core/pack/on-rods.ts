import type { Catches, SomeDay } from './catches'
import { Better, gained, lift, sumOf } from './caught'
import { slotsOf } from './limits'
import { NOT_RIGGED, type Pack, type PackProblem, WISH_WORTH } from './problem'

/** One way of dressing a lure: with trailer, head or sinker; all go along together or not at all. What it catches on each day is told times how likely the day is, here and in all that packs are tried on. */
export interface Dress {
  readonly lure: number
  /** The lure and what it needs, by number. */
  readonly things: readonly number[]
  /** On the best of the rods, tied on first, by day. */
  readonly tied: Float64Array
  /** Hanging ready on each rod, by day; `undefined` where that rod never throws it. */
  readonly ready: readonly (Float64Array | undefined)[]
}

/** What is along, by number, to be tried out. */
export interface Along {
  /** 1 where a thing goes along. */
  readonly taken: Uint8Array
  /** The lure that hangs ready on each rod; −1: none. */
  readonly hung: Int32Array
}

/** What a pack takes of each limit. */
export interface Room {
  readonly lures: number
  readonly slots: number
  readonly grams: number
}

/** A dressed lure hanging ready on every rod that throws it, by day. */
interface OnEveryRod {
  readonly lure: number
  readonly things: readonly number[]
  readonly byRod: Map<string, Float64Array>
}

/** The problem that catches were numbered for last. */
const last = new WeakMap<Catches, Numbered>()

/** A packing problem by numbers instead of names, with what stands in it whatever the rods. */
export class Numbered {
  readonly isLure: Uint8Array
  readonly slots: Float64Array
  readonly grams: Float64Array
  /** One bit for each wish that a thing meets. */
  readonly meets: Int32Array
  readonly mustGo: readonly number[]

  private constructor(
    readonly problem: PackProblem,
    readonly days: number,
    readonly dresses: readonly OnEveryRod[],
  ) {
    const { items, wishes, locks } = problem
    this.isLure = Uint8Array.from(items, i => (i.kind === 'lure' ? 1 : 0))
    this.slots = Float64Array.from(items, i => i.slots)
    this.grams = Float64Array.from(items, i => i.grams)
    this.meets = Int32Array.from(items, ({ id }) =>
      wishes.reduce((bits, wish, w) => (wish.lureIds.includes(id) ? bits | (1 << w) : bits), 0),
    )
    this.mustGo = items.flatMap(({ id }, i) => (locks.take.has(id) ? [i] : []))
  }

  /** `catches`: of the same problem. What is locked away, or needs it, has no dress. The pack and what is proven of it stand on the same. */
  static of(problem: PackProblem, catches: Catches): Numbered {
    const known = last.get(catches)
    if (known?.problem === problem) return known
    const made = new Numbered(problem, catches.weights.length, Numbered.dressed(problem, catches))
    last.set(catches, made)
    return made
  }

  private static dressed({ items, locks }: PackProblem, { rows, weights }: Catches): readonly OnEveryRod[] {
    const place = new Map(items.map(({ id }, i) => [id, i]))
    const dresses = new Map<string, OnEveryRod>()
    for (const { option, from, catches: caught } of rows) {
      const names = [option.lureId, ...option.needs]
      if (names.some(id => locks.leave.has(id) || !place.has(id))) continue
      const key = names.join('\n')
      let dress = dresses.get(key)
      if (!dress) {
        dress = { lure: place.get(option.lureId)!, things: names.map(id => place.get(id)!), byRod: new Map() }
        dresses.set(key, dress)
      }
      const most = dress.byRod.get(option.outfitId) ?? new Float64Array(weights.length)
      dress.byRod.set(option.outfitId, most)
      for (let k = 0; k < caught.length; k++) {
        const d = from + k
        most[d] = Math.max(most[d]!, weights[d]! * caught[k]!)
      }
    }
    return [...dresses.values()]
  }

  /** The same on some of its days, each for so many times itself. */
  onDays(some: readonly SomeDay[]): Numbered {
    const few = (all: Float64Array) => {
      const caught = new Float64Array(some.length)
      for (let d = 0; d < caught.length; d++) caught[d] = some[d]!.times * all[some[d]!.day]!
      return caught
    }
    const dresses = this.dresses.map(({ lure, things, byRod }): OnEveryRod => ({
      lure,
      things,
      byRod: new Map([...byRod].map(([rod, all]) => [rod, few(all)])),
    }))
    return new Numbered(this.problem, some.length, dresses)
  }
}

/**
 * A packing problem with its rods chosen: what each lure catches day by day on the best of them. Everything that tries packs by the thousand works on this.
 */
export class OnRods {
  readonly dresses: readonly Dress[]
  readonly byLure: readonly (readonly Dress[])[]
  private readonly better = new Better()

  constructor(
    readonly all: Numbered,
    readonly rods: readonly string[],
  ) {
    this.dresses = all.dresses.flatMap(({ lure, things, byRod }) => {
      const ready = rods.map(rod => byRod.get(rod))
      return ready.some(Boolean) ? [{ lure, things, tied: bestOf(ready), ready }] : []
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
    return this.byLure[lure]!.filter(({ things }) => isAlong(things, taken, more))
  }

  /** What some dresses of a lure catch day by day, tied on or, on one rod, hanging ready; at least one of them, not to be changed. */
  caughtWith(dresses: readonly Dress[], rod: number): Float64Array {
    const { better } = this
    let caught = dresses[0]!.tied
    for (const { tied, ready } of dresses) {
      caught = better.of(caught, tied)
      const own = rod < 0 ? undefined : ready[rod]
      if (own) caught = better.of(caught, own)
    }
    return caught
  }

  /** What is added to what is caught already when more things come along beside a lure, or with it, tied on; `more`: all that some way of dressing it lacks. */
  gainOfOpened(lure: number, taken: Uint8Array, more: readonly number[], byDay: Float64Array): number {
    const opened = this.byLure[lure]!.filter(({ things }) => isAlong(things, taken, more) && !isAlong(things, taken))
    return gained(this.caughtWith(opened, -1), byDay)
  }

  /** What is caught day by day, times how likely the days are. */
  byDay({ taken, hung }: Along): Float64Array {
    const best = new Float64Array(this.all.days)
    for (let lure = 0; lure < taken.length; lure++) {
      if (taken[lure] !== 1) continue
      const opened = this.open(lure, taken)
      if (opened.length > 0) lift(best, this.caughtWith(opened, hung.indexOf(lure)))
    }
    return best
  }

  /** What is worth of wishes and of catch together. */
  worth(along: Along): number {
    return sumOf(this.byDay(along)) + this.wishesWorth(this.wishesMetBy(along.taken))
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

  roomOf(things: readonly number[]): Room {
    let lures = 0
    let slots = 0
    let grams = 0
    for (const i of things) {
      lures += this.all.isLure[i]!
      slots += this.all.slots[i]!
      grams += this.all.grams[i]!
    }
    return { lures, slots, grams }
  }

  usedBy(taken: Uint8Array): Room {
    const things: number[] = []
    for (let i = 0; i < taken.length; i++) if (taken[i] === 1) things.push(i)
    return this.roomOf(things)
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

/** What the best of the rods catches, tied on first. */
function bestOf(ready: readonly (Float64Array | undefined)[]): Float64Array {
  const tied = new Float64Array(ready.find(Boolean)!.length)
  for (const own of ready)
    if (own) for (let k = 0; k < tied.length; k++) if (NOT_RIGGED * own[k]! > tied[k]!) tied[k] = NOT_RIGGED * own[k]!
  return tied
}

/** Whether all things are taken, or among some more. */
function isAlong(things: readonly number[], taken: Uint8Array, more: readonly number[] = []): boolean {
  for (const i of things) if (taken[i] !== 1 && !more.includes(i)) return false
  return true
}

function bitsOf(bits: number): number {
  let count = 0
  for (let rest = bits; rest !== 0; rest &= rest - 1) count++
  return count
}
