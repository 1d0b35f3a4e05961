import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick } from 'vue'
import { applyChange } from '~/db/change'
import { newDisk, openFreshBox, until } from '~/testing/fresh-box'
import { useBoxStore } from './box'
import { useCatalogueStore } from './catalogue'
import { usePhotosStore } from './photos'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

beforeEach(openFreshBox)

/** The same disk, opened by one who comes back. */
async function comeBack(): Promise<void> {
  useBoxStore().database().close()
  setActivePinia(createPinia())
  await useBoxStore().reach()
  await Promise.all([useReadingStore().open(), useSettingsStore().open(), useCatalogueStore().open()])
  await useBoxStore().open()
  await until(() => useBoxStore().ready)
}

describe('the catalogue', () => {
  it('knows every lure of the box, and finds by words, kinds and figures', () => {
    const [box, catalogue] = [useBoxStore(), useCatalogueStore()]
    expect(catalogue.found).toHaveLength(box.box.lures.length)
    catalogue.search = 'tube'
    expect(catalogue.found.length).toBeGreaterThan(0)
    expect(catalogue.found.length).toBeLessThan(box.box.lures.length)
    catalogue.search = 'weight<10g'
    const light = catalogue.found
    expect(light.length).toBeGreaterThan(0)
    for (const { profile } of light) expect(profile.weightG.value).toBeLessThan(10)
    catalogue.search = ''
    expect(catalogue.found).toHaveLength(box.box.lures.length)
  })
  it('says when each was last used: the newest stint of the log', () => {
    const [box, catalogue] = [useBoxStore(), useCatalogueStore()]
    const stints = box.box.trips.flatMap(t => t.stints ?? [])
    for (const { profile, lastUsed } of catalogue.entries) {
      const own = stints
        .filter(s => s.lureId === profile.lure.id)
        .map(s => s.start)
        .sort()
      expect(lastUsed).toBe(own.at(-1) ?? null)
    }
  })
  it('picks several and lets go of them; what is taken out of the box is picked no more', async () => {
    const [box, catalogue] = [useBoxStore(), useCatalogueStore()]
    catalogue.pick(['l1', 'l2', 'l3'], true)
    catalogue.pick(['l2'], false)
    expect([...catalogue.picked]).toEqual(['l1', 'l3'])
    await box.removeLures(['l3'], 'out')
    await until(() => !box.lureById.has('l3'))
    await nextTick()
    expect([...catalogue.picked]).toEqual(['l1'])
  })
  it('keeps its columns, searches and trays for the next visit', async () => {
    const catalogue = useCatalogueStore()
    await catalogue.open()
    catalogue.columns = ['name', 'weight']
    catalogue.searches = [{ name: 'light ones', text: 'weight<10g' }]
    catalogue.trays = { ...catalogue.trays, 'flat box': { rows: 3, columns: 6 } }
    await nextTick()
    await new Promise(resolve => setTimeout(resolve, 30))
    await comeBack()
    const again = useCatalogueStore()
    expect(again.columns).toEqual(['name', 'weight'])
    expect(again.searches).toEqual([{ name: 'light ones', text: 'weight<10g' }])
    expect(again.trays['flat box']).toEqual({ rows: 3, columns: 6 })
    expect(again.boxes).toContain('flat box')
  })
})

describe('what is kept for the next visit', () => {
  it('the reading, the look and the units', async () => {
    await useSettingsStore().open()
    useReadingStore().change({ temperatureC: 17.5 })
    useSettingsStore().look = 'night'
    useSettingsStore().units = 'imperial'
    await nextTick()
    await new Promise(resolve => setTimeout(resolve, 30))
    await comeBack()
    expect(useReadingStore().reading.temperatureC).toBe(17.5)
    expect([useSettingsStore().theme, useSettingsStore().units]).toEqual(['night', 'imperial'])
  })
  it('whose box it is: the demo stays the demo, an own box stays one’s own and empty', async () => {
    await comeBack()
    expect([useBoxStore().isDemo, useBoxStore().box.lures.length > 0]).toEqual([true, true])
    await useBoxStore().startOwn()
    await comeBack()
    expect([useBoxStore().isDemo, useBoxStore().box.lures.length]).toEqual([false, 0])
    await useBoxStore().visitDemo()
    await comeBack()
    expect([useBoxStore().isDemo, useBoxStore().box.lures.length > 0]).toEqual([true, true])
  })
  it('a first visit whose first write fails goes on in memory, shows the demo and says why', async () => {
    newDisk()
    const box = useBoxStore()
    await box.reach()
    const disk = box.database()
    vi.spyOn(disk, 'transaction').mockRejectedValue(new DOMException('no room', 'QuotaExceededError'))
    await box.open()
    expect(box.database()).not.toBe(disk)
    expect(box.trouble).toMatch(/full/)
    expect([box.isDemo, box.box.lures.length > 0]).toEqual([true, true])
    await box.removeLures(['l1'], 'out')
    await until(() => !box.lureById.has('l1'))
  })
  it('a stored reading that is not sound any more is passed over, not taken', async () => {
    await useBoxStore()
      .database()
      .table('memory')
      .put({ key: 'reading', value: { species: 'kraken', temperatureC: 900 } })
    await comeBack()
    expect(useReadingStore().reading.species).toBe('northern-pike')
  })
})

