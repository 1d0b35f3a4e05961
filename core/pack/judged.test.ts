import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { prepareBox } from '#core/match'
import { finished, seededRandom } from '#core/numeric'
import { loadBoxes } from '../../tests/corpus/corpus'
import { DAYS_TO_PACK } from '../../tests/pack/days'
import { packProblem } from './build'
import { Catches } from './catches'
import { greedyPack } from './greedy'
import { againstTheBest, judgedOnEach } from './judged'
import { likelyReadings, withChanges } from './tomorrow'
import { valueOf } from './value'

const boxes = loadBoxes()
const NOTHING = { take: new Set<string>(), leave: new Set<string>() }

describe('what a pack counts on', () => {
  it.each(['stocked trout in a pond', 'sea bass off boulders in autumn, from the shore', 'walleye in spring'])(
    'of %s: the pack is worth what it is with every lure judged, and fewer than that are',
    name => {
      const day = DAYS_TO_PACK.find(d => d.name === name)!
      const box = prepareBox(boxes.get(day.box)!)
      const readings = likelyReadings({ from: day.from, place: null, forecast: day.forecast, planB: null })
      const limits = { rods: day.rods, lures: day.lures, boxes: 1, slotsPerBox: 20, grams: null }
      const planned = (take: ReadonlySet<string>) => ({
        ...finished(packProblem(box, { readings, limits, locks: { ...NOTHING, take } }, seededRandom(7))),
        locks: NOTHING,
      })
      const few = planned(NOTHING.take)
      const all = planned(new Set(box.lures.map(p => p.lure.id)))
      const catches = new Catches(all)
      const worth = (problem: typeof all) => valueOf(all, catches, greedyPack(problem, new Catches(problem))).total
      expect(few.options.length).toBeLessThan(0.85 * all.options.length)
      expect(worth(few)).toBeGreaterThan(0.99 * worth(all))
    },
  )

  it('holds all that catches a fifth of the best, a dozen lures of each rod, and what must go whatever it catches', () => {
    const day = DAYS_TO_PACK.find(d => d.name === 'stocked trout in a pond')!
    const box = prepareBox(boxes.get(day.box)!)
    const ask = askOf(day.from)
    const all = judgedOnEach(box, ask, new Set(box.lures.map(p => p.lure.id)))
    const of = (judged: typeof all) =>
      judged.flatMap(({ outfit, setups }) =>
        setups.map(({ profile, trailer, score }) => ({
          rod: outfit.outfit.id,
          lure: profile.lure.id,
          dressed: trailer?.lure.id,
          score,
        })),
      )
    const few = of(judgedOnEach(box, ask, NOTHING.take))
    const caught = againstTheBest(
      of(all).map(({ rod, lure, score }) => ({ reading: 0, outfitId: rod, lureId: lure, score, needs: [] })),
    )
    const most = Math.max(...caught.map(o => o.score))
    const isIn = (rod: string, lure: string) => few.some(s => s.rod === rod && s.lure === lure)
    const good = caught.filter(o => o.score >= 0.2 * most)
    expect(good.length).toBeGreaterThan(50)
    expect(good.filter(o => !isIn(o.outfitId, o.lureId))).toEqual([])
    for (const rod of box.outfits.map(o => o.outfit.id)) {
      const able = new Set(of(all).flatMap(s => (s.rod === rod ? [s.lure] : [])))
      const counted = new Set(few.flatMap(s => (s.rod === rod ? [s.lure] : [])))
      expect(counted.size, rod).toBeGreaterThanOrEqual(Math.min(12, able.size))
    }
    const last = caught.reduce((a, b) => (b.score < a.score ? b : a))
    expect(isIn(last.outfitId, last.lureId)).toBe(false)
    const locked = of(judgedOnEach(box, ask, new Set([last.lureId])))
    expect(locked.some(s => s.rod === last.outfitId && s.lure === last.lureId)).toBe(true)
  })

  it.each([7, 9, 11])(
    'chosen on a quarter of the days or not, the rod is the one whose pack is worth most on all of them (seed %i)',
    seed => {
      const day = DAYS_TO_PACK.find(d => d.name === 'bream in a summer estuary')!
      const readings = withChanges(likelyReadings({ from: day.from, place: null, forecast: day.forecast, planB: null }))
      const limits = { rods: 1, lures: day.lures, boxes: 1, slotsPerBox: 20, grams: null }
      const problem = finished(
        packProblem(prepareBox(boxes.get(day.box)!), { readings, limits, locks: NOTHING }, seededRandom(seed)),
      )
      const catches = new Catches(problem)
      const worth = (locks: typeof NOTHING) => {
        const here = { ...problem, locks }
        return valueOf(here, catches, greedyPack(here, catches)).total
      }
      for (const rod of ['o-est', 'o-flats'])
        expect(worth(NOTHING), rod).toBeGreaterThanOrEqual(0.999 * worth({ ...NOTHING, take: new Set([rod]) }))
    },
  )
})
