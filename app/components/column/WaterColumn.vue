<script setup lang="ts">
import { line, curveMonotoneX } from 'd3'
import { computed, ref, useTemplateRef } from 'vue'
import { useElementSize } from '@vueuse/core'
import type { SetupOut } from '#core/match'
import type { CompleteReading } from '#core/reading'
import type { Lure } from '#core/tackle'
import { formatQuantity } from '#core/units'
import { columnScales, lightStops } from '~/charts/column'
import { columnPath, type PathPoint } from '~/charts/column-path'
import { coverMarks } from '~/charts/cover'

const props = defineProps<{ reading: CompleteReading, setups: readonly SetupOut[], chosenId: string | null, lures: ReadonlyMap<string, Lure> }>()
const emit = defineEmits<{ choose: [lureId: string] }>()
const { units } = storeToRefs(useSettingsStore())
const holder = useTemplateRef<HTMLElement>('holder')
const { width, height } = useElementSize(holder, { width: 620, height: 560 })
const MARGIN = { left: 54, right: 14, air: 76, ground: 40 }
const SHOWN = 3
const LEAST_FAR_M = 12

const drawn = computed(() => {
  const first = props.setups.slice(0, SHOWN)
  const chosen = props.setups.find(s => s.lureId === props.chosenId)
  return chosen && !first.includes(chosen) ? [...first, chosen] : first
})
const farM = computed(() => Math.max(LEAST_FAR_M, ...drawn.value.map(s => s.presentation.castM ?? 0)) * 1.04)
const size = computed(() => ({ width: Math.max(320, width.value), height: Math.max(300, height.value) }))
const scales = computed(() => columnScales(props.reading, farM.value, size.value, MARGIN))
const stops = computed(() => lightStops(props.reading))
const depthTicks = computed(() => scales.value.y.ticks(Math.min(8, Math.max(3, Math.round(props.reading.bottomM)))))
const distanceTicks = computed(() => scales.value.x.ticks(5))
const draw = computed(() => line<PathPoint>().x(p => scales.value.x(p.distanceM)).y(p => scales.value.y(p.depthM)).curve(curveMonotoneX))
const straight = computed(() => line<PathPoint>().x(p => scales.value.x(p.distanceM)).y(p => scales.value.y(p.depthM)))
const paths = computed(() => drawn.value.map((setup, rank) => {
  const points = columnPath(setup.presentation, props.reading.bottomM)
  const shape = setup.presentation.control === 'bottom' ? straight.value : draw.value
  return { id: setup.lureId, rank: rank + 1, d: shape(points)!, mark: markPoint(points, rank), tipM: setup.presentation.tipM, chosen: setup.lureId === props.chosenId }
}))
/** Ranks stand apart along the way, so that set-ups which run alike can still be told apart. */
function markPoint(points: readonly PathPoint[], rank: number): PathPoint {
  const deepest = Math.max(...points.map(p => p.depthM))
  const low = points.filter(p => p.depthM > 0.85 * deepest).map(p => p.distanceM)
  const [near, far] = [Math.min(...low), Math.max(...low)]
  const distanceM = far - ((rank + 0.5) / (SHOWN + 1)) * (far - near)
  const after = points.findIndex((p, i) => i > 0 && p.distanceM <= distanceM)
  const [a, b] = [points[Math.max(0, after - 1)]!, points[Math.max(0, after)]!]
  const share = a.distanceM === b.distanceM ? 0 : (a.distanceM - distanceM) / (a.distanceM - b.distanceM)
  return { distanceM, depthM: a.depthM + share * (b.depthM - a.depthM) }
}
const chosenPath = computed(() => paths.value.find(p => p.chosen) ?? paths.value[0])
/** Drawn last lies on top: the chosen one. */
const stacked = computed(() => [...paths.value].sort((a, b) => Number(a.chosen) - Number(b.chosen) || b.rank - a.rank))
const cover = computed(() => coverMarks(props.reading.cover, scales.value, size.value.width - MARGIN.right, MARGIN.left))
const bandTop = computed(() => scales.value.y(props.reading.fishFromM))
const bandBottom = computed(() => scales.value.y(props.reading.fishToM))
const rodTip = computed(() => ({ x: MARGIN.left + 10, y: scales.value.surface - 14 - Math.min(44, (chosenPath.value?.tipM ?? 0.5) * 16) }))
const hovered = ref<string | null>(null)
const say = (metres: number) => formatQuantity('depth', metres, { system: units.value })
const words = computed(() => drawn.value.map((s, i) => `${i + 1}: ${props.lures.get(s.lureId)?.name ?? ''} runs at ${say(s.presentation.depthM)}`).join('; '))
</script>

