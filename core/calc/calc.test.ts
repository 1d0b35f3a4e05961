import { describe, expect, it } from 'vitest'
import { check } from '#core/files'
import { inWords } from '#speech'
import { CALC_ABOUT } from './about'
import { CALCS } from './index'

const run = (name: string, input: object) => {
  const calc = CALCS.find(c => c.name === name)!
  const parsed = check(calc.input, input)
  return inWords(parsed.ok ? calc.run(parsed.value) : { issue: parsed.issues[0] })
}

describe('the calculators', () => {
  it('bear the contract’s names', () => {
    expect(CALCS.map(c => c.name)).toEqual(
      expect.arrayContaining([
        'water-density',
        'water-viscosity',
        'sphere-fall',
        'fall-speed',
        'fit-fall',
        'hang',
        'hang-from-speeds',
        'dive-tow',
        'tow-line',
        'dive-cast',
        'sink-retrieve',
        'hold-speed',
        'bottom-weight',
        'drop-shot',
        'downrigger',
        'pick-up',
        'line-diameter',
        'sun',
        'phase',
        'desirability',
      ]),
    )
    expect(new Set(CALCS.map(c => c.name)).size).toBe(CALCS.length)
  })
  // Each in the contract's units, against the value named beside it.
  it.each<[string, object, object]>([
    ['water-density', { temperatureC: 25, salinityPsu: 35 }, { densityKgM3: expect.closeTo(1023.34306, 4) }], // UNESCO 44 (1983)
    ['water-viscosity', { temperatureC: 20 }, { viscosityMPas: expect.closeTo(1.002, 2) }], // IAPWS
    [
      'hang',
      { weightG: 14.5, volumeCm3: 14.8, temperatureC: 20 },
      { surplusG: expect.closeTo(0.273, 2), addG: expect.closeTo(0.3, 2) },
    ], // handbook §3
    ['pick-up', { spoolDiameterMm: 36, ratio: 6.3 }, { metresPerTurn: expect.closeTo(0.713, 3) }], // geometry
    ['line-diameter', { material: 'wire', testKg: 10 }, { diameterMm: null, reason: expect.stringMatching(/measure/) }],
    [
      'line-diameter',
      { material: 'nylon', testKg: 4.5359237 },
      { diameterMm: expect.closeTo(0.0825 * Math.sqrt(10), 6) },
    ], // handbook §10, k √lb
    [
      'drop-shot',
      { leaderM: 0.61, depthM: 4, distanceM: 12 },
      { heightM: expect.closeTo(0.254, 2), angleDeg: expect.closeTo(24.6, 0) },
    ], // handbook §8
    [
      'dive-tow',
      { rated: { depthM: 3 }, lineOutM: 60, lineDiameterMm: 0.3, tipM: 0.5 },
      { depthM: expect.closeTo(4.03, 1) },
    ], // handbook §4a
    ['bottom-weight', { depthM: 6 }, { weightG: expect.closeTo(7.1, 0) }], // handbook §7
    [
      'fall-speed',
      { weightG: 10, volumeCm3: 20, dragAreaCm2: 10, depthM: 2 },
      { speedMs: expect.any(Number), timeS: null, reason: 'it does not sink' },
    ],
    [
      'hang-from-speeds',
      { rise1Ms: 0.02, rise2Ms: 0.03, sinkerG: 0.3 },
      { surplusG: null, reason: expect.stringMatching(/more slowly/) },
    ],
    [
      'hold-speed',
      { netWeightG: -1, dragAreaCm2: 2, lineDiameterMm: 0.2, depthM: 2, distanceM: 10, tipM: 1 },
      { speedMs: null, reason: expect.any(String) },
    ],
  ])('%s %j', (name, input, expected) => expect(run(name, input)).toMatchObject(expected))

  it('share of the retrieve in a band: under half within 20 % of the deepest (3 m diver: 46 %, handbook §4b)', () => {
    const { shareInBand } = run('dive-cast', {
      rated: { depthM: 3 },
      castM: 30,
      lineDiameterMm: 0.3,
      tipM: 0.8,
      speedMs: 0.8,
      bandM: [2.4, 3.6],
    }) as { shareInBand: number }
    expect(Math.abs(shareInBand - 0.46)).toBeLessThan(0.04)
  })
  it.each([
    ['fit-fall', { weightG: 5, volumeCm3: 1, depthM: 2, timesS: [0] }, 'timesS[0]'],
    ['water-density', { temperatureC: 95 }, 'temperatureC'],
    ['fall-speed', { weightG: -1, volumeCm3: 1, dragAreaCm2: 1 }, 'weightG'],
    ['sphere-fall', { diameterMm: 1, densityKgM3: 7850 }, 'temperatureC'],
    ['pick-up', { spoolDiameterMm: 30, ratio: 6, coreDiameterMm: 40 }, 'coreDiameterMm'],
    ['drop-shot', {}, 'leaderM'],
    [
      'colour',
      { colours: { side: 'red' }, species: 'perch', visibilityM: 1, stain: 'clear', depthM: 1, sky: 'sun' },
      'colours.side',
    ],
    ['water-light', { visibilityM: 0, stain: 'clear', wavelengthNm: [550], depthM: 1 }, 'visibilityM'],
    ['sphere-fall', { diameterMm: -1, densityKgM3: 7850, temperatureC: 15 }, 'diameterMm'],
  ])('%s refuses %j by field', (name, input, path) => expect(run(name, input)).toMatchObject({ issue: { path } }))
})

