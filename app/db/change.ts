import type { ListName, Place } from '#core/files'
import type { PackList } from '#core/pack'
import type { NotedReading } from '#core/reading'
import type { Assembly, BenchTest, Lure, Outfit, Part, Trip, UserRule } from '#core/tackle'
import type { Database, EventPhoto, Photo } from './database'
import { keyOf, type TableName } from './rows'

export interface Rows {
  lures: Lure
  parts: Part
  outfits: Outfit
  places: Place
  tests: BenchTest
  trips: Trip
  rules: UserRule
  assemblies: Assembly
  readings: NotedReading
  packs: PackList
  photos: Photo
  eventPhotos: EventPhoto
}

/** Rows to write and rows to take out, of any tables, that belong together. */
export interface Change {
  readonly put?: { readonly [T in TableName]?: readonly Rows[T][] }
  readonly remove?: { readonly [T in TableName]?: readonly string[] }
}

/**
 * Makes a change in one transaction: all of it or nothing.
 *
 * @returns the change that takes it back
 */
export async function applyChange(db: Database, { put = {}, remove = {} }: Change): Promise<Change> {
  const tables = [...new Set([...Object.keys(put), ...Object.keys(remove)])] as TableName[]
  const before: Record<string, unknown[]> = {}
  const fresh: Record<string, string[]> = {}
  await db.transaction(
    'rw',
    tables.map(name => db.table(name)),
    async () => {
      for (const name of tables) {
        const table = db.table<object, string>(name)
        const rows = put[name] ?? []
        const written = rows.map(row => keyOf(name, row))
        const gone = remove[name] ?? []
        const there = (await table.bulkGet([...new Set([...written, ...gone])])).filter(row => row !== undefined)
        const known = new Set(there.map(row => keyOf(name, row)))
        before[name] = there
        fresh[name] = written.filter(key => !known.has(key))
        await table.bulkDelete([...gone])
        await table.bulkPut([...rows])
      }
    },
  )
  return { put: before, remove: fresh } as Change
}

/** Changes one row in one transaction on what is stored now: two quick changes, or two tabs, both stay. `null`: the row is gone, and nothing was written. */
export function changeRow<N extends ListName>(
  db: Database,
  list: N,
  id: string,
  change: (row: Rows[N]) => Rows[N],
): Promise<Rows[N] | null> {
  const table = db.table<Rows[N], string>(list)
  return db.transaction('rw', table, async () => {
    const row = await table.get(id)
    if (row === undefined) return null
    const next = change(row)
    await table.put(next)
    return next
  })
}
