import { differingTraits, type Trait, TRAITS } from '#core/lure'
import type { Family } from '#core/terms'
import { beliefOf, type Hypothesis, matchOf, matters, promiseOf } from './belief'
import { readSigns, type SignRead } from './signs'
import { contactsOf, fellSilent, type Offer, sinceContact, type Tried } from './tally'

/** Why something is advised; worded by the screen from its id and figures. */
export interface AdviceReason { readonly rule: 'area' | 'thin' | 'works' | 'untried' | 'review' | 'conditioned' | 'clean-up' | 'belief' | 'nothing-left' | 'two-changes' | 'place', readonly values: Readonly<Record<string, number | string>> }

export interface NextChange {
  readonly do: 'stay' | 'change'
  /** What is changed; empty when staying. */
  readonly traits: readonly Trait[]
  readonly offer: Offer | null
  readonly reasons: readonly AdviceReason[]
  readonly signs: readonly SignRead[]
  /** Why another place is worth as much as another lure; `null`: stay here. */
  readonly place: AdviceReason | null
}

export interface Today {
  readonly offers: readonly Offer[]
  /** Everything fished today, oldest first; the last is what is fished now. */
  readonly tried: readonly Tried[]
  readonly nowMin: number
  readonly family: Family
  /** More than one thing may change at once. */
  readonly several?: boolean
}

/** Minutes to stay after a bite (trade §15: 5 to 10). */
const AREA_MIN = 5
/** Shorter stretches have shown nothing [min]. Assumed: ten minutes without a touch begins to say something. */
const LEAST_MIN = 9
/** At the latest after so long without a contact everything is looked at again [min] (trade §15: two hours). */
const REVIEW_MIN = 120
/** A stretch that gives at least this share of the best rate is kept. Assumed. */
const KEEP_FROM = 0.7
/** An offer fished so long without a contact is refuted [min]; it comes back only when the day has turned. Assumed. */
const REFUTED_MIN = 9
const FORGIVEN_MIN = 200
/** A change must promise this much more than staying. Assumed: what re-tying costs. */
const WORTH = 1.0

/**
 * What to change next, or to stay. The belief about what the fish want is sampled with the given randomness: so likely explanations are tried first and unlikely ones
 * are not forgotten (Thompson 1933). At most one trait changes unless `several` is set or nothing in the box differs in one only.
 */
export function nextChange({ offers, tried, nowMin, family, several = false }: Today, random: () => number): NextChange {
  const now = tried[tried.length - 1]
  const signs = now ? readSigns(now, { family, species: null, fishedM: null }) : []
  const quiet = now ? sinceContact(tried, nowMin) ?? nowMin - tried[0]!.beganMin : 0
  const stay = (...reasons: AdviceReason[]): NextChange => ({ do: 'stay', traits: [], offer: null, reasons, signs, place: placeReason(tried, signs, quiet) })
  if (!now) return stay({ rule: 'thin', values: { minutes: 0 } })
  const silent = sinceContact([now], nowMin)
  if (silent !== null && silent <= AREA_MIN) return stay({ rule: 'area', values: { minutes: Math.ceil(AREA_MIN - silent) } })
  const contacts = contactsOf(now.events)
  const conditioned = fellSilent(now)
  if (now.minutes < LEAST_MIN && !conditioned) return stay({ rule: 'thin', values: { minutes: Math.round(now.minutes) } })
  const belief = beliefOf(offers, tried)
  const pushed = pushOf(signs)
  const promise = promiseOf(now, belief)
  if (!conditioned && contacts > 0 && (pushed.stay ?? 0) >= 0 && promise >= KEEP_FROM) return stay({ rule: 'works', values: { contacts, percent: Math.round(100 * promise) } })

  const open = offers.filter(offer => offer.id !== now.offerId && !isRefuted(offer, tried, nowMin))
  const differing = new Map(open.map(offer => [offer.id, differingTraits(now.traits, offer.traits)]))
  const single = open.filter(offer => differing.get(offer.id)!.length === 1)
  const pool = several ? open : single.length > 0 ? single : leastDifferent(open, differing)
  if (pool.length === 0) return stay({ rule: 'nothing-left', values: {} })

  const drawn = draw(belief, random)
  const wish = (offer: Offer) => {
    const traits = differing.get(offer.id)!
    // A sign that names what to change, a bait for cleaning up after a search, and the rules' own liking tip the scales a little.
    const sign = traits.reduce((sum, trait) => sum + (pushed[trait] ?? 0), 0)
    const cleanUp = conditioned && offer.way === 'slow' && traits.includes('action') ? 0.5 : 0
    return promiseOf(offer, belief) * Math.exp(0.25 * sign + cleanUp) * (0.97 + 0.06 * offer.score) * (0.95 + 0.1 * matchOf(drawn, offer.traits))
  }
  const best = pool.reduce((a, b) => (wish(b) > wish(a) || (wish(b) === wish(a) && b.id < a.id) ? b : a))
  const gain = promiseOf(best, belief) / Math.max(1e-9, promise)
  const forced = conditioned || quiet >= REVIEW_MIN
  if (!forced && gain < WORTH) return stay({ rule: 'works', values: { contacts, percent: Math.round(100 * promise) } })

  const traits = differing.get(best.id)!
  const untried = traits.filter(trait => !tried.some(t => t.traits[trait] === best.traits[trait]))
  const reasons: AdviceReason[] = [
    ...(conditioned ? [{ rule: 'conditioned' as const, values: { contacts, minutes: Math.round(silent ?? 0) } }] : []),
    ...(!conditioned && quiet >= REVIEW_MIN ? [{ rule: 'review' as const, values: { minutes: Math.round(quiet) } }] : []),
    ...(now.way === 'moving' && best.way === 'slow' && contacts > 0 ? [{ rule: 'clean-up' as const, values: {} }] : []),
    ...(untried.length > 0 ? [{ rule: 'untried' as const, values: { trait: untried.join(', ') } }] : []),
    ...(traits.length > 1 ? [{ rule: 'two-changes' as const, values: { traits: traits.join(', ') } }] : []),
    { rule: 'belief', values: { trait: traits[0] ?? '', percent: Math.round(100 * matters(belief)[traits[0] ?? TRAITS[0]]) } },
  ]
  return { do: 'change', traits, offer: best, reasons, signs, place: placeReason(tried, signs, quiet) }
}

