import { bisect, requirePositive } from '#core/numeric'
import { type ChordState, imbalance, type RetrievedLure, type RetrieveLine, type RetrieveWater } from './line-balance'

export interface PathPoint {
  /** Horizontal distance from the tip [m]. */
  readonly distance: number
  readonly depth: number
}
export interface Retrieve {
  readonly path: readonly PathPoint[]
  readonly deepest: PathPoint
  /** Largest bow of the line [rad]: up to 0.4 the model is within 10 %, at 0.5 it is 10–20 % too deep. */
  readonly bow: number
}
export interface RetrieveUse {
  /** Horizontal distance at which the retrieve begins [m]. */
  readonly cast: number
  /** Tip above the water [m]. */
  readonly tip: number
  /** Line speed at the reel [m/s]. */
  readonly speed: number
  /** Depth at which the retrieve begins [m]. */
  readonly startDepth: number
  /** Depth of the bottom [m]; absent: none. */
  readonly bottom?: number
  /** Horizontal distance from the tip at which the retrieve ends [m]; absent: at the rod. */
  readonly until?: number
}

/** Time step of the path [s]: converged to 0.02 %. */
export const RETRIEVE_STEP_S = 0.2
/** Greatest speed across the chord that is searched [m/s]. */
const FASTEST_ACROSS = 6
const BISECTIONS = 40
/** The path ends this near to the tip [m]. */
const NEAR = 0.4

/**
 * Path of a lure on a steady retrieve after a cast: chord length r and angle θ with dr/dt = −u, dθ/dt = v_n/r, where v_n is the speed across the chord
 * at which lure and bowed line agree (midpoint steps).
 *
 * Valid:  steady winding, bow ≤ 0.4 rad; not a pause (that is free sinking), no side current.
 * Error:  rms 7 % of depth against a lumped line simulation, worst −20..+15 %.
 * Source: derived (`line-balance.ts`).
 *
 * @throws {RangeError} if cast, speed, drag area or diameter is not positive
 */
export function retrieve(lure: RetrievedLure, line: RetrieveLine, water: RetrieveWater, use: RetrieveUse): Retrieve {
  for (const [name, value] of [['cast', use.cast], ['speed', use.speed], ['dragArea', lure.dragArea], ['line.diameter', line.diameter], ['water.density', water.density]] as const)
    requirePositive('retrieve', name, value)
  let state: ChordState = stateAt(use.cast, use.startDepth, use.tip)
  let bow = 0
  const across = (at: ChordState): number => {
    const vn = bisect(v => imbalance(lure, line, water, at, use.speed, v).excess, -FASTEST_ACROSS, FASTEST_ACROSS, BISECTIONS)
    return vn ?? (imbalance(lure, line, water, at, use.speed, 0).excess > 0 ? -FASTEST_ACROSS : FASTEST_ACROSS)
  }
  const step = (from: ChordState, vn: number, at: ChordState, seconds: number): ChordState =>
    within({ chord: from.chord - use.speed * seconds, angle: from.angle + (vn * seconds) / at.chord, tip: use.tip }, use.bottom)
  const path: PathPoint[] = [pointAt(state)]
  const until = use.until ?? 0
  while (state.chord - use.speed * RETRIEVE_STEP_S > use.tip + NEAR && path[path.length - 1]!.distance > until) {
    const first = across(state)
    const middle = step(state, first, state, RETRIEVE_STEP_S / 2)
    const vn = across(middle)
    bow = Math.max(bow, imbalance(lure, line, water, middle, use.speed, vn).bow)
    state = step(state, vn, middle, RETRIEVE_STEP_S)
    path.push(pointAt(state))
  }
  return { path, bow, deepest: path.reduce((a, b) => (b.depth > a.depth ? b : a)) }
}

function stateAt(distance: number, depth: number, tip: number): ChordState {
  return { chord: Math.hypot(distance, depth + tip), angle: Math.atan2(depth + tip, distance), tip }
}

function pointAt({ chord, angle, tip }: ChordState): PathPoint {
  return { distance: chord * Math.cos(angle), depth: Math.max(0, chord * Math.sin(angle) - tip) }
}

/** Neither out of the water nor into the ground. */
function within(state: ChordState, bottom = Infinity): ChordState {
  const { chord, angle, tip } = state
  const height = chord * Math.sin(angle)
  if (height < tip) return { ...state, angle: Math.asin(Math.min(1, tip / chord)) }
  if (height > bottom + tip) return { ...state, angle: Math.asin(Math.min(1, (bottom + tip) / chord)) }
  return state
}
