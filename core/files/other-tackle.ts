import { dequal } from 'dequal/lite'
import {
  inEnglish,
  type LabelRead,
  partAlone,
  type PartRead,
  rackedAs,
  readKind,
  readOutfitLabel,
  readPartLine,
  sameAs,
} from '#core/catalogue'
import { type Message, message } from '#core/message'
import type { Outfit, Part } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import { BARE, csvColumn, NO_CONTEXT } from './csv-columns'
import type { ReadingRows } from './csv-lures'
import { type ColumnMapping, isOfRods, NO_NAME } from './csv-mapping'
import { type CsvTable, plainCell } from './csv-table'
import { type Issue, type Outcome, parseOutfit, parsePart } from './parse'

/** A row that is no lure: hardware or a rod, read but not yet held against what is here. */
export type OtherRow = { readonly line: number; readonly notes: readonly Issue[] } &
  // `isCounted`: the row says how many there are.
  (
    | { readonly list: 'parts'; readonly part: PartRead; readonly isCounted: boolean }
    | { readonly list: 'outfits'; readonly name: string; readonly label: LabelRead }
  )

/** What an import would do with such a row. */
export type PlannedOther<T = Message> = {
  readonly line: number
  readonly action: 'new' | 'change' | 'same' | 'refused'
  readonly issues: readonly Issue<T>[]
  readonly notes: readonly Issue<T>[]
} & (
  | { readonly list: 'parts'; /** `null` when it is refused. */ readonly row: Part | null }
  | { readonly list: 'outfits'; readonly row: Outfit | null }
)

/** A cell with its heading and what its column was taken for. */
interface Written extends ColumnMapping {
  readonly heading: string
  readonly text: string
}

/** Rows of a table apart: hardware and rods, and the table with the rest of them, which are lures or nothing. */
export function otherRows(
  table: CsvTable,
  mapping: readonly ColumnMapping[],
  { corrections = {}, mended = {}, system = 'metric' }: ReadingRows = {},
): { readonly others: readonly OtherRow[]; readonly rest: CsvTable } {
  const others = table.rows.flatMap((row, i) => {
    const line = table.lines[i]!
    const cells = mapping.map((column, c): Written => {
      const text = plainCell(mended[line]?.[c] ?? row[c] ?? '').trim()
      const said = column.path === null ? undefined : corrections[column.path]?.[text.toLowerCase()]
      return { ...column, heading: table.header[c] ?? '', text: said ?? text }
    })
    return otherRow(line, cells, system, isOfRods(table.header)) ?? []
  })
  const taken = new Set(others.map(({ line }) => line))
  const stays = (_: unknown, i: number) => !taken.has(table.lines[i]!)
  return {
    others,
    rest: { ...table, rows: table.rows.filter(stays), lines: table.lines.filter(line => !taken.has(line)) },
  }
}

/** `isRod`: by the headings of the table. */
function otherRow(line: number, cells: readonly Written[], system: UnitSystem, isRod: boolean): OtherRow | null {
  const at = (path: string) => cells.find(cell => cell.path === path)?.text ?? ''
  const kind = at('family')
  const isLure = kind !== '' && csvColumn('family')!.read(kind, NO_CONTEXT).ok && partAlone(kind) === null
  if (isLure && !isRod) return null
  const inWords = at('words')
  const named = cells.find(({ path, heading }) => path === 'name' || NAMES.test(heading))?.text ?? ''
  const name = named || inWords.split(/[,;]/)[0]!.trim()
  const rod = rodIn(cells, `${isRod ? 'rod' : ''} ${inEnglish(`${kind} ${named} ${inWords}`)}`, name, system)
  if (rod) return { line, ...rod }
  const says = [kind, named, inWords].find(text => text !== '' && partAlone(text) !== null)
  // Beside hardware in the column of kinds a name may still say a lure: "jig head", "shad 5 cm".
  if (says === undefined || (says === kind && readKind(named) !== null && partAlone(named) === null)) return null
  const part = readPartLine(inWords || partLine(cells), system)
  return (
    part && {
      line,
      list: 'parts',
      part: inWords ? part : { ...part, name: name || kind },
      isCounted: part.quantity !== 1 || at('quantity') !== '',
      notes: [],
    }
  )
}

