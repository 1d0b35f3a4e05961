import { requirePositive } from '#core/numeric'
/** Standard gravity [m/s²], exact by definition; 3rd CGPM (1901). */
export const STANDARD_GRAVITY = 9.80665

export interface SinkingBody {
  /** [kg] */
  readonly mass: number
  /** [m³] */
  readonly volume: number
  /** Drag coefficient × frontal area when falling, C_d·A [m²]. */
  readonly dragArea: number
}

/**
 * Weight in water, mg − ρVg [N]: positive sinks, negative floats.
 */
export function netWeight(mass: number, volume: number, waterDensity: number): number {
  return (mass - waterDensity * volume) * STANDARD_GRAVITY
}

/**
 * Steady speed of a body falling (or rising) freely through still water, where drag balances its weight in water:
 *
 *     v = sign(W) √( 2 |W| / (ρ C_dA) ),  W = (m − ρV) g
 *
 * Valid:  Re ≳ 10³, so that C_d is nearly constant; slack line, no current.
 * Error:  half the relative errors of C_dA and of W, in quadrature: ±40 % in C_dA is −15/+29 % in v.
 *         Grows without bound near neutral buoyancy.
 * Source: [clift-1978].
 *
 * @param waterDensity [kg/m³]
 * @returns speed downward [m/s]; negative when the body rises; 0 when it hangs
 * @throws {RangeError} if mass, volume or dragArea is not positive and finite
 */
export function terminalSinkSpeed({ mass, volume, dragArea }: SinkingBody, waterDensity: number): number {
  requirePositive('terminalSinkSpeed', 'mass', mass)
  requirePositive('terminalSinkSpeed', 'volume', volume)
  requirePositive('terminalSinkSpeed', 'dragArea', dragArea)
  requirePositive('terminalSinkSpeed', 'waterDensity', waterDensity)
  return sinkSpeedOfWeight(netWeight(mass, volume, waterDensity), dragArea, waterDensity)
}

/**
 * The same balance from a weight in water W [N] that is already known: v = sign(W) √(2 |W| / (ρ C_dA)).
 *
 * @returns speed downward [m/s]
 * @throws {RangeError} if the drag area or the density is not positive
 */
export function sinkSpeedOfWeight(W: number, dragArea: number, waterDensity: number): number {
  if (!(dragArea > 0 && waterDensity > 0))
    throw new RangeError(
      `sinkSpeedOfWeight: dragArea and waterDensity must be positive, got ${dragArea}, ${waterDensity}`,
    )
  return Math.sign(W) * Math.sqrt((2 * Math.abs(W)) / (waterDensity * dragArea))
}
