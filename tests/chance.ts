import { normalSample } from '#core/numeric'

/** Draws for simulated logs. `random` gives uniform numbers in [0, 1). */

/** Gamma by Marsaglia & Tsang (2000), with their step for shapes below one. */
export function gammaSample(shape: number, scale: number, random: () => number): number {
  if (shape < 1) return gammaSample(shape + 1, scale, random) * random() ** (1 / shape)
  const d = shape - 1 / 3
  const c = 1 / Math.sqrt(9 * d)
  for (;;) {
    const x = normalSample(random)
    const v = (1 + c * x) ** 3
    if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v * scale
  }
}

/** Poisson by counting exponential waits. */
export function poissonSample(mean: number, random: () => number): number {
  let [count, left] = [-1, mean]
  do {
    left += Math.log(1 - random())
    count++
  } while (left > 0)
  return count
}
