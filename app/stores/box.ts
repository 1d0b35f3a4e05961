import { dequal } from 'dequal/lite'
import type { Subscription } from 'dexie'
import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { OwnRules } from '#core/ask'
import {
  type Issue,
  type Outcome,
  parseAssembly,
  parseFile,
  parseLure,
  parseOutfit,
  parsePack,
  parsePart,
  parsePlace,
  parseTest,
  type Place,
  type YgrionFile,
} from '#core/files'
import { prepareOutfit } from '#core/lure'
import { fishedHours } from '#core/match'
import type { PackList } from '#core/pack'
import type { NotedReading } from '#core/reading'
import type { Assembly, BenchTest, Box, Lure } from '#core/tackle'
import { statedAnew } from '#core/tackle'
import {
  type Holdings,
  holdingsOf,
  readAll,
  readRows,
  recall,
  remember,
  replaceAll,
  type StoredLists,
  watchBox,
  type Whose,
  whoseBox,
} from '~/db/box'
import { bringBack, joinBackup, putAside, shelve, soundRows } from '~/db/aside'
import { applyChange, changeRow, type Change, type Rows } from '~/db/change'
import { openDatabase, type Database, type Snapshot } from '~/db/database'
import { type Made, makeChange, takeBack } from '~/db/take-back'
import { counted } from '~/text/labels'
import { storageTrouble } from '~/db/trouble'
import { plain } from '~/workers/plain'
import { told } from '~/text/told'
import { type Deed, type Step, useUndoStore } from './undo'

/** What is changed field by field where it stands, and how it is checked. */
const PARSERS = { lures: parseLure, outfits: parseOutfit, parts: parsePart, places: parsePlace, packs: parsePack }
type EditableList = keyof typeof PARSERS

/** Where the newest steps that can be taken back are kept; so many of them, of so many rows at most. */
const UNDO = 'undo-steps'
const STEPS_KEPT = 20
const MOST_ROWS_KEPT = 200

/** What is the same stays the same object, so that nothing is judged anew because a pack list was ticked. */
const kept = <T>(before: T, now: T): T => (dequal(before, now) ? before : now)
/** The box with those of its lists as they were that are the same; itself when all are. */
function keptLists(before: Box, now: Box): Box {
  const next: Box = {
    lures: kept(before.lures, now.lures),
    parts: kept(before.parts, now.parts),
    outfits: kept(before.outfits, now.outfits),
    tests: kept(before.tests, now.tests),
    trips: kept(before.trips, now.trips),
  }
  return (Object.keys(next) as (keyof Box)[]).every(list => next[list] === before[list]) ? before : next
}

