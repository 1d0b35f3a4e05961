import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  ended,
  merged,
  minutesOf,
  momentIn,
  openPair,
  openStint,
  withCasts,
  withDetail,
  withEvent,
  withLineEmpty,
  withForgotten,
  withoutEvent,
  withoutStint,
  withPair,
  withPairCount,
  withPairEnded,
  withStint,
  withStock,
} from './trip-log'
import { parseFile } from '#core/files'
import type { Lure, Stint, Trip } from './types'

const at = (minute: number) => new Date(Date.UTC(2026, 4, 6, 5, minute)).toISOString()
const begun: Trip = withStint({ id: 't', start: at(0), stints: [] }, { id: 's1', lureId: 'l1' }, at(0))

describe('the log of a trip', () => {
  it('another set-up ends the stint before it', () => {
    const changed = withStint(begun, { id: 's2', lureId: 'l2' }, at(20))
    expect(changed.stints!.map(s => s.end)).toEqual([at(20), null])
    expect(openStint(changed)?.id).toBe('s2')
    expect(minutesOf(changed.stints![0]!, at(90))).toBe(20)
  })
  it('a clock set back never makes time run backward', () => {
    const tapped = withEvent(begun, { id: 'e1', kind: 'hit' }, at(30))
    const later = withEvent(tapped, { id: 'e2', kind: 'landed' }, at(10))
    expect(later.stints![0]!.events!.map(e => e.at)).toEqual([at(30), at(30)])
    expect(momentIn(later, at(5))).toBe(at(30))
  })
  it('events are told more closely, taken out, and never written without a lure on the line', () => {
    const tapped = withEvent(begun, { id: 'e1', kind: 'landed' }, at(5))
    expect(withDetail(tapped, 'e1', { lengthMm: 620, when: 'pause', id: 'x' }).stints![0]!.events![0]).toMatchObject({
      id: 'e1',
      lengthMm: 620,
      when: 'pause',
    })
    expect(withoutEvent(tapped, 'e1').stints![0]!.events).toEqual([])
    const over = ended(tapped, at(60))
    expect(withEvent(over, { id: 'e9', kind: 'hit' }, at(70))).toBe(over)
  })
  it('casts are counted, never below none', () => {
    expect(withCasts(withCasts(begun, 5), 1).stints![0]!.casts).toBe(6)
    expect(withCasts(begun, -3).stints![0]!.casts).toBe(0)
  })
  it('a stint that a dead battery left open lasts to its last event when nobody knows better', () => {
    const left = withEvent(begun, { id: 'e1', kind: 'hit' }, at(42))
    expect(minutesOf(left.stints![0]!, null)).toBe(42)
  })
  it('2,000 events stay in order', () => {
    let trip = begun
    for (let i = 0; i < 2000; i++) trip = withEvent(trip, { id: `e${i}`, kind: 'follow' }, at(i % 50))
    const times = trip.stints![0]!.events!.map(e => Date.parse(e.at!))
    expect(times).toHaveLength(2000)
    expect(times).toEqual([...times].sort((a, b) => a - b))
  })
  it('a forgotten stretch stands in its place by the clock, and the trip widens to hold it', () => {
    const day: Trip = {
      id: 't',
      start: at(60),
      end: at(120),
      stints: [{ id: 'a', lureId: 'l', start: at(60), end: at(120) }],
    }
    const early = withForgotten(day, { id: 'b', lureId: 'm', start: at(20), end: at(50) })
    expect(early).toMatchObject({ start: at(20), end: at(120), stints: [{ id: 'b' }, { id: 'a' }] })
    expect(withForgotten(day, { id: 'c', lureId: 'm', start: at(120), end: at(150) })).toMatchObject({
      start: at(60),
      end: at(150),
      stints: [{ id: 'a' }, { id: 'c' }],
    })
    expect(withForgotten({ ...day, end: null }, { id: 'd', lureId: 'm', start: at(70), end: at(80) }).end).toBeNull()
  })
  it('a lost lure leaves the box, down to none', () => {
    const lure = { id: 'l', name: 'l', family: 'grub', quantity: 2 } as const
    expect(withStock(lure, -1).quantity).toBe(1)
    expect(withStock(withStock(withStock(lure, -1), -1), -1).quantity).toBe(0)
    expect(withStock({ ...lure, quantity: null }, -1).quantity).toBe(0)
  })
})

