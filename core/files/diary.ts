import { utcFormat, utcParse } from 'd3-time-format'
import {
  DIARY_HEADINGS,
  DIARY_OUTCOMES,
  type DiaryColumn,
  MONTHS_ELSEWHERE,
  SKY_WORDS,
  SPECIES_TABLE,
  SPECIES_WORDS,
} from '#core/knowledge'
import { message } from '#core/message'
import { type EventKind, SPECIES, type SpeciesId } from '#core/terms'
import { type Dimension, parseQuantity, shownUnit, type UnitSystem } from '#core/units'
import { type CsvTable, plainCell } from './csv-table'
import type { Issue } from './parse'

/** A catch diary as the table of trips has it; what was taken for what, and cells that were left out, stand in `notes`, rows that were left out in `issues`. */
export interface DiaryRead {
  readonly header: readonly string[]
  readonly rows: readonly (readonly string[])[]
  readonly lines: readonly number[]
  readonly notes: readonly Issue[]
  readonly issues: readonly Issue[]
}

/** Dates as diaries have them, most certain first; those that differ in nothing but the order of day and month stand last, and one order is taken for a whole table. */
const DATES = [
  '%Y-%m-%d',
  '%Y/%m/%d',
  '%Y.%m.%d',
  '%d.%m.%Y',
  '%d.%m.%y',
  '%d %b %Y',
  '%d %B %Y',
  '%d-%b-%Y',
  '%d-%b-%y',
  '%b %d, %Y',
  '%B %d, %Y',
] as const
const DAY_FIRST = ['%d/%m/%Y', '%d/%m/%y', '%d-%m-%Y', '%d-%m-%y'] as const
const MONTH_FIRST = ['%m/%d/%Y', '%m/%d/%y', '%m-%d-%Y', '%m-%d-%y'] as const
const TIMES = ['%H:%M', '%H:%M:%S', '%H.%M', '%I:%M %p', '%I:%M%p', '%I %p', '%I%p', '%Hh%M', '%H Uhr', '%H'] as const
/** Rows without a time, and a table without any [hh:mm]. Assumed. */
const NOON = '12:00'
/** Fish of one row, at most; more is no count [count]. Assumed. */
const MOST_FISH = 200

/** Bare figures, by system and size: fish are measured in cm and kg or in inches and pounds; no fish is 200 cm long, nor 50 kg heavy, in a diary of lures. Assumed. */
const BARE_UNITS: Partial<
  Record<DiaryColumn, { dimension: Dimension; unit: (value: number, isImperial: boolean) => string }>
> = {
  length: { dimension: 'length', unit: (value, isImperial) => (isImperial ? 'in' : value > 200 ? 'mm' : 'cm') },
  weight: { dimension: 'weight', unit: (value, isImperial) => (isImperial ? 'lb' : value > 50 ? 'g' : 'kg') },
  depth: { dimension: 'depth', unit: (_, isImperial) => (isImperial ? 'ft' : 'm') },
  visibility: { dimension: 'depth', unit: (_, isImperial) => (isImperial ? 'ft' : 'm') },
  // Water is never below 31 °F nor above 40 °C: only between the two does the system of units decide.
  temperature: {
    dimension: 'temperature',
    unit: (value, isImperial) => (value > 40 || (isImperial && value >= 31) ? '°F' : '°C'),
  },
}

const HEADER = [
  'start',
  'end',
  'lure',
  'place',
  'depth (m)',
  'reading',
  'at',
  'what',
  'species',
  'length (mm)',
  'weight (g)',
  'event depth (m)',
  'note',
  'stint more',
] as const
type Heading = (typeof HEADER)[number]

type Cells = Readonly<Record<DiaryColumn, string>>

