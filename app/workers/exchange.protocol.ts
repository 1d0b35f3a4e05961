import type {
  ColumnMapping,
  Corrections,
  CsvTable,
  FilePlan,
  Issue,
  MergeBy,
  PlannedLure,
  PlannedOther,
  WordRead,
  YgrionFile,
} from '#core/files'
import type { Box } from '#core/tackle'
import type { UnitSystem } from '#core/units'

/** What a chosen file turned out to be. */
export type Opened =
  | {
      readonly kind: 'table'
      readonly header: readonly string[]
      readonly sample: readonly (readonly string[])[]
      readonly count: number
      readonly blank: number
      readonly above: CsvTable['above']
      readonly delimiter: string
      readonly encoding: string
      readonly isGuess: boolean
      readonly mapping: readonly ColumnMapping[]
    }
  | {
      readonly kind: 'ygrion'
      readonly file: YgrionFile
      readonly plan: readonly FilePlan[]
      /** Ids that stood twice inside a trip and are others now. */
      readonly mended: readonly Issue<string>[]
    }
  | { readonly kind: 'trouble'; readonly issues: readonly Issue<string>[] }

/** What is asked of the table that was opened. */
export interface PlanQuestion {
  readonly mapping: readonly ColumnMapping[]
  readonly corrections: Corrections
  /** Cells mended in place, by line and column. */
  readonly mended: Readonly<Record<number, Readonly<Record<number, string>>>>
  readonly mergeBy: MergeBy
  readonly existing: Pick<Box, 'lures' | 'parts' | 'outfits'>
  readonly system: UnitSystem
}
export interface PlanAnswer {
  readonly planned: readonly PlannedLure<string>[]
  /** Rows of hardware and of rods. */
  readonly others: readonly PlannedOther<string>[]
  readonly words: readonly WordRead[]
}

export interface ExchangeApi {
  open: (name: string, bytes: Uint8Array, system: UnitSystem, existing: YgrionFile) => Opened
  /** Row by row what would happen; nothing is written. */
  plan: (question: PlanQuestion, progress: (done: number, of: number) => void) => PlanAnswer
  /** Cells of a line as they stand in the table. */
  cells: (line: number) => readonly string[]
  /** Some lines as a table of their own, with a last column that says why. */
  asTable: (lines: readonly { readonly line: number; readonly why: string }[]) => string
}
