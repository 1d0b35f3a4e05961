import { describe, expect, it } from 'vitest'
import { columnPath } from './column-path'
import { columnScales, lightStops } from './column'
import { coverMarks } from './cover'

const water = { visibilityM: 1.2, stain: 'brown', bottomM: 4, sky: 'broken' } as const
const luminance = (colour: string) => (colour.match(/\d+/g) ?? []).map(Number).reduce((a, b) => a + b)

describe('the column', () => {
  it('darkens with depth, and faster in dirtier water', () => {
    const clear = lightStops({ ...water, visibilityM: 6, stain: 'clear' }).map(s => luminance(s.colour))
    const brown = lightStops(water).map(s => luminance(s.colour))
    expect(clear).toEqual([...clear].sort((a, b) => b - a))
    expect(brown.at(-1)!).toBeLessThan(clear.at(-1)!)
  })
  it('never leaves the water: not above the surface, not into the ground', () => {
    for (const control of ['surface', 'dive', 'count-down', 'bottom', 'above-bottom', 'vertical'] as const) {
      const path = columnPath({ control, depthM: 6, castM: 30, mode: control === 'vertical' ? 'vertical' : 'cast' }, 4)
      expect(Math.max(...path.map(p => p.depthM)), control).toBeLessThanOrEqual(control === 'vertical' ? 6 : 4)
      expect(Math.min(...path.map(p => p.depthM)), control).toBeGreaterThanOrEqual(0)
    }
  })
  it('a diver is deepest a third of the cast from the rod (dive model, 3 m diver on 30 m)', () => {
    const path = columnPath({ control: 'dive', depthM: 3, castM: 30, mode: 'cast' }, 9)
    const deepest = path.reduce((a, b) => (b.depthM > a.depthM ? b : a))
    expect(deepest.distanceM).toBeCloseTo(10, 0)
    expect(deepest.depthM).toBeCloseTo(3, 6)
  })
  it('draws cover that stands on the bottom', () => {
    const scales = columnScales(water, 30, { width: 600, height: 500 }, { left: 50, right: 10, air: 70, ground: 40 })
    expect(coverMarks(['reeds', 'rock'], scales, 590, 50).length).toBeGreaterThan(8)
    expect(coverMarks(['open'], scales, 590, 50)).toEqual([])
  })
})
