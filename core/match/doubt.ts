import type { Doubts } from '#core/course'
import { COMPUTED_FROM_TEST, fallSpeed, type Known, type KnownAs } from '#core/lure'
import type { Tackle } from './presented'

/**
 * Standard errors by how a figure is known, as shares. A timed fall repeats within 3–10 % and a guessed drag area is off by ±40 %, which is 20 % in the fall
 * (motion model §1); a known running depth holds within ±10 %; weights as printed are off by 5 %, and the typical ones by what a family spans (assumed).
 */
const OF: Readonly<Record<'fall' | 'weight' | 'rating', Readonly<Record<KnownAs, number>>>> = {
  fall: { tested: 0.05, stated: 0.15, computed: 0.2, typical: 0.25 },
  weight: { tested: 0.01, stated: 0.05, computed: 0.05, typical: 0.25 },
  rating: { tested: 0.07, stated: 0.1, computed: 0.15, typical: 0.25 },
}
/** What follows from a test by one step of physics. Assumed: twice the test's. */
const FROM_TEST = 0.1
/** Drag and lift on the retrieve are the family’s for every lure; and how evenly a hand winds. Assumed: between a fitted area and a guessed one; a tenth. */
const BODY = 0.25
const PACE = 0.1

const error = (of: keyof typeof OF, { known, trust }: Known<unknown>) =>
  known === 'computed' && trust >= COMPUTED_FROM_TEST ? FROM_TEST : OF[of][known]

/** How far the figures of a set-up may be off, by how each is known. */
export function doubtsOf(tackle: Tackle, waterDensity: number): Doubts {
  const { profile } = tackle
  return {
    body: BODY,
    fall: error('fall', fallSpeed(tackle, waterDensity)),
    weight: error('weight', profile.weightG),
    rating: profile.runsAt ? error('rating', profile.runsAt) : 0,
    pace: PACE,
  }
}
