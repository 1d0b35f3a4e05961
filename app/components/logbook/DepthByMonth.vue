<script setup lang="ts">
import { group, mean, scaleLinear } from 'd3'
import { computed, useTemplateRef } from 'vue'
import type { SpeciesId } from '#core/terms'
import { formatNumber, formatQuantity } from '#core/units'
import { dayLong } from '~/text/dates'
import { monthName } from '~/text/log-words'
import { speciesLabel, words } from '~/text/labels'
import type { EventMark } from '~/workers/logbook.protocol'

/** Where in the water fish touched the lure through the year: ● landed, ○ other contacts. */
const props = defineProps<{ marks: readonly EventMark[] }>()
const { units } = storeToRefs(useSettingsStore())
const HEIGHT = 250
/** Room for the figures beside the water [px]. */
const AROUND = { left: 46, right: 10 } as const
const DAYS_IN_MONTH = 31
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 720)
const width = computed(() => room.value - AROUND.left - AROUND.right)
const x = computed(() => scaleLinear([0, 12], [0, width.value]))
const deepest = computed(() => Math.max(2, ...props.marks.map(m => m.depthM ?? 0)))
const y = computed(() => scaleLinear([0, deepest.value], [0, HEIGHT]).nice(5))
const at = (m: EventMark) => x.value(m.month + (m.day - 0.5) / DAYS_IN_MONTH)
/** Marks that would lie on one another are drawn as one, larger with their number. */
const CELL = 7
const RADIUS = { one: 4, perFold: 0.9, most: 9 }
const spots = computed(() => [...group(props.marks, m => `${Math.round(at(m) / CELL)} ${Math.round(y.value(m.depthM ?? 0) / CELL)}`).values()].map(marks => ({
  marks,
  x: mean(marks, at)!,
  y: mean(marks, m => y.value(m.depthM ?? 0))!,
  r: Math.min(RADIUS.most, RADIUS.one + RADIUS.perFold * Math.log2(marks.length)),
  isLanded: marks.some(m => m.kind === 'landed'),
})))
function told(marks: readonly EventMark[]): string {
  const m = marks[0]!
  const first = `${dayLong(m.at)}, ${words(m.kind)}${m.species ? `, ${speciesLabel(m.species as SpeciesId)}` : ''}: ${formatQuantity('depth', m.depthM ?? 0, { system: units.value })}`
  return marks.length === 1 ? first : `${first}; and ${marks.length - 1} more about here`
}
</script>

<template>
  <svg ref="drawing" class="depths" :viewBox="`${-AROUND.left} -24 ${room} ${HEIGHT + 30}`" role="img" :aria-label="`Depth by month: ${marks.length} contacts between the surface and ${formatQuantity('depth', deepest, { system: units })}`">
    <text v-for="m in 12" :key="m" :x="x(m - 0.5)" y="-9" text-anchor="middle">{{ monthName(m - 1) }}</text>
    <g v-for="t in y.ticks(6)" :key="t"><line :x2="width" :y1="y(t)" :y2="y(t)" :class="t === 0 ? 'surface' : 'rule'" /><text x="-8" :y="y(t)" text-anchor="end" dominant-baseline="middle">{{ formatNumber('depth', t, { system: units }) }}</text></g>
    <line v-for="m in 11" :key="`v${m}`" :x1="x(m)" :x2="x(m)" y1="0" :y2="HEIGHT" class="month" />
    <circle v-for="(spot, i) in spots" :key="i" :cx="spot.x" :cy="spot.y" :r="spot.r" :class="spot.isLanded ? 'landed' : 'other'"><title>{{ told(spot.marks) }}</title></circle>
  </svg>
</template>

<style scoped>
.depths { width: 100%; max-width: 720px; display: block; }
text { font-size: 11.5px; fill: var(--ink); }
.rule { stroke: var(--rule); }
.surface { stroke: var(--water-ink); stroke-width: 2; }
.month { stroke: var(--rule); stroke-dasharray: 1 5; }
.landed { fill: var(--float); stroke: var(--paper); }
.other { fill: none; stroke: var(--water-ink); stroke-width: 1.6; }
</style>
