import type { LineMaterial } from '#core/terms'

/**
 * Diameter of fishing line from its test: d = k √(test in lb), in mm.
 * Source: from memory; fits the tables of common thin-label lines. Two label conventions differ by 10–55 %: let the user type the diameter.
 * Wire is left out: it has no such rule.
 */
export const LINE_DIAMETER_K: Record<
  Exclude<LineMaterial, 'wire'>,
  { readonly thin: number; readonly thick: number }
> = {
  nylon: { thin: 0.0825, thick: 0.098 },
  fluorocarbon: { thin: 0.0885, thick: 0.0885 * 1.15 },
  braid: { thin: 0.0372, thick: 0.0515 },
}

/** Density [kg/m³]; from memory. Coated braids reach 1200. */
export const LINE_DENSITY: Record<LineMaterial, number> = { nylon: 1140, fluorocarbon: 1780, braid: 970, wire: 7900 }
