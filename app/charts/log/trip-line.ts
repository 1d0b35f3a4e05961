import { scaleLinear, scaleTime } from 'd3'
import { completeReading, type CompleteReading, type Reading } from '#core/reading'
import { minutesOf, type Trip, type TripEvent } from '#core/tackle'
import { clock } from '~/text/dates'

export interface StintMark {
  readonly id: string
  readonly lureId: string
  readonly x: number
  readonly width: number
  readonly y: number
}
export interface EventPoint {
  readonly event: TripEvent
  readonly x: number
  readonly y: number
}
/** Water that looks the same from one hour to another, as high as it was deep. */
export interface WaterOfHours {
  readonly id: string
  readonly x: number
  readonly width: number
  readonly height: number
  readonly reading: CompleteReading
}
export interface TripLine {
  readonly waters: readonly WaterOfHours[]
  readonly stints: readonly StintMark[]
  readonly events: readonly EventPoint[]
  readonly hours: readonly { readonly label: string; readonly x: number }[]
  readonly depths: readonly { readonly value: number; readonly y: number }[]
}

const MS_PER_MINUTE = 60_000
/** What of a reading is seen in its cut. */
const SEEN = ['bottomM', 'visibilityM', 'stain', 'sky'] as const
/** Least depth that is drawn [m]. */
const SHALLOWEST_M = 2

/** A trip as a cut through the water over its hours: each water from when it was fished, stretches at the depth they were fished, events where the fish were. */
export function tripLine(trip: Trip, size: { readonly width: number; readonly height: number }): TripLine {
  const stints = trip.stints ?? []
  const ends = stints.map(s => Date.parse(s.start) + minutesOf(s, null) * MS_PER_MINUTE)
  const start = Math.min(Date.parse(trip.start), ...stints.map(s => Date.parse(s.start)))
  const end = Math.max(start + 10 * MS_PER_MINUTE, ...ends, ...(trip.end ? [Date.parse(trip.end)] : []))
  const x = scaleTime([new Date(start), new Date(end)], [0, size.width])
  const changes: { id: string; from: number; reading: CompleteReading }[] = []
  for (const { id, start: at, reading: given } of stints) {
    if (!given) continue
    const { reading } = completeReading(given as Reading)
    const before = changes.at(-1)?.reading
    if (!before || SEEN.some(field => before[field] !== reading[field]))
      changes.push({ id, from: before ? x(new Date(at)) : 0, reading })
  }
  const deepest = Math.max(
    SHALLOWEST_M,
    ...changes.map(({ reading }) => reading.bottomM),
    ...stints.flatMap(s => [s.depthM ?? 0, ...(s.events ?? []).map(e => e.depthM ?? 0)]),
  )
  const y = scaleLinear([0, deepest], [0, size.height])
  return {
    waters: changes.map(({ id, from, reading }, i) => ({
      id,
      x: from,
      width: Math.max(0, (changes[i + 1]?.from ?? size.width) - from),
      height: y(reading.bottomM),
      reading,
    })),
    stints: stints.map((s, i) => ({
      id: s.id,
      lureId: s.lureId,
      x: x(new Date(s.start)),
      width: Math.max(2, x(new Date(ends[i]!)) - x(new Date(s.start))),
      y: y(s.depthM ?? 0),
    })),
    events: stints.flatMap(s =>
      (s.events ?? []).map(event => ({
        event,
        x: x(new Date(event.at ?? s.start)),
        y: y(event.depthM ?? s.depthM ?? 0),
      })),
    ),
    hours: x.ticks(6).map(t => ({ label: clock(t), x: x(t) })),
    depths: y.ticks(5).map(value => ({ value, y: y(value) })),
  }
}