/** One row of the diary as far as it was understood. */
interface Entry {
  readonly line: number
  readonly day: string
  readonly time: string | null
  /** From when to when, where both are said. */
  readonly hours: readonly [from: string, until: string] | null
  readonly place: string
  readonly species: SpeciesId | null
  readonly figures: Partial<Record<DiaryColumn, number>>
  readonly cells: Cells
  /** Cells of columns that have no place of their own, with their headings. */
  readonly others: readonly string[]
  readonly what: EventKind | null
  readonly count: number
}

/**
 * Reads a catch diary as anglers keep it: a date, a lure, and what else there is, under their own headings, in their own units, order of the date and language. A blank date or
 * water is that of the row above; what has no place of its own stands among the remarks. `null`: no diary, because it has no column of dates or none of lures.
 */
export function readDiary({ header, rows, lines }: CsvTable, system: UnitSystem): DiaryRead | null {
  const at = columnsOf(header)
  if (at.date === undefined || at.lure === undefined) return null
  const dateHeading = header[at.date]!
  const notes: Issue[] = []
  const issues: Issue[] = []
  const cellsOf = (row: readonly string[]) =>
    Object.fromEntries(
      COLUMNS.map(column => [column, at[column] === undefined ? '' : plainCell(row[at[column]] ?? '').trim()]),
    ) as Cells
  const allCells = rows.map(cellsOf)
  const dates = dateReader(
    allCells.map(({ date }) => date),
    system === 'imperial',
  )
  if (dates.doubt) notes.push({ path: dateHeading, message: message(dates.doubt) })
  const quantities = quantityReader(header, at, system, notes)
  // The air's temperature is told from the water's, and has no place.
  const placed = new Set(COLUMNS.filter(column => column !== 'airTemperature').map(column => at[column]))

  const entries: Entry[] = []
  let above = { date: '', place: '' }
  rows.forEach((row, i) => {
    const line = lines[i]!
    const cells = allCells[i]!
    above = { date: cells.date || above.date, place: cells.place || (cells.date ? '' : above.place) }
    const about = (list: Issue[], column: DiaryColumn, text: Issue['message']) =>
      list.push({ path: `line ${line}, ${header[at[column]!] ?? column}`, message: text })
    const day = dates.read(above.date)
    if (!day) about(issues, 'date', message('diary.no-date', { got: above.date }))
    else if (cells.lure === '') about(issues, 'lure', message('diary.no-lure'))
    else
      entries.push({
        line,
        day: day.day,
        place: above.place,
        cells,
        ...understood(cells, day.time, at.what !== undefined, (column, text) => about(notes, column, text)),
        figures: quantities(cells, line),
        others: header.flatMap((heading, c) => {
          const cell = plainCell(row[c] ?? '').trim()
          return cell === '' || placed.has(c) ? [] : [`${heading}: ${cell}`]
        }),
      })
  })
  const count = (code: 'diary.at-noon' | 'diary.no-hours', of: (entry: Entry) => boolean) => {
    const found = entries.filter(of).length
    if (found > 0) notes.push({ path: dateHeading, message: message(code, { rows: found }) })
  }
  count('diary.at-noon', ({ time, hours }) => time === null && hours === null)
  count('diary.no-hours', ({ hours }) => hours === null)
  return { header: HEADER, ...told(entries), notes, issues }
}

/** The words of a row: when, which fish, and what became of it. `isSaid`: the diary has a column of outcomes. */
function understood(
  cells: Cells,
  dayTime: string | null,
  isSaid: boolean,
  note: (column: DiaryColumn, text: Issue['message']) => void,
): Pick<Entry, 'time' | 'hours' | 'species' | 'what' | 'count'> {
  const time = (column: 'time' | 'from' | 'until') => {
    const read = timeOf(cells[column])
    if (read === undefined) note(column, message('diary.no-time', { got: cells[column] }))
    return read ?? null
  }
  const [at, from, until] = [time('time'), time('from'), time('until')]
  const species = speciesOf(cells.species)
  if (cells.species !== '' && !species && !isNothing(cells.species))
    note('species', message('diary.no-fish', { text: cells.species }))
  const what = outcomeOf(cells, isSaid)
  if (what === undefined) note('what', message('diary.no-outcome', { text: cells.what }))
  return {
    time: at ?? dayTime ?? from,
    hours: from && until ? [from, until] : null,
    species,
    what: what ?? null,
    count: Math.min(MOST_FISH, Number(cells.count) || 1),
  }
}

