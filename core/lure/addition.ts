import type { TechniqueRow } from '#core/knowledge'
import type { Part } from '#core/tackle'
import type { LureProfile } from './profile'

/** Lead (or nothing) that makes a body fishable. */
export interface AddedWeight {
  readonly grams: number
  /** `null`: nothing suitable among the parts, the usual one is assumed. */
  readonly part: Part | null
  /** How far it is from what is wanted, in weight and hook, as a logarithm. */
  readonly off?: number
  /** A spoon of the box that goes ahead of a fly. */
  readonly spoon?: LureProfile
}

export const NOTHING_ADDED: AddedWeight = { grams: 0, part: null }

/** Head for a 75 mm body [g] and its growth with length: 75 mm from 5 g, 100 mm about 8, 150 mm about 14 (trade §6). */
const HEAD = { grams: 5, atMm: 75, power: 1.5 }
/** Belly or middle-weighted hooks: 3.5 g makes most sticks shimmy (trade §6). */
const WEIGHTED_HOOK_G = 3.5
/** A clip-on blade of the usual size; from memory. */
export const CLIP_BLADE_G = 2.5
/** A sinker for about 4–5 m (trade §6). */
const USUAL_SINKER_G = 7

/** Weights that depend on no water: what is threaded on a body before anyone knows how deep it will be fished [g]. */
export function usualAddition({ adds }: TechniqueRow, body: LureProfile): AddedWeight {
  switch (adds) {
    case 'nothing':
      return NOTHING_ADDED
    case 'weighted-hook':
      return { grams: WEIGHTED_HOOK_G, part: null }
    case 'head':
      return { grams: headByLength(body), part: null }
    case 'clip-blade':
      return { grams: CLIP_BLADE_G, part: null }
    default:
      return { grams: USUAL_SINKER_G, part: null }
  }
}

function headByLength({ lengthMm }: LureProfile): number {
  return HEAD.grams * (lengthMm.value / HEAD.atMm) ** HEAD.power
}

/** Whether a piece of hardware is what this way of rigging adds. */
export function fitsTechnique({ kind, shape, hookKind }: Part, { adds, rig, hook }: TechniqueRow): boolean {
  switch (adds) {
    case 'head': {
      if (kind !== 'jig-head') return false
      if (rig === 'mushroom-head') return shape === 'mushroom'
      if (rig === 'underspin') return shape === 'underspin'
      return shape !== 'mushroom' && shape !== 'underspin' && shape !== 'belly'
    }
    case 'bullet':
      return kind === 'sinker' && shape === 'bullet'
    case 'drop-sinker':
      return kind === 'sinker' && shape !== 'bullet'
    case 'clip-blade':
      return kind === 'clip-blade'
    case 'weighted-hook':
      return (kind === 'hook' || shape === 'belly') && hookKind === hook
    default:
      return false
  }
}

/** Spoons that carry a fly out: 5 to 20 g (assumed), lightest first. */
export function flySpoons(lures: readonly LureProfile[]): readonly LureProfile[] {
  return lures
    .filter(
      ({ lure, weightG }) =>
        (lure.family === 'casting-spoon' || lure.family === 'dense-spoon') &&
        lure.quantity !== 0 &&
        weightG.value >= FLY_SPOON_G[0] &&
        weightG.value <= FLY_SPOON_G[1],
    )
    .sort((a, b) => a.weightG.value - b.weightG.value || (a.lure.id < b.lure.id ? -1 : 1))
}
const FLY_SPOON_G = [5, 20] as const
