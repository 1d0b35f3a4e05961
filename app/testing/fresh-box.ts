import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { IDBFactory, IDBKeyRange } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { expect } from 'vitest'
import { useBoxStore } from '~/stores/box'

/** Waits for the live queries to bring what was written; a busy machine may take seconds. */
export async function until(holds: () => boolean): Promise<void> {
  for (let i = 0; i < 4000 && !holds(); i++) await new Promise(resolve => setTimeout(resolve, 5))
  expect(holds()).toBe(true)
}

/** New stores on a new, empty disk. */
export function newDisk(): void {
  Object.assign(Dexie.dependencies, { indexedDB: new IDBFactory(), IDBKeyRange })
  setActivePinia(createPinia())
}

/** The demo opens on a new disk, as on a first visit. */
export async function openFreshBox(): Promise<void> {
  newDisk()
  await useBoxStore().reach()
  await useBoxStore().open()
  await until(() => useBoxStore().ready)
}
