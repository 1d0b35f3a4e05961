import type { SourceRef } from '#core/sources'
import type { ActionStyle, BladeShape, Family, Finish, Metal, Pattern, Rig } from '#core/tackle'
import type { ScaleAxisId, TasteAxisId } from './axes'
import type { NumberFeature, SetFeature } from './features'
import type { SchoolChoice } from './schools'

/** Soft condition: a ramp over a number, or the membership of any (or none) of some ids. */
export type Condition =
  | { readonly feature: NumberFeature, readonly zeroAt: number, readonly oneAt: number }
  | { readonly feature: SetFeature, readonly any: readonly string[] }
  | { readonly feature: SetFeature, readonly none: readonly string[] }

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
}

export type Effect =
  | { readonly axis: ScaleAxisId, readonly best: Figure, readonly low: Figure, readonly high: Figure }
  /** `to`: how well what is favoured suits; `others`: how well the rest does (A10). */
  | { readonly axis: TasteAxisId, readonly favours: Favour, readonly to?: number, readonly others?: number }

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
