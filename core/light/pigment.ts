import type { Chromophore } from '#core/knowledge'

/**
 * Absorbance of a visual pigment at a wavelength: alpha and beta band, peak of the alpha band = 1.
 *
 * Valid:  λmax 330..700 nm, wavelengths 300..800 nm.
 * Error:  a few per cent near the peak, more in the long tail.
 * Source: Govardovskii, Fyhrquist, Reuter, Kuzmin & Donner (2000), Visual Neuroscience 17, 509–528: A1 eqs. 1, 2, 4, 5a, 5b; A2 eqs. 6–8 (from memory).
 *
 * @throws {RangeError} if a wavelength is not positive
 */
export function pigmentAbsorbance(lambdaMaxNm: number, wavelengthNm: number, chromophore: Chromophore = 'A1'): number {
  for (const [name, value] of [
    ['lambdaMaxNm', lambdaMaxNm],
    ['wavelengthNm', wavelengthNm],
  ] as const)
    if (!(value > 0 && Number.isFinite(value)))
      throw new RangeError(`pigmentAbsorbance: ${name} must be positive and finite, got ${value}`)
  return chromophore === 'A1' ? a1(lambdaMaxNm, wavelengthNm) : a2(lambdaMaxNm, wavelengthNm)
}

function a1(lambdaMaxNm: number, wavelengthNm: number): number {
  const x = lambdaMaxNm / wavelengthNm
  const a = 0.8795 + 0.0459 * Math.exp(-((lambdaMaxNm - 300) ** 2) / 11940)
  const alpha = 1 / (Math.exp(69.7 * (a - x)) + Math.exp(28 * (0.922 - x)) + Math.exp(-14.9 * (1.104 - x)) + 0.674)
  const betaPeak = 189 + 0.315 * lambdaMaxNm
  const betaWidth = -40.5 + 0.195 * lambdaMaxNm
  return alpha + 0.26 * Math.exp(-(((wavelengthNm - betaPeak) / betaWidth) ** 2))
}

function a2(lambdaMaxNm: number, wavelengthNm: number): number {
  const x = lambdaMaxNm / wavelengthNm
  const A = 62.7 + 1.834 * Math.exp((lambdaMaxNm - 625) / 54.2)
  const a = 0.875 + 0.0268 * Math.exp((lambdaMaxNm - 665) / 40.7)
  const alpha = 1 / (Math.exp(A * (a - x)) + Math.exp(20.85 * (0.9101 - x)) + Math.exp(-10.37 * (1.1123 - x)) + 0.5343)
  const betaPeak = 216.7 + 0.287 * lambdaMaxNm
  const betaWidth = 317 - 1.149 * lambdaMaxNm + 0.00124 * lambdaMaxNm ** 2
  return alpha + 0.37 * Math.exp(-(((wavelengthNm - betaPeak) / betaWidth) ** 2))
}
