import { TOWED_AT_30_M } from '#core/knowledge'
import { interpolate } from '#core/numeric'
import { deepestOnCast, type DiveRating } from './dive-cast'
import { calibrateTow, TOW_NORMAL_COEFFICIENT, towDepth, type TowedShape } from './tow'

/** The rating cast to which a plug's known depth is brought before it is towed. */
const RATING_CAST = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8 }
/** The tow on which the table's towed depths hold. */
const RATING_TOW = { lineOut: 30, lineDiameter: 0.0003, tip: 0.8 }
/** Shallower than this a plug only wakes [m]. */
const LEAST_M = 0.05

const shapes = new WeakMap<DiveRating, TowedShape | null>()

/**
 * A lipped plug behind a boat, from its depth on a cast: a known depth holds in its own mode only, so it is first brought to the tow.
 * Worked out once a rating. Source: dive model §4b, last row of its table.
 *
 * @returns `null` when no lift brings it to the depth
 */
export function towedPlug(rating: DiveRating): TowedShape | null {
  let shape = shapes.get(rating)
  if (shape === undefined) {
    const cast = deepestOnCast(rating, RATING_CAST)
    const { cast: casts, towed } = TOWED_AT_30_M
    const ratio = interpolate(
      casts,
      casts.map((depth, i) => towed[i]! / depth),
      cast,
    )
    shape = calibrateTow(Math.max(LEAST_M, cast * ratio), RATING_TOW)
    shapes.set(rating, shape)
  }
  return shape
}

/**
 * The depth of a plug known behind a boat, brought to the rating cast: the inverse of what `towedPlug` does. Its `castM` is the line out.
 * Error: as the table, ±10 %.
 */
export function castRatingOf({
  depthM,
  castM = RATING_TOW.lineOut,
  lineDiameterMm = RATING_CAST.lineDiameterMm,
  tipM = RATING_TOW.tip,
}: DiveRating): DiveRating {
  const shape = calibrateTow(depthM, { lineOut: castM, lineDiameter: lineDiameterMm / 1000, tip: tipM })
  const at30M = (shape && towDepth(shape, RATING_TOW)?.depth) ?? depthM
  const { cast, towed } = TOWED_AT_30_M
  return {
    ...RATING_CAST,
    depthM:
      at30M *
      interpolate(
        towed,
        towed.map((depth, i) => cast[i]! / depth),
        at30M,
      ),
  }
}

/** A sinking bait on the tow: C_d·A [m²], lift over drag (up +), weight in water [N]. */
export interface TowedBait {
  readonly towArea: number
  readonly liftRatio: number
  readonly netWeight: number
}

/** A sinking lure behind a boat at some speed; `null` when its lift holds it up. Closed form, so no weight of line. */
export function towedSinker(
  { towArea, liftRatio, netWeight }: TowedBait,
  speed: number,
  waterDensity: number,
): TowedShape | null {
  const q = (waterDensity * speed * speed) / 2
  const drag = q * towArea
  const down = netWeight - q * liftRatio * towArea
  return down > 0
    ? { lureAngle: Math.atan2(down, drag), tensionOverDrag: Math.hypot(drag, down) / (q * TOW_NORMAL_COEFFICIENT) }
    : null
}
