import { describe, expect, it } from 'vitest'
import { readOutfitLabel } from './outfit-label'

/** Labels as they are printed (common practice, no source); 1 oz = 28.349523125 g and 1 ft = 0.3048 m by NIST SP 811. */
describe('readOutfitLabel', () => {
  it.each([
    [
      '2.1 m, 7–28 g, medium-heavy, fast',
      { lengthM: 2.1, lureMinG: 7, lureMaxG: 28, power: 'medium-heavy', action: 'fast' },
    ],
    ['7\'0" MH 1/4–1 oz', { lengthM: 2.134, lureMinG: 7.087, lureMaxG: 28.35, power: 'medium-heavy' }],
    [
      '6\'10" ML XF spinning 1/16 - 3/8 oz',
      {
        lengthM: 2.083,
        lureMinG: 1.772,
        lureMaxG: 10.631,
        power: 'medium-light',
        action: 'extra-fast',
        kind: 'spinning',
      },
    ],
    [
      'casting heavy moderate-fast 240 cm 25-120g',
      { lengthM: 2.4, lureMinG: 25, lureMaxG: 120, power: 'heavy', action: 'moderate-fast', kind: 'casting' },
    ],
    ['6½ ft M', { lengthM: 1.981, power: 'medium' }],
    ['7.5 ft Heavy Fast', { lengthM: 2.286, power: 'heavy', action: 'fast' }],
    ['UL 1,95 m 1-7 g', { lengthM: 1.95, lureMinG: 1, lureMaxG: 7, power: 'ultralight' }],
    ['Hechtrute 2,20 m WG bis 90 g', { lengthM: 2.2, lureMaxG: 90 }],
    ['7 ft casting up to 2 oz', { lengthM: 2.134, lureMaxG: 56.7, kind: 'casting' }],
    ['Spinnrute 2,40 m WG 10-30 g', { lengthM: 2.4, lureMinG: 10, lureMaxG: 30, kind: 'spinning' }],
    ['canne casting 1m98 10-40 g', { lengthM: 1.98, lureMinG: 10, lureMaxG: 40, kind: 'casting' }],
    ['hengel 2.40m werpgewicht 10-30 g', { lengthM: 2.4, lureMinG: 10, lureMaxG: 30 }],
    ['stang 9 fot MH 10-30 g', { lengthM: 2.743, lureMinG: 10, lureMaxG: 30, power: 'medium-heavy' }],
    ['wędka 2,70 m c.w. 5-25 g', { lengthM: 2.7, lureMinG: 5, lureMaxG: 25 }],
  ] as const)('%s', (text, wanted) => {
    const { rod, left } = readOutfitLabel(text, 'metric')
    for (const [key, value] of Object.entries(wanted)) {
      const got = rod[key as keyof typeof rod]
      if (typeof value === 'number') expect(got, key).toBeCloseTo(value, 2)
      else expect(got, key).toBe(value)
    }
    expect(left).toBe('')
  })
  it('takes the line and the reel when they are named', () => {
    expect(readOutfitLabel('2.1 m 5-20 g medium fast, braid 0.17 mm 7.3 kg, 6.2:1', 'metric')).toMatchObject({
      line: { material: 'braid', diameterMm: 0.17, testKg: 7.3 },
      reel: { ratio: 6.2 },
      left: '',
    })
    expect(readOutfitLabel('7 ft M 10 lb mono', 'imperial').line.testKg).toBeCloseTo(4.536, 3)
  })
  it('takes what the rod is rated for apart from the line that is on it, and fractions without a unit as ounces', () => {
    const { rod, line, left } = readOutfitLabel("6'6 UL 1/32-1/4, 4-8 lb, 6 lb mono", 'metric')
    expect(rod.lureMinG).toBeCloseTo(28.349523125 / 32, 4)
    expect(rod.lureMaxG).toBeCloseTo(28.349523125 / 4, 4)
    expect(rod.lineMaxKg).toBeCloseTo(8 * 0.45359237, 4)
    expect(line).toMatchObject({ material: 'nylon' })
    expect(line.testKg).toBeCloseTo(6 * 0.45359237, 4)
    expect(left).toBe('')
  })
  it('an overhead reel is said beside the rod', () =>
    expect(readOutfitLabel("jigging overhead 6' H 100-300 g", 'metric')).toMatchObject({
      rod: { kind: 'jigging', power: 'heavy', lureMaxG: 300 },
      reel: { kind: 'overhead' },
      left: '',
    }))
  it('hands back what it does not understand, and never an upside-down window', () => {
    expect(readOutfitLabel('2.1 m blue thing', 'metric').left).toBe('blue thing')
    expect(readOutfitLabel('28-7 g', 'metric').rod).toEqual({})
  })
  it.each([
    ['canne 2m10 7-28 g tresse 15/100', 'braid', 0.15],
    ['Rute 2,10 m 5-20 g Geflecht 0,12 mm', 'braid', 0.12],
    ['vapa 210 cm 10-30 g kuitusiima 0,14 mm', 'braid', 0.14],
  ] as const)('the line of %s', (text, material, diameterMm) => {
    expect(readOutfitLabel(text, 'metric')).toMatchObject({ line: { material, diameterMm }, left: '' })
  })
})