describe('a trip whatever is tapped', () => {
  type Tap = {
    readonly what: 'tie' | 'event' | 'undo' | 'casts' | 'detail' | 'end' | 'loosen'
    readonly at: number
    readonly n: number
  }
  const tap: fc.Arbitrary<Tap> = fc.record({
    what: fc.constantFrom('tie', 'event', 'undo', 'casts', 'detail', 'end', 'loosen'),
    at: fc.integer({ min: -600, max: 600 }),
    n: fc.integer({ min: -3, max: 12 }),
  })
  const clock = (minutes: number) => new Date(Date.UTC(2026, 4, 6, 6) + minutes * 60_000).toISOString()

  function fished(taps: readonly Tap[]): Trip {
    let trip: Trip = { id: 't', start: clock(0), stints: [] } as unknown as Trip
    taps.forEach(({ what, at, n }, i) => {
      const events = trip.stints!.flatMap(s => s.events ?? [])
      const some = events[Math.abs(n) % Math.max(1, events.length)]
      const now = clock(at)
      if (what === 'tie') trip = withStint(trip, { id: `s${i + 1}`, lureId: `l${n}` } as never, now)
      else if (what === 'event') trip = withEvent(trip, { id: `e${i}`, kind: 'hit' }, now)
      else if (what === 'undo' && some) trip = withoutEvent(trip, some.id)
      else if (what === 'detail' && some) trip = withDetail(trip, some.id, { lengthMm: 100 + n, id: 'forged' })
      else if (what === 'casts') trip = withCasts(trip, n)
      else if (what === 'end') trip = ended(trip, now)
      else if (what === 'loosen' && trip.stints!.length > 2) trip = withoutStint(trip, trip.stints![0]!.id)
    })
    return trip
  }
  const ms = (at: string | null | undefined) => Date.parse(at!)

  it('time never runs backward, one stint at most is open, ids stay their own, counts are counts', () => {
    fc.assert(
      fc.property(fc.array(tap, { maxLength: 60 }), taps => {
        const { stints } = fished(taps) as { stints: Stint[] }
        expect(stints.filter(s => !s.end).length).toBeLessThanOrEqual(1)
        stints.forEach((stint, i) => {
          if (stint.end) expect(ms(stint.end)).toBeGreaterThanOrEqual(ms(stint.start))
          if (i > 0) expect(ms(stint.start)).toBeGreaterThanOrEqual(ms(stints[i - 1]!.end))
          expect(stint.casts ?? 0).toBeGreaterThanOrEqual(0)
          const at = (stint.events ?? []).map(e => ms(e.at))
          expect(at).toEqual([...at].sort((a, b) => a - b))
          for (const moment of at) expect(moment).toBeGreaterThanOrEqual(ms(stint.start))
        })
        const ids = stints.flatMap(s => (s.events ?? []).map(e => e.id))
        expect(new Set(ids).size).toBe(ids.length)
        expect(ids).not.toContain('forged')
      }),
    )
  })
  it('two trips made one hold every stint of both once, in order of time, whichever is named first', () => {
    const trips = fc.array(tap, { maxLength: 20 }).map(fished)
    fc.assert(
      fc.property(trips, trips, (a, b) => {
        const other = { ...b, id: 'other', start: clock(5), stints: b.stints!.map(s => ({ ...s, id: `o-${s.id}` })) }
        const [one, two] = [merged(a, other), merged(other, a)]
        expect(one).toEqual(two)
        expect(one.stints!.map(s => s.id).sort()).toEqual([...a.stints!, ...other.stints].map(s => s.id).sort())
        const starts = one.stints!.map(s => ms(s.start))
        expect(starts).toEqual([...starts].sort((p, q) => p - q))
        expect(merged(one, one)).toEqual(one)
      }),
    )
  })
  it('stock never falls below none, and what was never counted is spent by a loss', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 20 }),
        fc.array(fc.constantFrom(-1, 1), { maxLength: 30 }),
        (quantity, changes) => {
          let lure = { id: 'l', name: 'l', family: 'tube', quantity } as Lure
          for (const change of changes) lure = withStock(lure, change)
          expect(lure.quantity).toBeGreaterThanOrEqual(0)
        },
      ),
    )
    const uncounted = { id: 'l', name: 'l', family: 'tube' } as Lure
    expect(withStock(uncounted, -1).quantity).toBe(0)
    expect(withStock(uncounted, 1)).toBe(uncounted)
  })
  const pair = (id: string) => ({
    id,
    differs: 'colour',
    a: { lureId: 'l1', casts: 0, contacts: 0 },
    b: { lureId: 'l2', casts: 0, contacts: 0 },
    end: null,
  })
  it('a pair is counted side by side, never below none, and the next one ends it', () => {
    let trip = withPair(begun, pair('p1'), at(1))
    trip = withPairCount(withPairCount(trip, 'p1', 'a', 'casts', 1), 'p1', 'b', 'contacts', 1)
    expect(openPair(trip)).toMatchObject({ a: { casts: 1, contacts: 0 }, b: { casts: 0, contacts: 1 } })
    expect(withPairCount(trip, 'p1', 'b', 'casts', -1).pairs![0]!.b.casts).toBe(0)
    trip = withPair(trip, pair('p2'), at(30))
    expect(trip.pairs!.map(p => p.end)).toEqual([at(30), null])
    expect(openPair(withPairEnded(trip, at(40)))).toBeNull()
    expect(openPair(ended(trip, at(50)))).toBeNull()
  })
  it('trips that are joined keep the pairs of both', () => {
    const [one, other] = [
      ended(withPair(begun, pair('p1'), at(1)), at(60)),
      ended(withPair({ ...begun, id: 'u', start: at(90) }, pair('p2'), at(91)), at(120)),
    ]
    expect(merged(one, other).pairs!.map(p => p.id)).toEqual(['p1', 'p2'])
    expect(merged(one, one).pairs).toHaveLength(1)
  })
})

