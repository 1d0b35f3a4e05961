import { RULES } from '#core/knowledge'
import { peak, recordOf } from '#core/numeric'
import { completeReading, type CompleteReading, type Reading } from '#core/reading'
import { AXES, type Axis, AXIS_IDS, type AxisId, DEFAULT_SCHOOLS, type Favour, type Features, figureValue, isOfSchools, jointMembership, type Rule, type ScaleAxisId, type Schools, type TasteAxisId } from '#core/rule'
import type { Family } from '#core/terms'
import { featuresOf } from './features'
import { type OwnRules, ownRules } from './user-rules'

/** A rule that spoke on an axis, and how loudly (weight × membership). */
export interface Reason { readonly rule: Rule, readonly strength: number }

export interface AskedAxis {
  readonly axis: AxisId
  /** 0 when no rule spoke. */
  readonly weight: number
  readonly best: number
  /** Where the curve has fallen to one half. */
  readonly low: number
  readonly high: number
  /** Desirability at the points of `axisGrid`, greatest = 1. Taste axes: the straight line, as high as possible. */
  readonly curve: readonly number[]
  /** Loudest first. */
  readonly reasons: readonly Reason[]
}

export interface Taste { readonly favours: Favour, readonly to: number, readonly others: number, readonly within: readonly Family[] | null, readonly strength: number, readonly rule: Rule }

export interface Ask {
  readonly reading: CompleteReading
  readonly assumed: readonly string[]
  readonly features: Features
  readonly axes: Readonly<Record<AxisId, AskedAxis>>
  readonly tastes: Readonly<Record<TasteAxisId, readonly Taste[]>>
  readonly schools: Schools
}

const GRID_POINTS = 81
/** A single rule never forbids: the floor of its curve. */
const CURVE_FLOOR = 0.02
/** A membership below this is silence. */
const SILENT = 0.01
/** Value for what a rule does not favour (A10). */
const OTHERS = 0.6

/** What a value is measured by on each axis, worked out once: this is the innermost step of a ranking. */
const SCALES = recordOf(AXIS_IDS, (axis) => {
  const { min, max, spacing } = AXES[axis] as Axis
  const isLog = spacing === 'log'
  return { min, isLog, span: isLog ? Math.log(max / min) : max - min }
})

const grids: Record<AxisId, readonly number[]> = recordOf(AXIS_IDS, axis => makeGrid(AXES[axis]))

function makeGrid({ min, max, spacing }: Axis): number[] {
  return Array.from({ length: GRID_POINTS }, (_, i) => {
    const t = i / (GRID_POINTS - 1)
    return spacing === 'log' ? min * (max / min) ** t : min + t * (max - min)
  })
}

/** The points at which an axis' curve is given. */
export function axisGrid(axis: AxisId): readonly number[] {
  return grids[axis]
}

/** Desirability of `value` on an asked axis, 0..1, straight between grid points; beyond the ends the end value. */
export function desirabilityAt(asked: AskedAxis, value: number): number {
  const { min, span, isLog } = SCALES[asked.axis]
  const t = (isLog ? Math.log(value / min) : value - min) / span
  const place = Math.min(1, Math.max(0, t)) * (GRID_POINTS - 1)
  const i = Math.min(GRID_POINTS - 2, Math.floor(place))
  return asked.curve[i]! + (place - i) * (asked.curve[i + 1]! - asked.curve[i]!)
}

export interface AskOptions {
  readonly schools?: Partial<Schools>
  /** The handbook's rules; the whole handbook when absent. */
  readonly rules?: readonly Rule[]
  /** Factors on the weights of rules, by rule id: 0 switches one off, 1 leaves it. */
  readonly weights?: Readonly<Record<string, number>>
  /** The angler's own rules, with the places they may belong to. */
  readonly own?: OwnRules
}

/**
 * From a reading to what the water asks for: a desirability curve on each axis, with the rules that shaped it.
 * Curves of one axis join by weighted geometric mean, so that contradictory rules widen rather than cancel.
 */
export function askOf(given: Reading, { schools: chosen = {}, rules = RULES, weights = {}, own }: AskOptions = {}): Ask {
  const { reading, assumed } = completeReading(given)
  const schools = { ...DEFAULT_SCHOOLS, ...chosen }
  const features = featuresOf(reading)
  const spoken = [...rules, ...(own ? ownRules(own, reading) : [])]
    .filter(rule => isOfSchools(rule, schools))
    .map(rule => ({ rule, strength: rule.weight * factorOf(weights[rule.id]) * jointMembership(rule.when, features) }))
    .filter(({ strength }) => strength > SILENT)

  const tastes: Record<TasteAxisId, Taste[]> = { colour: [], profile: [], suit: [], kind: [], rod: [] }
  const shapes = new Map<ScaleAxisId, { strength: number, best: number, low: number, high: number }[]>()
  const reasons = new Map<AxisId, Reason[]>()
  for (const reason of spoken) {
    for (const effect of reason.rule.effects) {
      append(reasons, effect.axis, reason)
      if ('favours' in effect) {
        const { favours, to = 1, others = OTHERS, within = null } = effect
        tastes[effect.axis].push({ favours, to, others, within, ...reason })
      }
      else {
        append(shapes, effect.axis, {
          strength: reason.strength,
          best: figureValue(effect.best, features),
          low: figureValue(effect.low, features),
          high: figureValue(effect.high, features),
        })
      }
    }
  }

  const axes = recordOf(AXIS_IDS, axis =>
    askedAxis(axis, shapes.get(axis as ScaleAxisId) ?? [], (reasons.get(axis) ?? []).sort((a, b) => b.strength - a.strength)))
  return { reading, assumed, features, axes, tastes, schools }
}

/** Bounds of a factor on a rule's weight: no rule can be turned round, none can drown the rest. Assumed. */
const FACTOR = { least: 0, most: 2 }

function factorOf(given = 1): number {
  return Math.min(FACTOR.most, Math.max(FACTOR.least, given))
}

function append<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key)
  if (list) list.push(value)
  else map.set(key, [value])
}

function askedAxis(axis: AxisId, shapes: { strength: number, best: number, low: number, high: number }[], reasons: Reason[]): AskedAxis {
  const { kind, min, max, weight: baseWeight } = AXES[axis] as Axis
  const grid = axisGrid(axis)
  const strength = reasons.reduce((sum, r) => sum + r.strength, 0)
  const weight = baseWeight * (1 - Math.exp(-strength)) // A2
  if (kind === 'taste') return { axis, weight, best: 1, low: 0.5, high: 1, curve: grid, reasons }
  if (shapes.length === 0) return { axis, weight: 0, best: (min + max) / 2, low: min, high: max, curve: grid.map(() => 1), reasons }

  const joined = grid.map((x) => {
    let logSum = 0
    for (const { strength: s, best, low, high } of shapes) logSum += s * Math.log(Math.max(CURVE_FLOOR, peak(x, best, low, high)))
    return Math.exp(logSum / strength)
  })
  const top = Math.max(...joined)
  const curve = joined.map(d => d / top)
  // Flat tops: the middle of the plateau is the honest "best".
  const first = curve.findIndex(d => d > 0.999)
  const last = curve.findLastIndex(d => d > 0.999)
  const best = grid[(first + last) >> 1]!
  let from = first
  while (from > 0 && curve[from - 1]! >= 0.5) from--
  let to = last
  while (to < curve.length - 1 && curve[to + 1]! >= 0.5) to++
  return { axis, weight, best, low: grid[from]!, high: grid[to]!, curve, reasons }
}
