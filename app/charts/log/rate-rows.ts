import { scaleLinear } from 'd3'
import type { RateTable } from '#core/logbook'

/** One row of a chart of rates: interval, middle and effort, placed [px]. */
export interface RateMark {
  readonly value: string | number
  readonly y: number
  readonly low: number
  readonly mean: number
  readonly high: number
  readonly effort: number
}
export interface RateChart {
  readonly marks: readonly RateMark[]
  readonly usual: number | null
  readonly ticks: readonly { readonly value: number; readonly x: number }[]
  readonly height: number
}

/** Intervals may be long where little was fished; the scale ends here, at so many times the highest middle, and longer whiskers are cut. */
const CUT_AT = 2.2

/** Rows of rates with their intervals on one scale, and the effort behind each as a bar. */
export function rateRows(
  { rows, overall }: RateTable,
  hoursOf: (row: RateTable['rows'][number]) => number,
  size: { readonly row: number; readonly width: number; readonly effort: number },
): RateChart {
  const end = Math.min(
    Math.max(...rows.map(r => r.rate.high), 1e-9),
    CUT_AT * Math.max(...rows.map(r => r.rate.mean), 1e-9),
  )
  const x = scaleLinear([0, end], [0, size.width]).nice(5).clamp(true)
  const effort = scaleLinear([0, Math.max(...rows.map(hoursOf), 1e-9)], [0, size.effort])
  return {
    marks: rows.map((row, i) => ({
      value: row.value,
      y: (i + 0.5) * size.row,
      low: x(row.rate.low),
      mean: x(row.rate.mean),
      high: x(row.rate.high),
      effort: effort(hoursOf(row)),
    })),
    usual: overall ? x(overall.mean) : null,
    ticks: x.ticks(5).map(value => ({ value, x: x(value) })),
    height: rows.length * size.row,
  }
}
