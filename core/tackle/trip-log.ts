import type { Lure, PairSide, Stint, Trip, TripEvent, TurnPair } from './types'

/** What a stint begins with. */
export type StintStart<R> = Pick<
  Stint<R>,
  'id' | 'lureId' | 'trailerId' | 'rig' | 'outfitId' | 'depthM' | 'speedMs' | 'cadence' | 'presentation' | 'reading'
>

/** The newest moment that a trip knows of; a clock set back never makes time run backward in the log. */
export function newestMoment(trip: Trip): string {
  return [
    trip.start,
    trip.end,
    ...(trip.stints ?? []).flatMap(s => [s.start, s.end, ...(s.events ?? []).map(e => e.at)]),
  ]
    .filter((at): at is string => typeof at === 'string' && !Number.isNaN(Date.parse(at)))
    .reduce((a, b) => (Date.parse(b) > Date.parse(a) ? b : a), trip.start)
}

/** `now`, or the newest moment of the trip when the clock has been set back. */
export function momentIn(trip: Trip, now: string): string {
  const newest = newestMoment(trip)
  return Date.parse(now) < Date.parse(newest) ? newest : now
}

/** The stint that is being fished; `null`: none. */
export function openStint<R>(trip: Trip<R>): Stint<R> | null {
  const last = trip.stints?.[trip.stints.length - 1]
  return last && !last.end && !trip.end ? last : null
}

/** Another set-up is tied on: the stint before ends where the new one begins. */
export function withStint<R>(trip: Trip<R>, start: StintStart<R>, now: string): Trip<R> {
  const at = momentIn(trip, now)
  return { ...trip, end: null, stints: [...closed(trip, at), { ...start, start: at, end: null, casts: 0, events: [] }] }
}

export function ended<R>(trip: Trip<R>, now: string): Trip<R> {
  const at = momentIn(trip, now)
  return { ...trip, end: at, stints: closed(trip, at) }
}

/** Nothing is on the line any more: the stint ends, the trip goes on. */
export function withLineEmpty<R>(trip: Trip<R>, now: string): Trip<R> {
  return { ...trip, stints: closed(trip, momentIn(trip, now)) }
}

function closed<R>(trip: Trip<R>, at: string): Stint<R>[] {
  return (trip.stints ?? []).map((stint, i, all) =>
    i === all.length - 1 && !stint.end ? { ...stint, end: at } : stint,
  )
}

/** Changes one stint; the others stay as they are. */
export function withChanged<R>(trip: Trip<R>, stintId: string, change: (stint: Stint<R>) => Stint<R>): Trip<R> {
  return { ...trip, stints: (trip.stints ?? []).map(stint => (stint.id === stintId ? change(stint) : stint)) }
}

/** An event of the stint that is being fished; without one nothing is written. */
export function withEvent<R>(trip: Trip<R>, event: Omit<TripEvent, 'at'>, now: string): Trip<R> {
  const stint = openStint(trip)
  return stint
    ? withChanged(trip, stint.id, s => ({ ...s, events: [...(s.events ?? []), { ...event, at: momentIn(trip, now) }] }))
    : trip
}

export function withoutEvent<R>(trip: Trip<R>, eventId: string): Trip<R> {
  return {
    ...trip,
    stints: (trip.stints ?? []).map(s => ({ ...s, events: (s.events ?? []).filter(e => e.id !== eventId) })),
  }
}

/** An event told more closely, or corrected, later. */
export function withDetail<R>(trip: Trip<R>, eventId: string, detail: Partial<TripEvent>): Trip<R> {
  return {
    ...trip,
    stints: (trip.stints ?? []).map(s => ({
      ...s,
      events: (s.events ?? []).map(e => (e.id === eventId ? { ...e, ...detail, id: e.id } : e)),
    })),
  }
}

export function withCasts<R>(trip: Trip<R>, more: number): Trip<R> {
  const stint = openStint(trip)
  return stint ? withChanged(trip, stint.id, s => ({ ...s, casts: Math.max(0, (s.casts ?? 0) + more) })) : trip
}

/** The trip as before its last stint was begun: the one before is open again. The events of the stint go with it, so it is taken back only while it has none. */
export function withoutLastStint<R>(trip: Trip<R>, stintId: string): Trip<R> {
  const stints = trip.stints ?? []
  const last = stints[stints.length - 1]
  if (!last || last.id !== stintId || (last.events ?? []).length > 0) return trip
  return {
    ...trip,
    stints: stints.slice(0, -1).map((stint, i) => (i === stints.length - 2 ? { ...stint, end: null } : stint)),
  }
}

