import { Body, Equator, Horizon, Observer } from 'astronomy-engine'

/**
 * Where the sun stands: geometric altitude (no refraction) and azimuth from true north, clockwise.
 *
 * Error:  about 0.02°. Source: the astronomy-engine package, checked against a second one in the tests.
 *
 * @param at ISO 8601 with offset
 * @throws {RangeError} when `at` is not a date or a coordinate is out of range
 */
export function sunPosition(
  at: string,
  latitude: number,
  longitude: number,
): { altitudeDeg: number; azimuthDeg: number } {
  const date = new Date(at)
  if (Number.isNaN(date.getTime())) throw new RangeError(`sunPosition: at is not an ISO 8601 date: ${at}`)
  if (!(Math.abs(latitude) <= 90))
    throw new RangeError(`sunPosition: latitude must be between −90 and 90, got ${latitude}`)
  if (!(Math.abs(longitude) <= 180))
    throw new RangeError(`sunPosition: longitude must be between −180 and 180, got ${longitude}`)
  const observer = new Observer(latitude, longitude, 0)
  const { ra, dec } = Equator(Body.Sun, date, observer, true, true)
  const { altitude, azimuth } = Horizon(date, observer, ra, dec)
  return { altitudeDeg: altitude, azimuthDeg: azimuth }
}
