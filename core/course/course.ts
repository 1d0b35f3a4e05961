import { BEATS, FALL_SWAY } from '#core/knowledge'
import { dropShotHeight, fineStep, type RetrievedLure, SWUNG_OUT, swingRate, WoundIn } from '#core/motion'
import { retrievedOf } from './plug'
import { SLOWEST_MS } from './level'
import type { Presented } from './presented'
import { towed, USUAL_LINE_OUT_M } from './towed'
import { meanOver, type Stretches, stretchesOf } from './worked'

/** `up`: wound up to the rod when the work is done. */
export type Stage = 'falling' | 'swimming' | 'still' | 'lifted' | 'up'

export interface CoursePoint {
  /** Seconds since the bait met the water. */
  readonly t: number
  /** Horizontal distance from the rod [m]. */
  readonly x: number
  readonly depth: number
  readonly stage: Stage
  /** In plan, how far the line points down the stream from the cast [rad]. */
  readonly swung: number
}

/** The way of a bait from where it lands to the rod, in time. */
export interface Course {
  readonly points: readonly CoursePoint[]
  readonly seconds: number
  readonly deepestM: number
  /** Mean depth by time while it works [m]. */
  readonly meanM: number
  /** Points from which and up to which it works: after the first fall, unless the fall is what works, and before it is wound up. */
  readonly works: readonly [from: number, to: number]
  readonly stretches: Stretches
  /** In plan, how far the line has swung down the stream half-way home, or at the end where it does not come so far [rad]; the last metres always come up the stream. */
  readonly swung: number
  /** Largest bow of the line [rad]: above 0.4 the depth is too deep by 10 % and more. */
  readonly bow: number
}

/** Time step of falls, pauses and lifts [s]. */
const STEP_S = 0.25
/** Coarse steps, for asking thousands of courses where a bait runs: steps in a straight cast, most that a step goes up or down [m], and time step of falls [s]. Mean depth within 10 % or 0.2 m of the fine course (the test of card and cut). */
const COARSE = { steps: 10, depthM: 0.4, fallS: 2 } as const
/** Speed of the rod's lift [m/s]. Assumed. */
const LIFT_MS = 0.6
/** The course ends this near to the rod [m]. */
const NEAR_M = 1.2
/** No course is followed longer [s]: half-minute pauses make long ones. */
const LONGEST_S = 900
/** Beats shown of what is worked up and down under the rod. */
const VERTICAL_BEATS = 8
/** How long a trolled bait is watched [s]. */
const TROLLED_S = 30
/** The sinker of a drop shot is let down this fast when nothing else is known [m/s]. Assumed. */
const SINKER_FALL_MS = 1

/** Shallowest water that still counts as water along a sloping bottom [m]. */
const SHALLOWEST_M = 0.2

/** Where the depth of a sloping bottom is read off, from the rod [m]: an ordinary cast out. Assumed; one bottom for all casts. */
export const GAUGED_AT_M = 25

/** Depth of the bottom at a distance from the rod [m]: as given an ordinary cast out, along its slope elsewhere. */
export function bottomAt({ bottomM, slope }: Pick<Presented, 'bottomM' | 'slope'>, x: number): number {
  return slope === 0 ? bottomM : Math.max(SHALLOWEST_M, bottomM + slope * (x - GAUGED_AT_M))
}

/** Line that the reel takes in [m/s]: against a stream along the line less than the bait goes through the water, with it more. */
export function reelSpeed(speedMs: number, streamMs: number): number {
  return Math.max(SLOWEST_MS, speedMs - streamMs)
}

/** A swing is told and drawn from here on [rad]. Assumed: less than 15° is within what anglers lead with the rod. */
export const TOLD_SWING = Math.PI / 12

/** Follows one bait; each move appends points. */
class Follower {
  readonly points: CoursePoint[]
  t = 0
  swung = 0
  private way: WoundIn | null = null

  constructor(
    readonly presented: Presented,
    readonly coarse: boolean,
    public x: number,
    public depth: number,
  ) {
    this.points = [{ t: 0, x, depth, stage: 'falling', swung: 0 }]
  }

