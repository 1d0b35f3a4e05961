import { scaleBand, scaleLinear } from 'd3'

export interface FallRate {
  readonly label: string
  readonly speedMs: number
  readonly errorMs: number | null
  readonly known: 'tested' | 'computed'
}
export interface FallBar {
  readonly rate: FallRate
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  readonly whisker: readonly [low: number, high: number] | null
}

/** Bars of fall rates with their standard errors, one scale from zero. */
export function fallBars(
  rates: readonly FallRate[],
  width: number,
  height: number,
): { bars: FallBar[]; ticks: { value: number; x: number }[] } {
  const most = Math.max(0.1, ...rates.map(r => r.speedMs + (r.errorMs ?? 0)))
  const x = scaleLinear([0, most], [0, width]).nice()
  const y = scaleBand(
    rates.map((_, i) => String(i)),
    [0, height],
  ).padding(0.25)
  return {
    ticks: x.ticks(4).map(value => ({ value, x: x(value) })),
    bars: rates.map((rate, i) => ({
      rate,
      x: 0,
      y: y(String(i))!,
      width: x(rate.speedMs),
      height: y.bandwidth(),
      whisker:
        rate.errorMs === null ? null : [x(Math.max(0, rate.speedMs - rate.errorMs)), x(rate.speedMs + rate.errorMs)],
    })),
  }
}
