import { ALGAE, CLOUD, PURE_WATER, WATER_RECIPES } from '#core/knowledge'
import { bisect, Remembered } from '#core/numeric'
import type { Sky, Stain } from '#core/terms'
import { daylightSpectrum, PHOTOPIC, WAVELENGTHS } from './spectrum'

/** Absorption and scattering on the grid [1/m]. */
export interface InherentOptics {
  readonly absorption: readonly number[]
  readonly scattering: readonly number[]
}

/** Caps without which very dirty water asks for the impossible. */
const GREATEST_CDOM = 25 // [1/m at 440 nm]
const GREATEST_CHL = 300 // [mg/m³]

/**
 * Absorption and scattering of a water type whose contents are scaled by one factor.
 *
 * Source: algal absorption Bricaud et al. 1998, particles Babin et al. 2003, scattering Morel 1974 and Loisel & Morel 1998; from memory, ±15 %.
 */
export function inherentOptics(stain: Stain, scale: number): InherentOptics {
  const { ag0, slope, chl0, tsm0, aNap, bNap, eta } = WATER_RECIPES[stain]
  const ag = Math.min(scale * ag0, GREATEST_CDOM)
  const chl = Math.min(scale * chl0, GREATEST_CHL)
  const tsm = scale * tsm0
  return {
    absorption: WAVELENGTHS.map(
      (l, i) =>
        PURE_WATER[i]! +
        ag * Math.exp(-slope * (l - 440)) +
        0.0378 * chl ** 0.627 * ALGAE[i]! +
        aNap * tsm * Math.exp(-0.0115 * (l - 440)),
    ),
    scattering: WAVELENGTHS.map(
      l => 0.00222 * (l / 500) ** -4.32 + 0.416 * chl ** 0.766 * (550 / l) + bNap * tsm * (550 / l) ** eta,
    ),
  }
}

/** Mean cosine of diffuse daylight under water. */
const DIFFUSE_MU = 0.86
const REFRACTIVE_INDEX = 1.34

/** Part of the light over the water that is direct sun, 0..1; from memory. */
export function directShare(sky: Sky, sunAltitudeDeg: number): number {
  return sunAltitudeDeg <= 0 ? 0 : CLOUD[sky].sun * 0.85 * (1 - Math.exp(-sunAltitudeDeg / 14))
}

/** Cosine of the refracted sun's angle from the vertical (Snell). */
export function sunSlant(sunAltitudeDeg: number): number {
  const sinBelow = Math.cos((Math.max(0, sunAltitudeDeg) * Math.PI) / 180) / REFRACTIVE_INDEX
  return Math.sqrt(1 - sinBelow * sinBelow)
}

/** Mean cosine of the light just under the surface. */
export function lightSlant(sky: Sky, sunAltitudeDeg: number): number {
  const direct = directShare(sky, sunAltitudeDeg)
  return direct * sunSlant(sunAltitudeDeg) + (1 - direct) * DIFFUSE_MU
}

/**
 * Diffuse attenuation of downwelling light Kd [1/m] on the grid: √(a² + (0.425 μ − 0.19) a b)/μ.
 *
 * Error: 0–6 % above a Monte Carlo for b/a 0.1 to 100. Source: [kirk-1984].
 */
export function diffuseAttenuation({ absorption, scattering }: InherentOptics, mu: number): number[] {
  return absorption.map((a, i) => Math.sqrt(a * a + (0.425 * mu - 0.19) * a * scattering[i]!) / mu)
}

/** Sum of the contrast a disc must lose; the form is Preisendorfer 1986 and Tyler 1968, the value from memory. */
const SECCHI_GAMMA = 8
/** Half size of a Secchi disc [m]. */
const DISC_HALF_M = 0.1
/** Convention that keeps the black-disc law 4.8/c. Assumed. */
const IMAGE_ANGLE_FACTOR = 0.2
/** Clarity is judged by day: clear sky, sun at 45° [°], its colour [K]. */
const JUDGED_SUN_DEG = 45
const JUDGED_KELVIN = 5700
const JUDGED_LIGHT = daylightSpectrum(JUDGED_KELVIN)
const JUDGED_MU = lightSlant('sun', JUDGED_SUN_DEG)

