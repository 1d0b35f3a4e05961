import Dexie from 'dexie'
import fc from 'fast-check'
import { IDBFactory, IDBKeyRange } from 'fake-indexeddb'
import { beforeEach, describe, expect, it } from 'vitest'
import { LISTS, type ListName, parseFile, parseRow, type YgrionFile } from '#core/files'
import demo from '../../demo/box.json'
import { bringBack, joinBackup, mendDamaged, putAside, restoreBackup, shelve, soundPictures, soundRows } from './aside'
import { damagedText } from './damaged'
import { readAll, replaceAll } from './box'
import { applyChange, type Change, changeRow } from './change'
import { type Database, openDatabase } from './database'
import { GateError } from './gate'
import { PICTURES, type TableName } from './rows'

const AT = '2026-05-01T06:00:00.000Z'
let db: Database
let disk: IDBFactory
beforeEach(async () => {
  disk = new IDBFactory()
  db = openDatabase('ygrion', { indexedDB: disk, IDBKeyRange })
  await replaceAll(db, demo as unknown as YgrionFile)
})

/** Writes past the gate, as another tool or an older version would. */
async function poison(list: TableName, row: object): Promise<void> {
  db.close()
  const raw = new Dexie('ygrion', { indexedDB: disk, IDBKeyRange })
  await raw.open()
  await raw.table(list).put(row)
  raw.close()
  db = openDatabase('ygrion', { indexedDB: disk, IDBKeyRange })
}

const POISON: Record<ListName, object> = {
  lures: { id: 'x', name: 'x', family: 'crankbait', hooks: 'two' },
  parts: { id: 'x', kind: 'teapot' },
  outfits: { id: 'x', name: 'x' },
  places: { id: 'x', name: 'x', species: 'pike' },
  tests: { id: 'x', lureId: 'l1', kind: 'depth', values: 'deep' },
  trips: { id: 'x', start: '', stints: 'none' },
  rules: { id: 'x', name: 'x', when: 3 },
  assemblies: { id: 'x', name: 'x' },
  readings: { id: 'x', at: AT, reading: 7 },
  packs: { id: 'x', name: 'x', at: AT },
}

describe('damaged rows', () => {
  it.each(LISTS)('one of the %s is set aside whole, and the rest stays', async list => {
    const before = await db.table(list).count()
    await poison(list, POISON[list])
    const { rows, moved } = await soundRows(db, AT)
    expect([moved, rows[list].length]).toEqual([1, before])
    expect(await db.table(list).count()).toBe(before)
    const [aside] = await db.quarantine.toArray()
    expect(aside).toMatchObject({ list, row: POISON[list] })
    expect(aside!.issues.length).toBeGreaterThan(0)
    expect(parseFile(await readAll(db)).ok).toBe(true)
  })
  it('are saved as a text with all that is in them, pixels too', async () => {
    const blob = new Blob([new Uint8Array([255, 216, 0, 128])], { type: 'image/jpeg' })
    const [picture, row] = JSON.parse(
      await damagedText([
        { id: 'photos l1', at: AT, list: 'photos', row: { lureId: 'l1', width: 'wide', blob }, issues: [] },
        { id: 'lures x', at: AT, list: 'lures', row: POISON.lures, issues: [] },
      ]),
    )
    expect(row.row).toEqual(POISON.lures)
    const [head, pixels] = picture.row.blob.split(',')
    expect([picture.row.width, head]).toEqual(['wide', 'data:image/jpeg;base64'])
    expect([...Buffer.from(pixels, 'base64')]).toEqual([255, 216, 0, 128])
  })
  it('comes back when it is mended, and not before', async () => {
    await poison('lures', POISON.lures)
    await soundRows(db, AT)
    expect((await mendDamaged(db, 'lures x', { ...POISON.lures, hooks: 'still two' })).length).toBeGreaterThan(0)
    expect(await mendDamaged(db, 'lures x', { ...POISON.lures, hooks: [] })).toEqual([])
    expect([await db.quarantine.count(), (await db.lures.get('x'))?.name]).toEqual([0, 'x'])
  })
  it('sound rows are left where they are', async () => expect((await soundRows(db, AT)).moved).toBe(0))
})

const PICTURE = {
  photos: {
    lureId: 'l1',
    blob: new Blob([new Uint8Array([255, 216])], { type: 'image/jpeg' }),
    width: 4,
    height: 3,
    swatches: [],
    instead: true,
  },
  eventPhotos: { id: 'e1', tripId: 'trip1', blob: new Blob(['x']), width: 4, height: 3 },
}

describe('damaged pictures', () => {
  it.each(PICTURES)('one of the %s is set aside, and the sound ones stay', async table => {
    await applyChange(db, { put: { [table]: [PICTURE[table]] } })
    await poison(table, { ...PICTURE[table], lureId: 'bad', id: 'bad', blob: 'no pixels', width: 'wide' })
    expect(await soundPictures(db, AT)).toBe(1)
    expect(await db.table(table).count()).toBe(1)
    const [aside] = await db.quarantine.toArray()
    expect(aside).toMatchObject({ id: `${table} bad`, list: table })
    expect(aside!.issues.map(i => i.path).sort()).toEqual(['blob', 'width'])
    expect(await soundPictures(db, AT)).toBe(0)
  })
  it('one whose pixels are there can be mended by its text; one without them cannot', async () => {
    await poison('photos', { ...PICTURE.photos, width: -4 })
    await poison('eventPhotos', { ...PICTURE.eventPhotos, blob: 'no pixels' })
    await soundPictures(db, AT)
    const asText = { ...PICTURE.photos, blob: {} }
    expect(await mendDamaged(db, 'photos l1', asText)).toEqual([])
    expect((await db.photos.get('l1'))!.blob).toBeInstanceOf(Blob)
    expect((await mendDamaged(db, 'eventPhotos e1', PICTURE.eventPhotos)).map(i => i.path)).toEqual(['blob'])
    expect((await db.quarantine.toArray()).map(d => d.id)).toEqual(['eventPhotos e1'])
  })
  it('is not written at all', async () => {
    await expect(
      applyChange(db, { put: { photos: [{ ...PICTURE.photos, blob: 'no pixels' as never }] } }),
    ).rejects.toThrow(GateError)
    expect(await db.photos.count()).toBe(0)
  })
})

