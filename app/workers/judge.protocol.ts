import type { OwnRules } from '#core/ask'
import type { Addition, ClarityPaintCell, DepthSpeedCell, WeightedReading } from '#core/catalogue'
import type { Doubts, Presented } from '#core/course'
import type { Flip, NumberField, Sweep } from '#core/match'
import type { Reading } from '#core/reading'
import type { NextOut } from '#core/rotation'
import type { AxisId, Schools } from '#core/rule'
import type { Box, Trip } from '#core/tackle'
import type { FirstOut, HowSureOut, RestOut, SetupOut, Sketches } from '#core/tell'
import type { UnitSystem } from '#core/units'
import type { LogChange } from './log-change'

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
  /** So many of them are told before the others have their places; all when absent. */
  readonly ahead?: number
  readonly units: UnitSystem
  /** A lure that is told in full at once, and wherever it stands. */
  readonly opened?: string | null
  /** Only these lures and rods are thought of; all when absent. */
  readonly only?: {
    readonly lureIds?: readonly string[] | undefined
    readonly outfitIds?: readonly string[] | undefined
  }
}

export interface NextRequest extends RuleChoice {
  readonly trip: Trip
  /** ISO 8601. */
  readonly now: string
  /** More than one thing may change at once. */
  readonly several: boolean
  readonly units: UnitSystem
  readonly only: NonNullable<JudgeRequest['only']>
}

/** How well one lure's best set-up fits this reading. */
export interface LureFit {
  readonly lureId: string
  readonly score: number
}

/** The fit of one lure on each asked axis, and what the axis weighs. */
export type Spine = readonly { readonly axis: AxisId; readonly fit: number; readonly weight: number }[]

/** The fits behind the scores, axis by axis; handed over as one block, because thousands of small objects take longer to copy than to work out. */
export interface Spines {
  readonly axes: readonly { readonly axis: AxisId; readonly weight: number }[]
  /** Lure by lure in the order of the fits, each with all its axes [0..1]. */
  readonly fits: Float32Array
}

/** What is told of the set-ups that come first, before the others have their places. */
export interface FirstAnswer {
  readonly out: FirstOut
  /** The explained set-ups as the course models want them, by lure id. */
  readonly presented: Readonly<Record<string, Presented>>
  /** How surely their figures are known, by lure id. */
  readonly doubts: Readonly<Record<string, Doubts>>
  /** What rules, and rows of the table of trailers, say under this reading: weight × membership, by id. */
  readonly strengths: Readonly<Record<string, number>>
}

/** The whole answer: what is told first, and what needs the place of every lure. */
export interface Judgement extends FirstAnswer {
  readonly out: FirstOut & RestOut
  /** Every lure that can be fished, best first. */
  readonly fits: readonly LureFit[]
  readonly spines: Spines
  /** The lure that was asked for when it stands behind those explained, with its place in the whole order; it is among the presented and the doubted too. */
  readonly opened: { readonly setup: SetupOut; readonly place: number } | null
}

/** What the box covers, and which groups of lures do the same. */
export interface Coverage {
  readonly depthBySpeed: readonly DepthSpeedCell[]
  readonly clarityByPaint: readonly ClarityPaintCell[]
  readonly doubles: readonly (readonly string[])[]
}

/** What rules add to lures, lure by lure in the order of the answer. */
export interface Spoken {
  readonly lureIds: readonly string[]
  readonly gains: Readonly<Record<string, Float32Array>>
}

/** What the page may ask of the worker. */
export interface JudgeApi {
  coverage: (reading: Reading, choice: RuleChoice) => Coverage
  worth: (readings: readonly WeightedReading[], choice: RuleChoice) => readonly Addition[]
  /** `useLog`: the angler's log enters the scores. */
  load: (box: Box, own: OwnRules, useLog: boolean) => void
  /** Only the log is another: what is known of lures, rods and parts stands. */
  log: (change: LogChange) => void
  /** Begins a question: what comes first. */
  first: (request: JudgeRequest) => FirstAnswer
  /** The whole answer to the question that was begun last; `null` when another began meanwhile. */
  whole: () => Promise<Judgement | null>
  /** A question by the way: the whole answer at once, or only what comes first. */
  answer: (request: JudgeRequest) => Judgement
  firstAnswer: (request: JudgeRequest) => FirstAnswer
  /** What the bites of a trip say to do next. */
  next: (request: NextRequest) => NextOut
  /** What would put another lure first; `null` when `stop` came before the end. */
  flips: (reading: Reading, choice: RuleChoice, progress: (done: number) => void) => Promise<readonly Flip[] | null>
  sweep: (reading: Reading, field: NumberField, values: readonly number[], choice: RuleChoice) => Sweep
  /** How sure the order is, by waters drawn about the reading; `null` when another was asked about before the end. */
  howSure: (reading: Reading, choice: RuleChoice, units: UnitSystem) => Promise<HowSureOut | null>
  stopHowSure: () => void
  /** What each rule that speaks under the newest answer adds to each of the first lures of its order [log-odds]. */
  spoken: (most: number) => Spoken
  /** Every tactic and cadence as it goes through the water. */
  sketches: (units: UnitSystem) => Sketches
  /** Ends a search that is under way. */
  stop: () => void
}
