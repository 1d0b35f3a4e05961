import { inEnglish, readColours, readKind } from '#core/catalogue'
import { DIMENSIONS, shownUnit, type UnitSystem } from '#core/units'
import { BARE, CSV_COLUMNS, csvColumn, headingOf, NO_CONTEXT } from './csv-columns'
import type { CsvTable } from './csv-table'

/** What one column of a foreign table is taken for. */
export interface ColumnMapping {
  /** Path of a CSV column, `more`, or `null`: left out. */
  readonly path: string | null
  /** Unit of its bare figures; `null` where there is none. */
  readonly unit: string | null
  /** The unit is named in the heading, or the figures leave no doubt; otherwise it is asked. */
  readonly isSure: boolean
  /** `1,200` is twelve hundred, not one and a fifth. */
  readonly thousands: boolean
}

/** Texts of cells that are to be read as another text, by column path and the text in lower case; an empty one leaves the cell out. */
export type Corrections = Readonly<Record<string, Readonly<Record<string, string>>>>

/** Column that carries what the others cannot: unknown fields and explicit nulls, as JSON. */
export const MORE = 'more'
/** Rows that are looked at to guess a unit. */
const SAMPLE = 50

/** Texts that speak for one system of units. */
const METRIC = /\b(?:\d\s*)?(?:g|gr|grams?|mm|cm|metres?)\b/i
const IMPERIAL = /\b(?:oz|ounces?|in|inch(?:es)?|ft|feet|lbs?)\b|\d\s*["″]|\d\/\d/i

/** Guesses what each column is from its heading and figures; every guess can be changed before anything is written. */
export function guessMapping(
  { header, rows, delimiter }: CsvTable,
  system: UnitSystem = 'metric',
): readonly ColumnMapping[] {
  const sample = (i: number) => rows.slice(0, SAMPLE).map(row => row[i] ?? '')
  const paths = pathsOf(header, sample)
  const hints = [...header, ...rows.slice(0, SAMPLE).flat()]
  const speakFor = (pattern: RegExp) => hints.filter(text => pattern.test(text)).length
  const isMetric = speakFor(METRIC) > speakFor(IMPERIAL)
  return paths.map((path, i): ColumnMapping => {
    const dimension = path === null ? undefined : csvColumn(path)?.dimension
    if (path === null || !dimension) return { path, unit: null, isSure: true, thousands: false }
    const thousands =
      delimiter !== ';' &&
      sample(i).some(cell => /\d,\d{3}(?!\d)/.test(cell)) &&
      !sample(i).some(cell => /\d,\d{1,2}(?!\d)/.test(cell))
    return { path, ...unitOf(path, header[i]!, sample(i), system, isMetric), thousands }
  })
}

/** What each column is: by its heading, else by words in its heading, else by what stands in it. No path but that of notes is given twice. */
function pathsOf(header: readonly string[], sample: (column: number) => readonly string[]): readonly (string | null)[] {
  const taken = new Set<string>()
  const paths: (string | null)[] = header.map(() => null)
  for (const guess of [pathOf, pathInWords, byContent])
    for (const [i, heading] of header.entries()) {
      if (paths[i] !== null) continue
      const cells = sample(i)
        .map(cell => cell.trim())
        .filter(cell => cell !== '')
      const guessed = guess(heading, cells, taken)
      const path = guessed === 'name' && countsInFrench(heading, cells) ? 'quantity' : guessed
      if (path === null || (taken.has(path) && path !== 'notes') || (path === 'quantity' && countRows(cells))) continue
      taken.add(path)
      paths[i] = path
    }
  return paths
}

/** The French for a number is the Spanish for a name. */
function countsInFrench(heading: string, cells: readonly string[]): boolean {
  return /^nombre\b/i.test(heading) && cells.length > 0 && cells.every(cell => /^\d{1,3}$/.test(cell))
}

/** Whether figures only number the rows. */
function countRows(cells: readonly string[]): boolean {
  return cells.length >= FEWEST && cells.every((cell, i) => Number(cell) === Number(cells[0]) + i)
}

/** The longest heading of a column that stands in words within a heading: "Color name" is of colours, "Pack qty" of pieces. */
function pathInWords(heading: string): string | null {
  if (ARTICLE.test(heading)) return null
  const words = ` ${inEnglish(heading)
    .replaceAll(OF, ' ')
    .replaceAll(/[^a-z]+/g, ' ')
    .trim()} `
  let best: { readonly name: string; readonly path: string } | null = null
  for (const { path, label, alsoCalled } of CSV_COLUMNS)
    for (const name of [label, ...alsoCalled])
      if (name.length >= LEAST_WORD && words.includes(` ${name} `) && name.length > (best?.name.length ?? 0))
        best = { name, path }
  return best?.path ?? null
}
/** Numbers under which a shop keeps its goods: "Art" alone is a kind. */
const ARTICLE = /\bart(?:icle|ikel)?\b\W*(?:nr|no|num|#)/i
/** "Kind of lure", "tipo de señuelo", "type d'appât". */
const OF = /\b(?:of|de|di|da|do|del|des|du|von|van|av|af|d)\b/g
/** Shorter headings mean too many things to be looked for in others [letters, assumed]. */
const LEAST_WORD = 3

/** A column of figures that bring their unit, of kinds or of colours; else what tells the lures apart is their name. */
function byContent(heading: string, cells: readonly string[], taken: ReadonlySet<string>): string | null {
  if (cells.length < FEWEST || NO_NAME.test(inEnglish(heading))) return null
  const most = (isOne: (cell: string) => boolean) => cells.filter(isOne).length >= MOST * cells.length
  const figure = CONTENTS.find(([path, pattern]) => !taken.has(path) && most(cell => pattern.test(cell)))
  if (figure) return figure[0]
  const measured =
    most(cell => BARE.test(cell)) && IN_HEADING.find(([path, unit]) => !taken.has(path) && unit.test(heading))
  if (measured) return measured[0]
  const { read } = csvColumn('buoyancy')!
  if (
    !taken.has('buoyancy') &&
    cells.every(cell => read(cell, NO_CONTEXT).ok) &&
    !cells.every(cell => cell === cells[0])
  )
    return 'buoyancy'
  const isTold = new Set(cells).size >= MOST * cells.length
  if (!taken.has('name') && !taken.has('words') && isTold && most(cell => /\p{L}/u.test(cell))) return 'name'
  if (!taken.has('family') && !taken.has('words') && most(cell => readKind(cell) !== null)) return 'family'
  if (!taken.has('colours') && most(cell => Object.keys(readColours(cell)).length > 0)) return 'colours'
  return null
}
/** Rows that say what a column is, and the share of its cells that must say so. Assumed. */
const FEWEST = 3
const MOST = 0.6
/** Headings of texts that name no tackle. */
export const NO_NAME = /date|bought|shop|store|brand|maker|price|cost|link|url/i
const FIGURE = String.raw`[\d.,/½¼¾⅛⅜⅝⅞ –-]+`
const CONTENTS: readonly (readonly [path: string, pattern: RegExp])[] = [
  ['weightG', new RegExp(`^${FIGURE}(?:g|gr|grams?|oz|ounces?)\\.?$`, 'i')],
  ['lengthMm', new RegExp(`^${FIGURE}(?:mm|cm|in|inch(?:es)?|"|″)\\.?$`, 'i')],
  ['runsAt.depthM', new RegExp(`^${FIGURE}(?:m|metres?|ft|feet|foot|'|′)\\.?$`, 'i')],
]
/** A unit at the end of a heading tells of bare figures what they measure, in any language. */
const IN_HEADING: readonly (readonly [path: string, unit: RegExp])[] = [
  ['weightG', /[\s([](?:g|gr|grams?|oz)[)\].]*$/i],
  ['lengthMm', /[\s([](?:mm|cm|in|inch(?:es)?)[)\].]*$/i],
  ['runsAt.depthM', /[\s([](?:m|ft|feet)[)\].]*$/i],
]

/** Columns by which a table is one of lures; without any of them each line is a lure in words. */
const SAYS_WHAT: readonly (string | null)[] = ['id', 'name', 'family', 'words']

/** Whether a text that was read as a table is one, and not a list of lures in words: a heading says so, or a first row of words alone, none of them a kind of lure, over rows that are as long. */
export function isTable(table: CsvTable, system: UnitSystem): boolean {
  const { header, rows } = table
  if (header.some(heading => SAYS_WHAT.includes(pathOf(heading)))) return true
  if (isOfRods(header)) return true
  const isEven = rows.filter(row => row.length >= header.length).length >= MOST * rows.length
  return (
    header.length >= FEWEST &&
    isEven &&
    !header.some(heading => /\d/.test(heading) || readKind(heading) !== null) &&
    guessMapping(table, system).some(({ path }) => SAYS_WHAT.includes(path))
  )
}

/** Headings of a table of rods; one of lures may have some of them, but says no power. */
const OF_RODS = /^(?:rods?|reel|line|action|length|(?:lure|casting|cast) (?:wt|weight|window|rating))\b/i
const POWER = /^power\b/i

/** Whether every row of a table is a rod, by its headings. */
export function isOfRods(header: readonly string[]): boolean {
  return header.some(heading => POWER.test(heading)) && header.some(heading => OF_RODS.test(heading))
}

/** A heading stands within so many filled lines of the beginning, and has at least so many columns that are known. Assumed. */
const HEADING_WITHIN = 12
const KNOWN_COLUMNS = 2

/** The table below its heading, where a title or other words stand above that; else as it is. What stands above is kept in `above`. */
export function belowHeading(table: CsvTable): CsvTable {
  const known = (cells: readonly string[]) =>
    new Set(cells.map(cell => pathOf(cell)).filter(path => path !== null)).size
  const heads = [table.header, ...table.rows.slice(0, HEADING_WITHIN)]
  const most = Math.max(...heads.map(known))
  const at = heads.findIndex(cells => known(cells) === most)
  if (at === 0 || most < KNOWN_COLUMNS) return table
  return {
    ...table,
    header: heads[at]!.map(cell => cell.trim()),
    rows: table.rows.slice(at),
    lines: table.lines.slice(at),
    above: heads.slice(0, at).map(cells => cells.filter(cell => cell.trim() !== '').join(' ')),
  }
}

function pathOf(heading: string): string | null {
  const text = inEnglish(heading).trim()
  if (text === MORE) return MORE
  const exact = CSV_COLUMNS.find(c => headingOf(c).toLowerCase() === text || c.path.toLowerCase() === text)
  if (exact) return exact.path
  const bare = text
    .replace(/[([].*$/, '')
    .replace(/[_\s]+/g, ' ')
    .replace(/[:?.*]+$/, '')
    .trim()
  const withoutUnit = bare.replace(/\s(g|oz|mm|cm|in|inch|inches|m|ft|feet)$/, '')
  return (
    CSV_COLUMNS.find(({ label, alsoCalled }) =>
      [bare, withoutUnit].some(name => name === label || alsoCalled.includes(name)),
    )?.path ?? null
  )
}

/** The unit named in the heading, else the one that the figures' size speaks for, else the system's. Sure where every figure brings its own, or the heading says it. */
function unitOf(
  path: string,
  heading: string,
  cells: readonly string[],
  system: UnitSystem,
  isMetric: boolean,
): { readonly unit: string; readonly isSure: boolean } {
  const dimension = csvColumn(path)!.dimension!
  const units = DIMENSIONS[dimension]
  const named = /[([\s_]([a-z°"'/]+)[)\]]?\s*$/i.exec(heading.toLowerCase())?.[1]
  const byName = units.find(u => u.symbol.toLowerCase() === named || u.spellings.includes(named ?? ''))
  if (byName) return { unit: byName.symbol, isSure: true }
  const bare = cells.filter(cell => cell.trim() !== '' && !/[a-z"'″′]/i.test(cell) && !HOOK_SIZE.test(cell))
  const guess =
    path === 'weightG' || path === 'labelWeightG'
      ? guessWeightUnit(bare)
      : path === 'lengthMm'
        ? guessLengthUnit(bare, isMetric)
        : null
  return guess ?? { unit: shownUnit(dimension, isMetric ? 'metric' : system).symbol, isSure: bare.length === 0 }
}

/** No figure of a lure. */
const HOOK_SIZE = /^\s*\d{1,2}\/0\s*$/

interface UnitGuess {
  readonly unit: string
  readonly isSure: boolean
}

function guessWeightUnit(bare: readonly string[]): UnitGuess | null {
  // Fractions are ounces; lures of 4 and more ounces are rare, so are lures under 4 g in most boxes. Assumed.
  if (bare.some(cell => /\d\/\d|[½¼¾⅛⅜⅝⅞]/.test(cell))) return { unit: 'oz', isSure: true }
  const middle = median(bare)
  return middle === null ? null : { unit: middle < 2.5 ? 'oz' : 'g', isSure: middle < 1.2 || middle > 5 }
}

function guessLengthUnit(bare: readonly string[], isMetric: boolean): UnitGuess | null {
  const middle = median(bare)
  // Lures are 1–12 in, 2–30 cm or 20–300 mm long; between inches and centimetres the smaller figures speak for inches, unless the table weighs in grams. Assumed.
  if (middle === null) return null
  if (middle >= 20) return { unit: 'mm', isSure: true }
  return { unit: middle >= 7 || isMetric ? 'cm' : 'in', isSure: false }
}

function median(cells: readonly string[]): number | null {
  const numbers = cells
    .map(cell => Number(cell.trim().replace(',', '.')))
    .filter(n => Number.isFinite(n) && n > 0)
    .sort((a, b) => a - b)
  return numbers[Math.floor(numbers.length / 2)] ?? null
}
