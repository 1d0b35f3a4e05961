<script setup lang="ts">
import { computed, ref } from 'vue'
import { csvColumn, type PlannedLure, type PlannedOther } from '#core/files'
import { formatQuantity } from '#core/units'
import { familyLabel, words } from '~/text/labels'
import { partInWords, rodInWords } from '~/text/tackle-words'

/** What an import would do, row by row: the refused first, to be mended in place, then those with notes. */
const props = defineProps<{ planned: readonly PlannedLure<string>[], others: readonly PlannedOther<string>[], header: readonly string[], cellsOf: (line: number) => Promise<readonly string[]> }>()
const emit = defineEmits<{ mend: [line: number, cells: Readonly<Record<number, string>>] }>()
const { units } = storeToRefs(useSettingsStore())
const ORDER = ['refused', 'change', 'new', 'same'] as const
const WORDS = { refused: 'refused', change: 'changed', new: 'new', same: 'the same' } as const
const shown = ref(60)
type Planned = PlannedLure<string> | PlannedOther<string>
const sorted = computed(() => [...props.planned, ...props.others].sort((a, b) => ORDER.indexOf(a.action) - ORDER.indexOf(b.action) || Number(b.notes.length > 0) - Number(a.notes.length > 0) || a.line - b.line).map(p => ({ p, is: told(p) })))
const said = (found: Planned['issues']) => found.map(i => `${i.path}: ${i.message}`).join('; ')
/** What the row was taken for, as far as it says. */
function takenFor({ family, style, weightG, lengthMm, runsAt, buoyancy }: NonNullable<PlannedLure['lure']>): string {
  const figure = (dimension: Parameters<typeof formatQuantity>[0], value: number | null | undefined) => (value == null ? '' : formatQuantity(dimension, value, { system: units.value }))
  const depth = figure('depth', runsAt?.depthM)
  return [familyLabel(family), style ? words(style) : '', figure('weight', weightG), figure('length', lengthMm), depth && `runs at ${depth}`, buoyancy ? words(buoyancy) : ''].filter(Boolean).join(', ')
}
/** What stands on the row: a lure, hardware or a rod. */
function told(row: Planned): { name: string, as: string, changed: readonly string[] } | null {
  if ('lure' in row) return row.lure && { name: row.lure.name, as: takenFor(row.lure), changed: row.changed }
  if (row.row === null) return null
  return { name: row.row.name, as: row.list === 'parts' ? partInWords(row.row, units.value) : `rod · ${rodInWords(row.row, units.value)}`, changed: [] }
}
const named = (fields: readonly string[]) => fields.map(field => csvColumn(field)?.label ?? field).join(', ')
/** The row that is being mended, with its cells. */
const opened = ref<{ line: number, cells: string[], was: readonly string[] } | null>(null)
async function open(line: number) {
  const was = await props.cellsOf(line)
  opened.value = { line, was, cells: props.header.map((_, c) => was[c] ?? '') }
}
function mend() {
  const { line, cells, was } = opened.value!
  emit('mend', line, Object.fromEntries(cells.flatMap((cell, c) => (cell === (was[c] ?? '') ? [] : [[c, cell]]))))
  opened.value = null
}
</script>

<template>
  <div class="scroll">
    <table class="plan">
      <caption class="sr">What the import would do</caption>
      <tbody>
        <template v-for="{ p, is } in sorted.slice(0, shown)" :key="p.line">
          <tr :class="p.action">
            <td class="line">line {{ p.line }}</td>
            <td class="action">{{ WORDS[p.action] }}</td>
            <td v-if="is" class="drawing"><LureDrawing v-if="'lure' in p && p.lure" :lure="p.lure" small /></td>
            <td v-if="is"><b>{{ is.name }}</b>, {{ is.as }}<span v-if="is.changed.length > 0" class="changed">: {{ named(is.changed) }}</span><span v-if="p.notes.length > 0" class="note">{{ said(p.notes) }}</span></td>
            <td v-else colspan="2" class="reason">{{ said(p.issues) }} <button v-if="opened?.line !== p.line" type="button" class="quiet" @click="open(p.line)">mend line {{ p.line }}</button></td>
          </tr>
          <tr v-if="opened?.line === p.line" class="mending">
            <td colspan="4">
              <form @submit.prevent="mend">
                <label v-for="(heading, c) in header" :key="c"><span class="small-label">{{ heading || `column ${c + 1}` }}</span><input v-model="opened.cells[c]" /></label>
                <button type="submit" class="plain">Read it again</button>
                <button type="button" class="quiet" @click="opened = null">leave it</button>
              </form>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <button v-if="sorted.length > shown" type="button" class="quiet" @click="shown += 200">{{ sorted.length - shown }} more rows</button>
  </div>
</template>

<style scoped>
.scroll { max-height: 44vh; overflow: auto; border-block: 1px solid var(--rule); }
table { border-collapse: collapse; width: 100%; }
tr { border-bottom: 1px solid var(--rule); height: 38px; }
td { padding: 2px 14px 2px 0; }
.line, .action { white-space: nowrap; color: var(--soft-ink); width: 74px; }
.refused .action, .refused .reason { color: var(--float); }
.change .action, .new .action { color: var(--ink); font-weight: 620; }
.drawing { width: 76px; }
.drawing :deep(svg) { width: 64px; height: 28px; }
.changed, .note { color: var(--soft-ink); }
.note { display: block; font-size: 14px; }
@media (max-width: 700px) {
  tr:not(.mending) { display: grid; grid-template-columns: 76px minmax(0, 1fr); height: auto; padding: 4px 0; }
  tr:not(.mending) td { padding-right: 0; }
  .line { grid-column: 1; }
  .action { grid-column: 2; grid-row: 1; width: auto; }
  .reason { grid-column: 1 / -1; }
}
.mending form { display: flex; flex-wrap: wrap; gap: 6px 14px; align-items: end; padding: 4px 0 10px; }
.mending label { display: grid; gap: 2px; }
.mending input { border: 0; border-bottom: 1px solid var(--ink); background: transparent; color: inherit; font: inherit; min-height: 36px; width: 130px; }
</style>
