import { MESSAGES } from './messages'

export { MESSAGES }
export type MessageCode = keyof typeof MESSAGES

/** A figure in the unit in which it is kept, with its dimension (`core/units`): whoever speaks it does so in the listener's units. */
export interface Quantity {
  readonly dimension: string
  readonly value: number
  /** Fixed decimals; absent: as many as the unit deserves. */
  readonly decimals?: number
  /** As it was entered, without zeros at its end. */
  readonly exact?: boolean
  /** Without its unit: another figure follows that has it. */
  readonly bare?: boolean
}

/** Several things told in a row. */
export interface Joined {
  readonly joined: readonly Value[]
}

/** What a message is filled with. */
export type Value = number | string | Quantity | Message | Joined

/** What is to be said, not in any language: a code and its values. `speech/` puts it in words and units. */
export interface Message {
  readonly code: MessageCode
  readonly values: Readonly<Record<string, Value>>
}

/** Rows of knowledge bring their own text; everything else is said by a message. */
export type Said = string | Message

/** The same data with every message put in words. */
export type Told<T> = T extends Message
  ? string
  : T extends readonly (infer U)[]
    ? Told<U>[]
    : T extends object
      ? { [K in keyof T]: Told<T[K]> }
      : T

type ValuesOf<C extends MessageCode> = Readonly<Record<(typeof MESSAGES)[C][number], Value>>

/** The code of a message that a schema of Zod's carries as its error: checked by the compiler, put in words at the border. */
export function says(code: MessageCode): string {
  return code
}

/** A message with exactly the values that its row names. */
export function message<C extends MessageCode>(
  code: C,
  ...[values]: (typeof MESSAGES)[C] extends readonly [] ? [] : [values: ValuesOf<C>]
): Message {
  return { code, values: values ?? {} }
}
