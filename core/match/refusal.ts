import { type Message } from '#core/message'

export type RejectionCode = 'cannot-reach' | 'overload' | 'underload' | 'none-left' | 'switched-off'
/** Why a lure is out. */
export interface Out {
  readonly code: RejectionCode
  readonly why: Message
}
export interface Rejection extends Out {
  readonly lureId: string
}

/** Why one way of fishing a lure is out. */
export interface Refusal extends Out {
  readonly nearness: number
}

/** The refusal that tells the angler most: reaching trouble before rod trouble, the nearest miss of each. */
export function nearerMiss(a: Refusal | null, b: Refusal | null): Refusal | null {
  if (!a || !b) return a ?? b
  const rank = (r: Refusal) => (r.code === 'cannot-reach' ? 1000 : r.code === 'switched-off' ? -1000 : 0) + r.nearness
  return rank(b) > rank(a) ? b : a
}
