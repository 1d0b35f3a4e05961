import { type Issue, type ListName, LISTS } from '#core/files'
import { keptTables, readKept, restoreKept } from './kept'
import type { Row, StoredLists, Whose } from './box'
import type { Change } from './change'
import type { Database, Kept, Snapshot } from './database'
import { type Made, makeChange } from './take-back'
import { isPictures, keyOf, parseStored, PICTURES, type TableName, TABLES } from './rows'

/** Puts what is here aside, pictures too. Nothing is kept of an empty box. */
export async function putAside(db: Database, id: string, name: string, at: string): Promise<Snapshot | null> {
  const kept = await readKept(db)
  if (LISTS.every(list => (kept.file[list] ?? []).length === 0)) return null
  const snapshot: Snapshot = { id, at, name, kept }
  await db.snapshots.put(snapshot)
  return snapshot
}

/** Boxes that another device had put aside come onto the shelf here, where they are not there yet: which. */
export async function shelve(db: Database, aside: readonly Snapshot[]): Promise<readonly string[]> {
  return db.transaction('rw', db.snapshots, async () => {
    const known = new Set(await db.snapshots.toCollection().primaryKeys())
    const fresh = aside.filter(({ id }) => !known.has(id))
    await db.snapshots.bulkPut([...fresh])
    return fresh.map(({ id }) => id)
  })
}

/** A box that was put aside takes the place of what is here; it is dropped from the shelf when it stands. All of it or nothing. */
export function bringBack(db: Database, id: string, whose: Whose = 'own'): Promise<void> {
  return db.transaction('rw', [...keptTables(db), db.snapshots], async () => {
    const snapshot = await db.snapshots.get(id)
    if (!snapshot) return
    await restoreKept(db, snapshot.kept, whose)
    await db.snapshots.delete(id)
  })
}

/**
 * A backup takes the place of what is here, which is put aside under `before`; the boxes that were put aside with it come onto the shelf. All of it or nothing.
 *
 * @returns what came onto the shelf, by id
 */
export function restoreBackup(
  db: Database,
  kept: Kept,
  aside: readonly Snapshot[],
  before: Pick<Snapshot, 'id' | 'name' | 'at'> | null,
): Promise<readonly string[]> {
  return db.transaction('rw', [...keptTables(db), db.snapshots], async () => {
    const put = before ? await putAside(db, before.id, before.name, before.at) : null
    const shelved = await shelve(db, aside)
    await restoreKept(db, kept)
    return put ? [put.id, ...shelved] : shelved
  })
}

/**
 * What a backup adds to what is here, and the boxes that were put aside with it. All of it or nothing.
 *
 * @returns the change row by row, and what came onto the shelf, by id
 */
export function joinBackup(
  db: Database,
  change: Change,
  aside: readonly Snapshot[],
): Promise<{ readonly made: Made; readonly shelved: readonly string[] }> {
  return db.transaction('rw', [...keptTables(db), db.snapshots], async () => ({
    made: await makeChange(db, change),
    shelved: await shelve(db, aside),
  }))
}

/**
 * Reads every list. Rows that got into the store damaged (a half write, an older version, another tool) are moved aside whole, before anything sees them.
 *
 * @returns the sound rows, and how many were moved
 */
export async function soundRows(
  db: Database,
  at: string,
): Promise<{ readonly rows: StoredLists; readonly moved: number }> {
  return db.transaction('rw', [...LISTS.map(list => db.table(list)), db.quarantine], async () => {
    let moved = 0
    const rows: Partial<Record<ListName, readonly Row[]>> = {}
    // While one list is looked through, the next ones are on their way.
    const stored = LISTS.map(list => ({ list, read: db.table<Row, string>(list).toArray() }))
    for (const { list, read } of stored) {
      const { sound, damaged } = await sorted(db, list, await read, at)
      rows[list] = sound
      moved += damaged
    }
    return { rows: rows as StoredLists, moved }
  })
}

/** The same for pictures, which are read by themselves: how many were moved. */
export function soundPictures(db: Database, at: string): Promise<number> {
  return db.transaction('rw', [...PICTURES.map(table => db.table(table)), db.quarantine], async () => {
    let moved = 0
    for (const table of PICTURES)
      moved += (await sorted(db, table, await db.table<object>(table).toArray(), at)).damaged
    return moved
  })
}

/** The sound ones of the rows of a table, its damaged ones set aside. */
async function sorted<R extends object>(
  db: Database,
  list: TableName,
  rows: readonly R[],
  at: string,
): Promise<{ readonly sound: readonly R[]; readonly damaged: number }> {
  const table = db.table<R, string>(list)
  const sound: R[] = []
  let damaged = 0
  for (const row of rows) {
    const outcome = parseStored(list, row)
    if (outcome.ok) {
      sound.push(row)
      continue
    }
    const key = keyOf(list, row)
    await db.quarantine.put({ id: `${list} ${key}`, at, list, row, issues: outcome.issues })
    await table.delete(key)
    damaged++
  }
  return { sound, damaged }
}

/** Reads a damaged row again as it was mended; when it passes it is back in its list. The pixels of a picture stay the ones it had: they are no text. */
export function mendDamaged(db: Database, id: string, row: unknown): Promise<readonly Issue[]> {
  return db.transaction('rw', [...TABLES.map(list => db.table(list)), db.quarantine], async () => {
    const damaged = await db.quarantine.get(id)
    if (!damaged) return []
    const outcome = parseStored(
      damaged.list,
      isPictures(damaged.list) ? { ...(row as object), blob: (damaged.row as { readonly blob?: unknown }).blob } : row,
    )
    if (!outcome.ok) return outcome.issues
    await db.table(damaged.list).put(outcome.value)
    await db.quarantine.delete(id)
    return []
  })
}
