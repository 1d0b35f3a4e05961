import { luresToCsv, withSpots, writeFile } from '#core/files'
import { packBackup, readBackup } from '~/db/backup'
import type { SavingApi } from './saving.protocol'

/** The writing of files: part of the exchange worker, which knows the format anyway. */
export const saving: SavingApi = {
  async backup(kept, shelf, progress) {
    const bytes = await packBackup(kept, shelf, (done, of) =>
      progress({ what: done < of ? 'pictures' : 'pressing', done, of }),
    )
    progress({ what: 'reading it back', done: 0, of: 1 })
    const back = readBackup(bytes)
    if (!back.ok)
      throw new Error(
        `it could not be read back (${back.issues[0]!.path} ${back.issues[0]!.message}): no backup was made`,
      )
    return bytes
  },
  boxFile: (file, spots, progress) =>
    `${writeFile(withSpots(file, spots), (done, of) => progress({ what: 'rows', done, of }))}\n`,
  /** The mark of UTF-8 at its head: spreadsheets guess wrong without. */
  luresTable: lures => `\uFEFF${luresToCsv(lures)}`,
}
