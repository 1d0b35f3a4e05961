import { differingTraits, type LureProfile, type Trait, traitsOf } from '#core/lure'
import type { Said } from '#core/message'
import type { SetupOut } from './output'

/** Two set-ups that differ in one thing, so that fishing them in turn teaches something (trade §15). */
export interface FairPair {
  readonly differs: Trait
  readonly a: SetupOut<Said>
  readonly b: SetupOut<Said>
}

/** Pairs shown for each thing they differ in. */
const OF_EACH = 2

/**
 * Fair pairs among set-ups, the likeliest first: same in all but one of colour, size, depth, speed and action.
 * Other depth with the same everything else is left to the rod tip and the count-down, not to another lure.
 */
export function fairPairs(
  setups: readonly SetupOut<Said>[],
  profileOf: (lureId: string) => LureProfile | undefined,
): readonly FairPair[] {
  const known = setups.flatMap(setup => {
    const profile = profileOf(setup.lureId)
    return profile ? [{ setup, family: profile.lure.family, traits: traitsOf(profile, setup.presentation) }] : []
  })
  const pairs: FairPair[] = []
  for (let i = 0; i < known.length; i++) {
    for (let j = i + 1; j < known.length; j++) {
      const [a, b] = [known[i]!, known[j]!]
      const differing = differingTraits(a.traits, b.traits)
      const differs = differing[0]
      if (differing.length !== 1 || !differs || differs === 'depth' || differs === 'speed') continue
      // Colour and size are compared on one kind of lure: another kind would be a second difference.
      if (differs !== 'action' && a.family !== b.family) continue
      pairs.push({ differs, a: a.setup, b: b.setup })
    }
  }
  pairs.sort((p, q) => q.a.score * q.b.score - p.a.score * p.b.score)
  const count = new Map<Trait, number>()
  return pairs.filter(({ differs }) => {
    const seen = count.get(differs) ?? 0
    count.set(differs, seen + 1)
    return seen < OF_EACH
  })
}
