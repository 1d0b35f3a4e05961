/** Of each stretch in which a bait works: seconds, depth at its beginning and at its end [m], one after the other. A plain list: a typed one of this length takes longer to make than to fill. */
export type Stretches = readonly number[]
const FIGURES = 3

/** Below this a stretch is level [m]. */
const LEVEL_M = 1e-6
/** So near to the edge counts as inside [m]. */
const AT_EDGE_M = 0.01

/** The stretches of a way in time in which a bait works, between two of its points; where there is none, the place at which its work ends, of no time. */
export function stretchesOf(
  points: readonly { readonly t: number; readonly depth: number }[],
  [from, to]: readonly [from: number, to: number],
): Stretches {
  if (to <= from) {
    const { depth } = points[to]!
    return [0, depth, depth]
  }
  const stretches: number[] = []
  for (let i = from + 1; i <= to; i++)
    stretches.push(points[i]!.t - points[i - 1]!.t, points[i - 1]!.depth, points[i]!.depth)
  return stretches
}

/** Mean over the time in which a bait works of something that depends on its depth. */
export function meanOver(stretches: Stretches, valueAt: (depthM: number) => number): number {
  let sum = 0
  let time = 0
  for (let at = 0; at < stretches.length; at += FIGURES) {
    const seconds = stretches[at]!
    if (seconds <= 0) continue
    sum += seconds * valueAt((stretches[at + 1]! + stretches[at + 2]!) / 2)
    time += seconds
  }
  return time > 0 ? sum / time : valueAt(stretches[stretches.length - 1]!)
}

/** Share of the time in which it works that a bait spends between two depths, 0..1. */
export function shareOfTime(stretches: Stretches, fromM: number, toM: number): number {
  let time = 0
  let inTime = 0
  for (let at = 0; at < stretches.length; at += FIGURES) {
    const seconds = stretches[at]!
    time += seconds
    inTime += seconds * shareBetween(stretches[at + 1]!, stretches[at + 2]!, fromM, toM)
  }
  const last = stretches[stretches.length - 1]!
  return time > 0 ? inTime / time : shareBetween(last, last, fromM, toM)
}

/** Share of a stretch from one depth to another that lies between two others. */
export function shareBetween(a: number, b: number, fromM: number, toM: number): number {
  const highM = Math.min(a, b)
  const lowM = Math.max(a, b)
  if (lowM - highM < LEVEL_M) return highM >= fromM - AT_EDGE_M && highM <= toM + AT_EDGE_M ? 1 : 0
  return Math.max(0, Math.min(lowM, toM) - Math.max(highM, fromM)) / (lowM - highM)
}
