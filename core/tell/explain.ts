import type { Ask, AskedAxis, Reason } from '#core/ask'
import { type Candidate, isFavoured } from '#core/match'
import { recordOf } from '#core/numeric'
import { AXIS_IDS, type AxisId, fillIn } from '#core/rule'
import { sourceText } from '#core/sources'
import type { UnitSystem } from '#core/units'
import type { AxisOut, ReasonOut, SetupAxisOut } from './output'

/** Reasons shown beside a set-up. */
const SHOWN_REASONS = 3

export function reasonOut({ rule }: Reason, { features }: Ask, system: UnitSystem): ReasonOut {
  return { rule: rule.id, text: fillIn(rule.text, features, system), source: sourceText(rule.source) }
}

export function askedAxes(ask: Ask, system: UnitSystem): AxisOut[] {
  return AXIS_IDS.filter(axis => ask.axes[axis].weight > 0).map((axis) => {
    const { weight, best, low, high, reasons } = ask.axes[axis]
    return { axis, weight: round(weight), best: round(best), low: round(low), high: round(high), reasons: reasons.map(r => reasonOut(r, ask, system)) }
  })
}

export function setupAxes({ fits }: Candidate, ask: Ask): SetupAxisOut[] {
  return AXIS_IDS.filter(axis => ask.axes[axis].weight > 0).map((axis) => {
    const { weight, best, low, high } = ask.axes[axis]
    const { offers, fit, source } = fits[axis]
    return { axis, asked: { best: round(best), low: round(low), high: round(high) }, offers: round(offers), fit: round(fit), weight: round(weight), known: source.known }
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

/** The usual fit on each axis among the set-ups that are really in question: the best third of the box, at least ten. */
export type UsualFits = Record<AxisId, number>
const IN_QUESTION = { share: 1 / 3, least: 10 }

export function usualFits(ranked: readonly Candidate[]): UsualFits {
  const candidates = ranked.slice(0, Math.max(IN_QUESTION.least, Math.ceil(ranked.length * IN_QUESTION.share)))
  return recordOf(AXIS_IDS, (axis) => {
    const sum = candidates.reduce((total, c) => total + Math.log(c.fits[axis].fit), 0)
    return candidates.length ? Math.exp(sum / candidates.length) : 1
  })
}

/**
 * The rules that lifted this set-up above its rivals: the axes on which it gains most, each with the loudest rule that favours it.
 * Only rules that entered the score are shown.
 */
export function setupReasons(candidate: Candidate, ask: Ask, usual: UsualFits, system: UnitSystem): ReasonOut[] {
  const gains = AXIS_IDS
    .map(axis => ({ axis, gain: ask.axes[axis].weight * Math.log(candidate.fits[axis].fit / usual[axis]) }))
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => b.gain - a.gain)
  const reasons: ReasonOut[] = []
  for (const { axis } of gains) {
    const reason = loudestFor(candidate, ask, ask.axes[axis])
    if (reason && !reasons.some(r => r.rule === reason.rule.id)) reasons.push(reasonOut(reason, ask, system))
    if (reasons.length === SHOWN_REASONS) break
  }
  return reasons
}

function loudestFor(candidate: Candidate, ask: Ask, { axis, reasons }: AskedAxis): Reason | undefined {
  if (!(axis in ask.tastes)) return reasons[0]
  const tastes = ask.tastes[axis as keyof Ask['tastes']]
  return tastes
    .filter(t => t.to > t.others && isFavoured(t.favours, candidate.profile, candidate.technique))
    .sort((a, b) => b.strength - a.strength)[0]
}

/** Three significant places: differences beyond that are below every error in the model. */
export function round(value: number): number {
  return Number(value.toPrecision(3))
}
