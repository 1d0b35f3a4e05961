import { coarseCourseOf } from './coarse'
import { type Course, courseOf } from './course'
import type { Presented } from './presented'

/** How far the figures behind a course may be off: standard errors, each as a share of its figure. */
export interface Doubts {
  /** Drag and lift of the bait on the retrieve. */
  readonly body: number
  /** Speed of its fall. */
  readonly fall: number
  /** Its weight in water. */
  readonly weight: number
  /** The known depth of what dives by a lip. */
  readonly rating: number
  /** The pace that a hand keeps. */
  readonly pace: number
}

/** Depths between which a bait is at a distance from the rod, one standard error either way [m]. */
export interface BandPoint {
  readonly x: number
  readonly fromM: number
  readonly toM: number
}

export interface Spread {
  /** Standard error of the mean depth while it works [m]. */
  readonly sdM: number
  /** Along the cast; empty where the depth is held by the hand, the bottom or the surface. */
  readonly band: readonly BandPoint[]
}

/** Error of the solved course itself: rms 7 % of depth (`retrieve`). */
const MODEL_ERROR = 0.07
/** Places along the cast at which the band is told. */
const BAND_POINTS = 24
/** How a course may be held: these know their depth only through figures that may be off. */
const UNSURE: readonly Presented['control'][] = ['dive', 'count-down']

/** Doubts that move the course of what is rated, and of what sinks. */
const OF_RATED = ['pace'] as const satisfies readonly (keyof Doubts)[]
const OF_SINKING = ['body', 'fall', 'weight', 'pace'] as const satisfies readonly (keyof Doubts)[]

/** A course, and what it would be with each figure off by its standard error up and down. */
interface PutOff<C> {
  readonly base: C
  readonly pairs: readonly { readonly high: C; readonly low: C }[]
  /** Share of the depth by which it errs whatever its figures. */
  readonly scaled: number
}

/** `null`: the depth is held by the hand, the bottom or the surface. */
function putOffs<C>(presented: Presented, doubts: Doubts, solved: (changed: Presented) => C): PutOff<C> | null {
  if (!UNSURE.includes(presented.control) || presented.gear) return null
  const { rated } = presented.bait
  // What is rated runs as deep as its rating says, whatever its areas and its weight: the depth errs by the same share, and no plug need be solved again.
  return {
    base: solved(presented),
    pairs: (rated ? OF_RATED : OF_SINKING)
      .filter(of => doubts[of] > 0)
      .map(of => ({
        high: solved(putOff(presented, of, doubts[of])),
        low: solved(putOff(presented, of, -doubts[of])),
      })),
    scaled: Math.hypot(MODEL_ERROR, rated ? doubts.rating : 0),
  }
}

/** Half the differences in quadrature, and what errs by share. */
function errorOf<C>({ base, pairs, scaled }: PutOff<C>, depthOf: (course: C) => number): number {
  return Math.hypot(
    scaled * depthOf(base),
    ...pairs.map(({ high, low }) => (depthOf(high) - depthOf(low)) / 2).filter(Number.isFinite),
  )
}

/** Standard error of the mean depth while a bait works [m], as `spreadOf` tells it; 0 where its depth is held. */
export function depthErrorOf(presented: Presented, doubts: Doubts): number {
  const off = putOffs(presented, doubts, coarseCourseOf)
  return off ? errorOf(off, course => course.meanM) : 0
}

/**
 * How surely a course is known: each figure is put off by its standard error up and down, half the difference of the courses is what it does to the depth,
 * and the parts add in quadrature with the model's own error.
 *
 * Valid:  errors that are small or nearly linear in the depth; independent of each other.
 * Error:  against 300 drawn courses within a third (test).
 */
export function spreadOf(presented: Presented, doubts: Doubts): Spread {
  const off = putOffs(presented, doubts, changed => courseOf(changed, { coarse: true }))
  if (!off) return { sdM: 0, band: [] }
  const sdM = errorOf(off, course => course.meanM)
  if (presented.mode === 'troll') return { sdM, band: [] }
  const { base } = off
  const [from, to] = span(base)
  const band: BandPoint[] = []
  for (let i = 0; i <= BAND_POINTS; i++) {
    const x = from + ((to - from) * i) / BAND_POINTS
    const depth = depthAt(base, x)
    if (Number.isNaN(depth)) continue
    const sd = errorOf(off, course => depthAt(course, x))
    band.push({ x, fromM: Math.max(0, depth - sd), toM: Math.min(presented.bottomM, depth + sd) })
  }
  return { sdM, band }
}

/** The same presentation with one figure off by a share. */
export function putOff(presented: Presented, of: keyof Doubts, share: number): Presented {
  const { bait } = presented
  const times = Math.max(0.05, 1 + share)
  switch (of) {
    case 'body':
      return { ...presented, bait: { ...bait, towArea: bait.towArea * times } }
    case 'fall':
      return { ...presented, bait: { ...bait, fallMs: bait.fallMs * times, fallArea: bait.fallArea / times ** 2 } }
    case 'weight':
      return {
        ...presented,
        bait: { ...bait, netWeight: bait.netWeight * times, fallMs: bait.fallMs * Math.sqrt(times) },
      }
    case 'rating':
      return bait.rated
        ? { ...presented, bait: { ...bait, rated: { ...bait.rated, depthM: bait.rated.depthM * times } } }
        : presented
    case 'pace':
      return { ...presented, speedMs: presented.speedMs * times }
  }
}

/** From where to where it works, by distance from the rod [m]. */
function span({ points, works: [from, to] }: Course): readonly [number, number] {
  let least = Infinity
  let most = 0
  for (let i = from; i <= to; i++) {
    least = Math.min(least, points[i]!.x)
    most = Math.max(most, points[i]!.x)
  }
  return [least, most]
}

/** Mean depth by time of the stretches that pass a distance from the rod [m]; NaN where none does. */
function depthAt({ points, works }: Course, x: number): number {
  const [from, to] = works
  let sum = 0
  let time = 0
  for (let i = Math.max(1, from + 1); i <= to; i++) {
    const [a, b] = [points[i - 1]!, points[i]!]
    if (a.x === b.x || (a.x - x) * (b.x - x) > 0) continue
    const dt = Math.max(1e-9, b.t - a.t)
    sum += dt * (a.depth + ((x - a.x) / (b.x - a.x)) * (b.depth - a.depth))
    time += dt
  }
  return time > 0 ? sum / time : Number.NaN
}
