import { dequal } from 'dequal/lite'
import { message } from '#core/message'
import type { Lure, Stint, Trip, TripEvent } from '#core/tackle'
import { plainCell, readCsv, writeCsv } from './csv-table'
import { readDiary } from './diary'
import { check, type Issue } from './parse'
import type { UnitSystem } from '#core/units'
import { type Place, tripSchema } from './schemas'

/** A row is an event, or a stint in which nothing happened. */
type Where = 'trip' | 'stint' | 'event'
interface TripColumn {
  readonly heading: string
  readonly in: Where
  readonly field: string
  readonly as: 'text' | 'number' | 'json'
  readonly required?: boolean
}

const text = (where: Where, field: string, heading: string, required = false): TripColumn => ({
  heading,
  in: where,
  field,
  as: 'text',
  required,
})
const figure = (where: Where, field: string, heading: string): TripColumn => ({
  heading,
  in: where,
  field,
  as: 'number',
})

/** Figures in the units of the Ygrion file, named in the heading. */
const COLUMNS: readonly TripColumn[] = [
  text('trip', 'id', 'trip'),
  text('trip', 'placeId', 'place'),
  text('trip', 'start', 'trip start'),
  text('trip', 'end', 'trip end'),
  text('stint', 'id', 'stint'),
  text('stint', 'start', 'start', true),
  text('stint', 'end', 'end'),
  text('stint', 'lureId', 'lure', true),
  text('stint', 'trailerId', 'trailer'),
  text('stint', 'rig', 'rig'),
  text('stint', 'outfitId', 'outfit'),
  figure('stint', 'depthM', 'depth (m)'),
  figure('stint', 'speedMs', 'speed (m/s)'),
  text('stint', 'cadence', 'cadence'),
  figure('stint', 'casts', 'casts'),
  { heading: 'reading', in: 'stint', field: 'reading', as: 'json' },
  text('event', 'id', 'event'),
  text('event', 'at', 'at'),
  text('event', 'kind', 'what'),
  text('event', 'when', 'when'),
  text('event', 'hookedAt', 'hooked'),
  text('event', 'species', 'species'),
  figure('event', 'lengthMm', 'length (mm)'),
  figure('event', 'weightG', 'weight (g)'),
  figure('event', 'depthM', 'event depth (m)'),
  figure('event', 'groupSize', 'group'),
  figure('event', 'latitude', 'latitude'),
  figure('event', 'longitude', 'longitude'),
  text('event', 'note', 'note'),
  { heading: 'more', in: 'trip', field: '', as: 'json' },
  { heading: 'stint more', in: 'stint', field: '', as: 'json' },
  { heading: 'event more', in: 'event', field: '', as: 'json' },
]
const isMore = ({ field }: TripColumn) => field === ''

/** Trips as a table that spreadsheets open and that reads back exactly; what has no column of its own stands in the `more` columns. */
export function tripsToCsv(trips: readonly Trip[]): string {
  const rows = trips.flatMap(trip =>
    (trip.stints?.length ? trip.stints : [null]).flatMap(stint =>
      (stint?.events?.length ? stint.events : [null]).map(event => cellsOf({ trip, stint, event })),
    ),
  )
  return writeCsv([COLUMNS.map(c => c.heading), ...rows])
}

function cellsOf(row: {
  readonly trip: Trip
  readonly stint: Stint | null
  readonly event: TripEvent | null
}): string[] {
  const nested: Record<Where, readonly string[]> = { trip: ['stints'], stint: ['events'], event: [] }
  return COLUMNS.map(column => {
    const record = row[column.in] as Record<string, unknown> | null
    if (!record) return ''
    if (!isMore(column)) {
      const value = record[column.field]
      return value == null ? '' : column.as === 'json' ? JSON.stringify(value) : String(value)
    }
    const own = new Map(COLUMNS.filter(c => c.in === column.in && !isMore(c)).map(c => [c.field, c]))
    // An empty list, a null and a text that looks like nothing would read back as nothing: they are carried along.
    const lost = Object.entries(record).filter(([key, value]) =>
      nested[column.in].includes(key)
        ? Array.isArray(value) && value.length === 0
        : !own.has(key) || value === null || value === '',
    )
    return lost.length > 0 ? JSON.stringify(Object.fromEntries(lost)) : ''
  })
}

export interface TripsRead {
  readonly trips: readonly Trip[]
  /** What could not be read, and is left out. */
  readonly issues: readonly Issue[]
  /** What was taken for what, in a diary of one's own. */
  readonly notes: readonly Issue[]
}

/**
 * Reads trips from a table. Headings are those of the export, in any order, or those of a catch diary (`readDiary`); a trip and a stint without an id are told apart by day and
 * place, start and lure. Lures and places may stand by name. A bad row is an issue and is left out; the others are read.
 */
