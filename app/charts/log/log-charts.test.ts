import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { RateTable } from '#core/logbook'
import type { Trip } from '#core/tackle'
import demo from '../../../demo/box.json'
import { depthSpots } from './depth-spots'
import { rateRows } from './rate-rows'
import { tripLine } from './trip-line'

const estimate = fc
  .tuple(
    fc.double({ min: 0.01, max: 9, noNaN: true }),
    fc.double({ min: 0.1, max: 1, noNaN: true }),
    fc.double({ min: 1, max: 6, noNaN: true }),
  )
  .map(([mean, down, up]) => ({ mean, low: mean * down, high: mean * up }))
const row = fc.record({
  value: fc.string({ minLength: 1 }),
  trips: fc.constant(1),
  hours: fc.double({ min: 0.1, max: 60, noNaN: true }),
  casts: fc.nat(500),
  contacts: fc.nat(40),
  landed: fc.nat(20),
  follows: fc.nat(5),
  rate: estimate,
})
const table = fc.record({
  cut: fc.constant('lure' as const),
  rows: fc.array(row, { minLength: 1, maxLength: 20 }),
  overall: fc.option(estimate, { nil: null }),
  unfished: fc.constant([]),
  unknownHours: fc.constant(0),
}) as fc.Arbitrary<RateTable>
const SIZE = { row: 30, width: 300, effort: 80 }

describe('rows of rates', () => {
  it('stay on their scale, with the middle inside its interval, one row below the other', () => {
    fc.assert(
      fc.property(table, t => {
        const { marks, usual, height } = rateRows(t, r => r.hours, SIZE)
        expect(height).toBe(t.rows.length * SIZE.row)
        marks.forEach(({ low, mean, high, effort, y }, i) => {
          expect(low).toBeGreaterThanOrEqual(0)
          expect(high).toBeLessThanOrEqual(SIZE.width)
          expect(mean).toBeGreaterThanOrEqual(low)
          expect(mean).toBeLessThanOrEqual(high)
          expect(effort).toBeLessThanOrEqual(SIZE.effort + 1e-9)
          expect(y).toBe((i + 0.5) * SIZE.row)
        })
        if (usual !== null) expect(usual).toBeLessThanOrEqual(SIZE.width)
      }),
    )
  })
  it('the longest bar is the greatest effort; equal rates stand at the same place', () => {
    const rate = { mean: 1, low: 0.5, high: 2 }
    const rows = [
      { value: 'a', hours: 4, rate },
      { value: 'b', hours: 8, rate },
    ].map(r => ({ trips: 1, casts: 0, contacts: 0, landed: 0, follows: 0, ...r }))
    const { marks } = rateRows({ cut: 'lure', rows, overall: rate, unfished: [], unknownHours: 0 }, r => r.hours, SIZE)
    expect(marks[1]!.effort).toBe(SIZE.effort)
    expect(marks[0]!.effort).toBe(SIZE.effort / 2)
    expect(marks[0]!.mean).toBe(marks[1]!.mean)
  })
  it('an interval beyond the scale is cut, not drawn outside', () => {
    const wild = [
      { value: 'a', hours: 0.1, rate: { mean: 1, low: 0.1, high: 90 } },
      { value: 'b', hours: 9, rate: { mean: 1, low: 0.8, high: 1.2 } },
    ].map(r => ({ trips: 1, casts: 0, contacts: 0, landed: 0, follows: 0, ...r }))
    const { marks } = rateRows(
      { cut: 'lure', rows: wild, overall: null, unfished: [], unknownHours: 0 },
      r => r.hours,
      SIZE,
    )
    expect(marks[0]!.high).toBe(SIZE.width)
    expect(marks[1]!.high).toBeLessThan(SIZE.width)
  })
})

