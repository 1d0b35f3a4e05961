import { type DepthRange, type HabitRow, SPECIES_HABITS } from '#core/knowledge'
import type { Phase, SpeciesId } from '#core/reading'
import type { PhaseShares } from './phases'

/** Which season of the habits a phase belongs to: spawning and what lies round it is the shallow time of most fish. */
const SEASON_OF: Record<Phase, keyof Pick<HabitRow, 'winter' | 'spring' | 'summer' | 'autumn'>> = {
  'winter': 'winter', 'spring': 'spring', 'pre-spawn': 'spring', 'spawn': 'spring', 'post-spawn': 'spring', 'summer': 'summer', 'autumn': 'autumn',
}

/**
 * Depths in which a fish is usually met now [m]: the seasons' ranges, mixed by the shares of the phases.
 *
 * Error: waters differ by more than seasons; a first guess where nothing was seen. Source: `SPECIES_HABITS`, from memory.
 */
export function usualDepth(species: SpeciesId, shares: PhaseShares): DepthRange {
  let [from, to, total] = [0, 0, 0]
  for (const [phase, share] of Object.entries(shares) as [Phase, number][]) {
    const [low, high] = SPECIES_HABITS[species][SEASON_OF[phase]]
    from += share * low
    to += share * high
    total += share
  }
  return [from / total, to / total]
}