/** A place is given up when nothing touched for so long [min], over so many set-ups that differ, each fished long enough to say something (trade §15). Figures assumed. */
const PLACE_SILENT = { minutes: 50, setups: 3 }

/** Whether the place is in question: signs that speak of it, or silence over several set-ups that differ. */
function placeReason(tried: readonly Tried[], signs: readonly SignRead[], quietMin: number): AdviceReason | null {
  const fair = tried.filter(t => t.minutes >= LEAST_MIN)
  const silent = fair.slice(-PLACE_SILENT.setups)
  const differ = new Set(silent.flatMap(t => TRAITS.map(trait => `${trait} ${t.traits[trait]}`))).size - TRAITS.length
  const isSilent = silent.length === PLACE_SILENT.setups && silent.every(t => contactsOf(t.events) === 0) && differ >= PLACE_SILENT.setups - 1 && quietMin >= PLACE_SILENT.minutes
  const isPushed = signs.some(({ sign }) => (sign.pushes.place ?? 0) > 0)
  return isSilent || isPushed ? { rule: 'place', values: { minutes: Math.round(quietMin), setups: silent.length } } : null
}

function pushOf(signs: readonly SignRead[]): Partial<Record<Trait | 'stay' | 'cadence' | 'place', number>> {
  const pushes: Partial<Record<string, number>> = {}
  for (const { sign } of signs) for (const [key, value] of Object.entries(sign.pushes)) pushes[key] = (pushes[key] ?? 0) + value
  return pushes
}

function isRefuted({ id }: Offer, tried: readonly Tried[], nowMin: number): boolean {
  const own = tried.filter(t => t.offerId === id && nowMin - t.beganMin < FORGIVEN_MIN)
  const minutes = own.reduce((sum, t) => sum + t.minutes, 0)
  return minutes >= REFUTED_MIN && own.every(t => contactsOf(t.events) === 0)
}

function leastDifferent(open: readonly Offer[], differing: ReadonlyMap<string, readonly Trait[]>): readonly Offer[] {
  const least = Math.min(...open.map(o => differing.get(o.id)!.length).filter(n => n > 0))
  return open.filter(o => differing.get(o.id)!.length === least)
}

/** One hypothesis, by its share. */
function draw(belief: readonly Hypothesis[], random: () => number): Hypothesis {
  let left = random()
  for (const h of belief) {
    left -= h.share
    if (left <= 0) return h
  }
  return belief[belief.length - 1]!
}
