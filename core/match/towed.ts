import { TOWED_AT_30_M } from '#core/knowledge'
import { interpolate } from '#core/numeric'
import { calibrateTow, type DiveRating, deepestOnCast, TOW_NORMAL_COEFFICIENT, type TowedShape } from '#core/motion'
import { type Assembled, sinkingNewton } from './in-water'

/** The rating cast to which a plug's known depth is brought before it is towed. */
const RATING_CAST = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8 }
/** The tow on which the table's towed depths hold. */
const RATING_TOW = { lineOut: 30, lineDiameter: 0.0003, tip: 0.8 }

const shapes = new WeakMap<DiveRating, TowedShape | null>()

/** A lipped plug behind a boat, from its depth on a cast; worked out once a plug. `null`: no lift brings it to the depth. */
export function towedPlug(rating: DiveRating): TowedShape | null {
  let shape = shapes.get(rating)
  if (shape === undefined) {
    const cast = deepestOnCast(rating, RATING_CAST)
    const { cast: casts, towed } = TOWED_AT_30_M
    const ratio = interpolate(casts, casts.map((depth, i) => towed[i]! / depth), cast)
    shape = calibrateTow(Math.max(0.05, cast * ratio), RATING_TOW)
    shapes.set(rating, shape)
  }
  return shape
}

/** A sinking lure behind a boat at some speed; `null` when its lift holds it up. */
export function towedSinker(tackle: Assembled, speedMs: number, liftRatio: number, density: number): TowedShape | null {
  const q = (density * speedMs * speedMs) / 2
  const area = tackle.profile.towAreaCm2 * 1e-4
  const [drag, down] = [q * area, sinkingNewton(tackle, density) - q * liftRatio * area]
  if (down <= 0) return null
  return { lureAngle: Math.atan2(down, drag), tensionOverDrag: Math.hypot(drag, down) / (q * TOW_NORMAL_COEFFICIENT) }
}
