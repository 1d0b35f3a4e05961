import { BEATS } from '#core/knowledge'
import { alongLine, climb, holdSpeed, swungWhenAt } from '#core/motion'
import { illinois } from '#core/numeric'
import { retrievedOf } from './plug'
import type { Presented } from './presented'

/** Shallowest depth and shortest distance at which the balance is asked for [m]. */
const LEAST = { depthM: 0.05, distanceM: 1 } as const
/** Nothing is wound slower [m/s]. Assumed. */
export const SLOWEST_MS = 0.05
/** Speed [m/s] and depth [m] to which the level is met. */
const CLOSE = { x: 2e-3, f: 2e-3 } as const

/**
 * Speed at which the bait keeps its depth half-way home: where it is wound without stopping neither climbing nor sinking, with pauses climbing in each pull
 * what it falls in the pause. A bait that the rod lifts keeps it at any speed.
 *
 * @returns through the water [m/s]; `null`: it keeps it at no speed; with pauses at most and at least the speeds at which it works
 */
export function levelSpeed(presented: Presented): number | null {
  const lure = retrievedOf(presented)
  if (!lure) return null
  const { lineDiameterMm, lineDensity, waterDensity, castM, tipM, depthM, cadence, pauseS, bait } = presented
  const { pullM, liftM } = BEATS[cadence]
  if (pullM !== null && liftM > 0) return presented.speedMs
  const line = { diameter: lineDiameterMm / 1000, density: lineDensity }
  const currentMs = streamHalfWay(presented)
  const water = { density: waterDensity, current: currentMs }
  const place = { depth: Math.max(LEAST.depthM, depthM), distance: Math.max(LEAST.distanceM, castM / 2), tip: tipM }
  if (pullM === null || !pauseS || bait.fallMs <= 0) return throughWater(holdSpeed(lure, line, water, place), currentMs)
  const max = bait.window.max
  const min = Math.max(SLOWEST_MS, bait.window.min)
  /** Sunk in a pull and its pause [m]. */
  const sunk = (speed: number) =>
    (-climb(lure, line, water, place, speed - currentMs) * pullM) / speed + bait.fallMs * pauseS
  if (sunk(min) <= 0) return min
  if (sunk(max) >= 0) return max
  return illinois(sunk, min, max, CLOSE)
}

/** Stream along the line when the bait is half-way home [m/s]. */
export function streamHalfWay({
  currentMs,
  sideMs,
  speedMs,
}: Pick<Presented, 'currentMs' | 'sideMs' | 'speedMs'>): number {
  return sideMs === 0 ? currentMs : alongLine(currentMs, sideMs, swungWhenAt(0.5, speedMs, sideMs))
}

function throughWater(reel: number | null, currentMs: number): number | null {
  return reel === null ? null : reel + currentMs
}
