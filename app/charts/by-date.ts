import { extent, line, scaleLinear, scaleUtc, utcFormat } from 'd3'

export interface DatedPoint {
  readonly at: string
  readonly value: number
}
export interface DatedChart {
  readonly path: string
  readonly points: readonly { readonly x: number; readonly y: number; readonly point: DatedPoint }[]
  readonly xTicks: readonly { readonly x: number; readonly label: string }[]
  readonly yTicks: readonly { readonly y: number; readonly value: number }[]
}

const day = utcFormat('%-d %b')
const DAY_MS = 86_400_000

/** Figures by date as a line through points; one point alone stands in the middle of its day. */
export function byDate(
  points: readonly DatedPoint[],
  { width, height }: { readonly width: number; readonly height: number },
): DatedChart {
  const sorted = [...points].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  const [first, last] = extent(sorted, p => Date.parse(p.at))
  const x = scaleUtc()
    .domain(first === undefined ? [0, DAY_MS] : first === last ? [first - DAY_MS, first + DAY_MS] : [first, last!])
    .range([0, width])
  const most = Math.max(0, ...sorted.map(p => p.value))
  const y = scaleLinear()
    .domain([Math.min(0, ...sorted.map(p => p.value)), most || 1])
    .nice(4)
    .range([height, 0])
  const placed = sorted.map(point => ({ x: x(Date.parse(point.at)), y: y(point.value), point }))
  return {
    path:
      line<(typeof placed)[number]>(
        p => p.x,
        p => p.y,
      )(placed) ?? '',
    points: placed,
    xTicks: x.ticks(4).map(tick => ({ x: x(tick), label: day(tick) })),
    yTicks: y.ticks(4).map(value => ({ y: y(value), value })),
  }
}