/** Headings under which rods and hardware are named. */
const NAMES = /^(?:rods?|items?|models?|parts?|hardware|tackle|combos?|outfits?)\b/i
const ROD = /\b(?:rods?|combos?)\b/i
/** "For ultralight rods", "on my heavy rod": of what it is thrown with, not what it is. */
const FOR_A_ROD = /\b(?:for|on|with|my|the|fits?|suits?)\b[^,;]*\brods?\b/i
/** Shorter is no rod [m]: lures are, and depths. Assumed. */
const SHORTEST_ROD_M = 1.2
/** Columns that say nothing of a rod or of hardware, but of a lure or of where it lives. */
const OF_LURES = /^(?:id|notes|box|slot|more|runsAt|colours|speed|fall)/
const tellsOfIt = ({ path, heading, text }: Written) =>
  text !== '' && !OF_LURES.test(path ?? '') && !NO_NAME.test(heading)

/** A rod is called one and has something of one, or has no name of a lure, and two of a power, a length and a window. */
function rodIn(
  cells: readonly Written[],
  called: string,
  name: string,
  system: UnitSystem,
): {
  readonly list: 'outfits'
  readonly name: string
  readonly label: LabelRead
  readonly notes: readonly Issue[]
} | null {
  const notes: Issue[] = []
  const said = cells
    .filter(cell => tellsOfIt(cell) && cell.path !== 'quantity' && cell.text !== name)
    .map(cell => withRodUnit(cell, cells, system, notes))
  const label = readOutfitLabel(said.join(', '), system)
  const ofName = readOutfitLabel(name, system)
  const rod = { ...ofName.rod, ...label.rod }
  const isLong = (rod.lengthM ?? 0) >= SHORTEST_ROD_M
  const isWindowed = rod.lureMaxG !== undefined
  const isCalled = ROD.test(called) && !FOR_A_ROD.test(called) && (isLong || isWindowed || rod.power !== undefined)
  const isNoLure = readKind(called) === null && partAlone(called) === null
  const isLike = [rod.power !== undefined, isLong, isWindowed].filter(Boolean).length >= 2
  if (!isCalled && !(isNoLure && isLike)) return null
  const left = label.left
    .split(' ')
    .filter(word => word !== '' && !ROD.test(inEnglish(word)) && (/\d/.test(word) || !name.includes(word)))
    .join(' ')
  return {
    list: 'outfits',
    name: name || said.join(', '),
    label: { rod, line: { ...ofName.line, ...label.line }, reel: { ...ofName.reel, ...label.reel }, left },
    notes: left === '' ? notes : [...notes, { path: 'rod', message: message('csv.left-over', { text: left }) }],
  }
}

/** A bare length below this is metres, below the next feet, above it centimetres. Assumed: rods are 1.2 to 4.5 m long. */
const METRES_BELOW = 4.5
const FEET_BELOW = 20
/** Windows whose upper end is no more than this are ounces. Assumed: rods for less than 4 g are rare, and so are those for more than 4 oz. */
const OUNCES_TO = 4
const UNIT_AT_END = /[\s([](g|gr|grams?|oz|mm|cm|m|ft|feet|lbs?|kg)[)\].]*$/i

/** A cell as a label would say it: bare figures with the unit that the heading names, or the one that they speak for. */
function withRodUnit(
  { heading, text }: Written,
  cells: readonly Written[],
  system: UnitSystem,
  notes: Issue[],
): string {
  if (!BARE.test(text)) return text
  const named = UNIT_AT_END.exec(heading)?.[1]
  const taken = (figures: string, unit: string) => {
    if (!named) notes.push({ path: heading, message: message('csv.unit-taken', { text: figures, unit }) })
    return `${figures} ${named ?? unit}`
  }
  const figure = (at: RegExp) => Number(at.exec(text)?.[0].replace(',', '.'))
  const long = figure(/^[\d.,]+/)
  if (/length/i.test(heading)) return taken(text, long < METRES_BELOW ? 'm' : long < FEET_BELOW ? 'ft' : 'cm')
  const last = figure(/[\d.,]+$/)
  const ounces = (figures: string) => (/\/|[½¼¾⅛⅜⅝⅞]/.test(figures) || last <= OUNCES_TO ? 'oz' : 'g')
  if (/\bmin/i.test(heading)) {
    const most = cells.find(cell => /\bmax/i.test(cell.heading) && BARE.test(cell.text))
    return most ? taken(`${text}–${most.text}`, ounces(most.text)) : ''
  }
  if (/\bmax/i.test(heading)) return ''
  if (/lure|cast|weight|window/i.test(heading)) return taken(text, ounces(text))
  if (/\bline|test/i.test(heading)) return taken(text, system === 'imperial' ? 'lb' : 'kg')
  return named ? `${text} ${named}` : text
}

