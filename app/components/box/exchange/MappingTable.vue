<script setup lang="ts">
import { type ColumnMapping, CSV_COLUMNS, csvColumn, MORE } from '#core/files'
import { DIMENSIONS } from '#core/units'
import { capital } from '~/text/labels'

/** What each column of the foreign table is taken for; every guess can be changed. */
defineProps<{ header: readonly string[], sample: readonly (readonly string[])[], mapping: readonly ColumnMapping[] }>()
const emit = defineEmits<{ map: [column: number, to: Partial<ColumnMapping>] }>()
const PATHS = [...CSV_COLUMNS.map(c => ({ value: c.path, title: capital(c.label) })), { value: MORE, title: 'More (JSON)' }]

function unitsOf(path: string | null): string[] {
  const dimension = path ? csvColumn(path)?.dimension : undefined
  return dimension ? DIMENSIONS[dimension].map(u => u.symbol) : []
}
function choose(column: number, path: string | null) {
  emit('map', column, { path, unit: unitsOf(path)[0] ?? null, isSure: unitsOf(path).length === 0 })
}
</script>

<template>
  <div class="scroll">
    <table class="mapping">
      <caption class="sr">Columns of the file</caption>
      <thead><tr><th>column</th><th>is</th><th>unit</th><th>for instance</th></tr></thead>
      <tbody>
        <tr v-for="(heading, i) in header" :key="i" :class="{ out: mapping[i]?.path === null, unsure: mapping[i]?.isSure === false }">
          <th scope="row">{{ heading || `column ${i + 1}` }}</th>
          <td><v-autocomplete :model-value="mapping[i]?.path ?? null" :items="PATHS" :aria-label="`${heading} is`" placeholder="left out" clearable @update:model-value="path => choose(i, path)" /></td>
          <td class="unit"><v-select v-if="unitsOf(mapping[i]?.path ?? null).length > 0" :model-value="mapping[i]?.unit" :items="unitsOf(mapping[i]?.path ?? null)" :aria-label="`Unit of ${heading}`" @update:model-value="unit => emit('map', i, { unit, isSure: true })" />
            <button v-if="mapping[i]?.isSure === false" type="button" class="quiet ask" @click="emit('map', i, { isSure: true })">is it {{ mapping[i]?.unit }}? yes</button>
            <label v-if="mapping[i]?.thousands" class="ask"><input type="checkbox" checked @change="emit('map', i, { thousands: false })" /> 1,200 is 1200</label>
          </td>
          <td class="sample">{{ sample.map(row => row[i]).filter(Boolean).slice(0, 3).join(' · ') }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll { overflow: auto; max-height: 46vh; border-block: 1px solid var(--rule); }
table { border-collapse: collapse; width: 100%; }
thead th { text-align: left; font-size: 12px; letter-spacing: 0.05em; text-transform: uppercase; color: var(--soft-ink); font-weight: 550; position: sticky; top: 0; background: var(--paper); z-index: 1; }
th, td { padding: 2px 16px 2px 0; text-align: left; }
tbody th { font-weight: 600; }
.out th, .out .sample { color: var(--soft-ink); }
.unit { width: 150px; }
.unsure .ask { color: var(--float); padding: 0; min-height: 32px; }
.ask { font-size: 14px; display: block; white-space: nowrap; }
.sample { color: var(--soft-ink); max-width: 320px; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
@media (max-width: 700px) {
  .scroll { max-height: none; overflow: visible; }
  table, tbody { display: block; }
  thead { position: absolute; clip-path: inset(50%); }
  tbody tr { display: grid; grid-template-columns: minmax(0, 1fr) 112px; column-gap: 12px; padding: 8px 0; border-top: 1px solid var(--rule); }
  tbody th, tbody td { padding: 0; min-width: 0; }
  tbody th, .sample { grid-column: 1 / -1; }
  .sample { grid-row: 2; max-width: none; }
  .unit { width: auto; }
}
</style>
