import type { Ask } from '#core/ask'
import { FAMILY_TABLE } from '#core/knowledge'
import { type Candidate, kindsOver, type PreparedBox } from '#core/match'
import { message, type Said } from '#core/message'
import { AXES, AXIS_IDS, type AxisId } from '#core/rule'
import { quantity } from '#core/units'
import { dimensionOn } from './explain'
import type { MatchOut } from './output'
import { AHEAD_FROM, CLEAR_FROM } from './standing'

/** An axis on which even the best of the box fits worse than this is a gap. Assumed. */
const GOOD_ENOUGH = 0.7

/** A bait on the bottom is as deep as fish that lie there, though fish would rather look up to it. */
function isGoodOn(axis: AxisId, candidate: Candidate): boolean {
  return candidate.fitOn(axis) >= GOOD_ENOUGH || (axis === 'depth' && candidate.placement.shareInBand >= GOOD_ENOUGH)
}

type Gaps = MatchOut<Said>['gaps']

/** Kinds of lure that eight of ten anglers would tie on here before everything in the box, best first. */
export function kindsMissing(box: PreparedBox, candidates: readonly Candidate[], ask: Ask): Gaps {
  const best = candidates.reduce((most, { odds }) => Math.max(most, odds), -Infinity)
  return kindsOver(box, ask, best + CLEAR_FROM).map(({ profile, tactic }) => {
    const { lure, lengthMm, colours } = profile
    const { pattern, metal } = colours.value
    return {
      axis: 'suit',
      text: message('answer.gap-kind', {
        kind:
          lure.style == null ? FAMILY_TABLE[lure.family].label : `${FAMILY_TABLE[lure.family].label} (${lure.style})`,
        dress: metal === 'none' ? pattern : metal,
        length: quantity('length', lengthMm.value),
        tactic: tactic.label,
      }),
    }
  })
}

/** What the water asks for on one axis and nothing fishable in the box offers, worst loss first. */
export function gapsOf(candidates: readonly Candidate[], { axes }: Ask): Gaps {
  return AXIS_IDS.filter(axis => axes[axis].weight > 0 && !candidates.some(c => isGoodOn(axis, c)))
    .map(axis => {
      const bestFit = candidates.reduce((best, c) => Math.max(best, c.fitOn(axis)), 0)
      return { axis, bestFit, loss: axes[axis].weight * (1 - bestFit) }
    })
    .filter(({ loss }) => loss >= AHEAD_FROM)
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
