import Dexie, {
  cmp,
  type IndexableType,
  type IntervalTree,
  liveQuery,
  type ObservabilitySet,
  type Subscription,
  type Table,
} from 'dexie'
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

/** A stored row; every list has its own. */
export interface Row {
  readonly id: string
}
/** The rows of each list, in the order of their ids. */
export type StoredLists = Readonly<Record<ListName, readonly Row[]>>

const byId = (rows: readonly Row[] | null | undefined) => [...(rows ?? [])].sort((a, b) => (a.id < b.id ? -1 : 1))

/** What pages show of a file, each list in the order in which the database has it. */
export function holdingsOf(file: YgrionFile): Holdings {
  return holdingsFrom(Object.fromEntries(LISTS.map(list => [list, byId(file[list])])) as unknown as StoredLists)
}

function holdingsFrom(rows: StoredLists): Holdings {
  const file = rows as unknown as YgrionFile
  const { places, assemblies, readings, packs } = file
  return {
    box: boxOf(file),
    own: ownOf(file),
    places: places!,
    assemblies: assemblies!,
    noted: readings! as NotedReading[],
    packs: packs! as PackList[],
  }
}

/** Every list as it is stored. */
export function readRows(db: Database): Promise<StoredLists> {
  return db.transaction('r', [...LISTS], async () => {
    const rows: Partial<Record<ListName, readonly Row[]>> = {}
    for (const list of LISTS) rows[list] = await db.table<Row, string>(list).toArray()
    return rows as StoredLists
  })
}

/**
 * Calls back with all holdings now and after each change, from whichever tab. Only the rows that changed are read again, and what did not change stays the same object;
 * the lists of one change are told together.
 *
 * @param first reads everything at the beginning
 */
export function watchBox(
  db: Database,
  changed: (holdings: Holdings) => void,
  failed: (error: unknown) => void,
  first: () => Promise<StoredLists> = () => readRows(db),
): Pick<Subscription, 'unsubscribe'> {
  let rows: StoredLists | null = null
  const noticed: ObservabilitySet[] = []
  let isOver = false
  const tell = () => !isOver && changed(holdingsFrom(rows!))
  const readFirst = async () => {
    rows = await first()
    tell()
  }
  const readAgain = async () => {
    // What could not be read at the beginning is tried again with the next change.
    if (!rows) return readFirst()
    const parts = noticed.splice(0)
    if (parts.length === 0 || isOver) return
    const before = rows
    try {
      rows = await db.transaction('r', [...LISTS], async () => {
        const next: Record<ListName, readonly Row[]> = { ...before }
        for (const list of LISTS) {
          const spans = parts.flatMap(part => spansIn(part[`idb://${db.name}/${list}/`]))
          if (spans.length > 0) next[list] = await patched(db.table<Row, string>(list), next[list], spans)
        }
        return next
      })
    } catch (error) {
      // Nothing that changed is forgotten: it is read with what changes next.
      noticed.unshift(...parts)
      throw error
    }
    tell()
  }
  /** What follows waits for what is under way, so that an older reading never comes after a newer one; a reading that failed holds up none. */
  let reading = readFirst().catch(failed)
  const notice = (parts: ObservabilitySet) => {
    if (!LISTS.some(list => `idb://${db.name}/${list}/` in parts)) return
    noticed.push(parts)
    reading = reading.then(readAgain).catch(failed)
  }
  Dexie.on('storagemutated', notice)
  return {
    unsubscribe: () => {
      isOver = true
      Dexie.on.storagemutated.unsubscribe(notice)
    },
  }
}

/** Ids from … to that a change touched. */
type Span = readonly [from: IndexableType, to: IndexableType]

function spansIn(tree: IntervalTree | null | undefined): Span[] {
  return tree && 'from' in tree && tree.from !== undefined
    ? [...spansIn(tree.l), [tree.from, tree.to] as const, ...spansIn(tree.r)]
    : []
}

/** A list with the rows of some spans read again; the others stay the objects they were. */
async function patched(
  table: Table<Row, string>,
  before: readonly Row[],
  spans: readonly Span[],
): Promise<readonly Row[]> {
  const isTouched = ({ id }: Row) => spans.some(([from, to]) => cmp(id, from) >= 0 && cmp(id, to) <= 0)
  const read = await Promise.all(spans.map(([from, to]) => table.where(':id').between(from, to, true, true).toArray()))
  const fresh = new Map(read.flat().map(row => [row.id, row]))
  return byId([...before.filter(row => !isTouched(row)), ...fresh.values()])
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