describe('light by the calculators', () => {
  type WaterLight = { diffuseAttenuation: number[]; beamAttenuation: number[]; secchiM: number; parFraction: number }
  const water = (part: object = {}) =>
    run('water-light', {
      visibilityM: 6,
      stain: 'clear',
      wavelengthNm: [440, 550, 650],
      depthM: 2,
      ...part,
    }) as WaterLight
  it('gives back the visibility that was typed (±5 %), whatever the stain', () => {
    for (const stain of ['clear', 'green', 'brown', 'mud']) {
      for (const visibilityM of [0.3, 1.2, 4])
        expect(
          Math.abs(water({ stain, visibilityM }).secchiM / visibilityM - 1),
          `${stain} ${visibilityM}`,
        ).toBeLessThan(0.05)
    }
  })
  it('no water lets more through than pure water does (Pope & Fry 1997: 0.00635, 0.0565, 0.340 1/m)', () => {
    const { diffuseAttenuation, beamAttenuation } = water()
    for (const [i, pure] of [0.00635, 0.0565, 0.34].entries()) {
      expect(diffuseAttenuation[i]!).toBeGreaterThanOrEqual(pure)
      expect(beamAttenuation[i]!).toBeGreaterThan(diffuseAttenuation[i]! * 0.8)
    }
  })
  it('all light is there at the surface, less below, less still in murkier water', () => {
    expect(water({ depthM: 0 }).parFraction).toBeCloseTo(1, 6)
    const at = (depthM: number, visibilityM = 6) => water({ depthM, visibilityM }).parFraction
    expect([at(1), at(3), at(8)]).toEqual([at(1), at(3), at(8)].sort((a, b) => b - a))
    expect(at(3, 1.5)).toBeLessThan(at(3))
  })
  const seen = (colours: object, part: object = {}) =>
    run('colour', {
      colours,
      species: 'northern-pike',
      visibilityM: 1.2,
      stain: 'brown',
      depthM: 1,
      sky: 'sun',
      ...part,
    }) as Record<string, number> & { previewHex: string; reason?: string }
  it('a colour is judged, measured, and painted as it looks down there', () => {
    const white = seen({ side: '#ffffff', back: '#ffffff', belly: '#ffffff' })
    for (const share of ['conspicuousness', 'naturalness'])
      expect(white[share]).toSatisfy((v: number) => v >= 0 && v <= 1)
    expect(white.previewHex).toMatch(/^#[0-9a-f]{6}$/)
    expect(white.detectionM).toBeGreaterThan(0)
    // Brown water passes red longest: white looks warm in it.
    const [r, , b] = [1, 3, 5].map(i => Number.parseInt(white.previewHex.slice(i, i + 2), 16)) as [
      number,
      number,
      number,
    ]
    expect(r).toBeGreaterThan(b)
  })
  it('farther away there is less contrast, and nothing is seen in the dark', () => {
    const at = (distanceM: number) => seen({ side: '#ffffff' }, { distanceM }).luminanceContrast!
    expect([at(0.2), at(0.6), at(1.5)]).toEqual([at(0.2), at(0.6), at(1.5)].sort((a, b) => b - a))
    expect(seen({ side: '#444444' }, { depthM: 60, visibilityM: 0.4, stain: 'mud' })).toMatchObject({
      detectionM: null,
      reason: expect.any(String),
    })
  })
  it('the likeness follows the forage that is eaten', () => {
    const silver = { back: '#49583a', side: '#cfd6d8', belly: '#f4f4f0', metal: 'silver', finish: 'scale' }
    expect(seen(silver, { forage: 'bleak', visibilityM: 4, stain: 'clear' }).naturalness).toBeGreaterThan(
      seen(silver, { forage: 'crayfish', visibilityM: 4, stain: 'clear' }).naturalness!,
    )
  })
})

describe('the calculators’ descriptions', () => {
  it('every calculator but the colour bench’s own is described, starts soundly, and its chart really has an answer', () => {
    for (const { name, input, run } of CALCS.filter(c => c.name !== 'colour' && c.name !== 'water-light')) {
      const about = CALC_ABOUT[name]
      expect(about, name).toBeDefined()
      const answer = run(input.parse(about!.start) as never) as Record<string, unknown>
      if (about!.chart) expect(typeof answer[about!.chart.y], name).toBe('number')
    }
    expect(Object.keys(CALC_ABOUT).every(name => CALCS.some(c => c.name === name))).toBe(true)
  })
})
