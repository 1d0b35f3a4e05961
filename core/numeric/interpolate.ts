/**
 * Straight-line interpolation in a table of ascending `xs`; beyond the ends the end value holds.
 *
 * @throws {RangeError} for an empty table or columns of different length
 */
export function interpolate(xs: ArrayLike<number>, ys: ArrayLike<number>, x: number): number {
  if (xs.length === 0 || xs.length !== ys.length)
    throw new RangeError(`interpolate: need two columns of equal length, got ${xs.length} and ${ys.length}`)
  const last = xs.length - 1
  if (x <= xs[0]!) return ys[0]!
  if (x >= xs[last]!) return ys[last]!
  let a = 0
  let b = last
  while (b - a > 1) {
    const middle = (a + b) >> 1
    if (xs[middle]! <= x) a = middle
    else b = middle
  }
  return ys[a]! + ((x - xs[a]!) / (xs[b]! - xs[a]!)) * (ys[b]! - ys[a]!)
}
