import { dequal } from 'dequal/lite'
import { type KindRead, readKind, readLureLine } from '#core/catalogue'
import { FAMILY_TABLE } from '#core/knowledge'
import { type Message, message } from '#core/message'
import type { Lure } from '#core/tackle'
import type { Family } from '#core/terms'
import type { UnitSystem } from '#core/units'
import { type Cell, CSV_COLUMNS, csvColumn, figuresOf, headingOf, NO_CONTEXT } from './csv-columns'
import { type ColumnMapping, type Corrections, MORE } from './csv-mapping'
import { type CsvTable, plainCell, writeCsv } from './csv-table'
import type { Issue } from './parse'

/** What one row says of a lure; cells left empty say nothing. */
export interface LureRow {
  readonly line: number
  readonly fields: Record<string, unknown>
  /** Why the row cannot be taken. */
  readonly issues: readonly Issue[]
  /** What was left out, mended or guessed; the row stands. */
  readonly notes: readonly Issue[]
  /** Cells that could not be read, as they stand: kept in the notes of a new lure. */
  readonly kept: readonly string[]
  /** Fields that no column says, taken from words elsewhere in the row: for a new lure only. */
  readonly guessed: Readonly<Record<string, unknown>>
}

export interface ReadingRows {
  /** What the angler said of texts that were not understood, or wrongly. */
  readonly corrections?: Corrections
  /** Cells mended in place, by line and column. */
  readonly mended?: Readonly<Record<number, Readonly<Record<number, string>>>>
  readonly system?: UnitSystem
}

/** Columns without which a row is nothing. */
const NEEDED: readonly string[] = ['id', 'family', 'words', MORE]

/** Reads every row by the mapping. A cell that cannot be read leaves a note and the row stands, unless the lure is nothing without it. */
export function lureRows(
  { header, rows, lines, damage }: CsvTable,
  mapping: readonly ColumnMapping[],
  { corrections = {}, mended = {}, system = 'metric' }: ReadingRows = {},
): readonly LureRow[] {
  const damaged = new Map(damage.map(d => [d.line, d.message]))
  // The kind is read first: colours and hooks are read with it.
  const order = mapping
    .map((_, c) => c)
    .sort((a, b) => Number(mapping[b]!.path === 'family') - Number(mapping[a]!.path === 'family'))
  return rows.map((row, i) => {
    const line = lines[i]!
    const issues: Issue[] = []
    const notes: Issue[] = damaged.has(line) ? [{ path: `line ${line}`, message: damaged.get(line)! }] : []
    const kept: string[] = []
    if (row.length > header.length)
      issues.push({
        path: `line ${line}`,
        message: message('csv.cells', { cells: row.length, heading: header.length }),
      })
    const fields: Record<string, unknown> = {}
    let more: Record<string, unknown> = {}
    // Where among the notes it stands that the word for the kind may mean several.
    let kindGuess: number | null = null
    const cells = header.map((_, c) => plainCell(mended[line]?.[c] ?? row[c] ?? ''))
    const corrected = (path: string, written: string) => corrections[path]?.[written.trim().toLowerCase()] ?? written
    const textAt = (path: string) => corrected(path, cells[mapping.findIndex(m => m.path === path)] ?? '')
    for (const c of order) {
      const { path, unit, thousands } = mapping[c]!
      const written = cells[c]!
      const text = path === null ? '' : corrected(path, written)
      if (path === null || text.trim() === '') continue
      const heading = header[c] || `column ${c + 1}`
      if (path === MORE) {
        const cell = csvColumn('changes')!.read(text, NO_CONTEXT)
        if (cell.ok && isRecord(cell.value)) more = cell.value
        else issues.push({ path: heading, message: cell.ok ? message('csv.no-object') : cell.message })
        continue
      }
      const cell = csvColumn(path)!.read(text, {
        unit,
        thousands,
        system,
        family: (fields.family as Family | undefined) ?? null,
      })
      if (!cell.ok) {
        if (NEEDED.includes(path)) issues.push({ path: heading, message: cell.message })
        else {
          notes.push({ path: heading, message: message('csv.left-out', { why: cell.message }) })
          kept.push(`${heading}: ${written}`)
        }
        continue
      }
      if (cell.guess && path === 'family') kindGuess = notes.length
      if (cell.guess) notes.push({ path: heading, message: cell.guess })
      for (const [at, value] of Object.entries(cell.fields ?? {})) put(fields, at, value)
      if (path === 'colours') kept.push(`${heading}: ${written}`)
      else if (path === 'notes')
        put(
          fields,
          'notes',
          [fields.notes, heading.toLowerCase() === 'notes' ? text : `${heading}: ${text}`].filter(Boolean).join('\n'),
        )
      else if (cell.value !== undefined) put(fields, path, cell.value)
    }
    const surer = kindGuess === null ? null : surerKind(textAt)
    if (surer) {
      put(fields, 'family', surer.family)
      if (surer.style !== undefined) put(fields, 'style', surer.style)
      notes[kindGuess!] = { ...notes[kindGuess!]!, message: kindFrom(surer) }
    }
    const told = withMore(fields, more)
    const guessed: Record<string, unknown> = told.family === undefined ? kindFromTheRest(cells, header, notes) : {}
    // What the column of kinds did not say the rest of the row did.
    if (guessed.family !== undefined) {
      const unknown = issues.findIndex(issue => issue.path === header[mapping.findIndex(m => m.path === 'family')])
      if (unknown >= 0) issues.splice(unknown, 1)
    }
    figuresFromTheRest(cells, header, mapping, { told, guessed, notes, system })
    const family = (told.family ?? guessed.family) as Family | undefined
    if (told.name === undefined && family !== undefined)
      guessed.name = nameOf(family, (told.style ?? guessed.style) as string | undefined, cells, mapping)
    return { line, fields: told, issues, notes, kept, guessed }
  })
}

