import { byMonth, sumOf, type Tally } from '#core/evidence'
import { fishOfStint, isContact, type TripEvent } from '#core/tackle'
import { groupBy } from './rates'
import type { Stretch } from './stretch'

/** A year on one sheet. */
export interface YearSheet {
  readonly year: number
  readonly all: Tally
  readonly trips: number
  /** Twelve months, January first. */
  readonly months: readonly Tally[]
  readonly species: readonly {
    readonly species: string
    readonly landed: number
    readonly contacts: number
    readonly longest: TripEvent | null
  }[]
  /** By hours fished, most first. */
  readonly lures: readonly ({ readonly lureId: string } & Tally)[]
  /** Lures lost for good. */
  readonly lost: number
}

/** Years that the log speaks of, newest first. */
export function yearsOf(stretches: readonly Stretch[]): readonly number[] {
  return [...new Set(stretches.map(s => Number(s.start.slice(0, 4))))].sort((a, b) => b - a)
}

export function yearSheet(stretches: readonly Stretch[], year: number): YearSheet {
  const own = stretches.filter(s => s.start.startsWith(`${year}-`))
  const fish = own
    .flatMap(s =>
      fishOfStint(s)
        .filter(isContact)
        .map(({ events, kind }) => ({
          kind,
          event: events[events.length - 1]!,
          species: events.map(e => e.species).findLast(name => name != null) ?? s.reading?.species ?? '',
        })),
    )
    .filter(({ species }) => species !== '')
  return {
    year,
    all: sumOf(own),
    trips: new Set(own.map(s => s.tripId)).size,
    months: byMonth(own),
    species: [...groupBy(fish, f => f.species)]
      .map(([species, list]) => {
        const landed = list.filter(f => f.kind === 'landed').map(f => f.event)
        const measured = landed.filter(e => e.lengthMm != null)
        return {
          species,
          contacts: list.length,
          landed: landed.length,
          longest: measured.length > 0 ? measured.reduce((a, b) => (b.lengthMm! > a.lengthMm! ? b : a)) : null,
        }
      })
      .sort((a, b) => b.landed - a.landed || b.contacts - a.contacts),
    lures: [...groupBy(own, s => s.lureId)]
      .map(([lureId, list]) => ({ lureId, ...sumOf(list) }))
      .sort((a, b) => b.hours - a.hours),
    lost: own.flatMap(s => s.events).filter(event => event.kind === 'lure-lost').length,
  }
}
