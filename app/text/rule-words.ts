import {
  AXES,
  type Condition,
  type Effect,
  type Favour,
  isPush,
  type NumberFeature,
  type Rule,
  type SetFeature,
} from '#core/rule'
import { type Dimension, formatNumber, formatQuantity, proseIn, type UnitSystem } from '#core/units'
import { axisRange } from './axis-value'
import { words } from './labels'

interface Named {
  readonly label: string
  readonly dimension?: Dimension
  /** A difference of temperatures [°C]. */
  readonly difference?: true
}
/** Numbers of the reading as a rule speaks of them. */
const FEATURE: Readonly<Record<NumberFeature, Named>> = {
  temperatureC: { label: 'water', dimension: 'temperature' },
  belowRangeC: { label: 'colder than its range by', difference: true },
  aboveRangeC: { label: 'warmer than its range by', difference: true },
  activity: { label: 'activity 0–1' },
  visibilityM: { label: 'a lure vanishes at', dimension: 'depth' },
  light: { label: 'light 0–1' },
  sunAltitudeDeg: { label: 'sun height °' },
  windMs: { label: 'wind', dimension: 'speed' },
  currentMs: { label: 'current', dimension: 'speed' },
  waveM: { label: 'waves', dimension: 'depth' },
  bottomM: { label: 'bottom', dimension: 'depth' },
  fishFromM: { label: 'fish from', dimension: 'depth' },
  fishToM: { label: 'fish down to', dimension: 'depth' },
  fishM: { label: 'fish at', dimension: 'depth' },
  presentM: { label: 'bait shown at', dimension: 'depth' },
  suspendedM: { label: 'fish over the bottom by', dimension: 'depth' },
  warmthC: { label: 'water, as this fish feels it,', dimension: 'temperature' },
  coverTopM: { label: 'cover tops out at', dimension: 'depth' },
  forageLengthMm: { label: 'prey length', dimension: 'length' },
  shortestForageMm: { label: 'shortest prey', dimension: 'length' },
  longestForageMm: { label: 'longest prey', dimension: 'length' },
  forageSlenderness: { label: 'prey height over length' },
  mouthMm: { label: 'mouth', dimension: 'length' },
  usualBulk: { label: 'middling bulk for this fish, 1–5,' },
}
/** Things that the reading names, where their own word would not do. */
const THING: Partial<Record<SetFeature, string>> = {
  guild: 'kind of fish',
  habit: 'hunts',
  from: 'you stand',
  prey: 'their prey was',
  forage: 'they eat',
  silhouette: 'prey shape',
  forageLevel: 'prey lives',
  shortStrikes: 'bites fall short',
  grouping: 'they keep',
  crowd: 'anglers',
  toothy: 'teeth',
  phase: 'season',
}

/** Degrees Fahrenheit for a degree Celsius; by definition. */
const F_PER_C = 1.8

/** A soft condition in words: where it begins to hold and where it holds in full. */
export function conditionInWords(condition: Condition, system: UnitSystem): string {
  if ('any' in condition) return `${thing(condition.feature)}: ${condition.any.map(words).join(' or ')}`
  if ('none' in condition) return `${thing(condition.feature)}: not ${condition.none.map(words).join(' or ')}`
  const { feature, zeroAt, oneAt } = condition
  const { label, dimension, difference }: Named = FEATURE[feature]
  const bare = (value: number) => String(difference && system === 'imperial' ? Math.round(value * F_PER_C) : value)
  const figure = (value: number) => (dimension ? formatNumber(dimension, value, { system }) : bare(value))
  const unit = difference ? (system === 'imperial' ? ' °F' : ' °C') : ''
  const full = dimension ? formatQuantity(dimension, oneAt, { system }) : `${bare(oneAt)}${unit}`
  return oneAt > zeroAt
    ? `${label} over ${figure(zeroAt)}, fully from ${full}`
    : `${label} under ${figure(zeroAt)}, fully below ${full}`
}

const thing = (feature: SetFeature) => THING[feature] ?? words(feature)

/** When a rule speaks; every condition must hold. */
export function whenInWords({ when }: Pick<Rule, 'when'>, system: UnitSystem): string {
  return when.length === 0 ? 'always' : when.map(condition => conditionInWords(condition, system)).join('; ')
}

/** What a rule does to one axis. */
export function effectInWords(effect: Effect, system: UnitSystem): string {
  const { label } = AXES[effect.axis]
  if (isPush(effect)) {
    const marks = 'favours' in effect ? effect.favours : effect.against
    const what = marksInWords(marks, system)
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

/** Figures that a rule names from … to, and their words. */
const SPANS: Readonly<Record<string, Named>> = {
  weightG: { label: 'weight', dimension: 'weight' },
  lengthMm: { label: 'length', dimension: 'length' },
  bladeSize: { label: 'blade sizes' },
  bladeCount: { label: 'blades' },
  bulk: { label: 'bulk, 1–5,' },
  thump: { label: 'thump, 1–5,' },
  sound: { label: 'sound, 0–5,' },
  runsM: { label: 'runs to', dimension: 'depth' },
  tearKg: { label: 'tears at kg' },
}
const KEY_WORDS: Record<string, string> = {
  family: '',
  tactic: '',
  way: 'ways',
  bladeMetal: 'blade metal',
  bladeFinish: 'blade finish',
}

/** What a row names of a lure, all of it. */
export function marksInWords(marks: Favour, system: UnitSystem): string {
  return Object.entries(marks)
    .map(([key, value]) => markInWords(key, value, system))
    .join('; ')
}

/** One thing that a rule names of a lure: which ones, or from what figure to what. */
function markInWords(key: string, value: unknown, system: UnitSystem): string {
  const span = SPANS[key]
  if (span && Array.isArray(value)) {
    const [from, to] = value as [number, number]
    const { label, dimension } = span
    if (!dimension) return `${label} ${from}–${to}`
    return `${label} ${formatNumber(dimension, from, { system })}–${formatQuantity(dimension, to, { system })}`
  }
  const word = KEY_WORDS[key] ?? words(key)
  return `${word ? `${word} ` : ''}${Array.isArray(value) ? value.map(v => words(String(v))).join(', ') : String(value)}`
}

/** A rule's sentence with its places open, for where no reading fills them in. */
export function plainRule(text: string, system: UnitSystem): string {
  return proseIn(text, system).replace(/\{\w+\}/g, '…')
}
