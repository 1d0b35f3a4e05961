import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import {
  type ColumnMapping,
  type Corrections,
  type Issue,
  LISTS,
  type MergeBy,
  type PlannedLure,
  type PlannedOther,
  type WordRead,
} from '#core/files'
import { recall, remember } from '~/db/box'
import type { Change } from '~/db/change'
import { counted } from '~/text/labels'
import { waterOfFile } from '~/text/sent-water'
import { ExchangeClient } from '~/workers/exchange.client'
import type { Opened } from '~/workers/exchange.protocol'
import { plain } from '~/workers/plain'

const LARGEST_MB = 100
const MB = 1024 * 1024
/** Key under which it is kept what words of tables mean. */
const WORDS = 'import-words'

/** An import from the choosing of a file to its writing. Nothing is written before `write`. */
export function useExchange() {
  const box = useBoxStore()
  const settings = useSettingsStore()
  const client = new ExchangeClient()
  onScopeDispose(() => client.close())
  const fileName = ref('')
  const opened = shallowRef<Opened | null>(null)
  const mapping = shallowRef<readonly ColumnMapping[]>([])
  const mergeBy = ref<MergeBy>('id')
  const planned = shallowRef<readonly PlannedLure<string>[] | null>(null)
  /** Rows of hardware and rods. */
  const others = shallowRef<readonly PlannedOther<string>[]>([])
  const words = shallowRef<readonly WordRead[]>([])
  /** What the angler said of words in this and in earlier tables. */
  const corrections = shallowRef<Corrections>({})
  const mended = shallowRef<Readonly<Record<number, Readonly<Record<number, string>>>>>({})
  const done = ref<{ readonly done: number; readonly of: number } | null>(null)
  const issues = shallowRef<readonly Issue<string>[]>([])
  const table = computed(() => (opened.value?.kind === 'table' ? opened.value : null))
  const file = computed(() => (opened.value?.kind === 'ygrion' ? opened.value : null))
  const counts = computed(() => {
    const all = [...(planned.value ?? []), ...others.value]
    const of = (action: PlannedLure<string>['action']) => all.filter(p => p.action === action).length
    return { new: of('new'), change: of('change'), same: of('same'), refused: of('refused') }
  })
  let newest = 0

  function clear(): void {
    opened.value = planned.value = done.value = null
    issues.value = []
    words.value = []
    others.value = []
    mended.value = {}
    fileName.value = ''
  }

  async function choose(chosen: File): Promise<void> {
    clear()
    fileName.value = chosen.name
    if (chosen.size > LARGEST_MB * MB) {
      issues.value = [
        {
          path: chosen.name,
          message: `is ${Math.round(chosen.size / MB)} MB; files of up to ${LARGEST_MB} MB can be read. Nothing was changed`,
        },
      ]
      return
    }
    await attempt(async () => {
      const answer = await client.open(
        chosen.name,
        new Uint8Array(await chosen.arrayBuffer()),
        settings.units,
        await box.readFile(),
      )
      if (answer.kind === 'trouble') {
        issues.value = answer.issues
        return
      }
      // A water that somebody sent is shown where it is read, and nothing else of it comes in.
      const sent = answer.kind === 'ygrion' ? waterOfFile(answer.file) : null
      if (sent) {
        clear()
        await navigateTo({ path: '/', query: sent })
        return
      }
      opened.value = answer
      if (answer.kind !== 'table') return
      mapping.value = answer.mapping
      corrections.value = (await recall<Corrections>(box.database(), WORDS)) ?? {}
      mergeBy.value = answer.mapping.some(m => m.path === 'id') ? 'id' : 'name'
      await plan()
    })
  }

  /** Works the plan out again, for instance after a column was taken for something else; the newest wins. */
  async function plan(): Promise<void> {
    const mine = ++newest
    done.value = { done: 0, of: table.value?.count ?? 0 }
    await attempt(async () => {
      let isAnswered = false
      const question = {
        mapping: mapping.value,
        corrections: corrections.value,
        mended: mended.value,
        mergeBy: mergeBy.value,
        existing: { lures: box.box.lures, parts: box.box.parts, outfits: box.box.outfits },
        system: settings.units,
      }
      const answer = await client.plan(plain(question), (rows, of) => {
        // Progress travels on a channel of its own and may come after the answer.
        if (mine === newest && !isAnswered) done.value = { done: rows, of }
      })
      isAnswered = true
      if (mine !== newest) return
      planned.value = answer.planned
      others.value = answer.others
      words.value = answer.words
      done.value = null
    })
  }

  /** Says once, for all like rows and for the next table, what a text means; `null` takes that back. */
  async function say(path: string, text: string, as: string | null): Promise<void> {
    const others = Object.fromEntries(Object.entries(corrections.value[path] ?? {}).filter(([said]) => said !== text))
    corrections.value = { ...corrections.value, [path]: as === null ? others : { ...others, [text]: as } }
    await remember(box.database(), WORDS, plain(corrections.value))
    await plan()
  }

  /** Reads one row anew with other cells. */
  function mend(line: number, cells: Readonly<Record<number, string>>): Promise<void> {
    mended.value = { ...mended.value, [line]: { ...mended.value[line], ...cells } }
    return plan()
  }

  /** Rows that are refused, as a table with the reason in its last column. */
  function refusedTable(): Promise<string> {
    return client.asTable(
      [...(planned.value ?? []), ...others.value]
        .filter(p => p.action === 'refused')
        .map(p => ({ line: p.line, why: p.issues.map(i => `${i.path}: ${i.message}`).join('; ') })),
    )
  }

  /** What was pasted, as if it were a file. */
  function paste(text: string): Promise<void> {
    return choose(new File([text], 'what was pasted', { type: 'text/plain' }))
  }

  function map(column: number, to: Partial<ColumnMapping>): Promise<void> {
    mapping.value = mapping.value.map((m, i) => (i === column ? { ...m, ...to } : m))
    return plan()
  }

  /** Writes what was shown, in one transaction. */
  async function write(): Promise<void> {
    await attempt(async () => {
      if (table.value) {
        const isWritten = ({ action }: { action: PlannedLure['action'] }) => action === 'new' || action === 'change'
        const put = {
          lures: (planned.value ?? []).filter(isWritten).flatMap(({ lure }) => lure ?? []),
          parts: others.value.filter(isWritten).flatMap(other => (other.list === 'parts' ? (other.row ?? []) : [])),
          outfits: others.value.filter(isWritten).flatMap(other => (other.list === 'outfits' ? (other.row ?? []) : [])),
        }
        await box.change({ put }, cameIn(put, counts.value.change))
      } else if (file.value) {
        const incoming = file.value.file
        await box.change(
          { put: Object.fromEntries(LISTS.map(list => [list, incoming[list] ?? []])) as Change['put'] & object },
          `${fileName.value} is joined to what was here.`,
        )
      }
      clear()
    })
  }

  /** What of the table came in. */
  function cameIn(put: Readonly<Record<'lures' | 'parts' | 'outfits', readonly unknown[]>>, changed: number): string {
    const kinds = [
      [put.lures.length, 'lure', 'lures'],
      [put.parts.length, 'piece of hardware', 'pieces of hardware'],
      [put.outfits.length, 'rod', 'rods'],
    ] as const
    const said = kinds.flatMap(([count, one, many]) => (count > 0 ? [counted(count, one, many)] : [])).join(', ')
    return `${said} came in from ${fileName.value}, ${changed} of them changed.`
  }

  async function replace(): Promise<void> {
    await attempt(async () => {
      settings.takeFrom(file.value!.file.settings)
      await box.replaceBy(file.value!.file, `${fileName.value} stands in place of what was here.`)
      clear()
    })
  }

  async function attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work()
    } catch (error) {
      done.value = null
      issues.value = [{ path: fileName.value, message: `${(error as Error).message}. Nothing was changed` }]
    }
  }

  return {
    fileName,
    opened,
    table,
    file,
    mapping,
    mergeBy,
    planned,
    others,
    counts,
    done,
    issues,
    words,
    corrections,
    choose,
    paste,
    plan,
    map,
    say,
    mend,
    cells: (line: number) => client.cells(line),
    refusedTable,
    write,
    replace,
    clear,
  }
}
