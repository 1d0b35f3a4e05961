import { requirePositive } from '#core/numeric'
import { STANDARD_GRAVITY } from './sink'

/** Normal drag coefficient of hanging line or cable (cylinder, Re 50–1000); strumming can raise it to 1.5–2. */
const NORMAL_COEFFICIENT = 1.2

export interface HangingLoad {
  /** Force that drags the lower end along [N]. */
  readonly across: number
  /** Weight in water at the lower end [N]. */
  readonly down: number
}
export interface HangingCable {
  readonly diameter: number
  /** [kg/m³] */
  readonly density: number
}
export interface HangingShape {
  /** Angles from the vertical [rad]: of the line where it leaves the water, and of the straight line from load to surface. */
  readonly surfaceAngle: number
  readonly chordAngle: number
  /** Line in the water [m]. */
  readonly lineOut: number
}

const STEPS = 400
/** A line flatter than this is no longer hanging [rad from the vertical]. */
const FLAT = (89 / 180) * Math.PI

/**
 * Shape of a loaded line that is dragged through still water (or stands in a current), from the load up to the surface a known height above.
 *
 * Valid:  steady, no tangential drag. Error: that of the coefficients, about 10 % of the angle.
 * Source: derived; standard cable equations.
 *
 * @returns `null` when the line is dragged flat before it reaches the surface
 * @throws {RangeError} if the depth, the diameter or the load's weight is not positive
 */
export function hangingLine(
  load: HangingLoad,
  cable: HangingCable,
  speed: number,
  depth: number,
  waterDensity: number,
): HangingShape | null {
  requirePositive('hangingLine', 'depth', depth)
  requirePositive('hangingLine', 'cable.diameter', cable.diameter)
  requirePositive('hangingLine', 'load.down', load.down)
  const drag = (waterDensity * NORMAL_COEFFICIENT * cable.diameter * speed * speed) / 2
  const weight = ((cable.density - waterDensity) * Math.PI * cable.diameter ** 2 * STANDARD_GRAVITY) / 4
  // ψ from the vertical: T ψ' = R cos²ψ − w sin ψ, T' = w cos ψ, per metre of line; dz = cos ψ ds.
  const dz = depth / STEPS
  let T = Math.hypot(load.across, load.down)
  let angle = Math.atan2(load.across, load.down)
  let lineOut = 0
  let drift = 0
  for (let i = 0; i < STEPS; i++) {
    const slope = (t: number, psi: number) => (drag * Math.cos(psi) ** 2 - weight * Math.sin(psi)) / (t * Math.cos(psi))
    const middle = angle + (slope(T, angle) * dz) / 2
    if (middle > FLAT) return null
    angle += slope(T + (weight * dz) / 2, middle) * dz
    if (angle > FLAT) return null
    T += weight * dz
    lineOut += dz / Math.cos(middle)
    drift += Math.tan(middle) * dz
  }
  return { surfaceAngle: angle, chordAngle: Math.atan2(drift, depth), lineOut }
}
