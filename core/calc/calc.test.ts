import { describe, expect, it } from 'vitest'
import { check } from '#core/files'
import { CALC_ABOUT, CALCS } from './index'

const run = (name: string, input: object) => {
  const calc = CALCS.find(c => c.name === name)!
  const parsed = check(calc.input, input)
  return parsed.ok ? calc.run(parsed.value) : { issue: parsed.issues[0] }
}

describe('the calculators', () => {
  it('bear the contract’s names', () => {
    expect(CALCS.map(c => c.name)).toEqual(expect.arrayContaining([
      'water-density', 'water-viscosity', 'sphere-fall', 'fall-speed', 'fit-fall', 'hang', 'hang-from-speeds', 'dive-tow', 'tow-line', 'dive-cast', 'sink-retrieve', 'hold-speed', 'bottom-weight',
      'drop-shot', 'downrigger', 'pick-up', 'line-diameter', 'sun', 'phase', 'desirability',
    ]))
    expect(new Set(CALCS.map(c => c.name)).size).toBe(CALCS.length)
  })
  // Each in the contract's units, against the value named beside it.
  it.each<[string, object, object]>([
    ['water-density', { temperatureC: 25, salinityPsu: 35 }, { densityKgM3: expect.closeTo(1023.34306, 4) }], // UNESCO 44 (1983)
    ['water-viscosity', { temperatureC: 20 }, { viscosityMPas: expect.closeTo(1.002, 2) }], // IAPWS
    ['hang', { weightG: 14.5, volumeCm3: 14.8, temperatureC: 20 }, { surplusG: expect.closeTo(0.273, 2), addG: expect.closeTo(0.3, 2) }], // handbook §3
    ['pick-up', { spoolDiameterMm: 36, ratio: 6.3 }, { metresPerTurn: expect.closeTo(0.713, 3) }], // geometry
    ['line-diameter', { material: 'wire', testKg: 10 }, { diameterMm: null, reason: expect.stringMatching(/measure/) }],
    ['line-diameter', { material: 'nylon', testKg: 4.5359237 }, { diameterMm: expect.closeTo(0.0825 * Math.sqrt(10), 6) }], // handbook §10, k √lb
    ['drop-shot', { leaderM: 0.61, depthM: 4, distanceM: 12 }, { heightM: expect.closeTo(0.254, 2), angleDeg: expect.closeTo(24.6, 0) }], // handbook §8
    ['dive-tow', { rated: { depthM: 3 }, lineOutM: 60, lineDiameterMm: 0.3, tipM: 0.5 }, { depthM: expect.closeTo(4.03, 1) }], // handbook §4a
    ['bottom-weight', { depthM: 6 }, { weightG: expect.closeTo(7.1, 0) }], // handbook §7
    ['fall-speed', { weightG: 10, volumeCm3: 20, dragAreaCm2: 10, depthM: 2 }, { speedMs: expect.any(Number), timeS: null, reason: 'it does not sink' }],
    ['hang-from-speeds', { rise1Ms: 0.02, rise2Ms: 0.03, sinkerG: 0.3 }, { surplusG: null, reason: expect.stringMatching(/more slowly/) }],
    ['hold-speed', { netWeightG: -1, dragAreaCm2: 2, lineDiameterMm: 0.2, depthM: 2, distanceM: 10, tipM: 1 }, { speedMs: null, reason: expect.any(String) }],
  ])('%s %j', (name, input, expected) => expect(run(name, input)).toMatchObject(expected))

  it('share of the retrieve in a band: under half within 20 % of the deepest (3 m diver: 46 %, handbook §4b)', () => {
    const { shareInBand } = run('dive-cast', { rated: { depthM: 3 }, castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8, bandM: [2.4, 3.6] }) as { shareInBand: number }
    expect(Math.abs(shareInBand - 0.46)).toBeLessThan(0.04)
  })
  it.each([
    ['fit-fall', { weightG: 5, volumeCm3: 1, depthM: 2, timesS: [0] }, 'timesS[0]'],
    ['water-density', { temperatureC: 95 }, 'temperatureC'],
    ['fall-speed', { weightG: -1, volumeCm3: 1, dragAreaCm2: 1 }, 'weightG'],
    ['sphere-fall', { diameterMm: 1, densityKgM3: 7850 }, 'temperatureC'],
    ['pick-up', { spoolDiameterMm: 30, ratio: 6, coreDiameterMm: 40 }, 'coreDiameterMm'],
    ['drop-shot', {}, 'leaderM'],
  ])('%s refuses %j by field', (name, input, path) => expect(run(name, input)).toMatchObject({ issue: { path } }))
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
