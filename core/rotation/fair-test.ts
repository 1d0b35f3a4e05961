// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'

/** Casts and contacts with each of two lures that differ in one thing. */
export interface Side {
  readonly casts: number
  readonly contacts: number
}
export interface FairVerdict {
  /** Which is to be cast next: they alternate by casts. */
  readonly next: 'a' | 'b'
  /** Odds of "one draws more" against "no difference", as the contacts so far tell it; 1 knows nothing. */
  readonly evidence: number
  /** Probability that they do not differ, 0..1, having believed one half of it before. */
  readonly same: number
  /** Which has drawn more for its casts. */
  readonly leads: 'a' | 'b' | null
  readonly says: 'no difference yet' | 'leaning' | 'clear'
  /** Contacts that `leads` must have of this many together before it is clear; `null`: so few together cannot be. */
  readonly clearAt: number | null
}

/** Casts made with one before the other has its turn. Assumed: enough for a fan, few enough that the light stays the same. */
export const CASTS_IN_TURN = 5
/** Of pairs that do not differ no more than this share is ever called clear, however often one looks. As usual. */
const WRONGLY_CLEAR = 0.05
/** Odds from which it is worth saying which way it leans. Assumed. */
const LEANING = 3
/** Where one lure draws more, its share of the contacts is taken from Beta(2, 2): anything, extremes less. Assumed. */
const SHARE_PRIOR = 2
/** A fish that was missed bites again, a school stays: so many contacts weigh as one. Assumed. */
const BUNCHED = 1.25

/**
 * Two lures compared honestly: of all contacts the first one's share is set against its share of the casts, by a mixture sequential probability ratio.
 * The odds are a fair bet on chance alone (a martingale), so that the chance that they ever pass 1 ÷ 0.05 without a difference is at most 0.05, however often one looks (Ville).
 *
 * Source: Robbins 1970, mixtures of likelihood ratios; Beta–binomial conjugacy. From memory.
 */
export function fairVerdict(a: Side, b: Side): FairVerdict {
  const casts = a.casts + b.casts
  const together = a.contacts + b.contacts
  const expected = casts > 0 ? a.casts / casts : 1 / 2
  const evidence = oddsOf(a.contacts, together, expected)
  const lead = a.contacts - together * expected
  const leads = Math.abs(lead) < 1e-9 ? null : lead > 0 ? 'a' : 'b'
  return {
    next: Math.floor(casts / CASTS_IN_TURN) % 2 === 0 ? 'a' : 'b',
    evidence,
    leads,
    same: 1 / (1 + evidence),
    clearAt: clearAt(together, leads === 'b' ? 1 - expected : expected),
    says: evidence >= 1 / WRONGLY_CLEAR ? 'clear' : evidence >= LEANING ? 'leaning' : 'no difference yet',
  }
}

/** The stopping line: contacts that one side must have of so many together before the difference is clear; `null` where none is enough. */
export function clearAt(together: number, expected = 1 / 2): number | null {
  for (let own = Math.ceil(together * expected); own <= together; own++)
    if (oddsOf(own, together, expected) >= 1 / WRONGLY_CLEAR) return own
  return null
}

/** Marginal likelihood of `own` of `together` contacts under the Beta prior over that of the share that chance expects. */
function oddsOf(own: number, together: number, expected: number): number {
  if (expected <= 0 || expected >= 1) return 1
  const [mine, others] = [own / BUNCHED, (together - own) / BUNCHED]
  return Math.exp(
    jStat.betaln(SHARE_PRIOR + mine, SHARE_PRIOR + others) -
      jStat.betaln(SHARE_PRIOR, SHARE_PRIOR) -
      mine * Math.log(expected) -
      others * Math.log(1 - expected),
  )
}
