import type { AxisId, OwnRules, Schools } from '#core/ask'
import type { Addition, ClarityPaintCell, DepthSpeedCell, WeightedReading } from '#core/catalogue'
import type { Presented } from '#core/course'
import type { Flip, MatchOut, NumberField, Sweep } from '#core/match'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import type { UnitSystem } from '#core/units'

/** How the angler wants rules to be taken: his schools, and his factors on their weights. */
export interface RuleChoice {
  readonly schools: Partial<Schools>
  readonly weights: Readonly<Record<string, number>>
  /** Own rules to be tried in place of the stored ones. */
  readonly own?: OwnRules
}

export interface JudgeRequest extends RuleChoice {
  readonly reading: Reading
  readonly top: number
  readonly units: UnitSystem
}

/** How one lure's best set-up fits this reading: the score and each asked axis. */
export interface LureFit { readonly lureId: string, readonly score: number, readonly spine: readonly { readonly axis: AxisId, readonly fit: number, readonly weight: number }[] }

export interface Judgement {
  readonly out: MatchOut
  /** Every lure that can be fished, best first. */
  readonly fits: readonly LureFit[]
  /** The explained set-ups as the course models want them, by lure id. */
  readonly presented: Readonly<Record<string, Presented>>
  /** Rules that speak under this reading: weight × membership, by rule id. */
  readonly strengths: Readonly<Record<string, number>>
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
  coverage: (reading: Reading, choice: RuleChoice) => Coverage
  worth: (readings: readonly WeightedReading[], choice: RuleChoice) => readonly Addition[]
  load: (box: Box, own: OwnRules) => void
  judge: (request: JudgeRequest) => Judgement
  /** What would put another lure first; `null` when `stop` came before the end. */
  flips: (reading: Reading, choice: RuleChoice, progress: (done: number) => void) => Promise<readonly Flip[] | null>
  sweep: (reading: Reading, field: NumberField, values: readonly number[], choice: RuleChoice) => Sweep
  /** Ends a search that is under way. */
  stop: () => void
}