  bottom(x: number): number {
    return bottomAt(this.presented, x)
  }

  at(stage: Stage): void {
    this.points.push({ t: this.t, x: this.x, depth: this.depth, stage, swung: this.swung })
  }

  get ended(): boolean {
    return this.x <= NEAR_M || this.t > LONGEST_S || this.swung >= SWUNG_OUT
  }

  /** Carried along by the stream while it is off the bottom: sideways round the rod. */
  carried(seconds: number): void {
    const { currentMs, sideMs } = this.presented
    if (sideMs === 0) return
    const rate = swingRate(currentMs, sideMs, this.swung, Math.max(NEAR_M, this.x))
    this.swung = Math.min(SWUNG_OUT, this.swung + rate * seconds)
  }

  /** Free on slack line for so long: falls or rises as its weight in water has it, swaying in its style. */
  letGo(seconds: number, until = Infinity): void {
    const { bait, waterDensity, currentMs } = this.presented
    const rise = bait.netWeight < 0 ? Math.sqrt((-2 * bait.netWeight) / (waterDensity * bait.fallArea)) : 0
    const speed = rise > 0 ? -rise : bait.fallMs
    const sway = this.coarse ? undefined : FALL_SWAY[bait.style]
    let from = this.x
    let left = seconds
    while (left > 1e-9) {
      const dt = Math.min(this.coarse ? COARSE.fallS : STEP_S, left)
      left -= dt
      this.t += dt
      this.carried(dt)
      // The stream takes it along; what runs away from the rod is held by the line once it is taut.
      if (currentMs < 0) from = Math.max(NEAR_M, from + currentMs * dt)
      const next = Math.min(until, this.bottom(from), Math.max(0, this.depth + speed * dt))
      const moves = Math.abs(next - this.depth) > 1e-9
      if (!moves) {
        this.t += left
        left = 0
      }
      this.depth = next
      this.x = moves && sway && speed > 0 ? from + sway.widthM * Math.sin((2 * Math.PI * this.t) / sway.periodS) : from
      this.at(moves ? 'falling' : 'still')
    }
    this.x = from
  }

  fallTo(depth: number, speed: number): void {
    if (speed > 0 && depth > this.depth) this.letGo((depth - this.depth) / speed, depth)
  }

  rest(seconds: number): void {
    this.t += seconds
    this.at('still')
  }

  /** Wound toward the rod until a distance, by the balance of line, weight, lift and drag. */
  swim(lure: RetrievedLure, until: number): void {
    const way = (this.way ??= this.woundIn(lure)).begin(this.x, this.depth, this.swung)
    const began = this.t
    // Where no step fits any more the bait is at the rod.
    this.x = Math.min(this.x, until)
    while (way.step(Math.max(0, until))) {
      this.t = began + way.seconds
      this.swung = way.swung
      this.x = way.distance
      this.depth = way.depth
      this.at('swimming')
    }
  }

  private woundIn(lure: RetrievedLure): WoundIn {
    const { presented, coarse, x } = this
    const { lineDiameterMm, lineDensity, waterDensity, currentMs, sideMs, tipM, castM } = presented
    const swings = sideMs !== 0
    const speed = swings ? presented.speedMs : reelSpeed(presented.speedMs, currentMs)
    return new WoundIn(
      lure,
      { diameter: lineDiameterMm / 1000, density: lineDensity },
      { density: waterDensity, current: currentMs },
      {
        tip: tipM,
        speed,
        longestStep: coarse ? castM / COARSE.steps / speed : fineStep(x, speed),
        depthStep: coarse ? COARSE.depthM : undefined,
        bottomAt: distance => bottomAt(presented, distance),
        swing: swings ? { stream: sideMs, until: SWUNG_OUT, slowest: SLOWEST_MS } : undefined,
      },
    )
  }

  /** Lifted by the rod, moving toward it. */
  lift(metres: number, pull: number): void {
    const seconds = Math.max(STEP_S, metres / LIFT_MS)
    this.t += seconds
    this.x = Math.max(0, this.x - pull)
    this.depth = Math.max(0, this.depth - metres)
    this.at('lifted')
  }

