import { LINE_DIAMETER_K } from '#core/knowledge'
import { requirePositive } from '#core/numeric'
import type { LineMaterial } from '#core/terms'

/** Pounds per kilogram, [nist-sp811]. */
const POUNDS_PER_KG = 1 / 0.45359237

/**
 * Diameter of a line from its test, d = k √lb.
 *
 * Error:  10–55 % between label conventions; a typed diameter is always better.
 * Source: from memory (`LINE_DIAMETER_K`).
 *
 * @returns diameter [mm]; `null` for wire, which has no such rule
 * @throws {RangeError} if the test is not positive
 */
export function lineDiameter(material: LineMaterial, testKg: number, label: 'thin' | 'thick' = 'thin'): number | null {
  requirePositive('lineDiameter', 'testKg', testKg)
  return material === 'wire' ? null : LINE_DIAMETER_K[material][label] * Math.sqrt(testKg * POUNDS_PER_KG)
}
