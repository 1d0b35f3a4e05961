import { describe, expect, it } from 'vitest'
import { byDate } from './by-date'
import { contrastCurves } from './contrast-curves'
import { stainPicture } from './stain-picture'

const SIZE = { width: 200, height: 100 }

describe('figures by date', () => {
  it('stand from left to right by time, higher for more, whatever order they come in', () => {
    const { points, path } = byDate(
      [
        { at: '2026-06-01T00:00:00Z', value: 20 },
        { at: '2026-05-01T00:00:00Z', value: 10 },
      ],
      SIZE,
    )
    expect(points.map(p => p.point.value)).toEqual([10, 20])
    expect(points[0]!.x).toBeLessThan(points[1]!.x)
    expect(points[0]!.y).toBeGreaterThan(points[1]!.y)
    expect(path).not.toMatch(/NaN/)
  })
  it('one figure stands in the middle, none draws nothing; below zero is on the chart', () => {
    expect(byDate([{ at: '2026-05-01T00:00:00Z', value: 4 }], SIZE).points[0]!.x).toBeCloseTo(100, 6)
    expect(byDate([], SIZE).path).toBe('')
    expect(
      byDate(
        [
          { at: '2026-05-01T00:00:00Z', value: -1 },
          { at: '2026-05-02T00:00:00Z', value: 3 },
        ],
        SIZE,
      ).points[0]!.y,
    ).toBeLessThanOrEqual(100)
  })
})

describe('contrast over distance', () => {
  it('falls from left to right, and the threshold is where one JND is', () => {
    const { curves, threshold, yTicks } = contrastCurves(
      [
        {
          id: 'a',
          curve: [
            { distanceM: 0.1, jnd: 20 },
            { distanceM: 0.5, jnd: 3 },
            { distanceM: 1, jnd: 0.1 },
          ],
        },
      ],
      SIZE,
    )
    expect(curves[0]!.path).not.toMatch(/NaN|Infinity/)
    expect(curves[0]!.end.x).toBeCloseTo(100, 6)
    expect(yTicks.find(t => t.jnd === 1)!.y).toBeCloseTo(threshold, 6)
  })
})

describe('pictures of stains', () => {
  const blueness = (hex: string) => Number.parseInt(hex.slice(5, 7), 16) - Number.parseInt(hex.slice(1, 3), 16)
  it('clear water is bluer than brown, and a white lure fades into either', () => {
    expect(blueness(stainPicture('clear', 6).at(-1)!.water)).toBeGreaterThan(
      blueness(stainPicture('brown', 1).at(-1)!.water),
    )
    const away = (step: { water: string; white: string }) =>
      [1, 3, 5].reduce(
        (sum, i) =>
          sum +
          Math.abs(Number.parseInt(step.water.slice(i, i + 2), 16) - Number.parseInt(step.white.slice(i, i + 2), 16)),
        0,
      )
    for (const [stain, visibility] of [
      ['clear', 6],
      ['green', 1.5],
      ['brown', 1],
      ['mud', 0.4],
    ] as const) {
      const picture = stainPicture(stain, visibility)
      expect(away(picture.at(-1)!)).toBeLessThan(away(picture[0]!))
    }
  })
})
