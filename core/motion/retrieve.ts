import { requirePositive, rootOfRising } from '#core/numeric'
import { alongLine, type Swing, swingRate } from './swing'
import { type ChordState, LineBalance, type RetrievedLure, type RetrieveLine, type RetrieveWater } from './line-balance'

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
  let state: ChordState = stateAt(use.cast, use.startDepth, use.tip)
  let bow = 0
  let seconds = 0
  let last = 0
  const longest = use.coarse?.step ?? Math.max(FINE_STEP_S, use.cast / use.speed / MOST_STEPS)
  const tolerance = use.coarse ? COARSE : FINE
  const { swing } = use
  let swung = swing?.from ?? 0
  const streamAt = (angle: number): RetrieveWater =>
    swing ? { density: water.density, current: alongLine(water.current, swing.stream, angle) } : water
  const reelIn = ({ current }: RetrieveWater): number =>
    swing ? Math.max(swing.slowest, use.speed - current) : use.speed
  const across = (balance: LineBalance, reel: number): number =>
    (last = rootOfRising(v => balance.excess(reel, v), last, SEARCH_STEP, ACROSS_BOUNDS, tolerance))
  const stepped = (from: ChordState, vn: number, at: ChordState, reel: number, time: number): ChordState =>
    within({ chord: from.chord - reel * time, angle: from.angle + (vn * time) / at.chord, tip: use.tip }, use.bottomAt)
  const swungIn = (time: number, angle: number, { chord, angle: below }: ChordState): number =>
    swing ? swingRate(water.current, swing.stream, angle, chord * Math.cos(below)) * time : 0
  const path: PathPoint[] = [pointAt(state, seconds, swung)]
  const until = use.until ?? 0
  for (;;) {
    const left = Math.min(state.chord - use.tip - NEAR, path[path.length - 1]!.distance - until)
    if (left <= END_WITHIN || (swing && swung >= swing.until)) break
    const stream = streamAt(swung)
    const reel = reelIn(stream)
    const first = across(new LineBalance(lure, line, stream, state), reel)
    const sinks = Math.abs(first * Math.cos(state.angle) - reel * Math.sin(state.angle))
    const step = Math.min(
      longest,
      left / reel,
      use.coarse ? Math.max(FINE_STEP_S, use.coarse.depthStep / sinks) : Infinity,
    )
    const middle = stepped(state, first, state, reel, step / 2)
    const halfway = swung + swungIn(step / 2, swung, state)
    const streamHalfway = streamAt(halfway)
    const reelHalfway = reelIn(streamHalfway)
    const balance = new LineBalance(lure, line, streamHalfway, middle)
    const vn = across(balance, reelHalfway)
    if (!use.coarse) bow = Math.max(bow, balance.bow(reelHalfway, vn))
    state = stepped(state, vn, middle, reelHalfway, step)
    swung += swungIn(step, halfway, middle)
    seconds += step
    path.push(pointAt(state, seconds, swung))
  }
  let deepest = path[0]!
  for (const point of path) if (point.depth > deepest.depth) deepest = point
  return { path, bow, deepest }
}

function stateAt(distance: number, depth: number, tip: number): ChordState {
  return { chord: Math.hypot(distance, depth + tip), angle: Math.atan2(depth + tip, distance), tip }
}

function pointAt({ chord, angle, tip }: ChordState, seconds: number, swung: number): PathPoint {
  return { distance: chord * Math.cos(angle), depth: Math.max(0, chord * Math.sin(angle) - tip), seconds, swung }
}

/** Neither out of the water nor into the ground. */
function within(state: ChordState, bottomAt?: (distance: number) => number): ChordState {
  const { chord, angle, tip } = state
  const height = chord * Math.sin(angle)
  if (height < tip) return { chord, angle: Math.asin(Math.min(1, tip / chord)), tip }
  const bottom = bottomAt ? bottomAt(chord * Math.cos(angle)) : Infinity
  if (height > bottom + tip) return { chord, angle: Math.asin(Math.min(1, (bottom + tip) / chord)), tip }
  return state
}
