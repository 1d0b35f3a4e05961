import type { SourceRef } from '#core/sources'
import type { ActionStyle, BladeShape, Buoyancy, Cadence, Family, Finish, HookKind, Metal, Mode, Pattern, Rig } from '#core/terms'
import type { ScaleAxisId, TasteAxisId } from './axes'
import type { NumberFeature, SetFeature, SetIds } from './features'
import type { SchoolChoice } from './schools'

/** Soft condition: a ramp over a number, or the membership of any (or none) of some ids of its own feature. */
export type Condition = NumberCondition | { [K in SetFeature]: { readonly feature: K, readonly any: readonly SetIds[K][] } | { readonly feature: K, readonly none: readonly SetIds[K][] } }[SetFeature]
export interface NumberCondition { readonly feature: NumberFeature, readonly zeroAt: number, readonly oneAt: number }

/** A number, or a number taken from the reading. */
export type Figure = number | { readonly of: NumberFeature, readonly times?: number, readonly plus?: number }

/** Which set-ups a taste is about: every key named must match, by any of its values. */
export interface Favour {
  readonly family?: readonly Family[]
  readonly style?: readonly string[]
  readonly rig?: readonly Rig[]
  readonly pattern?: readonly Pattern[]
  readonly metal?: readonly Metal[]
  readonly finish?: readonly Finish[]
  readonly blade?: readonly BladeShape[]
  readonly action?: readonly ActionStyle[]
  readonly fluorescent?: boolean
  /** Bait presented horizontally in the open water, on the bottom, or falling. */
  readonly way?: readonly ('surface' | 'moving' | 'bottom' | 'falling')[]
  readonly buoyancy?: readonly Buoyancy[]
  /** Finish or metal of any of its blades. */
  readonly bladeFinish?: readonly ('smooth' | 'hammered' | 'painted')[]
  readonly bladeMetal?: readonly Metal[]
  /** Number of blades, at least and at most. */
  readonly bladeCount?: readonly [number, number]
  /** Usual blade number of the largest, at least and at most. */
  readonly bladeSize?: readonly [number, number]
  /** The lure's own weight [g], at least and at most. */
  readonly weightG?: readonly [number, number]
  /** Length [mm], at least and at most. */
  readonly lengthMm?: readonly [number, number]
}

export type Effect =
  | { readonly axis: ScaleAxisId, readonly best: Figure, readonly low: Figure, readonly high: Figure }
  /** `to`: how well what is favoured suits; `others`: how well the rest does (A10); `within`: of these families only, on any other the rule is silent. */
  | { readonly axis: TasteAxisId, readonly favours: Favour, readonly to?: number, readonly others?: number, readonly within?: readonly Family[] }

/** One row of knowledge: when this holds, the water asks for that. */
export interface Rule {
  /** `subject.case.effect` */
  readonly id: string
  readonly when: readonly Condition[]
  readonly effects: readonly Effect[]
  /** How much this rule counts beside others on the same axis, 0..1. */
  readonly weight: number
  /** The sentence the angler reads; `{feature}` is filled in from the reading. */
  readonly text: string
  readonly source: SourceRef
  /** Only when this school is chosen. */
  readonly school?: SchoolChoice
}

/** What a piece of advice is about; the order in which a set-up is made ready and fished. */
export const ADVICE_SUBJECTS = ['bait', 'hook', 'tie', 'line', 'rod', 'place', 'depth', 'retrieve', 'follower', 'next'] as const
export type AdviceSubject = typeof ADVICE_SUBJECTS[number]

/** Set-ups that a piece of advice is for. */
export interface AdviceFor extends Favour {
  readonly cadence?: readonly Cadence[]
  readonly mode?: readonly Mode[]
  readonly hook?: readonly HookKind[]
  /** With (or without) a trailer. */
  readonly trailer?: boolean
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
