/**
 * Density of fresh and sea water at one atmosphere, the international equation of state EOS-80.
 *
 * Valid:  0..40 °C, salinity 0..42 (practical scale); temperature scale IPTS-68 is taken as ITS-90 (they differ by 0.01 °C at 40 °C).
 * Error:  a few 1e-3 kg/m³.
 * Source: [millero-1981]; check values [unesco-1983].
 *
 * @param temperatureC water temperature [°C]
 * @param salinityPsu practical salinity [–]
 * @returns density [kg/m³]
 * @throws {RangeError} outside −2..40 °C or 0..42
 */
export function waterDensity(temperatureC: number, salinityPsu = 0): number {
  requireWater('waterDensity', temperatureC, salinityPsu)
  const T = temperatureC
  const S = salinityPsu
  const pure =
    999.842594 + T * (6.793952e-2 + T * (-9.09529e-3 + T * (1.001685e-4 + T * (-1.120083e-6 + T * 6.536332e-9))))
  const A = 8.24493e-1 + T * (-4.0899e-3 + T * (7.6438e-5 + T * (-8.2467e-7 + T * 5.3875e-9)))
  const B = -5.72466e-3 + T * (1.0227e-4 + T * -1.6546e-6)
  const C = 4.8314e-4
  return pure + A * S + B * S * Math.sqrt(S) + C * S * S
}

/** Range of both water formulae, as a `RangeError` that names the offender. */
export function requireWater(caller: string, temperatureC: number, salinityPsu: number): void {
  if (!(temperatureC >= -2 && temperatureC <= 40))
    throw new RangeError(`${caller}: temperatureC must be between −2 and 40, got ${temperatureC}`)
  if (!(salinityPsu >= 0 && salinityPsu <= 42))
    throw new RangeError(`${caller}: salinityPsu must be between 0 and 42, got ${salinityPsu}`)
}
