import { requireWater } from './density'

/**
 * Dynamic viscosity of fresh and sea water at one atmosphere.
 *
 * Valid:  −2..40 °C (the fresh formula: 253..383 K), salinity 0..42.
 * Error:  1 % fresh, 1.5 % sea.
 * Source: fresh [patek-2009]; sea factor [sharqawy-2010], salinity in kg/kg (practical salinity / 1000 is taken).
 *
 * @returns viscosity [Pa·s]
 * @throws {RangeError} outside −2..40 °C or 0..42
 */
export function waterViscosity(temperatureC: number, salinityPsu = 0): number {
  requireWater('waterViscosity', temperatureC, salinityPsu)
  const T = temperatureC
  const t = (T + 273.15) / 300
  const fresh = (280.68 * t ** -1.9 + 511.45 * t ** -7.7 + 61.131 * t ** -19.6 + 0.45903 * t ** -40) * 1e-6
  const s = salinityPsu / 1000
  const A = 1.541 + 1.998e-2 * T - 9.52e-5 * T * T
  const B = 7.974 - 7.561e-2 * T + 4.724e-4 * T * T
  return fresh * (1 + A * s + B * s * s)
}
