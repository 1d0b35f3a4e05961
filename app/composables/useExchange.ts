import { computed, onScopeDispose, ref, shallowRef, toRaw } from 'vue'
import { type ColumnMapping, type Issue, LISTS, type MergeBy, type PlannedLure } from '#core/files'
import type { Lure } from '#core/tackle'
import type { Change } from '~/db/change'
import { ExchangeClient } from '~/workers/exchange.client'
import type { Opened } from '~/workers/exchange.protocol'

const LARGEST_MB = 40
const MB = 1024 * 1024

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
  const planned = shallowRef<readonly PlannedLure[] | null>(null)
  const done = ref<{ readonly done: number, readonly of: number } | null>(null)
  const issues = shallowRef<readonly Issue[]>([])
  const table = computed(() => (opened.value?.kind === 'table' ? opened.value : null))
  const file = computed(() => (opened.value?.kind === 'ygrion' ? opened.value : null))
  const counts = computed(() => {
    const of = (action: PlannedLure['action']) => planned.value?.filter(p => p.action === action).length ?? 0
    return { new: of('new'), change: of('change'), same: of('same'), refused: of('refused') }
  })
  let newest = 0

  function clear(): void {
    opened.value = planned.value = done.value = null
    issues.value = []
    fileName.value = ''
  }

  async function choose(chosen: File): Promise<void> {
    clear()
    fileName.value = chosen.name
    if (chosen.size > LARGEST_MB * MB) {
      issues.value = [{ path: chosen.name, message: `is ${Math.round(chosen.size / MB)} MB; files of up to ${LARGEST_MB} MB can be read. Nothing was changed` }]
      return
    }
    await attempt(async () => {
      const answer = await client.open(chosen.name, new Uint8Array(await chosen.arrayBuffer()), settings.units, await box.readFile())
      if (answer.kind === 'trouble') {
        issues.value = answer.issues
        return
      }
      opened.value = answer
      if (answer.kind !== 'table') return
      mapping.value = answer.mapping
      mergeBy.value = answer.mapping.some(m => m.path === 'id') ? 'id' : 'name'
      await plan()
    })
  }

  /** Works the plan out again, for instance after a column was taken for something else; the newest wins. */
  async function plan(): Promise<void> {
    const mine = ++newest
    done.value = { done: 0, of: table.value?.count ?? 0 }
    await attempt(async () => {
      const answer = await client.plan(structuredClone(toRaw(mapping.value)), mergeBy.value, structuredClone(toRaw(box.box.lures)) as Lure[], (rows, of) => {
        if (mine === newest) done.value = { done: rows, of }
      })
      if (mine !== newest) return
      planned.value = answer
      done.value = null
    })
  }

  function map(column: number, to: Partial<ColumnMapping>): Promise<void> {
    mapping.value = mapping.value.map((m, i) => (i === column ? { ...m, ...to } : m))
    return plan()
  }

  /** Writes what was shown, in one transaction. */
  async function write(): Promise<void> {
    await attempt(async () => {
      if (table.value) {
        const lures = (planned.value ?? []).flatMap(p => (p.lure && (p.action === 'new' || p.action === 'change') ? [p.lure] : []))
        const { new: fresh, change } = counts.value
        await box.change({ put: { lures } }, `${fresh} lures came in from ${fileName.value}, ${change} were changed.`)
      }
      else if (file.value) {
        const incoming = file.value.file
        await box.change({ put: Object.fromEntries(LISTS.map(list => [list, incoming[list] ?? []])) as Change['put'] & object }, `${fileName.value} is joined to what was here.`)
      }
      clear()
    })
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
    }
    catch (error) {
      done.value = null
      issues.value = [{ path: fileName.value, message: `${(error as Error).message}. Nothing was changed` }]
    }
  }

  return { fileName, opened, table, file, mapping, mergeBy, planned, counts, done, issues, choose, plan, map, write, replace, clear }
}
