import gammaQuantile from '@stdlib/stats-base-dists-gamma-quantile'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rateOf } from './rate'

describe('rateOf (checks §G)', () => {
  it('mean is (a + n)/(b + t)', () =>
    expect(rateOf({ events: 14, effort: 22, priorShape: 2, priorEffort: 3 }).mean).toBeCloseTo(16 / 25, 12))
  it('quantiles agree with a second statistics package to 1e-6', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.double({ min: 0.1, max: 300, noNaN: true }),
        fc.double({ min: 0.3, max: 5, noNaN: true }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (events, effort, priorShape, priorEffort) => {
          const { low, high } = rateOf({ events, effort, priorShape, priorEffort })
          const [shape, rate] = [priorShape + events, priorEffort + effort]
          expect(Math.abs(low - gammaQuantile(0.05, shape, rate))).toBeLessThan(1e-6 * Math.max(1, low))
          expect(Math.abs(high - gammaQuantile(0.95, shape, rate))).toBeLessThan(1e-6 * Math.max(1, high))
        },
      ),
      { numRuns: 80 },
    )
  })
  it('more effort without events lowers the rate and narrows it', () => {
    const at = (effort: number) => rateOf({ events: 0, effort, priorShape: 1, priorEffort: 2 })
    expect(at(10).mean).toBeLessThan(at(1).mean)
    expect(at(10).high - at(10).low).toBeLessThan(at(1).high - at(1).low)
  })
  it('refuses what cannot be', () => {
    expect(() => rateOf({ events: -1, effort: 1, priorShape: 1, priorEffort: 1 })).toThrow(/events/)
    expect(() => rateOf({ events: 0, effort: 0, priorShape: 0, priorEffort: 0 })).toThrow(/nothing/)
  })
})