/** A row of hardware as a packet would say it: "EWG hook, size 4, 6x". */
function partLine(cells: readonly Written[]): string {
  const place = ({ path }: Written) => (path === 'name' ? 0 : path === 'family' ? 1 : 2)
  return cells
    .filter(tellsOfIt)
    .sort((a, b) => place(a) - place(b))
    .map(({ path, unit, heading, text }) => {
      if (path === 'quantity') return /^\d+$/.test(text) ? `${text}x` : text
      if (!BARE.test(text)) return text
      return /size/i.test(heading) ? `size ${text}` : unit ? `${text} ${unit}` : text
    })
    .join(', ')
}

/**
 * What an import of such rows would do. Hardware meets what is the same piece, rods meet by name; what a table does not say stays as it is.
 * Rows of one piece within a table are one; its number is what the table says, not that on top of what was here, so that the same table can come in again.
 */
export function planOther(
  { parts, outfits }: { readonly parts: readonly Part[]; readonly outfits: readonly Outfit[] },
  rows: readonly OtherRow[],
  newId: () => string,
): readonly PlannedOther[] {
  const met = new Set<string>()
  return inOne(rows).map(row => {
    const { line, notes } = row
    if (row.list === 'parts') {
      const before = sameAs(parts, row.part)
      const counted = row.isCounted ? { quantity: row.part.quantity } : {}
      const outcome = parsePart(before ? { ...before, ...counted } : { ...row.part, id: newId() })
      return { line, list: 'parts', ...planned(outcome, before), notes }
    }
    const isCalled = (name: string) => name.trim().toLowerCase() === row.name.trim().toLowerCase()
    const before = outfits.find(({ id, name }) => isCalled(name) && !met.has(id)) ?? null
    if (before) met.add(before.id)
    const outcome = parseOutfit(before ? joined(before, row.label) : rackedAs(row.label, newId(), row.name))
    return { line, list: 'outfits', ...planned(outcome, before), notes }
  })
}

/** Rows of the same piece of hardware as one, on the line of the first. */
function inOne(rows: readonly OtherRow[]): readonly OtherRow[] {
  const found: OtherRow[] = []
  for (const row of rows) {
    const at = found.findIndex(other => isSamePiece(other, row))
    const first = found[at]
    if (first?.list !== 'parts' || row.list !== 'parts') {
      found.push(row)
      continue
    }
    const quantity = (first.part.quantity ?? 1) + (row.part.quantity ?? 1)
    const also: Issue = { path: 'line', message: message('csv.also-on', { line: row.line }) }
    found[at] = { ...first, part: { ...first.part, quantity }, isCounted: true, notes: [...first.notes, also] }
  }
  return found
}

function isSamePiece(a: OtherRow, b: OtherRow): boolean {
  return a.list === 'parts' && b.list === 'parts' && sameAs([{ ...a.part, id: '' }], b.part) !== null
}

function planned<T>(
  outcome: Outcome<T>,
  before: T | null,
): { readonly action: PlannedOther['action']; readonly row: T | null; readonly issues: readonly Issue[] } {
  if (!outcome.ok) return { action: 'refused', row: null, issues: outcome.issues }
  const action = before === null ? 'new' : dequal(before, outcome.value) ? 'same' : 'change'
  return { action, row: outcome.value, issues: [] }
}

function joined(before: Outfit, { rod, line, reel }: LabelRead): Outfit {
  return {
    ...before,
    rod: { ...before.rod, ...rod },
    line: { ...before.line, ...line },
    ...(Object.keys(reel).length === 0 ? {} : { reel: { ...before.reel, ...reel } }),
  }
}
