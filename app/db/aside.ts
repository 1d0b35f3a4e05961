import { type Issue, type ListName, LISTS, parseRow } from '#core/files'
import { readKept, restoreKept } from './kept'
import type { Row, StoredLists, Whose } from './box'
import type { Database, Snapshot } from './database'

/** Puts what is here aside, pictures too. Nothing is kept of an empty box. */
export async function putAside(db: Database, id: string, name: string, at: string): Promise<Snapshot | null> {
  const kept = await readKept(db)
  if (LISTS.every(list => (kept.file[list] ?? []).length === 0)) return null
  const snapshot: Snapshot = { id, at, name, kept }
  await db.snapshots.put(snapshot)
  return snapshot
}

/** A box that was put aside takes the place of what is here; it is dropped from the shelf when it stands. */
export async function bringBack(db: Database, id: string, whose: Whose = 'own'): Promise<void> {
  const snapshot = await db.snapshots.get(id)
  if (!snapshot) return
  await restoreKept(db, snapshot.kept, whose)
  await db.snapshots.delete(id)
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
    for (const list of LISTS) {
      const table = db.table<Row, string>(list)
      const sound: Row[] = []
      for (const row of await table.toArray()) {
        const outcome = parseRow(list, row)
        if (outcome.ok) {
          sound.push(row)
          continue
        }
        await db.quarantine.put({ id: `${list} ${String(row.id)}`, at, list, row, issues: outcome.issues })
        await table.delete(row.id)
        moved++
      }
      rows[list] = sound
    }
    return { rows: rows as StoredLists, moved }
  })
}

/** Reads a damaged row again as it was mended; when it passes it is back in its list. */
export function mendDamaged(db: Database, id: string, row: unknown): Promise<readonly Issue[]> {
  return db.transaction('rw', [...LISTS.map(list => db.table(list)), db.quarantine], async () => {
    const damaged = await db.quarantine.get(id)
    if (!damaged) return []
    const outcome = parseRow(damaged.list, row)
    if (!outcome.ok) return outcome.issues
    await db.table(damaged.list).put(outcome.value)
    await db.quarantine.delete(id)
    return []
  })
}