  course(): Course {
    const { points } = this
    let deepestM = 0
    for (const { depth } of points) if (depth > deepestM) deepestM = depth
    const fallen = points.findIndex(p => p.stage !== 'falling')
    const end = points.findIndex(p => p.stage === 'up')
    const works = [
      this.presented.fallWorks || fallen < 0 ? 0 : Math.max(0, fallen - 1),
      end < 0 ? points.length - 1 : end - 1,
    ] as const
    const swung = (points.find(p => p.x <= points[0]!.x / 2) ?? points[points.length - 1]!).swung
    const stretches = stretchesOf(points, works)
    const meanM = meanOver(stretches, depth => depth)
    return { points, seconds: this.t, deepestM, bow: this.way?.bow ?? 0, swung, works, stretches, meanM }
  }
}

/**
 * The course of a presented bait: cast, count-down, dive or swim, pauses, hops and falls.
 *
 * Valid:  steady winding between the beats; current along the line and across it (it swings, without a belly in the line), waves under a boat's rod.
 * Error:  depths as the models beneath: ±10 % for rated divers, rms 7 % of depth for what is wound in; lengths of pulls and hops are assumed.
 * Source: motion models §2, §4b, §5, §6, §8.
 */
export function courseOf(presented: Presented, { coarse = false }: { readonly coarse?: boolean } = {}): Course {
  return TECHNIQUES[presented.mode === 'troll' ? 'troll' : presented.control](presented, coarse)
}

type CourseOf = (presented: Presented, coarse: boolean) => Course

/** Rivals of one signature: a newcomer adds a function and a line. */
const TECHNIQUES: Record<Presented['control'] | 'troll', CourseOf> = {
  'surface': alongTheSurface,
  'dive': woundIn,
  'count-down': woundIn,
  'bottom': alongTheBottom,
  'above-bottom': aboveTheBottom,
  'vertical': underTheRod,
  'troll': behindTheBoat,
}

function alongTheSurface(presented: Presented, coarse: boolean): Course {
  const follower = new Follower(presented, coarse, presented.castM, 0)
  const beat = BEATS[presented.cadence]
  while (!follower.ended) {
    const pull = Math.min(pullOf(presented, 1), follower.x)
    follower.carried(pull / presented.speedMs)
    follower.t += pull / presented.speedMs
    follower.x -= pull
    follower.at('swimming')
    if (beat.pullM !== null && presented.pauseS) follower.rest(presented.pauseS)
  }
  return follower.course()
}

/** What a beat brings the bait nearer [m]; the usual where the cadence does not wind, as those worked straight up and down. */
function pullOf({ cadence }: Presented, usual: number): number {
  const { pullM } = BEATS[cadence]
  return pullM !== null && pullM > 0 ? pullM : usual
}

function woundIn(presented: Presented, coarse: boolean): Course {
  const { cadence, pauseS, bait, control, depthM } = presented
  const follower = new Follower(presented, coarse, presented.castM, 0)
  if (control === 'count-down') follower.fallTo(depthM, bait.fallMs)
  const lure = retrievedOf(presented)
  if (!lure) return alongTheSurface(presented, coarse)
  const beat = BEATS[cadence]
  if (beat.pullM === null) {
    follower.swim(lure, 0)
    return takenIn(follower)
  }
  while (!follower.ended) {
    const before = follower.x
    const swungBefore = follower.swung
    if (beat.liftM > 0) {
      const from = follower.depth
      follower.lift(Math.min(beat.liftM, follower.depth), beat.pullM)
      // Let fall back: to where it was lifted from, unless the pause is shorter.
      if (bait.fallMs > 0) follower.letGo(Math.min(LONGEST_S, (from - follower.depth) / bait.fallMs), from)
      if (pauseS) follower.letGo(pauseS, Math.max(from, depthM))
    } else {
      follower.swim(lure, follower.x - beat.pullM)
      if (pauseS && !follower.ended) follower.letGo(pauseS)
    }
    if (follower.x >= before - 1e-6 && follower.swung === swungBefore) break
  }
  return takenIn(follower)
}

