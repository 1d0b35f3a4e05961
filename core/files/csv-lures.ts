import { dequal } from 'dequal/lite'
import type { Lure } from '#core/tackle'
import { CSV_COLUMNS, csvColumn, headingOf } from './csv-columns'
import { type ColumnMapping, MORE } from './csv-mapping'
import { type CsvTable, plainCell, writeCsv } from './csv-table'
import type { Issue } from './parse'

/** What one row says of a lure; cells left empty say nothing. */
export interface LureRow { readonly line: number, readonly fields: Record<string, unknown>, readonly issues: readonly Issue[] }

/** Reads every row by the mapping. A bad cell is an issue of its row and column; the other cells stand. */
export function lureRows({ header, rows, damage }: CsvTable, mapping: readonly ColumnMapping[]): readonly LureRow[] {
  const damaged = new Map(damage.map(d => [d.line, d.message]))
  return rows.map((row, i) => {
    const line = i + 2
    const issues: Issue[] = damaged.has(i + 1) ? [{ path: `line ${line}`, message: damaged.get(i + 1)! }] : []
    if (row.length > header.length) issues.push({ path: `line ${line}`, message: `has ${row.length} cells, the heading ${header.length}: is a quote or a delimiter missing?` })
    const fields: Record<string, unknown> = {}
    let more: Record<string, unknown> = {}
    mapping.forEach(({ path, unit }, c) => {
      const text = plainCell(row[c] ?? '')
      if (path === null || text.trim() === '') return
      if (path === MORE) {
        const cell = csvColumn('changes')!.read(text, null)
        if (cell.ok && isRecord(cell.value)) more = cell.value
        else issues.push({ path: header[c]!, message: cell.ok ? 'must be an object in JSON' : cell.message })
        return
      }
      const cell = csvColumn(path)!.read(text, unit)
      if (!cell.ok) issues.push({ path: header[c] || `column ${c + 1}`, message: cell.message })
      else if (path === 'notes' && 'notes' in fields) put(fields, path, `${fields.notes as string}\n${header[c]}: ${text}`)
      else put(fields, path, path === 'notes' && header[c]!.toLowerCase() !== 'notes' ? `${header[c]}: ${text}` : cell.value)
    })
    return { line, fields: withMore(fields, more), issues }
  })
}

/** Lures as a table that spreadsheets open and that reads back exactly. */
export function luresToCsv(lures: readonly Lure[]): string {
  const headings = [...CSV_COLUMNS.map(headingOf), MORE]
  const mapping: ColumnMapping[] = [...CSV_COLUMNS.map(({ path }) => ({ path, unit: null })), { path: MORE, unit: null }]
  const rows = lures.map((lure) => {
    const cells = CSV_COLUMNS.map(({ path, write }) => {
      const value = fieldAt(lure, path)
      return value == null ? '' : write(value)
    })
    const read = lureRows({ delimiter: ',', header: headings, rows: [[...cells, '']], damage: [] }, mapping)[0]!.fields
    const lost = Object.entries(lure).filter(([key, value]) => !dequal(read[key], value))
    return [...cells, lost.length > 0 ? JSON.stringify(Object.fromEntries(lost)) : '']
  })
  return writeCsv([headings, ...rows])
}

/** Fields of the row win over those carried along, so that a figure changed in a spreadsheet counts. */
function withMore(fields: Record<string, unknown>, more: Record<string, unknown>): Record<string, unknown> {
  const joined: Record<string, unknown> = { ...more, ...fields }
  for (const key of Object.keys(more)) {
    if (isRecord(more[key]) && isRecord(fields[key])) joined[key] = { ...more[key], ...fields[key] }
  }
  return joined
}

/** An object of JSON, neither list nor null. */
export function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** What stands in a lure at a column's path. */
export function fieldAt(lure: Lure, path: string): unknown {
  return path.split('.').reduce<unknown>((value, key) => (isRecord(value) ? value[key] : undefined), lure)
}

/** The lure with a column's field set; nested records are copied, not changed. */
export function withField(lure: Lure, path: string, value: unknown): Lure {
  const fields: Record<string, unknown> = { ...lure }
  put(fields, path, value)
  return fields as unknown as Lure
}

/** Sets a column's field in place. */
function put(fields: Record<string, unknown>, path: string, value: unknown): void {
  const [first, second] = path.split('.') as [string, string?]
  if (second === undefined) fields[first] = value
  else fields[first] = { ...(isRecord(fields[first]) ? fields[first] : {}), [second]: value }
}
