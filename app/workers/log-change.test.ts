import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Trip } from '#core/tackle'
import { changedLog, logChange } from './log-change'

const trip = (id: number, notes = ''): Trip => ({ id: `t${id}`, start: '2026-05-06T06:00:00Z', notes }) as Trip

describe('a changed log, handed over', () => {
  it('is the new log, whatever came, went, changed or moved, and only what changed is handed over', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.nat(30)),
        fc.uniqueArray(fc.nat(30)),
        fc.array(fc.nat(30)),
        (had, has, corrected) => {
          const before = had.map(id => trip(id))
          const now = has.map(id => (corrected.includes(id) ? undefined : before[had.indexOf(id)]) ?? trip(id, 'new'))
          const change = logChange(before, now)
          expect(changedLog(structuredClone(before), structuredClone(change))).toEqual(now)
          const stays = has.filter(id => had.includes(id) && !corrected.includes(id)).length
          expect(change.put).toHaveLength(has.length - stays)
        },
      ),
    )
  })
  it('that was lost on the way is an error and no shorter log', () => {
    expect(() => changedLog([], { put: [], ids: ['t1'] })).toThrow('the log lacks trip t1')
  })
})
