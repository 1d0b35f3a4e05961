<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed, useTemplateRef } from 'vue'
import type { RateTable } from '#core/logbook'
import { counted } from '~/text/labels'
import { hoursFigure, type Names, rateInWords, valueInWords } from '~/text/log-words'

/** Lures by the hours they were given and what they returned; long whiskers: little is known. */
const props = defineProps<{ table: RateTable, names: Names }>()
const HEIGHT = 270
/** Room for the figures beside the field [px]. */
const AROUND = { left: 40, right: 26 } as const
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 720)
const width = computed(() => room.value - AROUND.left - AROUND.right)
/** The most fished; more would lie on one another. The table beside has all. */
const MOST = 300
const rows = computed(() => [...props.table.rows].sort((a, b) => b.hours - a.hours).slice(0, MOST))
const x = computed(() => scaleLinear([0, Math.max(...rows.value.map(r => r.hours), 1)], [0, width.value]).nice(5))
const y = computed(() => scaleLinear([0, Math.max(...rows.value.map(r => 1.5 * r.rate.mean), 0.1)], [HEIGHT, 0]).nice(5).clamp(true))
/** Names are written where they find room: the most fished first. */
const LABEL_GAP = { x: 118, y: 13 }
const labelled = computed(() => {
  const placed: { value: string | number, x: number, y: number }[] = []
  for (const row of rows.value) {
    const at = { value: row.value, x: x.value(row.hours) + 7, y: y.value(row.rate.mean) }
    if (at.x < width.value - 60 && !placed.some(p => Math.abs(p.y - at.y) < LABEL_GAP.y && Math.abs(p.x - at.x) < LABEL_GAP.x)) placed.push(at)
  }
  return placed
})
const name = (value: string | number) => valueInWords('lure', value, props.names)
</script>

<template>
  <svg ref="drawing" class="scatter" :viewBox="`${-AROUND.left} -22 ${room} ${HEIGHT + 60}`" role="img" :aria-label="`Lures by effort and return: ${table.rows.slice(0, 8).map(r => `${name(r.value)} ${rateInWords(r.rate, 'hour')} in ${hoursFigure(r.hours)} h`).join('; ')}`">
    <g v-for="t in y.ticks(5)" :key="t"><line :x2="width" :y1="y(t)" :y2="y(t)" class="rule" /><text x="-7" :y="y(t)" text-anchor="end" dominant-baseline="middle">{{ t }}</text></g>
    <text v-for="t in x.ticks(6)" :key="`x${t}`" :x="x(t)" :y="HEIGHT + 16" text-anchor="middle">{{ t }}</text>
    <line v-if="table.overall" :x2="width" :y1="y(table.overall.mean)" :y2="y(table.overall.mean)" class="usual" />
    <g v-for="row in rows" :key="String(row.value)">
      <title>{{ name(row.value) }}: {{ rateInWords(row.rate, 'hour') }}, {{ counted(row.contacts, 'contact') }} in {{ hoursFigure(row.hours) }} h</title>
      <line :x1="x(row.hours)" :x2="x(row.hours)" :y1="y(row.rate.low)" :y2="y(row.rate.high)" class="whisker" />
      <circle :cx="x(row.hours)" :cy="y(row.rate.mean)" r="4.5" class="mean" />
    </g>
    <text v-for="l in labelled" :key="`l${l.value}`" :x="l.x" :y="l.y" dominant-baseline="middle" class="name">{{ name(l.value) }}</text>
    <text :x="width" :y="HEIGHT + 33" text-anchor="end" class="title">hours fished</text>
    <text x="-40" y="-9" class="title">contacts an hour, 90 % interval; dashed: the usual rate</text>
  </svg>
</template>

<style scoped>
.scatter { width: 100%; max-width: 720px; display: block; }
text { font-size: 11.5px; fill: var(--soft-ink); }
.name { fill: var(--ink); font-size: 12px; paint-order: stroke; stroke: var(--paper); stroke-width: 3px; }
.title { fill: var(--ink); }
.rule { stroke: var(--rule); }
.usual { stroke: var(--float); stroke-dasharray: 4 3; stroke-width: 1.4; }
.whisker { stroke: var(--water-ink); stroke-width: 1.4; opacity: 0.55; }
.mean { fill: var(--leaf); stroke: var(--water-ink); stroke-width: 2.2; }
</style>