function kindFrom({ words, family }: KindRead): Message {
  return message('csv.kind-from', { words, kind: FAMILY_TABLE[family].label })
}

/** Columns that tell which is meant where the word for a kind means several: a "jig" that is called a metal one, a "stickbait" that floats. */
const OF_KIND: readonly string[] = ['family', 'name', 'buoyancy', 'runsAt.depthM']

function surerKind(textAt: (path: string) => string): KindRead | null {
  const kind = readKind(textAt('family'))
  if (!kind || kind.or.length === 0) return null
  const surer = readKind(OF_KIND.map(textAt).join(', '))
  return surer && kind.or.includes(surer.family) ? surer : null
}

/** Where no column says the kind, the name or the notes often do. */
function kindFromTheRest(cells: readonly string[], header: readonly string[], notes: Issue[]): Record<string, unknown> {
  for (const [c, text] of cells.entries()) {
    const kind = readKind(text)
    if (!kind) continue
    notes.push({ path: header[c] || `column ${c + 1}`, message: kindFrom(kind) })
    return { family: kind.family, ...(kind.style === undefined ? {} : { style: kind.style }) }
  }
  return {}
}

/** Headings under which anglers say everything else in words. */
const IN_A_TEXT = /descri|detail|spec|info|note|comment|remark|tail|lip|use/i
/** What such a text, or a name, is believed in where no column says it: figures that bring their unit, paint, and what the words of the trade say. */
const BELIEVED =
  /^(weightG|lengthMm|hooks|runsAt\.depthM|colours\..*|style|buoyancy|sound|scented|role|snagGuard|blades)$/

/** What only a name or a description says of a lure. */
function figuresFromTheRest(
  cells: readonly string[],
  header: readonly string[],
  mapping: readonly ColumnMapping[],
  {
    told,
    guessed,
    notes,
    system,
  }: { told: Record<string, unknown>; guessed: Record<string, unknown>; notes: Issue[]; system: UnitSystem },
): void {
  const family = (told.family ?? guessed.family) as Family | undefined
  for (const [c, text] of cells.entries()) {
    const path = mapping[c]?.path ?? null
    const isText = path === 'name' || ((path === null || path === 'notes') && IN_A_TEXT.test(header[c] ?? ''))
    if (!isText) continue
    for (const [at, value] of Object.entries(figuresOf(readLureLine(text, system, family)))) {
      const [field] = at.split('.') as [string]
      if (!BELIEVED.test(at) || told[field] !== undefined || (field !== 'colours' && guessed[field] !== undefined))
        continue
      put(guessed, at, value)
      if (field !== 'colours')
        notes.push({ path: header[c]!, message: message('csv.figure-from', { field: csvColumn(at)?.label ?? at }) })
    }
  }
}

