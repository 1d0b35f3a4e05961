import { type DepthRange, FORAGE_HABITS, type HabitRow, SPECIES_HABITS } from '#core/knowledge'
import type { ForageId, Phase, PhaseShares, SpeciesId } from '#core/terms'

/** Which season of the habits a phase belongs to: spawning and what lies round it is the shallow time of most fish. */
const SEASON_OF: Record<Phase, keyof Pick<HabitRow, 'winter' | 'spring' | 'summer' | 'autumn'>> = {
  'winter': 'winter',
  'spring': 'spring',
  'pre-spawn': 'spring',
  'spawn': 'spring',
  'post-spawn': 'spring',
  'summer': 'summer',
  'autumn': 'autumn',
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

/**
 * Usual length of a prey now [mm]: the seasons' lengths, mixed by the shares of the phases of the fish that eats it.
 *
 * Error: ±30 %; what swims there outranks it. Source: `FORAGE_HABITS`, from memory.
 */
export function usualForageLength(forage: ForageId, shares: PhaseShares): number {
  const parts = (Object.entries(shares) as [Phase, number][]).map(([phase, share]) => ({
    share,
    length: FORAGE_HABITS[forage][SEASON_OF[phase]],
  }))
  return parts.reduce((sum, p) => sum + p.share * p.length, 0) / parts.reduce((sum, p) => sum + p.share, 0)
}
