import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import type { Box, UserRule } from '#core/tackle'
import { columnsOf } from './columns'
import { prepareBox, sceneOf } from './rank'
import { waysOf } from './ways'
import demo from '../../demo/box.json'
import { anyWater } from '../../tests/any-water'

const box = prepareBox(demo as unknown as Box)
/** The handbook keeps no place for what an angler's own rules say: of lures, of ways, and of figures of either. */
const rules: UserRule[] = [
  { id: 'paint', name: 'Hot paint', prefer: { pattern: 'hot' }, weight: 1 },
  { id: 'rig', name: 'No bottom rigs', prefer: { rig: ['jighead', 'texas'] }, weight: -0.8 },
  { id: 'quiet', name: 'Quiet and weedless', prefer: { sound: 0, snagGuard: 3, hang: 2, erratic: 4 }, weight: 1 },
]

describe('a box in columns', () => {
  it('gives each lure by itself, and the best of its ways at most, what they come to one by one', () => {
    fc.assert(
      fc.property(anyWater, fc.boolean(), (reading, hasOwn) => {
        const scene = sceneOf(box, askOf(reading, hasOwn ? { own: { rules, places: [] } } : {}))
        const columns = columnsOf(box.lures)
        const [ofThemselves, most] = [columns.ofThemselves(scene), columns.mostOfWays(scene)]
        for (const profile of box.lures) {
          const place = columns.placeOf(profile)
          expect(ofThemselves[place], profile.lure.id).toBeCloseTo(scene.gainsOf(profile).total, 12)
          const ways = waysOf(profile, scene).map(way => way.most)
          if (ways.length === 0) expect(most[place], profile.lure.id).toBe(-Infinity)
          else expect(most[place], profile.lure.id).toBeCloseTo(Math.max(...ways), 12)
        }
      }),
      { numRuns: 40 },
    )
  })
  it('is laid out once for a box, and knows no lure of another', () => {
    expect(columnsOf(box.lures)).toBe(columnsOf(box.lures))
    const [first, ...others] = box.lures
    const rest = others.filter(({ mould }) => mould !== first!.mould)
    expect(() => columnsOf(rest).placeOf(first!)).toThrow(first!.lure.id)
  })
})
