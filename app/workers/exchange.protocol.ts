import type { ColumnMapping, FilePlan, Issue, MergeBy, PlannedLure, YgrionFile } from '#core/files'
import type { Lure } from '#core/tackle'
import type { UnitSystem } from '#core/units'

/** What a chosen file turned out to be. */
export type Opened =
  | { readonly kind: 'table', readonly header: readonly string[], readonly sample: readonly (readonly string[])[], readonly count: number, readonly delimiter: string, readonly encoding: string, readonly isGuess: boolean, readonly mapping: readonly ColumnMapping[] }
  | { readonly kind: 'ygrion', readonly file: YgrionFile, readonly plan: readonly FilePlan[] }
  | { readonly kind: 'trouble', readonly issues: readonly Issue[] }

export interface ExchangeApi {
  open: (name: string, bytes: Uint8Array, system: UnitSystem, existing: YgrionFile) => Opened
  /** Row by row what would happen; nothing is written. */
  plan: (mapping: readonly ColumnMapping[], mergeBy: MergeBy, existing: readonly Lure[], progress: (done: number, of: number) => void) => readonly PlannedLure[]
}
