import type { Ask } from '#core/ask'
import type { TechniqueRow } from '#core/knowledge'
import { type AddedWeight, CLIP_BLADE_G, fitsTechnique, headByLength, type LureProfile, NOTHING_ADDED, WEIGHTED_HOOK_G } from '#core/lure'
import { bottomWeight } from '#core/motion'
import type { Part } from '#core/tackle'
import type { Mood } from '#core/terms'

/** Weights that heads and sinkers are sold in [g]: 1/32 … 2 1/2 oz, rounded. Common practice. */
const USUAL_G = [0.9, 1.8, 3.5, 5, 7, 10.5, 14, 21, 28, 35, 50, 70] as const
/** A part within this factor of the wanted weight will do. Assumed. */
const NEAR_ENOUGH = 1.8
/** How many of the angler's own weights are tried. */
const TRIED = 2
const LIGHTEST_BULLET_G = 3.5
/** Aggressive fish take a heavy weight dropped on their heads (trade §6). */
const AGGRESSIVE_FACTOR = 1.7
/** The criterion's own drift when nothing moves [m/s]. */
const STILL_DRIFT_MS = 0.25
const FINE_LINE_M = 0.00023

/** Lead that keeps contact (trade §6: the lightest that does) [g]. */
export interface Contact { readonly atBottomG: number, readonly atFishG: number }

export function contactFor({ features: { numbers } }: Ask, waterDensity: number): Contact {
  const grams = (depthM: number) => 1000 * (bottomWeight(Math.max(1, depthM), Math.max(STILL_DRIFT_MS, numbers.currentMs), FINE_LINE_M, waterDensity) ?? Infinity)
  return { atBottomG: grams(numbers.bottomM), atFishG: grams(numbers.presentM) }
}

/** The weights worth trying under a body, best first. */
export function addedWeights(technique: TechniqueRow, body: LureProfile, { parts, spoons, ask, contact }: { readonly parts: readonly Part[], readonly spoons: readonly LureProfile[], readonly ask: Ask, readonly contact: Contact }): readonly AddedWeight[] {
  if (technique.adds === 'nothing') return [NOTHING_ADDED]
  if (technique.adds === 'spoon') return spoons.slice(0, TRIED).map(spoon => ({ grams: spoon.weightG.value, part: null, spoon }))
  const wanted = wantedGrams(technique, body, ask.reading.mood, contact)
  const own = parts
    .filter(part => fitsTechnique(part, technique) && part.weightG != null && part.quantity !== 0)
    .map(part => ({ part, grams: part.weightG!, off: Math.abs(Math.log(part.weightG! / wanted)) }))
    .filter(({ off }) => off <= Math.log(NEAR_ENOUGH))
    .sort((a, b) => a.off - b.off || a.part.id.localeCompare(b.part.id))
  if (own.length > 0) return own.slice(0, TRIED).map(({ part, grams }) => ({ part, grams }))
  if (technique.ownOnly) return []
  return [{ part: null, grams: USUAL_G.find(g => g >= wanted * 0.9) ?? USUAL_G[USUAL_G.length - 1]! }]
}

function wantedGrams(technique: TechniqueRow, body: LureProfile, mood: Mood, { atBottomG, atFishG }: Contact): number {
  const contact = atBottomG * (mood === 'aggressive' ? AGGRESSIVE_FACTOR : 1)
  switch (technique.adds) {
    case 'weighted-hook': return WEIGHTED_HOOK_G
    case 'drop-sinker': return contact
    case 'bullet': return Math.max(LIGHTEST_BULLET_G, contact)
    case 'clip-blade': return CLIP_BLADE_G
    default: return technique.control === 'bottom' ? Math.max(contact, headByLength(body) / 2) : Math.max(atFishG, headByLength(body))
  }
}
