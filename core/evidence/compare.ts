/* eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours */
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'
import type { Group } from './pool'

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