/**
 * Rows of the table of trips: one for each fish, or one for a stretch in which nothing happened. A stretch has hours where the diary says from when to when; a fish without them
 * is a moment, because a diary of fish says nothing of the time in which none came.
 */
function told(entries: readonly Entry[]): Pick<DiaryRead, 'rows' | 'lines'> {
  const rows = entries.flatMap(entry => {
    const { day, time, hours, species, figures, cells, what } = entry
    const { temperature, visibility, length, weight, depth } = figures
    const [from, until] = hours ?? [time ?? NOON, time ?? NOON]
    const start = `${day}T${from}`
    const sky = wordIn(SKY_WORDS, cells.sky)
    const reading =
      species && temperature !== undefined
        ? JSON.stringify({
            species,
            temperatureC: temperature,
            at: time ? `${day}T${time}` : start,
            ...(visibility === undefined ? {} : { visibilityM: visibility }),
            ...(sky === undefined ? {} : { sky }),
          })
        : ''
    // What the water was like stands in a reading; where none can be made, among the remarks.
    const unread = OF_THE_WATER.filter(column => reading === '' || (column === 'sky' && sky === undefined))
    const note = [cells.note, ...unread.map(column => cells[column]), ...entry.others].filter(Boolean).join('; ')
    const row: Partial<Record<Heading, string | number | undefined>> = {
      start,
      'end': `${until < from ? dayAfter(day) : day}T${until}`,
      'lure': cells.lure,
      'place': entry.place,
      'depth (m)': depth,
      reading,
      ...(what === null
        ? { 'stint more': note ? JSON.stringify({ note }) : '' }
        : {
            'at': time ? `${day}T${time}` : '',
            what,
            'species': species ?? cells.species,
            'length (mm)': length,
            'weight (g)': weight,
            'event depth (m)': depth,
            note,
          }),
    }
    const told = { line: entry.line, cells: HEADER.map(heading => String(row[heading] ?? '')) }
    return Array.from({ length: what === null ? 1 : entry.count }, () => told)
  })
  return { rows: rows.map(r => r.cells), lines: rows.map(r => r.line) }
}

const OF_THE_WATER = ['temperature', 'visibility', 'sky'] as const
const COLUMNS = Object.keys(DIARY_HEADINGS) as readonly DiaryColumn[]
/** Headings that belong to the lure and not to the fish: its length, its weight. */
const OF_THE_FISH: readonly DiaryColumn[] = ['length', 'weight']

/** Where each column stands: headings that are one of its words, then those that have one among others. */
function columnsOf(header: readonly string[]): Partial<Record<DiaryColumn, number>> {
  const plain = header.map(h =>
    h.toLowerCase().replace(UNIT, ' ').replaceAll(/[_:.]/g, ' ').replaceAll(/\s+/g, ' ').trim(),
  )
  const at: Partial<Record<DiaryColumn, number>> = {}
  const isFree = (i: number) => !Object.values(at).includes(i)
  const words = (column: DiaryColumn): readonly string[] => DIARY_HEADINGS[column]
  for (const has of [
    (heading: string, column: DiaryColumn) => words(column).includes(heading),
    (heading: string, column: DiaryColumn) =>
      words(column).some(word => hasWord(heading, word)) &&
      !(OF_THE_FISH.includes(column) && words('lure').some(word => hasWord(heading, word))),
  ])
    for (const column of COLUMNS) {
      const found = plain.findIndex((heading, i) => isFree(i) && has(heading, column))
      if (at[column] === undefined && found >= 0) at[column] = found
    }
  return at
}

/** What stands in brackets at the end of a heading: its unit. */
const UNIT = /\s*[([]([^)\]]*)[)\]]\s*$/
const hasWord = (text: string, word: string) => ` ${text} `.includes(` ${word} `)

