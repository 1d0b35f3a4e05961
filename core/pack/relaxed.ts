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

/** Some dresses of a lure, and what the best of them catches, times how likely the day is; first tied on, then hanging ready on each rod. */
interface Choice {
  readonly dresses: readonly number[]
  readonly caught: readonly (readonly Stretch[])[]
}
interface Stretch {
  readonly from: number
  readonly caught: Float32Array
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

  /** `byDay`: what a good pack catches, for prices to begin with. */
  constructor(
    private readonly on: OnRods,
    mostRods: number,
    byDay: Float64Array,
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
    this.wardrobes = on.byLure.flatMap((dresses, lure) =>
      Array.from({ length: Math.ceil(dresses.length / CHOSEN_TOGETHER) }, (_, i) => {
        const some = dresses.slice(i * CHOSEN_TOGETHER, (i + 1) * CHOSEN_TOGETHER)
        return {
          lure,
          choices: subsetsOf(some).map(of => ({
            dresses: of.map(d => place.get(d)!),
            caught: [-1, ...on.rods.keys()].map(rod => bestOf(of, rod, weights)),
          })),
        }
      }),
    )
  }

  /**
   * Lowers the bound for some rounds, at most until it is down to `goal`; whether it is. Lures that can be in no pack better than `goal` are left aside from then on.
   * `value`: what a known pack is worth.
   */
  lower(value: number, goal: number, rounds: number): boolean {
    for (let i = 0; i < rounds && this.bound > goal; i++) this.round(value, goal)
    return this.bound <= goal
  }

  /** Goes on from where the prices stood with more rods; what could matter there in nothing better than the goal cannot here. */
  goOnFrom(wider: Relaxed): this {
    const { at, price, on } = this
    price.set(wider.price.subarray(0, on.all.catches.weights.length))
    const known = new Map(wider.on.dresses.map((dress, d) => [dress.things, d]))
    on.dresses.forEach(({ things }, d) => {
      for (let n = 0; n < things.length - 1; n++)
        price[at.need[d]! + n] = wider.price[wider.at.need[known.get(things)!]! + n]!
    })
    on.rods.forEach((rod, r) => (price[at.rod + r] = wider.price[wider.at.rod + wider.on.rods.indexOf(rod)]!))
    price.set(wider.price.subarray(wider.at.wish), at.wish)
    const kept = new Set(wider.wardrobes.map(w => w.lure))
    this.wardrobes = this.wardrobes.filter(w => kept.has(w.lure))
    this.floor = wider.floor
    return this
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

    const worth = new Float64Array(things * hangs)
    const chosen = this.wardrobes.map(({ lure, choices }) => {
      // Where nothing has to be paid, all is chosen.
      const free = choices.at(-1)!.dresses.every(d => this.paid(d) === 0)
      return Array.from({ length: hangs }, (_, hang) => {
        let [best, of]: [number, Choice | null] = [0, null]
        for (const choice of free ? choices.slice(-1) : choices) {
          const over = this.overPrice(choice, hang)
          if (over > best) [best, of] = [over, choice]
        }
        worth[lure * hangs + hang]! += best
        return of
      })
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

  /** What a choice catches beyond the prices of the days, less what it pays to what it needs. */
  private overPrice({ dresses, caught }: Choice, hang: number): number {
    const { price } = this
    let sum = 0
    for (const { from, caught: own } of caught[hang]!)
      for (let k = 0; k < own.length; k++) {
        const more = own[k]! - price[from + k]!
        if (more > 0) sum += more
      }
    for (const d of dresses) sum -= this.paid(d)
    return sum
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
      for (const { from, caught } of choice.caught[hanging[lure]!]!)
        for (let k = 0; k < caught.length; k++) if (caught[k]! > price[from + k]!) used[from + k]! += 1
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

/** Every choice of some, but not of none. */
function subsetsOf<T>(list: readonly T[]): readonly (readonly T[])[] {
  return Array.from({ length: 2 ** list.length - 1 }, (_, mask) => list.filter((_, i) => ((mask + 1) >> i) & 1))
}

function bestOf(dresses: readonly Dress[], rod: number, weights: Float64Array): readonly Stretch[] {
  const found = new Map<number, Float32Array>()
  for (const { parts } of dresses)
    for (const { from, tied, ready } of parts) {
      const best = found.get(from) ?? new Float32Array(tied.length)
      found.set(from, best)
      const own = ready[rod]
      for (let k = 0; k < best.length; k++)
        best[k] = Math.max(best[k]!, weights[from + k]! * Math.max(tied[k]!, own ? own[k]! : 0))
    }
  return [...found].map(([from, caught]) => ({ from, caught }))
}
