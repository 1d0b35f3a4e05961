import type { Stain } from '#core/terms'
import { atWavelength } from './spectrum'
import { diffuseAttenuation, inherentOptics, lightSlant, waterOf } from './water-optics'

/** Red, green and blue: 650, 550 and 450 nm. */
export type Bands = readonly [red: number, green: number, blue: number]

/** Contents so thin that only the water itself counts: for a visibility that this stain cannot give. */
const PUREST_SCALE = 1e-4
const DIFFUSE_MU = lightSlant('overcast', 45)

/**
 * How fast daylight of three bands fades with depth in water of this visibility and stain.
 *
 * Valid:  visibility 0.05..30 m. Error: 10 %, that of the water recipes.
 * Source: derived (`water-optics.ts`).
 *
 * @returns Kd [1/m] for red, green and blue
 * @throws {RangeError} if the visibility is not positive
 */
export function bandAttenuation(visibilityM: number, stain: Stain): Bands {
  const Kd = diffuseAttenuation(waterOf(stain, visibilityM) ?? inherentOptics(stain, PUREST_SCALE), DIFFUSE_MU)
  return [atWavelength(Kd, 650), atWavelength(Kd, 550), atWavelength(Kd, 450)]
}

/**
 * Share of the surface light left at a depth, per band: e^(−Kd z).
 */
export function lightLeft(Kd: Bands, depthM: number): Bands {
  return [Math.exp(-Kd[0] * depthM), Math.exp(-Kd[1] * depthM), Math.exp(-Kd[2] * depthM)]
}