describe('a trip as a cut', () => {
  const size = { width: 800, height: 200 }
  it('puts every stretch and event of the demo inside the picture, deeper farther down, later farther right', () => {
    for (const trip of demo.trips as unknown as Trip[]) {
      const { stints, events, depths } = tripLine(trip, size)
      expect(stints).toHaveLength(trip.stints!.length)
      expect(events).toHaveLength(trip.stints!.flatMap(s => s.events ?? []).length)
      for (const s of stints) {
        expect(s.x).toBeGreaterThanOrEqual(0)
        expect(s.x + s.width).toBeLessThanOrEqual(size.width + 1e-6)
      }
      for (const e of events) {
        expect(e.y).toBeGreaterThanOrEqual(0)
        expect(e.y).toBeLessThanOrEqual(size.height)
      }
      for (const [i, s] of stints.entries()) if (i > 0) expect(s.x).toBeGreaterThanOrEqual(stints[i - 1]!.x)
      const sorted = [...events].sort((a, b) => (a.event.depthM ?? 0) - (b.event.depthM ?? 0))
      for (const [i, e] of sorted.entries()) if (i > 0) expect(e.y).toBeGreaterThanOrEqual(sorted[i - 1]!.y - 1e-9)
      expect(depths[0]!.value).toBe(0)
    }
  })
  it('draws a trip without stints, and one without depths at the surface', () => {
    expect(tripLine({ id: 't', start: '2026-05-01T06:00:00Z' }, size)).toMatchObject({ stints: [], events: [] })
    const bare: Trip = {
      id: 't',
      start: '2026-05-01T06:00:00Z',
      stints: [
        {
          id: 's',
          start: '2026-05-01T06:00:00Z',
          end: '2026-05-01T07:00:00Z',
          lureId: 'l',
          events: [{ id: 'e', kind: 'hit' }],
        },
      ],
    }
    expect(tripLine(bare, size).events[0]!.y).toBe(0)
    expect(tripLine(bare, size).waters).toEqual([])
  })
  it('each water stands from when it was fished, as high as it was deep; one that looks as before goes on', () => {
    const water = (bottomM: number, visibilityM: number) => ({
      species: 'perch',
      temperatureC: 12,
      bottomM,
      visibilityM,
    })
    const stint = (id: string, hour: number, reading?: object) => ({
      id,
      start: `2026-05-01T0${hour}:00:00Z`,
      end: `2026-05-01T0${hour + 1}:00:00Z`,
      lureId: 'l',
      ...(reading ? { reading } : {}),
    })
    const day: Trip = {
      id: 't',
      start: '2026-05-01T04:00:00Z',
      stints: [
        stint('a', 4),
        stint('b', 5, water(4, 1)),
        stint('c', 6, { ...water(4, 1), temperatureC: 13 }),
        stint('d', 7, water(8, 3)),
      ],
    }
    const { waters } = tripLine(day, size)
    expect(waters.map(w => [w.id, w.x / size.width, w.width / size.width, w.height / size.height])).toEqual([
      ['b', 0, 0.75, 0.5],
      ['d', 0.75, 0.25, 1],
    ])
    expect(waters[1]!.reading.visibilityM).toBe(3)
  })
})

describe('depths of the year', () => {
  const mark = (at: string, depthM: number, kind = 'hit') => ({ at, kind, depthM, lureId: 'l', species: null })
  it('contacts that would lie on one another are one spot; a landed one colours it', () => {
    const spots = depthSpots(
      [
        mark('2026-05-06T08:00:00+02:00', 2),
        mark('2025-05-07T08:00:00+02:00', 2.02, 'landed'),
        mark('2026-05-06T08:00:00+02:00', 6),
        mark('2026-09-06T08:00:00+02:00', 2),
      ],
      8,
    )
    expect(spots.map(s => s.count).sort()).toEqual([1, 1, 2])
    const two = spots.find(s => s.count === 2)!
    expect(two.isLanded).toBe(true)
    expect(two.depthM).toBeCloseTo(2.01, 9)
    expect(spots.filter(s => s.isLanded)).toHaveLength(1)
  })
  it('sixty thousand contacts stay few spots, none lost, in the month in which they are written', () => {
    const many = Array.from({ length: 60_000 }, (_, i) =>
      mark(`2026-${String((i % 12) + 1).padStart(2, '0')}-15T23:30:00-08:00`, (i % 97) / 10),
    )
    const spots = depthSpots(many, 9.6)
    expect(spots.length).toBeLessThan(12 * 40)
    expect(spots.reduce((sum, s) => sum + s.count, 0)).toBe(60_000)
    for (const { share, first } of spots) expect(Math.floor(share * 12) + 1).toBe(Number(first.at.slice(5, 7)))
  })
})
