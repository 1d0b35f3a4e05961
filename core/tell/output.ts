import type { DepthControl } from '#core/knowledge'
import type { KnownAs } from '#core/lure'
import type { RejectionCode } from '#core/match'
import type { AdviceSubject, AxisId } from '#core/rule'
import type { Cadence, Family, HookKind, LineMaterial, Mode, Rig, TacticId, TrailerHooking } from '#core/terms'

/** What `match` prints (contract §5), and what the screens read; before it is put in words, `T` is `Said`. */
export interface ReasonOut<T = string> {
  rule: string
  text: T
  source: T
}
export interface AdviceOut extends ReasonOut {
  about: AdviceSubject
}
export interface AxisOut {
  axis: AxisId
  weight: number
  best: number
  low: number
  high: number
  reasons: ReasonOut[]
}

export interface SetupAxisOut {
  axis: AxisId
  asked: { best: number; low: number; high: number }
  offers: number
  fit: number
  weight: number
  /** What it adds to the log-odds of the set-up. */
  gain: number
  known: KnownAs
}

export interface PresentationOut<T = string> {
  mode: Mode
  castM: number | null
  lineOutM: number | null
  /** Mean of its course while it works [m], and the deepest point of it. */
  depthM: number
  deepestM: number
  speedMs: number
  turnsPerS: number | null
  tipM: number
  cadence: Cadence
  pauseS: number | null
  countdownS: number | null
  text: T
  /** Where the depth comes from; the column draws from it. */
  control: DepthControl
  fallMs: number | null
  /** Drop shot: leader from hook to weight, and how high it holds the bait over the bottom [m]. */
  dropLeaderM: number | null
  standsM: number | null
  /** Share of the working time in front of the fish, 0..1. */
  shareInBand: number
  /** It meets the bottom or the cover. */
  touches: boolean
  /** In plan, how far the stream has swung the line half-way home [°]. */
  swungDeg: number
}

export type Standing = 'clear' | 'ahead' | 'level'

/** Another way to fish the same lure here. */
export interface WayOut {
  rig: Rig
  tactic: TacticId
  hook: HookKind
  trailerId: string | null
  headG: number | null
  sinkerG: number | null
  outfitId: string | null
  cadence: Cadence
  depthM: number
  speedMs: number
  pauseS: number | null
  score: number
}

/** One of the rods at hand, ready. */
export interface HandOut<T = string> {
  outfitId: string
  lureId: string
  role: 'search' | 'clean-up' | 'contrast' | 'other'
  why: T
}
/** What is worth measuring: a field of the reading, or a lure on the bench. */
export interface MeasureOut<T = string> {
  field?: string
  lureId?: string
  why: T
  /** How much likelier what is tied on first is then the right one, 0..1. */
  gain: number
}

/** A bait that comes first in some of the waters that were drawn about a reading. */
export interface FirstSomewhere {
  /** Its dresses, the one that most often comes first at the front. */
  lureIds: string[]
  /** Of the waters in which anything can be fished. */
  share: number
}

/** How sure the order is, where no part of the reading is known better than such parts are. */
export interface HowSureOut<T = string> {
  /** Most often first at the front; the shares sum to 1. */
  first: FirstSomewhere[]
  /** So many of them come first in eight of ten waters between them: as far as the reading goes they are level. */
  level: number
  measure: MeasureOut<T>[]
}

/** What takes courses of its own to tell: of set-ups that are looked at closely. */
export interface CloserOut {
  /** The other ways to fish the lure here, best first; of set-ups far down the order none. */
  ways: WayOut[]
  /** Standard error of the mean depth [m]; 0 where the hand, the bottom or the surface holds it. */
  depthSdM: number
}

export interface SetupOut<T = string> extends Partial<CloserOut> {
  lureId: string
  family: Family
  rig: Rig
  trailerId: string | null
  tactic: TacticId
  hook: { kind: HookKind; size: string | null; count: number; advice: T }
  trailerHook: boolean
  trailerHooking: TrailerHooking | null
  headG: number | null
  sinkerG: number | null
  outfitId: string | null
  leader: { lengthM: number; material: LineMaterial; testKg: number | null } | null
  connection: 'snap' | 'direct' | 'swivel'
  totalG: number
  presentation: PresentationOut<T>
  score: number
  /** Probability of being tied on first; all lures of the box sum to 1. */
  share: number
  /** Against the best different set-up. */
  standing: Standing
  /** The same bait in another dress. */
  sisters: string[]
  confidence: number
  axes: SetupAxisOut[]
  reasons: ReasonOut<T>[]
  /** What costs it places. */
  against: ReasonOut<T>[]
  /** How it is made ready and fished; never part of the score. */
  advice: AdviceOut[]
  cautions: T[]
}

export type FullSetupOut<T = string> = SetupOut<T> & CloserOut

/** What is told of the first set-ups, before the other lures have their places. */
export interface FirstOut<T = string> {
  assumed: string[]
  cautions: T[]
  ask: { axes: AxisOut[] }
  setups: SetupOut<T>[]
}
/** What needs the place of every lure. */
export interface RestOut<T = string> {
  rejected: { lureId: string; code: RejectionCode; why: T }[]
  gaps: { axis: AxisId; text: T }[]
  hand: HandOut<T>[]
}
/** What is told of an order that is there as a whole. */
export interface RankingOut<T = string> extends FirstOut<T>, RestOut<T> {
  setups: FullSetupOut<T>[]
}
/** The answer of contract §5. */
export interface MatchOut<T = string> extends RankingOut<T> {
  measure: MeasureOut<T>[]
}
