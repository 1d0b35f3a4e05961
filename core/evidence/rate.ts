/* eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours */
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'

/** A rate with the interval in which it lies with 90 % probability; events per unit of effort. */
export interface RateEstimate {
  readonly mean: number
  readonly low: number
  readonly high: number
}

/** Ends of the interval that is told: 90 %. */
export const LOW = 0.05
export const HIGH = 0.95

/**
 * Rate of events from a count and its effort: Gamma–Poisson, the prior Gamma(shape, effort) becomes Gamma(shape + events, effort + effort fished).
 *
 * Valid:  events that come one by one at a steady rate. Effort in any unit; the rate is per that unit.
 * Source: conjugacy of Gamma and Poisson (checks §G); quantiles by a statistics package.
 *
 * @throws {RangeError} if a count or an effort is negative, or prior and effort together are nothing
 */
export function rateOf({
  events,
  effort,
  priorShape,
  priorEffort,
}: {
  readonly events: number
  readonly effort: number
  readonly priorShape: number
  readonly priorEffort: number
}): RateEstimate {
  for (const [name, value] of Object.entries({ events, effort, priorShape, priorEffort })) {
    if (!(value >= 0 && Number.isFinite(value))) throw new RangeError(`rateOf: ${name} must be 0 or more, got ${value}`)
  }
  const shape = priorShape + events
  const exposure = priorEffort + effort
  if (shape === 0 || exposure === 0) throw new RangeError('rateOf: prior and data together say nothing')
  return {
    mean: shape / exposure,
    low: jStat.gamma.inv(LOW, shape, 1 / exposure),
    high: jStat.gamma.inv(HIGH, shape, 1 / exposure),
  }
}
