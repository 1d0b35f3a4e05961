import { FITTED, RULES } from '#core/knowledge'
import { peak, recordOf } from '#core/numeric'
import { completeReading, type CompleteReading, type Reading, withNight } from '#core/reading'
import {
  AXES,
  type Axis,
  AXIS_IDS,
  type AxisId,
  DEFAULT_SCHOOLS,
  type Effect,
  type Features,
  isOfSchools,
  isPush,
  jointMembership,
  type Rule,
  type Schools,
  type Shape,
  shapeOf,
} from '#core/rule'
import { featuresOf } from './features'
import { type OwnRules, ownRules } from './user-rules'

/** A rule that spoke on an axis, and how loudly (log-odds that it can move). */
export interface Reason {
  readonly rule: Rule
  readonly strength: number
}

/** One effect of a rule that speaks here: what it adds to the log-odds of a set-up, at most. */
export interface Push {
  readonly rule: Rule
  readonly effect: Effect
  readonly key: string
  readonly strength: number
}

export interface AskedAxis {
  readonly axis: AxisId
  /** Log-odds that can be won or lost on it; 0 when no rule spoke. */
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

export interface Ask {
  readonly reading: CompleteReading
  readonly assumed: readonly string[]
  readonly features: Features
  readonly axes: Readonly<Record<AxisId, AskedAxis>>
  /** Every effect that speaks, but those on depth and pace: these are met by the presentation, against their axis' curve. */
  readonly pushes: readonly Push[]
  readonly schools: Schools
  /** Log-odds as fitted, also of tactics (`tactic:…`) and axes (`axis:…`). */
  readonly fitted: Readonly<Record<string, number>>
  /** What the angler makes of a row of the handbook, by its id: a factor, 0 switches it off. */
  readonly heeds: (id: string) => number
}

const GRID_POINTS = 81
/** A single rule never forbids: the floor of its curve. */
const CURVE_FLOOR = 0.02
/** A membership below this is silence. */
const SILENT = 0.01
/** Axes that the presentation and the rod are chosen on: what they add is worked out there, against the axis' curve or the table of jobs. */
const BY_PRESENTATION: readonly AxisId[] = ['depth', 'speed', 'rod']

/** What a value is measured by on each axis, worked out once: this is the innermost step of a ranking. */
const SCALES = recordOf(AXIS_IDS, axis => {
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
  /** Factors on the weights of rules and of rows of the craft, by id: 0 switches one off, 1 leaves it. */
  readonly weights?: Readonly<Record<string, number>>
  /** Log-odds of effects as the fit found them, by effect key; those of the program when absent. */
  readonly fitted?: Readonly<Record<string, number>>
  /** The angler's own rules, with the places they may belong to. */
  readonly own?: OwnRules
}

/**
 * From a reading to what the water asks for: every effect of every rule that speaks, as a push in log-odds, and for each axis the curve that its rules draw together.
 * Pushes add in the judgement; the curves (weighted geometric mean of the shapes) are what depth and pace are chosen by, and what the screen draws.
 */
export function askOf(
  given: Reading,
  { schools: chosen = {}, rules = RULES, weights = {}, fitted = FITTED, own }: AskOptions = {},
): Ask {
  const completed = completeReading(given)
  const { assumed } = completed
  const reading = withNight(completed.reading)
  const schools = { ...DEFAULT_SCHOOLS, ...chosen }
  const features = featuresOf(reading, { isPreySeen: !assumed.includes('forage') })
  const heeds = (id: string) => factorOf(weights[id])
  const spoken = [...rules, ...(own ? ownRules(own, reading) : [])]
    .filter(rule => isOfSchools(rule, schools))
    .map(rule => ({ rule, membership: jointMembership(rule.when, features) }))
    .filter(({ membership }) => membership > SILENT)

  const pushes: Push[] = []
  const shapes = new Map<AxisId, (Shape & { strength: number })[]>()
  const reasons = new Map<AxisId, Reason[]>()
  for (const { rule, membership } of spoken) {
    rule.effects.forEach((effect, i) => {
      const key = effectKey(rule, i)
      const strength = (fitted[key] ?? rule.weight * liftOf(effect)) * heeds(rule.id) * membership
      if (strength <= 0) return
      append(reasons, effect.axis, { rule, strength })
      if (!BY_PRESENTATION.includes(effect.axis)) pushes.push({ rule, effect, key, strength })
      if (!isPush(effect)) append(shapes, effect.axis, { strength, ...shapeOf(effect, features) })
    })
  }

  const axes = recordOf(AXIS_IDS, axis =>
    askedAxis(
      axis,
      shapes.get(axis) ?? [],
      (reasons.get(axis) ?? []).sort((a, b) => b.strength - a.strength),
    ),
  )
  return { reading, assumed, features, axes, pushes, schools, fitted, heeds }
}

/** Name of one effect of a rule: what the fit gives a weight to. */
export function effectKey({ id, effects }: Pick<Rule, 'id' | 'effects'>, index: number): string {
  return effects.length === 1 ? id : `${id}#${index}`
}

/** Log-odds of an effect at weight 1. */
export function liftOf(effect: Effect): number {
  return effect.lift ?? AXES[effect.axis].weight
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

function askedAxis(axis: AxisId, shapes: readonly (Shape & { strength: number })[], reasons: Reason[]): AskedAxis {
  const { kind, min, max } = AXES[axis] as Axis
  const grid = axisGrid(axis)
  // Pushes of one scale pull one way; those of a taste name different lures, and what they can do together is their length, not their sum.
  const weight =
    kind === 'taste'
      ? Math.sqrt(reasons.reduce((sum, r) => sum + r.strength ** 2, 0))
      : reasons.reduce((sum, r) => sum + r.strength, 0)
  const strength = shapes.reduce((sum, s) => sum + s.strength, 0)
  if (kind === 'taste') return { axis, weight, best: 1, low: 0.5, high: 1, curve: grid, reasons }
  if (shapes.length === 0)
    return { axis, weight: 0, best: (min + max) / 2, low: min, high: max, curve: grid.map(() => 1), reasons }

  const joined = grid.map(x => {
    let logSum = 0
    for (const { strength: s, best, low, high } of shapes)
      logSum += s * Math.log(Math.max(CURVE_FLOOR, peak(x, best, low, high)))
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