describe('a long day, tap by tap', () => {
  /** The clock of a phone: minutes on from the trip’s beginning, told in the local time of the place, with what was done to it. */
  const hour = 60
  const clocks: Record<string, (minute: number) => string> = {
    'six hours': minute => told(minute, 2),
    'across midnight': minute => told(minute + 16 * hour, 2),
    // 25 October 2026, 3:00 summer time is 2:00 winter time: the same hour twice.
    'as summer time ends': minute => told(minute + 172 * 24 * hour - 5 * hour, minute < 3 * hour ? 2 : 1),
    'into another time zone': minute => told(minute, minute < 2 * hour ? 2 : 3),
    'set back by two hours on the way': minute => told(minute < 3 * hour ? minute : minute - 2 * hour, 2),
    'set forward by a day and back again': minute =>
      told(minute + (minute > hour && minute < 2 * hour ? 24 * hour : 0), 2),
  }
  /** ISO 8601 with the offset, as a phone in that zone writes it. */
  function told(minute: number, zone: number): string {
    const utc = Date.UTC(2026, 4, 6, 5) + minute * 60_000
    return `${new Date(utc + zone * hour * 60_000).toISOString().slice(0, 19)}+0${zone}:00`
  }
  const KINDS = ['follow', 'peck', 'hit', 'hooked', 'lost', 'landed', 'snagged'] as const
  const taps = fc.array(
    fc.record({
      wait: fc.integer({ min: 0, max: 4 }),
      tap: fc.constantFrom('event', 'event', 'casts', 'lure', 'casts', 'empty'),
      kind: fc.constantFrom(...KINDS),
    }),
    { minLength: 150, maxLength: 200 },
  )

  it.each(Object.entries(clocks))(
    '%s: every tap is there once and in order, no stretch lasts less than nothing',
    (_, clock) => {
      fc.assert(
        fc.property(taps, list => {
          let trip: Trip = withStint({ id: 't', start: clock(0), stints: [] }, { id: 's0', lureId: 'l0' }, clock(0))
          let minute = 0
          const pressed: string[] = []
          let casts = 0
          for (const [i, { wait, tap, kind }] of list.entries()) {
            minute += wait
            if (tap === 'lure') trip = withStint(trip, { id: `s${i + 1}`, lureId: `l${i % 5}` }, clock(minute))
            else if (tap === 'empty') trip = withLineEmpty(trip, clock(minute))
            else if (!openStint(trip)) continue
            else if (tap === 'casts') {
              trip = withCasts(trip, 2)
              casts += 2
            } else {
              trip = withEvent(trip, { id: `e${i}`, kind }, clock(minute))
              pressed.push(`e${i}`)
            }
          }
          trip = ended(trip, clock(minute))
          const stints = trip.stints!
          const events = stints.flatMap(s => s.events ?? [])
          expect(events.map(e => e.id)).toEqual(pressed)
          expect(stints.reduce((sum, s) => sum + (s.casts ?? 0), 0)).toBe(casts)
          const moments = [
            trip.start,
            ...stints.flatMap(s => [s.start, ...(s.events ?? []).map(e => e.at!), s.end!]),
            trip.end!,
          ]
          const times = moments.map(m => Date.parse(m))
          expect(times).toEqual([...times].sort((a, b) => a - b))
          for (const stint of stints) expect(minutesOf(stint, null)).toBeGreaterThanOrEqual(0)
          expect(parseFile({ format: 'ygrion', version: 1, lures: [], trips: [trip] }).ok).toBe(true)
        }),
        { numRuns: 15 },
      )
    },
  )
})
