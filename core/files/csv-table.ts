import Papa from 'papaparse'

export interface CsvTable {
  readonly delimiter: string
  readonly header: readonly string[]
  readonly rows: readonly (readonly string[])[]
  /** Damage found while reading, with the line of the file it stands on. */
  readonly damage: readonly { readonly line: number, readonly message: string }[]
}

/** Splits CSV text by its own delimiter (comma, semicolon, tab or bar). */
export function readCsv(text: string): CsvTable {
  const { data, errors, meta } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t', '|'] })
  const [header = [], ...rows] = data
  return {
    delimiter: meta.delimiter,
    header: header.map(cell => cell.trim()),
    rows,
    damage: errors.filter(({ code }) => code !== 'UndetectableDelimiter').map(({ row, message }) => ({ line: (row ?? 0) + 1, message })),
  }
}

/** A spreadsheet takes a cell that begins so for a formula. */
const FORMULA_LIKE = /^[=+\-@\t\r]/
const NEUTRALISED = /^'(?=[=+\-@\t\r'])/

/** Writes rows as RFC 4180; cells that a spreadsheet would run are marked with an apostrophe, which `plainCell` takes off again. */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(rows.map(row => row.map(neutralised)), { newline: '\r\n' })}\r\n`
}

/** Cells that begin with an apostrophe before such a sign get another one, so that reading back is exact. */
function neutralised(cell: string): string {
  return FORMULA_LIKE.test(cell) || NEUTRALISED.test(cell) ? `'${cell}` : cell
}

/** The cell as it was before it was made safe for spreadsheets. */
export function plainCell(cell: string): string {
  return cell.replace(NEUTRALISED, '')
}
