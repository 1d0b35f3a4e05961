import type { Ask } from '#core/ask'
import type { Candidate } from '#core/match'
import { message, type Said } from '#core/message'
import { AXES, AXIS_IDS } from '#core/rule'
import { quantity } from '#core/units'
import { dimensionOn } from './explain'
import type { MatchOut } from './output'

/** An axis on which even the best of the box fits worse than this is a gap. Assumed. */
const GOOD_ENOUGH = 0.7

/** What the water asks for and nothing fishable in the box offers, worst loss first. */
export function gapsOf(candidates: readonly Candidate[], { axes }: Ask): MatchOut<Said>['gaps'] {
  return AXIS_IDS.filter(axis => axes[axis].weight > 0 && !candidates.some(c => c.fitOn(axis) >= GOOD_ENOUGH))
    .map(axis => {
      const bestFit = candidates.reduce((best, c) => Math.max(best, c.fitOn(axis)), 0)
      return { axis, bestFit, loss: axes[axis].weight * (1 - bestFit) }
    })
    .sort((a, b) => b.loss - a.loss)
    .map(({ axis, bestFit }) => {
      const { label, unit, kind } = AXES[axis]
      const told = { axis: label, fit: Math.round(bestFit * 100) }
      const { best } = axes[axis]
      const dimension = dimensionOn(axis)
      const text =
        kind === 'taste'
          ? message('answer.gap', told)
          : dimension
            ? message('answer.gap-near', { ...told, near: quantity(dimension, best) })
            : message('answer.gap-scale', { ...told, near: Number(best.toPrecision(2)), scale: unit })
      return { axis, text }
    })
}
