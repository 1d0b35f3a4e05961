// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package brings no types; projects that include this file must find ours
/// <reference path="../jstat.d.ts" />
import jStat from 'jstat'

/** Below which value of a standard normal a share p of it lies, 0 < p < 1. */
export function normalQuantile(p: number): number {
  return jStat.normal.inv(p, 0, 1)
}

/** The share of a standard normal below x, 0..1. */
export function normalShare(x: number): number {
  return jStat.normal.cdf(x, 0, 1)
}
