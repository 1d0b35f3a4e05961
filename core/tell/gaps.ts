import { type Ask, type AskedAxis, desirabilityAt } from '#core/ask'
import { FAMILY_TABLE } from '#core/knowledge'
import { type Candidate, kindsOver, partOver, type PreparedBox, type Rejection, rodOver } from '#core/match'
import { message, type Said } from '#core/message'
import { AXES, AXIS_IDS, type AxisId } from '#core/rule'
import { quantity } from '#core/units'
import { dimensionOn } from './explain'
import type { MatchOut } from './output'
import { AHEAD_FROM, CLEAR_FROM } from './standing'

/** An axis on which even the best of the box comes to less of what is asked than this is a gap. Assumed. */
const GOOD_ENOUGH = 0.7

/** How much of what is asked on an axis a set-up offers, 0..1; where the axis does not concern it nothing is missing. */
function offeredOn(axis: AxisId, candidate: Candidate, asked: AskedAxis): number {
  const { placement, tactic } = candidate
  // A bait on the bottom is as deep as fish that lie there, though fish would rather look up to it.
  if (axis === 'depth') return Math.max(placement.depthFit, placement.shareInBand)
  if (axis === 'speed' && tactic.pace === null) return 1
  const figure = candidate.figureOn(axis)
  return figure === null ? 1 : desirabilityAt(asked, figure)
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

/** Rods and hardware that are missing: with them eight of ten anglers would tie on something before everything that can be fished here. */
export function tackleMissing(
  box: PreparedBox,
  candidates: readonly Candidate[],
  rejected: readonly Rejection[],
  ask: Ask,
): Gaps {
  const over = candidates.reduce((most, { odds }) => Math.max(most, odds), -Infinity) + CLEAR_FROM
  const heldBack = rejected.filter(({ code }) => code === 'overload' || code === 'underload').map(r => r.lureId)
  const onRod = rodOver(box, ask, over, new Set(heldBack))
  const withPart = partOver(box, ask, over)
  return [
    ...(onRod ? [{ axis: 'rod' as const, text: rodTold(onRod) }] : []),
    ...(withPart ? [{ axis: 'suit' as const, text: partTold(withPart) }] : []),
  ]
}

function rodTold({ profile, outfit, totalG }: Candidate): Said {
  const { kind, power, lureMinG, lureMaxG } = outfit!.outfit.rod
  return message('answer.gap-rod', {
    lure: profile.lure.name,
    total: quantity('weight', totalG),
    rod: [power, kind].join(' '),
    least: quantity('weight', lureMinG!, { exact: true }),
    most: quantity('weight', lureMaxG!, { exact: true }),
  })
}

function partTold({ profile, added: { part, grams } }: Candidate): Said {
  const { shape, hookKind, kind } = part!
  return message('answer.gap-part', {
    lure: profile.lure.name,
    part: [shape ?? (kind === 'hook' ? hookKind : ''), kind.replaceAll('-', ' ')].filter(Boolean).join(' '),
    weight: quantity('weight', grams, { exact: true }),
  })
}

/** Figures that the water asks for and nothing fishable in the box comes near, worst loss first. What no figure tells is told as kinds. */
export function gapsOf(candidates: readonly Candidate[], { axes }: Ask): Gaps {
  return AXIS_IDS.flatMap(axis => {
    const asked = axes[axis]
    const dimension = dimensionOn(axis)
    if (dimension === null || asked.weight === 0) return []
    const most = candidates.reduce((best, c) => Math.max(best, offeredOn(axis, c, asked)), 0)
    const loss = asked.weight * (1 - most)
    if (most >= GOOD_ENOUGH || loss < AHEAD_FROM) return []
    const near = quantity(dimension, asked.best)
    return [{ axis, loss, text: message('answer.gap', { axis: AXES[axis].label, near, fit: Math.round(100 * most) }) }]
  })
    .sort((a, b) => b.loss - a.loss)
    .map(({ axis, text }) => ({ axis, text }))
}
