import { type Tally, tallyOf } from '#core/evidence'
import { type LureProfile, type SetupTraits, traitsOf } from '#core/lure'
import type { PreparedBox } from '#core/match'
import { completeReading, type CompleteReading, type Reading, withNight } from '#core/reading'
import type { Stint, Trip, TripEvent } from '#core/tackle'

/** One stint of the log with everything that it can be sorted by. */
export interface Stretch extends Tally {
  readonly tripId: string
  readonly stintId: string
  readonly placeId: string | null
  /** ISO 8601. */
  readonly start: string
  readonly lureId: string
  /** `null`: the lure is no longer in the box. */
  readonly profile: LureProfile | null
  readonly traits: SetupTraits | null
  readonly stint: Stint
  readonly reading: CompleteReading | null
  readonly events: readonly TripEvent[]
}

/** Every stint of the log, oldest first; stints without any effort and without events are left out. */
export function stretchesOf(prepared: PreparedBox): readonly Stretch[] {
  const profiles = new Map([...prepared.trailers, ...prepared.lures].map(p => [p.lure.id, p]))
  const readings = new Map<unknown, CompleteReading>()
  const completed = (given: unknown): CompleteReading | null => {
    if (!given) return null
    const known = readings.get(given) ?? withNight(completeReading(given as Reading).reading)
    readings.set(given, known)
    return known
  }
  return prepared.box.trips
    .flatMap(trip =>
      (trip.stints ?? []).map(stint =>
        stretchOf(trip, stint, profiles.get(stint.lureId) ?? null, completed(stint.reading)),
      ),
    )
    .filter(s => s.hours > 0 || s.events.length > 0)
    .sort((a, b) => Date.parse(a.start) - Date.parse(b.start) || (a.stintId < b.stintId ? -1 : 1))
}

function stretchOf(trip: Trip, stint: Stint, profile: LureProfile | null, reading: CompleteReading | null): Stretch {
  const { depthM, speedMs, cadence } = stint
  return {
    ...tallyOf(stint),
    tripId: trip.id,
    stintId: stint.id,
    placeId: trip.placeId ?? null,
    start: stint.start,
    lureId: stint.lureId,
    profile,
    stint,
    reading,
    events: stint.events ?? [],
    // A depth or a speed that nobody noted has no class; the cuts leave it out.
    traits: profile && traitsOf(profile, { depthM: depthM ?? 0, speedMs: speedMs ?? 0, cadence: cadence ?? null }),
  }
}
