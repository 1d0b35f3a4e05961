import { computed, onMounted, ref, shallowRef } from 'vue'
import { type FilePlan, type Issue, planFile } from '#core/files'
import { type Kept, lastBackup, noteBackup, packBackup, readBackup, readKept, restoreKept } from '~/db/backup'

const MS_PER_DAY = 86_400_000
/** After so many days without a backup one is reminded. Assumed. */
const REMIND_DAYS = 30

export interface Preview { readonly name: string, readonly kept: Kept, readonly plan: readonly FilePlan[] }

/** Backup and restore of everything, and what the browser says of its storage. */
export function useKeeping() {
  const box = useBoxStore()
  const undo = useUndoStore()
  const settings = useSettingsStore()
  const download = useDownload()
  const last = ref<string | null>(null)
  const preview = shallowRef<Preview | null>(null)
  const issues = shallowRef<readonly Issue[]>([])
  const isBusy = ref(false)
  const storage = shallowRef<{ readonly usedBytes: number, readonly quotaBytes: number, readonly isPersistent: boolean } | null>(null)
  const days = computed(() => (last.value === null ? null : Math.floor((Date.now() - Date.parse(last.value)) / MS_PER_DAY)))
  const isDue = computed(() => !box.isDemo && box.box.lures.length > 0 && (days.value === null || days.value > REMIND_DAYS))

  async function look(): Promise<void> {
    last.value = await lastBackup(box.database()) ?? null
    if (!navigator.storage?.estimate) return
    const { usage = 0, quota = 0 } = await navigator.storage.estimate()
    storage.value = { usedBytes: usage, quotaBytes: quota, isPersistent: await navigator.storage.persisted?.() ?? false }
  }
  onMounted(() => void attempt(look))

  async function attempt(work: () => Promise<void>): Promise<void> {
    isBusy.value = true
    issues.value = []
    try {
      await work()
    }
    catch (error) {
      const { name, message } = error as Error
      issues.value = [{ path: '', message: name === 'QuotaExceededError' ? 'the browser has no room left for this; nothing was changed. Make room, or take pictures out' : `${message}; nothing was changed` }]
    }
    finally {
      isBusy.value = false
    }
  }

  const backup = () => attempt(async () => {
    const kept = await readKept(box.database())
    const bytes = await packBackup({ ...kept, file: settings.into(kept.file) })
    const now = new Date().toISOString()
    download(`ygrion-${now.slice(0, 10)}.zip`, bytes as Uint8Array<ArrayBuffer>, 'application/zip')
    await noteBackup(box.database(), now)
    await look()
  })

  const open = (chosen: File) => attempt(async () => {
    preview.value = null
    const outcome = readBackup(new Uint8Array(await chosen.arrayBuffer()))
    if (outcome.ok) preview.value = { name: chosen.name, kept: outcome.value, plan: planFile(await box.readFile(), outcome.value.file) }
    else issues.value = outcome.issues
  })

  const restore = () => attempt(async () => {
    const { name, kept } = preview.value!
    const db = box.database()
    const [before, wasDemo] = [await readKept(db), box.isDemo]
    await restoreKept(db, kept)
    box.isDemo = false
    settings.takeFrom(kept.file.settings)
    undo.offer(`${name} is put back in place of what was here.`, async () => {
      await restoreKept(db, before, wasDemo ? 'demo' : 'own')
      box.isDemo = wasDemo
    })
    preview.value = null
  })

  const persist = () => attempt(async () => {
    await navigator.storage.persist()
    await look()
  })

  return { last, days, isDue, preview, issues, isBusy, storage, backup, open, restore, persist }
}
