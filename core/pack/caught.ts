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

/** How far days lie apart, up or down, all together. Four at a time, as a sum of one after the other would wait for itself. */
export function apart(a: Float64Array, b: Float64Array): number {
  const off = (d: number) => Math.abs(a[d]! - b[d]!)
  const { length } = a
  const fours = length - (length % 4)
  let sum = 0
  for (let d = 0; d < fours; d += 4) sum += off(d) + off(d + 1) + (off(d + 2) + off(d + 3))
  for (let d = fours; d < length; d++) sum += off(d)
  return sum
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

/** The better of two lists of days, day by day, made once for each two: packs that are tried ask for the same again and again. */
export class Better {
  private readonly known = new Map<Float64Array, Map<Float64Array, Float64Array>>()

  /** Not to be changed. */
  of(a: Float64Array, b: Float64Array): Float64Array {
    if (a === b) return a
    let withA = this.known.get(a)
    if (!withA) this.known.set(a, (withA = new Map()))
    let made = withA.get(b)
    if (!made) {
      withA.set(b, (made = a.slice()))
      lift(made, b)
    }
    return made
  }
}
