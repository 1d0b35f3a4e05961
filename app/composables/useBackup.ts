import { computed, ref, shallowRef } from 'vue'
import type { Settings } from '#core/files'
import { lastBackup, noteBackup } from '~/db/backup'
import {
  type BackupFile,
  backupFile,
  canChooseFile,
  chooseBackupFile,
  forgetBackupFile,
  mayWrite,
  writeBackup,
} from '~/db/backup-file'
import { readKept } from '~/db/kept'
import { copied } from '~/workers/plain'

const MS_PER_DAY = 86_400_000
/** After so many days without a backup one is reminded. Assumed. */
const REMIND_DAYS = 30

/** Backups of everything: into a file that is downloaded, or by itself into one that the angler chose. */
export function useBackup() {
  const box = useBoxStore()
  const settings = useSettingsStore()
  const readings = useReadingStore()
  const catalogue = useCatalogueStore()
  const download = useDownload()
  const saving = useSaving()
  const last = ref<string | null>(null)
  const chosen = shallowRef<BackupFile | null>(null)
  /** The browser asks again before it writes there. */
  const mustAsk = ref(false)
  const days = computed(() =>
    last.value === null ? null : Math.floor((Date.now() - Date.parse(last.value)) / MS_PER_DAY),
  )
  const isDue = computed(
    () => !box.isDemo && box.box.lures.length > 0 && (days.value === null || days.value > REMIND_DAYS),
  )

  async function look(): Promise<void> {
    last.value = (await lastBackup(box.database())) ?? null
    chosen.value = (await backupFile(box.database())) ?? null
    mustAsk.value = chosen.value !== null && !(await mayWrite(chosen.value, false))
  }

  /** All of it as one file, read back before it is called a backup; `null`: it was given up. */
  async function whole(): Promise<Uint8Array<ArrayBuffer> | null> {
    const bytes = await saving.save(async (client, progress) => {
      const kept = await readKept(box.database())
      const { settings: set, ...file } = settings.into(kept.file)
      const all = {
        ...file,
        settings: { ...set, reading: readings.reading as Settings['reading'], catalogue: catalogue.kept() },
      }
      const shelf = await box.database().snapshots.toArray()
      return client.backup(copied({ ...kept, file: all }), shelf, progress)
    })
    return bytes as Uint8Array<ArrayBuffer> | null
  }

  async function noted(): Promise<void> {
    await noteBackup(box.database(), new Date().toISOString())
    await look()
  }

  async function toDownload(): Promise<void> {
    const bytes = await whole()
    if (!bytes) return
    download(`ygrion-${new Date().toISOString().slice(0, 10)}.zip`, bytes, 'application/zip')
    await noted()
  }

  /** Into the file that was chosen, never the demo in the place of an own box; `ask`: after a tap, so that the browser may ask. */
  async function toFile(ask: boolean): Promise<void> {
    if (box.isDemo || !chosen.value || !(await mayWrite(chosen.value, ask))) return
    const bytes = await whole()
    if (!bytes) return
    await writeBackup(chosen.value, bytes)
    await noted()
  }

  async function choose(): Promise<void> {
    chosen.value = await chooseBackupFile(box.database())
    await toFile(true)
  }

  async function forget(): Promise<void> {
    await forgetBackupFile(box.database())
    await look()
  }

  /** Once a day, of an own box, where the file may be written to without being asked. */
  async function byItself(): Promise<void> {
    await look()
    if (box.box.lures.length > 0 && (days.value === null || days.value > 0)) await toFile(false)
  }

  return {
    saving,
    last,
    days,
    isDue,
    chosen,
    mustAsk,
    canChooseFile,
    look,
    toDownload,
    toFile,
    choose,
    forget,
    byItself,
  }
}
