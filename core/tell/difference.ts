import type { KnownAs } from '#core/lure'
import type { Said } from '#core/message'
import type { AxisId } from '#core/rule'
import type { SetupAxisOut, SetupOut } from './output'

/** What one axis does to the distance between two set-ups. */
export interface AxisDifference {
  readonly axis: AxisId
  /** Log-odds by which the first is ahead (+) or behind (−) on this axis. */
  readonly gain: number
  readonly a: SetupAxisOut
  readonly b: SetupAxisOut
}

/** Gains below this are too small to be spoken of [log-odds]. */
const SPOKEN_FROM = 0.05

/** Why one set-up stands before another: the axes that part them, the strongest first. */
export function differenceOf(a: SetupOut<Said>, b: SetupOut<Said>): readonly AxisDifference[] {
  return a.axes
    .flatMap((mine): AxisDifference[] => {
      const other = b.axes.find(axis => axis.axis === mine.axis)
      return other ? [{ axis: mine.axis, gain: mine.gain - other.gain, a: mine, b: other }] : []
    })
    .filter(({ gain }) => Math.abs(gain) >= SPOKEN_FROM)
    .sort((p, q) => Math.abs(q.gain) - Math.abs(p.gain))
}

/** How much of the judgement rests on tests, on what was entered, on sums, and on what is typical; adds up to 1. */
export function knownShares({ axes }: Pick<SetupOut, 'axes'>): Readonly<Record<KnownAs, number>> {
  const shares: Record<KnownAs, number> = { tested: 0, stated: 0, computed: 0, typical: 0 }
  const total = axes.reduce((sum, axis) => sum + axis.weight, 0)
  for (const { known, weight } of axes) shares[known] += weight / (total || 1)
  return shares
}
