import { dispersionOf, pooledRates, type RateEstimate, sumOf, type Tally } from '#core/evidence'
import { dayOf } from '#core/tackle'
import { type CutId, CUTS } from './cuts'
import type { Stretch } from './stretch'

export const RETURNS = ['contacts', 'landed'] as const
export type Return = (typeof RETURNS)[number]
export const EFFORTS = ['hour', '100 casts'] as const
export type EffortUnit = (typeof EFFORTS)[number]
export interface RateOptions {
  readonly of: Return
  readonly per: EffortUnit
}

/** What one value of a cut gave for its effort. */
export interface RateRow extends Tally {
  readonly value: string | number
  readonly trips: number
  readonly rate: RateEstimate
}

export interface RateTable {
  readonly cut: CutId
  /** Highest rate first. */
  readonly rows: readonly RateRow[]
  readonly overall: RateEstimate | null
  /** Values that were never fished: nothing is known of them. */
  readonly unfished: readonly (string | number)[]
  /** Hours that could not be placed, because nobody noted what the cut asks for. */
  readonly unknownHours: number
}

/** Effort in hundreds. */
const CASTS_IN_UNIT = 100

function effortIn(per: EffortUnit, { hours, casts }: Tally): number {
  return per === 'hour' ? hours : casts / CASTS_IN_UNIT
}

/**
 * Rates by one cut, with partial pooling (see `pooledRates`): few events in little effort are drawn toward the usual rate.
 * `also` names values that exist though the log may not have them (the lures of the box): they show as never fished.
 */
export function ratesBy(
  stretches: readonly Stretch[],
  cutId: CutId,
  { of, per }: RateOptions,
  also: readonly (string | number)[] = [],
): RateTable {
  const cut = CUTS[cutId]
  // Fish of a stretch without effort, out of a diary for one, say nothing of a rate.
  const groups = groupBy(
    stretches.filter(s => effortIn(per, s) > 0),
    cut.of,
  )
  const unknownHours = sumOf(stretches.filter(s => cut.of(s) === null)).hours
  groups.delete(null)
  const rows = [...groups].map(([value, list]) => ({
    value: value!,
    trips: new Set(list.map(s => s.tripId)).size,
    ...sumOf(list),
  }))
  const pooled = pooledRates(
    rows.map(row => ({ events: row[of], effort: effortIn(per, row) })),
    bunched(
      [...groups].flatMap(([value, list]) => list.map(stretch => ({ group: value!, stretch }))),
      of,
      per,
    ),
  )
  const fished = new Set(stretches.map(cut.of))
  return {
    cut: cutId,
    rows: rows
      .map((row, i) => ({ ...row, rate: pooled!.groups[i]! }))
      .sort((a, b) => b.rate.mean - a.rate.mean || b.hours - a.hours),
    overall: pooled?.overall ?? null,
    unfished: [...new Set([...(cut.all ?? []), ...also])].filter(value => !fished.has(value)),
    unknownHours,
  }
}

/** How bunched the bites are about the rates of these groups, day by day. */
export function bunched(
  list: readonly { readonly group: string | number; readonly stretch: Stretch }[],
  of: Return,
  per: EffortUnit,
): number {
  return dispersionOf(
    list.map(({ group, stretch }) => ({
      group,
      day: dayOf(stretch.start),
      events: stretch[of],
      effort: effortIn(per, stretch),
    })),
  )
}

/** One field of a crossed table; `rate` is `null` where nothing was fished. */
export interface CrossCell extends Tally {
  readonly row: string | number
  readonly column: string | number
  readonly rate: RateEstimate | null
}
export interface CrossTable {
  readonly rows: readonly (string | number)[]
  readonly columns: readonly (string | number)[]
  readonly cells: readonly CrossCell[]
  readonly overall: RateEstimate | null
}

/** Rates by two cuts at once, pooled over all their fields; blanks stay blank. */
export function ratesByTwo(stretches: readonly Stretch[], rowCut: CutId, columnCut: CutId, of: Return): CrossTable {
  const [row, column] = [CUTS[rowCut], CUTS[columnCut]]
  const known = stretches.flatMap(stretch => {
    if (stretch.hours <= 0) return []
    const at = { row: row.of(stretch), column: column.of(stretch) }
    return at.row === null || at.column === null ? [] : [{ stretch, row: at.row, column: at.column }]
  })
  const rows = row.all ?? sorted(known.map(k => k.row))
  const columns = column.all ?? sorted(known.map(k => k.column))
  const byCell = groupBy(known, k => `${k.row}\n${k.column}`)
  const cells = rows.flatMap(r =>
    columns.map(c => ({ row: r, column: c, ...sumOf((byCell.get(`${r}\n${c}`) ?? []).map(k => k.stretch)) })),
  )
  const pooled = pooledRates(
    cells.map(cell => ({ events: cell[of], effort: cell.hours })),
    bunched(
      known.map(k => ({ group: `${k.row}\n${k.column}`, stretch: k.stretch })),
      of,
      'hour',
    ),
  )
  return {
    rows,
    columns,
    overall: pooled?.overall ?? null,
    cells: cells.map((cell, i) => ({ ...cell, rate: cell.hours > 0 ? pooled!.groups[i]! : null })),
  }
}

export function groupBy<T, K>(list: readonly T[], keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const item of list) {
    const key = keyOf(item)
    const group = groups.get(key)
    if (group) group.push(item)
    else groups.set(key, [item])
  }
  return groups
}

function sorted(values: readonly (string | number)[]): (string | number)[] {
  return [...new Set(values)].sort((a, b) =>
    typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b)),
  )
}
