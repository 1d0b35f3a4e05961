import type { AxisId, OwnRules, Schools } from '#core/ask'
import type { Addition, ClarityPaintCell, DepthSpeedCell, WeightedReading } from '#core/catalogue'
import type { MatchOut } from '#core/match'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import type { UnitSystem } from '#core/units'

export interface JudgeRequest {
  readonly reading: Reading
  readonly schools: Partial<Schools>
  readonly top: number
  readonly units: UnitSystem
}

/** How one lure's best set-up fits this reading: the score and each asked axis. */
export interface LureFit { readonly lureId: string, readonly score: number, readonly spine: readonly { readonly axis: AxisId, readonly fit: number, readonly weight: number }[] }

export interface Judgement {
  readonly out: MatchOut
  /** Every lure that can be fished, best first. */
  readonly fits: readonly LureFit[]
  /** What the ranking itself took [ms]. */
  readonly tookMs: number
}

/** What the box covers, and which groups of lures do the same. */
export interface Coverage {
  readonly depthBySpeed: readonly DepthSpeedCell[]
  readonly clarityByPaint: readonly ClarityPaintCell[]
  readonly doubles: readonly (readonly string[])[]
}

/** What the page may ask of the worker. */
export interface JudgeApi {
  coverage: (reading: Reading, schools: Partial<Schools>) => Coverage
  worth: (readings: readonly WeightedReading[], schools: Partial<Schools>) => readonly Addition[]
  load: (box: Box, own: OwnRules) => void
  judge: (request: JudgeRequest) => Judgement
}
