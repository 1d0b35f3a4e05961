/** The quantities an angler types, each with the unit in which files and `core/tackle` keep it. */
export type Dimension =
  | 'weight'
  | 'length'
  | 'depth'
  | 'diameter'
  | 'temperature'
  | 'difference'
  | 'speed'
  | 'sink'
  | 'strength'
  | 'volume'
  | 'salinity'
  | 'share'

export type UnitSystem = 'metric' | 'imperial' | 'mixed'

export interface Unit {
  readonly symbol: string
  /** Spellings accepted on input, lower case. */
  readonly spellings: readonly string[]
  /** Kept unit = typed × factor + offset. */
  readonly factor: number
  readonly offset?: number
}

/** Factors: [nist-sp811] appendix B, exact. */
const OUNCE_G = 28.349523125
const POUND_KG = 0.45359237
const INCH_MM = 25.4
const FOOT_M = 0.3048
const MILE_PER_HOUR_MS = 0.44704
const KNOT_MS = 1852 / 3600
const US_QUART_L = 0.946352946

const unit = (symbol: string, factor: number, spellings: string[], offset = 0): Unit => ({
  symbol,
  factor,
  offset,
  spellings,
})

/** First unit = the kept one, taken when a number stands alone. */
export const DIMENSIONS: Record<Dimension, readonly Unit[]> = {
  weight: [
    unit('g', 1, ['g', 'gr', 'gram', 'grams']),
    unit('oz', OUNCE_G, ['oz', 'ounce', 'ounces']),
    unit('kg', 1000, ['kg']),
    unit('lb', POUND_KG * 1000, ['lb', 'lbs', '#']),
  ],
  length: [
    unit('mm', 1, ['mm']),
    unit('cm', 10, ['cm']),
    unit('m', 1000, ['m']),
    unit('in', INCH_MM, ['in', '"', '″', 'inch', 'inches']),
    unit('ft', FOOT_M * 1000, ['ft', "'", '′', 'feet', 'foot']),
  ],
  depth: [
    unit('m', 1, ['m', 'metre', 'metres', 'meter', 'meters']),
    unit('cm', 0.01, ['cm']),
    unit('ft', FOOT_M, ['ft', "'", '′', 'feet', 'foot']),
    unit('in', INCH_MM / 1000, ['in', '"', '″']),
  ],
  diameter: [unit('mm', 1, ['mm']), unit('in', INCH_MM, ['in', '"', '″'])],
  temperature: [unit('°C', 1, ['c', '°c', 'degc']), unit('°F', 5 / 9, ['f', '°f', 'degf'], -160 / 9)],
  /** Between two temperatures. */
  difference: [unit('°C', 1, ['c', '°c', 'k']), unit('°F', 5 / 9, ['f', '°f'])],
  speed: [
    unit('m/s', 1, ['m/s', 'ms']),
    unit('km/h', 1 / 3.6, ['km/h', 'kmh', 'kph']),
    unit('mph', MILE_PER_HOUR_MS, ['mph']),
    unit('kn', KNOT_MS, ['kn', 'kt', 'knot', 'knots']),
    unit('ft/s', FOOT_M, ['ft/s', 'fps']),
    unit('cm/s', 0.01, ['cm/s']),
  ],
  /** How fast a bait falls or rises. */
  sink: [
    unit('m/s', 1, ['m/s', 'ms']),
    unit('cm/s', 0.01, ['cm/s']),
    unit('ft/s', FOOT_M, ['ft/s', 'fps']),
    unit('in/s', INCH_MM / 1000, ['in/s', 'ips']),
  ],
  volume: [
    unit('L', 1, ['l', 'litre', 'litres', 'liter', 'liters']),
    unit('qt', US_QUART_L, ['qt', 'quart', 'quarts']),
    unit('gal', 4 * US_QUART_L, ['gal', 'gallon', 'gallons']),
    unit('mL', 0.001, ['ml']),
  ],
  salinity: [unit('psu', 1, ['psu', 'ppt', '‰'])],
  share: [unit('%', 0.01, ['%', 'percent'])],
  strength: [
    unit('kg', 1, ['kg', 'kgf']),
    unit('lb', POUND_KG, ['lb', 'lbs', '#']),
    unit('g', 0.001, ['g']),
    unit('oz', OUNCE_G / 1000, ['oz']),
  ],
}

/**
 * The unit shown for a dimension. `mixed` keeps lures as packets print them (ounces, inches, pounds)
 * and the water in metres and °C.
 */
const SHOWN: Record<Dimension, Record<UnitSystem, string>> = {
  weight: { metric: 'g', imperial: 'oz', mixed: 'oz' },
  length: { metric: 'mm', imperial: 'in', mixed: 'in' },
  depth: { metric: 'm', imperial: 'ft', mixed: 'm' },
  diameter: { metric: 'mm', imperial: 'in', mixed: 'mm' },
  temperature: { metric: '°C', imperial: '°F', mixed: '°C' },
  difference: { metric: '°C', imperial: '°F', mixed: '°C' },
  speed: { metric: 'm/s', imperial: 'mph', mixed: 'm/s' },
  sink: { metric: 'cm/s', imperial: 'ft/s', mixed: 'cm/s' },
  volume: { metric: 'L', imperial: 'qt', mixed: 'L' },
  strength: { metric: 'kg', imperial: 'lb', mixed: 'lb' },
  salinity: { metric: 'psu', imperial: 'psu', mixed: 'psu' },
  share: { metric: '%', imperial: '%', mixed: '%' },
}

export function shownUnit(dimension: Dimension, system: UnitSystem): Unit {
  const symbol = SHOWN[dimension][system]
  return DIMENSIONS[dimension].find(u => u.symbol === symbol)!
}

/** A kept value in another unit. */
export function toUnit(value: number, { factor, offset = 0 }: Unit): number {
  return (value - offset) / factor
}

/** A typed value in the kept unit. */
export function fromUnit(typed: number, { factor, offset = 0 }: Unit): number {
  return typed * factor + offset
}
