import { scaleLinear, scaleTime } from 'd3'
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
export interface TripLine {
  readonly stints: readonly StintMark[]
  readonly events: readonly EventPoint[]
  readonly hours: readonly { readonly label: string; readonly x: number }[]
  readonly depths: readonly { readonly value: number; readonly y: number }[]
}

const MS_PER_MINUTE = 60_000
/** Least depth that is drawn [m]. */
const SHALLOWEST_M = 2

/** A trip as a cut through the water over its hours: stretches at the depth they were fished, events where the fish were. */
export function tripLine(
  trip: Trip,
  bottomM: number,
  size: { readonly width: number; readonly height: number },
): TripLine {
  const stints = trip.stints ?? []
  const ends = stints.map(s => Date.parse(s.start) + minutesOf(s, null) * MS_PER_MINUTE)
  const start = Math.min(Date.parse(trip.start), ...stints.map(s => Date.parse(s.start)))
  const end = Math.max(start + 10 * MS_PER_MINUTE, ...ends, ...(trip.end ? [Date.parse(trip.end)] : []))
  const x = scaleTime([new Date(start), new Date(end)], [0, size.width])
  const deepest = Math.max(
    SHALLOWEST_M,
    bottomM,
    ...stints.flatMap(s => [s.depthM ?? 0, ...(s.events ?? []).map(e => e.depthM ?? 0)]),
  )
  const y = scaleLinear([0, deepest], [0, size.height])
  return {
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
