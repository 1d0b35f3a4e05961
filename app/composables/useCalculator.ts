import { computed, onScopeDispose, ref, shallowRef, toValue, watch, type MaybeRefOrGetter } from 'vue'
import * as z from 'zod'
import { CALC_ABOUT, CALCS } from '#core/calc'
import type { Issue } from '#core/files'
import { parseQuantity, shownUnit, toUnit } from '#core/units'
import { inWords } from '#speech'
import { fieldInWords } from '~/text/calc-words'
import { CalcClient } from '~/workers/calc.client'

/** One field of a calculator, from its own schema; nested ones with a dot. */
export interface CalcField {
  readonly path: string
  readonly kind: 'number' | 'text' | 'choice' | 'list'
  readonly choices: readonly string[]
  readonly usual: unknown
}
interface JsonSchema {
  type?: string | string[]
  properties?: Record<string, JsonSchema>
  enum?: string[]
  default?: unknown
  anyOf?: JsonSchema[]
}

function fieldsOf(schema: JsonSchema, prefix = ''): CalcField[] {
  return Object.entries(schema.properties ?? {}).flatMap(([name, own]): CalcField[] => {
    const path = `${prefix}${name}`
    const real = own.anyOf?.find(option => option.type !== 'null') ?? own
    if (real.properties) return path === 'fluid' || path === 'colours' ? [] : fieldsOf(real, `${path}.`)
    if (real.enum) return [{ path, kind: 'choice', choices: real.enum, usual: own.default }]
    return [
      {
        path,
        kind: real.type === 'array' ? 'list' : real.type === 'string' ? 'text' : 'number',
        choices: [],
        usual: own.default,
      },
    ]
  })
}

function put(target: Record<string, unknown>, path: string, value: unknown): void {
  const [head, ...rest] = path.split('.')
  if (rest.length === 0) target[head!] = value
  else put((target[head!] ??= {}) as Record<string, unknown>, rest.join('.'), value)
}

function take(source: unknown, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], source)
}

/** Digits of a figure that is filled in: enough to give the same answer back. */
const DIGITS = 6

/** One calculator of the corner: its fields, its answer, its chart. */
export function useCalculator(
  name: MaybeRefOrGetter<string>,
  prefill: MaybeRefOrGetter<Readonly<Record<string, unknown>>>,
) {
  const calc = computed(() => CALCS.find(c => c.name === toValue(name))!)
  const about = computed(() => CALC_ABOUT[toValue(name)]!)
  const fields = computed(() =>
    fieldsOf(z.toJSONSchema(calc.value.input, { io: 'input', unrepresentable: 'any' }) as JsonSchema),
  )
  const typed = ref<Record<string, string>>({})
  const issues = shallowRef<readonly Issue<string>[]>([])
  const answer = shallowRef<Record<string, unknown> | null>(null)
  const line = shallowRef<readonly (readonly [number, number])[]>([])
  const { units } = storeToRefs(useSettingsStore())
  const client = new CalcClient()
  onScopeDispose(() => client.close())

  /** A figure in the unit beside its field; the rest as it stands. */
  function asText(path: string, value: unknown): string {
    const { dimension } = fieldInWords(path, units.value)
    if (typeof value === 'number' && dimension)
      return String(Number(toUnit(value, shownUnit(dimension, units.value)).toPrecision(DIGITS)))
    return Array.isArray(value) ? value.join(', ') : value === undefined || value === null ? '' : String(value)
  }
  function restart(): void {
    const start = {
      ...about.value.start,
      ...Object.fromEntries(
        Object.entries(toValue(prefill)).filter(([path]) => fields.value.some(f => f.path === path)),
      ),
    }
    typed.value = Object.fromEntries(
      fields.value.map(f => [f.path, asText(f.path, take(start, f.path) ?? start[f.path] ?? f.usual)]),
    )
  }
  watch(() => toValue(name), restart, { immediate: true })
  watch(units, (_, before) => {
    for (const { path, kind } of fields.value) {
      const { dimension } = fieldInWords(path, before)
      const parsed = kind === 'number' && dimension ? parseQuantity(dimension, typed.value[path] ?? '', before) : null
      if (parsed?.ok) typed.value[path] = asText(path, parsed.value)
    }
  })

  /** The input in its kept units, and what could not be read. */
  function inputNow(): { input: Record<string, unknown>; unread: Issue<string>[] } {
    const input: Record<string, unknown> = {}
    const unread: Issue<string>[] = []
    for (const { path, kind } of fields.value) {
      const text = (typed.value[path] ?? '').trim()
      if (text === '') continue
      const { dimension } = fieldInWords(path, units.value)
      if (kind === 'number' && dimension) {
        const parsed = parseQuantity(dimension, text, units.value)
        if (parsed.ok) put(input, path, parsed.value)
        else unread.push({ path, message: inWords(parsed.message, units.value) })
        continue
      }
      put(
        input,
        path,
        kind === 'number'
          ? Number(text.replace(',', '.'))
          : kind === 'list'
            ? text
                .split(/[,;\s]+/)
                .filter(Boolean)
                .map(Number)
            : text,
      )
    }
    return { input, unread }
  }
  watch(
    [typed, calc],
    async () => {
      try {
        const { input, unread } = inputNow()
        if (unread.length > 0) {
          issues.value = unread
          answer.value = null
          line.value = []
          return
        }
        const found = await client.work({ name: toValue(name), input, chart: about.value.chart })
        if (!found) return
        issues.value = found.issues
        answer.value = found.answer
        line.value = found.line
      } catch (error) {
        issues.value = [{ path: '', message: `could not be worked out: ${(error as Error).message}` }]
      }
    },
    { immediate: true, deep: true },
  )

  return { about, fields, typed, issues, answer, line, restart }
}
