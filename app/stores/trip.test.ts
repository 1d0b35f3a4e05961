import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { SetupOut } from '#core/tell'
import { openFreshBox, until } from '~/testing/fresh-box'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'
import { useTripStore } from './trip'

const setup = (lureId: string) =>
  ({
    lureId,
    trailerId: null,
    rig: null,
    outfitId: 'o1',
    presentation: { depthM: 1.5, speedMs: 0.6, cadence: 'steady' },
  }) as unknown as SetupOut

const events = () => useTripStore().stint?.events ?? []
const pieces = (id: string) => useBoxStore().lureById.get(id)!.quantity ?? 1

beforeEach(() => {
  vi.stubGlobal('navigator', {})
  return openFreshBox()
})
afterEach(() => vi.unstubAllGlobals())

async function begin(lureId = 'l1') {
  await useTripStore().start(setup(lureId))
  await until(() => useTripStore().trip !== null)
}

describe('a trip', () => {
  it('begins with a set-up, the water as it is, and the home water one is at', async () => {
    await begin()
    const { trip, stint } = useTripStore()
    expect(trip).toMatchObject({ placeId: 'averin', end: null })
    expect(stint).toMatchObject({
      lureId: 'l1',
      outfitId: 'o1',
      depthM: 1.5,
      speedMs: 0.6,
      cadence: 'steady',
      reading: { species: 'northern-pike', temperatureC: 11.5 },
    })
  })
  it('a tap is an event of the fish one is after; a snag is of none', async () => {
    await begin()
    const trips = useTripStore()
    await trips.tap('hit')
    await trips.tap('snagged')
    await until(() => events().length === 2)
    expect(events().map(e => [e.kind, e.species])).toEqual([
      ['hit', 'northern-pike'],
      ['snagged', null],
    ])
  })
  it('quick taps all stay, in their order', async () => {
    await begin()
    const trips = useTripStore()
    await Promise.all((['follow', 'peck', 'hit', 'hooked', 'landed'] as const).map(kind => trips.tap(kind)))
    await until(() => events().length === 5)
    expect(events().map(e => e.kind)).toEqual(['follow', 'peck', 'hit', 'hooked', 'landed'])
  })
  it('taps are taken back one after another, the last first', async () => {
    await begin()
    const trips = useTripStore()
    await trips.tap('follow')
    await trips.tap('landed')
    await until(() => events().length === 2)
    await trips.takeBack()
    await until(() => events().length === 1)
    expect([events()[0]!.kind, trips.lastTap?.kind]).toEqual(['follow', 'follow'])
    await trips.takeBack()
    await until(() => events().length === 0)
    await trips.takeBack()
    expect(trips.lastStep).toBeNull()
  })
  it('a change in the hand begins a stint with what is fished now, and is taken back with its place in the order', async () => {
    await begin()
    const trips = useTripStore()
    await trips.cast(5)
    const before = trips.stint!
    await trips.adjust({
      id: 'slower',
      from: 0.6,
      to: 0.42,
      stint: { lureId: 'l1', presentation: { speedMs: 0.42, depthM: 1.5 } },
    })
    await until(() => trips.trip!.stints!.length === 2)
    expect(trips.stint).toMatchObject({ lureId: 'l1', presentation: { speedMs: 0.42 }, casts: 0 })
    await trips.tap('hit')
    await until(() => events().length === 1)
    await trips.takeBack()
    await until(() => events().length === 0)
    await trips.takeBack()
    await until(() => trips.trip!.stints!.length === 1)
    expect(trips.stint).toMatchObject({ id: before.id, end: null, casts: 5 })
    await trips.takeBack()
    await until(() => trips.stint!.casts === 0)
  })
  it('a wet thumb that taps twice taps once', async () => {
    await begin()
    const trips = useTripStore()
    await trips.tap('hit')
    await trips.tap('hit')
    await until(() => events().length === 1)
    expect(events()).toHaveLength(1)
  })
  it('a trip that was ended goes on', async () => {
    await begin()
    const trips = useTripStore()
    const { id } = trips.trip!
    await trips.finish()
    await until(() => trips.trip === null)
    await trips.resume(id)
    await until(() => trips.trip !== null)
    expect(trips.stint).toMatchObject({ lureId: 'l1', end: null })
  })
  it('a lost lure leaves the stock, and comes back with the tap', async () => {
    await begin()
    const trips = useTripStore()
    const before = pieces('l1')
    await trips.tap('lure-lost')
    await until(() => pieces('l1') === before - 1)
    await trips.takeBack()
    await until(() => pieces('l1') === before)
    expect(events()).toEqual([])
  })
  it('another set-up ends the stint and begins the next; what was tapped before stays with the first', async () => {
    await begin()
    const trips = useTripStore()
    await trips.tap('hit')
    await until(() => events().length === 1)
    useReadingStore().change({ temperatureC: 9 })
    await trips.change(setup('l2'))
    await until(() => trips.stint?.lureId === 'l2')
    const [first, second] = trips.trip!.stints!
    expect([first!.end === second!.start, first!.events!.length, second!.events ?? [], second!.reading]).toMatchObject([
      true,
      1,
      [],
      { temperatureC: 9 },
    ])
    expect(trips.lastTap).toBeNull()
  })
  it('casts are counted, an event gets its details or goes, the end closes all', async () => {
    await begin()
    const trips = useTripStore()
    await trips.cast(5)
    await trips.cast(-1)
    await trips.tap('landed')
    await trips.tap('peck')
    await until(() => events().length === 2 && trips.stint!.casts === 4)
    const [landed, peck] = events()
    await trips.detail(landed!.id, { lengthMm: 640, note: 'by the reeds' })
    await trips.remove(peck!.id)
    await until(() => events().length === 1 && events()[0]!.lengthMm === 640)
    await trips.rig(['o1', 'o2'])
    await until(() => trips.trip?.rods?.length === 2)
    const { id } = trips.trip!
    await trips.finish()
    await until(() => trips.trip === null)
    const stored = useBoxStore().box.trips.find(t => t.id === id)!
    expect(stored.end).not.toBeNull()
    expect(stored.stints!.every(s => s.end)).toBe(true)
  })
  it('without a trip nothing can be tapped, and nothing is written', async () => {
    const trips = useTripStore()
    const before = await useBoxStore().readFile()
    await trips.tap('landed')
    await trips.takeBack()
    await trips.cast(3)
    await trips.finish()
    expect(await useBoxStore().readFile()).toEqual(before)
  })
  it('the first set-up of a change begins the trip', async () => {
    await useTripStore().change(setup('l3'))
    await until(() => useTripStore().stint?.lureId === 'l3')
  })
})