<template>
  <div ref="holder" class="column">
    <svg :viewBox="`0 0 ${size.width} ${size.height}`" :width="size.width" :height="size.height" role="img" :aria-label="`A cut through the water, ${say(reading.bottomM)} deep. Fish from ${say(reading.fishFromM)} to ${say(reading.fishToM)}. ${words}`">
      <defs>
        <linearGradient id="water" x1="0" x2="0" y1="0" y2="1"><stop v-for="s in stops" :key="s.offset" :offset="s.offset" :stop-color="s.colour" /></linearGradient>
        <pattern id="band" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-32)"><path d="M0 0V7" class="band-line" /></pattern>
      </defs>
      <rect :x="MARGIN.left" :y="scales.surface" :width="size.width - MARGIN.left - MARGIN.right" :height="scales.bottom - scales.surface" fill="url(#water)" class="water" />
      <rect :x="MARGIN.left" :y="bandTop" :width="size.width - MARGIN.left - MARGIN.right" :height="Math.max(2, bandBottom - bandTop)" fill="url(#band)" class="band" />
      <text :x="size.width - MARGIN.right - 8" :y="bandBottom - 7" text-anchor="end" class="band-label">fish {{ say(reading.fishFromM) }} to {{ say(reading.fishToM) }}</text>

      <path v-for="(mark, i) in cover" :key="`c${i}`" :d="mark.d" class="cover" :class="mark.kind" />
      <path :d="`M${MARGIN.left} ${scales.bottom}H${size.width - MARGIN.right}V${size.height - 18}H${MARGIN.left}Z`" class="ground" />

      <g class="depth-scale">
        <line :x1="MARGIN.left" :x2="MARGIN.left" :y1="scales.surface" :y2="scales.bottom" />
        <g v-for="t in depthTicks" :key="t" :transform="`translate(${MARGIN.left} ${scales.y(t)})`">
          <line x1="-6" x2="0" /><text x="-9" dy="0.35em" text-anchor="end">{{ say(t) }}</text>
        </g>
      </g>
      <g class="distance-scale">
        <text v-for="t in distanceTicks" :key="t" :x="scales.x(t)" :y="size.height - 4" text-anchor="middle">{{ t === 0 ? 'rod' : formatQuantity('depth', t, { system: units, decimals: 0 }) }}</text>
      </g>
      <line :x1="MARGIN.left" :x2="size.width - MARGIN.right" :y1="scales.surface" :y2="scales.surface" class="surface" />

      <g v-if="chosenPath" class="rod">
        <path :d="`M${MARGIN.left - 40} ${scales.surface - 4}Q${MARGIN.left - 14} ${rodTip.y + 6} ${rodTip.x} ${rodTip.y}`" />
        <line :x1="rodTip.x" :y1="rodTip.y" :x2="scales.x(chosenPath.mark.distanceM)" :y2="scales.y(chosenPath.mark.depthM)" class="line" />
      </g>
      <g v-for="p in stacked" :key="p.id" class="path" :class="{ chosen: p.chosen, hovered: hovered === p.id }" @mouseenter="hovered = p.id" @mouseleave="hovered = null" @click="emit('choose', p.id)">
        <path :d="p.d" class="halo" /><path :d="p.d" class="way" />
      </g>
      <g v-for="p in stacked" :key="`dot-${p.id}`" class="path" :class="{ chosen: p.chosen }" :transform="`translate(${scales.x(p.mark.distanceM)} ${scales.y(p.mark.depthM)})`" @click="emit('choose', p.id)">
        <circle r="10" class="dot" /><text dy="0.36em" text-anchor="middle">{{ p.rank }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.column { height: 100%; min-height: 420px; }
svg { display: block; max-width: 100%; }
text { font: 500 12px var(--font-figure); fill: var(--ink); font-stretch: 88%; }
.depth-scale line { stroke: var(--ink); stroke-width: 1; }
.distance-scale text { fill: var(--soft-ink); }
.surface { stroke: var(--water-ink); stroke-width: 2.2; }
.band { stroke: #f7f1e2; stroke-width: 1; stroke-dasharray: 2 5; }
.band-line { stroke: #f7f1e2; stroke-width: 1.4; opacity: 0.55; }
.band-label { fill: #fbf7ea; font-weight: 600; paint-order: stroke; stroke: #1d211dcc; stroke-width: 3px; }
.ground { fill: color-mix(in srgb, var(--ink) 62%, var(--paper)); }
.cover { fill: none; stroke: #20301f; stroke-width: 1.6; stroke-linecap: round; opacity: 0.75; }
.cover.solid { fill: color-mix(in srgb, var(--ink) 70%, var(--paper)); stroke: none; opacity: 0.85; }
.rod path { fill: none; stroke: var(--ink); stroke-width: 2.4; stroke-linecap: round; }
.rod .line { stroke: var(--ink); stroke-width: 0.8; opacity: 0.65; }
.path { cursor: pointer; }
.way { fill: none; stroke: #fbf7ea; stroke-width: 1.6; stroke-dasharray: 5 4; }
.halo { fill: none; stroke: #1d211d; stroke-width: 4; opacity: 0.35; }
.chosen .way { stroke: #fbf7ea; stroke-width: 3; stroke-dasharray: none; }
.chosen .halo { stroke: var(--float); stroke-width: 7; opacity: 0.9; }
.hovered .way { stroke-width: 3; }
.dot { fill: #fbf7ea; stroke: #1d211d; stroke-width: 1.4; }
.chosen .dot { fill: var(--float); stroke: #fbf7ea; }
.path text { fill: #1d211d; font-weight: 700; }
.chosen text { fill: #fffaf0; }
</style>
