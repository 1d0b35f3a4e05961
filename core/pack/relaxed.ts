import { apart, sumOf } from './caught'
import { slotsOf } from './limits'
import type { OnRods } from './on-rods'
import { WISH_WORTH } from './problem'
import { type Choice, Wardrobe } from './wardrobe'

/** How far each kind of price moves against the others. Assumed: about the squares of their sizes, days for one. */
const MOVES = { day: 0.05, wish: 0.05, slots: 1e-2, grams: 1e-6, else: 1 }
/** Of the way that the prices went last, what they go on with (Camerini, Fratta & Maffioli 1975). Assumed. */
const ONWARD = 0.6
/** A step is made shorter by this when so many rounds have brought less than the least share. Assumed. */
const SHORTER = { by: 0.7, after: 6, least: 1e-4 }
/** How far the last round counts in how often a lure was chosen. Assumed. */
const NEWEST = 0.1
/** A lure that is chosen nearly always or hardly ever is no open question: its share lies so far from a half. Assumed. */
const UNDECIDED = 0.49
/** Lures that cannot matter are looked for after so many rounds. Assumed. */
const SIFTED_AFTER = 10

/** What a thing brings beyond all prices, at its best. */
interface Offer {
  readonly thing: number
  readonly brings: number
  /** 0: tied on or not at all; else hanging ready on the rod before this number. */
  readonly hang: number
  /** What is chosen of each of its wardrobes. */
  readonly choices: readonly (Choice | null)[]
  /** Otherwise it brings no more than this. */
  readonly isSure: boolean
}

/** Lures that are settled, by number: these go, and those stay at home. */
export interface Settled {
  readonly go: readonly number[]
  readonly stay: readonly number[]
}
const NOTHING_SETTLED: Settled = { go: [], stay: [] }

/**
 * More than any pack on some rods can be worth: Lagrange's relaxation. That a day is caught once, that a lure's trailer is along, that one lure hangs on a rod and that all keep
 * to the limits is not asked but priced; then each lure stands for itself. Prices are moved against what is broken (Held, Wolfe & Crowder 1974, after Fisher 1981), and any prices give a bound.
 */
export class Relaxed {
  /** No pack on these rods is worth more, or more than what was sought below. */
  bound = Infinity
  /** By thing. */
  private readonly wardrobes: (readonly Wardrobe[])[]
  /** Prices by place: days, needs, rods, any rod, wishes, slots, grams. */
  private readonly price: Float64Array
  /** Of the days alone: the first of all prices. */
  private readonly dayPrices: Float64Array
  /** What these come to together. */
  private daysAsk = 0
  private readonly move: Float64Array
  private readonly most: Float64Array
  /** What there is of each. */
  private readonly given: Float64Array
  private readonly way: Float64Array
  /** As last asked of a choice. */
  private readonly over: Float64Array
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
  private readonly mustGo: readonly number[]
  private readonly stays: ReadonlySet<number>
  /** How often each thing was chosen of late, 0..1. */
  private readonly chosen: Float64Array

