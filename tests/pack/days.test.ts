import { describe, expect, it } from 'vitest'
import { prepareBox } from '#core/match'
import { finished, seededRandom } from '#core/numeric'
import { Catches, greedyPack, likelyReadings, packProblem, withChanges } from '#core/pack'
import { loadBoxes } from '../corpus/corpus'
import { DAYS_TO_PACK } from './days'

const boxes = loadBoxes()

describe('what a good angler would take along, and what nobody would', () => {
  it.each(DAYS_TO_PACK)('$name', ({ box, from, forecast, rods, lures, holds, never, with: needed }) => {
    const readings = withChanges(likelyReadings({ from, place: null, forecast, planB: null }))
    const limits = { rods, lures, boxes: 1, slotsPerBox: 20, grams: null }
    const problem = finished(
      packProblem(
        prepareBox(boxes.get(box)!),
        { readings, limits, locks: { take: new Set(), leave: new Set() } },
        seededRandom(7),
      ),
    )
    const pack = greedyPack(problem, new Catches(problem))
    for (const [least, of] of holds)
      expect(
        pack.items.filter(id => of.includes(id)).length,
        `${pack.items.join(' ')} of ${of.join(' ')}`,
      ).toBeGreaterThanOrEqual(least)
    expect(pack.items.filter(id => never.includes(id))).toEqual([])
    expect(
      [...pack.items, ...pack.rods].some(id => needed.includes(id)),
      `${pack.rods.join()} of ${needed.join()}`,
    ).toBe(true)
  })
})
