import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { describe, expect, it } from 'vitest'
import { LISTS, parseFile, type YgrionFile } from '#core/files'
import demo from '../../demo/box.json'
import { soundRows } from './aside'
import { readAll, recall } from './box'
import { openDatabase } from './database'

/** The tables that each version of the store was released with, and by what their rows are found: written down then, never changed. */
const RELEASED: readonly Readonly<Record<string, string>>[] = [
  {
    lures: 'id, family, box',
    parts: 'id, kind',
    outfits: 'id',
    places: 'id',
    tests: 'id, lureId',
    trips: 'id, start',
    rules: 'id',
    memory: 'key',
  },
  { assemblies: 'id, lureId', photos: 'lureId' },
  { readings: 'id, placeId, at' },
  { eventPhotos: 'id, tripId', packs: 'id, at' },
  { snapshots: 'id, at', quarantine: 'id, list' },
]
const READING = { species: 'perch', temperatureC: 14 }
const NOTED = { id: 'n', at: '2026-01-01T00:00:00Z', reading: { species: 'perch', temperatureC: 4 } }
const PICTURE = { lureId: 'l1', blob: new Blob(['x']), width: 1, height: 1, swatches: [], instead: true }

/** A store as the program of that version left it: every list that it knew, its reading, its pictures. */
async function storeOf(version: number): Promise<{ name: string; written: YgrionFile }> {
  const name = `released-${version}`
  const old = new Dexie(name)
  for (let v = 1; v <= version; v++) old.version(v).stores(RELEASED[v - 1]!)
  const known = Object.assign({}, ...RELEASED.slice(0, version)) as Record<string, string>
  const outcome = parseFile(demo)
  if (!outcome.ok) throw new Error('the demo is no file')
  const written: Record<string, unknown> = { format: 'ygrion', version: 1 }
  for (const list of LISTS) {
    const rows = (outcome.value as unknown as Record<string, object[] | undefined>)[list]
    if (!rows || !(list in known)) continue
    await old.table(list).bulkPut(structuredClone(rows))
    written[list] = rows
  }
  if ('readings' in known) {
    await old.table('readings').put(NOTED)
    written.readings = [...((written.readings as object[] | undefined) ?? []), NOTED]
  }
  await old.table('memory').put({ key: 'reading', value: READING })
  if ('photos' in known) await old.table('photos').put(PICTURE)
  old.close()
  return { name, written: written as unknown as YgrionFile }
}

const byId = (file: YgrionFile) =>
  Object.fromEntries(
    Object.entries(file).map(([key, rows]) => [
      key,
      Array.isArray(rows) ? [...(rows as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1)) : rows,
    ]),
  )

describe('a store of any version that was released', () => {
  it.each(RELEASED.map((_, i) => i + 1))(
    'of version %i: all of it is there, nothing is set aside, and it can be written to',
    async version => {
      const { name, written } = await storeOf(version)
      const db = openDatabase(name)
      expect(byId(await readAll(db))).toEqual(byId(written))
      expect(await recall(db, 'reading')).toEqual(READING)
      expect(await db.photos.count()).toBe(version >= 2 ? 1 : 0)
      await soundRows(db, '2026-11-29T06:00:00Z')
      expect(await db.quarantine.count()).toBe(0)
      expect(byId(await readAll(db))).toEqual(byId(written))
      await db.eventPhotos.put({ id: 'e', tripId: 't', blob: PICTURE.blob, width: 1, height: 1 })
      expect(await db.eventPhotos.count()).toBe(1)
      db.close()
    },
  )
  it('none is missing here', () => expect(openDatabase('newest').verno).toBe(RELEASED.length))
})
