import { curveMonotoneX, line, scaleLinear, scaleLog } from 'd3'
import type { Sweep } from '#core/match'

export interface SweepMarks {
  readonly lines: readonly {
    readonly lureId: string
    readonly d: string
    readonly end: { readonly x: number; readonly y: number }
  }[]
  /** Which lure is first over which stretch. */
  readonly bands: readonly { readonly lureId: string | null; readonly x: number; readonly width: number }[]
  readonly xTicks: readonly { readonly value: number; readonly x: number }[]
  readonly yTicks: readonly { readonly value: number; readonly y: number }[]
  readonly nowX: number
}

/** Scores over one number of the reading, the lures that come first somewhere; `spacing` as eyes judge the number. */
export function sweepMarks(
  { values, lines, first }: Sweep,
  now: number,
  size: { readonly width: number; readonly height: number },
  spacing: 'linear' | 'log',
): SweepMarks {
  const ends: [number, number] = [values[0]!, values[values.length - 1]!]
  const x = (spacing === 'log' ? scaleLog() : scaleLinear()).domain(ends).range([0, size.width]).clamp(true)
  const scores = lines.flatMap(l => l.scores.filter(s => s !== null))
  const y = scaleLinear(
    [Math.max(0, Math.min(...scores, 1) - 0.05), Math.min(1, Math.max(...scores, 0) + 0.03)],
    [size.height, 0],
  ).nice(4)
  const edge = (i: number) =>
    i <= 0 ? x(ends[0]) : i >= values.length ? x(ends[1]) : (x(values[i - 1]!) + x(values[i]!)) / 2
  const bands: { lureId: string | null; x: number; width: number }[] = []
  first.forEach((lureId, i) => {
    const last = bands[bands.length - 1]
    if (last && last.lureId === lureId) last.width = edge(i + 1) - last.x
    else bands.push({ lureId, x: edge(i), width: edge(i + 1) - edge(i) })
  })
  return {
    bands,
    lines: lines.map(({ lureId, scores: own }) => {
      const points = own.map((score, i) => ({ score, i }))
      const last = points.findLast(p => p.score !== null)!
      return {
        lureId,
        end: { x: x(values[last.i]!), y: y(last.score!) },
        d: line<{ score: number | null; i: number }>()
          .defined(p => p.score !== null)
          .x(p => x(values[p.i]!))
          .y(p => y(p.score!))
          .curve(curveMonotoneX)(points)!,
      }
    }),
    xTicks: x.ticks(spacing === 'log' ? 4 : 6).map(value => ({ value, x: x(value) })),
    yTicks: y.ticks(4).map(value => ({ value, y: y(value) })),
    nowX: x(now),
  }
}
