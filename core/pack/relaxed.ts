import { slotsOf } from './limits'
import type { Dress, OnRods } from './on-rods'
import { WISH_WORTH } from './problem'

/** So many dresses of one lure are chosen together, by every way of choosing; of a lure with more, the next ones are taken as of another. */
const CHOSEN_TOGETHER = 3
/** How far each kind of price moves against the others. Assumed: about the squares of their sizes, days for one. */
const MOVES = { day: 0.05, wish: 0.05, slots: 1e-2, grams: 1e-6, else: 1 }
/** Of the way that the prices went last, what they go on with (Camerini, Fratta & Maffioli 1975). Assumed. */
const ONWARD = 0.6
/** A step is made shorter by this when so many rounds have brought less than the least share. Assumed. */
const SHORTER = { by: 0.7, after: 6, least: 1e-4 }
/** Lures that cannot matter are looked for after so many rounds. Assumed. */
const SIFTED_AFTER = 10

/** Some dresses of a lure, and what the best of them catches on the days of each reading. */
interface Choice {
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
/** Every way of choosing among some dresses of one lure. */
interface Wardrobe {
  readonly lure: number
  readonly choices: readonly Choice[]
}

/**
 * More than any pack on some rods can be worth: Lagrange's relaxation. That a day is caught once, that a lure's trailer is along, that one lure hangs on a rod and that all keep
 * to the limits is not asked but priced; then each lure stands for itself. Prices are moved against what is broken (Held, Wolfe & Crowder 1974, after Fisher 1981), and any prices give a bound.
 */
export class Relaxed {
  /** No pack on these rods is worth more, or more than what was sought below. */
  bound = Infinity
  private wardrobes: readonly Wardrobe[]
  /** Prices by place: days, needs, rods, any rod, wishes, slots, grams. */
  private readonly price: Float64Array
  /** Prices of all days before each. */
  private readonly upTo: Float64Array
  private readonly move: Float64Array
  private readonly most: Float64Array
  /** What there is of each. */
  private readonly given: Float64Array
  private readonly way: Float64Array
  private readonly at: {
    readonly need: Int32Array
    readonly rod: number
    readonly rods: number
    readonly wish: number
    readonly slots: number
    readonly grams: number
  }
  private readonly wishers: readonly (readonly number[])[]
  private length = 1
  private dull = 0
  private rounds = 0
  /** What those that were left aside may come to. */
  private floor = 0

  /**
   * `byDay`: what a good pack catches, for prices to begin with.
   * `wider`: the same with more rods, to go on from where its prices stand; what could matter there in nothing better than the goal cannot here.
   */
  constructor(
    private readonly on: OnRods,
    mostRods: number,
    byDay: Float64Array,
    wider: Relaxed | null = null,
  ) {
    const { weights } = on.all.catches
    const { limits, wishes, items } = on.all.problem
    const needs = on.dresses.map(d => d.things.length - 1)
    let end = weights.length
    const need = Int32Array.from(needs, n => (end += n) - n)
    const [rod, rods, wish] = [end, end + on.rods.length, end + on.rods.length + 1]
    const [slots, grams] = [wish + wishes.length, wish + wishes.length + 1]
    this.at = { need, rod, rods, wish, slots, grams }
    const size = grams + 1
    this.price = new Float64Array(size)
    this.upTo = new Float64Array(weights.length + 1)
    this.way = new Float64Array(size)
    this.most = new Float64Array(size).fill(Infinity)
    this.move = new Float64Array(size).fill(MOVES.else)
    this.given = new Float64Array(size)
    weights.forEach((w, d) => {
      this.price[d] = w * byDay[d]!
      this.move[d] = MOVES.day
      this.given[d] = 1
    })
    this.given.fill(1, rod, rods)
    this.given[rods] = mostRods
    if (mostRods >= on.rods.length) this.most[rods] = 0
    this.price.fill(WISH_WORTH / 2, wish, slots)
    this.most.fill(WISH_WORTH, wish, slots)
    this.move.fill(MOVES.wish, wish, slots)
    this.given.fill(-1, wish, slots)
    this.given[slots] = slotsOf(limits)
    this.move[slots] = MOVES.slots
    this.given[grams] = limits.grams ?? 0
    this.move[grams] = MOVES.grams
    if (limits.grams === null) this.most[grams] = 0
    this.wishers = wishes.map(w => items.flatMap(({ id }, i) => (w.lureIds.includes(id) ? [i] : [])))
    const place = new Map(on.dresses.map((d, i) => [d, i]))
    const kept = wider && new Set(wider.wardrobes.map(w => w.lure))
    this.wardrobes = on.byLure.flatMap((dresses, lure) =>
      Array.from({ length: kept && !kept.has(lure) ? 0 : Math.ceil(dresses.length / CHOSEN_TOGETHER) }, (_, i) => {
        const some = dresses.slice(i * CHOSEN_TOGETHER, (i + 1) * CHOSEN_TOGETHER)
        return {
          lure,
          choices: subsetsOf(some).map(of => ({
            dresses: of.map(d => place.get(d)!),
            stretches: bestOf(of, on.rods.length, weights),
          })),
        }
      }),
    )
    if (wider) this.goOnFrom(wider)
  }