/** The angler's things, live from the database. */
export const useBoxStore = defineStore('box', () => {
  const undo = useUndoStore()
  const box = shallowRef<Box>({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
  const own = shallowRef<OwnRules>({ rules: [], places: [] })
  const assemblies = shallowRef<readonly Assembly[]>([])
  const places = shallowRef<readonly Place[]>([])
  /** Readings that were written down. */
  const noted = shallowRef<readonly NotedReading[]>([])
  /** Pack lists, each for a day. */
  const packs = shallowRef<readonly PackList[]>([])
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
  let subscription: Pick<Subscription, 'unsubscribe'> | null = null
  /** Another tab took over. */
  let isOver = false

  function database(): Database {
    if (db) return db
    db = openDatabase()
    // Another tab has brought a newer version of the program: this one lets go, so that the newer can do its work, and says so.
    db.on('versionchange', () => {
      db?.close()
      isOver = true
      trouble.value = 'A newer version of Ygrion was opened in another tab. Reload this one; nothing is lost.'
      // Dexie's own handler would open it again at the next write.
      return false
    })
    return db
  }

  /** Says what went wrong; that this tab is out of use is never written over by what follows from it. */
  function tell(error: unknown, otherwise: (message: string) => string): void {
    if (!isOver)
      trouble.value = storageTrouble(error) ?? otherwise(error instanceof Error ? error.message : String(error))
  }

  /** Reaches what is kept here, or keeps all in memory where the browser keeps nothing. `false`: what is kept here must not be touched. */
  async function reach(): Promise<boolean> {
    try {
      await database().open()
    } catch (error) {
      tell(error, message => `The box could not be opened: ${message}`)
      if ((error as Error).name === 'VersionError') return false
      await keepInMemory()
    }
    return true
  }

  async function keepInMemory(): Promise<void> {
    db = (await import('~/db/memory')).openInMemory()
  }

  /** Shows the box. First visit: the demo, so that there is something to try; it is shown while it is still being written. */
  const open = () => (opened = load())
  let opened: Promise<void> | null = null

  async function load(): Promise<void> {
    if (subscription) return
    const whose = await whoseBox(database())
    isDemo.value = whose !== 'own'
    if (!whose) {
      const file = await demoFile()
      show(holdingsOf(file))
      try {
        await put(file, 'demo')
      } catch (error) {
        tell(error, message => `The demo could not be kept: ${message}`)
        await keepInMemory()
        await put(file, 'demo')
      }
    }
    await recallSteps()
    subscription = watchBox(
      database(),
      show,
      error => tell(error, message => `The box could not be read: ${message}`),
      sound,
    )
  }

  /** Everything that is kept, after damaged rows went aside. */
  async function sound(): Promise<StoredLists> {
    try {
      const { rows, moved } = await soundRows(database(), new Date().toISOString())
      tellMoved(moved, 'row')
      return rows
    } catch (error) {
      tell(error, message => `What is kept here could not be looked through: ${message}`)
      return readRows(database())
    }
  }

  function tellMoved(count: number, what: 'row' | 'picture'): void {
    if (count > 0 && !isOver)
      trouble.value = `${counted(count, what)} ${count === 1 ? 'was damaged and is' : 'were damaged and are'} set aside; everything else works. See Keep.`
  }

  function show(holdings: Holdings): void {
    box.value = keptLists(box.value, holdings.box)
    own.value = kept(own.value, holdings.own)
    assemblies.value = kept(assemblies.value, holdings.assemblies)
    places.value = kept(places.value, holdings.places)
    noted.value = kept(noted.value, holdings.noted)
    packs.value = kept(packs.value, holdings.packs)
    ready.value = true
  }

  async function demoFile(): Promise<YgrionFile> {
    const outcome = parseFile((await import('../../demo/box.json')).default)
    if (!outcome.ok) throw new Error(`demo box: ${outcome.issues[0]!.path} ${outcome.issues[0]!.message.code}`)
    return outcome.value
  }

  async function put(file: YgrionFile, whose: Whose): Promise<void> {
    await replaceAll(database(), file, whose)
    isDemo.value = whose === 'demo'
  }

  /** Everything is put away for another file; `andBack` follows when that is taken back. An own box is kept on disk until it is dropped by hand, and can be taken back at once. */
  async function replaceBy(
    file: YgrionFile,
    text: string,
    whose: Whose = 'own',
    andBack: () => void = () => {},
  ): Promise<void> {
    // The demo of a first visit may still be on its way to the disk.
    await opened
    const wasDemo = isDemo.value
    const before = await readAll(database())
    const shelf = wasDemo ? null : await putAside(database(), nanoid(), 'Your box', new Date().toISOString())
    await put(file, whose)
    undo.offer(text, async () => {
      await (shelf ? backFromShelf(shelf.id) : put(before, wasDemo ? 'demo' : 'own'))
      andBack()
    })
  }

  /** A box that was put aside stands again; an own box that is here is put aside for it. */
  async function backFromShelf(id: string): Promise<void> {
    if (!isDemo.value) await putAside(database(), nanoid(), 'Your box', new Date().toISOString())
    await bringBack(database(), id)
    isDemo.value = false
  }

  /** The demo is put away for an empty box of one's own. */
  const startOwn = (andBack?: () => void) =>
    replaceBy({ format: 'ygrion', version: 1 }, 'The demo box is put away; this one is yours.', 'own', andBack)

  /** The demo takes the place of what is here. */
  const visitDemo = async () =>
    replaceBy(await demoFile(), 'This is the demo box; yours is put aside, on this device: see Keep.', 'demo')

  /** Writes rows that are known to be sound, in one transaction, and offers to take it back. */
  async function change(what: Change, text: string): Promise<void> {
    const made = await makeChange(database(), structuredClone(what))
    undo.offer(text, reversalOf(made), made)
  }

  /** What a backup adds to what is here, with the boxes that were put aside with it, in one transaction; these go and come with it when it is taken back and done again. */
  async function join(what: Change, aside: readonly Snapshot[], text: string): Promise<void> {
    const { made, shelved } = await joinBackup(database(), structuredClone(what), aside)
    const mine = aside.filter(({ id }) => shelved.includes(id))
    const withShelf =
      (deed: Deed, isThere: boolean): Deed =>
      async () => {
        await (isThere ? database().snapshots.bulkDelete([...shelved]) : shelve(database(), mine))
        const back = await deed()
        return back && withShelf(back, !isThere)
      }
    undo.offer(text, withShelf(reversalOf(made), true), made)
  }

  /** Takes out what a change did, and nothing of what was done since; the same again does it again. */
  function reversalOf(made: Made): Deed {
    return async () => {
      const { made: reversed, kept } = await takeBack(database(), made)
      if (kept.length > 0) undo.notice = `${kept.join(', ')}: worked on since, that stays.`
      return reversalOf(reversed)
    }
  }

  /** The newest steps outlive the page, as far as they are small; none from before another box stood here. */
  async function rememberSteps(steps: readonly Step[]): Promise<void> {
    const since = steps.slice(steps.findLastIndex(step => !step.kept) + 1) as readonly Step<Made>[]
    const small = since.filter(step => step.kept!.rows.length <= MOST_ROWS_KEPT).slice(-STEPS_KEPT)
    await remember(
      database(),
      UNDO,
      small.map(({ text, kept }) => ({ text, made: kept })),
    )
  }
  async function recallSteps(): Promise<void> {
    const earlier = (await recall<readonly { text: string; made: Made }[]>(database(), UNDO)) ?? []
    undo.remembered(earlier.map(({ text, made }) => ({ text, undo: reversalOf(made), kept: made })))
    watch(
      () => undo.steps,
      steps =>
        void rememberSteps(steps).catch(error =>
          tell(error, message => `What could be taken back is not kept: ${message}`),
        ),
      { flush: 'sync' },
    )
  }

  /** Checks and stores one row without offering to take it back: the field itself shows what was typed. */
  async function save<T>(outcome: Outcome<T>, changeOf: (row: T) => Change): Promise<readonly Issue<string>[]> {
    if (!outcome.ok) return told(outcome.issues)
    await applyChange(database(), changeOf(outcome.value))
    return []
  }

  /** Rows are JSON; what pages hand over may be wrapped by Vue at any depth. */
  const saveLure = (lure: Lure) =>
    save(parseLure(plain(statedAnew(lureById.value.get(lure.id), lure))), row => ({ put: { lures: [row] } }))
  const saveTest = (test: BenchTest) => save(parseTest(plain(test)), row => ({ put: { tests: [row] } }))
  const savePack = (pack: PackList) => save(parsePack(plain(pack)), row => ({ put: { packs: [row] } }))
  /** Changes a few fields of a stored row; what cannot be stays as it was, and is told. */
  async function edit<N extends EditableList>(
    list: N,
    id: string,
    part: (row: Rows[N]) => Partial<Rows[N]>,
  ): Promise<readonly Issue<string>[]> {
    let issues: readonly Issue[] = []
    const parse = PARSERS[list] as (data: unknown) => Outcome<Rows[N]>
    const row = await changeRow(database(), list, id, stored => {
      const changed = { ...stored, ...part(stored) }
      const outcome = parse(plain(list === 'lures' ? statedAnew(stored as Lure, changed as Lure) : changed))
      if (outcome.ok) return outcome.value
      issues = outcome.issues
      return stored
    })
    // Pack lists are shown at once: the next change is made by hand on what stands here.
    if (row && list === 'packs') packs.value = packs.value.map(p => (p.id === id ? (row as PackList) : p))
    return told(issues)
  }
  /** Another lure like this one, to be changed in what differs: its own stock and record, no tests, no picture. */
  async function sameBut(lure: Lure): Promise<Lure> {
    const row: Lure = {
      ...(plain(lure) as Lure),
      id: nanoid(10),
      name: `${lure.name}, another`,
      quantity: 1,
      fishCount: 0,
      pinned: null,
      notes: '',
      parentId: null,
      changes: [],
    }
    await change({ put: { lures: [row] } }, `${row.name} is in the box: change what differs.`)
    return row
  }
  const saveAssembly = (assembly: Assembly) =>
    save(parseAssembly(plain(assembly)), row => ({ put: { assemblies: [row] } }))

  /** Takes lures out with everything that is only about them: tests, assemblies, photos. Trips keep what was fished. */
  async function removeLures(ids: readonly string[], text: string): Promise<void> {
    const gone = new Set(ids)
    await change(
      {
        remove: {
          lures: [...ids],
          photos: [...ids],
          tests: box.value.tests.filter(t => gone.has(t.lureId)).map(t => t.id),
          assemblies: assemblies.value.filter(a => gone.has(a.lureId)).map(a => a.id),
        },
      },
      text,
    )
  }

  return {
    box,
    own,
    assemblies,
    places,
    noted,
    packs,
    ready,
    isDemo,
    trouble,
    tell,
    tellMoved,
    lureById,
    outfitById,
    hoursOf,
    turnsPerMetre,
    reach,
    open,
    startOwn,
    visitDemo,
    replaceBy,
    backFromShelf,
    change,
    join,
    saveLure,
    saveTest,
    edit,
    sameBut,
    savePack,
    saveAssembly,
    removeLures,
    database,
    readFile: () => readAll(database()),
  }
})
