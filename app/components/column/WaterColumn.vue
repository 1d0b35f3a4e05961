<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useElementSize } from '@vueuse/core'
import { bottomAt, courseAt, type Presented, TIP_RANGE_M } from '#core/course'
import { type CompleteReading, slopeOf } from '#core/reading'
import type { Lure } from '#core/tackle'
import type { SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'
import { columnScales, lightStops } from '~/charts/column'
import { courseMarks, spreadArea } from '~/charts/course-marks'
import { coverMarks } from '~/charts/cover'
import { swingPlan } from '~/charts/swing-plan'
import type { FoundCourse } from '~/workers/course.protocol'

const props = defineProps<{
  reading: CompleteReading
  setups: readonly SetupOut[]
  courses: ReadonlyMap<string, FoundCourse>
  presented: Presented | null
  chosenId: string | null
  lures: ReadonlyMap<string, Lure>
  /** Moment of the chosen course that is shown [s]. */
  t: number
}>()
const emit = defineEmits<{ choose: [lureId: string], tip: [metres: number], cast: [metres: number] }>()
const { units } = storeToRefs(useSettingsStore())
const holder = useTemplateRef<HTMLElement>('holder')
const picture = useTemplateRef<SVGSVGElement>('picture')
const { width, height } = useElementSize(holder, { width: 620, height: 420 })
const MARGIN = { left: 54, right: 16, air: 78, ground: 38 }
const LEAST_FAR_M = 12
/** Height of a metre of air above the water [px]; the air is not drawn to the water's scale. */
const AIR_PX_PER_M = 22

const farM = computed(() => Math.max(LEAST_FAR_M, ...props.setups.map(s => props.courses.get(s.lureId)?.course.points[0]?.x ?? 0)) * 1.04)
const size = computed(() => ({ width: Math.max(320, width.value), height: Math.max(280, height.value) }))
const groundAt = (x: number) => bottomAt({ bottomM: props.reading.bottomM, slope: slopeOf(props.reading) }, x)
const scales = computed(() => columnScales({ bottomM: Math.max(props.reading.bottomM, groundAt(0), groundAt(farM.value)) }, farM.value, size.value, MARGIN))
/** Points along the bottom: a slope that meets the surface has a kink. */
const GROUND_POINTS = 24
const ground = computed(() => {
  const { x, y } = scales.value
  const line = Array.from({ length: GROUND_POINTS + 1 }, (_, i) => (i / GROUND_POINTS) * farM.value).map(at => `${x(at)} ${y(groundAt(at))}`)
  return `M${MARGIN.left} ${y(groundAt(0))}L${line.join('L')}H${size.value.width - MARGIN.right}V${size.value.height - 18}H${MARGIN.left}Z`
})
/** The surface as the waves have it, drawn to the water's own scale; a third of a cast holds some of them. */
const WAVES_SHOWN = 12
const surfaceLine = computed(() => {
  const [from, to] = [MARGIN.left, size.value.width - MARGIN.right]
  const high = (scales.value.y(props.reading.waveM) - scales.value.surface) / 2
  if (high < 0.5) return `M${from} ${scales.value.surface}H${to}`
  const step = (to - from) / (2 * WAVES_SHOWN)
  return `M${from} ${scales.value.surface}q${step / 2} ${-2 * high} ${step} 0${`t${step} 0`.repeat(2 * WAVES_SHOWN - 1)}`
})
/** The stream as the cast meets it: away from the rod, toward it, or across the picture. */
const STREAM = { down: 'M0 0h26m-6 -4l6 4l-6 4', up: 'M26 0h-26m6 -4l-6 4l6 4', across: 'M8 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0m1.5 -3.5l7 7m0 -7l-7 7' } as const
const sky = useSkyAbove(() => props.reading)
const stops = computed(() => lightStops({ ...props.reading, sky: sky.value }))
const depthTicks = computed(() => scales.value.y.ticks(6).filter(t => t <= props.reading.bottomM))
const distanceTicks = computed(() => scales.value.x.ticks(6))
const paths = computed(() => props.setups.flatMap((setup, i) => {
  const found = props.courses.get(setup.lureId)
  return found ? [{ id: setup.lureId, rank: i + 1, marks: courseMarks(found.course, scales.value), chosen: setup.lureId === props.chosenId, at: markAt(found) }] : []
}))
/** Drawn last lies on top: the chosen one. */
const stacked = computed(() => [...paths.value].sort((a, b) => Number(a.chosen) - Number(b.chosen) || b.rank - a.rank))
const cover = computed(() => coverMarks(props.reading.cover, scales.value, size.value.width - MARGIN.right, MARGIN.left))
const layers = computed(() => (props.reading.layers ?? []).filter(l => l.depthM <= props.reading.bottomM))
const bandTop = computed(() => scales.value.y(props.reading.fishFromM))
const bandBottom = computed(() => scales.value.y(props.reading.fishToM))
const chosen = computed(() => (props.chosenId === null ? undefined : props.courses.get(props.chosenId)))
const unsure = computed(() => (chosen.value?.spread ? spreadArea(chosen.value.spread, scales.value) : ''))
const plan = computed(() => (chosen.value ? swingPlan(chosen.value.course) : null))
const rodTip = computed(() => ({ x: MARGIN.left + 10, y: scales.value.surface - (props.presented?.tipM ?? 0.5) * AIR_PX_PER_M }))
const bait = computed(() => {
  if (!chosen.value) return null
  const { x, depth, stage } = courseAt(chosen.value.course, props.t)
  return { x: scales.value.x(x), y: scales.value.y(depth), stage, depth }
})
const casts = computed(() => props.presented?.mode === 'cast')
const hovered = ref<string | null>(null)
const say = (metres: number) => formatQuantity('depth', metres, { system: units.value })
const words = computed(() => props.setups.map((s, i) => `${i + 1}: ${props.lures.get(s.lureId)?.name ?? ''} runs at ${say(s.presentation.depthM)}`).join('; '))

/** Where a course carries its number: at its deepest. */
function markAt({ course }: FoundCourse) {
  const deepest = course.points.reduce((a, b) => (b.depth > a.depth + 1e-6 ? b : a))
  const level = course.points.filter(p => p.stage === 'swimming' && Math.abs(p.depth - deepest.depth) < 0.1)
  const middle = level[Math.floor(level.length / 2)] ?? deepest
  return { x: scales.value.x(middle.x), y: scales.value.y(middle.depth) }
}

const dragged = ref<'tip' | 'cast' | null>(null)
function drag(event: PointerEvent) {
  if (!dragged.value || !picture.value) return
  const box = picture.value.getBoundingClientRect()
  const [px, py] = [event.clientX - box.left, event.clientY - box.top]
  if (dragged.value === 'tip') emit('tip', Math.min(TIP_RANGE_M[1], Math.max(TIP_RANGE_M[0], (scales.value.surface - py) / AIR_PX_PER_M)))
  else emit('cast', Math.max(4, scales.value.x.invert(px)))
}
function grab(what: 'tip' | 'cast', event: PointerEvent) {
  dragged.value = what
  picture.value?.setPointerCapture(event.pointerId)
  event.preventDefault()
}
</script>

<template>
  <div ref="holder" class="column">
    <svg ref="picture" :viewBox="`0 0 ${size.width} ${size.height}`" :width="size.width" :height="size.height" role="img" :aria-label="`A cut through the water, ${say(reading.bottomM)} deep. Fish from ${say(reading.fishFromM)} to ${say(reading.fishToM)}. ${words}`" @pointermove="drag" @pointerup="dragged = null" @pointercancel="dragged = null">
      <defs>
        <linearGradient id="water" x1="0" x2="0" y1="0" y2="1"><stop v-for="s in stops" :key="s.offset" :offset="s.offset" :stop-color="s.colour" /></linearGradient>
        <pattern id="band" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-32)"><path d="M0 0V7" class="band-line" /></pattern>
      </defs>
      <rect :x="MARGIN.left" :y="scales.surface" :width="size.width - MARGIN.left - MARGIN.right" :height="scales.bottom - scales.surface" fill="url(#water)" class="water" />
      <g v-for="l in layers" :key="l.depthM" class="layer"><line :x1="MARGIN.left" :x2="size.width - MARGIN.right" :y1="scales.y(l.depthM)" :y2="scales.y(l.depthM)" /><text :x="size.width - MARGIN.right - 6" :y="scales.y(l.depthM) - 4" text-anchor="end">{{ formatQuantity('temperature', l.temperatureC, { system: units }) }}</text></g>
      <g v-if="reading.currentMs > 0.02" class="current"><path v-for="i in 3" :key="i" :transform="`translate(${size.width * 0.3 + i * 60} ${scales.surface + 16})`" :d="STREAM[reading.castTo]" /><text :x="size.width * 0.3 + 56" :y="scales.surface + 20" text-anchor="end">current {{ formatQuantity('speed', reading.currentMs, { system: units }) }}{{ reading.castTo === 'across' ? ', across' : '' }}</text></g>
      <rect :x="MARGIN.left" :y="bandTop" :width="size.width - MARGIN.left - MARGIN.right" :height="Math.max(2, bandBottom - bandTop)" fill="url(#band)" class="band" />
      <text :x="size.width - MARGIN.right - 8" :y="bandBottom - 7" text-anchor="end" class="band-label">fish {{ say(reading.fishFromM) }} to {{ say(reading.fishToM) }}</text>

      <path v-for="(mark, i) in cover" :key="`c${i}`" :d="mark.d" class="cover" :class="mark.kind" />
      <path :d="ground" class="ground" />

      <g class="depth-scale">
        <line :x1="MARGIN.left" :x2="MARGIN.left" :y1="scales.surface" :y2="scales.bottom" />
        <g v-for="tick in depthTicks" :key="tick" :transform="`translate(${MARGIN.left} ${scales.y(tick)})`"><line x1="-6" x2="0" /><text x="-9" dy="0.35em" text-anchor="end">{{ say(tick) }}</text></g>
      </g>
      <g class="distance-scale">
        <text v-for="tick in distanceTicks" :key="tick" :x="scales.x(tick)" :y="size.height - 4" text-anchor="middle">{{ tick === 0 ? 'rod' : formatQuantity('depth', tick, { system: units, decimals: 0 }) }}</text>
      </g>
      <path :d="surfaceLine" class="surface" />

      <path v-if="unsure" :d="unsure" class="unsure"><title>Where it may well run: two times in three, as surely as its figures are known</title></path>
      <g v-if="plan" class="plan" :transform="`translate(${size.width - MARGIN.right - plan.width} 4)`">
        <path d="M6 2v8m-3 -3l3 3l3 -3" transform="translate(14 20)" class="runs" />
        <line x1="6" y1="6" :x2="plan.cast.x" :y2="plan.cast.y" /><path :d="plan.way" class="swung" /><circle cx="6" cy="6" r="2.6" />
        <text :x="-8" y="12" text-anchor="end">from above</text>
      </g>
      <g v-for="p in stacked" :key="p.id" class="path" :class="{ chosen: p.chosen, hovered: hovered === p.id }" @mouseenter="hovered = p.id" @mouseleave="hovered = null" @click="emit('choose', p.id)">
        <path :d="p.marks.way" class="halo" /><path :d="p.marks.way" class="way" />
        <template v-if="p.chosen"><path :d="p.marks.falls" class="fall" /><circle v-for="(s, i) in p.marks.stops" :key="i" :cx="s.x" :cy="s.y" :r="s.r" class="stop"><title>{{ Math.round(s.seconds) }} s still</title></circle></template>
      </g>
      <g v-for="p in stacked" :key="`dot-${p.id}`" class="path" :class="{ chosen: p.chosen }" :transform="`translate(${p.at.x} ${p.at.y})`" @click="emit('choose', p.id)">
        <circle r="10" class="dot" /><text dy="0.36em" text-anchor="middle">{{ p.rank }}</text>
      </g>
      <g v-if="presented && bait" class="rod">
        <path :d="`M${MARGIN.left - 40} ${scales.surface - 4}Q${MARGIN.left - 16} ${(scales.surface + rodTip.y) / 2} ${rodTip.x} ${rodTip.y}`" />
        <line :x1="rodTip.x" :y1="rodTip.y" :x2="bait.x" :y2="bait.y" class="line" />
        <circle :cx="bait.x" :cy="bait.y" r="6" class="bait" :class="bait.stage" />
        <g v-if="presented.mode !== 'vertical'" class="handle" :transform="`translate(${rodTip.x} ${rodTip.y})`" @pointerdown="grab('tip', $event)"><circle r="15" class="hit" /><circle r="6" /><path d="M0 -13v-4m-3 2l3 -3l3 3M0 13v4m-3 -2l3 3l3 -3" /></g>
        <g v-if="casts" class="handle" :transform="`translate(${scales.x(presented.castM)} ${scales.surface})`" @pointerdown="grab('cast', $event)"><circle r="15" class="hit" /><circle r="6" /><path d="M-13 0h-4m2 -3l-3 3l3 3M13 0h4m-2 -3l3 3l-3 3" /></g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.column { height: 100%; min-height: 280px; }
