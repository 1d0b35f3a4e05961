/* eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours */
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'
import { HIGH, LOW, type RateEstimate } from './rate'

/** What one group (a lure, a colour, a depth …) gave, and the effort it was given; effort in any unit, weights may make both fractional. */
export interface Group {
  readonly events: number
  readonly effort: number
}

export interface PooledRates {
  /** The usual rate of a group that nothing is known of, with the interval of that usual rate. */
  readonly overall: RateEstimate
  /** One for each group, in the order given. */
  readonly groups: readonly RateEstimate[]
  /** How alike the groups are: shape of the Gamma that their rates are taken from. Small: they differ much. */
  readonly alike: number
}

/** Shapes considered: from groups that differ by factors (0.5) to groups that hardly differ (60), equally likely on the log scale. Assumed. */
const SHAPES = Array.from({ length: 9 }, (_, i) => 0.5 * (60 / 0.5) ** (i / 8))
/** The usual rate is laid out over so many of its own standard deviations on each side, with this many points. */
const SPAN_SD = 3.5
const MEANS = 15
/** Half an event is added where the grid is laid out, so that a blank day has a place on the log scale (Jeffreys). */
const HALF = 0.5

/**
 * Rates of several groups with partial pooling: each group's rate is drawn toward the usual one, the more so the less it was fished and the more alike the groups are.
 *
 * Model:  events ~ Poisson(rate × effort), rates ~ Gamma(shape, shape ÷ mean); mean and shape flat on the log scale and summed over a grid, so that their own
 *         uncertainty is in the intervals. Each group's posterior is a mixture of Gammas; its interval is that of the Gamma with the same mean and variance.
 * Source: Clayton & Kaldor 1987 for the model; the full-Bayes form as in Gelman et al., Bayesian Data Analysis. From memory.
 *         Bites that come in bunches: events and effort are both divided by `dispersion` first (see `dispersionOf`), so that they weigh as independent ones would.
 * Valid:  groups fished at random; where the best lure was fished at the best hour, the rate is that of both.
 *
 * @returns `null` when no effort was made at all
 * @throws {RangeError} if a count or an effort is negative or not a number
 */
export function pooledRates(counted: readonly Group[], dispersion = 1): PooledRates | null {
  const pool = poolOf(counted, dispersion)
  return pool && { overall: pool.overall, alike: pool.alike, groups: counted.map(pool.rateOf) }
}

/** What several groups teach of each other: the same as `pooledRates`, each group's rate when it is asked for. */
export interface Pool extends Pick<PooledRates, 'overall' | 'alike'> {
  readonly rateOf: (group: Group) => RateEstimate
}

/** Groups pooled as in `pooledRates`, which see. */
export function poolOf(counted: readonly Group[], dispersion = 1): Pool | null {
  for (const { events, effort } of counted) {
    if (!(events >= 0 && effort >= 0 && Number.isFinite(events + effort)))
      throw new RangeError(`pooledRates: events and effort must be 0 or more, got ${events} in ${effort}`)
  }
  if (!(dispersion >= 1)) throw new RangeError(`pooledRates: dispersion must be 1 or more, got ${dispersion}`)
  const thinned = ({ events, effort }: Group): Group => ({ events: events / dispersion, effort: effort / dispersion })
  const fished = counted.filter(g => g.effort > 0).map(thinned)
  if (fished.length === 0) return null
  const cells = believedCells(fished)
  return {
    overall: usualRate(cells),
    alike: Math.exp(cells.reduce((s, c) => s + c.share * Math.log(c.shape), 0)),
    rateOf: group => mixed(cells, thinned(group)),
  }
}

/** A point of the grid, and how much of the belief it holds. */
interface Cell {
  readonly shape: number
  readonly mean: number
  readonly share: number
}

