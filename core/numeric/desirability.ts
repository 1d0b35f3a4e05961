/**
 * Overall desirability: the weighted geometric mean Π dᵢ^(wᵢ/Σw) of single desirabilities in 0..1.
 * Any zero with a positive weight gives zero.
 *
 * Source: [derringer-1980] eq. 5 (equal weights); the weighted form is the usual generalisation.
 *
 * @returns 0..1, or `null` when every weight is zero: nothing was asked
 * @throws {RangeError} for lists of different length, a desirability outside 0..1 or a negative weight
 */
export function overallDesirability(values: readonly number[], weights: readonly number[]): number | null {
  if (values.length !== weights.length)
    throw new RangeError(`overallDesirability: ${values.length} values but ${weights.length} weights`)
  let sum = 0
  let logSum = 0
  values.forEach((value, i) => {
    const weight = weights[i]!
    if (!(value >= 0 && value <= 1))
      throw new RangeError(`overallDesirability: values[${i}] must be in 0..1, got ${value}`)
    if (!(weight >= 0 && Number.isFinite(weight)))
      throw new RangeError(`overallDesirability: weights[${i}] must be 0 or more, got ${weight}`)
    if (weight === 0) return
    sum += weight
    logSum += weight * Math.log(value)
  })
  return sum === 0 ? null : Math.exp(logSum / sum)
}

/**
 * Two-sided desirability: 1 at `best`, one half at `low` and `high`, falling as 2^(−x²) in units of the half width.
 * `low` or `high` equal to `best` makes that side flat ("at least", "at most").
 *
 * Source: the shape is assumed (sources/assumptions.ts, A1); [derringer-1980] asks only for 0..1 with 1 at the target.
 */
export function peak(x: number, best: number, low: number, high: number): number {
  const half = x < best ? best - low : high - best
  if (half <= 0) return 1
  const u = (x - best) / half
  return 2 ** -(u * u)
}
