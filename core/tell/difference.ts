import type { KnownAs } from '#core/lure'
import type { AxisId } from '#core/rule'
import type { SetupAxisOut, SetupOut } from './output'

/** What one axis does to the distance between two scores. */
export interface AxisDifference {
  readonly axis: AxisId
  /** Share of the logarithm of the score by which the first is ahead (+) or behind (−) on this axis. */
  readonly gain: number
  readonly a: SetupAxisOut
  readonly b: SetupAxisOut
}

/** Gains below this are too small to be spoken of: half a point of score. */
const SPOKEN_FROM = 0.005

/** Why one set-up stands before another: the axes that part them, the strongest first. Their gains add up to ln(score a / score b). */
export function differenceOf(a: SetupOut, b: SetupOut): readonly AxisDifference[] {
  const total = a.axes.reduce((sum, axis) => sum + axis.weight, 0)
  return a.axes.flatMap((mine): AxisDifference[] => {
    const other = b.axes.find(axis => axis.axis === mine.axis)
    if (!other || total === 0) return []
    return [{ axis: mine.axis, gain: (mine.weight * Math.log(mine.fit / other.fit)) / total, a: mine, b: other }]
  }).filter(({ gain }) => Math.abs(gain) >= SPOKEN_FROM).sort((p, q) => Math.abs(q.gain) - Math.abs(p.gain))
}

/** How much of the judgement rests on tests, on what was entered, on sums, and on what is typical; adds up to 1. */
export function knownShares({ axes }: Pick<SetupOut, 'axes'>): Readonly<Record<KnownAs, number>> {
  const shares: Record<KnownAs, number> = { tested: 0, stated: 0, computed: 0, typical: 0 }
  const total = axes.reduce((sum, axis) => sum + axis.weight, 0)
  for (const { known, weight } of axes) shares[known] += weight / (total || 1)
  return shares
}
