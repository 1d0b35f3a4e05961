<script setup lang="ts">
import { computed } from 'vue'
import { formatNumber, formatQuantity } from '#core/units'
import { fallBars, type FallRate } from '~/charts/fall-rates'

const props = defineProps<{ rates: readonly FallRate[], title: string }>()
const { units } = storeToRefs(useSettingsStore())
const show = (speedMs: number) => formatQuantity('sink', speedMs, { system: units.value })
const WIDTH = 300
const ROW = 30
const LABEL = 150
const height = computed(() => props.rates.length * ROW)
const drawn = computed(() => fallBars(props.rates, WIDTH, height.value))
</script>

<template>
  <svg :viewBox="`0 0 ${LABEL + WIDTH + 84} ${height + 22}`" :width="LABEL + WIDTH + 84" role="img" :aria-label="`${title}: ${rates.map(r => `${r.label} ${show(r.speedMs)}`).join('; ')}`">
    <g :transform="`translate(${LABEL} 0)`">
      <g v-for="t in drawn.ticks" :key="t.value"><line :x1="t.x" :x2="t.x" y1="0" :y2="height" class="grid" /><text :x="t.x" :y="height + 15" text-anchor="middle">{{ formatNumber('sink', t.value, { system: units }) }}</text></g>
      <g v-for="b in drawn.bars" :key="b.rate.label">
        <text :x="-8" :y="b.y + b.height / 2" dy="0.35em" text-anchor="end">{{ b.rate.label }}</text>
        <rect :x="b.x" :y="b.y" :width="b.width" :height="b.height" :class="b.rate.known" />
        <path v-if="b.whisker" :d="`M${b.whisker[0]} ${b.y + b.height / 2}H${b.whisker[1]}M${b.whisker[0]} ${b.y + 4}v${b.height - 8}M${b.whisker[1]} ${b.y + 4}v${b.height - 8}`" class="whisker" />
        <text :x="Math.max(b.width, b.whisker?.[1] ?? 0) + 6" :y="b.y + b.height / 2" dy="0.35em" class="value">{{ show(b.rate.speedMs) }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
svg { max-width: 100%; height: auto; }
text { font: 500 12px var(--font-figure); fill: var(--ink); }
.value { font-weight: 650; }
.grid { stroke: var(--rule); }
.tested { fill: var(--brass); }
.computed { fill: color-mix(in srgb, var(--water-ink) 35%, transparent); stroke: var(--water-ink); stroke-dasharray: 3 3; }
.whisker { stroke: var(--ink); stroke-width: 1.5; fill: none; }
</style>
