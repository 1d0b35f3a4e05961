import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import demo from '../../demo/box.json'
import { useBoxStore } from './box'
import { useCatalogueStore } from './catalogue'
import { useReadingStore } from './reading'
import { useUndoStore } from './undo'

/** Waits for the live queries to bring what was written. */
async function until(holds: () => boolean): Promise<void> {
  for (let i = 0; i < 400 && !holds(); i++) await new Promise(resolve => setTimeout(resolve, 5))
  expect(holds()).toBe(true)
}

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory()
  setActivePinia(createPinia())
  await useBoxStore().open()
  await until(() => useBoxStore().ready)
})

describe('the box', () => {
  it('opens the demo on the first visit and says so', () => {
    const box = useBoxStore()
    expect([box.isDemo, box.box.lures.length, box.places.length, box.assemblies.length]).toEqual([true, demo.lures.length, demo.places.length, demo.assemblies.length])
  })
  it('refuses a bad lure by field and writes nothing', async () => {
    const box = useBoxStore()
    const lure = box.lureById.get('l1')!
    expect(await box.saveLure({ ...lure, weightG: -1 })).toEqual([{ path: 'weightG', message: 'must be at least 0.01, got -1' }])
    expect((await box.readFile()).lures!.find(l => l.id === 'l1')!.weightG).toBe(lure.weightG)
  })
  it('takes lures out with their tests and dressings, leaves the trips, and brings all back', async () => {
    const box = useBoxStore()
    const before = await box.readFile()
    await box.removeLures(['l1', 'l18'], 'two are out')
    await until(() => !box.lureById.has('l1'))
    const after = await box.readFile()
    expect(after.tests!.filter(t => t.lureId === 'l1')).toEqual([])
    expect(after.assemblies).toEqual([])
    expect(after.trips).toEqual(before.trips)
    await useUndoStore().takeBack()
    expect(await box.readFile()).toEqual(before)
  })
  it('another file takes the place of everything, and the old one can be had back', async () => {
    const box = useBoxStore()
    const before = await box.readFile()
    await box.replaceBy({ format: 'ygrion', version: 1, lures: [{ id: 'only', name: 'only', family: 'tube' }] }, 'replaced')
    await until(() => box.box.lures.length === 1)
    expect([box.isDemo, await box.readFile()]).toEqual([false, { format: 'ygrion', version: 1, lures: [{ id: 'only', name: 'only', family: 'tube' }] }])
    await useUndoStore().takeBack()
    expect([box.isDemo, await box.readFile()]).toEqual([true, before])
  })
  it('an export of the demo is the demo', async () => expect(await useBoxStore().readFile()).toEqual(demo))
})

describe('undo', () => {
  it('goes back step by step, newest first, and hides without forgetting', async () => {
    const undo = useUndoStore()
    const done: string[] = []
    const offer = (text: string) => undo.offer(text, async () => void done.push(text))
    offer('first')
    offer('second')
    undo.hide()
    expect(undo.last).toBeNull()
    await undo.takeBack()
    expect(undo.last?.text).toBe('first')
    await undo.takeBack()
    await undo.takeBack()
    expect(done).toEqual(['second', 'first'])
  })
})

describe('the catalogue', () => {
  it('finds by words of the trade, and what has gone cannot stay picked', async () => {
    const [box, catalogue] = [useBoxStore(), useCatalogueStore()]
    catalogue.search = '28g gold spinnerbait pike'
    expect(catalogue.found.map(e => e.profile.lure.name)).toEqual(['Moor blade'])
    catalogue.pick(['l1', 'l2'], true)
    catalogue.pick(['l2'], false)
    expect([...catalogue.picked]).toEqual(['l1'])
    await box.removeLures(['l1'], 'out')
    await until(() => catalogue.picked.size === 0)
  })
  it('knows when a lure was last used, and lists boxes that are empty too', () => {
    const catalogue = useCatalogueStore()
    const used = demo.trips.flatMap(t => t.stints).filter(s => s.lureId === demo.trips[0]!.stints[0]!.lureId).map(s => s.start).sort().at(-1)
    expect(catalogue.entryById.get(demo.trips[0]!.stints[0]!.lureId)!.lastUsed).toBe(used)
    catalogue.trays = { 'Spare box': { rows: 2, columns: 3 } }
    expect(catalogue.boxes).toContain('Spare box')
    expect(catalogue.boxes).toEqual([...catalogue.boxes].sort((a, b) => a.localeCompare(b)))
  })
})

describe('the reading', () => {
  it('refuses what cannot be and keeps the old one', () => {
    const store = useReadingStore()
    const before = store.reading
    expect(store.change({ temperatureC: 80 })).toBe(false)
    expect([store.reading, store.issues[0]!.path]).toEqual([before, 'temperatureC'])
  })
  it('goes back one step, or several at once', () => {
    const store = useReadingStore()
    const start = store.reading.temperatureC
    for (const temperatureC of [5, 6, 7]) store.change({ temperatureC })
    store.undo()
    expect(store.reading.temperatureC).toBe(6)
    store.goBack(0)
    expect([store.reading.temperatureC, store.past.length]).toEqual([start, 0])
  })
  it('knows its home water by position, goes to another, and writes the reading down there', async () => {
    const [box, store] = [useBoxStore(), useReadingStore()]
    expect(store.place?.id).toBe('averin')
    store.goTo(box.places.find(p => p.id === 'skarne')!)
    expect([store.place?.id, store.reading.species, store.reading.water]).toEqual(['skarne', 'sea-bass', 'estuary'])
    await store.note('n1', new Date('2027-01-01T10:00:00Z'))
    await until(() => box.noted.length === 1)
    expect(store.written.at(-1)).toMatchObject({ id: 'n1', placeId: 'skarne', at: '2027-01-01T10:00:00.000Z' })
    await useUndoStore().takeBack()
    await until(() => box.noted.length === 0)
  })
  it('readings of the trips count as written down', () => {
    const stints = demo.trips.flatMap(t => t.stints).filter(s => s.reading)
    expect(useReadingStore().written).toHaveLength(stints.length)
  })
})
