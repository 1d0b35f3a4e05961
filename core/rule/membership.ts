import { peak, ramp } from '#core/numeric'
import type { Features } from './features'
import type { Condition, Effect, Figure } from './rule'

/** How far a condition holds, 0..1. */
export function membership(condition: Condition, { numbers, sets }: Features): number {
  if ('zeroAt' in condition) return ramp(numbers[condition.feature], condition.zeroAt, condition.oneAt)
  const shares: Readonly<Record<string, number | undefined>> = sets[condition.feature]
  const list: readonly string[] = 'any' in condition ? condition.any : condition.none
  const held = Math.min(1, list.reduce((sum, id) => sum + (shares[id] ?? 0), 0))
  return 'any' in condition ? held : 1 - held
}

/** How far all of a rule's conditions hold together: their product. */
export function jointMembership(conditions: readonly Condition[], features: Features): number {
  let product = 1
  for (const condition of conditions) {
    product *= membership(condition, features)
    if (product === 0) return 0
  }
  return product
}

export function figureValue(figure: Figure, { numbers }: Features): number {
  return typeof figure === 'number' ? figure : numbers[figure.of] * (figure.times ?? 1) + (figure.plus ?? 0)
}

/** How far a value is what one effect of a rule asks for, 0..1, before other rules are joined to it. */
export function effectPeak({ best, low, high }: Extract<Effect, { best: Figure }>, value: number, features: Features): number {
  return peak(value, figureValue(best, features), figureValue(low, features), figureValue(high, features))
}
