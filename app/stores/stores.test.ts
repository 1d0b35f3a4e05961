import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Trip } from '#core/tackle'
import demo from '../../demo/box.json'
import { openFreshBox, until } from '~/testing/fresh-box'
import { useBoxStore } from './box'
import { recall } from '~/db/box'
import { useCatalogueStore } from './catalogue'
import { useReadingStore } from './reading'
import { deviceTheme, useSettingsStore } from './settings'
import { useUndoStore } from './undo'

const stints = (demo.trips as unknown as Trip[]).flatMap(t => t.stints ?? [])

beforeEach(openFreshBox)

describe('the box', () => {
  it('opens the demo on the first visit and says so', () => {
    const box = useBoxStore()
    expect([box.isDemo, box.box.lures.length, box.places.length, box.assemblies.length]).toEqual([
      true,
      demo.lures.length,
      demo.places.length,
      demo.assemblies.length,
    ])
  })
  it('refuses a bad lure by field and writes nothing', async () => {
    const box = useBoxStore()
    const lure = box.lureById.get('l1')!
    expect(await box.saveLure({ ...lure, weightG: -1 })).toEqual([
      { path: 'weightG', message: 'must be at least 0.01, got -1' },
    ])
    expect((await box.readFile()).lures!.find(l => l.id === 'l1')!.weightG).toBe(lure.weightG)
  })
  it('changes a stored row field by field: quick changes all stay, a bad one stays out and is named', async () => {
    const box = useBoxStore()
    const { weightG } = box.lureById.get('l1')!
    const issues = await Promise.all([
      box.edit('lures', 'l1', () => ({ notes: 'kept' })),
      box.edit('lures', 'l1', () => ({ weightG: -1 })),
      box.edit('lures', 'l1', ({ colours }) => ({ colours: { ...colours, eyes: true } })),
      box.edit('lures', 'never-there', () => ({ notes: 'nowhere' })),
    ])
    expect(issues).toEqual([[], [{ path: 'weightG', message: 'must be at least 0.01, got -1' }], [], []])
    const lures = (await box.readFile()).lures!
    expect(lures.find(l => l.id === 'l1')).toMatchObject({
      notes: 'kept',
      weightG,
      colours: { ...demo.lures.find(l => l.id === 'l1')!.colours, eyes: true },
    })
    expect(lures).toHaveLength(demo.lures.length)
  })
  it('parts and places are changed the same way', async () => {
    const box = useBoxStore()
    const [part, place] = [box.box.parts[0]!, box.places[0]!]
    await Promise.all([
      box.edit('parts', part.id, p => ({ quantity: (p.quantity ?? 1) + 1 })),
      box.edit('parts', part.id, p => ({ quantity: (p.quantity ?? 1) + 1 })),
    ])
    await until(() => box.box.parts.find(p => p.id === part.id)!.quantity === (part.quantity ?? 1) + 2)
    expect(await box.edit('places', place.id, () => ({ latitude: 98 }))).toEqual([
      { path: 'latitude', message: 'must be at most 90, got 98' },
    ])
    expect((await box.readFile()).places!.find(p => p.id === place.id)!.latitude).toBe(place.latitude)
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
    await box.replaceBy(
      { format: 'ygrion', version: 1, lures: [{ id: 'only', name: 'only', family: 'tube' }] },
      'replaced',
    )
    await until(() => box.box.lures.length === 1)
    expect([box.isDemo, await box.readFile()]).toEqual([
      false,
      { format: 'ygrion', version: 1, lures: [{ id: 'only', name: 'only', family: 'tube' }] },
    ])
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

describe('taking back in the box', () => {
  const lure = (id: string) => useBoxStore().lureById.get(id)
  const rename = async (name: string) => {
    const box = useBoxStore()
    await box.change({ put: { lures: [{ ...lure('l1')!, name }] } }, `named ${name}`)
    await until(() => lure('l1')!.name === name)
  }
  it('back, again, and back; a new change ends what could be done again', async () => {
    const undo = useUndoStore()
    const first = lure('l1')!.name
    await rename('one')
    await rename('two')
    await undo.takeBack()
    await until(() => lure('l1')!.name === 'one')
    await undo.doAgain()
    await until(() => lure('l1')!.name === 'two')
    await undo.takeBack()
    await undo.takeBack()
    await until(() => lure('l1')!.name === first)
    expect(undo.undone.map(s => s.text)).toEqual(['named two', 'named one'])
    await rename('three')
    expect(undo.again).toBeNull()
  })
  it('a backup that was joined goes with its shelf, and comes again with it', async () => {
    const [box, undo] = [useBoxStore(), useUndoStore()]
    const kept = { file: { format: 'ygrion', version: 1 }, photos: [], eventPhotos: [] } as const
    const aside = [{ id: 's2', at: '2026-05-01T06:00:00.000Z', name: 'inner', kept }]
    const shelf = async () => (await box.database().snapshots.toArray()).map(s => s.id)
    await box.join({ put: { lures: [{ ...lure('l1')!, id: 'new' }] } }, aside, 'joined')
    await until(() => lure('new') !== undefined)
    expect(await shelf()).toEqual(['s2'])
    for (let i = 0; i < 2; i++) {
      await undo.takeBack()
      await until(() => lure('new') === undefined)
      expect(await shelf()).toEqual([])
      await undo.doAgain()
      await until(() => lure('new') !== undefined)
      expect(await shelf()).toEqual(['s2'])
    }
  })
  it('leaves what was worked on since, and says so', async () => {
    const [box, undo] = [useBoxStore(), useUndoStore()]
    await rename('mine')
    await box.edit('lures', 'l1', () => ({ name: 'theirs' }))
    await until(() => lure('l1')!.name === 'theirs')
    await undo.takeBack()
    expect(undo.notice).toContain('theirs')
    expect(lure('l1')!.name).toBe('theirs')
  })
  it('outlives the page', async () => {
    const first = lure('l1')!.name
    await rename('kept')
    const { recall } = await import('~/db/box')
    const onDisk = async () =>
      ((await recall<{ text: string }[]>(useBoxStore().database(), 'undo-steps')) ?? []).map(s => s.text)
    await vi.waitFor(async () => expect((await onDisk()).at(-1)).toBe('named kept'))
    await useUndoStore().takeBack()
    await until(() => lure('l1')!.name === first)
    await vi.waitFor(async () => expect(await onDisk()).not.toContain('named kept'))
    await useUndoStore().doAgain()
    await vi.waitFor(async () => expect((await onDisk()).at(-1)).toBe('named kept'))
  })
  it('steps of another box are not kept for this one', async () => {
    await rename('before')
    await useBoxStore().replaceBy(
      { format: 'ygrion', version: 1, lures: [{ id: 'only', name: 'only', family: 'tube' }] },
      'replaced',
    )
    await until(() => useBoxStore().box.lures.length === 1)
    const { recall } = await import('~/db/box')
    await vi.waitFor(async () => expect(await recall(useBoxStore().database(), 'undo-steps')).toEqual([]))
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
    const { lureId } = stints[0]!
    const used = stints
      .filter(s => s.lureId === lureId)
      .map(s => s.start)
      .sort()
      .at(-1)
    expect(catalogue.entryById.get(lureId)!.lastUsed).toBe(used)
    catalogue.trays = { 'Spare box': { rows: 2, columns: 3 } }
    expect(catalogue.boxes).toContain('Spare box')
    expect(catalogue.boxes).toEqual([...catalogue.boxes].sort((a, b) => a.localeCompare(b)))
  })
})

describe('the reading', () => {
  it('refuses what cannot be and keeps the old one', async () => {
    const store = useReadingStore()
    const before = store.reading
    expect(store.change({ temperatureC: 80 })).toBe(false)
    await vi.waitFor(() => expect(store.issues).toHaveLength(1))
    expect([store.reading, store.issues[0]!.path]).toEqual([before, 'temperatureC'])
  })
  it('what was measured stays so until it is set anew, or another day comes', () => {
    const store = useReadingStore()
    store.change({ noted: ['temperatureC', 'visibilityM'] })
    store.change({ windMs: 6 })
    expect(store.reading.noted).toEqual(['temperatureC', 'visibilityM'])
    store.change({ temperatureC: 12 })
    expect(store.reading.noted).toEqual(['visibilityM'])
    store.change({ at: store.reading.at!.replace(/T.*/, 'T09:00:00+02:00') })
    expect(store.reading.noted).toEqual(['visibilityM'])
    store.change({ at: '2027-01-02T09:00:00+01:00' })
    expect(store.reading.noted).toEqual([])
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
    await store.note('n1', new Date('2027-01-01T10:00:00Z'), -0.35)
    await until(() => box.noted.length === 1)
    expect(store.written.at(-1)).toMatchObject({ id: 'n1', placeId: 'skarne', levelM: -0.35 })
    expect(Date.parse(store.written.at(-1)!.at)).toBe(Date.parse('2027-01-01T10:00:00Z'))
    await useUndoStore().takeBack()
    await until(() => box.noted.length === 0)
  })
  it('readings of the trips count as written down', () => {
    expect(useReadingStore().written).toHaveLength(stints.filter(s => s.reading).length)
  })
})

describe('the look', () => {
  it.each([
    ['light', 'no-preference', 'day'],
    ['no-preference', 'less', 'day'],
    ['dark', 'no-preference', 'night'],
    ['dark', 'more', 'glare'],
    ['light', 'more', 'glare'],
  ] as const)('a device that asks for %s and contrast %s gets %s', (scheme, contrast, theme) =>
    expect(deviceTheme(scheme, contrast)).toBe(theme),
  )
  it('follows the device until one is chosen, and the choice is kept', async () => {
    const settings = useSettingsStore()
    await settings.open()
    expect([settings.look, settings.theme]).toEqual(['device', 'day'])
    settings.look = 'night'
    expect(settings.theme).toBe('night')
    const { database } = useBoxStore()
    for (let i = 0; i < 400 && !(await recall(database(), 'settings')); i++)
      await new Promise(resolve => setTimeout(resolve, 5))
    expect(await recall(database(), 'settings')).toMatchObject({ theme: 'night' })
  })
})
