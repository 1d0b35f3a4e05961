import { dequal } from 'dequal/lite'
import type { Lure } from './types'

/** A lure as it is edited: what was worked out at the workshop and is typed anew counts as said by the owner from then on. */
export function statedAnew(before: Lure | undefined, after: Lure): Lure {
  if (!before || !after.workedOut?.length) return after
  const workedOut = after.workedOut.filter(field => dequal(before[field as keyof Lure], after[field as keyof Lure]))
  return workedOut.length === after.workedOut.length ? after : { ...after, workedOut }
}
