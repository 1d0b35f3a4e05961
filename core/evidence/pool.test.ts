import betaCdf from '@stdlib/stats-base-dists-beta-cdf'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seededRandom } from '#core/numeric'
import { probabilityHigher } from './compare'
import { pooledRates } from './pool'
import { gammaSample, poissonSample } from '../../tests/chance'

const some = { min: 0, max: 40 }
const group = fc.record({ events: fc.integer(some), effort: fc.double({ min: 0.1, max: 50, noNaN: true }) })

describe('partial pooling of rates', () => {
  it('three lucky bites do not crown a lure', () => {
    const { groups, overall } = pooledRates([{ events: 3, effort: 0.5 }, { events: 24, effort: 20 }, { events: 18, effort: 18 }, { events: 9, effort: 11 }, { events: 30, effort: 27 }])!
    expect(groups[0]!.mean).toBeLessThan(3)
    expect(groups[0]!.mean).toBeGreaterThan(overall.mean)
    expect(groups[0]!.high - groups[0]!.low).toBeGreaterThan(groups[1]!.high - groups[1]!.low)
  })
  it('much effort speaks for itself', () => {
    const { groups } = pooledRates([{ events: 3000, effort: 1000 }, { events: 500, effort: 1000 }])!
    expect(groups[0]!.mean).toBeCloseTo(3, 1)
    expect(groups[1]!.mean).toBeCloseTo(0.5, 1)
  })
  it('a group that was never fished has the usual rate, and wide bounds', () => {
    const { groups, overall } = pooledRates([{ events: 8, effort: 10 }, { events: 12, effort: 10 }, { events: 0, effort: 0 }])!
    expect(Math.abs(Math.log(groups[2]!.mean / overall.mean))).toBeLessThan(0.25)
    expect(groups[2]!.high).toBeGreaterThan(groups[1]!.high)
  })
  it('lies between the group’s own rate and the others’, with order in its bounds', () => {
    fc.assert(fc.property(fc.array(group, { minLength: 2, maxLength: 12 }), (groups) => {
      const pooled = pooledRates(groups)!
      const raw = groups.map(g => g.events / g.effort)
      pooled.groups.forEach(({ mean, low, high }) => {
        expect(low).toBeLessThanOrEqual(mean)
        expect(high).toBeGreaterThanOrEqual(mean)
        expect(mean).toBeLessThanOrEqual(Math.max(...raw) + 1 / Math.min(...groups.map(g => g.effort)))
      })
    }), { numRuns: 60 })
  })
  it('no effort says nothing; a negative count is refused', () => {
    expect(pooledRates([{ events: 0, effort: 0 }])).toBeNull()
    expect(() => pooledRates([{ events: -1, effort: 2 }])).toThrow(/events/)
  })

  it('intervals hold the truth in 90 % ± 3 of 1,000 logs drawn from the model', () => {
    const random = seededRandom(9)
    let [held, of] = [0, 0]
    for (let run = 0; run < 1000; run++) {
      const shape = 0.5 * 120 ** random()
      const usual = 0.3 * 8 ** random()
      const truth = Array.from({ length: 8 }, () => gammaSample(shape, usual / shape, random))
      const groups = truth.map((rate) => {
        const effort = 1 + 14 * random()
        return { effort, events: poissonSample(rate * effort, random) }
      })
      pooledRates(groups)!.groups.forEach(({ low, high }, i) => {
        of++
        if (truth[i]! >= low && truth[i]! <= high) held++
      })
    }
    expect(held / of).toBeGreaterThan(0.87)
    expect(held / of).toBeLessThan(0.93)
  })

  it('recovers which of six lures is best when it gets twice the others and was fished enough', () => {
    const random = seededRandom(4)
    let found = 0
    for (let run = 0; run < 200; run++) {
      const groups = [2, 1, 1, 1, 1, 1].map(rate => ({ effort: 15, events: poissonSample(rate * 15, random) }))
      const { groups: estimates } = pooledRates(groups)!
      if (estimates.every(e => e.mean <= estimates[0]!.mean)) found++
    }
    // Two against one in fifteen hours: raw counts of Poisson(30) and five of Poisson(15) put it first in well over nine of ten logs.
    expect(found / 200).toBeGreaterThan(0.9)
  })
})

describe('probabilityHigher', () => {
  it('agrees with a second statistics package', () => {
    fc.assert(fc.property(group, group, (a, b) => {
      const expected = 1 - betaCdf(a.effort / (a.effort + b.effort), 0.5 + a.events, 0.5 + b.events)
      expect(probabilityHigher(a, b)).toBeCloseTo(expected, 6)
    }), { numRuns: 80 })
  })
  it('agrees with draws from the two posteriors', () => {
    const random = seededRandom(2)
    const [a, b] = [{ events: 6, effort: 4 }, { events: 5, effort: 6 }]
    const draws = 40_000
    let higher = 0
    for (let i = 0; i < draws; i++) if (gammaSample(0.5 + a.events, 1 / a.effort, random) > gammaSample(0.5 + b.events, 1 / b.effort, random)) higher++
    expect(Math.abs(probabilityHigher(a, b) - higher / draws)).toBeLessThan(0.01)
  })
  it('is one half when a side was never fished', () => expect(probabilityHigher({ events: 0, effort: 0 }, { events: 3, effort: 2 })).toBe(0.5))
})