/** What has swung out hangs below the rod and is wound up; what came home is there. */
function takenIn(follower: Follower): Course {
  if (follower.swung >= SWUNG_OUT && follower.x > 2 * NEAR_M) windUp(follower)
  return follower.course()
}

function alongTheBottom(presented: Presented, coarse: boolean): Course {
  const { bottomM, bait, cadence, pauseS, tipM } = presented
  const follower = new Follower(presented, coarse, presented.castM, 0)
  const toTheBottom = () => {
    follower.fallTo(follower.bottom(follower.x), bait.fallMs || SINKER_FALL_MS)
    follower.depth = follower.bottom(follower.x)
  }
  toTheBottom()
  const { liftM } = BEATS[cadence]
  const pullM = pullOf(presented, 0.5)
  const lifts = Math.max(liftM, 0.02)
  // Under the rod the line stands steep and the bait is wound up.
  const windUpAt = Math.max(NEAR_M, 0.35 * (bottomM + tipM))
  while (follower.x > windUpAt && !follower.ended) {
    follower.lift(Math.min(lifts, bottomM), pullM)
    toTheBottom()
    if (pauseS) follower.rest(pauseS)
  }
  windUp(follower)
  return follower.course()
}

function aboveTheBottom(presented: Presented, coarse: boolean): Course {
  const { dropLeaderM, tipM, pauseS, mode } = presented
  const leader = dropLeaderM ?? 0.45
  const standsAt = (x: number) => {
    const bottomM = bottomAt(presented, x)
    return Math.max(0, bottomM - dropShotHeight(leader, bottomM, Math.max(0.3, x), tipM).height)
  }
  const follower = new Follower(presented, coarse, mode === 'drift' ? NEAR_M + 0.01 : presented.castM, 0)
  follower.t = bottomAt(presented, follower.x) / SINKER_FALL_MS
  follower.depth = standsAt(follower.x)
  follower.at('falling')
  if (mode === 'drift') {
    for (let i = 0; i < VERTICAL_BEATS; i++) follower.rest(4)
    return follower.course()
  }
  const pull = pullOf(presented, 0.5)
  while (!follower.ended) {
    follower.t += pull / LIFT_MS
    follower.x -= pull
    follower.depth = standsAt(follower.x)
    follower.at('swimming')
    if (pauseS) follower.rest(pauseS)
  }
  windUp(follower)
  return follower.course()
}

function underTheRod(presented: Presented, coarse: boolean): Course {
  const { depthM, bait, cadence, pauseS, heaveM } = presented
  const follower = new Follower(presented, coarse, 1, 0)
  follower.fallTo(depthM, bait.fallMs || SINKER_FALL_MS)
  follower.depth = depthM
  const { liftM } = BEATS[cadence]
  for (let i = 0; i < VERTICAL_BEATS; i++) {
    // A wave lifts the rod, and the bait with it, on top of what the angler does.
    follower.lift(Math.min((liftM || 0.5) + heaveM, depthM), 0)
    follower.fallTo(depthM, bait.fallMs || SINKER_FALL_MS)
    if (pauseS) follower.rest(pauseS)
  }
  windUp(follower)
  return follower.course()
}

function behindTheBoat(presented: Presented, coarse: boolean): Course {
  const { gear, depthM, bottomM, lineOutM } = presented
  const tow = gear ? null : towed(presented)
  const follower = new Follower(
    presented,
    coarse,
    tow?.distance ?? lineOutM ?? USUAL_LINE_OUT_M,
    gear ? depthM : Math.min(tow?.depth ?? 0, bottomM),
  )
  while (follower.t < TROLLED_S) {
    follower.t += 1
    follower.at('swimming')
  }
  return follower.course()
}

function windUp(follower: Follower): void {
  const seconds = Math.max(follower.depth, follower.x - NEAR_M) / Math.max(0.2, follower.presented.speedMs)
  follower.t += seconds
  follower.x = Math.min(follower.x, NEAR_M)
  follower.depth = 0
  follower.at('up')
}
