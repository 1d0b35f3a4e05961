import { BEATS, FALL_SWAY } from '#core/knowledge'
import { dropShotHeight, retrieve, RETRIEVE_STEP_S, type RetrievedLure, towDepth } from '#core/motion'
import { retrievedOf } from './plug'
import type { Presented } from './presented'
import { towedShape } from './towed'

export type Stage = 'falling' | 'swimming' | 'still' | 'lifted'

export interface CoursePoint {
  /** Seconds since the bait met the water. */
  readonly t: number
  /** Horizontal distance from the rod [m]. */
  readonly x: number
  readonly depth: number
  readonly stage: Stage
}

/** The way of a bait from where it lands to the rod, in time. */
export interface Course {
  readonly points: readonly CoursePoint[]
  readonly seconds: number
  readonly deepestM: number
  /** Mean depth by time after the first fall [m]. */
  readonly meanM: number
  /** Largest bow of the line [rad]: above 0.4 the depth is too deep by 10 % and more. */
  readonly bow: number
}

/** Time step of falls, pauses and lifts [s]. */
const STEP_S = 0.25
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

/** Follows one bait; each move appends points. */
class Follower {
  readonly points: CoursePoint[]
  t = 0
  bow = 0

  constructor(readonly presented: Presented, public x: number, public depth: number) {
    this.points = [{ t: 0, x, depth, stage: 'falling' }]
  }

  at(stage: Stage): void {
    this.points.push({ t: this.t, x: this.x, depth: this.depth, stage })
  }

  get ended(): boolean {
    return this.x <= NEAR_M || this.t > LONGEST_S
  }

