import { differingTraits, type Trait, TRAITS } from '#core/lure'
import type { SpeciesId } from '#core/terms'
import { type Belief, beliefOf, type Lean, matters, promiseOf } from './belief'
import { readSigns, type SignRead } from './signs'
import { contactsOf, fellSilent, type Offer, sinceContact, type Tried } from './tally'

/** Why something is advised; worded by the screen from its id and figures. */
export interface AdviceReason {
  readonly rule:
    | 'area'
    | 'thin'
    | 'works'
    | 'untried'
    | 'review'
    | 'conditioned'
    | 'clean-up'
    | 'belief'
    | 'nothing-left'
    | 'two-changes'
    | 'place'
  readonly values: Readonly<Record<string, number | string>>
}

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
  /** The fish one is after; absent: not known. */
  readonly species?: SpeciesId | null
  /** More than one thing may change at once. */
  readonly several?: boolean
  /** When light or tide turned or turn, minutes since the day began. */
  readonly turnsAtMin?: readonly number[]
}

/** Minutes to stay after a bite (handbook §15: 5 to 10). */
const AREA_MIN = 5
/** Shorter stretches have shown nothing [min]. Assumed: ten minutes without a touch begins to say something. */
const LEAST_MIN = 9
/** At the latest after so long without a contact everything is looked at again [min] (handbook §15: two hours). */
const REVIEW_MIN = 120
/** A change must promise so much more than staying: re-tying costs two minutes of an hour, and a change too soon what the last one would have shown. Assumed, tried on simulated fish (docs/rotation.md). */
const RETIE = 8 / 60
/** How far the rules’ own liking tips the scales, from the worst score to the best. Assumed. */
const RULES = 0.06
/** How strongly what a sign calls for weighs on the wish, ln of the odds. Assumed. */
const SIGN = 0.5

const signsOf = (stretch: Tried, species: SpeciesId | null) =>
  readSigns(stretch, { family: stretch.family, species, fishedM: null })

/** What is believed of the fish's wish now: what was tried, what the bites of each stretch call for, and fish that fell silent, which may want something else. */
export function believed({ offers, tried, species = null, turnsAtMin = [] }: Today): Belief {
  const now = tried[tried.length - 1]
  const turns = now && fellSilent(now) ? [...turnsAtMin, now.beganMin + now.minutes] : turnsAtMin
  return beliefOf(offers, tried, { turnsAtMin: turns, lean: stretch => pushOf(signsOf(stretch, species)) })
}

/**
 * What to change next, or to stay: what the belief about the fish's wish promises most, re-tying counted. At most one trait changes
 * unless `several` is set or nothing in the box differs in one only: what it was that helped is then known, and fewer fish are caught on the way (docs/rotation.md has both).
 */
