import { beforeAll, describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { courseOf, shareInBand } from '#core/course'
import { prepareBox, rank } from '#core/match'
import { explainRanking, presentedSetups, type SetupOut } from '#core/tell'
import { inWords } from '#speech'
import { atHand, loadBoxes, loadSituations } from './corpus'

/** What the card tells against the course that the cut draws: every set-up of every situation of the corpus. */
interface Pair { readonly id: string, readonly setup: SetupOut, readonly drawnM: number, readonly drawnDeepestM: number, readonly drawnShare: number }
const pairs: Pair[] = []
const SHOWN = 12

beforeAll(() => {
  const boxes = loadBoxes()
  for (const situation of loadSituations()) {
    const prepared = prepareBox(atHand(boxes.get(situation.box)!, situation))
    const ranking = rank(prepared, askOf(situation.reading, { schools: situation.schools ?? {} }))
    const { setups } = inWords(explainRanking(prepared, ranking, { top: SHOWN }))
    const presented = presentedSetups(ranking, setups)
    for (const setup of setups) {
      const bait = presented.get(setup.lureId)!
      const course = courseOf(bait)
      pairs.push({ id: `${situation.id} ${setup.lureId} ${setup.rig} ${setup.presentation.cadence}`, setup, drawnM: course.meanM, drawnDeepestM: course.deepestM, drawnShare: shareInBand(course, bait.band.fromM, bait.band.toM).ofTime })
    }
  }
}, 600_000)

const off = (told: number, drawn: number, least: number) => Math.abs(told - drawn) > Math.max(least, 0.1 * drawn)

describe('the card and the cut', () => {
  it('tell one depth: within 10 % or 0.2 m', () => {
    expect(pairs.filter(p => off(p.setup.presentation.depthM, p.drawnM, 0.2)).map(p => `${p.id}: told ${p.setup.presentation.depthM}, drawn ${p.drawnM.toFixed(2)}`)).toEqual([])
  })
  it('tell one share in front of the fish: within 0.1, but for one in a thousand, and none further than 0.2', () => {
    const apart = pairs.map(p => ({ ...p, by: Math.abs(p.setup.presentation.shareInBand - p.drawnShare) })).filter(p => p.by > 0.1).sort((a, b) => b.by - a.by)
    expect(apart[0]?.by ?? 0, apart[0]?.id).toBeLessThan(0.2)
    expect(apart.length / pairs.length, apart.map(p => `${p.id}: told ${p.setup.presentation.shareInBand}, drawn ${p.drawnShare.toFixed(2)}`).join('; ')).toBeLessThan(0.001)
  })
  it('are asked of every way of controlling the depth', () => {
    expect(new Set(pairs.map(p => p.setup.presentation.control)).size).toBe(6)
    expect(pairs.length).toBeGreaterThan(3000)
  })
})
