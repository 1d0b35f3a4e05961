import { recall, remember } from './box'
import type { Database } from './database'

/** What the standard library does not know yet of files that the angler chose (File System Access). */
type Permission = { mode: 'readwrite' }
export type BackupFile = FileSystemFileHandle & {
  queryPermission: (wanted: Permission) => Promise<PermissionState>
  requestPermission: (wanted: Permission) => Promise<PermissionState>
}
interface Picker {
  showSaveFilePicker: (options: {
    suggestedName: string
    types: { description: string; accept: Record<string, string[]> }[]
  }) => Promise<BackupFile>
}

const BACKUP_FILE = 'backup-file'
const WRITING: Permission = { mode: 'readwrite' }

/** Whether this browser lets a file be chosen that is written to later. */
export const canChooseFile = (): boolean => 'showSaveFilePicker' in window

/** The file that backups go to by themselves; `undefined`: none was chosen. */
export const backupFile = (db: Database) => recall<BackupFile | null>(db, BACKUP_FILE).then(file => file ?? undefined)

/** Lets the angler choose the file; `null`: none was chosen. */
export async function chooseBackupFile(db: Database): Promise<BackupFile | null> {
  try {
    const file = await (window as unknown as Picker).showSaveFilePicker({
      suggestedName: 'ygrion-backup.zip',
      types: [{ description: 'Ygrion backup', accept: { 'application/zip': ['.zip'] } }],
    })
    await remember(db, BACKUP_FILE, file)
    return file
  } catch (error) {
    if ((error as Error).name === 'AbortError') return null
    throw error
  }
}

export const forgetBackupFile = (db: Database) => remember(db, BACKUP_FILE, null)

/** Whether the file may be written to now; `ask`: the browser may put the question, which needs a tap. */
export async function mayWrite(file: BackupFile, ask: boolean): Promise<boolean> {
  const state = ask ? await file.requestPermission(WRITING) : await file.queryPermission(WRITING)
  return state === 'granted'
}

/** Puts a backup in the place of the one before: the old one stands until the new one is whole. */
export async function writeBackup(file: BackupFile, bytes: Uint8Array<ArrayBuffer>): Promise<void> {
  const writing = await file.createWritable()
  try {
    await writing.write(bytes)
    await writing.close()
  } catch (error) {
    await writing.abort()
    throw error
  }
}
