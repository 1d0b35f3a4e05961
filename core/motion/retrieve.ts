import { requirePositive, rootOfRising } from '#core/numeric'
import { alongLine, type Swing, swingRate } from './swing'
import { LineBalance, type RetrievedLure, type RetrieveLine, type RetrieveWater } from './line-balance'

export interface PathPoint {
  /** Horizontal distance from the tip [m]. */
  readonly distance: number
  readonly depth: number
  /** Since the retrieve began [s]. */
  readonly seconds: number
  /** In plan, how far the line points down the stream from the cast [rad]. */
  readonly swung: number
}
export interface Retrieve {
  readonly path: readonly PathPoint[]
  readonly deepest: PathPoint
  /** Largest bow of the line [rad], 0 on a coarse path: up to 0.4 the model is within 10 %, at 0.5 it is 10–20 % too deep. */
  readonly bow: number
}
export interface RetrieveUse {
  /** Horizontal distance at which the retrieve begins [m]. */
  readonly cast: number
  /** Tip above the water [m]. */
  readonly tip: number
  /** Line speed at the reel [m/s]; on a swing the pace through the water that the reel keeps. */
  readonly speed: number
  /** Depth at which the retrieve begins [m]. */
  readonly startDepth: number
  /** Depth of the bottom so far from the tip [m]; absent: none. */
  readonly bottomAt?: ((distance: number) => number) | undefined
  /** Horizontal distance from the tip at which the retrieve ends [m]; absent: at the rod. */
  readonly until?: number
  /** Coarse: longest time step of the path [s], shorter where it would move further than `depthStep` up or down [m]; absent: fine, converged to 0.02 %. */
  readonly coarse?: { readonly step: number; readonly depthStep: number } | undefined
  readonly swing?: Swing | undefined
}

/** Fine time step [s], and how many steps a path has at most: a crawl takes longer ones. */
const FINE_STEP_S = 0.2
const MOST_STEPS = 2000
/** Greatest speed across the chord that is searched [m/s], and the first step of the search from the last one found. */
const ACROSS_BOUNDS = [-6, 6] as const
const SEARCH_STEP = 0.02
/** Speed [m/s] and angle [rad] to which lure and line are made to agree: far below the model's error; with coarse steps no closer than those are. */
const FINE = { x: 1e-7, f: 1e-7 }
const COARSE = { x: 1e-3, f: 1e-3 }
/** The last step ends this near to where it is to end [m]. */
const END_WITHIN = 0.01
/** The path ends this near to the tip [m]. */
const NEAR = 0.4

/**
 * Path of a lure on a steady retrieve after a cast: chord length r and angle θ with dr/dt = −u, dθ/dt = v_n/r, where v_n is the speed across the chord
 * at which lure and bowed line agree (midpoint steps).
 *
 * With a stream across the cast the plane of the balance turns with the line (`swing.ts`).
 *
 * Valid:  steady winding, bow ≤ 0.4 rad; not a pause (that is free sinking).
 * Error:  rms 7 % of depth against a lumped line simulation, worst −20..+15 %.
 * Source: derived (`line-balance.ts`).
 *
 * @throws {RangeError} if cast, speed, drag area or diameter is not positive
 */
export function retrieve(lure: RetrievedLure, line: RetrieveLine, water: RetrieveWater, use: RetrieveUse): Retrieve {
  requirePositive('retrieve', 'cast', use.cast)
  requirePositive('retrieve', 'speed', use.speed)
  requirePositive('retrieve', 'dragArea', lure.dragArea)
  requirePositive('retrieve', 'line.diameter', line.diameter)
  requirePositive('retrieve', 'water.density', water.density)
  const { tip, coarse, swing, bottomAt } = use
  const longest = coarse?.step ?? Math.max(FINE_STEP_S, use.cast / use.speed / MOST_STEPS)
  const tolerance = coarse ? COARSE : FINE
  const until = use.until ?? 0
  const balance = new LineBalance(lure, line, water.density, tip)
  /** Neither out of the water nor into the ground; the angle at which it then is. */
  const goTo = (chord: number, angle: number, current: number): number => {
    balance.at(chord, angle, current)
    const height = chord * balance.sin
    const ground = bottomAt ? bottomAt(chord * balance.cos) + tip : Infinity
    if (height >= tip && height <= ground) return angle
    const held = Math.asin(Math.min(1, (height < tip ? tip : ground) / chord))
    balance.at(chord, held, current)
    return held
  }
  const streamAt = (angle: number): number => (swing ? alongLine(water.current, swing.stream, angle) : water.current)
  const reelIn = (current: number): number => (swing ? Math.max(swing.slowest, use.speed - current) : use.speed)
  const swungIn = (time: number, angle: number, distance: number): number =>
    swing ? swingRate(water.current, swing.stream, angle, distance) * time : 0
  let reel = use.speed
  const excess = (across: number): number => balance.excess(reel, across)
  let chord = Math.hypot(use.cast, use.startDepth + tip)
  let angle = Math.atan2(use.startDepth + tip, use.cast)
  let swung = swing?.from ?? 0
  let across = 0
  let bow = 0
  let seconds = 0
  balance.at(chord, angle, streamAt(swung))
  const path: PathPoint[] = [pointAt(chord, balance, tip, seconds, swung)]
  for (;;) {
    const left = Math.min(chord - tip - NEAR, chord * balance.cos - until)
    if (left <= END_WITHIN || (swing && swung >= swing.until)) break
    const { sin, cos } = balance
    reel = reelIn(streamAt(swung))
    across = rootOfRising(excess, across, SEARCH_STEP, ACROSS_BOUNDS, tolerance)
    const sinks = Math.abs(across * cos - reel * sin)
    const step = Math.min(longest, left / reel, coarse ? Math.max(FINE_STEP_S, coarse.depthStep / sinks) : Infinity)
    const halfway = swung + swungIn(step / 2, swung, chord * cos)
    const streamHalfway = streamAt(halfway)
    const middle = chord - (reel * step) / 2
    goTo(middle, angle + (across * (step / 2)) / chord, streamHalfway)
    const distanceHalfway = middle * balance.cos
    reel = reelIn(streamHalfway)
    across = rootOfRising(excess, across, SEARCH_STEP, ACROSS_BOUNDS, tolerance)
    if (!coarse) bow = Math.max(bow, balance.bow(reel, across))
    chord -= reel * step
    swung += swungIn(step, halfway, distanceHalfway)
    angle = goTo(chord, angle + (across * step) / middle, streamAt(swung))
    seconds += step
    path.push(pointAt(chord, balance, tip, seconds, swung))
  }
  let deepest = path[0]!
  for (const point of path) if (point.depth > deepest.depth) deepest = point
  return { path, bow, deepest }
}

function pointAt(chord: number, { sin, cos }: LineBalance, tip: number, seconds: number, swung: number): PathPoint {
  return { distance: chord * cos, depth: Math.max(0, chord * sin - tip), seconds, swung }
}
