import { describe, expect, it } from 'vitest'
import { phasesOfYear, usualYear } from '#core/season'
import { contrastCurves } from './contrast-curves'
import { stainPicture } from './stain-picture'
import { waterYear } from './water-year'

const SIZE = { width: 200, height: 100 }

describe('a year of a water', () => {
  const year = usualYear([], 52)
  const none = { hours: 0, casts: 0, contacts: 0, landed: 0, follows: 0 }
  const months = Array.from({ length: 12 }, (_, i) => (i === 4 ? { ...none, hours: 3, contacts: 8, landed: 2 } : none))
  const chart = (readings: Parameters<typeof waterYear>[0]['readings'], width = 600) =>
    waterYear({ year, phases: phasesOfYear('northern-pike', year, 52), readings, months }, width)
  const read = (at: string, temperatureC: number, visibilityM: number | null = null) => ({
    at,
    temperatureC,
    visibilityM,
    levelM: null,
  })

  it('days stand from left to right whatever their year, warmer and clearer higher', () => {
    const { temperatures, visibilities } = chart([
      read('2026-02-01T10:00:00Z', 3, 4),
      read('2024-08-01T10:00:00Z', 22, 1),
      read('2025-08-01T10:00:00Z', 22),
    ])
    expect(temperatures[0]!.x).toBeLessThan(temperatures[1]!.x)
    expect(temperatures[0]!.y).toBeGreaterThan(temperatures[1]!.y)
    expect(Math.abs(temperatures[1]!.x - temperatures[2]!.x)).toBeLessThan(3)
    expect(visibilities.map(v => v.reading.visibilityM)).toEqual([4, 1])
    expect(visibilities[0]!.y).toBeLessThan(visibilities[1]!.y)
  })
  it('the level has a row of its own once it was read, whatever its zero, and moves nothing but what stands below', () => {
    const dry = chart([read('2026-02-01T10:00:00Z', 3, 4)])
    const wet = chart([
      { ...read('2026-02-01T10:00:00Z', 3, 4), levelM: -0.4 },
      { ...read('2026-06-01T10:00:00Z', 15, 4), levelM: 1.1 },
    ])
    expect([dry.rows.level, dry.levels, dry.levelTicks]).toEqual([null, [], []])
    expect(wet.levels.map(s => s.reading.levelM)).toEqual([-0.4, 1.1])
    expect(wet.levels[0]!.y).toBeGreaterThan(wet.levels[1]!.y)
    for (const { y } of wet.levels) expect(y >= wet.rows.level!.top && y <= wet.rows.level!.bottom).toBe(true)
    expect(wet.rows.fish.top).toBeGreaterThan(wet.rows.level!.bottom)
    expect(wet.rows.height - dry.rows.height).toBe(wet.rows.fish.top - dry.rows.fish.top)
  })
  it('the usual year runs through its own temperatures on the scale of what was read', () => {
    const summer = '2026-08-08T10:00:00Z'
    const { temperatures, usual } = chart([read(summer, year(220).temperatureC)])
    const points = [...usual.matchAll(/[ML]([\d.]+),([\d.]+)/g)].map(m => [Number(m[1]), Number(m[2])] as const)
    const near = points.reduce((a, b) =>
      Math.abs(b[0] - temperatures[0]!.x) < Math.abs(a[0] - temperatures[0]!.x) ? b : a,
    )
    expect(near[1]).toBeCloseTo(temperatures[0]!.y, 0)
  })
  it('phases fill the width, bars stand in their month and never outside it, the more the higher', () => {
    const { phases, months: bars } = chart([], 360)
    expect(phases.reduce((sum, p) => sum + p.width, 0)).toBeCloseTo(360, 6)
    expect(bars[4]!.x).toBeCloseTo(120, 0)
    expect(bars[4]!.contacts).toBeLessThan(bars[4]!.landed)
    expect(bars[4]!.landed).toBeLessThan(bars[3]!.contacts)
  })
  it('a water of which nothing was read draws its usual year alone', () => {
    const { usual, band, temperatures, visibilities } = chart([])
    expect(temperatures.length + visibilities.length).toBe(0)
    expect(usual + band).not.toMatch(/NaN/)
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
