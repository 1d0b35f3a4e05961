/**
 * Membership that rises in a straight line from 0 at `zeroAt` to 1 at `oneAt`; with `oneAt` below `zeroAt` it falls.
 *
 * @throws {RangeError} if the two ends coincide: a hard switch is never what a rule of thumb means
 */
export function ramp(value: number, zeroAt: number, oneAt: number): number {
  if (zeroAt === oneAt) throw new RangeError(`ramp: zeroAt and oneAt must differ, both are ${oneAt}`)
  return clamp((value - zeroAt) / (oneAt - zeroAt), 0, 1)
}

/** `value` held between `low` and `high`. */
export function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value))
}

/** Logistic step 1/(1+e^(−x/width)): 0.5 at x = 0. */
export function logisticStep(x: number, width: number): number {
  return 1 / (1 + Math.exp(-x / width))
}
