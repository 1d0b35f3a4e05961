import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named, tap, typeInto } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import TripPage from './[id].vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const trip = () =>
  useBoxStore().box.trips.find(t => (t.stints ?? []).filter(s => (s.events ?? []).length > 1).length > 1)!
const stored = async (id: string) => (await useBoxStore().readFile()).trips!.find(t => t.id === id)!
const open = () => mounted(TripPage, { path: `/logbook/trip/${trip().id}` })
beforeEach(async () => {
  await import('~/workers/logbook.worker')
  await openFreshBox()
})

describe('a past trip, corrected', () => {
  it('casts of one stretch are corrected and nothing else of the trip', async () => {
    const before = await stored(trip().id)
    const page = await open()
    await tap(page, 'correct')
    await typeInto(page, 'casts', '77')
    await until(() => trip().stints![0]!.casts === 77)
    expect(await stored(before.id)).toEqual({
      ...before,
      stints: before.stints!.map((s, i) => (i === 0 ? { ...s, casts: 77 } : s)),
    })
  })
  it('what is no number of casts is refused in words', async () => {
    const before = await stored(trip().id)
    const page = await open()
    await tap(page, 'correct')
    await typeInto(page, 'casts', '-3')
    expect(page.find('p.problem').text()).toContain('casts must be a whole number, got "-3"')
    expect(await stored(before.id)).toEqual(before)
  })
  it('an event gets its detail where it is opened, length in either system, and is taken out with one tap', async () => {
    const before = await stored(trip().id)
    const page = await open()
    await tap(page, /^\d{2}:\d{2}.* landed$/)
    await tap(page, 'outside the mouth')
    const landed = () =>
      trip()
        .stints!.flatMap(s => s.events ?? [])
        .find(e => e.kind === 'landed')!
    await until(() => landed().hookedAt === 'outside')
    await typeInto(page, 'length', '20 in')
    await until(() => Math.abs((landed().lengthMm ?? 0) - 508) < 0.5)
    const count = before.stints!.flatMap(s => s.events ?? []).length
    await tap(page, 'take it out')
    await until(() => trip().stints!.flatMap(s => s.events ?? []).length === count - 1)
    expect(named(page, '+ add')).toBeDefined()
  })
  it('a trip that is not there says so', async () => {
    expect((await mounted(TripPage, { path: '/logbook/trip/never' })).text()).toContain('There is no such trip')
  })
})
