import { FISH_CARE, UNWANTED } from '#core/knowledge'
import { type SetupTraits, type Trait, TRAITS } from '#core/lure'
import { fishIn, meantIt, type Offer, type Tried } from './tally'

/** One wanted value of one trait. */
export interface Term {
  readonly trait: Trait
  readonly value: string | number
}

/** What the fish may care about today: nothing, one value of one trait, or one value of each of two. */
export interface Hypothesis {
  readonly wants: readonly Term[]
  /** Share of the belief; all add up to 1. */
  readonly share: number
}

/** What is believed now: how likely each wish is together with each full rate. */
export interface Belief {
  readonly wishes: readonly Hypothesis[]
  /** Share of wish `h` with rate `r` at `h · RATES.length + r`; all add up to 1. */
  readonly joint: Float64Array
}

/** Size and depth are the wishes that anglers forget (handbook §15): how likely each trait is to be the one. Assumed. */
const FORGOTTEN: Readonly<Record<Trait, number>> = { size: 2.3, depth: 1.4, colour: 1, speed: 0.9, action: 1.1 }

/** Contacts a minute that a lure draws which is all they want, on days from poor to very good; `share`: how likely each is before anything is seen. Assumed: about three an hour, uncertain. */
const RATES = [0.4, 0.8, 1.4, 2.2, 3.3, 5, 8, 13].map(perHour => perHour / 60)
const RATE_SHARES = normalised([0.06, 0.12, 0.19, 0.22, 0.19, 0.12, 0.07, 0.03])
/** Chance in a minute that what they want turns [1/min]. Assumed: in eight hours it turns every other day. */
const TURNS_PER_MIN = 0.7 / 480
/** Chance that it turns where light or tide turn. Assumed. */
const TURNS_AT_TURN = 0.4
/** For so long after a bite others of the same school bite whatever is on [min], at so many a minute. Assumed: bites come in bunches. */
const BUNCH = { minutes: 4, perMin: 0.06 } as const
/** No step of the filter is longer, so that a wish may turn within a long stretch [min]. */
const STEP_MIN = 10

/** Rate left by so many unwanted traits. */
const LEFT = [1, UNWANTED, UNWANTED * UNWANTED] as const
const R = RATES.length

function unwantedIn(wants: readonly Term[], traits: SetupTraits): number {
  let count = 0
  for (const { trait, value } of wants) if (traits[trait] !== value) count++
  return count
}

/** How strongly each trait is called to change, ln of the odds; negative: to stay as it is. */
export type Lean = Readonly<Record<Trait, number>>
export interface Hints {
  /** When light or tide turned, minutes since the day began. */
  readonly turnsAtMin?: readonly number[]
  /** What the signs of a stretch call for. */
  readonly lean?: (stretch: Tried) => Lean
}

/**
 * What is believed after what was tried: a filter over wishes × full rates, step by step through the day. Contacts are Poisson at rate × match, a bite lifting the next minutes whatever is on;
 * the wish may turn at any minute, and more likely where light or tide turn (`turnsAtMin`, minutes since the day began); the rate stays when it turns.
 * What the signs of a stretch say of its traits is weighed in at its end.
 *
 * Source: hidden Markov filter (Baum–Welch forward pass, from memory); the wishes, their priors and the figures are assumed.
 */
export function beliefOf(
  offers: readonly Offer[],
  tried: readonly Tried[],
  { turnsAtMin = [], lean }: Hints = {},
): Belief {
  const { wishes, prior, unwantedOf } = modelOf(offers)
  const joint = new Float64Array(wishes.length * R)
  prior.forEach((share, h) => RATE_SHARES.forEach((rateShare, r) => (joint[h * R + r] = share * rateShare)))
  let clock = tried[0]?.beganMin ?? 0
  let lastBite = -Infinity
  for (const stretch of tried) {
    turn(joint, prior, chanceOfTurn(clock, stretch.beganMin, turnsAtMin))
    const unwanted = unwantedOf(stretch.traits)
    const end = stretch.beganMin + stretch.minutes
    const bites = fishIn(stretch.events)
      .map(fish => ({ at: Math.min(end, Math.max(stretch.beganMin, fish.at ?? end)), meant: meantIt(fish) }))
      .sort((a, b) => a.at - b.at)
    clock = stretch.beganMin
    for (let i = 0; clock < end || i < bites.length;) {
      const bite = bites[i]
      const to = Math.min(end, clock + STEP_MIN, bite?.at ?? Infinity)
      turn(joint, prior, chanceOfTurn(clock, to, turnsAtMin))
      const isBite = bite !== undefined && bite.at <= to
      weigh(joint, unwanted, to - clock, isBite ? { meant: bite.meant, inBunch: to - lastBite <= BUNCH.minutes } : null)
      clock = to
      if (isBite) {
        lastBite = clock
        i++
      }
    }
    if (lean) leanOn(joint, wishes, stretch.traits, lean(stretch))
    normalise(joint)
  }
  return { joint, wishes: wishes.map(({ wants }, h) => ({ wants, share: sumOf(joint, h * R, R) })) }
}

function chanceOfTurn(from: number, to: number, turnsAtMin: readonly number[]): number {
  const stays =
    (1 - TURNS_PER_MIN) ** (to - from) * (1 - TURNS_AT_TURN) ** turnsAtMin.filter(at => at > from && at <= to).length
  return 1 - stays
}

