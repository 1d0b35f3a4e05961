/** How a figure is known (contract §5). */
export type KnownAs = 'tested' | 'stated' | 'computed' | 'typical'

/** A figure with how it is known and how far it can be trusted, 0..1. */
export interface Known<T> {
  readonly value: T
  readonly known: KnownAs
  readonly trust: number
}

/** Trust in what a test leads to by one step of physics. */
export const COMPUTED_FROM_TEST = 0.9
/** Trust in the other ways of knowing; contract §5 `confidence`. */
const TRUST = { tested: 1, stated: 0.7, computed: 0.5, typical: 0.35 } as const

export const tested = <T>(value: T): Known<T> => ({ value, known: 'tested', trust: TRUST.tested })
export const stated = <T>(value: T): Known<T> => ({ value, known: 'stated', trust: TRUST.stated })
export const typical = <T>(value: T): Known<T> => ({ value, known: 'typical', trust: TRUST.typical })

/** A figure worked out from others: from tests alone it is nearly as good as a test. */
export function computed<T>(value: T, ...from: readonly Known<unknown>[]): Known<T> {
  const allTested = from.length > 0 && from.every(f => f.trust >= COMPUTED_FROM_TEST)
  return { value, known: 'computed', trust: allTested ? COMPUTED_FROM_TEST : TRUST.computed }
}

/** What the owner states, else the family's typical value. */
export function statedOr<T>(given: T | null | undefined, fallback: T): Known<T> {
  return given === null || given === undefined ? typical(fallback) : stated(given)
}
