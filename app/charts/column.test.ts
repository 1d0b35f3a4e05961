import { describe, expect, it } from 'vitest'
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
  it('draws cover that stands on the bottom', () => {
    const scales = columnScales(water, 30, { width: 600, height: 500 }, { left: 50, right: 10, air: 70, ground: 40 })
    expect(coverMarks(['reeds', 'rock'], scales, 590, 50).length).toBeGreaterThan(8)
    expect(coverMarks(['open'], scales, 590, 50)).toEqual([])
  })
})
