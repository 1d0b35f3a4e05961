import { LINE_DENSITY, type TechniqueRow } from '#core/knowledge'
import { bottomWeight, deepestOnCast, holdSpeed } from '#core/motion'
import { waterDensity } from '#core/water'
import { usualAddition } from './addition'
import { BOTTOM_SHARE } from './in-motion'
import { sinkingNewton } from './in-water'
import type { LureProfile } from './profile'

/** Depths that a lure can be fished at [m]. */
export interface Depths {
  readonly fromM: number
  readonly toM: number
}

/** The cast by which lures are compared: 30 m with 0.25 mm nylon, fresh water of 15 °C. Assumed, so that no outfit is favoured. */
export const REFERENCE_CAST: CastBy = { castM: 30, lineDiameterMm: 0.25, lineDensity: LINE_DENSITY.nylon, tipM: 0.8 }
/** A cast by which depths are told: how far [m], with which line [mm, kg/m³], the tip how high over the water [m]. */
export interface CastBy {
  readonly castM: number
  readonly lineDiameterMm: number
  readonly lineDensity: number
  readonly tipM: number
}
const WATER = { density: waterDensity(15, 0), current: 0 }
/** Deepest water of the comparison [m]. Assumed: beyond it lures are let down, not cast. */
export const DEEPEST_M = 15
/** What counts as the surface [m]. */
const SURFACE_M = 0.15
/** Shallowest sensible depth of a lure let down on a vertical line [m]. Assumed. */
const VERTICAL_FROM_M = 2
/** High tip and short casts bring a diver up to this share of its depth (A9). */
const SHALLOW_SHARE = 0.5
/** Drift of the bottom-contact criterion when nothing moves [m/s]; as in the ranking. */
const STILL_DRIFT_MS = 0.25

/** A way of fishing, by speed through the water [m/s]. */
type SpanAt = (speedMs: number) => Depths

/**
 * Depths at which a lure works when wound at some speed, over every way of fishing it (or those that are given), by a cast and with the usual head or sinker.
 *
 * Error: ±25 % of the depth for what sinks (drag areas are the family's), ±15 % for rated divers.
 * Source: the motion model's cast table and hold-depth balance.
 *
 * @returns a function of the speed through the water [m/s] that gives `null` where it does not work
 */
export function reachOf(
  profile: LureProfile,
  cast: CastBy = REFERENCE_CAST,
  techniques: readonly TechniqueRow[] = profile.techniques,
): (speedMs: number) => Depths | null {
  const { min, max } = profile.speed.value
  const spans = techniques.map(technique => spanOf(profile, technique, cast)).filter(span => span !== null)
  return speedMs => {
    if (spans.length === 0 || speedMs < min || speedMs > max) return null
    const found = spans.map(span => span(speedMs))
    return { fromM: Math.min(...found.map(s => s.fromM)), toM: Math.max(...found.map(s => s.toM)) }
  }
}

function spanOf(profile: LureProfile, technique: TechniqueRow, cast: CastBy): SpanAt | null {
  switch (technique.control) {
    case 'surface':
      return () => ({ fromM: 0, toM: SURFACE_M })
    case 'vertical':
      return () => ({ fromM: VERTICAL_FROM_M, toM: DEEPEST_M })
    case 'dive': {
      if (!profile.runsAt) return null
      const deepest = deepestOnCast(profile.runsAt.value, cast)
      return () => ({ fromM: SHALLOW_SHARE * deepest, toM: deepest })
    }
    case 'count-down': {
      const deepestAt = heldAt(profile, technique, cast)
      return speedMs => ({ fromM: 0, toM: deepestAt(speedMs) })
    }
    case 'bottom':
    case 'above-bottom': {
      const deepest = deepestHeld(
        technique.adds === 'nothing' ? profile.weightG.value : usualAddition(technique, profile).grams,
        cast.lineDiameterMm,
      )
      return () => ({ fromM: SURFACE_M, toM: deepest })
    }
  }
}

/** Depths at which the speed that holds a sinking lure is worked out [m]; between them it is interpolated. */
const LADDER_M = [SURFACE_M, 0.5, 1, 1.75, 2.75, 4, 6, 9, DEEPEST_M]

/** Deepest that a sinking lure can be held at a speed [m]. */
function heldAt(
  profile: LureProfile,
  technique: TechniqueRow,
  { castM, lineDiameterMm, lineDensity, tipM }: CastBy,
): (speedMs: number) => number {
  const netWeight = sinkingNewton(
    { profile, trailer: null, technique, added: usualAddition(technique, profile) },
    WATER.density,
  )
  if (netWeight <= 0) return () => SURFACE_M
  const lure = { netWeight, dragArea: profile.towAreaCm2 * 1e-4, liftArea: -profile.liftAreaCm2 * 1e-4 }
  const place = { distance: castM / 2, tip: tipM }
  const line = { diameter: lineDiameterMm / 1000, density: lineDensity }
  const speeds = LADDER_M.map(depth => holdSpeed(lure, line, WATER, { ...place, depth }) ?? 0)
  return speedMs => {
    const below = speeds.findIndex(speed => speed < speedMs)
    if (below === 0) return SURFACE_M
    if (below < 0) return DEEPEST_M
    const [fast, slow] = [speeds[below - 1]!, speeds[below]!]
    return LADDER_M[below - 1]! + ((fast - speedMs) / (fast - slow)) * (LADDER_M[below]! - LADDER_M[below - 1]!)
  }
}

/** Lead that keeps contact at each half metre [g], worked out once for each thickness of line. */
const needed = new Map<number, readonly { readonly depthM: number; readonly grams: number }[]>()

/** Deepest bottom on which so much lead keeps contact [m], by half metres. */
function deepestHeld(grams: number, lineDiameterMm: number): number {
  let steps = needed.get(lineDiameterMm)
  if (steps === undefined) {
    steps = Array.from({ length: DEEPEST_M * 2 }, (_, i) => (i + 1) / 2).map(depthM => ({
      depthM,
      grams:
        1000 * BOTTOM_SHARE * (bottomWeight(depthM, STILL_DRIFT_MS, lineDiameterMm / 1000, WATER.density) ?? Infinity),
    }))
    needed.set(lineDiameterMm, steps)
  }
  return steps.findLast(step => step.grams <= grams)?.depthM ?? SURFACE_M
}
