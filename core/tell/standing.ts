import type { Candidate } from '#core/match'
import type { Standing } from './output'

/** Baits of one kind whose lengths and weights differ by no more than this are the same bait in another dress [times]. Assumed. */
const SISTER_LENGTH = 1.15
const SISTER_WEIGHT = 1.3

const apart = (a: number, b: number) => Math.max(a / b, b / a)

/** The same bait in another colour or nearly the same size. */
export function isSister(
  { profile: a }: Pick<Candidate, 'profile'>,
  { profile: b }: Pick<Candidate, 'profile'>,
): boolean {
  return (
    a.lure.family === b.lure.family &&
    (a.lure.style ?? null) === (b.lure.style ?? null) &&
    a.typical === b.typical &&
    apart(a.lengthMm.value, b.lengthMm.value) <= SISTER_LENGTH &&
    apart(a.weightG.value, b.weightG.value) <= SISTER_WEIGHT
  )
}

/** How alike the dresses of one bait are to the chooser: 1 as different as two baits, 0 one and the same (nested logit, McFadden 1978). Assumed. */
const DRESS = 0.5

/**
 * Probability of being tied on first: a nested logit over the odds of the judgement, with the dresses of one bait in a nest (McFadden 1978).
 *
 * @returns one share for each candidate, in their order; they sum to 1
 */
export function sharesOf(candidates: readonly Candidate[]): number[] {
  const nests: Candidate[][] = []
  for (const candidate of candidates) {
    const nest = nests.find(([first]) => isSister(first!, candidate))
    if (nest) nest.push(candidate)
    else nests.push([candidate])
  }
  const top = candidates[0]?.odds ?? 0
  const share = new Map<Candidate, number>()
  let all = 0
  for (const nest of nests) {
    const within = nest.map(({ odds }) => Math.exp((odds - top) / DRESS))
    const sum = within.reduce((a, b) => a + b, 0)
    const inclusive = sum ** DRESS
    all += inclusive
    nest.forEach((candidate, i) => share.set(candidate, (inclusive * within[i]!) / sum))
  }
  return candidates.map(candidate => share.get(candidate)! / all)
}

/** Log-odds from which one set-up is ahead of another, and from which clearly so: 6 and 8 of 10 anglers who choose between the two. Assumed. */
export const AHEAD_FROM = 0.4
export const CLEAR_FROM = 1.4

/** How a set-up stands to the best different one that is not better than it. */
export function standingOf(candidate: Candidate, ranked: readonly Candidate[], place: number): Standing {
  const above = ranked.slice(0, place).find(other => !isSister(other, candidate))
  if (above && above.odds - candidate.odds < AHEAD_FROM) return 'level'
  const below = ranked.slice(place + 1).find(other => !isSister(other, candidate))
  const lead = below ? candidate.odds - below.odds : Infinity
  return lead >= CLEAR_FROM ? 'clear' : lead >= AHEAD_FROM ? 'ahead' : 'level'
}
