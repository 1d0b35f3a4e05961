import { curveMonotoneX, line, scaleLinear, scaleLog } from 'd3'

export interface ContrastPoint {
  readonly distanceM: number
  readonly jnd: number
}
export interface ContrastChart {
  readonly curves: readonly {
    readonly id: string
    readonly path: string
    readonly end: { readonly x: number; readonly y: number }
  }[]
  readonly xTicks: readonly { readonly x: number; readonly metres: number }[]
  readonly yTicks: readonly { readonly y: number; readonly jnd: number }[]
  /** Where nothing can be told apart any more. */
  readonly threshold: number
}

/** Least contrast on the chart [JND]; below 1 nothing is seen. */
const LEAST = 0.3

/** Contrast over distance; the contrast in a logarithm, because that is how it fades. */
export function contrastCurves(
  lures: readonly { readonly id: string; readonly curve: readonly ContrastPoint[] }[],
  { width, height }: { readonly width: number; readonly height: number },
): ContrastChart {
  const all = lures.flatMap(l => l.curve)
  const x = scaleLinear()
    .domain([0, Math.max(0.1, ...all.map(p => p.distanceM))])
    .range([0, width])
  const y = scaleLog()
    .domain([LEAST, Math.max(10, ...all.map(p => p.jnd))])
    .range([height, 0])
    .clamp(true)
  const draw = line<ContrastPoint>(
    p => x(p.distanceM),
    p => y(Math.max(LEAST, p.jnd)),
  ).curve(curveMonotoneX)
  return {
    curves: lures.map(({ id, curve }) => {
      const seen = curve.filter(p => p.jnd >= LEAST)
      const last = seen.at(-1) ?? curve[0]!
      return { id, path: draw(seen) ?? '', end: { x: x(last.distanceM), y: y(Math.max(LEAST, last.jnd)) } }
    }),
    xTicks: x.ticks(5).map(metres => ({ x: x(metres), metres })),
    yTicks: [1, 3, 10, 30, 100].filter(v => v <= y.domain()[1]!).map(jnd => ({ y: y(jnd), jnd })),
    threshold: y(1),
  }
}
