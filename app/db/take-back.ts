import { dequal } from 'dequal/lite'
import { applyChange, type Change } from './change'
import type { Database } from './database'
import { keyOf, type TableName } from './rows'

type Plain = Record<string, unknown>
/** A change as it was made: each row it touched, whole, before and after; `null`: it was not there. */
export interface Made {
  readonly rows: readonly {
    readonly table: TableName
    readonly key: string
    readonly before: Plain | null
    readonly after: Plain | null
  }[]
}

const rowsOf = (lists: Change['put'], table: TableName) => (lists?.[table] ?? []) as readonly object[]

/** Makes a change, all of it or nothing, and tells what it did row by row. */
export async function makeChange(db: Database, change: Change): Promise<Made> {
  const back = await applyChange(db, change)
  const tables = [...new Set([...Object.keys(change.put ?? {}), ...Object.keys(change.remove ?? {})])] as TableName[]
  return {
    rows: tables.flatMap(table => {
      const before = new Map(rowsOf(back.put, table).map(row => [keyOf(table, row), row as Plain]))
      const after = new Map(rowsOf(change.put, table).map(row => [keyOf(table, row), row as Plain]))
      return [...new Set([...after.keys(), ...(change.remove?.[table] ?? [])])]
        .map(key => ({ table, key, before: before.get(key) ?? null, after: after.get(key) ?? null }))
        .filter(row => row.before !== null || row.after !== null)
    }),
  }
}

/**
 * Takes a change back out of what is there now. Only what it did is undone: fields, stretches and events that came or changed since then stay as they are, and are told.
 *
 * @returns what was done, so that it can be done again, and the names of the rows in which later work stayed
 */
export async function takeBack(
  db: Database,
  { rows }: Made,
): Promise<{ readonly made: Made; readonly kept: readonly string[] }> {
  if (rows.length === 0) return { made: { rows }, kept: [] }
  const put: Record<string, object[]> = {}
  const remove: Record<string, string[]> = {}
  const kept: string[] = []
  const made = await db.transaction(
    'rw',
    [...new Set(rows.map(r => r.table))].map(name => db.table(name)),
    async () => {
      for (const { table, key, before, after } of rows) {
        const now = (await db.table<Plain, string>(table).get(key)) ?? null
        const { value, clashes } = withoutChange(before, after, now)
        if (clashes) kept.push(typeof now?.name === 'string' ? now.name : key)
        if (value === null) (remove[table] ??= []).push(key)
        else (put[table] ??= []).push(value as object)
      }
      return makeChange(db, { put, remove } as Change)
    },
  )
  return { made, kept }
}

interface Reverted {
  readonly value: unknown
  readonly clashes: boolean
}
const stays = (value: unknown): Reverted => ({ value, clashes: true })
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype
const isList = (value: unknown): value is readonly (Plain & { id: string })[] =>
  Array.isArray(value) && value.every(item => isPlain(item) && typeof item.id === 'string')

/** What is there now, without what led from `before` to `after`; where something else was done since, that stays. `null`: not there. */
function withoutChange(before: unknown, after: unknown, now: unknown): Reverted {
  if (dequal(now, after)) return { value: before, clashes: false }
  if (dequal(before, after)) return { value: now, clashes: false }
  if (isPlain(before) && isPlain(after) && isPlain(now)) return inEach(before, after, now)
  if (isList(before) && isList(after) && isList(now)) return inList(before, after, now)
  // What it took away and nobody put back is put back; all else was changed since.
  return now === null && after === null ? { value: before, clashes: false } : stays(now)
}

function inEach(before: Plain, after: Plain, now: Plain): Reverted {
  const value: Plain = {}
  let clashes = false
  for (const key of new Set([...Object.keys(now), ...Object.keys(before)])) {
    const found = withoutChange(before[key] ?? null, after[key] ?? null, now[key] ?? null)
    clashes ||= found.clashes
    // A null that was written stays a null; what was not there is not there again.
    if (found.value !== null || before[key] === null || (!(key in before) && now[key] === null))
      value[key] = found.value
  }
  return { value, clashes }
}

function inList(
  before: readonly (Plain & { id: string })[],
  after: readonly (Plain & { id: string })[],
  now: readonly (Plain & { id: string })[],
): Reverted {
  const at = (list: readonly { id: string }[], id: string) => list.find(item => item.id === id) ?? null
  let clashes = false
  const ids = [...now.map(item => item.id)]
  // What was taken out goes back to where it stood, behind the same neighbour.
  before.forEach(({ id }, i) => {
    if (!ids.includes(id)) ids.splice(i === 0 ? 0 : ids.indexOf(before[i - 1]!.id) + 1, 0, id)
  })
  const value = ids.flatMap(id => {
    const found = withoutChange(at(before, id), at(after, id), at(now, id))
    clashes ||= found.clashes
    return found.value === null ? [] : [found.value]
  })
  return { value, clashes }
}
