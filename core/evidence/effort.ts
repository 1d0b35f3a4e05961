import { minutesOf, type Stint, type TripEvent } from '#core/tackle'

/** What one stretch of fishing took and gave. */
export interface Tally { readonly hours: number, readonly casts: number, readonly contacts: number, readonly landed: number, readonly follows: number }

/** Fish that touched the lure; one event is one fish. A follow is told apart, it is no contact. */
const CONTACT_KINDS: readonly TripEvent['kind'][] = ['peck', 'hit', 'hooked', 'lost', 'landed']

export function isContact({ kind }: Pick<TripEvent, 'kind'>): boolean {
  return CONTACT_KINDS.includes(kind)
}

const MINUTES_PER_HOUR = 60

/** Effort and return of a stint; one that was never closed runs to its last event. */
export function tallyOf(stint: Stint): Tally {
  const events = stint.events ?? []
  return {
    hours: minutesOf(stint, null) / MINUTES_PER_HOUR, casts: stint.casts ?? 0,
    contacts: events.filter(isContact).length, landed: events.filter(e => e.kind === 'landed').length, follows: events.filter(e => e.kind === 'follow').length,
  }
}

export function sumOf(tallies: readonly Tally[]): Tally {
  const sum = { hours: 0, casts: 0, contacts: 0, landed: 0, follows: 0 }
  for (const t of tallies) {
    sum.hours += t.hours
    sum.casts += t.casts
    sum.contacts += t.contacts
    sum.landed += t.landed
    sum.follows += t.follows
  }
  return sum
}
