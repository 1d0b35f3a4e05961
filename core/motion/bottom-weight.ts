import { requirePositive } from '#core/numeric'
import { STANDARD_GRAVITY } from './sink'

/** Criterion of bottom contact: line at the surface at most 45° from the vertical, fall within 12 s (beyond 9 m: depth / 0.75 m/s). Fitted to practice figures. */
const LINE_ANGLE = Math.PI / 4
const FALL_S = 12
const DEEP_FALL_MS = 0.75
/** Jig with a 7–8 cm bait: fall and drift drag areas [m²]; ±40 %. */
const FALL_AREA = 4.5e-4
const DRIFT_AREA = 3e-4
/** Towed-line normal coefficient (cylinder, Re 50–1000). */
const LINE_NORMAL_COEFFICIENT = 1.2
const LEAD_DENSITY = 11000 // [kg/m³] head alloy

/**
 * Weight of a lead jig with a small soft bait that keeps contact with the bottom.
 *
 * Valid:  1..60 m, drift 0.05..1.5 m/s (water relative to the line).
 * Error:  10–15 % low of the full hanging-line solution; the trade's own bands are ±30 %.
 * Source: derived; the criterion is fitted to common practice (1.8 g at 1.5 m … 14 g at 9 m).
 *
 * @returns mass of lead [kg]
 * @throws {RangeError} if an argument is not positive
 */
export function bottomWeight(depth: number, drift: number, lineDiameter: number, waterDensity: number): number {
  requirePositive('bottomWeight', 'depth', depth)
  requirePositive('bottomWeight', 'drift', drift)
  requirePositive('bottomWeight', 'lineDiameter', lineDiameter)
  const inWater = (mass: number) => mass * STANDARD_GRAVITY * (1 - waterDensity / LEAD_DENSITY)
  const byAngle = (waterDensity * drift * drift * (DRIFT_AREA + LINE_NORMAL_COEFFICIENT * lineDiameter * depth)) / (2 * Math.tan(LINE_ANGLE))
  const fallSpeed = depth / Math.max(FALL_S, depth / DEEP_FALL_MS)
  const byFall = (waterDensity * FALL_AREA * fallSpeed * fallSpeed) / 2
  return Math.max(byAngle, byFall) / inWater(1)
}
