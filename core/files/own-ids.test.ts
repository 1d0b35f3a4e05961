import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Trip } from '#core/tackle'
import { withOwnIds } from './own-ids'
import { parseFile } from './parse'

const start = '2026-05-01T10:00:00Z'
const trip = (ids: readonly (readonly [stint: string, events: readonly string[]])[]): Trip => ({
  id: 't',
  start,
  stints: ids.map(([id, events]) => ({ id, start, lureId: 'l', events: events.map(e => ({ id: e, kind: 'hit' })) })),
})
const idsOf = ({ stints }: Trip) => stints!.map(s => [s.id, (s.events ?? []).map(e => e.id)])

describe('ids inside a trip', () => {
  it('that stand twice become others, and are told; no tap is lost', () => {
    const { trips, mended } = withOwnIds([
      trip([
        ['s', ['e', 'e']],
        ['s', ['e~2', 'e']],
      ]),
    ])
    expect(idsOf(trips[0]!)).toEqual([
      ['s', ['e', 'e~2']],
      ['s~2', ['e~2~2', 'e~3']],
    ])
    expect(mended.map(m => m.path)).toEqual([
      'trips[0].stints[0].events[1].id',
      'trips[0].stints[1].id',
      'trips[0].stints[1].events[0].id',
      'trips[0].stints[1].events[1].id',
    ])
  })
  it('whatever stands there, afterwards each is its own, in the same order and number; a second time mends nothing', () => {
    const id = fc.constantFrom('a', 'b', 'a~2', 'c')
    fc.assert(
      fc.property(fc.array(fc.tuple(id, fc.array(id, { maxLength: 5 })), { maxLength: 5 }), ids => {
        const before = trip(ids)
        const after = withOwnIds([before]).trips[0]!
        const [stints, events] = [after.stints!.map(s => s.id), after.stints!.flatMap(s => s.events!.map(e => e.id))]
        expect(new Set(stints).size).toBe(stints.length)
        expect(new Set(events).size).toBe(events.length)
        expect(after.stints!.map(s => s.events!.length)).toEqual(ids.map(([, list]) => list.length))
        expect(withOwnIds([after])).toEqual({ trips: [after], mended: [] })
        expect(withOwnIds([after]).trips[0]).toBe(after)
      }),
    )
  })
  it('a file that has them is read, and says so; a sound file is read as it is', () => {
    const file = (t: Trip) => ({ format: 'ygrion', version: 1, trips: [t] })
    const read = parseFile(file(trip([['s', ['e', 'e']]])))
    expect(read).toMatchObject({ ok: true, mended: [{ path: 'trips[0].stints[0].events[1].id' }] })
    expect(parseFile(file(trip([['s', ['e']]])))).toEqual({ ok: true, value: file(trip([['s', ['e']]])) })
  })
})
