<script setup lang="ts">
import { computed } from 'vue'
import type { CrossTable, CutId, RateTable } from '#core/logbook'
import { formatQuantity } from '#core/units'
import { dayLong } from '~/text/dates'
import { CUT_WORDS, hoursFigure, rateFigure, rateInWords, valueInWords } from '~/text/log-words'
import { words } from '~/text/labels'

const log = useLogbookStore()
const names = useLogNames()
const hourly = { of: 'contacts', per: 'hour' } as const
/** Each is drawn as soon as it is there. */
const season = useFromLog(() => log.crossed('temperature', 'season', 'contacts'))
const clarity = useFromLog(() => log.crossed('colour', 'clarity', 'contacts'))
const depths = useFromLog(() => log.depths())
const light = useFromLog(() => log.rates('light', hourly))
const lures = useFromLog(() => log.rates('lure', hourly))
const problem = computed(() => [season, clarity, depths, light, lures].map(part => part.problem.value).find(Boolean) ?? '')
const say = (cut: CutId, value: string | number) => valueInWords(cut, value, names.value)
const crossRows = (table: CrossTable, row: CutId, column: CutId) => table.cells.filter(c => c.rate).map(c => [say(row, c.row), say(column, c.column), c.contacts, hoursFigure(c.hours), rateFigure(c.rate!.mean)])
const isBlank = (table: CrossTable) => table.cells.every(c => !c.rate)
const rateRows = (table: RateTable) => table.rows.map(r => [say(table.cut, r.value), r.contacts, hoursFigure(r.hours), rateInWords(r.rate, 'hour')])
const crossColumns = (row: CutId, column: CutId) => [CUT_WORDS[row], CUT_WORDS[column], 'contacts', 'hours', 'an hour']
const depthRows = () => (depths.answer.value?.newest ?? []).map(m => [dayLong(m.at), words(m.kind), say('lure', m.lureId), formatQuantity('depth', m.depthM, { system: names.value.units })])
const SQUARES = 'Area of a square: hours fished; filled: contacts an hour against the best field, the figure says how many; dashed: never fished.'
</script>

<template>
  <div class="charts">
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <p v-else-if="!season.answer.value" class="reason" role="status">Reading the log…</p>
    <ChartFrame v-if="season.answer.value" title="Season and water temperature" :note="SQUARES" :columns="crossColumns('temperature', 'season')" :empty="isBlank(season.answer.value)" :rows="() => crossRows(season.answer.value!, 'temperature', 'season')"><CrossChart :table="season.answer.value" row="temperature" column="season" :names="names" /></ChartFrame>
    <ChartFrame v-if="clarity.answer.value" title="Colour by visibility" :note="SQUARES" :columns="crossColumns('colour', 'clarity')" :empty="isBlank(clarity.answer.value)" :rows="() => crossRows(clarity.answer.value!, 'colour', 'clarity')"><CrossChart :table="clarity.answer.value" row="colour" column="clarity" :names="names" /></ChartFrame>
    <ChartFrame v-if="depths.answer.value" title="Depth by month" :note="`Red: landed; rings: other contacts. Where nothing stands perhaps nobody fished.${depths.answer.value.contacts > depths.answer.value.newest.length ? ` The table has the newest ${depths.answer.value.newest.length}.` : ''}`" :columns="['day', 'what', 'lure', 'depth']" :empty="depths.answer.value.contacts === 0" :rows="depthRows"><DepthByMonth :depths="depths.answer.value" /></ChartFrame>
    <ChartFrame v-if="light.answer.value" title="Bites by light" note="Low sun: within 8° of the horizon." :columns="['light', 'contacts', 'hours', 'rate, 90 % interval']" :empty="light.answer.value.rows.length === 0" :rows="() => rateRows(light.answer.value!)"><RateChart :table="light.answer.value" of="contacts" per="hour" :names="names" /></ChartFrame>
    <ChartFrame v-if="lures.answer.value" title="Lures by effort and return" class="wide" :columns="['lure', 'contacts', 'hours', 'rate, 90 % interval']" :empty="lures.answer.value.rows.length === 0" :rows="() => rateRows(lures.answer.value!)"><EffortReturn :table="lures.answer.value" :names="names" /></ChartFrame>
  </div>
</template>

<style scoped>
.charts { padding: 8px 18px 40px; display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 22px 34px; align-items: start; }
.problem { color: var(--float); grid-column: 1 / -1; }
@media (max-width: 900px) { .charts { grid-template-columns: minmax(0, 1fr); padding-inline: 10px; } }
</style>
