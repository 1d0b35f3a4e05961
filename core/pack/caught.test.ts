import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { apart, Better, caughtOn, gained, ofBoth, sumOf } from './caught'

const caught = fc.double({ min: 0, max: 1, noNaN: true })
/** Two lists of as many days, also of so many as no loop over pairs or fours goes into. */
const twoLists = fc
  .array(fc.tuple(caught, caught), { maxLength: 13, size: 'max' })
  .map(days => [Float64Array.from(days, ([a]) => a), Float64Array.from(days, ([, b]) => b)] as const)

describe('days that may come', () => {
  it('lie apart by what each is off, and both together catch the more of the two on each', () => {
    fc.assert(
      fc.property(twoLists, ([a, b]) => {
        const days = [...a.keys()]
        expect(apart(a, b)).toBeCloseTo(
          days.reduce((sum, d) => sum + Math.abs(a[d]! - b[d]!), 0),
          9,
        )
        const both = days.reduce((sum, d) => sum + Math.max(a[d]!, b[d]!), 0)
        expect(ofBoth(caughtOn(a), caughtOn(b))).toBeCloseTo(both, 9)
        expect(gained(a, b)).toBeCloseTo(both - sumOf(b), 9)
      }),
    )
  })
  it('the better of two is more on no day and less on none, and is made once', () => {
    fc.assert(
      fc.property(twoLists, ([a, b]) => {
        const [before, better] = [[...a], new Better()]
        const made = better.of(a, b)
        expect([...made]).toEqual([...a].map((one, d) => Math.max(one, b[d]!)))
        expect(better.of(a, b)).toBe(made)
        expect(better.of(a, a)).toBe(a)
        expect([...a]).toEqual(before)
      }),
    )
  })
})
