import { CASTS_M, DIAMETER_POWER, DIVE_TABLE } from '#core/knowledge'
import { interpolate, requirePositive } from '#core/numeric'

/** A plug's known running depth on a cast; the defaults of the contract stand for what was not noted. */
export interface DiveRating {
  readonly depthM: number
  readonly castM?: number
  readonly lineDiameterMm?: number
  readonly tipM?: number
  /** Pace at which it is known [m/s]. */
  readonly speedMs?: number
}

export interface CastUse {
  readonly castM: number
  readonly lineDiameterMm: number
  readonly tipM: number
}

const RATED = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8 }
/** The table's tip step [m]: 0.3 → 2.3. */
const TIP_STEP_M = 2
const RATINGS = DIVE_TABLE.map(row => row.ratedM)
/** Depth over rated depth, a list over the ratings for each cast length. */
const SHARES = CASTS_M.map((_, column) => DIVE_TABLE.map(row => row.byCast[column]! / row.ratedM))
const TIP_RAISES = DIVE_TABLE.map(row => row.tipRaise)

/**
 * Deepest point of a lipped plug on this cast, line and rod tip, from one known depth.
 *
 * Valid:  ratings 0.3..8 m, casts 10..60 m, line 0.1..0.5 mm, tip 0..3 m; beyond the table the trend of its end goes on.
 * Error:  about ±10 % of the depth.
 * Source: derived, `DIVE_TABLE`.
 *
 * @returns depth [m], never below 0
 * @throws {RangeError} if the rated depth, a cast or a diameter is not positive
 */
export function deepestOnCast(rating: DiveRating, use: CastUse): number {
  const rated = { ...RATED, ...rating }
  requirePositive('deepestOnCast', 'ratedM', rated.depthM)
  requirePositive('deepestOnCast', 'ratedCastM', rated.castM)
  requirePositive('deepestOnCast', 'castM', use.castM)
  requirePositive('deepestOnCast', 'lineDiameterMm', use.lineDiameterMm)
  const standard =
    (rated.depthM / castRatio(rated.depthM, rated.castM)) *
      (RATED.lineDiameterMm / rated.lineDiameterMm) ** DIAMETER_POWER -
    tipChange(rated.depthM, rated.tipM)
  const kept = Math.max(standard, 0.05) // [m] a plug rated at less than its tip correction still wakes just under the surface; assumed
  return Math.max(
    0,
    kept * castRatio(kept, use.castM) * (use.lineDiameterMm / RATED.lineDiameterMm) ** DIAMETER_POWER +
      tipChange(kept, use.tipM),
  )
}

/** Depth on this cast over depth on 30 m. */
function castRatio(ratedM: number, castM: number): number {
  const shares = SHARES.map(column => interpolate(RATINGS, column, ratedM))
  const [first, last] = [CASTS_M[0], CASTS_M[CASTS_M.length - 1]!]
  if (castM < first) return (shares[0]! * castM) / first
  if (castM > last) {
    // Beyond the table the gain goes on as between its last two columns.
    const [before, end] = [shares[shares.length - 2]!, shares[shares.length - 1]!]
    return end + ((end - before) * (castM - last)) / (last - CASTS_M[CASTS_M.length - 2]!)
  }
  return interpolate(CASTS_M, shares, castM)
}

/** Change of depth [m] when the tip is held at `tipM` instead of the rated 0.8 m. Shallower plugs than the table's lose in proportion. */
function tipChange(ratedM: number, tipM: number): number {
  const raise = interpolate(RATINGS, TIP_RAISES, ratedM) * Math.min(1, ratedM / RATINGS[0]!)
  return (raise * (tipM - RATED.tipM)) / TIP_STEP_M
}
