import { FollowedRoot, requirePositive } from '#core/numeric'
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
  /** Largest bow of the line [rad]: up to 0.4 the model is within 10 %, at 0.5 it is 10–20 % too deep. */
  readonly bow: number
}
/** How a bait is wound in. */
export interface Winding {
  /** Tip above the water [m]. */
  readonly tip: number
  /** Line speed at the reel [m/s]; on a swing the pace through the water that the reel keeps. */
  readonly speed: number
  /** Longest time step of the path [s]. */
  readonly longestStep: number
  /** Coarse: steps are shorter where the bait would move further than this up or down [m]; absent: fine, with `fineStep` converged to 0.02 %. */
  readonly depthStep?: number | undefined
  /** Depth of the bottom so far from the tip [m]; absent: none. */
  readonly bottomAt?: ((distance: number) => number) | undefined
  readonly swing?: Swing | undefined
}
export interface RetrieveUse extends Pick<Winding, 'tip' | 'speed' | 'swing'> {
  /** Horizontal distance at which the retrieve begins [m]. */
  readonly cast: number
  /** Depth at which the retrieve begins [m]. */
  readonly startDepth: number
}

/** Fine time step [s], and how many steps a path has at most: a crawl takes longer ones. */
const FINE_STEP_S = 0.2
const MOST_STEPS = 2000
/** Greatest speed across the chord that is searched [m/s]. */
const ACROSS_BOUNDS = [-6, 6] as const
/** How fast lure and line fall apart with that speed, before it is known [rad per m/s]. Assumed: it only costs a step of the search. */
const FIRST_SLOPE = 2
/** Speed [m/s] and angle [rad] to which lure and line are made to agree: far below the model's error; with coarse steps no closer than those are. */
const FINE = { x: 1e-7, f: 1e-7 }
const COARSE = { x: 1e-3, f: 1e-3 }
/** The last step ends this near to where it is to end [m]. */
const END_WITHIN = 0.01
/** The path ends this near to the tip [m]. */
const NEAR = 0.4

/** Time step of a path that is followed finely [s]. */
export function fineStep(cast: number, speed: number): number {
  return Math.max(FINE_STEP_S, cast / speed / MOST_STEPS)
}

/**
 * A bait that is wound in, step by step, after a cast and after each pause: chord length r and angle θ with dr/dt = −u, dθ/dt = v_n/r, where v_n is the speed across the chord
 * at which lure and bowed line agree (midpoint steps). Coarse steps take what it was in the last one to find the midpoint, fine ones solve it anew.
 *
 * With a stream across the cast the plane of the balance turns with the line (`swing.ts`).
 *
 * Valid:  steady winding, bow ≤ 0.4 rad; not a pause (that is free sinking).
 * Error:  rms 7 % of depth against a lumped line simulation, worst −20..+15 %.
 * Source: derived (`line-balance.ts`).
 */
export class WoundIn {
  /** Since it was last begun [s]. */
  seconds = 0
  /** In plan, how far the line points down the stream from the cast [rad]. */
  swung = 0
  /** Largest bow of the line so far [rad], 0 on a coarse path. */
  bow = 0
  private chord = 0
  private angle = 0
  private reel: number
  private readonly balance: LineBalance
  private readonly across: FollowedRoot
  private isAcrossKnown = false

  /** @throws {RangeError} if speed, drag area, diameter or density is not positive */
  constructor(
    lure: RetrievedLure,
    line: RetrieveLine,
    private readonly water: RetrieveWater,
    private readonly use: Winding,
  ) {
    requirePositive('retrieve', 'speed', use.speed)
    requirePositive('retrieve', 'dragArea', lure.dragArea)
    requirePositive('retrieve', 'line.diameter', line.diameter)
    requirePositive('retrieve', 'water.density', water.density)
    this.reel = use.speed
    this.balance = new LineBalance(lure, line, water.density, use.tip)
    this.across = new FollowedRoot(
      across => this.balance.excess(this.reel, across),
      FIRST_SLOPE,
      ACROSS_BOUNDS,
      use.depthStep === undefined ? FINE : COARSE,
    )
  }

  /** Horizontal distance from the tip [m]. */
  get distance(): number {
    return this.chord * this.balance.cos
  }

