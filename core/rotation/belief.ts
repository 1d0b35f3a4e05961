import { type SetupTraits, type Trait, TRAITS } from '#core/match'
import { contactsOf, type Offer, type Tried } from './tally'

/** One wanted value of one trait. */
export interface Term { readonly trait: Trait, readonly value: string | number }

/** What the fish may care about today: nothing, one value of one trait, or one value of each of two. */
export interface Hypothesis {
  readonly wants: readonly Term[]
  /** Share of the belief; all add up to 1. */
  readonly share: number
}

/**
 * Prior shares and strengths, all assumed: nothing matters 0.25, one thing 0.55, two things 0.2. Size and depth are the ones that anglers forget (trade §15).
 * What is not wanted is met at `UNWANTED` of the full rate.
 */
const PRIOR = { nothing: 0.25, one: 0.55, two: 0.2 }
const FORGOTTEN: Readonly<Record<Trait, number>> = { size: 2.3, depth: 1.4, colour: 1, speed: 0.9, action: 1.1 }
const UNWANTED = 0.3
/** Gamma prior of the full contact rate: a shape and minutes that stand for "two in fifty minutes when all is right, uncertain". Assumed. */
const RATE = { shape: 2, minutes: 50 }
/** Evidence of the morning counts half after so long [min]: preferences turn in a day. Assumed. */
const HALF_LIFE_MIN = 110

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
 * Belief about what the fish want, after what was tried: Poisson contacts at rate λ × match, λ with a Gamma prior and integrated out, so that
 * a hypothesis with contacts n and weighted minutes E has likelihood ∝ Π matchᵢ^nᵢ · (b + E)^−(a + n).
 *
 * Source: Gamma–Poisson conjugacy; the hypotheses and their priors are assumed.
 */
export function beliefOf(offers: readonly Offer[], tried: readonly Tried[], nowMin: number): readonly Hypothesis[] {
  const values = new Map<Trait, (string | number)[]>(TRAITS.map(trait => [trait, [...new Set(offers.map(o => o.traits[trait]))]]))
  const choosable = TRAITS.filter(trait => values.get(trait)!.length > 1)
  const terms = choosable.map(trait => values.get(trait)!.map(value => ({ trait, value })))
  const singles = terms.flatMap(list => list.map(term => ({ wants: [term], prior: FORGOTTEN[term.trait] / list.length })))
  const pairs = terms.flatMap((list, i) => terms.slice(i + 1).flatMap(others => list.flatMap(a => others.map(b => ({ wants: [a, b], prior: (FORGOTTEN[a.trait] * FORGOTTEN[b.trait]) / (list.length * others.length) })))))
  const scaled = (list: readonly { wants: readonly Term[], prior: number }[], total: number) => {
    const sum = list.reduce((s, h) => s + h.prior, 0)
    return list.map(h => ({ wants: h.wants, log: Math.log((total * h.prior) / (sum || 1)) }))
  }
  const weighted = tried.map(t => ({ traits: t.traits, weight: 0.5 ** (Math.max(0, nowMin - t.beganMin - t.minutes) / HALF_LIFE_MIN), contacts: contactsOf(t.events), minutes: t.minutes }))
  const n = weighted.reduce((sum, t) => sum + t.weight * t.contacts, 0)
  const all = [{ wants: [] as readonly Term[], log: Math.log(PRIOR.nothing) }, ...scaled(singles, PRIOR.one), ...scaled(pairs, PRIOR.two)].map(({ wants, log }) => {
    let exposure = 0
    let unwanted = 0
    for (const t of weighted) {
      const count = unwantedIn(wants, t.traits)
      exposure += t.weight * t.minutes * LEFT[count]!
      unwanted += t.weight * t.contacts * count
    }
    return { wants, log: log + unwanted * Math.log(UNWANTED) - (RATE.shape + n) * Math.log(RATE.minutes + exposure) }
  })
  const top = Math.max(...all.map(h => h.log))
  const sum = all.reduce((s, h) => s + Math.exp(h.log - top), 0)
  return all.map(({ wants, log }) => ({ wants, share: Math.exp(log - top) / sum }))
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
