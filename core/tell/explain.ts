import type { Ask, Reason } from '#core/ask'
import type { Candidate, Contribution } from '#core/match'
import { message, type Said, type Value } from '#core/message'
import { AXES, AXIS_IDS, type AxisId, fillIn } from '#core/rule'
import { sourceText } from '#core/sources'
import { type Dimension, quantity, type UnitSystem } from '#core/units'
import type { AxisOut, ReasonOut, SetupAxisOut } from './output'

/** Reasons shown beside a set-up. */
const SHOWN_REASONS = 3
/** A rod this far from its job is worth a word, and is not rigged for another turn [log-odds]. Assumed. */
export const POOR_ROD = -1

export function reasonOut({ rule }: Pick<Reason, 'rule'>, { features }: Ask, system: UnitSystem): ReasonOut {
  return { rule: rule.id, text: fillIn(rule.text, features, system), source: sourceText(rule.source) }
}

export function askedAxes(ask: Ask, system: UnitSystem): AxisOut[] {
  return AXIS_IDS.filter(axis => ask.axes[axis].weight > 0).map(axis => {
    const { weight, best, low, high, reasons } = ask.axes[axis]
    return {
      axis,
      weight: round(weight),
      best: round(best),
      low: round(low),
      high: round(high),
      reasons: reasons.map(r => reasonOut(r, ask, system)),
    }
  })
}

export function setupAxes({ fits }: Candidate, ask: Ask): SetupAxisOut[] {
  return AXIS_IDS.filter(axis => ask.axes[axis].weight > 0).map(axis => {
    const { weight, best, low, high } = ask.axes[axis]
    const { offers, fit, source, gain } = fits[axis]
    return {
      axis,
      asked: { best: round(best), low: round(low), high: round(high) },
      offers: round(offers),
      fit: round(fit),
      weight: round(weight),
      known: source.known,
      gain: round(gain),
    }
  })
}

/** Hours of fishing that remove about two thirds of the doubt (contract §5). */
const HOURS_SCALE = 20

/** How well the set-up's figures are known, 0..1; the angler's own hours with the lure add to it. */
export function confidenceOf({ fits }: Candidate, { axes }: Ask, hours: number): number {
  let sum = 0
  let trusted = 0
  for (const axis of AXIS_IDS) {
    sum += axes[axis].weight
    trusted += axes[axis].weight * fits[axis].source.trust
  }
  const known = sum === 0 ? 0 : trusted / sum
  return 1 - (1 - known) * Math.exp(-hours / HOURS_SCALE)
}

/** Reasons shown beside a set-up, for and against. */
const SHOWN_AGAINST = 3
/** What adds less than this is not worth a line [log-odds]. */
const WORTH_A_LINE = 0.12

/**
 * What sets a set-up apart: the effects by which it is ahead of its best different rival, the strongest first, and of the sentences that its neighbour already shows at most one.
 * And what costs it places: the effects that speak against it here.
 */
export function setApart(
  mine: readonly Contribution[],
  rival: readonly Contribution[],
  shown: ReadonlySet<string>,
  ask: Ask,
  system: UnitSystem,
): { reasons: ReasonOut<Said>[]; against: ReasonOut<Said>[] } {
  const rivals = new Map(rival.map(({ push, gain }) => [push.key, gain]))
  const ahead = mine.map(({ push, gain, figure }) => ({ push, gain, figure, lead: gain - (rivals.get(push.key) ?? 0) }))
  const reasons: ReasonOut<Said>[] = []
  let repeated = 0
  const candidates = [
    ...ahead.filter(c => c.gain > WORTH_A_LINE && c.lead > WORTH_A_LINE).sort((a, b) => b.lead - a.lead),
    ...ahead.filter(c => c.gain > WORTH_A_LINE && c.lead <= WORTH_A_LINE).sort((a, b) => b.gain - a.gain),
  ]
  for (const { push } of candidates) {
    if (reasons.length === SHOWN_REASONS) break
    if (reasons.some(r => r.rule === push.rule.id)) continue
    if (shown.has(push.rule.id) && (reasons.length > 0 || ++repeated > 1) && candidates.length > SHOWN_REASONS) continue
    reasons.push(reasonOut(push, ask, system))
  }
  const against: ReasonOut<Said>[] = []
  for (const { push, figure } of mine.filter(c => c.gain < -WORTH_A_LINE).sort((a, b) => a.gain - b.gain)) {
    if (against.length === SHOWN_AGAINST) break
    if (against.some(r => r.rule === push.rule.id)) continue
    const reason = reasonOut(push, ask, system)
    against.push(
      figure === null
        ? reason
        : {
            ...reason,
            text: message('answer.this-one', {
              reason: reason.text,
              axis: AXES[push.effect.axis].label,
              figure: figureOn(push.effect.axis, figure),
            }),
          },
    )
  }
  return { reasons, against }
}

const DIMENSION_OF: Readonly<Record<string, Dimension>> = { 'm': 'depth', 'mm': 'length', 'm/s': 'speed' }

/** What the figures of an axis measure; `null`: they stand on a scale of the trade. */
export function dimensionOn(id: AxisId): Dimension | null {
  return id === 'fall' ? 'sink' : (DIMENSION_OF[AXES[id].unit] ?? null)
}

/** A set-up's figure on an axis: a quantity, or on the trade's scale with the end of the scale. */
function figureOn(id: AxisId, figure: number): Value {
  const dimension = dimensionOn(id)
  return dimension
    ? quantity(dimension, figure)
    : message('figure.of', { figure: Number(figure.toPrecision(2)), end: AXES[id].unit.split('–')[1] ?? '' })
}

/** Three significant places: differences beyond that are below every error in the model. */
export function round(value: number): number {
  return Number(value.toPrecision(3))
}
