<script setup lang="ts">
import { computed } from 'vue'
import { type Dimension, formatNumber, formatQuantity, shownUnit } from '#core/units'
import { dayLong } from '~/text/dates'
import { byDate, type DatedPoint } from '~/charts/by-date'

const props = defineProps<{ label: string, dimension: Dimension, points: readonly DatedPoint[] }>()
const { units } = storeToRefs(useSettingsStore())
const SIZE = { width: 420, height: 130 }
const chart = computed(() => byDate(props.points, SIZE))
/** More points than this would lie on one another: the line alone is drawn. */
const MOST_POINTS = 200
</script>

<template>
  <figure>
    <figcaption>{{ label }}, {{ shownUnit(dimension, units).symbol }}</figcaption>
    <p v-if="points.length === 0" class="reason">Nothing written down yet.</p>
    <svg v-else :viewBox="`-40 -12 ${SIZE.width + 60} ${SIZE.height + 36}`" role="img" :aria-label="`${label} by date: ${points.length} readings`">
      <g v-for="t in chart.yTicks" :key="t.value"><line :x2="SIZE.width" :y1="t.y" :y2="t.y" class="rule" /><text x="-8" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ formatNumber(dimension, t.value, { system: units }) }}</text></g>
      <text v-for="t in chart.xTicks" :key="t.label + t.x" :x="t.x" :y="SIZE.height + 18" text-anchor="middle">{{ t.label }}</text>
      <path :d="chart.path" class="line" />
      <circle v-for="(p, i) in chart.points.length > MOST_POINTS ? [] : chart.points" :key="i" :cx="p.x" :cy="p.y" r="4" class="point"><title>{{ dayLong(p.point.at) }}: {{ formatQuantity(dimension, p.point.value, { system: units }) }}</title></circle>
    </svg>
  </figure>
</template>

<style scoped>
figure { margin: 0; }
figcaption { font-weight: 620; font-stretch: 88%; }
svg { width: 100%; max-width: 520px; }
text { font-size: 12px; fill: var(--soft-ink); }
.rule { stroke: var(--rule); }
.line { fill: none; stroke: var(--water-ink); stroke-width: 2; }
.point { fill: var(--leaf); stroke: var(--water-ink); stroke-width: 2; }
p { color: var(--soft-ink); margin: 4px 0; }
</style>
