import { fishOfStint, isContact, minutesOf, type Stint } from '#core/tackle'

/** What one stretch of fishing took and gave: each fish once, by how it ended. */
export interface Tally {
  readonly hours: number
  readonly casts: number
  readonly contacts: number
  readonly landed: number
  readonly follows: number
}

const MINUTES_PER_HOUR = 60

/** Effort and return of a stint; one that was never closed runs to its last event. */
export function tallyOf(stint: Stint): Tally {
  const fish = fishOfStint(stint)
  return {
    hours: minutesOf(stint, null) / MINUTES_PER_HOUR,
    casts: stint.casts ?? 0,
    contacts: fish.filter(isContact).length,
    landed: fish.filter(f => f.kind === 'landed').length,
    follows: fish.filter(f => f.kind === 'follow').length,
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

const MONTHS = 12

/** Effort and return by month as it was written down, January first, of whatever year. */
export function byMonth(list: readonly (Tally & { readonly start: string })[]): readonly Tally[] {
  return Array.from({ length: MONTHS }, (_, month) =>
    sumOf(list.filter(({ start }) => Number(start.slice(5, 7)) === month + 1)),
  )
}