export function nextChange(today: Today): NextChange {
  const { offers, tried, nowMin, species = null, several = false } = today
  const now = tried[tried.length - 1]
  const signs = now ? signsOf(now, species) : []
  const quiet = now ? (sinceContact(tried, nowMin) ?? nowMin - tried[0]!.beganMin) : 0
  const stay = (...reasons: AdviceReason[]): NextChange => ({
    do: 'stay',
    traits: [],
    offer: null,
    reasons,
    signs,
    place: placeReason(tried, signs, quiet),
  })
  if (!now) return stay({ rule: 'thin', values: { minutes: 0 } })
  const silent = sinceContact([now], nowMin)
  if (silent !== null && silent <= AREA_MIN)
    return stay({ rule: 'area', values: { minutes: Math.ceil(AREA_MIN - silent) } })
  const contacts = contactsOf(now.events)
  const conditioned = fellSilent(now)
  if (now.minutes < LEAST_MIN && !conditioned)
    return stay({ rule: 'thin', values: { minutes: Math.round(now.minutes) } })

  const open = offers
    .filter(offer => offer.id !== now.offerId && !isRefuted(offer, tried, nowMin))
    .map(offer => ({ offer, traits: differingTraits(now.traits, offer.traits) }))
  const fewest = Math.min(...open.map(o => o.traits.length).filter(count => count > 0))
  if (!Number.isFinite(fewest)) return stay({ rule: 'nothing-left', values: {} })
  const belief = believed(today)
  const promise = promiseOf(offers, belief)
  const own = promise(now)
  const weighed = open.map(({ offer, traits }) => ({
    offer,
    traits,
    worth: promise(offer) * (1 - RETIE) * (1 + RULES * (offer.score - 0.5)),
  }))
  const goal = weighed.reduce(better)
  // One at a time: a step towards it, the one that promises most.
  const pool = weighed.filter(o => o.traits.length === fewest)
  const steps = pool.filter(o => o.traits.some(trait => o.offer.traits[trait] === goal.offer.traits[trait]))
  const best = several ? goal : (steps.length > 0 ? steps : pool).reduce(better)
  const isForced = conditioned || quiet >= REVIEW_MIN
  if (!isForced && own >= goal.worth)
    return stay({
      rule: 'works',
      values: { contacts, percent: Math.round((100 * own) / Math.max(own, promise(best.offer))) },
    })

  const { traits } = best
  const untried = traits.filter(trait => !tried.some(t => t.traits[trait] === best.offer.traits[trait]))
  const reasons: AdviceReason[] = [
    ...(conditioned ? [{ rule: 'conditioned' as const, values: { contacts, minutes: Math.round(silent ?? 0) } }] : []),
    ...(!conditioned && quiet >= REVIEW_MIN
      ? [{ rule: 'review' as const, values: { minutes: Math.round(quiet) } }]
      : []),
    ...(now.way === 'moving' && best.offer.way === 'slow' && contacts > 0
      ? [{ rule: 'clean-up' as const, values: {} }]
      : []),
    ...(untried.length > 0 ? [{ rule: 'untried' as const, values: { trait: untried.join(', ') } }] : []),
    ...(traits.length > 1 ? [{ rule: 'two-changes' as const, values: { traits: traits.join(', ') } }] : []),
    {
      rule: 'belief',
      values: { trait: traits[0] ?? '', percent: Math.round(100 * matters(belief)[traits[0] ?? TRAITS[0]]) },
    },
  ]
  return { do: 'change', traits, offer: best.offer, reasons, signs, place: placeReason(tried, signs, quiet) }
}

/** An offer fished so long without a contact is not offered again [min] before the day has turned [min]. Assumed. */
const REFUTED_MIN = 9
const FORGIVEN_MIN = 200

function isRefuted({ id }: Offer, tried: readonly Tried[], nowMin: number): boolean {
  const own = tried.filter(t => t.offerId === id && nowMin - t.beganMin < FORGIVEN_MIN)
  return own.reduce((sum, t) => sum + t.minutes, 0) >= REFUTED_MIN && own.every(t => contactsOf(t.events) === 0)
}

/** A place is given up when nothing touched for so long [min], over so many set-ups that differ, each fished long enough to say something (trade §15). Figures assumed. */
const PLACE_SILENT = { minutes: 50, setups: 3 }

/** Whether the place is in question: signs that speak of it, or silence over several set-ups that differ. */
function placeReason(tried: readonly Tried[], signs: readonly SignRead[], quietMin: number): AdviceReason | null {
  const fair = tried.filter(t => t.minutes >= LEAST_MIN)
  const silent = fair.slice(-PLACE_SILENT.setups)
  const differ = new Set(silent.flatMap(t => TRAITS.map(trait => `${trait} ${t.traits[trait]}`))).size - TRAITS.length
  const isSilent =
    silent.length === PLACE_SILENT.setups &&
    silent.every(t => contactsOf(t.events) === 0) &&
    differ >= PLACE_SILENT.setups - 1 &&
    quietMin >= PLACE_SILENT.minutes
  const isPushed = signs.some(({ sign }) => (sign.pushes.place ?? 0) > 0)
  return isSilent || isPushed
    ? { rule: 'place', values: { minutes: Math.round(quietMin), setups: silent.length } }
    : null
}

/** What the signs of a stretch call to change, ln of the odds of each. */
function pushOf(signs: readonly SignRead[]): Lean {
  const lean: Record<Trait, number> = { colour: 0, size: 0, depth: 0, speed: 0, action: 0 }
  for (const {
    sign: { pushes },
  } of signs)
    for (const trait of TRAITS) lean[trait] += SIGN * (pushes[trait] ?? 0)
  return lean
}

interface Weighed {
  readonly offer: Offer
  readonly worth: number
}
function better<T extends Weighed>(a: T, b: T): T {
  return b.worth > a.worth || (b.worth === a.worth && b.offer.id < a.offer.id) ? b : a
}
