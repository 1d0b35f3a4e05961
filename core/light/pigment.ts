/**
 * Absorbance of a visual pigment of the A1 kind at a wavelength: alpha and beta band, peak of the alpha band = 1.
 *
 * Valid:  λmax 330..700 nm, wavelengths 300..800 nm.
 * Error:  a few per cent near the peak, more in the long tail.
 * Source: Govardovskii, Fyhrquist, Reuter, Kuzmin & Donner (2000), Visual Neuroscience 17, 509–528, eqs. 1, 2, 4, 5a, 5b.
 *
 * @throws {RangeError} if a wavelength is not positive
 */
export function pigmentAbsorbance(lambdaMaxNm: number, wavelengthNm: number): number {
  for (const [name, value] of [['lambdaMaxNm', lambdaMaxNm], ['wavelengthNm', wavelengthNm]] as const)
    if (!(value > 0 && Number.isFinite(value))) throw new RangeError(`pigmentAbsorbance: ${name} must be positive and finite, got ${value}`)
  const x = lambdaMaxNm / wavelengthNm
  const a = 0.8795 + 0.0459 * Math.exp(-((lambdaMaxNm - 300) ** 2) / 11940)
  const alpha = 1 / (Math.exp(69.7 * (a - x)) + Math.exp(28 * (0.922 - x)) + Math.exp(-14.9 * (1.104 - x)) + 0.674)
  const betaPeak = 189 + 0.315 * lambdaMaxNm
  const betaWidth = -40.5 + 0.195 * lambdaMaxNm
  return alpha + 0.26 * Math.exp(-(((wavelengthNm - betaPeak) / betaWidth) ** 2))
}