/** A date with its month in English, without the words and points between: "12. Mai 2026", "3 de junio de 2026". */
function plainDate(text: string): string {
  return text
    .replace(/^(\d{1,2})\.\s*(?=\p{L})/u, '$1 ')
    .replaceAll(/\s+de\s+/g, ' ')
    .replaceAll(/(\p{L}+)\.?/gu, (said, month: string) => wordIn(MONTHS_ELSEWHERE, month) ?? said)
}

/** Dates of a table: all are read in one order. `doubt`: both orders would read all of them. */
function dateReader(cells: readonly string[], isImperial: boolean) {
  const filled = [...new Set(cells)].filter(cell => cell !== '')
  const reads = (formats: readonly string[]) => (text: string) => {
    const plain = plainDate(text)
    for (const format of formats) {
      const date = momentIn(format, plain)
      if (date) return { day: date.toISOString().slice(0, '2026-05-12'.length), time: null as string | null }
    }
    return null
  }
  const [dayFirst, monthFirst] = [reads([...DATES, ...DAY_FIRST]), reads([...DATES, ...MONTH_FIRST])]
  const certain = reads(DATES)
  const read = (of: typeof dayFirst) => (text: string) => {
    const whole = of(text)
    if (whole) return whole
    // A date with its time in one cell.
    const parts = /^(.+?)[T ,]+(\d{1,2}[:.h]\d{2}(?::\d{2})?(?:\.\d+)?(?:\s*[ap]m)?)(Z|[+-]\d{2}:?\d{2})?$/i.exec(text)
    const day = parts && of(parts[1]!)
    const time = parts && timeOf(parts[2]!.replace(/\.\d+$/, ''))
    return day ? { ...day, time: time ? `${time}${parts![3] ?? ''}` : null } : null
  }
  const all = (of: typeof dayFirst) => filled.filter(text => read(of)(text)).length
  const [day, month] = [all(dayFirst), all(monthFirst)]
  const isMonthFirst = month > day || (month === day && isImperial)
  const isOpen = day === month && filled.some(text => !read(certain)(text) && read(dayFirst)(text))
  return {
    read: read(isMonthFirst ? monthFirst : dayFirst),
    doubt: isOpen ? (isMonthFirst ? ('diary.month-first' as const) : ('diary.day-first' as const)) : null,
  }
}

/** The parser lets a thirteenth month run over into the next year: what it read must be written as it stood, but for leading noughts. */
function momentIn(format: string, text: string): Date | null {
  const plain = (written: string) => written.toLowerCase().replaceAll(/\b0(?=\d)/g, '')
  const read = utcParse(format)(text)
  return read && plain(utcFormat(format)(read)) === plain(text) ? read : null
}

/** hh:mm; `null` for an empty cell, `undefined` for what is no time. */
function timeOf(cell: string): string | null | undefined {
  if (cell === '') return null
  const text = cell
    .toUpperCase()
    .replace(/\s+/g, ' ')
    .replace('UHR', 'Uhr')
    .replace(/(\d)H(\d)/, '$1h$2')
  for (const format of TIMES) {
    const time = momentIn(format, text)
    if (time) return time.toISOString().slice('2026-05-12T'.length, '2026-05-12T06:30'.length)
  }
  return undefined
}

const dayAfter = (day: string) => new Date(Date.parse(day) + MS_PER_DAY).toISOString().slice(0, day.length)
const MS_PER_DAY = 86_400_000

