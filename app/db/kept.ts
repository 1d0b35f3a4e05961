import { LISTS } from '#core/files'
import { readAll, replaceAll, type Whose } from './box'
import type { Database, Kept } from './database'

/** The tables in which a box lies, pictures too. */
export const keptTables = (db: Database) => [...LISTS.map(list => db.table(list)), db.memory, db.photos, db.eventPhotos]

/** All that is kept here, pictures too. */
export async function readKept(db: Database): Promise<Kept> {
  return { file: await readAll(db), photos: await db.photos.toArray(), eventPhotos: await db.eventPhotos.toArray() }
}

/** Puts everything back, pictures too, in one transaction: all of it or nothing. */
export async function restoreKept(
  db: Database,
  { file, photos, eventPhotos }: Kept,
  whose: Whose = 'own',
): Promise<void> {
  await db.transaction('rw', keptTables(db), async () => {
    await replaceAll(db, file, whose)
    await db.photos.clear()
    await db.photos.bulkPut([...photos])
    await db.eventPhotos.clear()
    await db.eventPhotos.bulkPut([...eventPhotos])
  })
}
