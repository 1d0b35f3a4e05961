import { requirePositive } from '#core/numeric'
import { STANDARD_GRAVITY } from './sink'

export interface HangingBody {
  /** [kg] */
  readonly mass: number
  /** At the reference temperature [m³]. */
  readonly volume: number
  /** Volume expansion [1/°C]: 0 water only, wood 0.5e-4, hard plastic 2.2e-4 (from memory). */
  readonly expansion: number
  readonly referenceC: number
}

/**
 * Missing mass of a plug: what it displaces beyond its own mass, ρV(1 + β(T − Tref)) − m [kg]. Positive floats.
 *
 * Error:  0.1 cm³ of volume is 0.1 g: prefer the sinker or two-speed test to any volume measurement. Per 10 °C the truth lies within ±0.03 g.
 * Source: Archimedes.
 *
 * @throws {RangeError} if mass or volume is not positive
 */
export function surplusMass(
  { mass, volume, expansion, referenceC }: HangingBody,
  temperatureC: number,
  waterDensity: number,
): number {
  requirePositive('surplusMass', 'mass', mass)
  requirePositive('surplusMass', 'volume', volume)
  return waterDensity * volume * (1 + expansion * (temperatureC - referenceC)) - mass
}

/**
 * Mass of some material that takes up a surplus: added under water it counts only as m(1 − ρ/ρ_add).
 *
 * @param addDensity [kg/m³], must be above the water's: lead 11340, brass 8500, steel 7850, putty 8000 (from memory)
 * @returns kg to add; negative: to take away
 * @throws {RangeError} if the material is not denser than the water
 */
export function massToHang(surplus: number, addDensity: number, waterDensity: number): number {
  if (!(addDensity > waterDensity))
    throw new RangeError(`massToHang: addDensity must be above the water's ${waterDensity}, got ${addDensity}`)
  return surplus / (1 - waterDensity / addDensity)
}

/**
 * Surplus and drag area from two speeds in the water to be fished: bare, and with a sinker of known mass (up +).
 *
 *     k = x(1 − ρ/ρs)/(U₁|U₁| − U₂|U₂|),  b = k U₁|U₁|,  CdA = 2 g k/ρ
 *
 * Source: derived from drag = weight in water at both speeds.
 *
 * @returns surplus [kg] (+ floats) and drag area [m²]; `null` when the sinker did not slow the rise: the two speeds contradict each other
 */
export function hangFromSpeeds(
  rise: { readonly bare: number; readonly withSinker: number },
  sinkerMass: number,
  sinkerDensity: number,
  waterDensity: number,
): { surplus: number; dragArea: number } | null {
  requirePositive('hangFromSpeeds', 'sinkerMass', sinkerMass)
  if (!(sinkerDensity > waterDensity))
    throw new RangeError(
      `hangFromSpeeds: sinkerDensity must be above the water's ${waterDensity}, got ${sinkerDensity}`,
    )
  const square = (u: number) => u * Math.abs(u)
  const difference = square(rise.bare) - square(rise.withSinker)
  if (difference <= 0) return null
  const k = (sinkerMass * (1 - waterDensity / sinkerDensity)) / difference
  return { surplus: k * square(rise.bare), dragArea: (2 * STANDARD_GRAVITY * k) / waterDensity }
}
