import { requirePositive } from '#core/numeric'
/** An empty spool's diameter against a full one. From memory. */
const CORE_SHARE = 0.6

/**
 * Line taken up by one turn of the handle: π · D · ratio, D over the line now on the spool.
 *
 * Error:  ±5 % from line lay; rated pick-up is at a full spool.
 * Source: geometry.
 *
 * @param spoolDiameter diameter over a full spool [m]
 * @param ratio spool turns per handle turn
 * @param fill share of the line still on the spool, 0..1
 * @returns metres per turn
 * @throws {RangeError} for a diameter or ratio that is not positive, a core as large as the spool, or a fill outside 0..1
 */
export function pickUp(
  spoolDiameter: number,
  ratio: number,
  fill = 1,
  coreDiameter: number | undefined = CORE_SHARE * spoolDiameter,
): number {
  requirePositive('pickUp', 'spoolDiameter', spoolDiameter)
  requirePositive('pickUp', 'ratio', ratio)
  requirePositive('pickUp', 'coreDiameter', coreDiameter)
  if (coreDiameter >= spoolDiameter)
    throw new RangeError(`pickUp: coreDiameter must be below spoolDiameter, got ${coreDiameter}`)
  if (!(fill >= 0 && fill <= 1)) throw new RangeError(`pickUp: fill must be in 0..1, got ${fill}`)
  const D = Math.sqrt(coreDiameter ** 2 + (spoolDiameter ** 2 - coreDiameter ** 2) * fill)
  return Math.PI * D * ratio
}
