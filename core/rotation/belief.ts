// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'
import { FISH_CARE, UNWANTED } from '#core/knowledge'
import { type SetupTraits, type Trait, TRAITS } from '#core/lure'
import { contactsOf, type Offer, type Tried } from './tally'

/** One wanted value of one trait. */
export interface Term { readonly trait: Trait, readonly value: string | number }

/** What the fish may care about today: nothing, one value of one trait, or one value of each of two. */
export interface Hypothesis {
  readonly wants: readonly Term[]
  /** Share of the belief; all add up to 1. */
  readonly share: number
}

/** Size and depth are the wishes that anglers forget (trade §15): how likely each trait is to be the one. Assumed. */
const FORGOTTEN: Readonly<Record<Trait, number>> = { size: 2.3, depth: 1.4, colour: 1, speed: 0.9, action: 1.1 }
/** Gamma prior of the full contact rate: a shape and minutes that stand for "two in fifty minutes when all is right, uncertain". Assumed. */
const RATE = { shape: 2, minutes: 50 }
/** How likely it is, before anything is seen, that what they want turns within the day. Assumed: light, tide or a hatch turn it on every second or third day. */
const TURNS = 0.35

/** Rate left by so many unwanted traits. */
const LEFT = [1, UNWANTED, UNWANTED * UNWANTED] as const

function unwantedIn(wants: readonly Term[], traits: SetupTraits): number {
  let count = 0
  for (const { trait, value } of wants) if (traits[trait] !== value) count++
  return count
}

/** How far an offer is what a hypothesis wants: 1 in full, less by each unwanted trait. */
export function matchOf({ wants }: Pick<Hypothesis, 'wants'>, traits: SetupTraits): number {
  return LEFT[unwantedIn(wants, traits)]!
}

/**
 * Belief about what the fish want now, after what was tried: Poisson contacts at rate λ × match, λ with a Gamma prior and integrated out, so that
 * a hypothesis with contacts n and minutes E has likelihood ∝ Π matchᵢ^nᵢ · (b + E)^−(a + n). The wish may have turned once between two stretches;
 * every such moment is weighed by how well it explains the day, and what was tried before it then says nothing of now.
 *
 * Source: Gamma–Poisson conjugacy; a single change point as in Adams & MacKay 2007 (from memory). The hypotheses and their priors are assumed.
 */
export function beliefOf(offers: readonly Offer[], tried: readonly Tried[]): readonly Hypothesis[] {
  const hypotheses = hypothesesFor(offers)
  const stretches = tried.map(({ traits, minutes, events }) => ({ traits, minutes, contacts: contactsOf(events) }))
  // Sums from the first stretch on, by hypothesis: minutes at full rate, and unwanted traits over contacts.
  const sums = hypotheses.map(({ wants }) => {
    const exposure = [0]
    const unwanted = [0]
    for (const { traits, minutes, contacts } of stretches) {
      const count = unwantedIn(wants, traits)
      exposure.push(exposure[exposure.length - 1]! + minutes * LEFT[count]!)
      unwanted.push(unwanted[unwanted.length - 1]! + contacts * count)
    }
    return { exposure, unwanted }
  })
  const contacts = [0]
  for (const stretch of stretches) contacts.push(contacts[contacts.length - 1]! + stretch.contacts)

  /** Log of prior × likelihood of each hypothesis for the stretches from `from` to `to`. */
  const logs = (from: number, to: number) => hypotheses.map(({ log }, h) => {
    const { exposure, unwanted } = sums[h]!
    const n = contacts[to]! - contacts[from]!
    return log + (unwanted[to]! - unwanted[from]!) * Math.log(UNWANTED) + logRateMarginal(n, exposure[to]! - exposure[from]!)
  })
  const end = stretches.length
  const moments = Array.from({ length: end }, (_, k) => k)
  const explained = moments.map((k) => {
    const now = logs(k, end)
    const prior = k === 0 ? 1 - TURNS : TURNS / Math.max(1, end - 1)
    return { now, log: Math.log(prior) + (k === 0 ? 0 : logSum(logs(0, k))) + logSum(now) }
  })
  if (explained.length === 0) explained.push({ now: logs(0, 0), log: 0 })
  const whole = logSum(explained.map(e => e.log))
  const shares = hypotheses.map(() => 0)
  for (const { now, log } of explained) {
    const weight = Math.exp(log - whole)
    const total = logSum(now)
    now.forEach((value, h) => {
      shares[h]! += weight * Math.exp(value - total)
    })
  }
  return hypotheses.map(({ wants }, h) => ({ wants, share: shares[h]! }))
}

/** Log of the chance of n contacts in so many minutes at full rate, the rate integrated over its prior; parts that all hypotheses share are left in, so that spans of different length compare. */
function logRateMarginal(n: number, minutes: number): number {
  return RATE.shape * Math.log(RATE.minutes) - (RATE.shape + n) * Math.log(RATE.minutes + minutes) + jStat.gammaln(RATE.shape + n)
}

function logSum(values: readonly number[]): number {
  const top = Math.max(...values)
  return top + Math.log(values.reduce((sum, v) => sum + Math.exp(v - top), 0))
}

interface Weighed { readonly wants: readonly Term[], readonly log: number }

/** Every hypothesis that the box can tell apart, with the log of its prior share. */
function hypothesesFor(offers: readonly Offer[]): readonly Weighed[] {
  const values = new Map<Trait, (string | number)[]>(TRAITS.map(trait => [trait, [...new Set(offers.map(o => o.traits[trait]))]]))
  const choosable = TRAITS.filter(trait => values.get(trait)!.length > 1)
  const terms = choosable.map(trait => values.get(trait)!.map(value => ({ trait, value })))
  const singles = terms.flatMap(list => list.map(term => ({ wants: [term], prior: FORGOTTEN[term.trait] / list.length })))
  const pairs = terms.flatMap((list, i) => terms.slice(i + 1).flatMap(others => list.flatMap(a => others.map(b => ({ wants: [a, b], prior: (FORGOTTEN[a.trait] * FORGOTTEN[b.trait]) / (list.length * others.length) })))))
  const scaled = (list: readonly { wants: readonly Term[], prior: number }[], total: number): Weighed[] => {
    const sum = list.reduce((s, h) => s + h.prior, 0)
    return list.map(h => ({ wants: h.wants, log: Math.log((total * h.prior) / (sum || 1)) }))
  }
  return [{ wants: [], log: Math.log(FISH_CARE.nothing) }, ...scaled(singles, FISH_CARE.one), ...scaled(pairs, FISH_CARE.two)]
}

/**
 * Contact rate expected of an offer against the best any could have, 0..1, supposing that something matters: where nothing does, all offers are as good,
 * and only the minutes of re-tying are lost by trying.
 */
export function promiseOf(offer: Pick<Offer, 'traits'>, belief: readonly Hypothesis[]): number {
  let [sum, share] = [0, 0]
  for (const h of belief) {
    if (h.wants.length === 0) continue
    sum += h.share * matchOf(h, offer.traits)
    share += h.share
  }
  return share > 0 ? sum / share : 1
}

/** How likely it is that each trait matters at all today. */
export function matters(belief: readonly Hypothesis[]): Readonly<Record<Trait, number>> {
  const shares = Object.fromEntries(TRAITS.map(trait => [trait, 0])) as Record<Trait, number>
  for (const { wants, share } of belief) for (const { trait } of wants) shares[trait] += share
  return shares
}
