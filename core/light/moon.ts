import { Body, Illumination } from 'astronomy-engine'
import { positionOf } from './sun'

/**
 * Lit share of the moon's disc, 0 new .. 1 full, wherever it stands.
 *
 * Error: below 0.01. Source: the astronomy-engine package.
 *
 * @param at ISO 8601 with offset
 * @throws {RangeError} when `at` is not a date
 */
export function moonLit(at: string): number {
  const date = new Date(at)
  if (Number.isNaN(date.getTime())) throw new RangeError(`moonLit: at is not an ISO 8601 date: ${at}`)
  return Illumination(Body.Moon, date).phase_fraction
}

/**
 * Height of the moon above the horizon [°], without refraction.
 *
 * Error: about 0.02°. Source: the astronomy-engine package.
 *
 * @param at ISO 8601 with offset
 * @throws {RangeError} when `at` is not a date or a coordinate is out of range
 */
export function moonAltitude(at: string, latitude: number, longitude: number): number {
  return positionOf(Body.Moon, 'moonAltitude', at, latitude, longitude).altitudeDeg
}
