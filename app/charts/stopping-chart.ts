import { line, scaleLinear } from 'd3'
import { clearAt } from '#core/rotation'

const WIDTH = 420
const HEIGHT = 140
const EDGE = 10
/** Contacts shown at least. */
const LEAST_SHOWN = 20

/** How far one of two lures is ahead, and the line beyond which that is more than chance; both fished by the same number of casts. */
export function stoppingChart(a: number, b: number) {
  const most = Math.max(LEAST_SHOWN, Math.ceil((a + b) * 1.2))
  const border = Array.from({ length: most + 1 }, (_, together) => ({ together, own: clearAt(together) })).flatMap(
    ({ together, own }) => (own === null ? [] : [{ together, lead: 2 * own - together }]),
  )
  const furthest = Math.max(...border.map(p => p.lead), Math.abs(a - b), 1)
  const x = scaleLinear([0, most], [EDGE, WIDTH - EDGE])
  const y = scaleLinear([furthest, -furthest], [EDGE, HEIGHT - EDGE])
  const path = (side: 1 | -1) =>
    line<{ together: number; lead: number }>(
      p => x(p.together),
      p => y(side * p.lead),
    )(border) ?? ''
  const own = clearAt(a + b)
  return {
    width: WIDTH,
    height: HEIGHT,
    line: path(1),
    mirrored: path(-1),
    x: x(a + b),
    y: y(a - b),
    lead: a - b,
    needed: own === null ? null : 2 * own - (a + b),
  }
}
