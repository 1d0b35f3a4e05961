import type { SourceRef } from '#core/sources'
import type {
  ActionStyle,
  BladeShape,
  Buoyancy,
  Cadence,
  Family,
  Finish,
  HookKind,
  Metal,
  Mode,
  Pattern,
  Rig,
  TacticId,
} from '#core/terms'
import type { ScaleAxisId, TasteAxisId } from './axes'
import type { NumberFeature, SetFeature, SetIds } from './features'
import type { SchoolChoice } from './schools'

/** Soft condition: a ramp over a number, or the membership of any (or none) of some ids of its own feature. */
export type Condition =
  | NumberCondition
  | {
      [K in SetFeature]:
        | { readonly feature: K; readonly any: readonly SetIds[K][] }
        | { readonly feature: K; readonly none: readonly SetIds[K][] }
    }[SetFeature]
export interface NumberCondition {
  readonly feature: NumberFeature
  readonly zeroAt: number
  readonly oneAt: number
}

/** A number, or a number taken from the reading. */
export type Figure = number | { readonly of: NumberFeature; readonly times?: number; readonly plus?: number }

/** At least and at most, both included. */
type Span = readonly [least: number, most: number]

/** Marks of the lure itself. */
export interface LureMarks {
  readonly family?: readonly Family[]
  readonly style?: readonly string[]
  readonly pattern?: readonly Pattern[]
  readonly metal?: readonly Metal[]
  readonly finish?: readonly Finish[]
  readonly blade?: readonly BladeShape[]
  readonly action?: readonly ActionStyle[]
  readonly fluorescent?: boolean
  readonly buoyancy?: readonly Buoyancy[]
  /** Finish or metal of any of its blades. */
  readonly bladeFinish?: readonly ('smooth' | 'hammered' | 'painted')[]
  readonly bladeMetal?: readonly Metal[]
  readonly bladeCount?: Span
  /** Usual blade number of the largest. */
  readonly bladeSize?: Span
  /** The lure's own weight [g]. */
  readonly weightG?: Span
  /** Length [mm]. */
  readonly lengthMm?: Span
  /** Bulk and thump on the trade's 1–5 scale. */
  readonly bulk?: Span
  readonly thump?: Span
  readonly scented?: boolean
  /** Sound: 0 silent, 1 knock, 2 rattle. */
  readonly sound?: Span
  /** Running depth of a plug as rated [m]. */
  readonly runsM?: Span
  /** Force at which the hook tore out on the bench [kgf]; untested: never named. */
  readonly tearKg?: Span
}

/** Which set-ups an effect names: every mark must match, by any of its values. */
export interface Favour extends LureMarks {
  readonly rig?: readonly Rig[]
  readonly tactic?: readonly TacticId[]
  /** Bait presented horizontally in the open water, on the bottom, falling, or under the boat. */
  readonly way?: readonly Way[]
}
export type Way = 'surface' | 'moving' | 'bottom' | 'falling' | 'vertical'

/**
 * What a rule does to a set-up, in log-odds: it adds, and nothing dilutes it.
 * A scale effect gives +1 where the figure is as wished, 0 at `half`, `low` or `high`, −1 far from it; the open side of `atLeast` and `atMost` is flat to the end of the scale.
 * A push gives ±1 to what it names and nothing to the rest. Both are multiplied by `lift` (absent: the axis' own weight) and by the rule's weight and membership.
 */
export type Effect = ScaleEffect | PushEffect
export type ScaleEffect = { readonly axis: ScaleAxisId; readonly lift?: number } & (
  | { readonly about: Figure; readonly low: Figure; readonly high: Figure }
  | { readonly atLeast: Figure; readonly half: Figure }
  | { readonly atMost: Figure; readonly half: Figure }
)
/** `within`: of these families only; the named gain half of the lift and the others of the same families lose half, all the rest is not spoken of. */
export type PushEffect = { readonly axis: TasteAxisId; readonly lift: number; readonly within?: readonly Family[] } & (
  { readonly favours: Favour } | { readonly against: Favour }
)

/** Whether an effect names set-ups instead of wishing for a figure. */
export function isPush(effect: Effect): effect is PushEffect {
  return 'favours' in effect || 'against' in effect
}

/** One row of knowledge: when this holds, the water asks for that. */
export interface Rule {
  /** `subject.case.effect` */
  readonly id: string
  readonly when: readonly Condition[]
  readonly effects: readonly Effect[]
  /** Hand weight, about 0 to 2: what each effect's lift is multiplied by until the fit has spoken. */
  readonly weight: number
  /** The sentence the angler reads; `{feature}` is filled in from the reading. */
  readonly text: string
  readonly source: SourceRef
  /** Section of the handbook (docs/handbook.md) it stands in. */
  readonly section?: string
  /** Only when this school is chosen. */
  readonly school?: SchoolChoice
}

/** What a piece of advice is about; the order in which a set-up is made ready and fished. */
export const ADVICE_SUBJECTS = [
  'bait',
  'hook',
  'tie',
  'line',
  'rod',
  'place',
  'depth',
  'retrieve',
  'follower',
  'next',
] as const
export type AdviceSubject = (typeof ADVICE_SUBJECTS)[number]

/** Set-ups that a piece of advice is for. */
export interface AdviceFor extends Favour {
  readonly cadence?: readonly Cadence[]
  readonly mode?: readonly Mode[]
  readonly hook?: readonly HookKind[]
  /** With (or without) a trailer. */
  readonly trailer?: boolean
  /** It meets the bottom or the cover. */
  readonly touches?: boolean
  /** A second hook is on it. */
  readonly trailerHook?: boolean
}

/** One row of knowledge that no axis can carry: how a chosen set-up is made ready and fished. It is told, and never enters a score. */
export interface Advice {
  /** `advice.subject.case` */
  readonly id: string
  readonly about: AdviceSubject
  readonly when: readonly Condition[]
  readonly of: AdviceFor
  readonly text: string
  readonly source: SourceRef
  readonly school?: SchoolChoice
}
