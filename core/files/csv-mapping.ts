import { DIMENSIONS, shownUnit, type UnitSystem } from '#core/units'
import { CSV_COLUMNS, csvColumn, headingOf } from './csv-columns'
import type { CsvTable } from './csv-table'

/** What one column of a foreign table is taken for. */
export interface ColumnMapping {
  /** Path of a CSV column, `more`, or `null`: left out. */
  readonly path: string | null
  /** Unit of its bare figures; `null` where there is none. */
  readonly unit: string | null
}

/** Column that carries what the others cannot: unknown fields and explicit nulls, as JSON. */
export const MORE = 'more'
/** Rows that are looked at to guess a unit. */
const SAMPLE = 50

/** Guesses what each column is from its heading and figures; every guess can be changed before anything is written. */
export function guessMapping({ header, rows }: CsvTable, system: UnitSystem = 'metric'): readonly ColumnMapping[] {
  const taken = new Set<string>()
  return header.map((heading, i) => {
    const path = pathOf(heading)
    if (path === null || (taken.has(path) && path !== 'notes')) return { path: null, unit: null }
    taken.add(path)
    return { path, unit: unitOf(path, heading, rows.slice(0, SAMPLE).map(row => row[i] ?? ''), system) }
  })
}

function pathOf(heading: string): string | null {
  const text = heading.toLowerCase().trim()
  if (text === MORE) return MORE
  const exact = CSV_COLUMNS.find(c => headingOf(c).toLowerCase() === text || c.path.toLowerCase() === text)
  if (exact) return exact.path
  const bare = text.replace(/[([].*$/, '').replace(/[_\s]+/g, ' ').trim()
  const withoutUnit = bare.replace(/\s(g|oz|mm|cm|in|inch|inches|m|ft|feet)$/, '')
  return CSV_COLUMNS.find(({ label, alsoCalled }) => [bare, withoutUnit].some(name => name === label || alsoCalled.includes(name)))?.path ?? null
}

/** The unit named in the heading, else the one that the figures' size speaks for, else the system's. */
function unitOf(path: string, heading: string, cells: readonly string[], system: UnitSystem): string | null {
  const dimension = csvColumn(path)?.dimension
  if (!dimension) return null
  const units = DIMENSIONS[dimension]
  const named = /[([\s_]([a-z°"'/]+)[)\]]?\s*$/i.exec(heading.toLowerCase())?.[1]
  const byName = units.find(u => u.symbol.toLowerCase() === named || u.spellings.includes(named ?? ''))
  if (byName) return byName.symbol
  if (path === 'weightG' || path === 'labelWeightG') return guessWeightUnit(cells) ?? shownUnit(dimension, system).symbol
  if (path === 'lengthMm') return guessLengthUnit(cells) ?? shownUnit(dimension, system).symbol
  return shownUnit(dimension, system).symbol
}

function guessWeightUnit(cells: readonly string[]): string | null {
  const bare = cells.filter(cell => cell.trim() !== '')
  // Fractions are ounces; lures of 4 and more ounces are rare, so are lures under 4 g in most boxes. Assumed.
  if (bare.some(cell => /\d\/\d|[½¼¾⅛⅜⅝⅞]/.test(cell))) return 'oz'
  const middle = median(bare)
  return middle === null ? null : middle < 2.5 ? 'oz' : 'g'
}

function guessLengthUnit(cells: readonly string[]): string | null {
  const middle = median(cells)
  // Lures are 1–12 in, 2–30 cm or 20–300 mm long; between inches and centimetres the smaller figures speak for inches. Assumed.
  return middle === null ? null : middle >= 20 ? 'mm' : middle >= 7 ? 'cm' : 'in'
}

function median(cells: readonly string[]): number | null {
  const numbers = cells.map(cell => Number(cell.trim().replace(',', '.'))).filter(n => Number.isFinite(n) && n > 0).sort((a, b) => a - b)
  return numbers[Math.floor(numbers.length / 2)] ?? null
}
