import type { Quantity } from '#core/message'
import type { Dimension } from './dimension'

/** A figure of a message, in the dimension’s kept unit: told in the listener’s own. */
export function quantity(
  dimension: Dimension,
  value: number,
  options: Omit<Quantity, 'dimension' | 'value'> = {},
): Quantity {
  return { dimension, value, ...options }
}
