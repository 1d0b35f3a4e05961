<script setup lang="ts">
import type { CrossTable, CutId, RateTable } from '#core/logbook'
import { formatQuantity } from '#core/units'
import { dayLong } from '~/text/dates'
import { CUT_WORDS, hoursFigure, rateFigure, rateInWords, valueInWords } from '~/text/log-words'
import { words } from '~/text/labels'

const log = useLogbookStore()
const names = useLogNames()
const hourly = { of: 'contacts', per: 'hour' } as const
const { answer, problem } = useFromLog(async () => {
  const [season, clarity, light, lures, depths] = await Promise.all([log.crossed('temperature', 'season', 'contacts'), log.crossed('colour', 'clarity', 'contacts'), log.rates('light', hourly), log.rates('lure', hourly), log.depths()])
  return { season, clarity, light, lures, depths }
})
const say = (cut: CutId, value: string | number) => valueInWords(cut, value, names.value)
const crossRows = (table: CrossTable, row: CutId, column: CutId) => table.cells.filter(c => c.rate).map(c => [say(row, c.row), say(column, c.column), c.contacts, hoursFigure(c.hours), rateFigure(c.rate!.mean)])
const isBlank = (table: CrossTable) => table.cells.every(c => !c.rate)
const rateRows = (table: RateTable) => table.rows.map(r => [say(table.cut, r.value), r.contacts, hoursFigure(r.hours), rateInWords(r.rate, 'hour')])
const crossColumns = (row: CutId, column: CutId) => [CUT_WORDS[row], CUT_WORDS[column], 'contacts', 'hours', 'an hour']
const depthRows = () => (answer.value?.depths.newest ?? []).map(m => [dayLong(m.at), words(m.kind), say('lure', m.lureId), formatQuantity('depth', m.depthM, { system: names.value.units })])
const SQUARES = 'Area of a square: hours fished; filled: contacts an hour against the best field, the figure says how many; dashed: never fished.'
</script>

<template>
  <div class="charts">
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <template v-if="answer">
      <ChartFrame title="Season and water temperature" :note="SQUARES" :columns="crossColumns('temperature', 'season')" :empty="isBlank(answer.season)" :rows="() => crossRows(answer!.season, 'temperature', 'season')"><CrossChart :table="answer.season" row="temperature" column="season" :names="names" /></ChartFrame>
      <ChartFrame title="Colour by visibility" :note="SQUARES" :columns="crossColumns('colour', 'clarity')" :empty="isBlank(answer.clarity)" :rows="() => crossRows(answer!.clarity, 'colour', 'clarity')"><CrossChart :table="answer.clarity" row="colour" column="clarity" :names="names" /></ChartFrame>
      <ChartFrame title="Depth by month" :note="`Red: landed; rings: other contacts. Where nothing stands perhaps nobody fished.${answer.depths.contacts > answer.depths.newest.length ? ` The table has the newest ${answer.depths.newest.length}.` : ''}`" :columns="['day', 'what', 'lure', 'depth']" :empty="answer.depths.contacts === 0" :rows="depthRows"><DepthByMonth :depths="answer.depths" /></ChartFrame>
      <ChartFrame title="Bites by light" note="Low sun: within 8° of the horizon." :columns="['light', 'contacts', 'hours', 'rate, 90 % interval']" :empty="answer.light.rows.length === 0" :rows="() => rateRows(answer!.light)"><RateChart :table="answer.light" of="contacts" per="hour" :names="names" /></ChartFrame>
      <ChartFrame title="Lures by effort and return" class="wide" :columns="['lure', 'contacts', 'hours', 'rate, 90 % interval']" :empty="answer.lures.rows.length === 0" :rows="() => rateRows(answer!.lures)"><EffortReturn :table="answer.lures" :names="names" /></ChartFrame>
    </template>
  </div>
</template>

<style scoped>
.charts { padding: 8px 18px 40px; display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 22px 34px; align-items: start; }
.problem { color: var(--float); grid-column: 1 / -1; }
@media (max-width: 900px) { .charts { grid-template-columns: minmax(0, 1fr); padding-inline: 10px; } }
</style>
