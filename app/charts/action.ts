import type { ActionRow } from '#core/knowledge'

export const ACTION_SIZE = { width: 220, height: 92 } as const
const MIDDLE = { x: ACTION_SIZE.width / 2, y: ACTION_SIZE.height / 2 } as const
const MARGIN = 14
/** Points of a wave for each of its swings. */
const PER_SWING = 16
/** Half a body's length and half its height [px]. */
const BODY = { long: 17, high: 5 } as const
const SHOWN_BODIES = 3

export interface ActionBody {
  readonly x: number
  readonly y: number
  readonly degrees: number
}

/** An action at a thumb's size: the way, and the body at moments on it. What goes through the water goes to the left. `rings`: turning about its own length. */
export function actionMarks({ width, swings, turns, moves }: ActionRow): {
  readonly way: string
  readonly bodies: readonly ActionBody[]
  readonly rings: boolean
} {
  if (moves === 'about itself')
    return { way: '', bodies: [-35, 0, 35].map(degrees => ({ ...MIDDLE, degrees })), rings: true }
  const falls = moves === 'falling'
  const long = (falls ? ACTION_SIZE.height : ACTION_SIZE.width) - 2 * MARGIN
  const half = width * (falls ? ACTION_SIZE.width : ACTION_SIZE.height)
  /** What swings behind a body that goes straight begins at its end. */
  const from = moves === 'a part' ? 0.3 : 0
  const across = (t: number) => {
    const phase = swings * t
    return half * (turns === 'smooth' ? Math.sin(2 * Math.PI * phase) : zigzag(phase))
  }
  const at = (t: number) => {
    const along = MARGIN + t * long
    return falls ? { x: MIDDLE.x + across(t), y: along } : { x: along, y: MIDDLE.y + across(t) }
  }
  const steps = Math.ceil(swings * PER_SWING)
  const way = Array.from({ length: steps + 1 }, (_, i) => at(from + ((1 - from) * i) / steps))
    .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join('')
  if (moves === 'a part')
    return { way, bodies: [{ x: MARGIN + from * long - BODY.long, y: MIDDLE.y, degrees: 0 }], rings: false }
  const bodies = Array.from({ length: SHOWN_BODIES }, (_, i) => {
    const t = (i + 0.5) / SHOWN_BODIES
    const [a, b] = [at(t - 0.01), at(t + 0.01)]
    return { ...at(t), degrees: (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI }
  })
  return { way, bodies, rings: false }
}

/** A wave of straight lines, −1..1, that begins at 0 and rises. */
function zigzag(phase: number): number {
  const part = (((phase + 0.25) % 1) + 1) % 1
  return 1 - 4 * Math.abs(part - 0.5)
}

/** A fish-like body about its middle, its head to the left. */
export const BODY_PATH = `M${-BODY.long} 0Q${-BODY.long / 2} ${-BODY.high * 1.6} ${BODY.long} 0Q${-BODY.long / 2} ${BODY.high * 1.6} ${-BODY.long} 0Z`
