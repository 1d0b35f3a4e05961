import { dequal } from 'dequal/lite'
import { type Message, message } from '#core/message'
import type { Lure } from '#core/tackle'
import { isRecord, type LureRow } from './csv-lures'
import { type Issue, type ListName, LISTS, type Outcome, parseLure } from './parse'
import type { YgrionFile } from './schemas'

/** How an incoming lure finds the one it means. */
export type MergeBy = 'id' | 'name'

export interface PlannedLure<T = Message> {
  /** Line of the table it came from. */
  readonly line: number
  readonly action: 'new' | 'change' | 'same' | 'refused'
  /** As it would be stored; `null` when it is refused. */
  readonly lure: Lure | null
  /** As it is now; `null` when it is new. */
  readonly before: Lure | null
  /** Top-level fields that would change. */
  readonly changed: readonly string[]
  /** Why it is refused. */
  readonly issues: readonly Issue<T>[]
  /** What was left out, mended or guessed. */
  readonly notes: readonly Issue<T>[]
}

export interface PlanOptions {
  readonly mergeBy: MergeBy
  /** Gives ids to rows that bring none; passed in, because core knows no chance. */
  readonly newId: () => string
  /** Called now and then with the rows that are done. */
  readonly progress?: (done: number, of: number) => void
}

/** Rows between two calls of `progress`. */
const PROGRESS_STEP = 250

/** What an import of these rows would do, row by row. Nothing is written. A row is refused only where there would be no lure; a field that cannot be is left out with a note. */
export function planLures(
  existing: readonly Lure[],
  rows: readonly LureRow[],
  { mergeBy, newId, progress }: PlanOptions,
): readonly PlannedLure[] {
  const byId = new Map(existing.map(lure => [lure.id, lure]))
  const byName = new Map<string, Lure[]>()
  for (const lure of existing) byName.set(nameKey(lure.name), [...(byName.get(nameKey(lure.name)) ?? []), lure])
  const seen = new Map<string, number>()
  return rows.map((row, i) => {
    if (progress && i % PROGRESS_STEP === 0) progress(i, rows.length)
    return planRow(row)
  })

  function planRow({ line, fields: told, issues, notes, kept, guessed }: LureRow): PlannedLure {
    const refused = (found: readonly Issue[]): PlannedLure => ({
      line,
      action: 'refused',
      lure: null,
      before: null,
      changed: [],
      issues: found,
      notes,
    })
    if (issues.length > 0) return refused(issues)
    const target = targetOf(told, guessed)
    if ('message' in target) return refused([target])
    const fields = target.before ? told : { ...guessed, ...told }
    if (!target.before && fields.family === undefined)
      return refused([{ path: 'family', message: message('import.needs-kind') }])
    const id = target.before?.id ?? (typeof fields.id === 'string' ? fields.id : newId())
    const first = seen.get(id)
    if (first !== undefined)
      return refused([
        { path: mergeBy === 'name' ? 'name' : 'id', message: message('import.same-lure', { line: first }) },
      ])
    seen.set(id, line)
    const { lure, left } = soundLure(
      { ...(target.before ? mergedWith(target.before, fields) : fields), id },
      target.before,
    )
    if (!lure.ok) return refused(lure.issues)
    const aside = [...kept, ...left.map(({ path, given }) => `${path}: ${given}`)]
    const whole =
      target.before || aside.length === 0
        ? lure.value
        : { ...lure.value, notes: [lure.value.notes, ...aside].filter(Boolean).join('\n') }
    const changed = target.before
      ? Object.keys(fields).filter(
          key => key !== 'id' && !dequal(whole[key as keyof Lure], target.before![key as keyof Lure]),
        )
      : []
    return {
      line,
      action: !target.before ? 'new' : changed.length > 0 ? 'change' : 'same',
      lure: whole,
      before: target.before,
      changed,
      issues: [],
      notes: [...notes, ...left.map(({ path, message: why }) => ({ path, message: message('csv.left-out', { why }) }))],
    }
  }

  function targetOf(fields: Record<string, unknown>, guessed: LureRow['guessed']): { before: Lure | null } | Issue {
    if (mergeBy === 'id') return { before: typeof fields.id === 'string' ? (byId.get(fields.id) ?? null) : null }
    if (typeof fields.name !== 'string')
      return guessed.name === undefined ? { path: 'name', message: message('import.needs-name') } : { before: null }
    const named = byName.get(nameKey(fields.name)) ?? []
    return named.length > 1
      ? { path: 'name', message: message('import.several-called', { count: named.length, name: fields.name }) }
      : { before: named[0] ?? null }
  }
}

/** Fields without which a lure is none. */
const NEEDED: readonly string[] = ['id', 'name', 'family']

/** A field that cannot be, with what stood there. */
interface LeftOut extends Issue {
  readonly given: string
}

/** The lure as the schema takes it, without the fields that cannot be; those stay as they were. */
function soundLure(
  given: Record<string, unknown>,
  before: Lure | null,
): { readonly lure: Outcome<Lure>; readonly left: readonly LeftOut[] } {
  const lure = parseLure(given)
  if (lure.ok || lure.issues.some(({ path }) => NEEDED.includes(path))) return { lure, left: [] }
  const bad = new Set(lure.issues.map(({ path }) => path.split(/[.[]/)[0]!))
  const rest = Object.fromEntries(Object.entries(given).filter(([key]) => !bad.has(key)))
  const kept = Object.fromEntries(Object.entries(before ?? {}).filter(([key]) => bad.has(key)))
  const left = lure.issues.map(issue => {
    const value = given[issue.path.split(/[.[]/)[0]!]
    return { ...issue, given: typeof value === 'string' ? value : JSON.stringify(value) }
  })
  return { lure: parseLure({ ...rest, ...kept }), left }
}

function nameKey(name: string): string {
  return name.trim().toLowerCase()
}

/** Nested records (colours, speeds) are joined field by field: an empty cell never wipes what is known. */
function mergedWith(before: Lure, fields: Record<string, unknown>): Record<string, unknown> {
  const merged: Record<string, unknown> = { ...before }
  for (const [key, value] of Object.entries(fields)) {
    const old = merged[key]
    merged[key] = isRecord(value) && isRecord(old) ? { ...old, ...value } : value
  }
  return merged
}

/** What joining a checked Ygrion file to what is there would do, list by list; rows meet by id. */
export interface FilePlan {
  readonly list: ListName
  readonly fresh: number
  readonly changed: number
  readonly same: number
}

export function planFile(existing: YgrionFile, incoming: YgrionFile): readonly FilePlan[] {
  return LISTS.map(list => {
    const there = new Map<string, unknown>((existing[list] ?? []).map(row => [row.id, row]))
    const counts = { fresh: 0, changed: 0, same: 0 }
    for (const row of incoming[list] ?? []) {
      const old = there.get(row.id)
      counts[old === undefined ? 'fresh' : dequal(old, row) ? 'same' : 'changed']++
    }
    return { list, ...counts }
  })
}
