import Fraction from 'fraction.js'
import { type Dimension, shownUnit, toUnit, type UnitSystem } from './dimension'

/** Decimals that a figure of this dimension deserves in each unit; more would claim what nobody measured. */
const DECIMALS: Record<string, number> = {
  'g': 1,
  'oz': 2,
  'mm': 0,
  'in': 1,
  'm': 1,
  'ft': 0,
  '°C': 1,
  '°F': 0,
  'm/s': 2,
  'mph': 1,
  'kg': 1,
  'lb': 0,
  'psu': 0,
  '%': 0,
  'cm/s': 1,
  'ft/s': 2,
  'L': 2,
  'qt': 1,
}

/** Lure weights are printed in 32nds below 1/8 oz and in 16ths above (common practice, no source). */
const FINE_OUNCE_BELOW = 1 / 8
/** A fraction is shown when it is within this share of the value: half the step between 1/2 and 9/16 oz is 6 %, 2 % stays clear of it. Assumed. */
const FRACTION_TOLERANCE = 0.02

export interface FormatOptions {
  readonly system?: UnitSystem
  readonly decimals?: number
  /** As it was entered: without zeros at its end, and with the hundredths it had. */
  readonly exact?: boolean
}

/** The figure alone, in the unit that `system` shows: `10.6`, `3/8`. */
export function formatNumber(
  dimension: Dimension,
  value: number,
  { system = 'metric', decimals, exact = false }: FormatOptions = {},
): string {
  const unit = shownUnit(dimension, system)
  const shown = toUnit(value, unit)
  if (unit.symbol === 'oz' && decimals === undefined) {
    const fraction = ounceFraction(shown)
    if (fraction) return fraction
  }
  if (dimension === 'length' && unit.symbol === 'in' && decimals === undefined) {
    const fraction = inchFraction(shown)
    if (fraction) return fraction
  }
  if (exact) return String(Number(shown.toFixed(EXACT_PLACES)))
  const places = decimals ?? placesOf(dimension, unit.symbol, shown)
  return (Number(shown.toFixed(places)) + 0).toFixed(places)
}

/** Figure and unit: `10.6 g`, `3/8 oz`, `14 °C`. The space does not break. */
export function formatQuantity(dimension: Dimension, value: number, options: FormatOptions = {}): string {
  return `${formatNumber(dimension, value, options)}\u00A0${shownUnit(dimension, options.system ?? 'metric').symbol}`
}

/** Nobody enters thousandths of a gram, an ounce or a metre. */
const EXACT_PLACES = 2

/** Line is told in hundredths of a millimetre or thousandths of an inch. */
const DIAMETER_PLACES: Record<string, number> = { mm: 2, in: 3 }
/** Below this a foot is too coarse a step [ft]. Assumed: shallow water is told to half a foot and less. */
const SHALLOW_FT = 10
/** Below this a pound is too coarse a step [lb]. Assumed: light leaders and soft baits that tear. */
const LIGHT_LB = 4

function placesOf(dimension: Dimension, symbol: string, shown: number): number {
  if (dimension === 'diameter') return DIAMETER_PLACES[symbol] ?? 2
  if (symbol === 'ft') return Math.abs(shown) < SHALLOW_FT && Math.abs(shown - Math.round(shown)) > WHOLE_TO ? 1 : 0
  if (symbol === 'lb') return Math.abs(shown) < LIGHT_LB && Math.abs(shown - Math.round(shown)) > WHOLE_TO ? 1 : 0
  return DECIMALS[symbol] ?? 1
}
/** What is within a twentieth of a whole number is told as one. */
const WHOLE_TO = 0.05

/** Lures are sold by eighths of an inch up to a foot. Common practice, no source. */
const INCH_PARTS = 8
const INCHES_TO = 12

function inchFraction(inches: number): string | null {
  if (inches <= 0 || inches > INCHES_TO) return null
  const nearest = Math.round(inches * INCH_PARTS)
  if (nearest === 0 || Math.abs(nearest / INCH_PARTS - inches) > FRACTION_TOLERANCE * inches) return null
  return new Fraction(nearest, INCH_PARTS).toFraction(true)
}

function ounceFraction(ounces: number): string | null {
  if (ounces <= 0 || ounces > 4) return null
  const parts = ounces < FINE_OUNCE_BELOW ? 32 : 16
  const nearest = Math.round(ounces * parts)
  if (nearest === 0 || Math.abs(nearest / parts - ounces) > FRACTION_TOLERANCE * ounces) return null
  return new Fraction(nearest, parts).toFraction(true)
}