/** The points of the grid that hold any belief to speak of. */
function believedCells(fished: readonly Group[]): readonly Cell[] {
  const events = fished.reduce((sum, g) => sum + g.events, 0)
  const effort = fished.reduce((sum, g) => sum + g.effort, 0)
  const centre = Math.log((events + HALF) / effort)
  const span = SPAN_SD * Math.sqrt(1 / (events + HALF) + 1 / fished.length)
  const means = Array.from({ length: MEANS }, (_, i) => Math.exp(centre + span * ((2 * i) / (MEANS - 1) - 1)))
  const bitten = fished.filter(g => g.events > 0)
  const blanks = Float64Array.from(
    fished.filter(g => g.events === 0),
    g => g.effort,
  )
  const logs = new Float64Array(SHAPES.length * MEANS)
  SHAPES.forEach((shape, s) => {
    const none = jStat.gammaln(shape)
    const counts = bitten.reduce((sum, g) => sum + jStat.gammaln(shape + g.events) - none, 0)
    means.forEach((mean, m) => {
      const rate = shape / mean
      let log = counts + shape * (fished.length * Math.log(rate) - sumOfLogs(rate, blanks))
      for (const g of bitten) log -= (shape + g.events) * Math.log(rate + g.effort)
      logs[s * MEANS + m] = log
    })
  })
  const top = logs.reduce((a, b) => Math.max(a, b))
  const beliefs = logs.map(log => Math.exp(log - top))
  const sum = beliefs.reduce((a, b) => a + b, 0)
  return SHAPES.flatMap((shape, s) =>
    means.flatMap((mean, m) => {
      const share = beliefs[s * MEANS + m]! / sum
      return share > NEGLIGIBLE ? [{ shape, mean, share }] : []
    }),
  )
}

/** Factors that are multiplied before one logarithm is taken of them all: their product stays far within what a number holds. */
const AT_ONCE = 16
/** Sum of ln(rate + effort). */
function sumOfLogs(rate: number, efforts: Float64Array): number {
  let [sum, product] = [0, 1]
  for (let i = 0; i < efforts.length; i++) {
    product *= rate + efforts[i]!
    if (i % AT_ONCE === AT_ONCE - 1) [sum, product] = [sum + Math.log(product), 1]
  }
  return sum + Math.log(product)
}

/** A group's rate under all that is believed of the others: a mixture of Gammas. */
function mixed(cells: readonly Cell[], { events, effort }: Group): RateEstimate {
  let [first, second, all] = [0, 0, 0]
  for (const { shape, mean, share } of cells) {
    const [a, b] = [shape + events, shape / mean + effort]
    first += (share * a) / b
    second += (share * a * (a + 1)) / (b * b)
    all += share
  }
  return likeGamma(first / all, second / all)
}

/** Half-width of a 90 % interval of a normal, in standard deviations. */
const NINETY = 1.6449

/** The usual rate and its interval, on the log scale: with few groups its upper tail is long, and a plain mean would be drawn up by it. */
function usualRate(cells: readonly Cell[]): RateEstimate {
  const centre = cells.reduce((s, c) => s + c.share * Math.log(c.mean), 0)
  const sd = Math.sqrt(cells.reduce((s, c) => s + c.share * (Math.log(c.mean) - centre) ** 2, 0))
  return { mean: Math.exp(centre), low: Math.exp(centre - NINETY * sd), high: Math.exp(centre + NINETY * sd) }
}

/** Grid points that hold less than this of the belief are left out. */
const NEGLIGIBLE = 1e-6

/** No model of how bites come is the water's own: intervals have this much more variance than the model says. Assumed; simulated in docs/evidence.md. */
const MODEL_DOUBT = 1.15

/** The Gamma with this mean and second moment, widened by the doubt about the model, as an estimate. */
function likeGamma(mean: number, second: number): RateEstimate {
  const variance = MODEL_DOUBT * Math.max(second - mean * mean, 1e-12 * mean * mean)
  const shape = (mean * mean) / variance
  return {
    mean,
    low: jStat.gamma.inv(LOW, shape, variance / mean),
    high: jStat.gamma.inv(HIGH, shape, variance / mean),
  }
}