  /**
   * `byDay`: what a good pack catches, times how likely the days are, for prices to begin with.
   * `wider`: the same with more rods or fewer lures settled, to go on from where its prices stand; what could matter there in nothing better than the goal cannot here.
   */
  constructor(
    private readonly on: OnRods,
    mostRods: number,
    byDay: Float64Array,
    wider: Relaxed | null = null,
    { go, stay }: Settled = NOTHING_SETTLED,
  ) {
    const { days } = on.all
    this.mustGo = [...new Set([...on.all.mustGo, ...go])]
    this.stays = new Set(stay)
    this.chosen = new Float64Array(on.all.problem.items.length)
    const { limits, wishes, items } = on.all.problem
    const needs = on.dresses.map(d => d.things.length - 1)
    let end = days
    const need = Int32Array.from(needs, n => (end += n) - n)
    const [rod, rods, wish] = [end, end + on.rods.length, end + on.rods.length + 1]
    const [slots, grams] = [wish + wishes.length, wish + wishes.length + 1]
    this.at = { need, rod, rods, wish, slots, grams }
    const size = grams + 1
    this.price = new Float64Array(size)
    this.dayPrices = this.price.subarray(0, days)
    this.way = new Float64Array(size)
    this.over = new Float64Array(on.rods.length + 1)
    this.most = new Float64Array(size).fill(Infinity)
    this.move = new Float64Array(size).fill(MOVES.else)
    this.given = new Float64Array(size)
    this.price.set(byDay)
    this.move.fill(MOVES.day, 0, days)
    this.given.fill(1, 0, days)
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
    this.wardrobes = on.byLure.map((dresses, lure) =>
      wider?.wardrobes[lure]!.length === 0 || this.stays.has(lure) ? [] : Wardrobe.of(dresses, place, on.rods.length),
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
    price.set(wider.dayPrices)
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

  /** The lure of which the rounds agree least whether it goes; `null`: they agree of all. */
  get mostOpen(): number | null {
    let most: number | null = null
    let least = UNDECIDED
    for (const [i, share] of this.chosen.entries()) {
      const apart = Math.abs(share - 0.5)
      if (this.on.all.isLure[i] !== 1 || this.mustGo.includes(i) || this.stays.has(i) || apart >= least) continue
      ;[most, least] = [i, apart]
    }
    return most
  }

  private round(value: number, goal: number): void {
    const { on, price, given, way, move, mustGo } = this
    const { problem, isLure } = on.all

    this.daysAsk = sumOf(this.dayPrices)
    const own = this.broughtByItself()
    const offers = this.wardrobes.map((_, i) => this.offer(i, own[i]!, 'atMost'))
    const must = mustGo.map(i => this.offer(i, own[i]!, 'really'))
    const room = problem.limits.lures - must.filter(o => isLure[o.thing] === 1).length
    const open = offers.filter(o => !mustGo.includes(o.thing) && !this.stays.has(o.thing))
    const lures = open.filter(o => isLure[o.thing] === 1)
    const first = this.mostBringing(lures, Math.max(0, room), own)
    const things = open.filter(o => isLure[o.thing] === 0)
    const taken = [...must, ...first, ...this.mostBringing(things, things.length, own)]

    let total = WISH_WORTH * this.wishers.length
    for (let p = 0; p < price.length; p++) total += price[p]! * given[p]!
    for (const { brings } of taken) total += brings
    this.dull = total < this.bound * (1 - SHORTER.least) ? 0 : this.dull + 1
    this.bound = Math.max(this.floor, Math.min(this.bound, total))
    if (this.dull > SHORTER.after) [this.length, this.dull] = [this.length * SHORTER.by, 0]

    for (let i = 0; i < this.chosen.length; i++) this.chosen[i]! *= 1 - NEWEST
    for (const { thing } of taken) this.chosen[thing]! += NEWEST
    const used = this.usedBy(taken)
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
      const last = first.length === room && room > 0 ? first.at(-1)!.brings : 0
      const along = new Set(taken.map(o => o.thing))
      for (const { thing, brings } of offers)
        if (!along.has(thing) && total - last + brings <= goal) this.wardrobes[thing] = []
      this.floor = goal
    }
  }

  /** What each thing brings beyond its own price, before it catches anything. */
  private broughtByItself(): Float64Array {
    const { on, price, at } = this
    const { slots, grams } = on.all
    const brings = slots.map((n, i) => -price[at.slots]! * n - price[at.grams]! * grams[i]!)
    on.dresses.forEach(({ things }, d) => {
      for (let n = 1; n < things.length; n++) brings[things[n]!]! += price[at.need[d]! + n - 1]!
    })
    this.wishers.forEach((lures, w) => lures.forEach(i => (brings[i]! += price[at.wish + w]!)))
    return brings
  }

  /** What a thing brings at its best; `atMost`: with everything on that it can wear, as if that cost nothing. */
  private offer(thing: number, own: number, how: 'atMost' | 'really'): Offer {
    const { price, at, over } = this
    const wardrobes = this.wardrobes[thing]!
    const hangs = over.length
    const worth = new Float64Array(hangs)
    const chosen: (Choice | null)[] = []
    let isSure = true
    for (const wardrobe of wardrobes) {
      const best = new Float64Array(hangs)
      const of = new Array<Choice | null>(hangs).fill(null)
      // Where nothing has to be paid, all is chosen.
      const isFree = wardrobe.whole.dresses.every(d => this.paid(d) === 0)
      isSure &&= isFree || how === 'really'
      for (const choice of isFree || how === 'atMost' ? [wardrobe.whole] : wardrobe.choices) {
        this.overPrices(choice, how === 'really')
        for (let hang = 0; hang < hangs; hang++)
          if (over[hang]! > best[hang]!) [best[hang], of[hang]] = [over[hang]!, choice]
      }
      for (let hang = 0; hang < hangs; hang++) worth[hang]! += best[hang]!
      chosen.push(...of)
    }
    let [brings, hang] = [worth[0]!, 0]
    for (let rod = 0; rod < hangs - 1; rod++) {
      const ready = worth[rod + 1]! - price[at.rod + rod]! - price[at.rods]!
      if (ready > brings) [brings, hang] = [ready, rod + 1]
    }
    return { thing, brings: brings + own, hang, choices: wardrobes.map((_, w) => chosen[w * hangs + hang]!), isSure }
  }

  /** As many as there is room for of those that bring anything, the most first. Only of what may be among them is worked out what it really brings. */
  private mostBringing(offers: readonly Offer[], room: number, own: Float64Array): readonly Offer[] {
    const byMost = offers.filter(o => o.brings > 0).sort((a, b) => b.brings - a.brings)
    for (let i = 0; i < Math.min(room, byMost.length);) {
      const { thing, isSure } = byMost[i]!
      if (isSure) {
        i++
        continue
      }
      byMost.splice(i, 1)
      const sure = this.offer(thing, own[thing]!, 'really')
      const behind = byMost.findIndex((o, place) => place >= i && o.brings < sure.brings)
      if (sure.brings > 0) byMost.splice(behind < 0 ? byMost.length : behind, 0, sure)
    }
    return byMost.slice(0, room)
  }

  /** What a choice catches beyond the prices of the days, less what it pays to what it needs if it has to; tied on, and hanging ready on each rod. */
  private overPrices({ dresses, caught, totals, of }: Choice, pays: boolean): void {
    const { dayPrices, daysAsk, over } = this
    let paid = 0
    if (pays) for (const d of dresses) paid += this.paid(d)
    // Of what lies above the prices and what lies below, the difference is known without looking: it is that of the totals. So how far they lie apart is enough.
    const sums = caught.map((own, i) => (apart(own, dayPrices) + totals[i]! - daysAsk) / 2 - paid)
    for (let hang = 0; hang < over.length; hang++) over[hang] = sums[of[hang]!]!
  }

  /** What a dress pays to all that it needs. */
  private paid(dress: number): number {
    const { price, at, on } = this
    let sum = 0
    for (let n = 1; n < on.dresses[dress]!.things.length; n++) sum += price[at.need[dress]! + n - 1]!
    return sum
  }

  /** What is used up of all that has a price. */
  private usedBy(taken: readonly Offer[]): Float64Array {
    const { at, price, on } = this
    const { slots, grams } = on.all
    const used = new Float64Array(price.length)
    const isTaken = new Uint8Array(slots.length)
    for (const { thing, hang, choices } of taken) {
      isTaken[thing] = 1
      used[at.slots]! += slots[thing]!
      used[at.grams]! += grams[thing]!
      if (hang > 0) {
        used[at.rod + hang - 1]! += 1
        used[at.rods]! += 1
      }
      for (const choice of choices) {
        if (!choice) continue
        for (const d of choice.dresses)
          for (let n = 1; n < on.dresses[d]!.things.length; n++) used[at.need[d]! + n - 1]! += 1
        const own = choice.caught[choice.of[hang]!]!
        for (let d = 0; d < own.length; d++) if (own[d]! > price[d]!) used[d]! += 1
      }
    }
    on.dresses.forEach(({ things }, d) => {
      for (let n = 1; n < things.length; n++) used[at.need[d]! + n - 1]! -= isTaken[things[n]!]!
    })
    this.wishers.forEach((lures, w) => lures.forEach(i => (used[at.wish + w]! -= isTaken[i]!)))
    return used
  }
}
