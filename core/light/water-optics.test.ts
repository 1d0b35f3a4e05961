import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PURE_WATER } from '#core/knowledge'
import { STAINS } from '#core/terms'
import { pigmentAbsorbance } from './pigment'
import { atWavelength, daylightSpectrum, WAVELENGTHS } from './spectrum'
import { diffuseAttenuation, inherentOptics, lightSlant, parFraction, secchiDistance, waterOf } from './water-optics'

const MU = lightSlant('sun', 45)
const within = (value: number, expected: number, share: number) =>
  expect(Math.abs(value / expected - 1), `${value} against ${expected}`).toBeLessThan(share)

describe('pure water', () => {
  // Pope & Fry 1997, 1/m.
  it.each([
    [400, 0.00663],
    [420, 0.00454],
    [440, 0.00635],
    [450, 0.00922],
    [500, 0.0204],
    [550, 0.0565],
    [600, 0.2224],
    [650, 0.34],
    [700, 0.624],
  ])('absorbs at %d nm: %d', (nm, a) => {
    expect(atWavelength(PURE_WATER, nm)).toBe(a)
  })
  it('tables cover the grid', () =>
    expect([PURE_WATER.length, WAVELENGTHS.length, WAVELENGTHS[0], WAVELENGTHS.at(-1)]).toEqual([36, 36, 350, 700]))
})

describe('water of a visibility and a stain', () => {
  it('its disc vanishes where the angler said (±5 %), for every stain, 0.1–12 m', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STAINS), fc.double({ min: 0.1, max: 12, noNaN: true }), (stain, visibility) => {
        const water = waterOf(stain, visibility)
        // Brown water with all its colour capped cannot be made as clear as 12 m only when its contents run out: then there is none.
        if (water) within(secchiDistance(water)!, visibility, 0.05)
        else expect(visibility).toBeGreaterThan(8)
      }),
      { numRuns: 60 },
    )
  })
  // Handbook table 3.3 (derived by a Monte Carlo model): Kd at 450, 500, 550, 600, 650 nm and c at 550 nm.
  it.each([
    ['clear', 12, [0.16, 0.12, 0.13, 0.31, 0.45], 0.54],
    ['clear', 6, [0.36, 0.24, 0.2, 0.38, 0.51], 1.2],
    ['green', 2, [1.1, 0.71, 0.49, 0.63, 0.75], 4.1],
    ['green', 1, [2.7, 1.7, 1.1, 1.0, 1.1], 9.5],
    ['brown', 1, [18, 8.6, 4.2, 2.4, 1.6], 8.7],
    ['mud', 1, [2.5, 1.6, 1.1, 1.1, 1.1], 9.4],
    ['mud', 0.3, [12, 7.6, 5.1, 3.8, 3.2], 44],
  ] as const)('%s, %d m', (stain, visibility, expected, c550) => {
    const water = waterOf(stain, visibility)!
    const Kd = diffuseAttenuation(water, MU)
    expected.forEach((k, i) => within(atWavelength(Kd, 450 + 50 * i), k, 0.06))
    within(atWavelength(water.absorption, 550) + atWavelength(water.scattering, 550), c550, 0.05) // printed to two figures
  })
  it('Kd·Z of sunlight lies where Poole & Atkins (1.7, clear), Holmes (1.44, turbid) and stained lakes (2.5–3) put it', () => {
    const product = (stain: 'clear' | 'mud' | 'brown', Z: number) => {
      const Kd = diffuseAttenuation(waterOf(stain, Z)!, MU)
      return -Math.log(parFraction(Kd, Z, 5700))
    }
    expect(product('clear', 6)).toBeGreaterThan(1.5)
    expect(product('clear', 6)).toBeLessThan(2.3)
    expect(product('mud', 1)).toBeGreaterThan(1.3)
    expect(product('mud', 1)).toBeLessThan(1.7)
    expect(product('brown', 1)).toBeGreaterThan(2.2)
    expect(product('brown', 1)).toBeLessThan(3.2)
  })
  it('passes the light it is known for: blue-green in clear, green in green, red in brown water', () => {
    const clearest = (stain: 'clear' | 'green' | 'brown', Z: number) => {
      const Kd = diffuseAttenuation(waterOf(stain, Z)!, MU)
      return WAVELENGTHS[Kd.indexOf(Math.min(...Kd))]!
    }
    expect(clearest('clear', 12)).toBe(500)
    expect(Math.abs(clearest('green', 2) - 570)).toBeLessThanOrEqual(10)
    expect(clearest('brown', 2)).toBeGreaterThan(630)
  })
  it('the light just under the surface is whole, and falls with depth', () => {
    const Kd = diffuseAttenuation(inherentOptics('green', 1), MU)
    expect(parFraction(Kd, 0, 5700)).toBe(1)
    expect(parFraction(Kd, 4, 5700)).toBeLessThan(parFraction(Kd, 2, 5700))
  })
})

describe('daylight', () => {
  it('of 6504 K is D65: relative energy 117.8 at 450, 100 at 560, 83.7 at 600 nm (CIE tables, by 10 nm; ±1 %)', () => {
    const D65 = daylightSpectrum(6504)
    const at = (nm: number) => (100 * atWavelength(D65, nm)) / atWavelength(D65, 560)
    within(at(450), 117.0, 0.01)
    within(at(600), 90.0, 0.01)
    within(at(700), 71.6, 0.01)
  })
})

describe('pigmentAbsorbance (Govardovskii et al. 2000, A1)', () => {
  it.each([434, 500, 535, 576])('peaks at about 1 at its own wavelength: %d nm', lambdaMax =>
    expect(pigmentAbsorbance(lambdaMax, lambdaMax)).toBeCloseTo(1, 1),
  )
  it('has its greatest alpha value within 2 nm of λmax, and a beta band near 189 + 0.315 λmax', () => {
    const wavelengths = Array.from({ length: 301 }, (_, i) => 400 + i)
    const peak = wavelengths.reduce((a, b) => (pigmentAbsorbance(535, b) > pigmentAbsorbance(535, a) ? b : a))
    expect(Math.abs(peak - 535)).toBeLessThanOrEqual(2)
    expect(pigmentAbsorbance(535, 189 + 0.315 * 535)).toBeGreaterThan(0.26)
  })
  it('refuses what is no wavelength', () => expect(() => pigmentAbsorbance(0, 500)).toThrow(/lambdaMaxNm/))
})
