import Papa from 'papaparse'
import { type Message, message } from '#core/message'

export interface CsvTable {
  readonly delimiter: string
  readonly header: readonly string[]
  readonly rows: readonly (readonly string[])[]
  /** Line of the file on which each row begins. */
  readonly lines: readonly number[]
  /** Damage that was mended while reading, with the line of the file it stands on. */
  readonly damage: readonly { readonly line: number; readonly message: Message }[]
  /** Lines without anything on them. */
  readonly blank: number
  /** What stands above the heading, a title for one, or parts a list: no rows of the table. */
  readonly above: readonly string[]
}

/** Spreadsheets write their delimiter on a first line of its own. */
const SAYS_DELIMITER = /^sep=(.)\r?\n/i
const QUOTES_NEVER_CLOSE: readonly string[] = ['MissingQuotes', 'InvalidQuotes']
/** Strays that are mended; a file with more of them is no table. */
const MOST_STRAYS = 200

/**
 * Splits CSV text by its own delimiter (comma, semicolon, tab or bar). A quote that never closes swallows no lines: on its line quotes are taken as they stand, and that is told.
 * Every line is in a row, blank, or the heading.
 */
export function readCsv(text: string): CsvTable {
  const whole = text.replace(/^\uFEFF/, '')
  const said = SAYS_DELIMITER.exec(whole)
  const firstLine = said ? 2 : 1
  let body = said ? whole.slice(said[0].length) : whole
  const damage: { line: number; message: Message }[] = []
  for (;;) {
    const delimiter =
      said?.[1] ??
      Papa.parse<string[]>(body, { preview: 2, skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t', '|'] })
        .meta.delimiter
    const { data, errors, meta } = Papa.parse<string[]>(body, { delimiter })
    const begins = beginnings(data)
    const stray = errors.find(({ code }) => QUOTES_NEVER_CLOSE.includes(code))
    const mended =
      stray && damage.length < MOST_STRAYS
        ? withoutQuotes(body, begins[Math.min(stray.row ?? 0, data.length - 1)]!)
        : null
    if (mended !== null && mended !== body) {
      damage.push({
        line: begins[Math.min(stray!.row ?? 0, data.length - 1)]! + firstLine,
        message: message('csv.open-quote'),
      })
      body = mended
      continue
    }
    const filled = data
      .map((cells, i) => ({ cells, line: begins[i]! + firstLine }))
      .filter(({ cells }) => cells.some(cell => cell.trim() !== ''))
    const [head, ...rows] = filled
    return {
      delimiter: meta.delimiter,
      header: head?.cells.map(cell => cell.trim()) ?? [],
      rows: rows.map(r => r.cells),
      lines: rows.map(r => r.line),
      blank: data.length - filled.length,
      above: [],
      damage: [
        ...damage,
        ...errors
          .filter(({ code }) => code !== 'UndetectableDelimiter')
          .map(({ row, message: text }) => ({
            line: (begins[row ?? 0] ?? 0) + firstLine,
            message: message('text', { text }),
          })),
      ],
    }
  }
}

const LINE_BREAK = /\r\n|\n|\r/g

/** Line on which each row begins, from 0: a cell may hold several lines. */
function beginnings(rows: readonly (readonly string[])[]): readonly number[] {
  let line = 0
  return rows.map(cells => {
    const begins = line
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(LINE_BREAK)?.length ?? 0), 0)
    return begins
  })
}

/** The text with the quotes of one line, from 0, made marks that open nothing. */
function withoutQuotes(text: string, line: number): string {
  const breaks = [...text.matchAll(LINE_BREAK)]
  const from = line === 0 ? 0 : breaks[line - 1] ? breaks[line - 1]!.index + breaks[line - 1]![0].length : text.length
  const to = breaks[line]?.index ?? text.length
  return text.slice(0, from) + text.slice(from, to).replaceAll('"', '”') + text.slice(to)
}

/** Heading of a list that has none: each line is a lure in words. */
export const IN_WORDS = 'in words'

/** A line that only says where what follows it lives: "tray 1", "river box:". */
const PLACE = /^(?:[\p{L}\d]+ )?(?:tray|box|bag|case|pouch|drawer|wallet)(?: [\p{L}\d]{1,10})?:?$/iu

/** Words alone, or what ends in a colon: "Jigs", "Terminal tackle:". */
const TITLE = /^(?:\p{L}+(?: \p{L}+){0,2}|[^\d]{1,40}:)$/u

/** A list without headings as a table of one column; the lines as they stand, with the place that a line above them names. Titles of its parts are kept in `above`. */
export function listOfLines(text: string): CsvTable {
  const all = text
    .replace(/^\uFEFF/, '')
    .split(LINE_BREAK)
    .map(line => line.trim())
  const isParted = all
    .slice(
      0,
      all.findLastIndex(line => line !== ''),
    )
    .includes('')
  /** What follows a blank line and has the next line at its foot, in a list that blank lines part. */
  const isTitle = (line: string, i: number) =>
    TITLE.test(line) && (line.endsWith(':') || (isParted && (all[i - 1] ?? '') === '' && (all[i + 1] ?? '') !== ''))
  const rows: { line: string; at: number }[] = []
  const above: string[] = []
  let place: string | null = null
  for (const [i, line] of all.entries()) {
    if (line === '') continue
    if (PLACE.test(line)) place = line.replace(/:$/, '')
    else if (isTitle(line, i)) above.push(line)
    else rows.push({ line: place === null ? line : `${line}, ${place}`, at: i + 1 })
  }
  return {
    delimiter: '',
    header: [IN_WORDS],
    rows: rows.map(row => [row.line]),
    lines: rows.map(row => row.at),
    damage: [],
    blank: all.filter(line => line === '').length,
    above,
  }
}

/** A spreadsheet takes a cell that begins so for a formula. */
const FORMULA_LIKE = /^[=+\-@\t\r]/
const NEUTRALISED = /^'(?=[=+\-@\t\r'])/

/** Writes rows as RFC 4180; cells that a spreadsheet would run are marked with an apostrophe, which `plainCell` takes off again. */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(
    rows.map(row => row.map(neutralised)),
    { newline: '\r\n' },
  )}\r\n`
}

/** Cells that begin with an apostrophe before such a sign get another one, so that reading back is exact. */
function neutralised(cell: string): string {
  return FORMULA_LIKE.test(cell) || NEUTRALISED.test(cell) ? `'${cell}` : cell
}

/** The cell as it was before it was made safe for spreadsheets. */
export function plainCell(cell: string): string {
  return cell.replace(NEUTRALISED, '')
}