/** The wish may have turned: that share of every rate is drawn anew from the prior of the wishes. */
function turn(joint: Float64Array, prior: Float64Array, chance: number): void {
  if (chance <= 0) return
  const ofRate = new Float64Array(R)
  for (let i = 0; i < joint.length; i++) ofRate[i % R]! += joint[i]! * chance
  for (let i = 0, h = 0; h < prior.length; h++)
    for (let r = 0; r < R; r++, i++) joint[i] = (1 - chance) * joint[i]! + prior[h]! * ofRate[r]!
}

/** So many minutes without a bite, then one or none: at the rate itself, or of a bunch. A fish that only pecked or followed tells that fish are there, and less of the wish. */
function weigh(
  joint: Float64Array,
  unwanted: Uint8Array,
  minutes: number,
  bite: { readonly meant: number; readonly inBunch: boolean } | null,
): void {
  const factors = LEFT.map(share =>
    RATES.map(
      rate =>
        Math.exp(-rate * share * minutes) * (bite ? rate * share ** bite.meant + (bite.inBunch ? BUNCH.perMin : 0) : 1),
    ),
  )
  for (let i = 0, h = 0; h < unwanted.length; h++) {
    const of = factors[unwanted[h]!]!
    for (let r = 0; r < R; r++, i++) joint[i]! *= of[r]!
  }
}

/** What calls for another value of a trait speaks for the wishes that want one. */
function leanOn(joint: Float64Array, wishes: readonly Wish[], traits: SetupTraits, lean: Lean): void {
  if (TRAITS.every(trait => lean[trait] === 0)) return
  wishes.forEach(({ wants }, h) => {
    const push = wants.reduce((sum, { trait, value }) => sum + (traits[trait] === value ? 0 : lean[trait]), 0)
    for (let r = 0; r < R; r++) joint[h * R + r]! *= Math.exp(push)
  })
}

function normalise(joint: Float64Array): void {
  const sum = sumOf(joint, 0, joint.length)
  for (let i = 0; i < joint.length; i++) joint[i]! /= sum
}

function sumOf(values: Float64Array, from: number, count: number): number {
  let sum = 0
  for (let i = from; i < from + count; i++) sum += values[i]!
  return sum
}

function normalised(shares: readonly number[]): readonly number[] {
  const sum = shares.reduce((a, b) => a + b, 0)
  return shares.map(s => s / sum)
}

type Wish = Pick<Hypothesis, 'wants'>
interface Model {
  readonly wishes: readonly Wish[]
  readonly prior: Float64Array
  readonly unwantedOf: (traits: SetupTraits) => Uint8Array
}
const models = new WeakMap<readonly Offer[], Model>()

/** The wishes that these offers can tell apart, and what each set-up leaves of them unfilled; worked out once for a list of offers. */
function modelOf(offers: readonly Offer[]): Model {
  const known = models.get(offers)
  if (known) return known
  const weighed = wishesFor(offers)
  const rows = new Map<string, Uint8Array>()
  const unwantedOf = (traits: SetupTraits) => {
    const key = TRAITS.map(trait => traits[trait]).join('|')
    const row = rows.get(key) ?? Uint8Array.from(weighed, ({ wants }) => unwantedIn(wants, traits))
    rows.set(key, row)
    return row
  }
  const model = { wishes: weighed, prior: Float64Array.from(weighed, w => w.prior), unwantedOf }
  models.set(offers, model)
  return model
}

/** Every wish that the box can tell apart, with its prior share; all add up to 1. */
function wishesFor(offers: readonly Offer[]): readonly (Wish & { readonly prior: number })[] {
  const values = new Map<Trait, (string | number)[]>(
    TRAITS.map(trait => [trait, [...new Set(offers.map(o => o.traits[trait]))]]),
  )
  const choosable = TRAITS.filter(trait => values.get(trait)!.length > 1)
  const terms = choosable.map(trait => values.get(trait)!.map(value => ({ trait, value })))
  const singles = terms.flatMap(list =>
    list.map(term => ({ wants: [term], prior: FORGOTTEN[term.trait] / list.length })),
  )
  const pairs = terms.flatMap((list, i) =>
    terms
      .slice(i + 1)
      .flatMap(others =>
        list.flatMap(a =>
          others.map(b => ({
            wants: [a, b],
            prior: (FORGOTTEN[a.trait] * FORGOTTEN[b.trait]) / (list.length * others.length),
          })),
        ),
      ),
  )
  const scaled = (list: typeof singles, total: number) => {
    const sum = list.reduce((s, h) => s + h.prior, 0)
    return list.map(h => ({ wants: h.wants, prior: (total * h.prior) / (sum || 1) }))
  }
  return [{ wants: [], prior: FISH_CARE.nothing }, ...scaled(singles, FISH_CARE.one), ...scaled(pairs, FISH_CARE.two)]
}

/**
 * Contacts a minute that a set-up would draw, supposing that something matters: where nothing does, all are as good, and only the minutes of re-tying are lost by trying.
 */
export function promiseOf(offers: readonly Offer[], { joint }: Belief): (setup: Pick<Offer, 'traits'>) => number {
  const { wishes, unwantedOf } = modelOf(offers)
  const perMin = Float64Array.from(wishes, ({ wants }, h) =>
    wants.length === 0 ? 0 : RATES.reduce((sum, rate, r) => sum + rate * joint[h * R + r]!, 0),
  )
  return ({ traits }) => unwantedOf(traits).reduce((sum, unwanted, h) => sum + perMin[h]! * LEFT[unwanted]!, 0)
}

/** How likely it is that each trait matters at all today. */
export function matters({ wishes }: Belief): Readonly<Record<Trait, number>> {
  const shares = Object.fromEntries(TRAITS.map(trait => [trait, 0])) as Record<Trait, number>
  for (const { wants, share } of wishes) for (const { trait } of wants) shares[trait] += share
  return shares
}
