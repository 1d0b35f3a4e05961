import { bisect, requirePositive } from '#core/numeric'

/**
 * A bait cast across a stream and held by its line swings down with it: quasi-three-dimensional. The line is straight in plan, so it pulls along itself
 * only, and the bait goes sideways with the water; along the line it meets what the stream has in that direction, and the balance of line and lure is that
 * of a vertical plane which turns with the line.
 *
 * Not modelled: the belly that the stream puts into the line in plan; it hurries the bait and turns it downstream sooner, which anglers take out by mending.
 * Source: derived; with the reel kept to one pace through the water it is the pursuit curve of a swimmer who heads for a fixed point on the bank
 *         (Boole, A Treatise on Differential Equations, 1859; from memory).
 */
export interface Swing {
  /** Across the cast [m/s]. */
  readonly stream: number
  /** In plan, where it is over: 0 along the cast, π/2 straight down the stream [rad]. */
  readonly until: number
  /** Least that the reel takes in [m/s]. */
  readonly slowest: number
}

/** The swing is over when the line points so far down the stream: it then hangs below the rod [rad]. Assumed: 80°. */
export const SWUNG_OUT = (80 * Math.PI) / 180

/** Stream along a line that has swung so far [m/s], + running away from the rod; `along` and `across` of the cast. */
export function alongLine(along: number, across: number, swung: number): number {
  return along * Math.cos(swung) + across * Math.sin(swung)
}

/** How fast the line swings when the bait is so far off [rad/s]. */
export function swingRate(along: number, across: number, swung: number, distance: number): number {
  return (across * Math.cos(swung) - along * Math.sin(swung)) / distance
}

/**
 * How far the line has swung when a bait cast straight across is wound to a share of its first distance, keeping its pace through the water:
 *
 *     r/L = sec α (sec α + tan α)^(−pace/stream)
 *
 * @returns angle down the stream [rad]; where the stream is faster than the pace and the share is never reached, where it comes nearest, at most `SWUNG_OUT`
 * @throws {RangeError} if pace or share is not positive
 */
export function swungWhenAt(share: number, pace: number, stream: number): number {
  requirePositive('swungWhenAt', 'share', share)
  requirePositive('swungWhenAt', 'pace', pace)
  if (stream <= 0) return 0
  const most = Math.min(SWUNG_OUT, Math.asin(Math.min(1, pace / stream)))
  const tooFar = (angle: number) =>
    -Math.log(Math.cos(angle)) - (pace / stream) * Math.log(1 / Math.cos(angle) + Math.tan(angle)) - Math.log(share)
  return tooFar(most) >= 0 ? most : (bisect(tooFar, 0, most, 40) ?? most)
}
