import { liveQuery } from 'dexie'
import { nanoid } from 'nanoid'
import { computed, onMounted, onScopeDispose, ref, shallowRef } from 'vue'
import { type FilePlan, type Issue, LISTS, parseJson, planFile } from '#core/files'
import type { Reading } from '#core/reading'
import { inWords } from '#speech'
import { mendDamaged, restoreBackup } from '~/db/aside'
import { damagedText } from '~/db/damaged'
import { type ReadBackup, readBackup } from '~/db/backup'
import { readKept, restoreKept } from '~/db/kept'
import type { Change } from '~/db/change'
import type { Damaged, Snapshot } from '~/db/database'

/** From this share of what the browser allows on, one is warned. Assumed. */
const NEARLY_FULL = 0.8

export interface Preview {
  readonly name: string
  readonly kept: ReadBackup
  readonly plan: readonly FilePlan[]
}

/** Backup and restore of everything, and what the browser says of its storage. */
export function useKeeping() {
  const box = useBoxStore()
  const undo = useUndoStore()
  const settings = useSettingsStore()
  const readings = useReadingStore()
  const catalogue = useCatalogueStore()
  const keeping = useBackup()
  const download = useDownload()
  const preview = shallowRef<Preview | null>(null)
  const issues = shallowRef<readonly Issue<string>[]>([])
  const isBusy = ref(false)
  const storage = shallowRef<{
    readonly usedBytes: number
    readonly quotaBytes: number
    readonly isPersistent: boolean
  } | null>(null)

  async function look(): Promise<void> {
    await keeping.look()
    if (!navigator.storage?.estimate) return
    const { usage = 0, quota = 0 } = await navigator.storage.estimate()
    storage.value = {
      usedBytes: usage,
      quotaBytes: quota,
      isPersistent: (await navigator.storage.persisted?.()) ?? false,
    }
  }
  onMounted(() => void attempt(look))

  async function attempt(work: () => Promise<void>): Promise<void> {
    isBusy.value = true
    issues.value = []
    try {
      await work()
    } catch (error) {
      const { name, message } = error as Error
      issues.value = [
        {
          path: '',
          message:
            name === 'QuotaExceededError'
              ? 'the browser has no room left for this; nothing was changed. Make room, or take pictures out'
              : `${message}; nothing was changed`,
        },
      ]
    } finally {
      isBusy.value = false
    }
  }

  const backup = () => attempt(keeping.toDownload)
  const chooseFile = () => attempt(keeping.choose)
  const backupToFile = () => attempt(() => keeping.toFile(true))
  const forgetFile = () => attempt(keeping.forget)

  const open = (chosen: File) =>
    attempt(async () => {
      preview.value = null
      const outcome = readBackup(new Uint8Array(await chosen.arrayBuffer()))
      if (outcome.ok)
        preview.value = {
          name: chosen.name,
          kept: outcome.value,
          plan: planFile(await box.readFile(), outcome.value.file),
        }
      else issues.value = outcome.issues
    })

  const restore = () =>
    attempt(async () => {
      const { name, kept } = preview.value!
      const db = box.database()
      const [before, wasDemo, water] = [await readKept(db), box.isDemo, readings.reading]
      const aside = { id: nanoid(), name: `Your box before ${name}`, at: new Date().toISOString() }
      const shelved = await restoreBackup(db, kept, kept.aside, wasDemo ? null : aside)
      box.isDemo = false
      settings.takeFrom(kept.file.settings)
      catalogue.takeFrom(kept.file.settings?.catalogue)
      if (kept.file.settings?.reading) readings.begin(kept.file.settings.reading as Reading)
      undo.offer(`${name} is put back in place of what was here.`, async () => {
        await restoreKept(db, before, wasDemo ? 'demo' : 'own')
        await db.snapshots.bulkDelete([...shelved])
        box.isDemo = wasDemo
        readings.begin(water)
      })
      preview.value = null
    })

  /** Joins a backup to what is here, pictures too; what is different here stays, or becomes as the backup has it. */
  const join = (different: 'stays' | 'as in the backup') =>
    attempt(async () => {
      const { name, kept } = preview.value!
      const here = await readKept(box.database())
      const comesIn = <T>(known: readonly T[], rows: readonly T[], keyOf: (row: T) => string): T[] => {
        const keys = new Set(known.map(keyOf))
        return rows.filter(row => different === 'as in the backup' || !keys.has(keyOf(row)))
      }
      const lists = Object.fromEntries(
        LISTS.map(list => [
          list,
          comesIn<{ readonly id: string }>(here.file[list] ?? [], kept.file[list] ?? [], row => row.id),
        ]),
      )
      await box.join(
        {
          put: {
            ...lists,
            photos: comesIn(here.photos, kept.photos, photo => photo.lureId),
            eventPhotos: comesIn(here.eventPhotos, kept.eventPhotos, photo => photo.id),
          } as Change['put'] & object,
        },
        kept.aside,
        `${name} is joined to what was here.`,
      )
      preview.value = null
    })

  /** Boxes that were put aside, and rows that are damaged, as they are on the disk. */
  const shelf = shallowRef<readonly Snapshot[]>([])
  const damaged = shallowRef<readonly Damaged[]>([])
  const told = (error: unknown) => {
    issues.value = [{ path: '', message: `${(error as Error).message}; nothing was changed` }]
  }
  onMounted(() => {
    const queries = [
      liveQuery(() => box.database().snapshots.orderBy('at').reverse().toArray()).subscribe({
        next: rows => {
          shelf.value = rows
        },
        error: told,
      }),
      liveQuery(() => box.database().quarantine.toArray()).subscribe({
        next: rows => {
          damaged.value = rows
        },
        error: told,
      }),
    ]
    onScopeDispose(() => queries.forEach(q => q.unsubscribe()))
  })
  const standAgain = (id: string) => attempt(() => box.backFromShelf(id))
  const drop = (snapshot: Snapshot) =>
    attempt(async () => {
      await box.database().snapshots.delete(snapshot.id)
      undo.offer(`${snapshot.name} is dropped.`, async () => void (await box.database().snapshots.put(snapshot)))
    })
  const mend = (id: string, text: string) =>
    attempt(async () => {
      const read = parseJson(text)
      issues.value = inWords(read.ok ? await mendDamaged(box.database(), id, read.value) : read.issues)
    })
  const dropDamaged = (row: Damaged) =>
    attempt(async () => {
      await box.database().quarantine.delete(row.id)
      undo.offer('The damaged row is dropped.', async () => void (await box.database().quarantine.put(row)))
    })
  const saveDamaged = () =>
    attempt(async () => download('ygrion-damaged-rows.json', await damagedText(damaged.value), 'application/json'))

  const thinning = useThinning()
  const thinPictures = () =>
    attempt(async () => {
      await thinning.thin()
      await look()
    })
  /** Before it hurts: what is still to come may not be kept. */
  const isNearlyFull = computed(
    () => storage.value !== null && storage.value.usedBytes > NEARLY_FULL * storage.value.quotaBytes,
  )

  const persist = () =>
    attempt(async () => {
      await navigator.storage.persist()
      await look()
    })

  return {
    ...keeping,
    chooseFile,
    backupToFile,
    forgetFile,
    preview,
    issues,
    isBusy,
    storage,
    backup,
    open,
    restore,
    join,
    persist,
    isNearlyFull,
    pictureBytes: thinning.bytes,
    thinPictures,
    shelf,
    damaged,
    standAgain,
    drop,
    mend,
    dropDamaged,
    saveDamaged,
  }
}