describe('the gate', () => {
  it('an impossible length of a fish is refused, and the trip stays as it was', async () => {
    const trip = (await db.trips.toArray()).find(t => t.stints?.some(s => s.events?.length))!
    const stint = trip.stints!.findIndex(s => s.events?.length)
    const wrong = changeRow(db, 'trips', trip.id, t => ({
      ...t,
      stints: t.stints!.map((s, i) =>
        i === stint ? { ...s, events: s.events!.map(e => ({ ...e, lengthMm: -5 })) } : s,
      ),
    }))
    await expect(wrong).rejects.toThrow(GateError)
    expect(await db.trips.get(trip.id)).toEqual(trip)
  })
  it('one bad row of a change writes none of it', async () => {
    await expect(
      applyChange(db, {
        put: {
          lures: [
            { id: 'a', name: 'a', family: 'tube' },
            { id: 'b', name: 'b', family: 'tube', weightG: 1e9 },
          ],
        },
      }),
    ).rejects.toThrow(/weightG/)
    expect(await db.lures.get('a')).toBeUndefined()
  })
  it('whatever can be written can be read back as a file', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...LISTS),
        fc.dictionary(
          fc.constantFrom('id', 'name', 'family', 'kind', 'start', 'at', 'weightG', 'lureId', 'values', 'rod', 'when'),
          fc.anything(),
        ),
        async (list, row) => {
          const given = { ...row, id: 'p' }
          await applyChange(db, { put: { [list]: [given] } } as unknown as Change).catch(() => undefined)
          const stored = (await db.table(list).get('p')) as unknown
          if (stored !== undefined) expect(parseRow(list, stored).ok).toBe(true)
        },
      ),
      { numRuns: 60 },
    )
    expect(parseFile(JSON.parse(JSON.stringify(await readAll(db)))).ok).toBe(true)
  })
})

describe('a box that is put aside', () => {
  it('lies on the disk, pictures too, and comes back after the page was closed', async () => {
    await db.photos.put({
      lureId: 'l1',
      blob: new Blob(['x'], { type: 'image/jpeg' }),
      width: 1,
      height: 1,
      swatches: [],
      instead: false,
    })
    const own = await readAll(db)
    await putAside(db, 's1', 'Your box', AT)
    await replaceAll(db, { format: 'ygrion', version: 1 })
    db.close()
    db = openDatabase('ygrion', { indexedDB: disk, IDBKeyRange })
    await bringBack(db, 's1')
    expect(await readAll(db)).toEqual(own)
    expect([await db.photos.count(), await db.snapshots.count()]).toEqual([1, 0])
  })
  it('that another device had comes onto the shelf once', async () => {
    const mine = (await putAside(db, 's1', 'Your box', AT))!
    expect(
      await shelve(db, [
        { ...mine, name: 'another' },
        { ...mine, id: 's2' },
      ]),
    ).toEqual(['s2'])
    expect((await db.snapshots.toArray()).map(s => [s.id, s.name])).toEqual([
      ['s1', 'Your box'],
      ['s2', 'Your box'],
    ])
  })
  it('a backup that does not fit leaves box and shelf as they were; one that does puts both in place at once', async () => {
    const own = await readAll(db)
    const other = { id: 's2', at: AT, name: 'inner', kept: { file: own, photos: [], eventPhotos: [] } }
    const before = { id: 's1', at: AT, name: 'before' }
    const incoming = { file: { format: 'ygrion', version: 1 } as YgrionFile, photos: [], eventPhotos: [] }
    const torn = { ...incoming, photos: [{ lureId: 'l1' } as never] }
    await expect(restoreBackup(db, torn, [other], before)).rejects.toThrow()
    expect([await readAll(db), await db.snapshots.count()]).toEqual([own, 0])
    expect(await restoreBackup(db, incoming, [other], before)).toEqual(['s1', 's2'])
    expect(await readAll(db)).toEqual(incoming.file)
    expect((await db.snapshots.get('s1'))!.kept.file).toEqual(own)
  })
  it('what a backup adds comes in together with its shelf, or neither does', async () => {
    const own = await readAll(db)
    const other = { id: 's2', at: AT, name: 'inner', kept: { file: own, photos: [], eventPhotos: [] } }
    const lure = { id: 'new', name: 'new', family: 'crankbait' } as const
    const torn = { ...other, id: undefined } as never
    await expect(joinBackup(db, { put: { lures: [lure] } }, [torn])).rejects.toThrow()
    expect([await readAll(db), await db.snapshots.count()]).toEqual([own, 0])
    const { made, shelved } = await joinBackup(db, { put: { lures: [lure] } }, [other])
    expect(shelved).toEqual(['s2'])
    expect(made.rows).toEqual([{ table: 'lures', key: 'new', before: null, after: lure }])
    expect([await db.lures.count(), await db.snapshots.count()]).toEqual([own.lures!.length + 1, 1])
  })
  it('of an empty box there is nothing to put aside', async () => {
    await replaceAll(db, { format: 'ygrion', version: 1 })
    expect(await putAside(db, 's1', 'Your box', AT)).toBeNull()
  })
})
