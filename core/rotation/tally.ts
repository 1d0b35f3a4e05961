import type { SetupTraits } from '#core/lure'
import { type Fish, fishOf, isContact, type TripEvent } from '#core/tackle'
import type { Family } from '#core/terms'

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
  /** Kind of the lure, by which bites are read; `null`: the lure is gone. */
  readonly family: Family | null
  readonly traits: SetupTraits
  readonly way: Offer['way']
  /** Minutes since the day began, and minutes fished. */
  readonly beganMin: number
  readonly minutes: number
  readonly casts: number
  readonly events: readonly (Pick<TripEvent, 'kind' | 'when' | 'hookedAt' | 'depthM' | 'groupSize'> & {
    readonly atMin: number
  })[]
}

/** The fish of a stretch, each once. */
export function fishIn(events: Tried['events']): readonly Fish<Tried['events'][number]>[] {
  return fishOf(events, e => e.atMin)
}

/** What a fish that only followed counts against one that touched. Assumed. */
const FOLLOW = 0.5

export function contactsOf(events: Tried['events']): number {
  return fishIn(events).reduce((sum, fish) => sum + (isContact(fish) ? 1 : FOLLOW), 0)
}

/** How far a fish meant what it came to, 0..1: hit or hooked in full, a peck or a follow less. Assumed, tried on simulated fish (docs/rotation.md). */
const PECKED = 0.8
const FOLLOWED = 0.4
export function meantIt({ events }: Fish<Tried['events'][number]>): number {
  if (events.some(({ kind }) => kind === 'hit' || kind === 'hooked' || kind === 'lost' || kind === 'landed')) return 1
  return events.some(({ kind }) => kind === 'peck') ? PECKED : FOLLOWED
}

/** Bites that stop (trade §15 "conditioned"): so many contacts, then none for so long [min]. Assumed figures. */
const FELL_SILENT = { contacts: 3, minutes: 25 }

type Stretch = Pick<Tried, 'events' | 'beganMin' | 'minutes'>

export function fellSilent(stretch: Stretch): boolean {
  return contactsOf(stretch.events) >= FELL_SILENT.contacts && !isBiting(stretch)
}

/** Whether the last fish of a stretch came so lately that it still speaks of now. */
export function isBiting(stretch: Stretch): boolean {
  return silentMin(stretch) < FELL_SILENT.minutes
}

/** Minutes since the last fish of a stretch; none: infinite. */
export function silentMin({ events, beganMin, minutes }: Stretch): number {
  const last = fishIn(events).reduce((at, fish) => Math.max(at, fish.at ?? -Infinity), -Infinity)
  return beganMin + minutes - last
}

export function catchesOf(events: Tried['events']): number {
  return events.filter(e => e.kind === 'landed').length
}

/** Minutes since the last contact of the day; `null`: none yet. */
export function sinceContact(tried: readonly Tried[], nowMin: number): number | null {
  const last = tried
    .flatMap(t => fishIn(t.events).map(fish => fish.at ?? -Infinity))
    .reduce((a, b) => Math.max(a, b), -Infinity)
  return last === -Infinity ? null : nowMin - last
}
