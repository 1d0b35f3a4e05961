/** Evaluations after which the bracket is taken as it is; a smooth function needs six to ten. */
const MOST_STEPS = 60

/**
 * Root of a continuous function in a bracket by false position with the Illinois change: as sure as bisection, and much faster for smooth functions.
 *
 * Source: M. Dowell, P. Jarratt (1971), BIT 11, 168–174; from memory, checked against bisection.
 *
 * @param tolerance width of the bracket, or size of the function, at which the search ends
 * @returns `null` when the ends have the same sign
 */
export function illinois(f: (x: number) => number, low: number, high: number, tolerance: { readonly x: number, readonly f: number }): number | null {
  let [a, b] = [low, high]
  let [fa, fb] = [f(a), f(b)]
  if (fa === 0) return a
  if (fb === 0) return b
  if (fa * fb > 0) return null
  let kept = 0 // which end has stayed: −1 a, 1 b
  for (let i = 0; i < MOST_STEPS; i++) {
    const x = (a * fb - b * fa) / (fb - fa)
    const fx = f(x)
    if (Math.abs(fx) <= tolerance.f || Math.abs(b - a) <= tolerance.x) return x
    if (fx * fb > 0) {
      ;[b, fb] = [x, fx]
      if (kept === -1) fa /= 2
      kept = -1
    }
    else {
      ;[a, fa] = [x, fx]
      if (kept === 1) fb /= 2
      kept = 1
    }
  }
  return (a + b) / 2
}
