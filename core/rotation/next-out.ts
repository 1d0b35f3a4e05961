import type { AskOptions } from '#core/ask'
import type { ChangeWhat, HandChange } from '#core/knowledge'
import type { Trait } from '#core/lure'
import type { Said } from '#core/message'
import type { SetupOut } from '#core/tell'

/** What to change next, as the headless command prints it (contract §5 `next`); before it is put in words, `T` is `Said`. */
export interface NextOut<T = string> {
  signs: { sign: string; means: string; do: string }[]
  do: 'stay' | 'change' | 'return' | 'move' | 'rest'
  change: { what: ChangeWhat; from: T; to: T; setup: SetupOut<T> | null; hand?: HandChange } | null
  why: T
  untried: { trait: Trait; values: T[] }[]
  runnersUp: { what: ChangeWhat; to: string }[]
}

export interface NextOptions extends AskOptions {
  /** ISO 8601; absent: the last that the trip knows of. */
  readonly now?: string
  /** More than one thing may change at once. */
  readonly several?: boolean
  /** `false`: scores come from the rules and the physics alone. */
  readonly useLog?: boolean
}

/** A change that is told. */
export type Change = NonNullable<NextOut<Said>['change']>
