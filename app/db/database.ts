import Dexie, { type DexieOptions, type EntityTable } from 'dexie'
import type { Issue, Place, YgrionFile } from '#core/files'
import type { Said } from '#core/message'
import type { PackList } from '#core/pack'
import type { Swatch } from '#core/palette'
import type { NotedReading } from '#core/reading'
import type { Assembly, BenchTest, Lure, Outfit, Part, Trip, UserRule } from '#core/tackle'
import { guard } from './gate'
import type { TableName } from './rows'

/** One remembered thing that is no list: the reading, the settings, whether the box was ever opened. */
export interface Memory {
  key: string
  value: unknown
}

/** A lure's own picture, kept apart from its row. */
export interface Photo {
  lureId: string
  blob: Blob
  width: number
  height: number
  swatches: readonly Swatch[]
  /** Shown wherever the drawing would stand. */
  instead: boolean
}

/** A picture of what happened on a trip. */
export interface EventPhoto {
  /** Of the event. */
  id: string
  tripId: string
  blob: Blob
  width: number
  height: number
}

/** Everything that is kept: the file, and the pictures beside it. */
export interface Kept {
  readonly file: YgrionFile
  readonly photos: readonly Photo[]
  readonly eventPhotos: readonly EventPhoto[]
}

/** A whole box that was put aside for another one: kept on disk until the angler drops it. */
export interface Snapshot {
  id: string
  at: string
  name: string
  kept: Kept
}

/** A row that does not pass its schema: set aside whole, so that the rest works. */
export interface Damaged {
  id: string
  at: string
  list: TableName
  row: unknown
  issues: readonly Issue<Said>[]
}

export type Database = Dexie & {
  lures: EntityTable<Lure, 'id'>
  parts: EntityTable<Part, 'id'>
  outfits: EntityTable<Outfit, 'id'>
  places: EntityTable<Place, 'id'>
  tests: EntityTable<BenchTest, 'id'>
  trips: EntityTable<Trip, 'id'>
  rules: EntityTable<UserRule, 'id'>
  assemblies: EntityTable<Assembly, 'id'>
  photos: EntityTable<Photo, 'lureId'>
  eventPhotos: EntityTable<EventPhoto, 'id'>
  readings: EntityTable<NotedReading, 'id'>
  packs: EntityTable<PackList, 'id'>
  memory: EntityTable<Memory, 'key'>
  snapshots: EntityTable<Snapshot, 'id'>
  quarantine: EntityTable<Damaged, 'id'>
}

/** Dexie counts in tens, so that there is room between versions. */
const DEXIE_STEP = 10

/**
 * The browser's database, opened when it is first used. A released version is never edited: a change is a new `version(n)` with its upgrade.
 * One that a newer version of the program wrote is refused with a `VersionError`, so that nothing newer is written over.
 * `where`: another store than the browser's own.
 */
export function openDatabase(name = 'ygrion', where: Pick<DexieOptions, 'indexedDB' | 'IDBKeyRange'> = {}): Database {
  const db = new Dexie(name, where) as Database
  db.version(1).stores({
    lures: 'id, family, box',
    parts: 'id, kind',
    outfits: 'id',
    places: 'id',
    tests: 'id, lureId',
    trips: 'id, start',
    rules: 'id',
    memory: 'key',
  })
  // New tables only: nothing that is there has to change.
  db.version(2).stores({ assemblies: 'id, lureId', photos: 'lureId' })
  db.version(3).stores({ readings: 'id, placeId, at' })
  db.version(4).stores({ eventPhotos: 'id, tripId', packs: 'id, at' })
  db.version(5).stores({ snapshots: 'id, at', quarantine: 'id, list' })
  guard(db)
  const known = db.verno
  db.on(
    'ready',
    () => {
      const found = Math.floor(db.backendDB().version / DEXIE_STEP)
      if (found > known) throw new Dexie.VersionError(`version ${found} is stored, ${known} is known`)
    },
    true,
  )
  return db
}
