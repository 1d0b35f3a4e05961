/** What repeated readings say together. */
export interface Summary {
  readonly count: number
  readonly mean: number
  /** Sample standard deviation; `null` for a single reading. */
  readonly deviation: number | null
  /** Standard error of the mean; `null` for a single reading. */
  readonly error: number | null
  /** Places of readings far from the rest: worth a look, never thrown away by themselves. */
  readonly outliers: readonly number[]
}

/** A reading farther from the median than this many scaled median deviations is pointed out. Convention (Iglewicz & Hoaglin use 3.5), from memory. */
const FAR = 3.5
/** Scales the median deviation to a standard deviation for normal scatter. */
const MAD_TO_SIGMA = 1.4826
const ENOUGH_TO_JUDGE = 4

/**
 * Mean, spread and outlier hints of repeated readings.
 *
 * @throws {RangeError} for an empty list
 */
export function summarise(values: readonly number[]): Summary {
  if (values.length === 0) throw new RangeError('summarise: values must not be empty')
  const count = values.length
  const mean = values.reduce((a, b) => a + b) / count
  const deviation = count > 1 ? Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (count - 1)) : null
  return {
    count,
    mean,
    deviation,
    error: deviation === null ? null : deviation / Math.sqrt(count),
    outliers: outliersOf(values),
  }
}

function outliersOf(values: readonly number[]): number[] {
  if (values.length < ENOUGH_TO_JUDGE) return []
  const middle = median(values)
  const spread = MAD_TO_SIGMA * median(values.map(v => Math.abs(v - middle)))
  return values.flatMap((v, i) => (spread > 0 && Math.abs(v - middle) > FAR * spread ? [i] : []))
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length >> 1
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}
