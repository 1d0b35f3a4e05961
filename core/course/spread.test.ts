import { describe, expect, it } from 'vitest'
import { normalSample, seededRandom } from '#core/numeric'
import { coarseCourseOf } from './coarse'
import type { Presented } from './presented'
import { countedDown } from '../../tests/presented'
import { depthErrorOf, type Doubts, putOff, spreadOf } from './spread'

const spoon: Presented = {
  ...countedDown,
  depthM: 3,
  bottomM: 9,
  castM: 28,
  lineDiameterMm: 0.22,
  bait: { ...countedDown.bait, towArea: 4e-4, fallArea: 6e-4, liftRatio: 0.1, netWeight: 0.1, fallMs: 0.58 },
}
const plug: Presented = {
  ...spoon,
  control: 'dive',
  cadence: 'steady',
  bait: { ...spoon.bait, netWeight: -0.01, fallMs: 0, rated: { depthM: 3 } },
}
const sure: Doubts = { body: 0, fall: 0, weight: 0, rating: 0, pace: 0 }
const usual: Doubts = { body: 0.3, fall: 0.15, weight: 0.05, rating: 0.1, pace: 0.1 }

describe('how surely a depth is known', () => {
  it('with every figure sure only the model’s own 7 % is left', () => {
    expect(spreadOf(spoon, sure).sdM).toBeCloseTo(0.07 * coarseCourseOf(spoon).meanM, 6)
  })
  it('a rated plug is as unsure as its rating, in quadrature with the model', () => {
    const { sdM } = spreadOf(plug, { ...sure, rating: 0.2 })
    expect(sdM / coarseCourseOf(plug).meanM).toBeCloseTo(Math.hypot(0.2, 0.07), 1)
  })
  it.each([
    ['spoon', spoon],
    ['plug', plug],
    ['spoon in a stream', { ...spoon, sideMs: 0.4 }],
  ])('%s: within a third of 300 drawn courses', (_, presented) => {
    const random = seededRandom(11)
    const depths = Array.from({ length: 300 }, () => {
      const drawn = (Object.keys(usual) as (keyof Doubts)[]).reduce(
        (put, of) => putOff(put, of, usual[of] * normalSample(random)),
        presented,
      )
      return coarseCourseOf(drawn).meanM
    })
    const mean = depths.reduce((a, b) => a + b) / depths.length
    const sd = Math.sqrt(depths.reduce((sum, d) => sum + (d - mean) ** 2, 0) / depths.length)
    const told = Math.sqrt(spreadOf(presented, usual).sdM ** 2 - (0.07 * coarseCourseOf(presented).meanM) ** 2)
    expect(told / sd).toBeGreaterThan(0.67)
    expect(told / sd).toBeLessThan(1.5)
  })
  it('more doubt, wider; the band lies round the course and inside the water', () => {
    const [some, more] = [spreadOf(spoon, usual), spreadOf(spoon, { ...usual, pace: 0.3 })]
    expect(more.sdM).toBeGreaterThan(some.sdM)
    expect(some.band.length).toBeGreaterThan(10)
    for (const { fromM, toM } of some.band) {
      expect(fromM).toBeGreaterThanOrEqual(0)
      expect(toM).toBeLessThanOrEqual(spoon.bottomM)
      expect(toM).toBeGreaterThanOrEqual(fromM)
    }
  })
  it('told alone it is the error that the band is drawn with', () => {
    for (const presented of [spoon, plug, { ...spoon, sideMs: 0.4 }, { ...spoon, control: 'bottom' as const }])
      expect(depthErrorOf(presented, usual)).toBe(spreadOf(presented, usual).sdM)
  })
  it('what the hand, the bottom or a trolling weight holds has no doubt of its depth', () => {
    expect(spreadOf({ ...spoon, control: 'bottom' }, usual)).toEqual({ sdM: 0, band: [] })
    expect(spreadOf({ ...spoon, control: 'vertical' }, usual).sdM).toBe(0)
    expect(spreadOf({ ...spoon, mode: 'troll', gear: true }, usual).sdM).toBe(0)
  })
  it('behind the boat there is an error and no band along a cast', () => {
    const towed = spreadOf({ ...spoon, mode: 'troll', lineOutM: 30 }, usual)
    expect(towed.sdM).toBeGreaterThan(0)
    expect(towed.band).toEqual([])
  })
})
