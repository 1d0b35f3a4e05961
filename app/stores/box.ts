import type { Subscription } from 'dexie'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import type { OwnRules } from '#core/ask'
import { parseFile, parseLure, parseTest, type Issue } from '#core/files'
import type { BenchTest, Box, Lure } from '#core/tackle'
import { deleteLure, deleteTest, putLure, putTest, recall, remember, replaceAll, watchBox } from '~/db/box'
import { openDatabase, type Database } from '~/db/database'

const OPENED = 'opened'

/** The angler's things, live from the database. */
export const useBoxStore = defineStore('box', () => {
  const box = shallowRef<Box>({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
  const own = shallowRef<OwnRules>({ rules: [], places: [] })
  const ready = ref(false)
  const isDemo = ref(false)
  const trouble = ref<string | null>(null)
  const lureById = computed(() => new Map(box.value.lures.map(lure => [lure.id, lure])))
  const outfitById = computed(() => new Map(box.value.outfits.map(outfit => [outfit.id, outfit])))
  let db: Database | null = null
  let subscription: Subscription | null = null

  function database(): Database {
    return (db ??= openDatabase())
  }

  /** First visit: the demo box is opened, so that there is something to try. */
  async function open(): Promise<void> {
    if (subscription) return
    try {
      const opened = await recall<'demo' | 'own'>(database(), OPENED)
      if (!opened) await openDemo()
      else isDemo.value = opened === 'demo'
    }
    catch (error) {
      trouble.value = `The browser's storage could not be opened (${(error as Error).message}). Nothing can be kept.`
    }
    subscription = watchBox(database(), (next, rules) => {
      box.value = next
      own.value = rules
      ready.value = true
    }, (error) => {
      trouble.value = `The box could not be read: ${(error as Error).message}`
    })
  }

  async function openDemo(): Promise<void> {
    const outcome = parseFile((await import('../../demo/box.json')).default)
    if (!outcome.ok) throw new Error(`demo box: ${outcome.issues[0]!.path} ${outcome.issues[0]!.message}`)
    await replaceAll(database(), outcome.value)
    await remember(database(), OPENED, 'demo')
    isDemo.value = true
  }

  /** An empty box of one's own; gives back what was there, for undo. */
  async function startOwn(): Promise<() => Promise<void>> {
    const before = box.value
    const ownBefore = own.value
    await replaceAll(database(), { format: 'ygrion', version: 1 })
    await remember(database(), OPENED, 'own')
    isDemo.value = false
    return async () => {
      await replaceAll(database(), { format: 'ygrion', version: 1, ...structuredClone(toRaw(before)), ...structuredClone(toRaw(ownBefore)) } as Parameters<typeof replaceAll>[1])
      await remember(database(), OPENED, 'demo')
      isDemo.value = true
    }
  }

  /** Checks and stores a lure; what is wrong with it comes back in words and nothing is written. */
  async function saveLure(lure: Lure): Promise<readonly Issue[]> {
    const outcome = parseLure(structuredClone(toRaw(lure)))
    if (!outcome.ok) return outcome.issues
    await putLure(database(), outcome.value)
    return []
  }

  async function removeLure(id: string): Promise<() => Promise<void>> {
    const lure = lureById.value.get(id)
    await deleteLure(database(), id)
    return async () => {
      if (lure) await putLure(database(), structuredClone(toRaw(lure)))
    }
  }

  /** Checks and stores a bench test; what is wrong with it comes back in words and nothing is written. */
  async function saveTest(test: BenchTest): Promise<readonly Issue[]> {
    const outcome = parseTest(structuredClone(toRaw(test)))
    if (!outcome.ok) return outcome.issues
    await putTest(database(), outcome.value)
    return []
  }

  async function removeTest(id: string): Promise<() => Promise<void>> {
    const test = box.value.tests.find(t => t.id === id)
    await deleteTest(database(), id)
    return async () => {
      if (test) await putTest(database(), structuredClone(toRaw(test)))
    }
  }

  return { box, own, ready, isDemo, trouble, lureById, outfitById, open, openDemo, startOwn, saveLure, removeLure, saveTest, removeTest, database }
})
