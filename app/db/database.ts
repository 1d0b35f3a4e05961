import Dexie, { type EntityTable } from 'dexie'
import type { Place } from '#core/files'
import type { Swatch } from '#core/palette'
import type { NotedReading } from '#core/reading'
import type { Assembly, BenchTest, Lure, Outfit, Part, Trip, UserRule } from '#core/tackle'

/** One remembered thing that is no list: the reading, the settings, whether the box was ever opened. */
export interface Memory { key: string, value: unknown }

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
  readings: EntityTable<NotedReading, 'id'>
  memory: EntityTable<Memory, 'key'>
}

/** Opens the browser's database. A released version is never edited: a change is a new `version(n)` with its upgrade. */
export function openDatabase(name = 'ygrion'): Database {
  const db = new Dexie(name) as Database
  db.version(1).stores({
    lures: 'id, family, box', parts: 'id, kind', outfits: 'id', places: 'id', tests: 'id, lureId', trips: 'id, start', rules: 'id', memory: 'key',
  })
  // New tables only: nothing that is there has to change.
  db.version(2).stores({ assemblies: 'id, lureId', photos: 'lureId' })
  db.version(3).stores({ readings: 'id, placeId, at' })
  return db
}
