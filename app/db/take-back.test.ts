import fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Lure, Trip } from '#core/tackle'
import 'fake-indexeddb/auto'
import { applyChange } from './change'
import { type Database, openDatabase } from './database'
import { makeChange, takeBack } from './take-back'

let db: Database
let count = 0
beforeEach(() => {
  db = openDatabase(`take-back-${++count}`)
})
const lure = (id: string, part: Partial<Lure> = {}): Lure => ({ id, name: id, family: 'tube', ...part })
const event = (id: string) => ({ id, kind: 'hit' as const, at: '2026-05-01T07:00:00Z' })
const trip = (...events: string[]): Trip => ({
  id: 't',
  start: '2026-05-01T06:00:00Z',
  stints: [{ id: 's', lureId: 'a', start: '2026-05-01T06:00:00Z', events: events.map(event) }],
})
const eventsOf = async () => (await db.trips.get('t'))!.stints![0]!.events!.map(e => e.id)

describe('taking a change back', () => {
  it('of another field leaves what was done to the row since', async () => {
    await applyChange(db, { put: { lures: [lure('a', { weightG: 10, notes: 'old' })] } })
    const made = await makeChange(db, { put: { lures: [lure('a', { weightG: 12, notes: 'old' })] } })
    await applyChange(db, { put: { lures: [lure('a', { weightG: 12, notes: 'new', box: 'River' })] } })
    expect((await takeBack(db, made)).kept).toEqual([])
    expect(await db.lures.get('a')).toEqual(lure('a', { weightG: 10, notes: 'new', box: 'River' }))
  })
  it('a field that it added is gone again, not left empty', async () => {
    await applyChange(db, { put: { lures: [lure('a')] } })
    const made = await makeChange(db, { put: { lures: [lure('a', { weightG: 12 })] } })
    await applyChange(db, { put: { lures: [lure('a', { weightG: 12, box: 'River' })] } })
    await takeBack(db, made)
    expect(Object.keys((await db.lures.get('a'))!)).not.toContain('weightG')
  })
  it('of the same field leaves the later figure, and says in which row', async () => {
    await applyChange(db, { put: { lures: [lure('a', { weightG: 10 })] } })
    const made = await makeChange(db, { put: { lures: [lure('a', { weightG: 12 })] } })
    await applyChange(db, { put: { lures: [lure('a', { weightG: 14 })] } })
    expect((await takeBack(db, made)).kept).toEqual(['a'])
    expect((await db.lures.get('a'))!.weightG).toBe(14)
  })
  it('of one event keeps the fish that were logged after it, each once', async () => {
    await applyChange(db, { put: { trips: [trip('e1')] } })
    const made = await makeChange(db, { put: { trips: [trip('e1', 'e2')] } })
    await applyChange(db, { put: { trips: [trip('e1', 'e2', 'e3', 'e4')] } })
    await takeBack(db, made)
    expect(await eventsOf()).toEqual(['e1', 'e3', 'e4'])
  })
  it('of a trip that was brought in and then fished on keeps it, and says so', async () => {
    const made = await makeChange(db, { put: { trips: [trip('e1')] } })
    await applyChange(db, { put: { trips: [trip('e1', 'e2', 'e3')] } })
    expect((await takeBack(db, made)).kept).toEqual(['t'])
    expect(await eventsOf()).toEqual(['e1', 'e2', 'e3'])
  })
  it('puts back what it took out where it stood, unless it is there again', async () => {
    await applyChange(db, { put: { trips: [trip('e1', 'e2', 'e3')], lures: [lure('a')] } })
    const made = await makeChange(db, { put: { trips: [trip('e1', 'e3')] }, remove: { lures: ['a'] } })
    await applyChange(db, { put: { trips: [trip('e1', 'e3', 'e4')] } })
    await takeBack(db, made)
    expect(await eventsOf()).toEqual(['e1', 'e2', 'e3', 'e4'])
    expect(await db.lures.get('a')).toEqual(lure('a'))
  })
  it('can itself be taken back: done again', async () => {
    await applyChange(db, { put: { lures: [lure('a', { weightG: 10 })] } })
    const made = await makeChange(db, { put: { lures: [lure('a', { weightG: 12 }), lure('b')] } })
    const { made: undone } = await takeBack(db, made)
    expect([(await db.lures.get('a'))!.weightG, await db.lures.count()]).toEqual([10, 1])
    await takeBack(db, undone)
    expect([(await db.lures.get('a'))!.weightG, await db.lures.count()]).toEqual([12, 2])
  })

  const ids = ['a', 'b', 'c'] as const
  const figures = fc.record(
    {
      weightG: fc.option(fc.integer({ min: 1, max: 5 })),
      box: fc.option(fc.constantFrom('x', 'y')),
      hooks: fc.option(fc.constantFrom([], [{ kind: 'treble' as const, size: '6', count: 2 }])),
    },
    { requiredKeys: [] },
  )
  const box = fc.dictionary(fc.constantFrom(...ids), figures, { noNullPrototype: true })
  const rows = (of: Record<string, object>) => Object.entries(of).map(([id, part]) => lure(id, part as Partial<Lure>))
  it('with nothing done since, everything is exactly as it was; with anything done since, no row is lost (property)', async () => {
    await fc.assert(
      fc.asyncProperty(box, box, box, fc.subarray([...ids]), async (start, change, later, gone) => {
        await db.lures.clear()
        await applyChange(db, { put: { lures: rows(start) } })
        const before = await db.lures.toArray()
        const made = await makeChange(db, {
          put: { lures: rows(change) },
          remove: { lures: gone.filter(id => !(id in change)) },
        })
        const { made: undone } = await takeBack(db, made)
        expect(await db.lures.toArray()).toEqual(before)
        await takeBack(db, undone)
        await applyChange(db, { put: { lures: rows(later) } })
        await takeBack(db, made)
        const left = new Map((await db.lures.toArray()).map(l => [l.id, l]))
        for (const row of rows(later)) {
          const changed = rows(change).find(l => l.id === row.id)
          if (JSON.stringify(changed) !== JSON.stringify(row)) expect(left.has(row.id)).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })
})
