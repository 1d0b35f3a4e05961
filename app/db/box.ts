import { liveQuery, type Subscription } from 'dexie'
import type { OwnRules } from '#core/ask'
import { boxOf, FORMAT, type ListName, LISTS, ownOf, type Place, VERSION, type YgrionFile } from '#core/files'
import type { PackList } from '#core/pack'
import type { NotedReading } from '#core/reading'
import type { Assembly, Box } from '#core/tackle'
import type { Database, EventPhoto, Photo } from './database'

/** Everything of the angler's that pages show. */
export interface Holdings {
  readonly box: Box
  readonly own: OwnRules
  readonly places: readonly Place[]
  readonly assemblies: readonly Assembly[]
  readonly noted: readonly NotedReading[]
  readonly packs: readonly PackList[]
}

const byId = (rows: readonly { readonly id: string }[] | null | undefined) =>
  [...(rows ?? [])].sort((a, b) => (a.id < b.id ? -1 : 1))

/** What pages show of a file, each list in the order in which the database has it. */
export function holdingsOf(file: YgrionFile): Holdings {
  const sorted = { ...file, ...Object.fromEntries(LISTS.map(list => [list, byId(file[list])])) } as YgrionFile
  const { places, assemblies, readings, packs } = sorted
  return {
    box: boxOf(sorted),
    own: ownOf(sorted),
    places: places!,
    assemblies: assemblies!,
    noted: readings! as NotedReading[],
    packs: packs! as PackList[],
  }
}

/** Calls back with all holdings now and after each change, from whichever tab. Only the lists that changed are read again; they are told together, when the last of them is read. */
export function watchBox(
  db: Database,
  changed: (holdings: Holdings) => void,
  failed: (error: unknown) => void,
): Pick<Subscription, 'unsubscribe'> {
  const rows = new Map<ListName, readonly object[]>()
  const reading = new Set<ListName>()
  const queries = LISTS.map(list =>
    liveQuery(() => {
      reading.add(list)
      // In a transaction, so that it is read from the disk and not from what Dexie remembers of other readers.
      return db.transaction('r', list, () => db.table<object, string>(list).toArray())
    }).subscribe({
      next: found => {
        rows.set(list, found)
        reading.delete(list)
        if (reading.size === 0 && rows.size === LISTS.length)
          changed(holdingsOf(Object.fromEntries(rows) as unknown as YgrionFile))
      },
      error: failed,
    }),
  )
  return { unsubscribe: () => queries.forEach(query => query.unsubscribe()) }
}

/** Calls back with the photos now and after each change. */
export function watchPhotos(
  db: Database,
  changed: (photos: readonly Photo[]) => void,
  failed: (error: unknown) => void,
): Subscription {
  return liveQuery(() => db.photos.toArray()).subscribe({ next: changed, error: failed })
}

/** Calls back with the pictures of events now and after each change. */
export function watchEventPhotos(
  db: Database,
  changed: (photos: readonly EventPhoto[]) => void,
  failed: (error: unknown) => void,
): Subscription {
  return liveQuery(() => db.eventPhotos.toArray()).subscribe({ next: changed, error: failed })
}

/** What a file holds beside its lists (settings, unknown fields), and the order of its rows, so that it is written back as it was read. */
const REST = 'file-rest'
interface Rest {
  readonly extras: Record<string, unknown>
  readonly order: Partial<Record<ListName, readonly string[]>>
}

/** The last answer of the judge: kept for the next start, gone with the box that it was about. */
export const LAST_ANSWER = 'last-answer'

const WHOSE = 'opened'
/** Whose things are kept here: the demo's, or the angler's own. */
export type Whose = 'demo' | 'own'
/** `undefined`: nothing was ever kept here. */
export const whoseBox = (db: Database) => recall<Whose>(db, WHOSE)

/** Replaces everything by a checked file, in one transaction: all of it or nothing. Photos stay, for whatever lures they belong to. */
export async function replaceAll(db: Database, file: YgrionFile, whose: Whose = 'own'): Promise<void> {
  await db.transaction('rw', [...LISTS.map(list => db.table(list)), db.memory], async () => {
    const order: Record<string, string[]> = {}
    const extras: Record<string, unknown> = { ...file }
    for (const list of LISTS) {
      delete extras[list]
      await db.table(list).clear()
      await db.table(list).bulkPut(file[list] ?? [])
      if (file[list]) order[list] = file[list].map(row => row.id)
    }
    await remember(db, REST, { extras, order })
    await remember(db, WHOSE, whose)
    await db.memory.delete(LAST_ANSWER)
  })
}

/** Everything as an Ygrion file: rows in the order in which they came, new ones behind; lists that never were stay missing. */
export async function readAll(db: Database): Promise<YgrionFile> {
  return db.transaction('r', [...LISTS.map(list => db.table(list)), db.memory], async () => {
    const { extras, order } = (await recall<Rest>(db, REST)) ?? {
      extras: { format: FORMAT, version: VERSION },
      order: {},
    }
    const lists: Record<string, unknown[]> = {}
    for (const list of LISTS) {
      const place = new Map(order[list]?.map((id, i) => [id, i]))
      const rows = await db.table<{ id: string }>(list).toArray()
      if (rows.length > 0 || order[list])
        lists[list] = rows.sort((a, b) => (place.get(a.id) ?? Infinity) - (place.get(b.id) ?? Infinity) || 0)
    }
    return { ...extras, ...lists } as YgrionFile
  })
}

export async function recall<T>(db: Database, key: string): Promise<T | undefined> {
  return (await db.memory.get(key))?.value as T | undefined
}

export async function remember(db: Database, key: string, value: unknown): Promise<void> {
  await db.memory.put({ key, value })
}
