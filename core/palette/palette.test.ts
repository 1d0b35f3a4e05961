import { describe, expect, it } from 'vitest'
import { paletteOf, type Pixels, zonesOf } from './palette'

/** A picture painted by rows of a function of place. */
function picture(width: number, height: number, paint: (x: number, y: number) => string): Pixels {
  const data = new Uint8ClampedArray(width * height * 4)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const hex = paint(x, y)
      const i = (y * width + x) * 4
      for (let c = 0; c < 3; c++) data[i + c] = Number.parseInt(hex.slice(1 + 2 * c, 3 + 2 * c), 16)
      data[i + 3] = 255
    }
  }
  return { width, height, data }
}

/** Greatest difference of two paints in any channel, 0–255. */
const apart = (a: string, b: string) =>
  Math.max(
    ...[1, 3, 5].map(i => Math.abs(Number.parseInt(a.slice(i, i + 2), 16) - Number.parseInt(b.slice(i, i + 2), 16))),
  )

/** A lure on a table: green back, chartreuse side, orange belly, on grey. */
const lure = picture(80, 60, (x, y) =>
  x < 15 || x > 64 || y < 15 || y > 44 ? '#8c8c90' : y < 23 ? '#2f7a3a' : y < 37 ? '#c8d020' : '#e8702a',
)

describe('palette of a photo', () => {
  it('finds the paints that are there, with their shares', () => {
    const swatches = paletteOf(lure)
    const share = (hex: string) => swatches.filter(s => apart(s.hex, hex) <= 3).reduce((sum, s) => sum + s.share, 0)
    expect(share('#8c8c90')).toBeCloseTo(1 - (50 * 30) / 4800, 1)
    expect(share('#c8d020')).toBeCloseTo((50 * 14) / 4800, 1)
    expect(swatches.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 6)
  })
  it('tells the table from the lure, and back from belly', () => {
    const zones = zonesOf(paletteOf(lure))!
    expect(apart(zones.back, '#2f7a3a')).toBeLessThanOrEqual(3)
    expect(apart(zones.side, '#c8d020')).toBeLessThanOrEqual(3)
    expect(apart(zones.belly, '#e8702a')).toBeLessThanOrEqual(3)
  })
  it('is the same each time, takes one colour, and thins large pictures', () => {
    expect(paletteOf(lure)).toEqual(paletteOf(lure))
    expect(paletteOf(picture(10, 10, () => '#123456')).map(s => apart(s.hex, '#123456') <= 1)).toEqual([true])
    expect(paletteOf(picture(600, 400, x => (x < 300 ? '#000000' : '#ffffff')))).toHaveLength(2)
  })
  it('a transparent picture has no colours; broken data are refused', () => {
    expect(paletteOf({ width: 2, height: 1, data: [0, 0, 0, 0, 9, 9, 9, 0] })).toEqual([])
    expect(zonesOf([])).toBeNull()
    expect(() => paletteOf({ width: 2, height: 2, data: [1, 2, 3] })).toThrow(/paletteOf: data/)
  })
})
