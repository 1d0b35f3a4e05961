<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import type { Tally } from '#core/evidence'
import { hoursFigure } from '~/text/log-words'

/** A year of one water: hours fished as a line above, contacts and fish as bars below, month by month. */
const props = defineProps<{ months: readonly Tally[] }>()
const SIZE = { width: 1200, height: 120, hours: 34 }
const NAMES = Array.from({ length: 12 }, (_, month) => new Date(Date.UTC(2026, month, 1)).toLocaleString([], { month: 'short', timeZone: 'UTC' }))
const step = SIZE.width / 12
const most = computed(() => Math.max(1, ...props.months.map(m => m.contacts)))
const y = computed(() => scaleLinear([0, most.value], [SIZE.height, SIZE.hours + 10]))
const told = computed(() => props.months.map((m, i) => (m.hours > 0 ? `${NAMES[i]}: ${hoursFigure(m.hours)} hours, ${m.contacts} ${m.contacts === 1 ? 'contact' : 'contacts'}, ${m.landed} landed` : '')).filter(Boolean).join('; '))
</script>

<template>
  <figure tabindex="0">
    <figcaption>A year here: hours fished, contacts and <b>fish landed</b></figcaption>
    <svg :viewBox="`0 0 ${SIZE.width} ${SIZE.height + 24}`" role="img" :aria-label="`By month. ${told}`">
      <g v-for="(m, i) in months" :key="i" :transform="`translate(${i * step} 0)`">
        <line x1="0" x2="0" y1="0" :y2="SIZE.height" class="rule" />
        <template v-if="m.hours > 0">
          <text :x="step / 2" y="18" text-anchor="middle" class="hours">{{ hoursFigure(m.hours) }} h</text>
          <rect :x="step * 0.2" :y="y(m.contacts)" :width="step * 0.6" :height="SIZE.height - y(m.contacts)" class="contacts" />
          <rect :x="step * 0.2" :y="y(m.landed)" :width="step * 0.6" :height="SIZE.height - y(m.landed)" class="landed" />
          <text :x="step / 2" :y="y(m.contacts) - 4" text-anchor="middle">{{ m.contacts }}</text>
        </template>
        <text v-else :x="step / 2" :y="SIZE.height - 6" text-anchor="middle" class="never">–</text>
        <text :x="step / 2" :y="SIZE.height + 18" text-anchor="middle">{{ NAMES[i] }}</text>
      </g>
      <line x1="0" :x2="SIZE.width" :y1="SIZE.height" :y2="SIZE.height" class="ground" />
    </svg>
  </figure>
</template>

<style scoped>
figure { margin: 10px 0 4px; }
figcaption { font-stretch: 88%; color: var(--soft-ink); }
svg { width: 100%; display: block; }
text { font-size: 15px; fill: var(--ink); }
.hours, .never { fill: var(--soft-ink); }
.rule { stroke: var(--rule); }
.ground { stroke: var(--ink); stroke-width: 1.5; }
.contacts { fill: none; stroke: var(--water-ink); stroke-width: 1.5; }
.landed { fill: var(--water-ink); }
@media (max-width: 700px) { figure { overflow-x: auto; } svg { min-width: 640px; } text { font-size: 21px; } }
</style>
