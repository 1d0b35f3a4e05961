import { scaleLinear } from 'd3'
import type { Sketch } from '#core/tell'

export const SKETCH = { width: 220, height: 92, air: 16, ground: 12, side: 8 } as const

/** Stops nearer together than this are one dot [px]. */
const APART_PX = 5

/** A tactic at a thumb's size: rod at the left, every way to its own scale. `wound`, `fallen`: paths; `rests`: where the bait stands still. */
export function sketchMarks({ points, bottomM, farM }: Sketch): {
  readonly wound: string
  readonly fallen: string
  readonly rests: readonly { readonly x: number; readonly y: number }[]
  readonly groundY: number
} {
  const x = scaleLinear([0, Math.max(farM, bottomM / 2)], [SKETCH.side, SKETCH.width - SKETCH.side])
  const groundY = SKETCH.height - SKETCH.ground
  const y = scaleLinear([0, bottomM], [SKETCH.air, groundY])
  const at = (i: number) => ({ x: x(points[i]!.x), y: y(points[i]!.depth) })
  let wound = ''
  let fallen = ''
  const rests: { x: number; y: number }[] = []
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [at(i - 1), at(i)]
    const { stage } = points[i]!
    if (stage === 'still') {
      const last = rests.at(-1)
      if (!last || Math.hypot(b.x - last.x, b.y - last.y) >= APART_PX) rests.push(b)
    }
    const step = `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`
    if (stage === 'falling') fallen += step
    else wound += step
  }
  return { wound, fallen, rests, groundY }
}
