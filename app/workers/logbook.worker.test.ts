import { beforeAll, describe, expect, it, vi } from 'vitest'
import { boxOf, ownOf } from '#core/files'
import type { Box, Trip } from '#core/tackle'
import { file, fresh } from '~/testing/workers-in-process'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

const bytes = (text: string) => new TextEncoder().encode(text)

describe('the log', () => {
  let log: ReturnType<typeof import('./logbook.client').openLogbook>
  beforeAll(async () => {
    log = (
      await fresh(
        () => import('./logbook.worker'),
        () => import('./logbook.client'),
      )
    ).openLogbook()
    await log.api.load(boxOf(file), ownOf(file))
  })
  it('every contact of the log is counted once in the depths of the year, the newest first', async () => {
    const touches = file.trips!.flatMap(t =>
      (t.stints ?? []).flatMap(s =>
        (s.events ?? []).filter(
          e => !['follow', 'snagged', 'lure-lost'].includes(e.kind) && (e.depthM ?? s.depthM) != null,
        ),
      ),
    )
    const { contacts, spots, newest, deepestM } = await log.api.depths()
    expect(contacts).toBe(touches.length)
    expect(spots.reduce((sum, spot) => sum + spot.count, 0)).toBe(touches.length)
    expect(newest.map(m => Date.parse(m.at))).toEqual([...newest].map(m => Date.parse(m.at)).sort((a, b) => b - a))
    expect(Math.max(...newest.map(m => m.depthM))).toBe(deepestM)
  })
  it('a lure that was never fished before is known from its first tap on, and listed as not fished until then', async () => {
    const fished = new Set(file.trips!.flatMap(t => (t.stints ?? []).map(s => s.lureId)))
    const fresh = file.lures!.find(l => !fished.has(l.id) && l.role !== 'trailer' && l.quantity !== 0)!
    const byKind = { of: 'contacts', per: 'hour' } as const
    expect((await log.api.rates('lure', byKind)).unfished).toContain(fresh.id)
    const trip: Trip = {
      id: 'first',
      start: '2026-11-01T08:00:00Z',
      stints: [
        {
          id: 'first-1',
          start: '2026-11-01T08:00:00Z',
          end: '2026-11-01T10:00:00Z',
          lureId: fresh.id,
          events: [{ id: 'first-1-1', kind: 'hit' }],
        },
      ],
    }
    await log.api.log({ put: [trip], ids: [...file.trips!.map(t => t.id), 'first'] })
    const kinds = await log.api.rates('family', byKind)
    expect(kinds.rows.find(r => r.value === fresh.family)!.contacts).toBeGreaterThan(0)
    expect((await log.api.rates('lure', byKind)).unfished).not.toContain(fresh.id)
    await log.api.load(boxOf(file), ownOf(file))
  })
  it('years are those of the trips, and each has its sheet', async () => {
    const years = await log.api.years()
    expect([...years].sort()).toEqual([...new Set(file.trips!.map(t => Number(t.start.slice(0, 4))))].sort())
    for (const year of years) expect(await log.api.year(year)).toBeTruthy()
  })
  it('trips go out as a table and come back the same; positions go out blurred', async () => {
    const csv = await log.api.written(file.trips!, 'csv', 'blurred')
    const back = await log.api.read(
      bytes(csv),
      file.places!.map(({ id, name }) => ({ id, name })),
      'metric',
    )
    expect(back.trips.map(t => t.id).sort()).toEqual(file.trips!.map(t => t.id).sort())
    const exact = JSON.parse(await log.api.written(file.trips!, 'geojson', 'exact')) as {
      features: { geometry: { coordinates: number[] } }[]
    }
    const blurred = JSON.parse(await log.api.written(file.trips!, 'geojson', 'blurred')) as typeof exact
    expect(exact.features.length).toBeGreaterThan(0)
    const places = (of: typeof exact) => of.features.map(f => f.geometry.coordinates.join())
    expect(places(blurred).filter((place, i) => place === places(exact)[i])).toEqual([])
    expect(await log.api.written(file.trips!, 'gpx', 'blurred')).toContain('<wpt ')
  })
  it('a newer audit ends the one before it', async () => {
    const many = Array.from({ length: 5 }, (_, k) => file.trips!.map(t => ({ ...t, id: `${t.id}-${k}` }))).flat()
    await log.api.load({ ...boxOf(file), trips: many } as Box, ownOf(file))
    const steps: number[] = []
    const [older, newer] = await Promise.all([
      log.audit({ schools: {}, weights: {} }, () => {}),
      log.audit({ schools: {}, weights: {} }, done => steps.push(done)),
    ])
    expect(older).toBeNull()
    expect(newer!.rules.length).toBeGreaterThan(0)
    expect(steps.length).toBeGreaterThan(1)
    expect(steps).toEqual([...steps].sort((a, b) => a - b))
  })
})