svg { display: block; max-width: 100%; touch-action: pan-y; }
text { font: 500 12px var(--font-figure); fill: var(--ink); font-stretch: 88%; }
.depth-scale line { stroke: var(--ink); stroke-width: 1; }
.distance-scale text { fill: var(--soft-ink); }
.surface { fill: none; stroke: var(--water-ink); stroke-width: 2.2; }
.band { stroke: #f7f1e2; stroke-width: 1; stroke-dasharray: 2 5; }
.band-line { stroke: #f7f1e2; stroke-width: 1.4; opacity: 0.45; }
.band-label, .layer text, .current text { fill: #fbf7ea; font-weight: 600; paint-order: stroke; stroke: #1d211dcc; stroke-width: 3px; }
.layer line { stroke: #fbf7ea; stroke-dasharray: 8 5; opacity: 0.7; }
.current path { fill: none; stroke: #fbf7ea; stroke-width: 1.8; opacity: 0.85; }
.ground { fill: color-mix(in srgb, var(--ink) 62%, var(--paper)); }
.cover { fill: none; stroke: #20301f; stroke-width: 1.6; stroke-linecap: round; opacity: 0.7; }
.cover.solid { fill: color-mix(in srgb, var(--ink) 70%, var(--paper)); stroke: none; opacity: 0.85; }
.rod path { fill: none; stroke: var(--ink); stroke-width: 2.4; stroke-linecap: round; }
.rod .line { stroke: #fbf7ea; stroke-width: 1; opacity: 0.8; }
.bait { fill: #fffaf0; stroke: var(--float); stroke-width: 3; }
.bait.falling { fill: var(--brass); }
.bait.still { fill: var(--float); }
.handle { cursor: grab; touch-action: none; }
.handle circle { fill: var(--leaf); stroke: var(--float); stroke-width: 2.2; }
.handle .hit { fill: transparent; stroke: none; }
.handle path { stroke: var(--float); stroke-width: 1.6; }
.path { cursor: pointer; }
.way { fill: none; stroke: #fbf7ea; stroke-width: 1.5; stroke-dasharray: 5 4; }
.halo { fill: none; stroke: #1d211d; stroke-width: 3.6; opacity: 0.3; }
.unsure { fill: #fbf7ea; opacity: 0.26; }
.plan line { stroke: var(--soft-ink); stroke-dasharray: 2 3; }
.plan path { fill: none; stroke: var(--ink); stroke-width: 1.6; }
.plan .swung { stroke: var(--float); stroke-width: 2.2; }
.plan circle { fill: var(--ink); }
.plan text { fill: var(--soft-ink); }
.chosen .way { stroke: #fbf7ea; stroke-width: 2.6; stroke-dasharray: none; }
.chosen .halo { stroke: var(--float); stroke-width: 6; opacity: 0.9; }
.fall { fill: none; stroke: #ffd98a; stroke-width: 2.2; }
.stop { fill: #fffaf0; stroke: var(--float); stroke-width: 1.4; }
.hovered .way { stroke-width: 3; }
.dot { fill: #fbf7ea; stroke: #1d211d; stroke-width: 1.4; }
.chosen .dot { fill: var(--float); stroke: #fbf7ea; }
.path text { fill: #1d211d; font-weight: 700; }
.chosen text { fill: #fffaf0; }
</style>