/** A lure without a name is called by its colour and kind. */
function nameOf(
  family: Family,
  style: string | undefined,
  cells: readonly string[],
  mapping: readonly ColumnMapping[],
): string {
  const colour = cells[mapping.findIndex(m => m.path === 'colours')]?.trim() ?? ''
  return [colour, style, FAMILY_TABLE[family].label].filter(Boolean).join(' ')
}

/** One text of a column that is read as words, with what it was taken for. */
export interface WordRead {
  readonly path: string
  readonly column: number
  readonly text: string
  readonly count: number
  /** What it is taken for, in the column's own writing; `null`: not understood. */
  readonly as: string | null
  readonly isGuess: boolean
}

/** Columns whose texts are words that can mean several things. */
const WORD_PATHS: readonly string[] = [
  'family',
  'colours',
  'hooks',
  'sound',
  'buoyancy',
  'actionStyle',
  'colours.pattern',
  'colours.metal',
  'colours.finish',
]

/** The different words of each column with what they are taken for, the doubtful first: corrected once for all like rows. */
export function wordsOf(
  { rows }: CsvTable,
  mapping: readonly ColumnMapping[],
  corrections: Corrections = {},
): readonly WordRead[] {
  return mapping
    .flatMap(({ path }, column) => {
      if (path === null || !WORD_PATHS.includes(path)) return []
      const counted = new Map<string, number>()
      for (const row of rows) {
        const text = plainCell(row[column] ?? '').trim()
        if (text !== '') counted.set(text.toLowerCase(), (counted.get(text.toLowerCase()) ?? 0) + 1)
      }
      return [...counted].map(([text, count]): WordRead => {
        const corrected = corrections[path]?.[text]
        const cell = csvColumn(path)!.read(corrected ?? text, NO_CONTEXT)
        return {
          path,
          column,
          text,
          count,
          as: corrected === '' ? '' : cell.ok ? writtenAs(path, cell) : null,
          isGuess: cell.ok && cell.guess !== undefined && corrected === undefined,
        }
      })
    })
    .sort((a, b) => doubt(a) - doubt(b) || b.count - a.count || a.text.localeCompare(b.text))
}

const doubt = ({ as, isGuess }: WordRead) => (as === null ? 0 : isGuess ? 1 : 2)

function writtenAs(path: string, cell: Extract<Cell, { ok: true }>): string {
  if (path === 'family')
    return cell.fields?.style ? `${cell.value as string}: ${cell.fields.style as string}` : (cell.value as string)
  if (path === 'colours')
    return Object.entries(cell.fields ?? {})
      .map(([at, value]) => (value === true ? at : String(value)).replace('colours.', ''))
      .join(', ')
  return csvColumn(path)!.write(cell.value)
}

/** Lures as a table that spreadsheets open and that reads back exactly. */
export function luresToCsv(lures: readonly Lure[]): string {
  const columns = CSV_COLUMNS.filter(c => c.isWritten)
  const headings = [...columns.map(headingOf), MORE]
  const mapping: ColumnMapping[] = [...columns.map(({ path }) => path), MORE].map(path => ({
    path,
    unit: null,
    isSure: true,
    thousands: false,
  }))
  const rows = lures.map(lure => {
    const cells = columns.map(({ path, write }) => {
      const value = fieldAt(lure, path)
      return value == null ? '' : write(value)
    })
    const read = lureRows(
      { delimiter: ',', header: headings, rows: [[...cells, '']], lines: [2], damage: [], blank: 0, above: [] },
      mapping,
    )[0]!.fields
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
