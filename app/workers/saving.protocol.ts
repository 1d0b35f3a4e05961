import type { Precision, YgrionFile } from '#core/files'
import type { Lure } from '#core/tackle'
import type { Kept, Snapshot } from '~/db/database'

/** How far the writing of a file has come. */
export interface SavingStep {
  readonly what: 'rows' | 'pictures' | 'pressing' | 'reading it back'
  readonly done: number
  readonly of: number
}

export interface SavingApi {
  /** All of it as one zip that was read back. @throws {Error} where it could not be read back: then there is no backup */
  backup: (kept: Kept, shelf: readonly Snapshot[], progress: (step: SavingStep) => void) => Promise<Uint8Array>
  boxFile: (file: YgrionFile, spots: Precision | 'none', progress: (step: SavingStep) => void) => string
  luresTable: (lures: readonly Lure[]) => string
}
