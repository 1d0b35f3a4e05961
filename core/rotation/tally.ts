import type { SetupTraits } from '#core/lure'
import type { TripEvent } from '#core/tackle'

/** A set-up that could be fished now. */
export interface Offer {
  readonly id: string
  readonly lureId: string
  readonly traits: SetupTraits
  /** How it fits the water by the rules, 0..1. */
  readonly score: number
  /** Searching baits come first, clean-up baits after (trade §12). */
  readonly way: 'moving' | 'slow'
}

/** What one stretch with one set-up gave. */
export interface Tried {
  readonly offerId: string
  readonly traits: SetupTraits
  readonly way: Offer['way']
  /** Minutes since the day began, and minutes fished. */
  readonly beganMin: number
  readonly minutes: number
  readonly casts: number
  readonly events: readonly (Pick<TripEvent, 'kind' | 'when' | 'hookedAt'> & { readonly atMin: number })[]
}

/** A fish that did something to the lure; a follow alone is half a contact (assumed). */
const CONTACT: Partial<Record<TripEvent['kind'], number>> = { follow: 0.5, peck: 1, hit: 1, hooked: 1, lost: 1, landed: 1 }

export function contactsOf(events: Tried['events']): number {
  return events.reduce((sum, { kind }) => sum + (CONTACT[kind] ?? 0), 0)
}

/** Bites that stop (trade §15 "conditioned"): so many contacts, then none for so long [min]. Assumed figures. */
const FELL_SILENT = { contacts: 3, minutes: 25 }

export function fellSilent({ events, beganMin, minutes }: Tried): boolean {
  const last = events.reduce((at, e) => ((CONTACT[e.kind] ?? 0) > 0 ? Math.max(at, e.atMin) : at), -Infinity)
  return contactsOf(events) >= FELL_SILENT.contacts && beganMin + minutes - last >= FELL_SILENT.minutes
}

export function catchesOf(events: Tried['events']): number {
  return events.filter(e => e.kind === 'landed').length
}

/** Minutes since the last contact of the day; `null`: none yet. */
export function sinceContact(tried: readonly Tried[], nowMin: number): number | null {
  const last = tried.flatMap(t => t.events.filter(e => (CONTACT[e.kind] ?? 0) > 0).map(e => e.atMin)).reduce((a, b) => Math.max(a, b), -Infinity)
  return last === -Infinity ? null : nowMin - last
}