/** Pounds and ounces as one weight. */
const POUNDS_AND_OUNCES = /^(\d+)\s*(?:lbs?|#)\.?,?\s*(\d+(?:[.,]\d+)?)\s*(?:oz)?\.?$/i
const OUNCES_PER_POUND = 16
const BARE = /^[-+]?(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)$/

function quantityReader(
  header: readonly string[],
  at: Partial<Record<DiaryColumn, number>>,
  system: UnitSystem,
  notes: Issue[],
) {
  const taken = new Set<string>()
  return (cells: Cells, line: number): Partial<Record<DiaryColumn, number>> => {
    const figures: Partial<Record<DiaryColumn, number>> = {}
    for (const [column, { dimension, unit }] of Object.entries(BARE_UNITS) as [
      DiaryColumn,
      NonNullable<(typeof BARE_UNITS)[DiaryColumn]>,
    ][]) {
      let typed = cells[column]
      if (typed === '') continue
      const heading = header[at[column]!]!
      const both = column === 'weight' ? POUNDS_AND_OUNCES.exec(typed) : null
      if (both) typed = `${Number(both[1]) + Number(both[2]!.replace(',', '.')) / OUNCES_PER_POUND} lb`
      if (BARE.test(typed)) {
        const said = UNIT.exec(heading)?.[1]
        const bare = parseQuantity('length', typed)
        const assumed = unit(
          bare.ok ? bare.value : 0,
          shownUnit(dimension, system) === shownUnit(dimension, 'imperial'),
        )
        if (!said && !taken.has(heading + assumed)) {
          taken.add(heading + assumed)
          notes.push({ path: heading, message: message('csv.unit-taken', { text: heading, unit: assumed }) })
        }
        typed = `${typed} ${said ?? assumed}`
      }
      const read = parseQuantity(dimension, typed, system)
      if (read.ok && (read.value >= 0 || column === 'temperature')) figures[column] = read.value
      else
        notes.push({
          path: `line ${line}, ${heading}`,
          message: message('csv.left-out', { why: read.ok ? message('csv.no-number', { text: typed }) : read.message }),
        })
    }
    return figures
  }
}

/** What a table's own word means; the words of every object are none. */
function wordIn<T>(table: Readonly<Record<string, T>>, word: string): T | undefined {
  const said = word.toLowerCase()
  return Object.hasOwn(table, said) ? table[said] : undefined
}

function speciesOf(text: string): SpeciesId | null {
  const said = text.toLowerCase().replaceAll(/\s+/g, ' ').trim()
  for (const word of [said, said.replace(/s$/, ''), said.replace(/es$/, '')]) {
    const found =
      wordIn(SPECIES_WORDS, word) ??
      SPECIES.find(id => id === word.replaceAll(' ', '-') || SPECIES_TABLE[id].label === word)
    if (found) return found
  }
  return null
}

/** Longest first, so that "lost lure" is not "lost". */
const OUTCOMES = Object.entries(DIARY_OUTCOMES).sort(([a], [b]) => b.length - a.length)
/** What a remark tells of a row that says no outcome of its own; a bite is spoken of where the fish was landed too. */
const REMARKED: readonly (EventKind | null)[] = ['lost', 'follow', 'lure-lost']

const isNothing = (text: string) => wordIn(DIARY_OUTCOMES, text) === null

/** What happened on a row; `null`: nothing, `undefined`: it says something that is not known. */
function outcomeOf(cells: Cells, isSaid: boolean): EventKind | null | undefined {
  const measured = cells.length !== '' || cells.weight !== ''
  if (Number(cells.count) === 0 && cells.count !== '') return null
  const what = cells.what.toLowerCase()
  if (what !== '') {
    const found =
      OUTCOMES.find(([word]) => word === what) ?? OUTCOMES.find(([word]) => /\w/.test(word) && hasWord(what, word))
    return found ? found[1] : measured ? 'landed' : undefined
  }
  const remark = cells.note.toLowerCase().replaceAll(/[.,;:!()]/g, ' ')
  const remarked = measured
    ? undefined
    : OUTCOMES.find(([word, kind]) => REMARKED.includes(kind) && hasWord(remark, word))
  if (remarked) return remarked[1]
  const isFish = cells.species !== '' && !isNothing(cells.species)
  return measured || Number(cells.count) > 0 || (isFish && !isSaid) ? 'landed' : null
}