/** An ended trip goes on: its last stint is open again. */
export function resumed<R>(trip: Trip<R>): Trip<R> {
  const stints = trip.stints ?? []
  return {
    ...trip,
    end: null,
    stints: stints.map((stint, i) => (i === stints.length - 1 ? { ...stint, end: null } : stint)),
  }
}

/** Stock after a lure is lost (−1) or the loss is taken back (+1); a lure whose number nobody noted keeps none noted. */
export function withStock(lure: Lure, change: number): Lure {
  return lure.quantity == null
    ? change < 0
      ? { ...lure, quantity: 0 }
      : lure
    : { ...lure, quantity: Math.max(0, lure.quantity + change) }
}

const MS_PER_MINUTE = 60_000

/** Minutes fished in a stint; an open one runs to `now`, one that was never closed to its last event. */
export function minutesOf(stint: Stint, now: string | null): number {
  const last = (stint.events ?? [])
    .map(e => e.at)
    .filter((at): at is string => at != null)
    .reduce((a, b) => (Date.parse(b) > Date.parse(a) ? b : a), stint.start)
  const end = stint.end ?? now ?? last
  return Math.max(0, (Date.parse(end) - Date.parse(stint.start)) / MS_PER_MINUTE)
}

/** Two trips as one: all stints in their order of time. The earlier one keeps its id and its water; a stint that stands in both is kept once. */
export function merged<R>(one: Trip<R>, other: Trip<R>): Trip<R> {
  const [first, second] = Date.parse(one.start) <= Date.parse(other.start) ? [one, other] : [other, one]
  const known = new Set((first.stints ?? []).map(s => s.id))
  const stints = [...(first.stints ?? []), ...(second.stints ?? []).filter(s => !known.has(s.id))].sort(
    (a, b) => Date.parse(a.start) - Date.parse(b.start),
  )
  const open = !first.end || !second.end
  const end = open ? null : Date.parse(first.end!) >= Date.parse(second.end!) ? first.end : second.end
  const pairs = [
    ...(first.pairs ?? []),
    ...(second.pairs ?? []).filter(p => !(first.pairs ?? []).some(({ id }) => id === p.id)),
  ]
  return {
    ...second,
    ...first,
    placeId: first.placeId ?? second.placeId ?? null,
    end: end ?? null,
    stints,
    ...(pairs.length > 0 ? { pairs } : {}),
  }
}

/** A trip without one of its stints. */
export function withoutStint<R>(trip: Trip<R>, stintId: string): Trip<R> {
  return { ...trip, stints: (trip.stints ?? []).filter(s => s.id !== stintId) }
}

/** Length of the date in an ISO 8601 time. */
const ISO_DATE = 10

/** The angler's own day as it was written down: the date of the local time, not of Greenwich. */
export function dayOf(at: string): string {
  return at.slice(0, ISO_DATE)
}

/** A trip with a stretch that was not noted at the time, in its place by the clock; the trip's own hours widen to hold it. */
export function withForgotten<R>(trip: Trip<R>, stint: Stint<R>): Trip<R> {
  const [first, last] = [Date.parse(stint.start), Date.parse(stint.end ?? stint.start)]
  return {
    ...trip,
    stints: [...(trip.stints ?? []), stint].sort((a, b) => Date.parse(a.start) - Date.parse(b.start)),
    start: first < Date.parse(trip.start) ? stint.start : trip.start,
    end: trip.end && last > Date.parse(trip.end) ? stint.end : trip.end,
  }
}

/** The pair that is fished in turn now; `null`: none. */
export function openPair(trip: Trip): TurnPair | null {
  return trip.end ? null : ((trip.pairs ?? []).findLast(pair => !pair.end) ?? null)
}

/** Another pair begins; one that was still open ends. */
export function withPair<R>(trip: Trip<R>, pair: TurnPair, now: string): Trip<R> {
  return { ...trip, pairs: [...(withPairEnded(trip, now).pairs ?? []), pair] }
}

/** A cast or a contact more (or less) on one side of a pair; never below none. */
export function withPairCount<R>(
  trip: Trip<R>,
  pairId: string,
  side: 'a' | 'b',
  what: keyof Omit<PairSide, 'lureId'>,
  more: number,
): Trip<R> {
  const counted = (pair: TurnPair): TurnPair => ({
    ...pair,
    [side]: { ...pair[side], [what]: Math.max(0, pair[side][what] + more) },
  })
  return { ...trip, pairs: (trip.pairs ?? []).map(pair => (pair.id === pairId ? counted(pair) : pair)) }
}

export function withPairEnded<R>(trip: Trip<R>, now: string): Trip<R> {
  if (!trip.pairs) return trip
  return { ...trip, pairs: trip.pairs.map(pair => (pair.end ? pair : { ...pair, end: momentIn(trip as Trip, now) })) }
}
