import type { Subscription } from 'dexie'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { OwnRules } from '#core/ask'
import { parseAssembly, parseFile, parseLure, parsePart, parsePlace, parseRule, parseTest, type Issue, type Outcome, type Place, type YgrionFile } from '#core/files'
import { fishedHours, prepareOutfit } from '#core/match'
import type { NotedReading } from '#core/reading'
import type { Assembly, BenchTest, Box, Lure, Part, UserRule } from '#core/tackle'
import { readAll, recall, remember, replaceAll, watchBox } from '~/db/box'
import { applyChange, type Change } from '~/db/change'
import { openDatabase, type Database } from '~/db/database'
import { useUndoStore } from './undo'

const OPENED = 'opened'

/** The angler's things, live from the database. */
export const useBoxStore = defineStore('box', () => {
  const undo = useUndoStore()
  const box = shallowRef<Box>({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
  const own = shallowRef<OwnRules>({ rules: [], places: [] })
  const assemblies = shallowRef<readonly Assembly[]>([])
  const places = shallowRef<readonly Place[]>([])
  /** Readings that were written down. */
  const noted = shallowRef<readonly NotedReading[]>([])
  const ready = ref(false)
  const isDemo = ref(false)
  const trouble = ref<string | null>(null)
  const lureById = computed(() => new Map(box.value.lures.map(lure => [lure.id, lure])))
  const outfitById = computed(() => new Map(box.value.outfits.map(outfit => [outfit.id, outfit])))
  const hours = computed(() => fishedHours(box.value.trips))
  /** Hours that a lure has been fished, by the log. */
  const hoursOf = (lureId: string) => hours.value.get(lureId) ?? 0
  /** Turns of the handle that take in a metre; `null`: the reel is not known. */
  function turnsPerMetre(outfitId: string | null): number | null {
    const outfit = outfitId === null ? undefined : outfitById.value.get(outfitId)
    const metres = outfit ? prepareOutfit(outfit).pickUpM : null
    return metres ? 1 / metres : null
  }
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
    subscription = watchBox(database(), (holdings) => {
      box.value = holdings.box
      own.value = holdings.own
      assemblies.value = holdings.assemblies
      places.value = holdings.places
      noted.value = holdings.noted
      ready.value = true
    }, (error) => {
      trouble.value = `The box could not be read: ${(error as Error).message}`
    })
  }

  async function openDemo(): Promise<void> {
    const outcome = parseFile((await import('../../demo/box.json')).default)
    if (!outcome.ok) throw new Error(`demo box: ${outcome.issues[0]!.path} ${outcome.issues[0]!.message}`)
    await replaceAll(database(), outcome.value)
    await setDemo(true)
  }

  async function setDemo(demo: boolean): Promise<void> {
    await remember(database(), OPENED, demo ? 'demo' : 'own')
    isDemo.value = demo
  }

  /** Everything is put away for another file (an empty box of one's own, an import); what was there can be taken back. */
  async function replaceBy(file: YgrionFile, text: string): Promise<void> {
    const before = await readAll(database())
    const wasDemo = isDemo.value
    await replaceAll(database(), file)
    await setDemo(false)
    undo.offer(text, async () => {
      await replaceAll(database(), before)
      await setDemo(wasDemo)
    })
  }

  /** Writes rows that are known to be sound, in one transaction, and offers to take it back. */
  async function change(what: Change, text: string): Promise<void> {
    const back = await applyChange(database(), structuredClone(what))
    undo.offer(text, async () => void (await applyChange(database(), back)))
  }

  /** Checks and stores one row without offering to take it back: the field itself shows what was typed. */
  async function save<T>(outcome: Outcome<T>, changeOf: (row: T) => Change): Promise<readonly Issue[]> {
    if (!outcome.ok) return outcome.issues
    await applyChange(database(), changeOf(outcome.value))
    return []
  }

  /** Rows are JSON; what pages hand over may be wrapped by Vue at any depth. */
  const plain = (row: object): unknown => JSON.parse(JSON.stringify(row))
  const saveLure = (lure: Lure) => save(parseLure(plain(lure)), row => ({ put: { lures: [row] } }))
  const saveTest = (test: BenchTest) => save(parseTest(plain(test)), row => ({ put: { tests: [row] } }))
  const savePart = (part: Part) => save(parsePart(plain(part)), row => ({ put: { parts: [row] } }))
  const savePlace = (place: Place) => save(parsePlace(plain(place)), row => ({ put: { places: [row] } }))
  const saveRule = (rule: UserRule) => save(parseRule(plain(rule)), row => ({ put: { rules: [row] } }))
  const saveAssembly = (assembly: Assembly) => save(parseAssembly(plain(assembly)), row => ({ put: { assemblies: [row] } }))

  /** Takes lures out with everything that is only about them: tests, assemblies, photos. Trips keep what was fished. */
  async function removeLures(ids: readonly string[], text: string): Promise<void> {
    const gone = new Set(ids)
    await change({
      remove: {
        lures: [...ids], photos: [...ids],
        tests: box.value.tests.filter(t => gone.has(t.lureId)).map(t => t.id),
        assemblies: assemblies.value.filter(a => gone.has(a.lureId)).map(a => a.id),
      },
    }, text)
  }

  return {
    box, own, assemblies, places, noted, ready, isDemo, trouble, lureById, outfitById, hoursOf, turnsPerMetre, open, openDemo, replaceBy, change, saveLure, saveTest, savePart, savePlace, saveRule, saveAssembly, removeLures, database,
    readFile: () => readAll(database()),
  }
})
