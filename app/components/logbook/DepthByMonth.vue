<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed, useTemplateRef } from 'vue'
import type { SpeciesId } from '#core/terms'
import { formatQuantity } from '#core/units'
import type { DepthSpot } from '~/charts/log/depth-spots'
import { dayLong } from '~/text/dates'
import { monthName } from '~/text/log-words'
import { counted, speciesLabel, words } from '~/text/labels'
import type { DepthsOfYear } from '~/workers/logbook.protocol'

/** Where in the water fish touched the lure through the year: ● landed, ○ other contacts. */
const props = defineProps<{ depths: DepthsOfYear }>()
const { units } = storeToRefs(useSettingsStore())
const HEIGHT = 250
/** Room for the figures beside the water [px]. */
const AROUND = { left: 46, right: 10 } as const
const MONTHS = 12
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 720)
const width = computed(() => room.value - AROUND.left - AROUND.right)
const x = computed(() => scaleLinear([0, MONTHS], [0, width.value]))
const y = computed(() => scaleLinear([0, props.depths.deepestM], [0, HEIGHT]).nice(5))
/** A spot is the larger the more contacts lie there [px]. */
const RADIUS = { one: 4, perFold: 0.9, most: 9 }
const radius = (spot: DepthSpot) => Math.min(RADIUS.most, RADIUS.one + RADIUS.perFold * Math.log2(spot.count))
function told({ first, count }: DepthSpot): string {
  const one = `${dayLong(first.at)}, ${words(first.kind)}${first.species ? `, ${speciesLabel(first.species as SpeciesId)}` : ''}: ${formatQuantity('depth', first.depthM, { system: units.value })}`
  return count === 1 ? one : `${one}; and ${count - 1} more about here`
}
</script>

<template>
  <svg ref="drawing" class="depths" :viewBox="`${-AROUND.left} -24 ${room} ${HEIGHT + 30}`" role="img" :aria-label="`Depth by month: ${counted(depths.contacts, 'contact')} between the surface and ${formatQuantity('depth', depths.deepestM, { system: units })}`">
    <text v-for="m in 12" :key="m" :x="x(m - 0.5)" y="-9" text-anchor="middle">{{ monthName(m - 1) }}</text>
    <g v-for="t in y.ticks(6)" :key="t"><line :x2="width" :y1="y(t)" :y2="y(t)" :class="t === 0 ? 'surface' : 'rule'" /><text x="-8" :y="y(t)" text-anchor="end" dominant-baseline="middle">{{ formatQuantity('depth', t, { system: units }) }}</text></g>
    <line v-for="m in 11" :key="`v${m}`" :x1="x(m)" :x2="x(m)" y1="0" :y2="HEIGHT" class="month" />
    <circle v-for="(spot, i) in depths.spots" :key="i" :cx="x(MONTHS * spot.share)" :cy="y(spot.depthM)" :r="radius(spot)" :class="spot.isLanded ? 'landed' : 'other'"><title>{{ told(spot) }}</title></circle>
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
