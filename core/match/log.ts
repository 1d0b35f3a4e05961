import type { Ask } from '#core/ask'
import { pooledRates, tallyOf } from '#core/evidence'
import { completeReading, type CompleteReading, type Reading, readingDistance, worthAsEvidence } from '#core/reading'
import type { Trip } from '#core/tackle'
import { SOFT_FLOOR } from './terms'

/** A stretch of the log as the judgement needs it. */
export interface LoggedStretch { readonly lureId: string, readonly hours: number, readonly contacts: number, readonly landed: number, readonly reading: CompleteReading | null }

/** What the angler's log says of one lure in water like this. */
export interface LogVerdict {
  /** Likelihood ratio: its contact rate against the usual one, within bounds. */
  readonly ratio: number
  /** The greatest change of ln(score). */
  readonly bound: number
  /** All fish and hours of the lure in water that counts here at all. */
  readonly landed: number
  readonly contacts: number
  readonly hours: number
}

export function loggedStretches(trips: readonly Trip[]): readonly LoggedStretch[] {
  return trips.flatMap(({ stints }) => (stints ?? []).flatMap((stint) => {
    const { hours, contacts, landed } = tallyOf(stint)
    if (hours <= 0) return []
    return [{ lureId: stint.lureId, hours, contacts, landed, reading: stint.reading ? completeReading(stint.reading as Reading).reading : null }]
  }))
}

/** A stretch without a reading could have been in any water. Assumed worth. */
const WITHOUT_READING = 0.15
/** Stretches of less worth than this are another story, and are not told of. */
const TOLD_FROM = 0.1
/** A rate is believed to be no more than so many times the usual one, or its inverse. Assumed. */
const MOST_RATIO = 3
/** The log never moves a score further than this. Assumed: less than one rule that matters. */
const MOST = 0.12
/** Of the loss that a set-up suffers on the lightest of the physical axes when it cannot do what is asked there, the log may make up less than half in each direction. */
const SHARE_OF_PHYSICS = 0.45
const PHYSICS = ['depth', 'speed', 'rod'] as const

/**
 * The greatest change of ln(score) by the log: at most 0.12, and so little that a set-up which fails on depth, speed or rod stays behind the same set-up that does not,
 * whatever their logs say.
 */
export function logBound({ axes }: Pick<Ask, 'axes'>): number {
  const total = Object.values(axes).reduce((sum, { weight }) => sum + weight, 0)
  const lightest = Math.min(...PHYSICS.map(axis => axes[axis].weight).filter(weight => weight > 0))
  if (!(total > 0) || !Number.isFinite(lightest)) return MOST
  return Math.min(MOST, (SHARE_OF_PHYSICS * lightest * -Math.log(SOFT_FLOOR)) / total)
}

/**
 * What the log says of each lure in water like this: contacts per hour, pooled over the lures, each stretch counted by how like the present reading its own was
 * (a power prior, Ibrahim & Chen 2000), as a ratio to the usual rate.
 */
export function logVerdicts(stretches: readonly LoggedStretch[], ask: Ask): ReadonlyMap<string, LogVerdict> {
  const byLure = new Map<string, { events: number, effort: number, landed: number, contacts: number, hours: number }>()
  for (const { lureId, hours, contacts, landed, reading } of stretches) {
    const worth = reading ? worthAsEvidence(readingDistance(reading, ask.reading)) : WITHOUT_READING
    if (worth < TOLD_FROM) continue
    const sum = byLure.get(lureId) ?? { events: 0, effort: 0, landed: 0, contacts: 0, hours: 0 }
    sum.events += worth * contacts
    sum.effort += worth * hours
    sum.landed += landed
    sum.contacts += contacts
    sum.hours += hours
    byLure.set(lureId, sum)
  }
  const lures = [...byLure]
  const pooled = pooledRates(lures.map(([, sum]) => sum))
  if (!pooled) return new Map()
  const bound = logBound(ask)
  return new Map(lures.map(([id, { landed, contacts, hours }], i) => {
    // A lure alone in the log says nothing of itself against others, and a blank never raises one.
    const found = lures.length === 1 ? 1 : pooled.groups[i]!.mean / pooled.overall.mean
    const ratio = contacts === 0 ? Math.min(1, found) : found
    return [id, { landed, contacts, hours, bound, ratio: Math.min(MOST_RATIO, Math.max(1 / MOST_RATIO, ratio)) }]
  }))
}

/** A score after the log has spoken: its odds times the likelihood ratio, no further than the bound; it stays between 0 and 1. */
export function movedByLog(score: number, { ratio, bound }: Pick<LogVerdict, 'ratio' | 'bound'>): number {
  if (score <= 0 || score >= 1) return score
  const odds = (score / (1 - score)) * ratio
  const moved = odds / (1 + odds)
  return Math.min(score * Math.exp(bound), Math.max(score * Math.exp(-bound), moved))
}
