/* eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours */
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'
import type { Group } from './pool'
import { HIGH, LOW, type RateEstimate } from './rate'

/** Jeffreys' prior for a Poisson rate: shape ½ and no effort. */
const JEFFREYS = 0.5

/**
 * Probability that the first group's rate is the higher one, 0..1; one half when neither was fished.
 *
 * Source: with Gamma posteriors, λ₁t₁ ÷ (λ₁t₁ + λ₂t₂) is Beta(a₁, a₂); hence P(λ₁ > λ₂) = 1 − I(t₁ ÷ (t₁ + t₂); a₁, a₂). Jeffreys' priors.
 */
export function probabilityHigher(a: Group, b: Group): number {
  if (a.effort === 0 || b.effort === 0) return 0.5
  return 1 - jStat.beta.cdf(a.effort / (a.effort + b.effort), JEFFREYS + a.events, JEFFREYS + b.events)
}

/**
 * How many times the second group's rate the first one's is, with its 90 % interval; the middle is the median. `null` when either was not fished.
 *
 * Source: as `probabilityHigher`: the share λ₁t₁ ÷ (λ₁t₁ + λ₂t₂) is Beta, and the ratio a rising function of it.
 */
export function rateRatio(a: Group, b: Group): RateEstimate | null {
  if (a.effort === 0 || b.effort === 0) return null
  const at = (probability: number) => {
    const share = jStat.beta.inv(probability, JEFFREYS + a.events, JEFFREYS + b.events)
    return (share / (1 - share)) * (b.effort / a.effort)
  }
  return { mean: at(1 / 2), low: at(LOW), high: at(HIGH) }
}

/**
 * Chance that several groups differ as much as they do though all have one rate.
 *
 * Source: Pearson's chi-square of the counts about the common rate, divided by the dispersion (McCullagh & Nelder 1989 §4.5; from memory); one degree of freedom less than groups.
 *
 * @returns 0..1; `null` where fewer than two groups were fished, or nothing came at all
 * @throws {RangeError} if the dispersion is below 1
 */
export function chanceAlike(groups: readonly Group[], dispersion: number): number | null {
  if (!(dispersion >= 1)) throw new RangeError(`chanceAlike: dispersion must be 1 or more, got ${dispersion}`)
  const fished = groups.filter(g => g.effort > 0)
  const events = fished.reduce((sum, g) => sum + g.events, 0)
  const rate = events / fished.reduce((sum, g) => sum + g.effort, 0)
  if (fished.length < 2 || events === 0) return null
  const chiSquare = fished.reduce((sum, g) => sum + (g.events - rate * g.effort) ** 2 / (rate * g.effort), 0)
  return 1 - jStat.chisquare.cdf(chiSquare / dispersion, fished.length - 1)
}

/**
 * Which of many findings may be told at once, so that of all that are told no more than the given share is chance.
 *
 * Source: Benjamini & Hochberg 1995: the k smallest of m p-values where the k-th is still at most k ÷ m × share.
 *
 * @param chances two-sided p-values, 0..1
 */
export function standOut(chances: readonly number[], share: number): readonly boolean[] {
  const order = chances.map((chance, i) => ({ chance, i })).sort((a, b) => a.chance - b.chance)
  const last = order.findLastIndex(({ chance }, rank) => chance <= ((rank + 1) / chances.length) * share)
  const told = new Set(order.slice(0, last + 1).map(({ i }) => i))
  return chances.map((_, i) => told.has(i))
}
