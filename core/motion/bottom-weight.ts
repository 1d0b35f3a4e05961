import { LINE_DENSITY, MATERIAL_DENSITY } from '#core/knowledge'
import { requirePositive, rootOfRising } from '#core/numeric'
import { fallTime } from './fall'
import { hangingLine } from './hanging-line'
import { STANDARD_GRAVITY } from './sink'

/** Criterion of bottom contact: line at the surface at most 45° from the vertical, fall within 12 s (beyond 9 m: depth / 0.75 m/s). Fitted to practice figures. */
const LINE_ANGLE = Math.PI / 4
const FALL_S = 12
const DEEP_FALL_MS = 0.75
/** Jig with a 7–8 cm bait: fall and drift drag areas [m²]; ±40 %. */
const FALL_AREA = 4.5e-4
const DRIFT_AREA = 3e-4
/** Weight in water of its hook and bait [kg]; from the handbook's fall table. */
const HOOK_AND_BAIT = 0.00055
const LIGHTEST = 1e-5 // [kg]
const HEAVIEST = 5 // [kg]
/** Where the search begins [kg/m of depth], and its first step, of the logarithm. */
const USUAL_PER_M = 1.4e-3
const WIDTH = 0.5
const BOUNDS = [Math.log(LIGHTEST), Math.log(HEAVIEST)] as const
/** The search ends this near: of the logarithm of the weight, and of what is to spare [rad, share of the time]. */
const CLOSE = { x: 1e-9, f: 1e-10 } as const

/**
 * Weight of a lead jig with a small soft bait that keeps contact with the bottom.
 *
 * Valid:  1..60 m, drift 0..1.5 m/s (water relative to the line, uniform with depth).
 * Error:  the criterion meets the trade's bands within 8 % rms; speed and angle trade off, so it is a rule, not a validation.
 * Source: derived; the criterion is fitted to common practice (1.8 g at 1.5 m … 14 g at 9 m).
 *
 * @param lineDiameter [m]
 * @returns mass of lead [kg]; `null` when more than 5 kg would be needed
 * @throws {RangeError} if depth or diameter is not positive or the drift negative
 */
export function bottomWeight(depth: number, drift: number, lineDiameter: number, waterDensity: number): number | null {
  requirePositive('bottomWeight', 'depth', depth)
  requirePositive('bottomWeight', 'lineDiameter', lineDiameter)
  if (!(drift >= 0 && Number.isFinite(drift)))
    throw new RangeError(`bottomWeight: drift must be 0 or more, got ${drift}`)
  const line = { diameter: lineDiameter, density: LINE_DENSITY.nylon }
  const inWater = (lead: number) => lead * (1 - waterDensity / MATERIAL_DENSITY.leadAlloy) + HOOK_AND_BAIT
  const across = (waterDensity * DRIFT_AREA * drift * drift) / 2
  const steepEnough = (lead: number) =>
    LINE_ANGLE -
    (hangingLine({ across, down: inWater(lead) * STANDARD_GRAVITY }, line, drift, depth, waterDensity)?.surfaceAngle ??
      Math.PI / 2)
  const allowed = Math.max(FALL_S, depth / DEEP_FALL_MS)
  // Hook and bait enter the fall as their weight in water: volume is set so that the whole weighs that.
  const soonEnough = (lead: number) => {
    const mass = lead + HOOK_AND_BAIT
    const volume = (mass - inWater(lead)) / waterDensity
    return allowed / (fallTime({ mass, volume, dragArea: FALL_AREA }, depth, waterDensity, line) ?? Infinity) - 1
  }
  const enough = (spare: (lead: number) => number) => {
    const ln = rootOfRising(x => spare(Math.exp(x)), Math.log(USUAL_PER_M * depth), WIDTH, BOUNDS, CLOSE)
    return ln === BOUNDS[1] && spare(HEAVIEST) < 0 ? null : Math.exp(ln)
  }
  const [byAngle, byFall] = [enough(steepEnough), enough(soonEnough)]
  return byAngle === null || byFall === null ? null : Math.max(byAngle, byFall)
}