  /** Free on slack line for so long: falls or rises as its weight in water has it, swaying in its style. */
  letGo(seconds: number, until = this.presented.bottomM): void {
    const { bait, bottomM, waterDensity } = this.presented
    const rise = bait.netWeight < 0 ? Math.sqrt((-2 * bait.netWeight) / (waterDensity * bait.fallArea)) : 0
    const speed = rise > 0 ? -rise : bait.fallMs
    const sway = FALL_SWAY[bait.style]
    const from = this.x
    let left = seconds
    while (left > 1e-9) {
      const dt = Math.min(STEP_S, left)
      left -= dt
      this.t += dt
      const next = Math.min(until, bottomM, Math.max(0, this.depth + speed * dt))
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
    const { lineDiameterMm, lineDensity, waterDensity, currentMs, tipM, speedMs, bottomM } = this.presented
    const way = retrieve(lure, { diameter: lineDiameterMm / 1000, density: lineDensity }, { density: waterDensity, current: currentMs }, {
      cast: this.x, tip: tipM, speed: speedMs, startDepth: this.depth, bottom: bottomM, until: Math.max(0, until),
    })
    this.bow = Math.max(this.bow, way.bow)
    for (const { distance, depth } of way.path.slice(1)) {
      this.t += RETRIEVE_STEP_S
      this.x = distance
      this.depth = depth
      this.at('swimming')
    }
    // Where no step fits any more the bait is at the rod.
    if (way.path.length < 2) this.x = Math.min(this.x, until)
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
    const deepestM = this.points.reduce((most, p) => Math.max(most, p.depth), 0)
    const firstFallEnds = Math.max(1, this.points.findIndex(p => p.stage !== 'falling'))
    let sum = 0
    let time = 0
    for (let i = firstFallEnds; i < this.points.length; i++) {
      const dt = this.points[i]!.t - this.points[i - 1]!.t
      sum += dt * this.points[i]!.depth
      time += dt
    }
    return { points: this.points, seconds: this.t, deepestM, meanM: time > 0 ? sum / time : deepestM, bow: this.bow }
  }
}

/**
 * The course of a presented bait: cast, count-down, dive or swim, pauses, hops and falls.
 *
 * Valid:  steady winding between the beats; no side current, no waves.
 * Error:  depths as the models beneath: ±10 % for rated divers, rms 7 % of depth for what is wound in; lengths of pulls and hops are assumed.
 * Source: motion models §2, §4b, §5, §6, §8.
 */
export function courseOf(presented: Presented): Course {
  return TECHNIQUES[presented.mode === 'troll' ? 'troll' : presented.control](presented)
}

type CourseOf = (presented: Presented) => Course

/** Rivals of one signature: a newcomer adds a function and a line. */
const TECHNIQUES: Record<Presented['control'] | 'troll', CourseOf> = {
  'surface': alongTheSurface, 'dive': woundIn, 'count-down': woundIn, 'bottom': alongTheBottom, 'above-bottom': aboveTheBottom, 'vertical': underTheRod, 'troll': behindTheBoat,
}

function alongTheSurface(presented: Presented): Course {
  const follower = new Follower(presented, presented.castM, 0)
  const beat = BEATS[presented.cadence]
  while (!follower.ended) {
    const pull = Math.min(pullOf(presented, 1), follower.x)
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

function woundIn(presented: Presented): Course {
  const { cadence, pauseS, bait, control, depthM } = presented
  const follower = new Follower(presented, presented.castM, 0)
  if (control === 'count-down') follower.fallTo(depthM, bait.fallMs)
  const lure = retrievedOf(presented)
  if (!lure) return alongTheSurface(presented)
  const beat = BEATS[cadence]
  if (beat.pullM === null) {
    follower.swim(lure, 0)
    return follower.course()
  }
  while (!follower.ended) {
    const before = follower.x
    if (beat.liftM > 0) {
      const from = follower.depth
      follower.lift(Math.min(beat.liftM, follower.depth), beat.pullM)
      // Let fall back: to where it was lifted from, unless the pause is shorter.
      if (bait.fallMs > 0) follower.letGo(Math.min(LONGEST_S, (from - follower.depth) / bait.fallMs), from)
      if (pauseS) follower.letGo(pauseS, Math.max(from, depthM))
    }
    else {
      follower.swim(lure, follower.x - beat.pullM)
      if (pauseS && !follower.ended) follower.letGo(pauseS)
    }
    if (follower.x >= before - 1e-6) break
  }
  return follower.course()
}

function alongTheBottom(presented: Presented): Course {
  const { bottomM, bait, cadence, pauseS, tipM } = presented
  const follower = new Follower(presented, presented.castM, 0)
  follower.fallTo(bottomM, bait.fallMs || SINKER_FALL_MS)
  follower.depth = bottomM
  const { liftM } = BEATS[cadence]
  const pullM = pullOf(presented, 0.5)
  const lifts = Math.max(liftM, 0.02)
  // Under the rod the line stands steep and the bait is wound up.
  const windUpAt = Math.max(NEAR_M, 0.35 * (bottomM + tipM))
  while (follower.x > windUpAt && !follower.ended) {
    follower.lift(Math.min(lifts, bottomM), pullM)
    follower.fallTo(bottomM, bait.fallMs || SINKER_FALL_MS)
    follower.depth = bottomM
    if (pauseS) follower.rest(pauseS)
  }
  windUp(follower)
  return follower.course()
}

function aboveTheBottom(presented: Presented): Course {
  const { bottomM, dropLeaderM, tipM, pauseS, mode } = presented
  const leader = dropLeaderM ?? 0.45
  const standsAt = (x: number) => Math.max(0, bottomM - dropShotHeight(leader, bottomM, Math.max(0.3, x), tipM).height)
  const follower = new Follower(presented, mode === 'drift' ? NEAR_M + 0.01 : presented.castM, 0)
  follower.t = bottomM / SINKER_FALL_MS
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

function underTheRod(presented: Presented): Course {
  const { depthM, bait, cadence, pauseS } = presented
  const follower = new Follower(presented, 1, 0)
  follower.fallTo(depthM, bait.fallMs || SINKER_FALL_MS)
  follower.depth = depthM
  const { liftM } = BEATS[cadence]
  for (let i = 0; i < VERTICAL_BEATS; i++) {
    follower.lift(Math.min(liftM || 0.5, depthM), 0)
    follower.fallTo(depthM, bait.fallMs || SINKER_FALL_MS)
    if (pauseS) follower.rest(pauseS)
  }
  windUp(follower)
  return follower.course()
}

function behindTheBoat(presented: Presented): Course {
  const shape = towedShape(presented)
  const tow = shape && towDepth(shape, { lineOut: presented.lineOutM ?? 30, lineDiameter: presented.lineDiameterMm / 1000, tip: presented.tipM })
  const follower = new Follower(presented, tow?.distance ?? presented.lineOutM ?? 30, Math.min(tow?.depth ?? 0, presented.bottomM))
  while (follower.t < TROLLED_S) {
    follower.t += 1
    follower.at('swimming')
  }
  return follower.course()
}

function windUp(follower: Follower): void {
  const seconds = follower.depth / Math.max(0.2, follower.presented.speedMs)
  follower.t += seconds
  follower.x = Math.min(follower.x, NEAR_M)
  follower.depth = 0
  follower.at('swimming')
}
