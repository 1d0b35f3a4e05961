import { liveQuery, type Subscription } from 'dexie'
import type { OwnRules } from '#core/ask'
import { LISTS, type YgrionFile } from '#core/files'
import type { BenchTest, Box, Lure } from '#core/tackle'
import type { Database } from './database'

/** Calls back with the whole box now and after each change, from whichever tab. */
export function watchBox(db: Database, changed: (box: Box, own: OwnRules) => void, failed: (error: unknown) => void): Subscription {
  const query = liveQuery(() => db.transaction('r', [db.lures, db.parts, db.outfits, db.tests, db.trips, db.rules, db.places], async () => {
    const [lures, parts, outfits, tests, trips, rules, places] = await Promise.all([
      db.lures.toArray(), db.parts.toArray(), db.outfits.toArray(), db.tests.toArray(), db.trips.toArray(), db.rules.toArray(), db.places.toArray(),
    ])
    return { box: { lures, parts, outfits, tests, trips }, own: { rules, places } }
  }))
  return query.subscribe({ next: ({ box, own }) => changed(box, own), error: failed })
}

/** Replaces everything by a checked file, in one transaction: all of it or nothing. */
export async function replaceAll(db: Database, file: YgrionFile): Promise<void> {
  await db.transaction('rw', LISTS.map(list => db[list]), async () => {
    for (const list of LISTS) {
      await db[list].clear()
      await db.table(list).bulkPut(file[list] ?? [])
    }
  })
}

export async function putLure(db: Database, lure: Lure): Promise<void> {
  await db.lures.put(lure)
}

export async function deleteLure(db: Database, id: string): Promise<void> {
  await db.lures.delete(id)
}

export async function putTest(db: Database, test: BenchTest): Promise<void> {
  await db.tests.put(test)
}

export async function deleteTest(db: Database, id: string): Promise<void> {
  await db.tests.delete(id)
}

export async function recall<T>(db: Database, key: string): Promise<T | undefined> {
  return (await db.memory.get(key))?.value as T | undefined
}

export async function remember(db: Database, key: string, value: unknown): Promise<void> {
  await db.memory.put({ key, value })
}
