import { describe, expect, it } from 'vitest'
import { UNWANTED } from '#core/knowledge'
import { seededRandom } from '#core/numeric'
import { Catches } from './catches'
import { drawDays, type LureOfDay } from './days'
import type { Day, PackOption } from './problem'

const OPTION: PackOption = {
  reading: 0,
  lureId: 'spoon',
  outfitId: 'rod',
  score: 0.8,
  needs: [],
  traits: { colour: 'gold', size: 2, depth: 1, speed: 2, action: 'wobble, steady' },
}
const PLAIN: Day = { reading: 0, weight: 0.2, wants: [], off: new Map(), lost: new Set() }

describe('what a day makes of a set-up', () => {
  it('leaves less of it for each wish that it misses, nothing where it is lost, and more or less where the judgement is off', () => {
    const gold = { trait: 'colour', value: 'gold' } as const
    const natural = { trait: 'colour', value: 'natural' } as const
    const small = { trait: 'size', value: 1 } as const
    const days: readonly Day[] = [
      PLAIN,
      { ...PLAIN, wants: [gold] },
      { ...PLAIN, wants: [natural] },
      { ...PLAIN, wants: [natural, small], off: new Map([['spoon', 1.5]]) },
      { ...PLAIN, lost: new Set(['spoon']) },
    ]
    const [row] = new Catches({ weights: [1], options: [OPTION], days }).rows
    const expected = [0.8, 0.8, 0.8 * UNWANTED, 0.8 * 1.5 * UNWANTED ** 2, 0]
    expected.forEach((caught, k) => expect(row!.catches[k]).toBeCloseTo(caught, 12))
    expect(UNWANTED).toBeLessThan(1)
  })

  it('knows nothing of the wishes for what it knows no traits of', () => {
    const { reading, lureId, outfitId, score, needs } = OPTION
    const unknown = { reading, lureId, outfitId, score, needs }
    const days = [{ ...PLAIN, wants: [{ trait: 'colour', value: 'natural' } as const] }]
    expect(new Catches({ weights: [1], options: [unknown], days }).rows[0]!.catches[0]).toBe(OPTION.score)
  })
})

describe('the days that are drawn', () => {
  const lure = (id: string, kind = 'spoon'): LureOfDay => ({ id, kind, pieces: 1, isAtRisk: true })
  const drawn = (lures: readonly LureOfDay[], seed = 7) =>
    drawDays(0, 1, [], lures, { random: seededRandom(seed), days: 400, spread: 1 })

  it('bring a lure what they bring it, whatever else is in the box', () => {
    const alone = drawn([lure('a')])
    const among = drawn([lure('z', 'jig'), lure('b'), lure('a'), lure('c')])
    among.forEach((day, k) => {
      expect(day.off.get('a')).toBe(alone[k]!.off.get('a'))
      expect(day.lost.has('a')).toBe(alone[k]!.lost.has('a'))
    })
    expect(drawn([lure('a')], 8).map(d => d.off.get('a'))).not.toEqual(alone.map(d => d.off.get('a')))
  })

  it('are off for lures of a kind together more than for lures of two kinds, and lose a quarter of what is at risk', () => {
    const days = drawn([lure('a'), lure('b'), lure('c', 'jig')])
    const of = (id: string) => days.map(({ off }) => Math.log(off.get(id)!))
    const together = (x: readonly number[], y: readonly number[]) => x.reduce((sum, v, k) => sum + v * y[k]!, 0) / 400
    // Spreads of 0.25 for a kind and 0.3 for a lure (core/pack/days.ts): 0.0625 together, nothing between kinds; within three standard errors of 400 days.
    expect(Math.abs(together(of('a'), of('b')) - 0.0625)).toBeLessThan(0.025)
    expect(Math.abs(together(of('a'), of('c')))).toBeLessThan(0.025)
    expect(days.filter(({ lost }) => lost.has('a')).length / 400).toBeGreaterThan(0.18)
    expect(days.filter(({ lost }) => lost.has('a')).length / 400).toBeLessThan(0.32)
  })
})
