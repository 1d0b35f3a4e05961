import { peak, ramp } from '#core/numeric'
import type { Features } from './features'
import type { Condition, Figure, ScaleEffect } from './rule'

/** How far a condition holds, 0..1. */
export function membership(condition: Condition, { numbers, sets }: Features): number {
  if ('zeroAt' in condition) return ramp(numbers[condition.feature], condition.zeroAt, condition.oneAt)
  const shares: Readonly<Record<string, number | undefined>> = sets[condition.feature]
  const list: readonly string[] = 'any' in condition ? condition.any : condition.none
  const held = Math.min(
    1,
    list.reduce((sum, id) => sum + (shares[id] ?? 0), 0),
  )
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

function figureValue(figure: Figure, { numbers }: Features): number {
  return typeof figure === 'number' ? figure : numbers[figure.of] * (figure.times ?? 1) + (figure.plus ?? 0)
}

/** A scale effect with its figures taken from the reading. */
export interface Shape {
  readonly best: number
  readonly low: number
  readonly high: number
}

/** Where a scale effect is fully and half content; the open side of *at least* and *at most* has its half at the best, which `peak` takes for flat. */
export function shapeOf(effect: ScaleEffect, features: Features): Shape {
  if ('about' in effect)
    return {
      best: figureValue(effect.about, features),
      low: figureValue(effect.low, features),
      high: figureValue(effect.high, features),
    }
  const half = figureValue(effect.half, features)
  if ('atLeast' in effect) {
    const best = figureValue(effect.atLeast, features)
    return { best, low: half, high: best }
  }
  const best = figureValue(effect.atMost, features)
  return { best, low: best, high: half }
}

/** How far a value is what one effect of a rule asks for, 0..1. */
export function effectPeak(effect: ScaleEffect, value: number, features: Features): number {
  const { best, low, high } = shapeOf(effect, features)
  return peak(value, best, low, high)
}