/**
 * Share of the scattered light that is turned so little that it stays in the image of a target, 0..1.
 *
 * Source: Fournier & Forand 1994 phase function, fitted; the angle's factor is assumed.
 */
export function keptInImage(halfSizeM: number, distanceM: number): number {
  const theta = IMAGE_ANGLE_FACTOR * Math.atan(halfSizeM / distanceM) * (180 / Math.PI)
  const q = 0.34 * theta ** 0.86
  return q / (1 + q)
}

/**
 * Secchi distance at which this water's disc would vanish, judged at the trial distance Z: Γ/(c_img + Kd), both photopic.
 */
function secchiFor(optics: InherentOptics, Z: number): number {
  const Kd = diffuseAttenuation(optics, JUDGED_MU)
  const kept = keptInImage(DISC_HALF_M, Z)
  const least = Math.min(...Kd) // taken off the exponents: at great Z every weight would underflow
  let weightSum = 0
  let sum = 0
  for (let i = 0; i < WAVELENGTHS.length; i++) {
    const weight = PHOTOPIC[i]! * JUDGED_LIGHT[i]! * Math.exp(-(Kd[i]! - least) * Z)
    weightSum += weight
    sum += weight * (optics.absorption[i]! + optics.scattering[i]! * (1 - kept) + Kd[i]!)
  }
  return (SECCHI_GAMMA * weightSum) / sum
}

/**
 * Secchi distance of a water: the distance that returns itself.
 *
 * @returns metres; `null` when it lies outside 0.005..200 m
 */
export function secchiDistance(optics: InherentOptics): number | null {
  const lnZ = bisect(x => secchiFor(optics, Math.exp(x)) - Math.exp(x), Math.log(0.005), Math.log(200), 45)
  return lnZ === null ? null : Math.exp(lnZ)
}

/** Waters that are remembered: a search through readings comes back to the same ones [count, assumed]. */
const waters = new Remembered<string, { readonly optics: InherentOptics | null }>(64)

/**
 * The water of a stain in which a white disc vanishes at `visibilityM`: its contents are scaled until it does.
 *
 * Valid:  0.05..30 m; "clear" below 1.5 m comes out as algal water.
 *
 * @returns optics; `null` when no amount of that stain gives such a distance (purer than pure water)
 * @throws {RangeError} if the visibility is not positive
 */
export function waterOf(stain: Stain, visibilityM: number): InherentOptics | null {
  if (!(visibilityM > 0 && Number.isFinite(visibilityM)))
    throw new RangeError(`waterOf: visibilityM must be positive and finite, got ${visibilityM}`)
  const key = `${stain} ${visibilityM}`
  let known = waters.get(key)
  if (known === undefined) waters.set(key, (known = { optics: scaledTo(stain, visibilityM) }))
  return known.optics
}

function scaledTo(stain: Stain, visibilityM: number): InherentOptics | null {
  const lnScale = bisect(
    x => secchiFor(inherentOptics(stain, Math.exp(x)), visibilityM) - visibilityM,
    Math.log(1e-4),
    Math.log(1e3),
    45,
  )
  return lnScale === null ? null : inherentOptics(stain, Math.exp(lnScale))
}

/** Colour temperature of the daylight [K] by sun and sky. From memory. */
export function daylightKelvin(sky: Sky, sunAltitudeDeg: number): number {
  const h = sunAltitudeDeg
  const clear =
    h >= 20 ? 5700 : h >= 5 ? 4700 + (1000 * (h - 5)) / 15 : h >= 0 ? 5500 - 160 * h : h >= -8 ? 5500 - 1100 * h : 4300
  if (h < 0 || sky === 'night') return clear
  if (sky === 'overcast' || sky === 'rain') return 6500
  return sky === 'broken' ? (clear + 6300) / 2 : clear
}

const PAR_FROM_NM = 400
const PAR_TO_NM = 700

/** Share of the photons of 400–700 nm just under the surface that reach a depth. */
export function parFraction(Kd: readonly number[], depthM: number, kelvin: number): number {
  const energy = daylightSpectrum(kelvin)
  let above = 0
  let below = 0
  WAVELENGTHS.forEach((l, i) => {
    if (l < PAR_FROM_NM || l > PAR_TO_NM) return
    const photons = energy[i]! * l
    above += photons
    below += photons * Math.exp(-Kd[i]! * depthM)
  })
  return below / above
}
