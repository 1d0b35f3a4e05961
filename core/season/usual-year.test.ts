import fc from 'fast-check'
import jStat from 'jstat'
import { describe, expect, it } from 'vitest'
import { SPECIES } from '#core/terms'
import { phasesOfYear, usualYear } from './usual-year'

const DAY_MS = 86_400_000
const on = (day: number) => new Date(Date.UTC(2026, 0, 1) + (day - 1) * DAY_MS).toISOString()
const SUMMER = 220
const WINTER = SUMMER - 365.25 / 2

describe('the usual year of a water', () => {
  it('is known roughly from the latitude alone: warm in August, cold in February, the other way round in the south', () => {
    const north = usualYear([], 52)
    const south = usualYear([], -38)
    expect(north(SUMMER).temperatureC).toBeGreaterThan(17)
    expect(north(WINTER + 365).temperatureC).toBeLessThan(4)
    expect(south(SUMMER).temperatureC).toBeLessThan(south(30).temperatureC - 8)
  })

  it('is never colder than freezing, and the nearer to the line the more alike are its seasons', () => {
    const swing = (latitude: number) => {
      const year = usualYear([], latitude)
      return year(SUMMER).temperatureC - year(WINTER + 365).temperatureC
    }
    expect(usualYear([], 68)(40).temperatureC).toBe(0)
    expect(swing(20)).toBeLessThan(swing(35))
    expect(swing(0)).toBeCloseTo(0, 9)
  })

  it('follows what was read, where much was read, whatever was believed before', () => {
    const truth = (day: number) => 15 + 5 * Math.cos((2 * Math.PI * (day - 240)) / 365.25)
    const read = Array.from({ length: 365 }, (_, i) => ({ at: on(i + 1), temperatureC: truth(i + 1) }))
    const year = usualYear([...read, ...read, ...read], 52)
    for (const day of [20, 110, 200, 300]) expect(year(day).temperatureC).toBeCloseTo(truth(day), 1)
    expect(year(100).sdC).toBeLessThan(2.02)
  })

  // The same regression with its prior solved at once by the normal equations, with the matrix inverse of jStat.
  it('is the penalised least squares of its three figures', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ day: fc.integer({ min: 1, max: 365 }), t: fc.double({ min: 12, max: 26, noNaN: true }) }),
          { minLength: 1, maxLength: 12 },
        ),
        list => {
          const row = (day: number) => {
            const angle = (2 * Math.PI * (day - 220)) / 365.25
            return [1, Math.cos(angle), Math.sin(angle)]
          }
          const before = [28 - 0.33 * 40, 0.19 * 40, 0]
          const trust = [1 / 9, 1 / 6.25, 1 / 6.25]
          const left = [0, 1, 2].map(i =>
            [0, 1, 2].map(
              j => (i === j ? trust[i]! : 0) + list.reduce((s, { day }) => s + (row(day)[i]! * row(day)[j]!) / 4, 0),
            ),
          )
          const right = [0, 1, 2].map(
            i => trust[i]! * before[i]! + list.reduce((s, { day, t }) => s + (row(day)[i]! * t) / 4, 0),
          )
          const inverse = jStat.inv(left)
          const solved = inverse.map(r => r.reduce((s, v, i) => s + v * right[i]!, 0))
          const year = usualYear(
            list.map(({ day, t }) => ({ at: on(day), temperatureC: t })),
            40,
          )
          for (const day of [45, 130, 220, 310]) {
            const h = row(day)
            const expected = h.reduce((s, v, i) => s + v * solved[i]!, 0)
            const spread = Math.sqrt(
              4 + h.reduce((s, v, i) => s + v * h.reduce((z, w, j) => z + w * inverse[i]![j]!, 0), 0),
            )
            expect(year(day).temperatureC).toBeCloseTo(Math.max(0, expected), 6)
            expect(year(day).sdC).toBeCloseTo(spread, 6)
          }
        },
      ),
      { numRuns: 60 },
    )
  })

  it('one reading teaches most about its own season', () => {
    const before = usualYear([], 52)
    const after = usualYear([{ at: on(150), temperatureC: 22 }], 52)
    const moved = (day: number) => after(day).temperatureC - before(day).temperatureC
    expect(moved(150)).toBeGreaterThan(2)
    expect(moved(150)).toBeGreaterThan(Math.abs(moved(333)) + 2)
    expect(after(150).sdC).toBeLessThan(before(150).sdC - 0.8)
  })
})

describe('the phases of a usual year', () => {
  it('fill the year without a gap, for every fish', () => {
    const year = usualYear([], 50)
    for (const species of SPECIES) {
      const spans = phasesOfYear(species, year, 50)
      expect(spans[0]!.fromDay).toBe(1)
      expect(spans.at(-1)!.toDay).toBe(365)
      for (const [i, span] of spans.slice(1).entries()) expect(span.fromDay).toBe(spans[i]!.toDay + 1)
    }
  })
  // Common practice, no source: pike spawn in spring as soon as the shallows warm, brown trout in late autumn.
  it('pike spawn in spring and brown trout at the end of the year', () => {
    const year = usualYear([], 52)
    const spawn = (species: 'northern-pike' | 'brown-trout') =>
      phasesOfYear(species, year, 52).find(s => s.phase === 'spawn')!
    expect(spawn('northern-pike').fromDay).toBeGreaterThan(60)
    expect(spawn('northern-pike').toDay).toBeLessThan(150)
    expect(spawn('brown-trout').fromDay).toBeGreaterThan(270)
  })
})
