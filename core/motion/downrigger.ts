import { MATERIAL_DENSITY } from '#core/knowledge'
import { requirePositive } from '#core/numeric'
import { hangingLine, type HangingShape } from './hanging-line'
import { netWeight } from './sink'

const BALL_DRAG_COEFFICIENT = 0.5 // sphere, Newton regime

export interface Downrigger {
  /** Mass of the ball [kg]. */
  readonly ball: number
  readonly cableDiameter: number
  /** [kg/m³] */
  readonly cableDensity: number
  /** Drag area of the fin [m²]. */
  readonly fin: number
  /** Pull of the fishing line on the ball [N]. */
  readonly lineForce: number
}

/**
 * How far a downrigger ball is blown back: the hanging cable from the ball up to a known depth.
 *
 * Valid:  straight, steady trolling; no waves. Error: strumming can raise the cable's drag by half and more.
 * Source: derived (`hanging-line.ts`).
 *
 * @returns `null` when the cable is dragged flat
 * @throws {RangeError} if ball, cable, depth or speed is not positive
 */
export function downrigger(
  { ball, cableDiameter, cableDensity, fin, lineForce }: Downrigger,
  depth: number,
  speed: number,
  waterDensity: number,
): HangingShape | null {
  requirePositive('downrigger', 'ball', ball)
  requirePositive('downrigger', 'speed', speed)
  const volume = ball / MATERIAL_DENSITY.lead
  const radius = Math.cbrt((3 * volume) / (4 * Math.PI))
  const dragArea = BALL_DRAG_COEFFICIENT * Math.PI * radius * radius + fin
  const across = (waterDensity * dragArea * speed * speed) / 2 + lineForce
  return hangingLine(
    { across, down: netWeight(ball, volume, waterDensity) },
    { diameter: cableDiameter, density: cableDensity },
    speed,
    depth,
    waterDensity,
  )
}