  /**
   * Lowers the bound for some rounds, at most until it is down to `goal`; whether it is. Lures that can be in no pack better than `goal` are left aside from then on.
   * `value`: what a known pack is worth.
   */
  lower(value: number, goal: number, rounds: number): boolean {
    for (let i = 0; i < rounds && this.bound > goal; i++) this.round(value, goal)
    return this.bound <= goal
  }

  private goOnFrom(wider: Relaxed): void {
    const { at, price, on } = this
    price.set(wider.price.subarray(0, on.all.catches.weights.length))
    const known = new Map(wider.on.dresses.map((dress, d) => [dress.things, d]))
    on.dresses.forEach(({ things }, d) => {
      for (let n = 0; n < things.length - 1; n++)
        price[at.need[d]! + n] = wider.price[wider.at.need[known.get(things)!]! + n]!
    })
    on.rods.forEach((rod, r) => (price[at.rod + r] = wider.price[wider.at.rod + wider.on.rods.indexOf(rod)]!))
    price.set(wider.price.subarray(wider.at.wish), at.wish)
    this.floor = wider.floor
  }

  /** The rods, the most wanted first. */
  get rodsByPrice(): readonly string[] {
    const priceOf = (rod: number) => this.price[this.at.rod + rod]!
    return [...this.on.rods.keys()].sort((a, b) => priceOf(b) - priceOf(a)).map(rod => this.on.rods[rod]!)
  }

  private round(value: number, goal: number): void {
    const { on, price, given, way, move, at } = this
    const { problem, isLure, mustGo, slots, grams } = on.all
    const hangs = on.rods.length + 1
    const things = problem.items.length

    for (let d = 0; d < on.all.catches.weights.length; d++) this.upTo[d + 1] = this.upTo[d]! + price[d]!
    const worth = new Float64Array(things * hangs)
    const over = new Float64Array(hangs)
    const chosen = this.wardrobes.map(({ lure, choices }) => {
      // Where nothing has to be paid, all is chosen.
      const free = choices.at(-1)!.dresses.every(d => this.paid(d) === 0)
      const best: { readonly over: Float64Array; readonly of: (Choice | null)[] } = {
        over: new Float64Array(hangs),
        of: new Array<Choice | null>(hangs).fill(null),
      }
      for (const choice of free ? choices.slice(-1) : choices) {
        this.overPrices(choice, over)
        for (let hang = 0; hang < hangs; hang++)
          if (over[hang]! > best.over[hang]!) [best.over[hang], best.of[hang]] = [over[hang]!, choice]
      }
      for (let hang = 0; hang < hangs; hang++) worth[lure * hangs + hang]! += best.over[hang]!
      return best.of
    })
    /** What each thing brings, at its best, beyond its price. */
    const brings = new Float64Array(things)
    const hanging = new Int32Array(things)
    for (let i = 0; i < things; i++) {
      brings[i] = worth[i * hangs]!
      for (let hang = 1; hang < hangs; hang++) {
        const ready = worth[i * hangs + hang]! - price[at.rod + hang - 1]! - price[at.rods]!
        if (ready > brings[i]!) [brings[i], hanging[i]] = [ready, hang]
      }
      brings[i]! -= price[at.slots]! * slots[i]! + price[at.grams]! * grams[i]!
    }
    on.dresses.forEach(({ things: [, ...needs] }, d) =>
      needs.forEach((i, n) => (brings[i]! += price[at.need[d]! + n]!)),
    )
    this.wishers.forEach((lures, w) => lures.forEach(i => (brings[i]! += price[at.wish + w]!)))

    const taken = new Uint8Array(things)
    for (const i of mustGo) taken[i] = 1
    const left = problem.limits.lures - mustGo.filter(i => isLure[i] === 1).length
    const open = [...brings.keys()].filter(i => taken[i] === 0 && brings[i]! > 0)
    const lures = open.filter(i => isLure[i] === 1).sort((a, b) => brings[b]! - brings[a]!)
    for (const i of [...lures.slice(0, Math.max(0, left)), ...open.filter(i => isLure[i] === 0)]) taken[i] = 1

    let total = WISH_WORTH * this.wishers.length
    for (let p = 0; p < price.length; p++) total += price[p]! * given[p]!
    for (let i = 0; i < things; i++) if (taken[i] === 1) total += brings[i]!
    this.dull = total < this.bound * (1 - SHORTER.least) ? 0 : this.dull + 1
    this.bound = Math.max(this.floor, Math.min(this.bound, total))
    if (this.dull > SHORTER.after) [this.length, this.dull] = [this.length * SHORTER.by, 0]

    const used = this.usedBy(taken, hanging, chosen)
    let norm = 0
    for (let p = 0; p < price.length; p++) {
      way[p] = given[p]! - used[p]! + ONWARD * way[p]!
      if (price[p]! <= 0 && way[p]! > 0) way[p] = 0
      norm += move[p]! * way[p]! ** 2
    }
    if (norm > 0) {
      const step = (this.length * (total - value)) / norm
      for (let p = 0; p < price.length; p++)
        price[p] = Math.min(this.most[p]!, Math.max(0, price[p]! - step * move[p]! * way[p]!))
    }
    if (++this.rounds % SIFTED_AFTER === 0) {
      // With it in the place of the last that is taken, nothing would come above the goal.
      const last = lures.length >= left && left > 0 ? brings[lures[left - 1]!]! : 0
      this.wardrobes = this.wardrobes.filter(({ lure }) => taken[lure] === 1 || total - last + brings[lure]! > goal)
      this.floor = goal
    }
  }

