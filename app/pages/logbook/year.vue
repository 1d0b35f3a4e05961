<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { SpeciesId } from '#core/terms'
import { formatQuantity } from '#core/units'
import { capital, counted, speciesLabel, wordFor } from '~/text/labels'
import { hoursFigure, monthName } from '~/text/log-words'

const log = useLogbookStore()
const names = useLogNames()
const { answer: years } = useFromLog(() => log.years())
const chosen = ref<number | null>(null)
watch(years, (list) => {
  if (list && (chosen.value === null || !list.includes(chosen.value))) chosen.value = list[0] ?? null
})
const { answer: sheet, problem } = useFromLog(async () => (chosen.value === null ? null : log.year(chosen.value)), () => chosen.value)
const mostHours = computed(() => Math.max(...(sheet.value?.months ?? []).map(m => m.hours), 0.1))
const fish = (id: string) => capital(speciesLabel(id as SpeciesId) ?? id)
function printSheet() {
  window.print()
}
</script>

<template>
  <div class="year-page">
    <div class="bar"><div class="choices" role="group" aria-label="Year"><button v-for="y in years ?? []" :key="y" type="button" class="choice" :aria-pressed="chosen === y" @click="chosen = y">{{ y }}</button></div><button v-if="sheet" type="button" class="hot" @click="printSheet">Print the sheet</button></div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <p v-if="years?.length === 0" class="reason">The log is empty. After the first trip its year stands here, on one sheet to print and keep.</p>
    <article v-if="sheet" class="sheet">
      <h2>{{ sheet.year }} on the water</h2>
      <p class="sum"><b class="figure">{{ sheet.trips }}</b> {{ wordFor(sheet.trips, 'trip') }} · <b class="figure">{{ hoursFigure(sheet.all.hours) }}</b> h · <b class="figure">{{ sheet.all.casts }}</b> {{ wordFor(sheet.all.casts, 'cast') }} · <b class="figure">{{ sheet.all.contacts }}</b> {{ wordFor(sheet.all.contacts, 'contact') }} · <b class="figure">{{ sheet.all.landed }}</b> landed<template v-if="sheet.lost > 0"> · {{ counted(sheet.lost, 'lure') }} lost</template></p>
      <NotesLines :year="sheet.year" />
      <table class="months">
        <caption>Months: hours, and fish landed</caption>
        <tbody><tr><td v-for="(m, i) in sheet.months" :key="i"><span class="column"><i :style="{ height: `${(58 * m.hours) / mostHours}px` }" /></span><span class="figure">{{ m.hours > 0 ? hoursFigure(m.hours) : '–' }}</span><span>{{ m.hours > 0 ? m.landed : '' }}</span><span class="small-label">{{ monthName(i) }}</span></td></tr></tbody>
      </table>
      <div class="halves">
        <table><caption>Fish</caption><thead><tr><th /><th scope="col">contacts</th><th scope="col">landed</th><th scope="col">longest</th></tr></thead>
          <tbody><tr v-for="s in sheet.species" :key="s.species"><th scope="row">{{ fish(s.species) }}</th><td>{{ s.contacts }}</td><td>{{ s.landed }}</td><td>{{ s.longest?.lengthMm ? formatQuantity('length', s.longest.lengthMm, { system: names.units }) : '–' }}</td></tr></tbody></table>
        <table><caption>Lures by hours</caption><thead><tr><th /><th scope="col">hours</th><th scope="col">contacts</th><th scope="col">landed</th></tr></thead>
          <tbody><tr v-for="l in sheet.lures.slice(0, 14)" :key="l.lureId"><th scope="row">{{ names.lure(l.lureId) }}</th><td>{{ hoursFigure(l.hours) }}</td><td>{{ l.contacts }}</td><td>{{ l.landed }}</td></tr></tbody></table>
      </div>
    </article>
  </div>
</template>

<style scoped>
.year-page { padding: 8px 18px 40px; max-width: 900px; }
.bar { display: flex; justify-content: space-between; gap: 12px; flex-wrap: wrap; }
.sheet { border: 1px solid var(--ink); background: var(--leaf); padding: 18px 24px 24px; margin-top: 12px; }
h2 { font-size: 26px; }
.sum { margin: 2px 0 10px; }
.sum .figure { font-size: 19px; }
caption { text-align: left; font-weight: 620; font-stretch: 88%; padding-bottom: 3px; }
table { border-collapse: collapse; }
.months { width: 100%; table-layout: fixed; }
.months td { vertical-align: bottom; text-align: center; border-bottom: 1px solid var(--ink); }
.months td > span { display: block; }
.column { height: 60px; position: relative; }
.column i { position: absolute; inset: auto 22% 0; background: var(--water-ink); display: block; }
.halves { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); gap: 18px 34px; margin-top: 16px; align-items: start; }
.halves thead th { font-size: 11.5px; color: var(--soft-ink); font-weight: 550; text-align: right; }
.halves tbody th { text-align: left; font-weight: 550; }
.halves td { text-align: right; padding: 2px 0 2px 16px; }
.halves tr { border-bottom: 1px solid var(--rule); }
.problem { color: var(--float); }
@media (max-width: 700px) { .year-page { padding-inline: 10px; } .sheet { padding: 12px; } .halves td { padding-left: 8px; } .months .figure { font-size: 11px; } .months .small-label { font-size: 9px; letter-spacing: 0; } }
@media print { .bar { display: none; } .sheet { border: 0; padding: 0; } }
</style>