export function tripsFromCsv(
  csv: string,
  known: {
    readonly lures: readonly Pick<Lure, 'id' | 'name'>[]
    readonly places: readonly Pick<Place, 'id' | 'name'>[]
    /** Of figures without a unit, in a diary. */
    readonly units?: UnitSystem
  },
): TripsRead {
  const table = readCsv(csv)
  const { damage } = table
  const isExport = COLUMNS.every(c => !c.required || table.header.some(h => h.toLowerCase() === c.heading))
  const diary = isExport ? null : readDiary(table, known.units ?? 'metric')
  const { header, rows, lines } = diary ?? table
  const at = COLUMNS.map(c => header.findIndex(h => h.toLowerCase() === c.heading))
  const missing = COLUMNS.filter((c, i) => c.required && at[i] === -1)
  if (missing.length > 0)
    return {
      trips: [],
      issues: missing.map(c => ({ path: c.heading, message: message('csv.column-needed') })),
      notes: [],
    }
  const issues: Issue[] = damage.map(d => ({ path: `line ${d.line}`, message: d.message }))
  const lureIds = byName(known.lures)
  const strangers = new Set<string>()
  const placeIds = byName(known.places)
  const trips = new Map<
    string,
    {
      readonly trip: Record<string, unknown>
      readonly stints: Map<
        string,
        { readonly stint: Record<string, unknown>; readonly events: Record<string, unknown>[] }
      >
    }
  >()
  rows.forEach((row, i) => {
    const line = `line ${lines[i]!}`
    const read: Record<Where, Record<string, unknown>> = { trip: {}, stint: {}, event: {} }
    let sound = true
    COLUMNS.forEach((column, c) => {
      const cell = at[c] === -1 ? '' : plainCell(row[at[c]!] ?? '')
      if (cell === '') return
      const value = cellValue(column, cell)
      if (value === undefined) {
        issues.push({
          path: `${line}, ${column.heading}`,
          message: message(column.as === 'json' ? 'csv.cell-json' : 'csv.cell-number', { got: cell }),
        })
        sound = false
      } else if (isMore(column)) read[column.in] = { ...(value as object), ...read[column.in] }
      else read[column.in][column.field] = value
    })
    const { trip, stint, event } = read
    if (!sound || Object.keys({ ...trip, ...stint }).length === 0) return
    const isStint = stint.start !== undefined || stint.lureId !== undefined
    for (const [record, field, names] of [
      [trip, 'placeId', placeIds],
      [stint, 'lureId', lureIds],
      [stint, 'trailerId', lureIds],
    ] as const) {
      const id = record[field]
      if (typeof id !== 'string') continue
      const found = names.get(id.toLowerCase()) ?? (diary && names === lureIds ? theOnly(id, known.lures) : undefined)
      if (diary && field === 'lureId' && found === undefined) strangers.add(id)
      record[field] = found ?? id
    }
    const tripId = String(trip.id ?? `${String(stint.start).slice(0, 10)} ${String(trip.placeId ?? '')}`.trim())
    const kept = trips.get(tripId) ?? {
      trip: { ...trip, id: tripId, start: trip.start ?? stint.start },
      stints: new Map(),
    }
    trips.set(tripId, kept)
    if (!isStint) return
    const stintId = String(stint.id ?? `${String(stint.start)} ${String(stint.lureId)}`)
    const stretch = kept.stints.get(stintId) ?? { stint: { ...stint, id: stintId }, events: [] }
    kept.stints.set(stintId, stretch)
    if (event.kind !== undefined || event.id !== undefined)
      stretch.events.push({ ...event, id: event.id ?? `${stintId} ${stretch.events.length + 1}` })
  })
  // Lists are put in only where there is something, so that an empty or a missing one stays as it was.
  const checked = [...trips.values()].map(({ trip, stints }) =>
    check(
      tripSchema,
      stints.size === 0
        ? trip
        : {
            ...trip,
            stints: [...stints.values()].map(({ stint, events }) => (events.length > 0 ? { ...stint, events } : stint)),
          },
    ),
  )
  return {
    trips: checked.flatMap(c => (c.ok ? [c.value as Trip] : [])),
    issues: [
      ...issues,
      ...(diary?.issues ?? []),
      ...checked.flatMap((c, i) =>
        c.ok ? [] : c.issues.map(issue => ({ ...issue, path: `trip ${[...trips.keys()][i]!}: ${issue.path}` })),
      ),
    ],
    notes: [
      ...(diary?.notes ?? []),
      ...[...strangers].map(text => ({ path: 'lure', message: message('diary.not-in-box', { text }) })),
    ],
  }
}

/** The one lure whose name has every word of a text, or no other ones; a text that could be several is none. */
function theOnly(text: string, lures: readonly Pick<Lure, 'id' | 'name'>[]): string | undefined {
  const wordsOf = (name: string) => new Set(name.toLowerCase().match(/[\p{L}\d.]+/gu))
  const asked = wordsOf(text)
  if (asked.size === 0) return undefined
  const found = lures
    .map(({ id, name }) => ({ id, words: wordsOf(name) }))
    .filter(({ words }) => [...asked].every(word => words.has(word)))
  const whole = found.filter(({ words }) => words.size === asked.size)
  const [only, other] = whole.length > 0 ? whole : found
  return other ? undefined : only?.id
}

function cellValue({ as }: TripColumn, cell: string): unknown {
  if (as === 'text') return cell
  if (as === 'number') {
    const value = Number(cell.replace(',', '.'))
    return Number.isFinite(value) ? value : undefined
  }
  try {
    return JSON.parse(cell) as unknown
  } catch {
    return undefined
  }
}

/** Ids by name, lower case; a name that several share finds none, and is kept as it stands. */
function byName(rows: readonly { readonly id: string; readonly name: string }[]): ReadonlyMap<string, string> {
  const ids = new Map<string, string>()
  const shared = new Set<string>()
  for (const { id, name } of rows) {
    const key = name.toLowerCase()
    if (ids.has(key)) shared.add(key)
    ids.set(key, id)
  }
  for (const key of shared) ids.delete(key)
  for (const { id } of rows) ids.set(id.toLowerCase(), id)
  return ids
}

/** Trips that are as they were before, new ones, and changed ones. */
export function compareTrips(
  existing: readonly Trip[],
  incoming: readonly Trip[],
): { readonly fresh: readonly Trip[]; readonly changed: readonly Trip[]; readonly same: number } {
  const before = new Map(existing.map(t => [t.id, t]))
  const fresh = incoming.filter(t => !before.has(t.id))
  const changed = incoming.filter(t => before.has(t.id) && !dequal(before.get(t.id), t))
  return { fresh, changed, same: incoming.length - fresh.length - changed.length }
}
