<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { EffortUnit, RateTable, Return } from '#core/logbook'
import { rateRows } from '~/charts/log/rate-rows'
import { counted } from '~/text/labels'
import { hoursFigure, type Names, rateFigure, rateInWords, RETURN_WORDS, valueInWords } from '~/text/log-words'

const props = defineProps<{ table: RateTable, of: Return, per: EffortUnit, names: Names, most?: number }>()
const WIDEST = 860
/** On a narrow screen the words stand above the line that they belong to, which then has the whole width. */
const NARROW = 560
const room = useRoom(useTemplateRef<SVGElement>('drawing'), WIDEST)
const isNarrow = computed(() => room.value < NARROW)
/** Room for names on the left, for effort in bars and words on the right [px]. */
const around = computed(() => (isNarrow.value ? { left: 14, gap: 0, bar: 0, words: 14 } : { left: 176, gap: 24, bar: 76, words: 88 }))
const size = computed(() => {
  const { left, gap, bar, words } = around.value
  return { row: isNarrow.value ? 46 : 30, width: room.value - left - gap - bar - words, effort: bar }
})
/** The line stands so far below the middle of its row [px]. */
const lower = computed(() => (isNarrow.value ? 12 : 0))
const wordsY = (y: number) => (isNarrow.value ? y - 8 : y)
const shown = computed(() => ({ ...props.table, rows: props.table.rows.slice(0, props.most ?? props.table.rows.length) }))
const isHourly = computed(() => props.per === 'hour')
const effortOf = (row: RateTable['rows'][number]) => (isHourly.value ? row.hours : row.casts)
const chart = computed(() => rateRows(shown.value, effortOf, size.value))
const name = (value: string | number) => valueInWords(props.table.cut, value, props.names)
const short = (text: string) => (text.length > 26 ? `${text.slice(0, 25)}…` : text)
const effortText = (row: RateTable['rows'][number]) => (isHourly.value ? `${hoursFigure(row.hours)} h` : counted(row.casts, 'cast'))
const spoken = (row: RateTable['rows'][number]) => `${name(row.value)}: ${rateInWords(row.rate, props.per)}; ${props.of === 'contacts' ? counted(row.contacts, 'contact') : `${row.landed} ${RETURN_WORDS.landed}`} in ${effortText(row)}, ${counted(row.trips, 'trip')}`
</script>

<template>
  <svg ref="drawing" class="rates" :viewBox="`${-around.left} -20 ${room} ${chart.height + 44}`" role="img" :aria-label="`${RETURN_WORDS[of]} by ${table.cut}: ${shown.rows.slice(0, 5).map(spoken).join('. ')}`">
    <text x="0" y="-7" class="title">{{ RETURN_WORDS[of] }} {{ isHourly ? 'an hour' : 'per 100 casts' }}, 90 % interval</text>
    <text v-if="!isNarrow" :x="size.width + around.gap" y="-7" class="title">effort</text>
    <g v-for="t in chart.ticks" :key="t.value"><line :x1="t.x" :x2="t.x" y1="0" :y2="chart.height" class="rule" /><text :x="t.x" :y="chart.height + 15" text-anchor="middle" class="tick">{{ t.value }}</text></g>
    <line v-if="chart.usual !== null" :x1="chart.usual" :x2="chart.usual" y1="0" :y2="chart.height" class="usual" />
    <g v-for="(m, i) in chart.marks" :key="String(m.value)">
      <title>{{ spoken(shown.rows[i]!) }}</title>
      <text :x="isNarrow ? 0 : -10" :y="wordsY(m.y)" :text-anchor="isNarrow ? 'start' : 'end'" dominant-baseline="middle" class="name">{{ short(name(m.value)) }}</text>
      <line :x1="m.low" :x2="m.high" :y1="m.y + lower" :y2="m.y + lower" class="whisker" />
      <circle :cx="m.mean" :cy="m.y + lower" r="4.5" class="mean" />
      <rect :x="size.width + around.gap" :y="m.y - 5" :width="m.effort" height="10" class="effort" />
      <text :x="isNarrow ? size.width : size.width + around.gap + 6 + m.effort" :y="wordsY(m.y)" :text-anchor="isNarrow ? 'end' : 'start'" dominant-baseline="middle" class="tick">{{ shown.rows[i]![of] }} in {{ effortText(shown.rows[i]!) }}</text>
    </g>
    <text v-if="chart.usual !== null && table.overall" :x="chart.usual" :y="chart.height + 15" class="usual-text" text-anchor="middle">usual {{ rateFigure(table.overall.mean) }}</text>
  </svg>
</template>

<style scoped>
.rates { width: 100%; max-width: 860px; display: block; }
text { font-size: 13px; fill: var(--ink); }
.name, .tick { paint-order: stroke; stroke: var(--paper); stroke-width: 4px; }
.title, .tick { fill: var(--soft-ink); font-size: 11.5px; }
.rule { stroke: var(--rule); stroke-width: 1; }
.usual { stroke: var(--float); stroke-width: 1.4; stroke-dasharray: 4 3; }
.usual-text { fill: var(--float); font-size: 11.5px; paint-order: stroke; stroke: var(--paper); stroke-width: 5px; }
.whisker { stroke: var(--water-ink); stroke-width: 2; }
.mean { fill: var(--leaf); stroke: var(--water-ink); stroke-width: 2.4; }
.effort { fill: var(--rule); }
</style>