describe('the way back through readings', () => {
  it('undo goes step by step, to the step that is chosen, and no farther than the first', () => {
    const readings = useReadingStore()
    const first = readings.reading
    for (const temperatureC of [12, 13, 14, 15]) readings.change({ temperatureC })
    readings.undo()
    expect(readings.reading.temperatureC).toBe(14)
    readings.goBack(1)
    expect(readings.reading.temperatureC).toBe(12)
    readings.undo()
    expect(readings.reading).toEqual(first)
    readings.undo()
    expect(readings.reading).toEqual(first)
  })
  it('a bad change says which field and why, until the next good one', async () => {
    const readings = useReadingStore()
    expect(readings.change({ visibilityM: -2 })).toBe(false)
    await vi.waitFor(() => expect(readings.issues).toHaveLength(1))
    expect(readings.issues[0]).toMatchObject({ path: 'visibilityM', message: expect.stringContaining('got -2') })
    expect(readings.past).toEqual([])
    expect(readings.change({ visibilityM: 2 })).toBe(true)
    expect(readings.issues).toEqual([])
  })
  it('a home water brings its place, and a reading written there is among what is written of it', async () => {
    const [box, readings] = [useBoxStore(), useReadingStore()]
    const water = box.places.find(p => p.latitude != null)!
    expect(readings.goTo(water)).toBe(true)
    expect(readings.place?.id).toBe(water.id)
    const before = readings.written.length
    await readings.note('noted-1', new Date('2026-05-07T05:00:00Z'))
    await until(() => readings.written.length === before + 1)
    expect(readings.written.find(r => r.id === 'noted-1')).toMatchObject({ placeId: water.id })
    const times = readings.written.map(r => Date.parse(r.at))
    expect(times).toEqual([...times].sort((a, b) => a - b))
  })
})

describe('pictures', () => {
  it('have one address each, a new one with a new picture, and none when they are gone', async () => {
    let made = 0
    const given: string[] = []
    const back: string[] = []
    vi.stubGlobal(
      'URL',
      class extends URL {
        static override createObjectURL = () => {
          given.push(`blob:${++made}`)
          return given.at(-1)!
        }

        static override revokeObjectURL = (url: string) => {
          back.push(url)
        }
      },
    )
    const [box, photos] = [useBoxStore(), usePhotosStore()]
    photos.open()
    photos.open()
    const picture = (byte: number) => ({
      lureId: 'l1',
      blob: new Blob([new Uint8Array([255, 216, byte])]),
      width: 4,
      height: 3,
      swatches: [],
      instead: byte === 2,
    })
    expect(photos.urlOf('l1')).toBeNull()
    await applyChange(box.database(), { put: { photos: [picture(1)] } })
    await until(() => photos.photos.has('l1'))
    const first = photos.urlOf('l1')
    expect(photos.urlOf('l1')).toBe(first)
    expect([...photos.shownInstead]).toEqual([])
    const old = photos.photos.get('l1')
    await applyChange(box.database(), { put: { photos: [picture(2)] } })
    await until(() => photos.photos.get('l1') !== old)
    expect(photos.urlOf('l1')).not.toBe(first)
    expect(back).toEqual([first])
    expect([...photos.shownInstead]).toEqual(['l1'])
    await box.removeLures(['l1'], 'out')
    await until(() => !photos.photos.has('l1'))
    expect(photos.urlOf('l1')).toBeNull()
    expect(back).toEqual(given)
    await applyChange(box.database(), {
      put: { eventPhotos: [{ id: 'e1', tripId: 'trip1', blob: new Blob(['x']), width: 1, height: 1 }] },
    })
    await until(() => photos.ofEvents.has('e1'))
    expect(photos.urlOf('e1')).toMatch(/^blob:/)
    vi.unstubAllGlobals()
  })
})
