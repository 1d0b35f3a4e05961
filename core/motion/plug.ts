import { illinois, requirePositive } from '#core/numeric'
import type { RetrievedLure, RetrieveLine, RetrieveWater } from './line-balance'
import { retrieve } from './retrieve'

/** A known depth on a cast, with everything that makes it a calibration. */
export interface CastRating {
  /** [m] */
  readonly depth: number
  readonly cast: number
  readonly tip: number
  readonly speed: number
  readonly line: RetrieveLine
}

/** Drag area of a lipped plug on the retrieve, per metre of rated depth [m²/m]; fitted. Halving or doubling it moves predictions by under 10 %. */
const AREA_PER_DEPTH = 2.6e-4
/** Largest lift against drag that is searched. */
const GREATEST_LIFT_RATIO = 40
/** Depth to which the rating is met [m], and the share of the lift ratio: far below the model's error. */
const CLOSE = { x: 1e-6, f: 1e-5 }

/**
 * Drag and lift of a lipped plug from one depth known on a cast: the drag area is a prior, the lift is found so that its deepest point is the rating.
 *
 * Source: derived. Error: predictions on other casts, lines and tips ±10 % of depth.
 *
 * @param netWeight of the lure in water [N], down + (a floating plug has a negative one)
 * @returns `null` when no lift brings it to that depth on that cast
 * @throws {RangeError} if the rated depth is not positive
 */
export function calibrateCast(rating: CastRating, netWeight: number, water: RetrieveWater): RetrievedLure | null {
  requirePositive('calibrateCast', 'depth', rating.depth)
  const dragArea = AREA_PER_DEPTH * rating.depth
  const lureWith = (ratio: number): RetrievedLure => ({ dragArea, liftArea: ratio * dragArea, netWeight })
  const use = { cast: rating.cast, tip: rating.tip, speed: rating.speed, startDepth: 0 }
  const lnRatio = illinois(
    x => retrieve(lureWith(Math.exp(x)), rating.line, water, use).deepest.depth - rating.depth,
    Math.log(1e-3),
    Math.log(GREATEST_LIFT_RATIO),
    CLOSE,
  )
  return lnRatio === null ? null : lureWith(Math.exp(lnRatio))
}
