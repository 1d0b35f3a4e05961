<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { Trip } from '#core/tackle'
import { formatNumber, formatQuantity, shownUnit } from '#core/units'
import { lightStops } from '~/charts/column'
import { tripLine } from '~/charts/log/trip-line'
import { words } from '~/text/labels'

/** The day as a cut through the water: time runs to the right, depth downward. */
const props = defineProps<{ trip: Trip, small?: boolean, chosenId?: string | null }>()
const emit = defineEmits<{ choose: [eventId: string] }>()
const names = useLogNames()
/** Room for the figures beside and below the water [px]. */
const AROUND = { left: 44, right: 10, top: 12, bottom: 28 } as const
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 874)
const size = computed(() => (props.small ? { width: 520, height: 34 } : { width: room.value - AROUND.left - AROUND.right, height: 230 }))
/** So near to the right edge a name would run out of the drawing; it ends there instead [px]. */
const NAME = 110
/** Half of an hour's name: the first one stands clear of the unit beside it [px]. */
const HOUR = 26
const isLate = (x: number) => x > size.value.width - NAME
const line = computed(() => tripLine(props.trip, size.value))
const waters = computed(() => line.value.waters.map(water => ({ ...water, stops: lightStops(water.reading), fill: `${gradient.value}-${water.id.replaceAll(/[^\w-]/g, '_')}` })))
const gradient = computed(() => `water-${props.trip.id.replaceAll(/[^\w-]/g, '_')}${props.small ? '-small' : ''}`)
const summary = computed(() => `${line.value.stints.length} stretches, ${line.value.events.length} events`)
</script>

<template>
  <svg ref="drawing" class="trip-cut" :class="{ small }" :viewBox="small ? `0 -3 ${size.width} ${size.height + 6}` : `${-AROUND.left} ${-AROUND.top} ${room} ${size.height + AROUND.top + AROUND.bottom}`" :role="small ? 'img' : 'group'" :aria-label="summary">
    <defs><linearGradient v-for="w in waters" :id="w.fill" :key="w.id" x2="0" y2="1"><stop v-for="s in w.stops" :key="s.offset" :offset="s.offset" :stop-color="s.colour" /></linearGradient></defs>
    <g v-for="w in waters" :key="w.id">
      <rect :x="w.x" :y="w.height" :width="w.width" :height="size.height - w.height" class="ground" />
      <rect :x="w.x" :width="w.width" :height="w.height" :fill="`url(#${w.fill})`" />
    </g>
    <rect :width="size.width" :height="size.height" class="water" fill="none" />
    <template v-if="!small">
      <g v-for="d in line.depths" :key="d.value"><text x="-7" :y="d.y" text-anchor="end" dominant-baseline="middle">{{ formatNumber('depth', d.value, { system: names.units }) }}</text></g>
      <text x="-7" :y="size.height + 18" text-anchor="end">{{ shownUnit('depth', names.units).symbol }}</text>
      <text v-for="h in line.hours" :key="h.label" :x="Math.max(h.x, HOUR)" :y="size.height + 18" text-anchor="middle">{{ h.label }}</text>
    </template>
    <g v-for="s in line.stints" :key="s.id">
      <line v-for="edge in ['edge', 'stint']" :key="edge" :x1="s.x + 2" :x2="s.x + s.width - 2" :y1="s.y" :y2="s.y" :class="edge" />
      <text v-if="!small" :x="isLate(s.x) ? size.width - 2 : s.x + 5" :text-anchor="isLate(s.x) ? 'end' : 'start'" :y="s.y > size.height - 24 ? s.y - 12 : s.y + 20" class="name">{{ names.lure(s.lureId) }}</text>
    </g>
    <template v-for="e in line.events" :key="e.event.id">
      <circle v-if="small" :cx="e.x" :cy="e.y" r="2.6" :class="e.event.kind === 'landed' ? 'landed' : 'other'" />
      <g v-else class="event" :class="{ chosen: e.event.id === chosenId }" role="button" tabindex="0" :aria-label="`${words(e.event.kind)} at ${e.event.depthM == null ? 'unknown depth' : formatQuantity('depth', e.event.depthM, { system: names.units })}`" :aria-pressed="e.event.id === chosenId" @click="emit('choose', e.event.id)" @keydown.enter.prevent="emit('choose', e.event.id)" @keydown.space.prevent="emit('choose', e.event.id)">
        <circle :cx="e.x" :cy="e.y" r="13" class="touch" />
        <circle :cx="e.x" :cy="e.y" :r="e.event.kind === 'follow' ? 3.5 : 5.5" :class="e.event.kind === 'landed' ? 'landed' : 'other'" />
      </g>
    </template>
  </svg>
</template>

<style scoped>
.trip-cut { width: 100%; max-width: 874px; display: block; }
.small { height: 40px; }
text { font-size: 12px; fill: var(--soft-ink); }
.water { stroke: var(--rule); }
.ground { fill: color-mix(in srgb, var(--ink) 62%, var(--paper)); }
.edge { stroke: #17211d; stroke-width: 4.6; stroke-linecap: round; }
.stint { stroke: #f4f1e6; stroke-width: 1.8; stroke-linecap: round; }
.small .edge { stroke-width: 3.4; }
.small .stint { stroke-width: 1.4; }
.name { pointer-events: none; fill: #17211d; font-weight: 600; paint-order: stroke; stroke: #f4f1e6; stroke-width: 3.5px; stroke-opacity: 0.8; }
.event { cursor: pointer; outline: none; }
.touch { fill: transparent; }
.landed { fill: #b8321a; stroke: #fff8ea; stroke-width: 1.6; }
.other { fill: #fff8ea; stroke: #17211d; stroke-width: 1.6; }
.chosen .touch, .event:focus-visible .touch { stroke: var(--float); stroke-width: 2; fill: #fff8ea66; }
</style>
