import type { Ask } from '#core/ask'
import type { TechniqueRow } from '#core/knowledge'
import { bottomWeight } from '#core/motion'
import type { Mood } from '#core/reading'
import type { Part } from '#core/tackle'
import type { LureProfile } from './profile'

/** Lead (or nothing) that makes a body fishable. */
export interface AddedWeight {
  readonly grams: number
  /** `null`: nothing suitable among the parts, the usual one is assumed. */
  readonly part: Part | null
  /** A spoon of the box that goes ahead of a fly. */
  readonly spoon?: LureProfile
}

export const NOTHING_ADDED: AddedWeight = { grams: 0, part: null }

/** Weights that heads and sinkers are sold in [g]: 1/32 … 2 1/2 oz, rounded. Common practice. */
const USUAL_G = [0.9, 1.8, 3.5, 5, 7, 10.5, 14, 21, 28, 35, 50, 70] as const
/** A part within this factor of the wanted weight will do. Assumed. */
const NEAR_ENOUGH = 1.8
/** How many of the angler's own weights are tried. */
const TRIED = 2
/** Head for a 75 mm body [g] and its growth with length: 75 mm from 5 g, 100 mm about 8, 150 mm about 14 (trade §6). */
const HEAD = { grams: 5, atMm: 75, power: 1.5 }
/** Belly or middle-weighted hooks: 3.5 g makes most sticks shimmy (trade §6). */
const WEIGHTED_HOOK_G = 3.5
/** A clip-on blade of the usual size; from memory. */
const CLIP_BLADE_G = 2.5
const LIGHTEST_BULLET_G = 3.5
/** A sinker for about 4–5 m (trade §6). */
const USUAL_SINKER_G = 7
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

/** Weights that depend on no water: what is threaded on a body before anyone knows how deep it will be fished [g]. */
export function usualAddition({ adds }: TechniqueRow, body: LureProfile): AddedWeight {
  switch (adds) {
    case 'nothing': return NOTHING_ADDED
    case 'weighted-hook': return { grams: WEIGHTED_HOOK_G, part: null }
    case 'head': return { grams: headByLength(body), part: null }
    case 'clip-blade': return { grams: CLIP_BLADE_G, part: null }
    default: return { grams: USUAL_SINKER_G, part: null }
  }
}

function headByLength({ lengthMm }: LureProfile): number {
  return HEAD.grams * (lengthMm.value / HEAD.atMm) ** HEAD.power
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

/** Whether a piece of hardware is what this way of rigging adds. */
export function fitsTechnique({ kind, shape, hookKind }: Part, { adds, rig, hook }: TechniqueRow): boolean {
  switch (adds) {
    case 'head': {
      if (kind !== 'jig-head') return false
      if (rig === 'mushroom-head') return shape === 'mushroom'
      if (rig === 'underspin') return shape === 'underspin'
      return shape !== 'mushroom' && shape !== 'underspin'
    }
    case 'bullet': return kind === 'sinker' && shape === 'bullet'
    case 'drop-sinker': return kind === 'sinker' && shape !== 'bullet'
    case 'clip-blade': return kind === 'clip-blade'
    case 'weighted-hook': return kind === 'hook' && hookKind === hook
    default: return false
  }
}

/** Spoons that carry a fly out: 5 to 20 g (assumed), lightest first. */
export function flySpoons(lures: readonly LureProfile[]): readonly LureProfile[] {
  return lures
    .filter(({ lure, weightG }) => (lure.family === 'casting-spoon' || lure.family === 'dense-spoon') && lure.quantity !== 0 && weightG.value >= FLY_SPOON_G[0] && weightG.value <= FLY_SPOON_G[1])
    .sort((a, b) => a.weightG.value - b.weightG.value || (a.lure.id < b.lure.id ? -1 : 1))
}
const FLY_SPOON_G = [5, 20] as const
