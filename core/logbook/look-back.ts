import { sumOf, type Tally } from '#core/evidence'
import { completeReading, type LikenessPart, type Reading, readingDistance, unlikeness, withNight } from '#core/reading'
import { groupBy } from './rates'
import type { Stretch } from './stretch'

/** A trip whose water was like the present one, and what was fished then. */
export interface LikeDay {
  readonly tripId: string
  readonly start: string
  readonly placeId: string | null
  /** Distance of its nearest reading, in steps (see `readingDistance`). */
  readonly distance: number
  /** What differs most, farthest first. */
  readonly differs: readonly LikenessPart[]
  readonly all: Tally
  /** By lure, most contacts per hour first. */
  readonly lures: readonly ({ readonly lureId: string } & Tally)[]
}

/** A part that differs by less is not worth naming [steps]. */
const NAMED_FROM = 0.35

/** The trips nearest to a reading, nearest first. */
export function daysLike(stretches: readonly Stretch[], reading: Reading, most = 5): readonly LikeDay[] {
  const now = withNight(completeReading(reading).reading)
  const days = [...groupBy(stretches, s => s.tripId)].flatMap(([tripId, list]) => {
    const near = list
      .flatMap(s => (s.reading ? [{ reading: s.reading, distance: readingDistance(s.reading, now) }] : []))
      .sort((a, b) => a.distance - b.distance)[0]
    if (!near) return []
    const parts = Object.entries(unlikeness(near.reading, now)) as [LikenessPart, number][]
    return [
      {
        tripId,
        start: list[0]!.start,
        placeId: list[0]!.placeId,
        distance: near.distance,
        differs: parts
          .filter(([, steps]) => steps >= NAMED_FROM)
          .sort((a, b) => b[1] - a[1])
          .map(([part]) => part),
        all: sumOf(list),
        lures: [...groupBy(list, s => s.lureId)]
          .map(([lureId, own]) => ({ lureId, ...sumOf(own) }))
          .sort((a, b) => b.contacts / (b.hours || 1) - a.contacts / (a.hours || 1)),
      },
    ]
  })
  return days.sort((a, b) => a.distance - b.distance || (a.start < b.start ? 1 : -1)).slice(0, most)
}
