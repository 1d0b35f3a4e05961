import betaCdf from '@stdlib/stats-base-dists-beta-cdf'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seededRandom } from '#core/numeric'
import { probabilityHigher, rateRatio, standOut } from './compare'
import { dispersionOf } from './dispersion'
import { pooledRates } from './pool'
import { gammaSample, poissonSample } from '../../tests/chance'

const some = { min: 0, max: 40 }
const group = fc.record({ events: fc.integer(some), effort: fc.double({ min: 0.1, max: 50, noNaN: true }) })

describe('partial pooling of rates', () => {
  it('three lucky bites do not crown a lure', () => {
    const { groups, overall } = pooledRates([
      { events: 3, effort: 0.5 },
      { events: 24, effort: 20 },
      { events: 18, effort: 18 },
      { events: 9, effort: 11 },
      { events: 30, effort: 27 },
    ])!
    expect(groups[0]!.mean).toBeLessThan(3)
    expect(groups[0]!.mean).toBeGreaterThan(overall.mean)
    expect(groups[0]!.high - groups[0]!.low).toBeGreaterThan(groups[1]!.high - groups[1]!.low)
  })
  it('of sixty groups alike, most of them blank, the usual rate is what all gave for all effort, as sure as the few bites make it', () => {
    const random = seededRandom(4)
    const alike = Array.from({ length: 60 }, () => {
      const effort = 1 + 9 * random()
      return { events: poissonSample(0.04 * effort, random), effort }
    })
    const events = alike.reduce((sum, g) => sum + g.events, 0)
    const effort = alike.reduce((sum, g) => sum + g.effort, 0)
    expect(alike.filter(g => g.events === 0).length).toBeGreaterThan(40)
    const { overall } = pooledRates(alike)!
    expect(Math.abs(Math.log(overall.mean / (events / effort)))).toBeLessThan(0.3)
    // A Poisson count of n alone is known to about 1.645 ÷ √n on the log scale.
    const half = Math.log(overall.high / overall.low) / 2
    expect(half / (1.645 / Math.sqrt(events))).toBeGreaterThan(0.8)
    expect(half / (1.645 / Math.sqrt(events))).toBeLessThan(2)
  })
  it('much effort speaks for itself', () => {
    const { groups } = pooledRates([
      { events: 3000, effort: 1000 },
      { events: 500, effort: 1000 },
    ])!
    expect(groups[0]!.mean).toBeCloseTo(3, 1)
    expect(groups[1]!.mean).toBeCloseTo(0.5, 1)
  })
  it('a group that was never fished has the usual rate, and wide bounds', () => {
    const { groups, overall } = pooledRates([
      { events: 8, effort: 10 },
      { events: 12, effort: 10 },
      { events: 0, effort: 0 },
    ])!
    expect(Math.abs(Math.log(groups[2]!.mean / overall.mean))).toBeLessThan(0.25)
    expect(groups[2]!.high).toBeGreaterThan(groups[1]!.high)
  })
  it('lies between the group’s own rate and the others’, with order in its bounds', () => {
    fc.assert(
      fc.property(fc.array(group, { minLength: 2, maxLength: 12 }), groups => {
        const pooled = pooledRates(groups)!
        const raw = groups.map(g => g.events / g.effort)
        pooled.groups.forEach(({ mean, low, high }) => {
          expect(low).toBeLessThanOrEqual(mean)
          expect(high).toBeGreaterThanOrEqual(mean)
          expect(mean).toBeLessThanOrEqual(Math.max(...raw) + 1 / Math.min(...groups.map(g => g.effort)))
        })
      }),
      { numRuns: 60 },
    )
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
      const groups = truth.map(rate => {
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
    fc.assert(
      fc.property(group, group, (a, b) => {
        const expected = 1 - betaCdf(a.effort / (a.effort + b.effort), 0.5 + a.events, 0.5 + b.events)
        expect(probabilityHigher(a, b)).toBeCloseTo(expected, 6)
      }),
      { numRuns: 80 },
    )
  })
  it('agrees with draws from the two posteriors', () => {
    const random = seededRandom(2)
    const [a, b] = [
      { events: 6, effort: 4 },
      { events: 5, effort: 6 },
    ]
    const draws = 40_000
    let higher = 0
    for (let i = 0; i < draws; i++)
      if (gammaSample(0.5 + a.events, 1 / a.effort, random) > gammaSample(0.5 + b.events, 1 / b.effort, random))
        higher++
    expect(Math.abs(probabilityHigher(a, b) - higher / draws)).toBeLessThan(0.01)
  })
  it('is one half when a side was never fished', () =>
    expect(probabilityHigher({ events: 0, effort: 0 }, { events: 3, effort: 2 })).toBe(0.5))
})

describe('rateRatio and standOut', () => {
  it('the ratio’s ends agree with draws from the two posteriors', () => {
    const random = seededRandom(8)
    const [a, b] = [
      { events: 9, effort: 5 },
      { events: 4, effort: 6 },
    ]
    const draws = Array.from(
      { length: 40_000 },
      () => gammaSample(0.5 + a.events, 1 / a.effort, random) / gammaSample(0.5 + b.events, 1 / b.effort, random),
    ).sort((x, y) => x - y)
    const { mean, low, high } = rateRatio(a, b)!
    for (const [found, share] of [
      [low, 0.05],
      [mean, 0.5],
      [high, 0.95],
    ] as const)
      expect(found / draws[Math.round(share * draws.length)]!).toBeCloseTo(1, 1)
    expect(rateRatio(a, { events: 0, effort: 0 })).toBeNull()
  })
  // Benjamini & Hochberg 1995, §3.2: fifteen comparisons of two treatments of the heart; at 5 % the four smallest stand. Figures from memory.
  it('tells four of fifteen, as in the paper', () => {
    const paper = [
      0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.324, 0.4262, 0.5719, 0.6528, 0.759, 1,
    ]
    expect(standOut(paper, 0.05).filter(Boolean)).toHaveLength(4)
    expect(standOut([...paper].reverse(), 0.05).lastIndexOf(false)).toBe(10)
    expect(standOut([], 0.05)).toEqual([])
  })
})

describe('dispersionOf', () => {
  const days = (counts: readonly number[]) =>
    counts.map((events, i) => ({ group: 'a', day: String(i), events, effort: 2 }))
  it('equals Pearson’s statistic over its degrees of freedom where there are many days, and a little more where there are few', () => {
    const counts = Array.from({ length: 400 }, (_, i) => (i % 4 === 0 ? 8 : 0))
    // Mean 2: (36 + 3 × 4) ÷ 4 = 12 ÷ 2 = 6 a day, over n − 1.
    // With its own doubt: 0.6 of its spread, √(2 ÷ days).
    const pearson = (6 * 400 + 3 * 8) / (399 + 8)
    expect(dispersionOf(days(counts))).toBeCloseTo(pearson * (1 + 0.6 * Math.sqrt(2 / (399 + 8))), 6)
    expect(dispersionOf(days(counts)) / pearson).toBeLessThan(1.05)
  })
  it('is 1 where bites come evenly, the usual one where nothing is known, and takes the stints of a day together', () => {
    expect(dispersionOf(days(Array.from({ length: 300 }, () => 2)))).toBe(1)
    expect(dispersionOf([])).toBeCloseTo(3 * (1 + 0.6 * Math.sqrt(2 / 8)), 9)
    const [whole, parted] = [
      [
        { group: 'a', day: '1', events: 4, effort: 4 },
        { group: 'a', day: '2', events: 1, effort: 4 },
      ],
      [
        { group: 'a', day: '1', events: 4, effort: 1 },
        { group: 'a', day: '1', events: 0, effort: 3 },
        { group: 'a', day: '2', events: 1, effort: 4 },
      ],
    ]
    expect(dispersionOf(parted)).toBeCloseTo(dispersionOf(whole), 12)
  })
  it('counts weigh less the more they are bunched: wider intervals, and a dispersion below 1 is refused', () => {
    const groups = [
      { events: 12, effort: 6 },
      { events: 3, effort: 6 },
    ]
    const width = (dispersion: number) => {
      const { low, high } = pooledRates(groups, dispersion)!.groups[0]!
      return high / low
    }
    expect(width(3)).toBeGreaterThan(width(1))
    expect(() => pooledRates(groups, 0.5)).toThrow(/dispersion/)
  })
})
