import { Body, Equator, Horizon, Observer } from 'astronomy-engine'
import { Remembered } from '#core/numeric'

export type Position = {
  /** Geometric, without refraction. */
  readonly altitudeDeg: number
  /** From true north, clockwise. */
  readonly azimuthDeg: number
}

/**
 * Where the sun stands.
 *
 * Error:  about 0.02°. Source: the astronomy-engine package, checked against a second one in the tests.
 *
 * @param at ISO 8601 with offset
 * @throws {RangeError} when `at` is not a date or a coordinate is out of range
 */
export function sunPosition(at: string, latitude: number, longitude: number): Position {
  return positionOf(Body.Sun, 'sunPosition', at, latitude, longitude)
}

/** Where a body of the sky stands; errors by the caller's name. */
export function positionOf(body: Body, caller: string, at: string, latitude: number, longitude: number): Position {
  const date = new Date(at)
  if (Number.isNaN(date.getTime())) throw new RangeError(`${caller}: at is not an ISO 8601 date: ${at}`)
  if (!(Math.abs(latitude) <= 90))
    throw new RangeError(`${caller}: latitude must be between −90 and 90, got ${latitude}`)
  if (!(Math.abs(longitude) <= 180))
    throw new RangeError(`${caller}: longitude must be between −180 and 180, got ${longitude}`)
  const key = `${body} ${date.getTime()} ${latitude} ${longitude}`
  const known = POSITIONS.get(key)
  if (known) return known
  const observer = new Observer(latitude, longitude, 0)
  const { ra, dec } = Equator(body, date, observer, true, true)
  const { altitude, azimuth } = Horizon(date, observer, ra, dec)
  const position = { altitudeDeg: altitude, azimuthDeg: azimuth }
  POSITIONS.set(key, position)
  return position
}

/** Positions worked out last: one moment is asked about again and again while the rest of a reading is changed. How many are kept is assumed. */
const POSITIONS = new Remembered<string, Position>(64)
