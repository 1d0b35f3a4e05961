import { bisect, requirePositive } from '#core/numeric'

/** Normal drag coefficient of towed line: cylinder at Re 50–1000. */
export const TOW_NORMAL_COEFFICIENT = 1.2

/** Drag area of a lipped plug when towed, per metre of its rated depth [m²/m]; fitted at 30 m out, 0.30 mm line, tip 0.5 m. */
const AREA_PER_DEPTH = 1.8e-4
const LEAST_AREA = 1.5e-4

/** Drag area of a lipped plug of a known towed depth [m²]. */
export function plugDragArea(depth: number): number {
  return Math.max(LEAST_AREA, AREA_PER_DEPTH * depth)
}

/** What is out behind the tip. */
export interface TowUse {
  /** All line from tip to lure, the part in the air too [m]. */
  readonly lineOut: number
  readonly lineDiameter: number
  /** Tip above the water [m]. */
  readonly tip: number
}
export interface TowResult {
  readonly depth: number
  /** Angle of the line above the horizontal at the surface [rad]. */
  readonly lineAngle: number
  /** Horizontal distance from tip to lure [m]. */
  readonly distance: number
}

/** A towed lure as the closed form sees it: its pull direction, and T/R, tension over line drag per metre. */
export interface TowedShape {
  /** Angle of the line at the lure above the horizontal [rad]. */
  readonly lureAngle: number
  /** T/R for line of 1 m diameter [m²]: divide by the diameter. */
  readonly tensionOverDrag: number
}

const LEAST_ANGLE = 1e-6

/**
 * Depth of a lure towed on weightless line without tangential drag: the closed form
 *
 *     S = a (cot φ − cot φ₀) + h/sin φ,  z = a ln[tan(φ₀/2)/tan(φ/2)],  x = a (1/sin φ − 1/sin φ₀) + h/tan φ
 *
 * with φ the line's angle at the surface, solved by bisection in ln φ. With no weight on the line the depth does not depend on speed.
 *
 * Valid:  nylon or braid; fluorocarbon or wire below about 0.8 m/s needs `towLine`.
 * Error:  calibrated depths ±10 %; 1.4 % against a lumped line simulation.
 * Source: derived from the standard cable equations.
 *
 * @returns `null` when the line is too short for the lure to get under water (S < h/sin φ₀)
 * @throws {RangeError} if line, diameter or tip is not sound
 */
export function towDepth(shape: TowedShape, use: TowUse): TowResult | null {
  requireUse('towDepth', use)
  const a = shape.tensionOverDrag / use.lineDiameter
  const phi0 = shape.lureAngle
  const lineOut = (phi: number) => a * (cot(phi) - cot(phi0)) + use.tip / Math.sin(phi)
  if (lineOut(phi0) >= use.lineOut) return null
  const lnPhi = bisect(x => lineOut(Math.exp(x)) - use.lineOut, Math.log(LEAST_ANGLE), Math.log(phi0), 60)
  if (lnPhi === null) return null
  const phi = Math.exp(lnPhi)
  return {
    depth: a * Math.log(Math.tan(phi0 / 2) / Math.tan(phi / 2)),
    lineAngle: phi,
    distance: a * (1 / Math.sin(phi) - 1 / Math.sin(phi0)) + use.tip / Math.tan(phi),
  }
}

function cot(angle: number): number {
  return 1 / Math.tan(angle)
}

function requireUse(caller: string, { lineOut, lineDiameter, tip }: TowUse): void {
  requirePositive(caller, 'lineOut', lineOut)
  requirePositive(caller, 'lineDiameter', lineDiameter)
  if (!(tip >= 0 && Number.isFinite(tip))) throw new RangeError(`${caller}: tip must be 0 or more, got ${tip}`)
}

/**
 * The shape of a lipped plug from one known towed depth. One depth cannot give drag and lift both: the drag area is the prior
 * 1.8e-4 m² per metre of known depth, whatever line it was known on; the lift follows.
 *
 * @returns `null` when no lift brings a plug of that drag to the depth
 * @throws {RangeError} if the depth is not positive
 */
export function calibrateTow(depth: number, use: TowUse): TowedShape | null {
  requirePositive('calibrateTow', 'depth', depth)
  requireUse('calibrateTow', use)
  const dragArea = plugDragArea(depth)
  const shapeAt = (angle: number): TowedShape => ({
    lureAngle: angle,
    tensionOverDrag: dragArea / Math.cos(angle) / TOW_NORMAL_COEFFICIENT,
  })
  const lnAngle = bisect(
    x => (towDepth(shapeAt(Math.exp(x)), use)?.depth ?? 0) - depth,
    Math.log(1e-3),
    Math.log(Math.PI / 2 - 1e-4),
    60,
  )
  return lnAngle === null ? null : shapeAt(Math.exp(lnAngle))
}
