import { type Dimension, formatNumber, formatQuantity, type UnitSystem } from '#core/units'

/** A class of sizes, depths, temperatures … in the angler's units: "80–110 mm", "over 8.0 m". */
export function classInWords(dimension: Dimension, [from, to]: readonly [number, number], system: UnitSystem): string {
  if (to === Infinity) return `over ${formatQuantity(dimension, from, { system })}`
  if (from === 0) return `to ${formatQuantity(dimension, to, { system })}`
  return `${formatNumber(dimension, from, { system })}–${formatQuantity(dimension, to, { system })}`
}
