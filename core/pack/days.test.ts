import { describe, expect, it } from 'vitest'
import { UNWANTED } from '#core/knowledge'
import { Catches } from './catches'
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
