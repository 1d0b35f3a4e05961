import { COLOUR_SCENES, type ColourClass, type ColourScene } from '#core/knowledge'
import { clamp, ramp } from '#core/numeric'
import type { Sky, Stain } from '#core/reading'

/** What of a lure's colours this table look-up can tell apart. */
export interface ColourKind {
  readonly pattern: 'natural' | 'hot' | 'dark' | 'plain'
  readonly metal: 'none' | 'silver' | 'gold' | 'copper'
  /** Relative luminance of the side, 0..1. */
  readonly sideLuminance: number
}

export interface ColourLook { readonly conspicuousness: number, readonly naturalness: number }
export interface ColourWater { readonly visibilityM: number, readonly stain: Stain, readonly sky: Sky, readonly preyIsDull: boolean }

/** A natural side brighter than this passes for silver bait rather than for a bottom animal. Assumed. */
const BRIGHT_SIDE = 0.25

/**
 * How strong and how prey-like a colour class is in this water: the worked scenes of `COLOUR_SCENES`, mixed by visibility and light.
 *
 * Error:  ±0.1; one class stands for many colours (sources/assumptions.ts, A8).
 * Source: derived.
 */
export function colourLook(colour: ColourKind, water: ColourWater): ColourLook {
  const shares = sceneShares(water)
  const kind = colourClass(colour)
  let C = 0
  let N = 0
  for (const [scene, share] of shares) {
    const [c, n] = COLOUR_SCENES[scene][kind]
    C += share * c
    N += share * naturalnessOf(n, colour, water)
  }
  return { conspicuousness: C, naturalness: clamp(N, 0, 1) }
}

function colourClass({ pattern, metal, sideLuminance }: ColourKind): ColourClass {
  if (metal === 'gold' || metal === 'copper') return 'gold'
  if (metal === 'silver') return 'silver'
  if (pattern === 'dark') return 'black'
  if (pattern === 'hot') return 'chartreuse'
  if (pattern === 'plain') return 'white'
  return sideLuminance > BRIGHT_SIDE ? 'silver' : 'dull'
}

/** The scenes were worked against fish prey: where crayfish and worms are eaten, dull naturals are the likeness and silver is not. */
function naturalnessOf(n: number, { pattern, metal, sideLuminance }: ColourKind, { preyIsDull }: ColourWater): number {
  if (!preyIsDull) return n
  const dull = metal === 'none' && sideLuminance <= BRIGHT_SIDE && (pattern === 'natural' || pattern === 'dark')
  return dull ? Math.max(n, 0.9) : Math.min(n, 0.4)
}

function sceneShares({ visibilityM, stain, sky }: ColourWater): [ColourScene, number][] {
  if (sky === 'night') return [['night', 1]]
  if (stain === 'brown') return [['brown', 1]]
  if (stain === 'mud') {
    const thick = ramp(visibilityM, 1.2, 0.5)
    return [['mud', thick], ['green', 1 - thick]]
  }
  const clear = ramp(visibilityM, 1.5, 5)
  return [['clear', clear], ['green', 1 - clear]]
}
