import { beforeAll, describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { FITTED_TO } from '#core/knowledge'
import { prepareBox, rank } from '#core/match'
import { explainRanking, type RankingOut, type SetupOut } from '#core/tell'
import { inWords } from '#speech'
import { CONTRADICTIONS } from './contradictions'
import { atHand, holds, loadBoxes, loadSituations, tallyBy } from './corpus'
import fitResult from './fit-result.json'

/** The corpus as a regression (common practice, no source). The floors are a little under what docs/judgement.md shows: they may be raised, never lowered without a reason in docs/decisions.md. */
const situations = loadSituations()
const unfitted = loadSituations('unfitted')
const answers = new Map<string, RankingOut>()
beforeAll(() => {
  const boxes = loadBoxes()
  for (const s of [...situations, ...unfitted]) {
    const prepared = prepareBox(atHand(boxes.get(s.box)!, s))
    answers.set(s.id, inWords(explainRanking(prepared, rank(prepared, askOf(s.reading, { schools: s.schools ?? {} })), { top: 200 })))
  }
}, 600_000)

const FLOOR = { all: 0.93, above: 0.88, within: 0.9, 'not-within': 0.9, setup: 0.93, told: 0.95, compare: 0.78, rejected: 0.97 } as const
/** No section with a weight of 40 and more falls below this. */
const SECTION_FLOOR = 0.82

/** What the weights were never fitted to: decisions as an angler brings them. */
const UNFITTED_FLOOR = 0.92

describe('the corpus of decisions', () => {
  const tallied = (some: typeof situations, keys: Parameters<typeof tallyBy>[1]) => tallyBy(some.flatMap(situation => situation.says.filter(s => !s.disputed).map(says => ({ situation, says, ok: holds(says, answers.get(situation.id)!, answers) }))), keys)
  const tally = (keys: Parameters<typeof tallyBy>[1]) => tallied(situations, keys)
  it('nine tenths of what was never fitted to hold', () => {
    const { held, all } = tallied(unfitted, () => ['all']).get('all')!
    expect(held / all).toBeGreaterThanOrEqual(UNFITTED_FLOOR)
  })
  it.each(Object.entries(FLOOR))('%s: at least %s hold', (kind, floor) => {
    const { held, all } = tally(({ says }) => ['all', says.kind]).get(kind)!
    expect(held / all).toBeGreaterThanOrEqual(floor)
  })
  it('no section of the handbook falls behind', () => {
    for (const [section, { held, all }] of tally(({ says }) => [says.section ?? '–'])) if (all >= 40) expect(held / all, section).toBeGreaterThanOrEqual(SECTION_FLOOR)
  })
  it('the weights in use were fitted to this corpus', () => expect(FITTED_TO).toBe(fitResult.corpus))
  it('shares of every answer sum to 1, and the hand holds the first, each rod and each lure once', () => {
    for (const [id, { setups, hand }] of answers) {
      expect(setups.reduce((sum, s) => sum + s.share, 0), id).toBeCloseTo(1, 1)
      expect(new Set(hand.map(h => h.outfitId)).size, id).toBe(hand.length)
      expect(new Set(hand.map(h => h.lureId)).size, id).toBe(hand.length)
      if (setups[0]?.outfitId) expect(hand, id).toContainEqual(expect.objectContaining({ lureId: setups[0].lureId, outfitId: setups[0].outfitId }))
    }
  })
})

describe('a sheet never contradicts itself', () => {
  const textOf = (s: SetupOut) => [s.presentation.text, s.hook.advice, ...s.cautions, ...[...s.reasons, ...s.advice].map(r => r.text)].join(' ')
  it.each(CONTRADICTIONS)('$name', ({ one, other }) => {
    const found = [...answers].flatMap(([id, { setups }]) => setups.slice(0, 20).filter(s => one(s, textOf(s)) && other(s, textOf(s))).map(s => `${id} ${s.lureId}`))
    expect(found).toEqual([])
  })
})
