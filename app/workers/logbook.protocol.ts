import type { OwnRules } from '#core/ask'
import type { Precision, TripsRead } from '#core/files'
import type {
  Audit,
  CrossTable,
  CutId,
  Explained,
  LikeDay,
  Notes,
  RateOptions,
  RateTable,
  Return,
  YearSheet,
} from '#core/logbook'
import type { Reading } from '#core/reading'
import type { Box, Trip } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import type { DepthMark, DepthSpot } from '~/charts/log/depth-spots'
import type { RuleChoice } from './judge.protocol'
import type { LogChange } from './log-change'

/** Where in the water fish touched the lure through the year: gathered for the drawing, and the newest one by one. */
export interface DepthsOfYear {
  readonly contacts: number
  readonly deepestM: number
  readonly spots: readonly DepthSpot[]
  readonly newest: readonly DepthMark[]
}

export type TripFormat = 'csv' | 'gpx' | 'geojson'

/** The share of the log that an audit has read, 0..1, and what it says so far. */
export type AuditProgress = (share: number, soFar: Audit) => void

/** What the page may ask of the logbook. */
export interface LogbookApi {
  load: (box: Box, own: OwnRules) => void
  /** Only the log is another. */
  log: (change: LogChange) => void
  rates: (cut: CutId, options: RateOptions) => RateTable
  /** What explains the bites, most surely first. */
  explained: () => readonly Explained[]
  crossed: (row: CutId, column: CutId, of: Return) => CrossTable
  depths: () => DepthsOfYear
  like: (reading: Reading) => readonly LikeDay[]
  years: () => readonly number[]
  year: (year: number) => YearSheet
  /** What one trip teaches; `null`: nothing was fished on it. */
  tripNotes: (tripId: string) => Notes | null
  yearNotes: (year: number) => Notes | null
  /** Told now and then what the newest stretches alone say; `null` when `stop` came before the end. */
  audit: (choice: RuleChoice, progress: AuditProgress) => Promise<Audit | null>
  stop: () => void
  written: (trips: readonly Trip[], format: TripFormat, precision: Precision) => string
  /** Trips of a table; lures and waters may stand by name. */
  /** `units`: of figures without a unit. */
  read: (
    bytes: Uint8Array,
    places: readonly { readonly id: string; readonly name: string }[],
    units: UnitSystem,
  ) => TripsRead
}
