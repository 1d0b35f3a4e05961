/**
 * Root of a function that changes sign once between `low` and `high`, by bisection.
 *
 * @returns the root, within (high − low)/2^steps; `null` when the ends have the same sign (there is none to find)
 * @throws {RangeError} if the bracket is empty or not finite
 */
export function bisect(f: (x: number) => number, low: number, high: number, steps = 60): number | null {
  if (!(low < high) || !Number.isFinite(low) || !Number.isFinite(high))
    throw new RangeError(`bisect: need a finite bracket low < high, got ${low}, ${high}`)
  const signLow = Math.sign(f(low))
  if (signLow === 0) return low
  const signHigh = Math.sign(f(high))
  if (signHigh === 0) return high
  if (signLow === signHigh) return null
  let a = low
  let b = high
  for (let i = 0; i < steps; i++) {
    const middle = (a + b) / 2
    if (Math.sign(f(middle)) === signLow) a = middle
    else b = middle
  }
  return (a + b) / 2
}
