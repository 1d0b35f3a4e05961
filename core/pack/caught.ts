/*
 * Days that may come, by what is caught on each: a list of one number a day, the catch times how likely the day is. Packs are tried by the hundred thousand, and what they do is done here.
 */

/** What is caught day by day, times how likely the days are, and all together: what is to be expected. */
export interface Caught {
  readonly byDay: Float64Array
  readonly expected: number
}

/** What is caught, with all of it together. */
export function caughtOn(byDay: Float64Array): Caught {
  return { byDay, expected: sumOf(byDay) }
}

/** What is to be expected of both together: half of each and of how far they lie apart over all days, up or down, so that no day has to be decided. */
export function ofBoth(a: Caught, b: Caught): number {
  return (a.expected + b.expected + apart(a.byDay, b.byDay)) / 2
}

/** How far days lie apart, up or down, all together. Two sums side by side, as one would wait for itself. */
export function apart(a: Float64Array, b: Float64Array): number {
  let even = 0
  let odd = 0
  const { length } = a
  for (let d = 0; d < length - 1; d += 2) {
    even += Math.abs(a[d]! - b[d]!)
    odd += Math.abs(a[d + 1]! - b[d + 1]!)
  }
  if (length % 2 === 1) odd += Math.abs(a[length - 1]! - b[length - 1]!)
  return even + odd
}

/** Days' catches, each times how likely it is, as one: what is to be expected. */
export function sumOf(byDay: Float64Array): number {
  let sum = 0
  for (let d = 0; d < byDay.length; d++) sum += byDay[d]!
  return sum
}

/** What days come to above others. */
export function gained(caught: Float64Array, byDay: Float64Array): number {
  let sum = 0
  for (let d = 0; d < caught.length; d++) {
    const more = caught[d]! - byDay[d]!
    // Twice what is more, nothing of what is less: no day has to be decided, which none could foresee.
    sum += more + Math.abs(more)
  }
  return sum / 2
}

/** Raises days to what is caught. */
export function lift(best: Float64Array, caught: Float64Array): void {
  for (let d = 0; d < caught.length; d++) if (caught[d]! > best[d]!) best[d] = caught[d]!
}
