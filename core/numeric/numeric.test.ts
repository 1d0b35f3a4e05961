import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bisect } from './bisect'
import { overallDesirability, peak } from './desirability'
import { FollowedRoot, illinois } from './illinois'
import { interpolate } from './interpolate'
import { normalQuantile, normalShare } from './normal'
import { seededRandom, shuffled } from './random'
import { RowMemo } from './row-memo'
import { ramp } from './soft-step'

describe('an order of chance', () => {
  it('has everything once, and each thing at each place equally often', () => {
    const random = seededRandom(3)
    const list = ['a', 'b', 'c', 'd'] as const
    const orders = Array.from({ length: 4000 }, () => shuffled(list, random))
    for (const order of orders) expect(order.toSorted()).toEqual(list)
    // A quarter of the orders, within four standard errors of so many draws.
    for (const [place] of list.entries())
      for (const one of list)
        expect(Math.abs(orders.filter(order => order[place] === one).length / 4000 - 0.25)).toBeLessThan(0.028)
  })
})

describe('the standard normal', () => {
  it.each([
    [0.5, 0],
    [0.9, 1.2816],
    [0.975, 1.96],
    [0.995, 2.5758],
  ])('has %d of itself below the value of the usual tables', (p, z) => {
    expect(normalQuantile(p)).toBeCloseTo(z, 4)
    expect(normalShare(z)).toBeCloseTo(p, 4)
    expect(normalShare(-z)).toBeCloseTo(1 - p, 4)
  })
})

describe('overallDesirability', () => {
  it('is the weighted geometric mean (Derringer & Suich 1980): D(0.25, 1) = 0.5 with equal weights', () => {
    expect(overallDesirability([0.25, 1], [1, 1])).toBeCloseTo(0.5, 12)
  })
  it('gives zero for any zero that counts, and ignores what has no weight', () => {
    expect(overallDesirability([0, 1], [1, 1])).toBe(0)
    expect(overallDesirability([0, 1], [0, 1])).toBe(1)
    expect(overallDesirability([0.5], [0])).toBeNull()
  })
  it('lies between the least and the greatest, whatever the weights', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: 0.01, max: 1, noNaN: true }), fc.double({ min: 0.01, max: 9, noNaN: true })),
          { minLength: 1, maxLength: 9 },
        ),
        pairs => {
          const values = pairs.map(([v]) => v)
          const overall = overallDesirability(
            values,
            pairs.map(([, w]) => w),
          )!
          expect(overall).toBeGreaterThanOrEqual(Math.min(...values) - 1e-12)
          expect(overall).toBeLessThanOrEqual(Math.max(...values) + 1e-12)
        },
      ),
    )
  })
  it.each([
    [[1.2], [1]],
    [[0.5], [-1]],
    [[0.5], [1, 2]],
  ])('refuses %j with weights %j', (values, weights) => {
    expect(() => overallDesirability(values, weights)).toThrow(RangeError)
  })
})

describe('peak', () => {
  it('is 1 at best, one half at both limits, and flat on a side without limit', () => {
    expect([peak(3, 3, 2, 5), peak(2, 3, 2, 5), peak(5, 3, 2, 5), peak(9, 3, 2, 3)]).toEqual([1, 0.5, 0.5, 1])
  })
})

describe('illinois', () => {
  it('agrees with bisection on smooth monotone functions', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (k, root) => {
          const f = (x: number) => Math.sinh(k * (x - root)) + 0.3 * (x - root)
          expect(illinois(f, -4, 4, { x: 1e-9, f: 1e-10 })).toBeCloseTo(bisect(f, -4, 4)!, 6)
        },
      ),
    ))
  it('needs far fewer evaluations than bisection for the same root', () => {
    let calls = 0
    illinois(
      x => {
        calls++
        return x * x - 2
      },
      0,
      2,
      { x: 1e-9, f: 1e-9 },
    )
    expect(calls).toBeLessThan(15)
  })
  it('says there is none', () => expect(illinois(x => x * x + 1, -1, 1, { x: 1e-6, f: 1e-6 })).toBeNull())
})

