import { describe, expect, it } from 'vitest'
import { nextOf } from '#core/rotation'
import type { Stint } from '#core/tackle'
import { match } from '#core/tell'
import { inWords } from '#speech'
import { atHand, loadBoxes, loadSituations } from '../corpus/corpus'
import { DAY_START, FIFTH, FIRST, FOURTH, SECOND, SEVENTH, SIXTH, THIRD } from './trips'

const boxes = loadBoxes()

describe('what to do next on whole trips (handbook §15; common practice, no source)', () => {
  it.each([...FIRST, ...SECOND, ...THIRD, ...FOURTH, ...FIFTH, ...SIXTH, ...SEVENTH])('%s', (_, box, stints, holds) => {
    const out = inWords(nextOf(boxes.get(box)!, { id: 'trip', start: DAY_START, stints: [...stints] }))
    expect(
      holds(out),
      `${out.do} ${out.change?.what} → ${out.change?.setup?.lureId}; ${out.signs.map(s => s.sign).join()}`,
    ).toBe(true)
  })
})

describe('what was told is not found fault with', () => {
  const EACH = 40
  it.each(loadSituations().filter((_, i) => i % EACH === 0))(
    '$id: fished as told for twenty minutes without a touch, no figure of the retrieve is off',
    situation => {
      const { reading, schools = {} } = situation
      const box = atHand(boxes.get(situation.box)!, situation)
      for (const setup of match(box, reading, { top: 4, schools }).setups) {
        const { lureId, trailerId, rig, outfitId, headG, sinkerG, tactic, presentation } = setup
        const stint: Stint = {
          id: 'as told',
          lureId,
          trailerId,
          rig,
          outfitId,
          presentation: { ...presentation, tactic, headG, sinkerG },
          start: DAY_START,
          end: new Date(Date.parse(DAY_START) + 20 * 60_000).toISOString(),
          reading,
          events: [],
        }
        const out = inWords(nextOf(box, { id: 'trip', start: DAY_START, stints: [stint] }, { schools }))
        expect([lureId, out.do, out.signs.map(s => s.sign)]).toEqual([lureId, 'stay', []])
      }
    },
  )
})
