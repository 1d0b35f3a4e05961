import type { Stain } from '#core/reading'

/** Red, green and blue: 650, 550 and 450 nm. */
export type Bands = readonly [red: number, green: number, blue: number]

/**
 * Diffuse attenuation at 650, 550 and 450 nm for one water of each stain, and the visibility at which it was worked out.
 *
 * Unit: 1/m. Source: derived in the light model (recipes of clear, algal, humic and silty water; [kirk-1984]); the water's own
 * attenuation sets the limit in `bandAttenuation`.
 */
const WORKED: Record<Stain, { readonly visibilityM: number, readonly Kd: Bands }> = {
  clear: { visibilityM: 6, Kd: [0.51, 0.20, 0.36] },
  green: { visibilityM: 2, Kd: [0.75, 0.49, 1.1] },
  brown: { visibilityM: 2, Kd: [0.90, 1.7, 7.1] },
  mud: { visibilityM: 1, Kd: [1.1, 1.1, 2.5] },
}

/** Absorption of pure water at 650, 550 and 450 nm [1/m]; Pope & Fry 1997, as listed in the handbook. */
const PURE_WATER: Bands = [0.340, 0.0565, 0.00922]

/**
 * How fast daylight of three bands fades with depth: what the stain adds to pure water goes as 1/visibility.
 *
 * Valid:  visibility 0.1..12 m. Error: ±20 % against the full spectral model inside 0.3–6 m.
 * Source: derived; form after [poole-1929] (Kd ∝ 1/Z).
 *
 * @returns Kd [1/m] for red, green and blue
 * @throws {RangeError} if the visibility is not positive
 */
export function bandAttenuation(visibilityM: number, stain: Stain): Bands {
  if (!(visibilityM > 0)) throw new RangeError(`bandAttenuation: visibilityM must be positive, got ${visibilityM}`)
  const worked = WORKED[stain]
  const band = (i: 0 | 1 | 2) => PURE_WATER[i] + ((worked.Kd[i] - PURE_WATER[i]) * worked.visibilityM) / visibilityM
  return [band(0), band(1), band(2)]
}

/**
 * Share of the surface light left at a depth, per band: e^(−Kd z).
 */
export function lightLeft(Kd: Bands, depthM: number): Bands {
  return [Math.exp(-Kd[0] * depthM), Math.exp(-Kd[1] * depthM), Math.exp(-Kd[2] * depthM)]
}