describe('a root that is followed', () => {
  const close = { x: 1e-9, f: 1e-9 }
  it('is that of bisection, however the function has moved since, at a bound where there is none between them', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (k, slope, roots) => {
          let root = 0
          const f = (x: number) => Math.sinh(k * (x - root)) + 0.3 * (x - root)
          const followed = new FollowedRoot(f, slope, [-6, 6], close)
          for (root of roots) {
            const wanted = root <= -6 ? -6 : root >= 6 ? 6 : bisect(f, -6, 6)!
            expect(followed.next()).toBeCloseTo(wanted, 6)
            expect(followed.root).toBeCloseTo(wanted, 6)
          }
        },
      ),
    ))
  it('costs two or three evaluations where it has moved a little', () => {
    let calls = 0
    let root = 0.5
    const followed = new FollowedRoot(
      x => {
        calls++
        return Math.atan(x - root)
      },
      1,
      [-6, 6],
      { x: 1e-3, f: 1e-3 },
    )
    followed.next()
    calls = 0
    for (let i = 0; i < 10; i++) {
      root += 0.02
      followed.next()
    }
    expect(calls).toBeLessThanOrEqual(30)
  })
})

describe('bisect', () => {
  it('finds √2', () => expect(bisect(x => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 12))
  it('says there is none', () => expect(bisect(x => x * x + 1, -1, 1)).toBeNull())
  it('refuses an empty bracket', () => expect(() => bisect(x => x, 1, 1)).toThrow(/bracket/))
})

describe('interpolate and ramp', () => {
  it('go straight between points and hold the ends', () => {
    expect([
      interpolate([0, 10], [0, 5], 4),
      interpolate([0, 10], [0, 5], -3),
      interpolate([0, 10], [0, 5], 99),
    ]).toEqual([2, 0, 5])
    expect([ramp(1, 0, 2), ramp(1, 2, 0), ramp(9, 0, 2)]).toEqual([0.5, 0.5, 1])
    expect(() => ramp(1, 2, 2)).toThrow(RangeError)
  })
})

describe('seededRandom', () => {
  it('repeats itself, and its mean is a half within four standard errors', () => {
    const draw = (seed: number) => Array.from({ length: 10_000 }, seededRandom(seed))
    expect(draw(7)).toEqual(draw(7))
    expect(Math.abs(draw(7).reduce((a, b) => a + b) / 10_000 - 0.5)).toBeLessThan(4 * Math.sqrt(1 / 12 / 10_000))
  })
})

describe('what is remembered by a row of numbers', () => {
  const asked: string[] = []
  const of = (memo: RowMemo<string>, ...numbers: number[]) =>
    memo.of(
      row => row.set(numbers),
      () => {
        asked.push(numbers.join(' '))
        return numbers.join(' ')
      },
    )
  it('is worked out once for each row, told apart by every number, and what was not asked for longest is forgotten', () => {
    asked.length = 0
    const memo = new RowMemo<string>(2, 3)
    expect([of(memo, 1, 2, 3), of(memo, 1, 2, 3), of(memo, 1, 2, 4), of(memo, 1, 2, 3)]).toEqual([
      '1 2 3',
      '1 2 3',
      '1 2 4',
      '1 2 3',
    ])
    expect(asked).toEqual(['1 2 3', '1 2 4'])
    of(memo, 1, 2, 3)
    of(memo, 0, 0, 0)
    of(memo, 1, 2, 3)
    of(memo, 1, 2, 4)
    expect(asked).toEqual(['1 2 3', '1 2 4', '0 0 0', '1 2 4'])
  })
  it('answers right whatever is asked in between', () => {
    const memo = new RowMemo<string>(50, 2)
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(0, 1, 0.1, 0.2, 0.30000000000000004, 0.3, -1, NaN), fc.double()), {
          maxLength: 200,
        }),
        rows => {
          for (const [a, b] of rows) expect(of(memo, a, b)).toBe(`${a} ${b}`)
        },
      ),
    )
  })
  it('may ask for another row while it works one out', () => {
    const memo = new RowMemo<number>(10, 1)
    const fibonacci = (n: number): number =>
      memo.of(
        row => row.fill(n),
        () => (n < 2 ? n : fibonacci(n - 1) + fibonacci(n - 2)),
      )
    expect(fibonacci(30)).toBe(832040)
  })
})
