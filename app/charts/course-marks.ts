import { area, curveBasis, curveLinear, line } from 'd3'
import type { BandPoint, Course, CoursePoint, Spread } from '#core/course'
import type { ColumnScales } from './column'

export interface CourseMarks {
  /** The whole way as one line. */
  readonly way: string
  /** Stretches on which it falls, drawn over the way. */
  readonly falls: string
  /** Where it lies or hangs still: a dot each, by how long. */
  readonly stops: readonly { readonly x: number; readonly y: number; readonly r: number; readonly seconds: number }[]
}

/** Radius of a stop of one second, and of the longest drawn [px]; the area goes with the time. */
const STOP_R = { perRootSecond: 1.1, most: 7 }
/** Shorter rests are part of the movement [s]. */
const LEAST_STOP_S = 0.8

/** A course as marks of the column. */
export function courseMarks({ points }: Course, { x, y }: ColumnScales): CourseMarks {
  const draw = line<CoursePoint>()
    .x(p => x(p.x))
    .y(p => y(p.depth))
    .curve(curveLinear)
  const falls: string[] = []
  let run: CoursePoint[] = []
  const stops: { x: number; y: number; r: number; seconds: number }[] = []
  points.forEach((point, i) => {
    const before = points[i - 1]
    if (point.stage === 'falling' && before) {
      if (run.length === 0) run.push(before)
      run.push(point)
    } else if (run.length > 0) {
      falls.push(draw(run)!)
      run = []
    }
    const seconds = before ? point.t - before.t : 0
    if (point.stage === 'still' && seconds >= LEAST_STOP_S)
      stops.push({
        x: x(point.x),
        y: y(point.depth),
        r: Math.min(STOP_R.most, STOP_R.perRootSecond * Math.sqrt(seconds)),
        seconds,
      })
  })
  if (run.length > 0) falls.push(draw(run)!)
  return { way: draw([...points])!, falls: falls.join(''), stops }
}

/** The band in which a course may well run, one standard error either way, as an area of the column. */
export function spreadArea({ band }: Spread, { x, y }: ColumnScales): string {
  return (
    area<BandPoint>()
      .x(p => x(p.x))
      .y0(p => y(p.fromM))
      .y1(p => y(p.toM))
      .curve(curveBasis)([...band]) ?? ''
  )
}
