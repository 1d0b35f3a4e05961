import { AXES, type Condition, type Effect, isPush, type NumberFeature, type Rule } from '#core/rule'
import { type Dimension, formatNumber, formatQuantity, proseIn, type UnitSystem } from '#core/units'
import { axisRange } from './axis-value'
import { words } from './labels'

const FEATURE: Partial<Record<NumberFeature, { readonly label: string; readonly dimension?: Dimension }>> = {
  temperatureC: { label: 'water', dimension: 'temperature' },
  visibilityM: { label: 'sight', dimension: 'depth' },
  windMs: { label: 'wind', dimension: 'speed' },
  currentMs: { label: 'current', dimension: 'speed' },
  waveM: { label: 'waves', dimension: 'depth' },
  bottomM: { label: 'bottom', dimension: 'depth' },
  fishFromM: { label: 'fish from', dimension: 'depth' },
  fishToM: { label: 'fish down to', dimension: 'depth' },
  fishM: { label: 'fish at', dimension: 'depth' },
  sunAltitudeDeg: { label: 'sun height °' },
  light: { label: 'light 0–1' },
  activity: { label: 'activity 0–1' },
  belowRangeC: { label: '°C below its range' },
}

/** A soft condition in words: where it begins to hold and where it holds in full. */
export function conditionInWords(condition: Condition, system: UnitSystem): string {
  if ('any' in condition) return `${words(condition.feature)}: ${condition.any.map(words).join(' or ')}`
  if ('none' in condition) return `${words(condition.feature)}: not ${condition.none.map(words).join(' or ')}`
  const { feature, zeroAt, oneAt } = condition
  const { label, dimension } = FEATURE[feature] ?? { label: feature }
  const figure = (value: number) => (dimension ? formatNumber(dimension, value, { system }) : String(value))
  const full = dimension ? formatQuantity(dimension, oneAt, { system }) : String(oneAt)
  return oneAt > zeroAt
    ? `${label} over ${figure(zeroAt)}, fully from ${full}`
    : `${label} under ${figure(zeroAt)}, fully below ${full}`
}

/** When a rule speaks; every condition must hold. */
export function whenInWords({ when }: Pick<Rule, 'when'>, system: UnitSystem): string {
  return when.length === 0 ? 'always' : when.map(condition => conditionInWords(condition, system)).join('; ')
}

/** What a rule does to one axis. */
export function effectInWords(effect: Effect, system: UnitSystem): string {
  const { label } = AXES[effect.axis]
  if (isPush(effect)) {
    const marks = 'favours' in effect ? effect.favours : effect.against
    const what = Object.entries(marks)
      .map(
        ([key, value]) =>
          `${KEY_WORDS[key] ?? words(key)} ${Array.isArray(value) ? value.map(v => words(String(v))).join(SPANS.includes(key) ? '–' : ', ') : String(value)}`,
      )
      .join('; ')
    return what
      ? `${label}: ${'favours' in effect ? 'for' : 'against'} ${what}${effect.within ? ` (among ${effect.within.map(words).join(', ')})` : ''}`
      : label
  }
  const { min, max } = AXES[effect.axis]
  const [from, to] =
    'about' in effect ? [effect.low, effect.high] : 'atLeast' in effect ? [effect.half, max] : [min, effect.half]
  return typeof from === 'number' && typeof to === 'number'
    ? `${label} ${axisRange(effect.axis, from, Math.min(to, max), system)}`
    : `${label}, from the reading`
}

const SPANS: readonly string[] = [
  'weightG',
  'lengthMm',
  'bladeSize',
  'bladeCount',
  'bulk',
  'thump',
  'sound',
  'runsM',
  'tearKg',
]
const KEY_WORDS: Record<string, string> = {
  family: '',
  tactic: '',
  way: 'ways',
  weightG: 'grams',
  lengthMm: 'mm',
  bladeSize: 'blade sizes',
  bladeCount: 'blades',
  bladeMetal: 'blade metal',
  bladeFinish: 'blade finish',
  runsM: 'runs m',
  tearKg: 'tears at kg',
}

/** A rule's sentence with its places open, for where no reading fills them in. */
export function plainRule(text: string, system: UnitSystem): string {
  return proseIn(text, system).replace(/\{\w+\}/g, '…')
}
