// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'

/** Casts and contacts with each of two lures that differ in one thing. */
export interface Side { readonly casts: number, readonly contacts: number }
export interface FairVerdict {
  /** Which is to be cast next: they alternate by casts. */
  readonly next: 'a' | 'b'
  /** Probability that the first draws more contacts a cast than the second, 0..1. */
  readonly aBetter: number
  readonly says: 'no difference yet' | 'leaning' | 'clear'
}

/** Casts made with one before the other has its turn. Assumed: enough for a fan, few enough that the light stays the same. */
export const CASTS_IN_TURN = 5
/** A probability beyond these is worth saying, and is clear. Assumed, as in many trials: 90 and 97.5 %. */
const LEANING = 0.9
const CLEAR = 0.975
/** Below this number of contacts on both together nothing is said (trade §15: three bites prove nothing). */
const LEAST_CONTACTS = 5

/**
 * How sure the difference of two lures is: contacts per cast with uniform Beta priors, P(pₐ > p_b) by the exact sum over the second's outcomes.
 *
 * Source: Beta–binomial conjugacy; the sum is the standard one for whole-number parameters.
 */
export function fairVerdict(a: Side, b: Side): FairVerdict {
  const aBetter = probabilityBetter(a, b)
  const together = a.contacts + b.contacts
  const sure = Math.max(aBetter, 1 - aBetter)
  return {
    next: Math.floor((a.casts + b.casts) / CASTS_IN_TURN) % 2 === 0 ? 'a' : 'b',
    aBetter,
    says: together < LEAST_CONTACTS || sure < LEANING ? 'no difference yet' : sure < CLEAR ? 'leaning' : 'clear',
  }
}

function probabilityBetter(a: Side, b: Side): number {
  const [a1, b1] = [1 + a.contacts, 1 + Math.max(0, a.casts - a.contacts)]
  const [a2, b2] = [1 + b.contacts, 1 + Math.max(0, b.casts - b.contacts)]
  let sum = 0
  for (let i = 0; i < a1; i++) {
    sum += Math.exp(jStat.betaln(a2 + i, b1 + b2) - Math.log(b1 + i) - jStat.betaln(1 + i, b1) - jStat.betaln(a2, b2))
  }
  return Math.min(1, Math.max(0, sum))
}
