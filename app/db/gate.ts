import type Dexie from 'dexie'
import type { DBCore } from 'dexie'
import type { Issue } from '#core/files'
import { parseStored, type TableName, TABLES } from './rows'

/** A row that was to be written and cannot be: nothing of its transaction is. Whoever shows it puts its issues in words. */
export class GateError extends Error {
  override readonly name = 'GateError'
  constructor(
    readonly list: TableName,
    readonly issues: readonly Issue[],
  ) {
    super(issues.map(({ path, message }) => `${path}: ${message.code}`).join('; '))
  }
}

const isGuarded = (name: string): name is TableName => (TABLES as readonly string[]).includes(name)

/** The one gate: every row that is stored passes the schema by which files are read, so that whatever is written can be read back; pictures too. */
export function guard(db: Dexie): void {
  db.use({
    stack: 'dbcore',
    name: 'gate',
    create: (core): DBCore => ({
      ...core,
      table(name) {
        const table = core.table(name)
        if (!isGuarded(name)) return table
        return {
          ...table,
          mutate(request) {
            if (request.type === 'put' || request.type === 'add') {
              for (const row of request.values) {
                const outcome = parseStored(name, row)
                if (!outcome.ok) return Promise.reject(new GateError(name, outcome.issues))
              }
            }
            return table.mutate(request)
          },
        }
      },
    }),
  })
}