  get depth(): number {
    return Math.max(0, this.chord * this.balance.sin - this.use.tip)
  }

  /**
   * Begins, or begins again where it has fallen to in a pause.
   *
   * @param distance horizontal, from the tip [m]
   * @throws {RangeError} if the distance is not positive
   */
  begin(distance: number, depth: number, swung: number): this {
    requirePositive('retrieve', 'cast', distance)
    const height = depth + this.use.tip
    this.chord = Math.sqrt(distance * distance + height * height)
    this.angle = Math.atan2(height, distance)
    this.swung = swung
    this.seconds = 0
    this.balance.at(this.chord, this.angle, this.streamAt(swung))
    return this
  }

  /** One step on its way to a distance from the tip [m]; false: none fits any more. */
  step(until: number): boolean {
    const { balance, chord, angle, swung, across } = this
    const { tip, swing, depthStep, longestStep } = this.use
    const left = Math.min(chord - tip - NEAR, chord * balance.cos - until)
    if (left <= END_WITHIN || (swing && swung >= swing.until)) return false
    this.reel = this.reelIn(this.streamAt(swung))
    if (depthStep === undefined || !this.isAcrossKnown) across.next()
    this.isAcrossKnown = true
    const sinks = Math.abs(across.root * balance.cos - this.reel * balance.sin)
    const longestByDepth = depthStep === undefined ? Infinity : Math.max(FINE_STEP_S, depthStep / sinks)
    const step = Math.min(longestStep, left / this.reel, longestByDepth)
    const halfway = swung + this.swungIn(step / 2, swung, chord * balance.cos)
    const streamHalfway = this.streamAt(halfway)
    const middle = chord - (this.reel * step) / 2
    this.goTo(middle, angle + (across.root * (step / 2)) / chord, streamHalfway)
    const distanceHalfway = middle * balance.cos
    this.reel = this.reelIn(streamHalfway)
    across.next()
    if (depthStep === undefined) this.bow = Math.max(this.bow, balance.bow(this.reel, across.root))
    this.chord -= this.reel * step
    this.swung += this.swungIn(step, halfway, distanceHalfway)
    this.angle = this.goTo(this.chord, angle + (across.root * step) / middle, this.streamAt(this.swung))
    this.seconds += step
    return true
  }

  /** Neither out of the water nor into the ground; the angle at which it then is. */
  private goTo(chord: number, angle: number, stream: number): number {
    const {
      balance,
      use: { tip, bottomAt },
    } = this
    balance.at(chord, angle, stream)
    const height = chord * balance.sin
    const ground = bottomAt ? bottomAt(chord * balance.cos) + tip : Infinity
    if (height >= tip && height <= ground) return angle
    const held = Math.asin(Math.min(1, (height < tip ? tip : ground) / chord))
    balance.at(chord, held, stream)
    return held
  }

  private streamAt(swung: number): number {
    const {
      water: { current },
      use: { swing },
    } = this
    return swing ? alongLine(current, swing.stream, swung) : current
  }

  private reelIn(stream: number): number {
    const { swing, speed } = this.use
    return swing ? Math.max(swing.slowest, speed - stream) : speed
  }

  private swungIn(seconds: number, swung: number, distance: number): number {
    const { swing } = this.use
    return swing ? swingRate(this.water.current, swing.stream, swung, distance) * seconds : 0
  }
}

/**
 * Path of a lure on a steady retrieve after a cast, followed finely up to the rod (`WoundIn`).
 *
 * @throws {RangeError} if cast, speed, drag area or diameter is not positive
 */
export function retrieve(lure: RetrievedLure, line: RetrieveLine, water: RetrieveWater, use: RetrieveUse): Retrieve {
  const bait = new WoundIn(lure, line, water, { ...use, longestStep: fineStep(use.cast, use.speed) })
  bait.begin(use.cast, use.startDepth, 0)
  const path: PathPoint[] = [pointOf(bait)]
  while (bait.step(0)) path.push(pointOf(bait))
  let deepest = path[0]!
  for (const point of path) if (point.depth > deepest.depth) deepest = point
  return { path, bow: bait.bow, deepest }
}

function pointOf({ distance, depth, seconds, swung }: WoundIn): PathPoint {
  return { distance, depth, seconds, swung }
}