describe('the place of an event', () => {
  const at = (latitude: number, longitude: number) => ({
    geolocation: { getCurrentPosition: (found: (p: unknown) => void) => found({ coords: { latitude, longitude } }) },
  })
  it('is asked for only when it is wished', async () => {
    const asked = vi.fn()
    vi.stubGlobal('navigator', { geolocation: { getCurrentPosition: asked } })
    await begin()
    await useTripStore().tap('landed')
    await until(() => events().length === 1)
    expect(asked).not.toHaveBeenCalled()
  })
  it('comes behind the tap that is stored already', async () => {
    vi.stubGlobal('navigator', at(58.41234, 13.21234))
    await begin()
    useSettingsStore().keepPlace = true
    await useTripStore().tap('landed')
    await until(() => events()[0]?.latitude != null)
    expect(events()[0]).toMatchObject({ kind: 'landed', latitude: 58.41234, longitude: 13.21234 })
  })
  it('that the device does not tell is said so, and the tap stays', async () => {
    vi.stubGlobal('navigator', {
      geolocation: {
        getCurrentPosition: (_: unknown, failed: (e: unknown) => void) => failed({ code: 1, message: 'denied' }),
      },
    })
    await begin()
    useSettingsStore().keepPlace = true
    await useTripStore().tap('landed')
    await until(() => events().length === 1)
    expect(useTripStore().placeTrouble).not.toBe('')
    expect(events()[0]!.latitude ?? null).toBeNull()
  })
})
