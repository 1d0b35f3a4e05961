import Fraction from 'fraction.js'
import { type Dimension, DIMENSIONS, fromUnit, shownUnit, toUnit, type UnitSystem } from './dimension'

/** Units that stand in sentences of the handbook, with what they measure there. */
const WRITTEN: Readonly<Record<string, Dimension>> = {
  '°C': 'temperature',
  'm/s': 'speed',
  'cm/s': 'sink',
  'kg': 'strength',
  'mm': 'length',
  'cm': 'length',
  'g': 'weight',
  'm': 'depth',
}

const FIGURE = String.raw`\d+(?:\.\d+)?`
const QUANTITY = new RegExp(
  String.raw`(?<![\w.,–/])(${FIGURE})(?:(–| to | or | and )(${FIGURE}))?[ \u00A0](${Object.keys(WRITTEN)
    .map(u => u.replace('/', '\\/'))
    .join('|')})(?![\w/²³])`,
  'g',
)

/** In sentences a figure is rounded as an angler would say it: up to `below` in steps of `step`. Assumed. */
const STEPS: Readonly<Record<string, readonly (readonly [below: number, step: number])[]>> = {
  'oz': [
    [1 / 8, 1 / 32],
    [1, 1 / 16],
    [4, 1 / 4],
    [Infinity, 1],
  ],
  'in': [
    [4, 1 / 4],
    [12, 1 / 2],
    [Infinity, 1],
  ],
  'ft': [
    [4, 1 / 2],
    [30, 1],
    [Infinity, 5],
  ],
  '°F': [[Infinity, 1]],
  'mph': [
    [1, 0.05],
    [Infinity, 0.1],
  ],
  'ft/s': [[Infinity, 0.1]],
  'lb': [
    [5, 1 / 2],
    [Infinity, 1],
  ],
}
/** Said as fractions; the rest as decimals. */
const FRACTIONS: readonly string[] = ['oz', 'in', 'ft']

/** A sentence of the handbook, written in metric, with its figures in the system in use: “7 to 10 g” → “1/4 to 3/8 oz”. */
export function proseIn(sentence: string, system: UnitSystem): string {
  if (system === 'metric') return sentence
  return sentence.replace(
    QUANTITY,
    (whole, first: string, between: string | undefined, second: string | undefined, written: string) => {
      const dimension = WRITTEN[written]!
      const to = shownUnit(dimension, system)
      const from = DIMENSIONS[dimension].find(u => u.symbol === written)!
      if (!STEPS[to.symbol]) return whole
      const say = (text: string) => inSteps(toUnit(fromUnit(Number(text), from), to), to.symbol)
      const [low, high] = [say(first), second === undefined ? null : say(second)]
      return `${low}${high === null || high === low ? '' : `${between}${high}`}\u00A0${to.symbol}`
    },
  )
}

function inSteps(value: number, symbol: string): string {
  const [, step] = STEPS[symbol]!.find(([below]) => value < below)!
  const rounded = Math.max(step, Math.round(value / step) * step)
  return FRACTIONS.includes(symbol)
    ? new Fraction(rounded).simplify(0.001).toFraction(true)
    : String(Number(rounded.toFixed(2)))
}
