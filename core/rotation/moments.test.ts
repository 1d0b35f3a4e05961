import fc from 'fast-check'
import SunCalc from 'suncalc'
import { describe, expect, it } from 'vitest'
import { turnsAbout, turnsSince } from './moments'

const WHERE = { latitude: 50, longitude: 0, tide: null, tideAt: null }
const plus = (at: Date, minutes: number) => new Date(at.getTime() + minutes * 60_000).toISOString()

describe('what turns about now', () => {
  it('sunrise and sunset agree with a second almanac to four minutes, on any day', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2026-01-05T12:00:00Z'), max: new Date('2026-12-25T12:00:00Z'), noInvalidDate: true }),
        day => {
          const noon = new Date(`${day.toISOString().slice(0, 10)}T12:00:00Z`)
          const { sunrise, sunset } = SunCalc.getTimes(noon, WHERE.latitude, WHERE.longitude)
          for (const [moment, turn] of [
            [sunrise, 'sun-up'],
            [sunset, 'sun-down'],
          ] as const) {
            const [found] = turnsAbout(plus(moment, -12), WHERE)
            expect(found?.turn).toBe(turn)
            expect(Math.abs(found!.inMin - 12)).toBeLessThanOrEqual(4)
          }
          expect(turnsAbout(noon.toISOString(), WHERE)).toEqual([])
        },
      ),
      { numRuns: 40 },
    )
  })
  it('tide: high water noted, the turn comes again every 6 h 13 min; a tide that only rises tells nothing', () => {
    const high = new Date('2026-06-01T06:00:00Z')
    const at = (minutes: number, tide: 'high' | 'rising' = 'high') =>
      turnsAbout(plus(high, minutes), { ...WHERE, tide, tideAt: high.toISOString() }).filter(t => t.turn === 'tide')
    expect(at(3)).toEqual([{ turn: 'tide', inMin: -3 }])
    expect(at(360)).toEqual([{ turn: 'tide', inMin: 13 }])
    expect(at(745)).toEqual([{ turn: 'tide', inMin: 0 }])
    expect(at(180)).toEqual([])
    expect(at(360, 'rising')).toEqual([])
    expect(at(5 * 372.6)).toEqual([])
  })
  it('since a trip began: one sunrise in a morning from the dark, and every tide', () => {
    expect(turnsSince('2026-03-21T05:00:00Z', '2026-03-21T09:00:00Z', WHERE)).toHaveLength(1)
    expect(turnsSince('2026-03-21T09:00:00Z', '2026-03-21T12:00:00Z', WHERE)).toEqual([])
    expect(
      turnsSince('2026-03-21T08:00:00Z', '2026-03-21T17:00:00Z', {
        ...WHERE,
        tide: 'high',
        tideAt: '2026-03-21T09:00:00Z',
      }),
    ).toEqual([60, 433])
  })
})
