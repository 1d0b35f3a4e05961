import { DAYLIGHT, SPECTRUM_START_NM, SPECTRUM_STEP_NM } from '#core/knowledge'
import { interpolate } from '#core/numeric'

/** The grid on which light is reckoned [nm]: 350 … 700, 36 points. */
export const WAVELENGTHS: readonly number[] = DAYLIGHT.S0.map((_, i) => SPECTRUM_START_NM + i * SPECTRUM_STEP_NM)

/** A value between the points of the grid; beyond its ends the end value. */
export function atWavelength(spectrum: ArrayLike<number>, wavelengthNm: number): number {
  return interpolate(WAVELENGTHS, spectrum, wavelengthNm)
}

/**
 * CIE daylight of a colour temperature, relative energy on the grid.
 *
 * Valid: 4000..25000 K (held at the ends). Source: CIE 15, formulae for the daylight locus.
 */
export function daylightSpectrum(kelvin: number): number[] {
  const T = Math.min(25000, Math.max(4000, kelvin))
  const x =
    T <= 7000
      ? -4.607e9 / T ** 3 + 2.9678e6 / T ** 2 + 99.11 / T + 0.244063
      : -2.0064e9 / T ** 3 + 1.9018e6 / T ** 2 + 247.48 / T + 0.23704
  const y = -3 * x * x + 2.87 * x - 0.275
  const d = 0.0241 + 0.2562 * x - 0.7341 * y
  const M1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / d
  const M2 = (0.03 - 31.4424 * x + 30.0717 * y) / d
  return DAYLIGHT.S0.map((s0, i) => s0 + M1 * DAYLIGHT.S1[i]! + M2 * DAYLIGHT.S2[i]!)
}

/** Asymmetric Gaussian of the colour-matching fits. */
function lobe(l: number, mean: number, below: number, above: number): number {
  return Math.exp(-0.5 * ((l - mean) / (l < mean ? below : above)) ** 2)
}

/** The CIE 1931 colour-matching functions x and z in the same fit as `PHOTOPIC`; error 1–2 %. */
export const MATCH_X: readonly number[] = WAVELENGTHS.map(
  l => 1.056 * lobe(l, 599.8, 37.9, 31) + 0.362 * lobe(l, 442, 16, 26.7) - 0.065 * lobe(l, 501.1, 20.4, 26.2),
)
export const MATCH_Z: readonly number[] = WAVELENGTHS.map(
  l => 1.217 * lobe(l, 437, 11.8, 36) + 0.681 * lobe(l, 459, 26, 13.8),
)

/** Photopic sensitivity V(λ), the CIE 1931 y function in the fit of Wyman, Sloan & Shirley 2013; from memory. */
export const PHOTOPIC: readonly number[] = WAVELENGTHS.map(
  l => 0.821 * lobe(l, 568.8, 46.9, 40.5) + 0.286 * lobe(l, 530.9, 16.3, 31.1),
)
