import type { OwnRules } from '#core/ask'
import type {
  Addition,
  Conflict,
  Pack,
  PackItem,
  PackRequest,
  Proof,
  Purpose,
  SmallThing,
  Swap,
  WishId,
} from '#core/pack'
import type { Box } from '#core/tackle'
import type { SetupOut } from '#core/tell'
import type { UnitSystem } from '#core/units'
import type { RuleChoice } from './judge.protocol'

/** How one likely reading is covered, 1 being a perfect set-up; with the best three of the pack there. */
export interface Covered {
  readonly pack: number
  readonly box: number
  readonly setups: readonly { readonly setup: SetupOut; readonly isRigged: boolean }[]
}

/** A pack with everything that the page tells of it. */
export interface Explained {
  readonly pack: Pack
  /** Worth of the pack, wishes included. */
  readonly value: number
  readonly items: readonly PackItem[]
  readonly purposes: readonly Purpose[]
  readonly covers: readonly Covered[]
  readonly met: readonly string[]
  readonly wishes: readonly WishId[]
  readonly next: readonly Addition[]
  readonly used: { readonly lures: number; readonly slots: number; readonly grams: number }
  /** How each rod's lure is fished at first light. */
  readonly rigged: readonly SetupOut[]
  readonly breaches: readonly Conflict<string>[]
  /** Leaders, snaps, swivels and hooks that go with it. */
  readonly small: readonly SmallThing[]
}

export type Step =
  | { readonly kind: 'judged'; readonly done: number }
  | { readonly kind: 'greedy'; readonly explained: Explained }
  | { readonly kind: 'bound'; readonly bound: number }

export interface PlanAnswer {
  readonly explained: Explained
  readonly proof: Proof
}

/** How is judged, and in which units the set-ups are told. */
export interface PackChoice extends RuleChoice {
  readonly units: UnitSystem
}

export interface PackApi {
  load: (box: Box, own: OwnRules, useLog: boolean) => void
  /** Conflicts of the limits, or a good pack and what is proven of it. */
  plan: (
    request: PackRequest,
    choice: PackChoice,
    time: { readonly seconds: number; readonly gap: number },
    step: (step: Step) => void,
  ) => PlanAnswer | { readonly conflicts: readonly Conflict<string>[] }
  /** A pack changed by hand, for the problem that was judged for this request. */
  explain: (request: PackRequest, choice: PackChoice, pack: Pack) => Explained
  swaps: (request: PackRequest, choice: PackChoice, pack: Pack, out: string) => readonly Swap[]
}
