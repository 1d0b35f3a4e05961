import { line } from 'd3'
import { type Course, TOLD_SWING } from '#core/course'

/** A swing seen from above, in a small frame: the cast goes to the right, the stream runs down. */
export interface SwingPlan {
  readonly way: string
  /** Where it was cast to, straight across. */
  readonly cast: { readonly x: number; readonly y: number }
  readonly width: number
  readonly height: number
}

/** Frame in the air above the cut [px]. */
const FRAME = { width: 118, height: 58 }
/** The rod stands this far from the frame's edge [px]. */
const EDGE = 6

/** The way of a course in plan; `null` where no stream swings it. */
export function swingPlan({ points, swung, works: [, to] }: Course): SwingPlan | null {
  if (swung < TOLD_SWING) return null
  const worked = points.slice(0, to + 1)
  const plan = worked.map(({ x, swung: angle }) => [x * Math.cos(angle), x * Math.sin(angle)] as const)
  const farM = Math.max(...plan.map(([across]) => across))
  const downM = Math.max(...plan.map(([, down]) => down))
  const scale = Math.min((FRAME.width - 2 * EDGE) / farM, (FRAME.height - 2 * EDGE) / downM)
  const place = ([across, down]: readonly [number, number]): [number, number] => [
    EDGE + scale * across,
    EDGE + scale * down,
  ]
  const [x, y] = place([points[0]!.x, 0])
  return { way: line()(plan.map(place))!, cast: { x, y }, ...FRAME }
}
