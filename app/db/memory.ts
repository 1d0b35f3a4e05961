import Dexie from 'dexie'
import { IDBFactory, IDBKeyRange } from 'fake-indexeddb'
import { openDatabase, type Database } from './database'

/** A database that is gone when the page is closed, for browsers that keep nothing. */
export function openInMemory(): Database {
  const indexedDB = new IDBFactory()
  // Live queries rest where Dexie knows of no store at all.
  Dexie.dependencies.indexedDB ??= indexedDB
  return openDatabase('ygrion-memory', { indexedDB, IDBKeyRange })
}
