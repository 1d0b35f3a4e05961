import type { Course } from './course'
import { shareBetween, shareOfTime } from './worked'

/** Share of the time in which it works, and of the way meanwhile, that a bait spends between two depths; 0..1 each. */
export interface BandShare {
  readonly ofTime: number
  readonly ofWay: number
  readonly seconds: number
}

export function shareInBand(course: Course, fromM: number, toM: number): BandShare {
  const {
    points,
    works: [from, to],
    stretches,
  } = course
  let inTime = 0
  let way = 0
  let inWay = 0
  for (let i = from + 1; i <= to; i++) {
    const a = points[i - 1]!
    const b = points[i]!
    const isIn = shareBetween(a.depth, b.depth, fromM, toM)
    way += Math.abs(b.x - a.x)
    inTime += isIn * (b.t - a.t)
    inWay += isIn * Math.abs(b.x - a.x)
  }
  return { ofTime: shareOfTime(stretches, fromM, toM), ofWay: way > 0 ? inWay / way : 0, seconds: inTime }
}

/** Where a bait is at a moment, straight between points. */
export function courseAt(
  { points }: Course,
  t: number,
): { readonly x: number; readonly depth: number; readonly stage: Course['points'][number]['stage'] } {
  let a = 0
  let b = points.length - 1
  if (t <= points[0]!.t) return points[0]!
  if (t >= points[b]!.t) return points[b]!
  while (b - a > 1) {
    const middle = (a + b) >> 1
    if (points[middle]!.t <= t) a = middle
    else b = middle
  }
  const [p, q] = [points[a]!, points[b]!]
  const share = q.t > p.t ? (t - p.t) / (q.t - p.t) : 1
  return { x: p.x + share * (q.x - p.x), depth: p.depth + share * (q.depth - p.depth), stage: q.stage }
}
