import { ramp } from '#core/numeric'
import type { Sky } from '#core/terms'

/** Share of clear-sky light that each sky lets through; cloud figures from memory (overcast 0.25, heavy cloud 0.1). */
const SKY_LIGHT: Record<Sky, number> = { sun: 1, broken: 0.7, overcast: 0.25, rain: 0.1, night: 0 }
/** The sun gives full light for the eye's purposes above this height, none below civil dusk [°]. Assumed. */
const FULL_ABOVE_DEG = 20
const DARK_BELOW_DEG = -6

/**
 * Light over the water for rules of thumb: 1 high sun in a clear sky, 0 night.
 */
export function daylight(sky: Sky, sunAltitudeDeg: number): number {
  return SKY_LIGHT[sky] * ramp(sunAltitudeDeg, DARK_BELOW_DEG, FULL_ABOVE_DEG)
}
