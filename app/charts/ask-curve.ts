import { area, curveMonotoneX, line, scaleLinear, scaleLog } from 'd3'
import { peak } from '#core/numeric'
import { AXES, type AxisId } from '#core/rule'

export interface AskCurve {
  readonly fill: string
  readonly outline: string
  readonly bestX: number
}

const POINTS = 48

/** A small picture of what is asked on one axis: desirability over the axis, best marked. */
export function askCurve(
  asked: { axis: AxisId; best: number; low: number; high: number },
  width: number,
  height: number,
): AskCurve {
  const { min, max, spacing } = AXES[asked.axis]
  const x = (spacing === 'log' ? scaleLog() : scaleLinear())
    .domain(window(asked, min, max, spacing))
    .range([0, width])
    .clamp(true)
  const y = scaleLinear([0, 1], [height, 1])
  const points = Array.from({ length: POINTS + 1 }, (_, i): [number, number] => {
    const px = (i / POINTS) * width
    return [px, y(peak(x.invert(px), asked.best, asked.low, asked.high))]
  })
  return {
    fill: area()
      .y0(height)
      .y1(([, py]) => py)
      .curve(curveMonotoneX)(points)!,
    outline: line().curve(curveMonotoneX)(points)!,
    bestX: x(asked.best),
  }
}

/** Depth, speed and length axes are wide: show twice the asked range. */
function window(
  { best, low, high }: { best: number; low: number; high: number },
  min: number,
  max: number,
  spacing: 'linear' | 'log',
): [number, number] {
  if (max <= 5) return [min, max]
  return spacing === 'log'
    ? [Math.max(min, low / 1.8), Math.min(max, high * 1.8)]
    : [min, Math.min(max, Math.max(high * 1.4, best * 1.6, 1))]
}
