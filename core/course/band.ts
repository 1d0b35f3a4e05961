import type { Course } from './course'

/** Share of the time in which it works, and of the way meanwhile, that a bait spends between two depths; 0..1 each. */
export interface BandShare {
  readonly ofTime: number
  readonly ofWay: number
  readonly seconds: number
}

export function shareInBand({ points, works: [from, to] }: Course, fromM: number, toM: number): BandShare {
  let time = 0
  let inTime = 0
  let way = 0
  let inWay = 0
  for (let i = from + 1; i <= to; i++) {
    const a = points[i - 1]!
    const b = points[i]!
    const isIn = overlap(Math.min(a.depth, b.depth), Math.max(a.depth, b.depth), fromM, toM)
    time += b.t - a.t
    way += Math.abs(b.x - a.x)
    inTime += isIn * (b.t - a.t)
    inWay += isIn * Math.abs(b.x - a.x)
  }
  return {
    ofTime: time > 0 ? inTime / time : overlap(points[to]!.depth, points[to]!.depth, fromM, toM),
    ofWay: way > 0 ? inWay / way : 0,
    seconds: inTime,
  }
}

/** Below this a stretch is level [m]. */
const LEVEL_M = 1e-6

/** So near to the edge counts as inside [m]. */
const AT_EDGE_M = 0.01

/** Share of a stretch between two depths that lies between two others. */
function overlap(highM: number, lowM: number, fromM: number, toM: number): number {
  if (lowM - highM < LEVEL_M) return highM >= fromM - AT_EDGE_M && highM <= toM + AT_EDGE_M ? 1 : 0
  return Math.max(0, Math.min(lowM, toM) - Math.max(highM, fromM)) / (lowM - highM)
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