  /** What a choice catches beyond the prices of the days, less what it pays to what it needs; tied on, and hanging ready on each rod. */
  private overPrices({ dresses, stretches }: Choice, over: Float64Array): void {
    const { price } = this
    let paid = 0
    for (const d of dresses) paid += this.paid(d)
    over.fill(-paid)
    const sums: number[] = []
    for (const { from, caught, totals, of } of stretches) {
      const asked = this.asked(from, caught[0]!.length)
      for (let i = 0; i < caught.length; i++) sums[i] = (apart(price, caught[i]!, from) + totals[i]! - asked) / 2
      for (let hang = 0; hang < over.length; hang++) over[hang]! += sums[of[hang]!]!
    }
  }

  /** Prices of some days together. */
  private asked(from: number, days: number): number {
    return this.upTo[from + days]! - this.upTo[from]!
  }

  /** What a dress pays to all that it needs. */
  private paid(dress: number): number {
    const { price, at, on } = this
    let sum = 0
    for (let n = 1; n < on.dresses[dress]!.things.length; n++) sum += price[at.need[dress]! + n - 1]!
    return sum
  }

  /** What is used up of all that has a price. */
  private usedBy(
    taken: Uint8Array,
    hanging: Int32Array,
    chosen: readonly (readonly (Choice | null)[])[],
  ): Float64Array {
    const { at, price, on } = this
    const { slots, grams } = on.all
    const used = new Float64Array(price.length)
    on.dresses.forEach(({ things: [, ...needs] }, d) => needs.forEach((i, n) => (used[at.need[d]! + n]! -= taken[i]!)))
    this.wardrobes.forEach(({ lure }, w) => {
      const choice = taken[lure] === 1 ? chosen[w]![hanging[lure]!] : null
      if (!choice) return
      for (const d of choice.dresses)
        for (let n = 1; n < on.dresses[d]!.things.length; n++) used[at.need[d]! + n - 1]! += 1
      for (const { from, caught, of } of choice.stretches) {
        const own = caught[of[hanging[lure]!]!]!
        for (let k = 0; k < own.length; k++) if (own[k]! > price[from + k]!) used[from + k]! += 1
      }
    })
    for (let i = 0; i < taken.length; i++) {
      if (taken[i] !== 1) continue
      if (hanging[i]! > 0) {
        used[at.rod + hanging[i]! - 1]! += 1
        used[at.rods]! += 1
      }
      used[at.slots]! += slots[i]!
      used[at.grams]! += grams[i]!
    }
    this.wishers.forEach((lures, w) => lures.forEach(i => (used[at.wish + w]! -= taken[i]!)))
    return used
  }
}

/**
 * How far catches and prices lie apart from one day on, up or down, all together: the heart of every round. Of what lies above and what lies below, the difference is known without looking
 * (it is that of the totals), so that their sum is enough; which of the two comes next cannot be foreseen, and nothing is decided here. Two sums side by side, as one would wait for itself.
 */
function apart(price: Float64Array, caught: Float32Array, from: number): number {
  let [even, odd] = [0, 0]
  const { length } = caught
  for (let k = 0; k + 1 < length; k += 2) {
    even += Math.abs(caught[k]! - price[from + k]!)
    odd += Math.abs(caught[k + 1]! - price[from + k + 1]!)
  }
  if (length % 2 === 1) odd += Math.abs(caught[length - 1]! - price[from + length - 1]!)
  return even + odd
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
