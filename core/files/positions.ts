import { XMLBuilder } from 'fast-xml-parser'
import type { Trip, TripEvent } from '#core/tackle'
import type { YgrionFile } from './schemas'

/** How exactly positions leave the program. */
export const PRECISIONS = ['blurred', 'exact'] as const
export type Precision = (typeof PRECISIONS)[number]

/** An event that has a position, with what its point is called. */
export interface PlacedEvent {
  readonly trip: Trip
  readonly lureId: string
  readonly event: TripEvent
  readonly latitude: number
  readonly longitude: number
}

/** Side of the square within which a blurred position may lie [°]: some 2 km from north to south. Assumed: enough to name the water, not the spot. */
const BLUR_DEG = 0.02

/**
 * Every event with a position. Blurred ones are moved to the middle of their square, always the same one, so that many exports do not give the spot away;
 * squares are as wide as they are high.
 */
export function placedEvents(trips: readonly Trip[], precision: Precision): readonly PlacedEvent[] {
  return trips.flatMap(trip =>
    (trip.stints ?? []).flatMap(({ lureId, events }) =>
      (events ?? []).flatMap(event => {
        if (event.latitude == null || event.longitude == null) return []
        return [
          {
            trip,
            lureId,
            event,
            ...(precision === 'exact'
              ? { latitude: event.latitude, longitude: event.longitude }
              : blurred(event.latitude, event.longitude)),
          },
        ]
      }),
    ),
  )
}

function blurred(latitude: number, longitude: number): { latitude: number; longitude: number } {
  const middle = (value: number, step: number) => (Math.floor(value / step) + 0.5) * step
  const lat = Math.min(90, middle(latitude, BLUR_DEG))
  const wide = BLUR_DEG / Math.max(0.05, Math.cos((lat * Math.PI) / 180))
  return { latitude: round(lat), longitude: round(Math.min(180, Math.max(-180, middle(longitude, wide)))) }
}

/** The same file with every position in it as exact as is wished, or without any: of waters, trips, events, readings and what else is in it. */
export function withSpots(file: YgrionFile, precision: Precision | 'none'): YgrionFile {
  return precision === 'exact' ? file : (spotsIn(file, precision) as YgrionFile)
}

function spotsIn(value: unknown, precision: Exclude<Precision, 'exact'> | 'none'): unknown {
  if (Array.isArray(value)) return value.map(one => spotsIn(one, precision))
  if (typeof value !== 'object' || value === null) return value
  const { latitude, longitude, ...rest } = value as Record<string, unknown>
  const others = Object.fromEntries(Object.entries(rest).map(([key, part]) => [key, spotsIn(part, precision)]))
  const hasSpot = typeof latitude === 'number' && typeof longitude === 'number'
  return hasSpot && precision === 'blurred' ? { ...others, ...blurred(latitude, longitude) } : others
}

/** Six decimals: a tenth of a metre. */
const round = (degrees: number) => Math.round(degrees * 1e6) / 1e6

export interface PointOptions {
  readonly precision: Precision
  readonly nameOf: (event: TripEvent, lureId: string) => string
}

/** Waypoints for the events that have a position, as GPX 1.1 (element order as its schema asks). */
export function tripsToGpx(trips: readonly Trip[], { precision, nameOf }: PointOptions): string {
  const points = placedEvents(trips, precision).map(({ event, lureId, latitude, longitude }) => ({
    '@lat': latitude,
    '@lon': longitude,
    ...(event.at ? { time: new Date(event.at).toISOString() } : {}),
    'name': printable(nameOf(event, lureId)),
    ...(event.note ? { desc: printable(event.note) } : {}),
    'type': event.kind,
  }))
  const document = {
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    'gpx': { '@xmlns': 'http://www.topografix.com/GPX/1/1', '@version': '1.1', '@creator': 'Ygrion', 'wpt': points },
  }
  return new XMLBuilder({ attributeNamePrefix: '@', ignoreAttributes: false, format: true }).build(document)
}

/** Characters that XML 1.0 has no place for are left out. */
// prettier-ignore
// eslint-disable-next-line no-control-regex -- that is what is taken out
const UNPRINTABLE = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g
const printable = (text: string) => text.replace(UNPRINTABLE, '')

/** The same points as GeoJSON (RFC 7946): longitude before latitude, WGS 84. */
export function tripsToGeoJson(trips: readonly Trip[], { precision, nameOf }: PointOptions): string {
  return `${JSON.stringify(
    {
      type: 'FeatureCollection',
      features: placedEvents(trips, precision).map(({ trip, event, lureId, latitude, longitude }) => {
        const told = Object.fromEntries(
          Object.entries(event).filter(([key]) => key !== 'latitude' && key !== 'longitude'),
        )
        return {
          type: 'Feature',
          id: event.id,
          geometry: { type: 'Point', coordinates: [longitude, latitude] },
          properties: {
            name: nameOf(event, lureId),
            trip: trip.id,
            lure: lureId,
            blurred: precision === 'blurred',
            ...told,
          },
        }
      }),
    },
    null,
    1,
  )}\n`
}
