import type { Course } from './course'

/** Share of the time after the first fall, and of the way, that a bait spends between two depths; 0..1 each. */
export interface BandShare { readonly ofTime: number, readonly ofWay: number, readonly seconds: number }

export function shareInBand({ points }: Course, fromM: number, toM: number): BandShare {
  const begins = Math.max(1, points.findIndex(p => p.stage !== 'falling'))
  let [time, inTime, way, inWay] = [0, 0, 0, 0]
  for (let i = begins; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!]
    const middle = (a.depth + b.depth) / 2
    const isIn = middle >= fromM && middle <= toM
    time += b.t - a.t
    way += Math.abs(b.x - a.x)
    if (isIn) {
      inTime += b.t - a.t
      inWay += Math.abs(b.x - a.x)
    }
  }
  return { ofTime: time > 0 ? inTime / time : 0, ofWay: way > 0 ? inWay / way : 0, seconds: inTime }
}

/** Where a bait is at a moment, straight between points. */
export function courseAt({ points }: Course, t: number): { readonly x: number, readonly depth: number, readonly stage: Course['points'][number]['stage'] } {
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
