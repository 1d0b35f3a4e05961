import { CLEAR_SKY_LUX, MOON } from '#core/knowledge'
import { interpolate } from '#core/numeric'
import { sunPosition } from './sun'

const ALTITUDES = CLEAR_SKY_LUX.map(([altitude]) => altitude)
const LN_LUX = CLEAR_SKY_LUX.map(([, lux]) => Math.log(lux))

/** Light on the ground under a clear sky by height of the sun, or of what shines like it [°] → [lx]. */
export function clearLux(altitudeDeg: number): number {
  return Math.exp(interpolate(ALTITUDES, LN_LUX, altitudeDeg))
}

/** Whether the sun gives less light than a full moon: it is night. */
export function isNight(sunAltitudeDeg: number): boolean {
  return clearLux(sunAltitudeDeg) < MOON.fullLux
}

/** Whether it is night at a time [ISO 8601] and place. */
export function isNightAt(at: string, latitude: number, longitude: number): boolean {
  return isNight(sunPosition(at, latitude, longitude).altitudeDeg)
}
