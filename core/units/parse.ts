import Fraction from 'fraction.js'
import { type Message, message } from '#core/message'
import { type Dimension, DIMENSIONS, fromUnit, shownUnit, type Unit, type UnitSystem } from './dimension'
import { formatQuantity } from './format'
import { quantity } from './quantity'

export type Parsed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: Message }

/** A number as typed: `12`, `10.5`, `10,5`, `3/8`, `1 1/4`, `1-1/4`, `½`. */
const NUMBER = String.raw`[-+]?(?:\d+[ -]\d+/\d+|\d+/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`
const ONE = new RegExp(`^(${NUMBER})\\s*(.*)$`)
const FEET_AND_INCHES = new RegExp(String.raw`^(\d+)\s*(?:'|′|ft|feet)\s*(${NUMBER})\s*(?:"|″|in|inch|inches)?$`)

/** Two metres ten, as it is written in the south: `2m10`. */
const METRES_AND_CENTIMETRES = /^(\d+)\s*m\s*(\d{2})$/

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/**
 * Reads a quantity as an angler writes it (`3/8 oz`, `10,5 g`, `58F`, `4'6"`, `2m10`, `1 1/4 oz`) into the dimension's kept unit
 * (g, mm, m, mm, °C, m/s, kg). A bare number is taken in the unit that `system` shows.
 *
 * User data, so failure is a value with a message that names what was typed.
 */
export function parseQuantity(dimension: Dimension, typed: string, system: UnitSystem = 'metric'): Parsed {
  const text = normalise(typed)
  if (text === '') return { ok: false, message: message('units.nothing', { dimension }) }

  const both = FEET_AND_INCHES.exec(text)
  if (both && (dimension === 'length' || dimension === 'depth')) {
    const units = DIMENSIONS[dimension]
    const feet = fromUnit(Number(both[1]), unitOf(units, 'ft')!)
    return { ok: true, value: converted(feet + fromUnit(toNumber(both[2]!)!, unitOf(units, 'in')!)) }
  }

  const metres = METRES_AND_CENTIMETRES.exec(text)
  if (metres && dimension === 'depth') return { ok: true, value: Number(`${metres[1]}.${metres[2]}`) }

  const one = ONE.exec(text)
  const number = one ? toNumber(one[1]!) : null
  if (!one || number === null) return { ok: false, message: message('units.not-a', { typed, dimension }) }
  const unitText = one[2]!.trim()
  const unit = unitText === '' ? shownUnit(dimension, system) : unitOf(DIMENSIONS[dimension], unitText)
  if (!unit) {
    const known = { joined: DIMENSIONS[dimension].map(u => u.symbol) }
    return { ok: false, message: message('units.unknown', { unit: unitText, dimension, known }) }
  }
  const value = fromUnit(number, unit)
  return { ok: true, value: value === number ? value : converted(value) }
}

/** Digits that a double holds for certain [count]. */
const CERTAIN_DIGITS = 15
/** 3.5 in are 88.9 mm, not 88.89999999999999. */
const converted = (value: number) => Number(value.toPrecision(CERTAIN_DIGITS))

function normalise(typed: string): string {
  return typed
    .trim()
    .toLowerCase()
    .replace(/(\d)\s*([½¼¾⅛⅜⅝⅞])/g, (_, whole: string, vulgar: string) => `${whole} ${VULGAR[vulgar]}`)
    .replace(/[½¼¾⅛⅜⅝⅞]/g, vulgar => VULGAR[vulgar]!)
    .replace('−', '-')
    .replace(/\s+/g, ' ')
}

function unitOf(units: readonly Unit[], text: string): Unit | undefined {
  const bare = text.replace(/(?<=[a-z])\.$/i, '')
  return units.find(u => u.symbol === bare || u.spellings.includes(bare.toLowerCase()))
}

/** `null` for a fraction over zero: it matches the pattern but is no number. */
function toNumber(text: string): number | null {
  if (!text.includes('/')) return Number(text.replace(',', '.'))
  if (/\/0+$/.test(text)) return null
  return new Fraction(text.replace(/(?<=\d)-/, ' ').trim()).valueOf()
}

/** What a field takes: its own range, and from where on a value is asked about once before it is believed; all in the kept unit. */
export interface QuantityRange {
  readonly min?: number | undefined
  readonly max?: number | undefined
  /** What it is likely to be; beyond this, up or down, it is asked about. */
  readonly likely?: readonly [least: number, most: number] | undefined
}

export type QuantityTyped =
  | { readonly ok: true; readonly value: number | null; readonly understood: string; readonly doubt: Message | null }
  | { readonly ok: false; readonly message: Message }

/**
 * One quantity as it stands in a field named `label`: read, held against what is possible, and told back in the system in use, so that the angler sees what was understood.
 * An empty field is `null`: not known. A sign is never dropped: a value below `min` (0 when absent) is refused.
 */
export function takeQuantity(
  label: string,
  dimension: Dimension,
  typed: string,
  system: UnitSystem,
  { min = dimension === 'temperature' ? -Infinity : 0, max = Infinity, likely }: QuantityRange = {},
): QuantityTyped {
  if (typed.trim() === '') return { ok: true, value: null, understood: '', doubt: null }
  const parsed = parseQuantity(dimension, typed, system)
  if (!parsed.ok) return { ok: false, message: message('units.in-field', { label, problem: parsed.message }) }
  const { value } = parsed
  if (value < min || value > max) {
    const range =
      max === Infinity
        ? message('units.or-more', { least: quantity(dimension, min) })
        : min === -Infinity
          ? message('units.or-less', { most: quantity(dimension, max) })
          : message('units.between', { least: quantity(dimension, min), most: quantity(dimension, max) })
    return { ok: false, message: message('units.out-of-range', { label, typed: typed.trim(), range }) }
  }
  const isOdd = likely !== undefined && (value < likely[0] || value > likely[1])
  return {
    ok: true,
    value,
    understood: formatQuantity(dimension, value, { system }),
    doubt: isOdd ? message('units.doubt', { label, value: quantity(dimension, value) }) : null,
  }
}
