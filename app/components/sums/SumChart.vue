<script setup lang="ts">
import { line as d3line, scaleLinear } from 'd3'
import { computed } from 'vue'
import { shownUnit, toUnit } from '#core/units'
import { fieldInWords } from '~/text/calc-words'

/** One output over one input, everything else as it stands. */
const props = defineProps<{ line: readonly (readonly [number, number])[], x: string, y: string, now: number }>()
const { units } = storeToRefs(useSettingsStore())
/** In the units that are shown. */
const shown = (name: string, value: number) => {
  const { dimension } = fieldInWords(name, units.value)
  return dimension ? toUnit(value, shownUnit(dimension, units.value)) : value
}
const points = computed(() => props.line.map(([at, value]) => [shown(props.x, at), shown(props.y, value)] as const))
const at = computed(() => shown(props.x, props.now))
const SIZE = { width: 430, height: 190 }
const scales = computed(() => {
  const xs = points.value.map(p => p[0])
  const ys = points.value.map(p => p[1])
  return {
    x: scaleLinear([Math.min(...xs), Math.max(...xs)], [0, SIZE.width]),
    y: scaleLinear([Math.min(0, ...ys), Math.max(...ys, 1e-9)], [SIZE.height, 0]).nice(5),
  }
})
/** A figure of density hardly changes from nought: there the axis begins where the line does. */
const yScale = computed(() => {
  const ys = points.value.map(p => p[1])
  const [low, high] = [Math.min(...ys), Math.max(...ys)]
  return low > 0.8 * high ? scaleLinear([low, high], [SIZE.height, 0]).nice(5) : scales.value.y
})
const path = computed(() => d3line<readonly [number, number]>().x(p => scales.value.x(p[0])).y(p => yScale.value(p[1]))([...points.value])!)
const [xWords, yWords] = [computed(() => fieldInWords(props.x, units.value)), computed(() => fieldInWords(props.y, units.value))]
const isInside = computed(() => Number.isFinite(at.value) && at.value >= scales.value.x.domain()[0]! && at.value <= scales.value.x.domain()[1]!)
</script>

<template>
  <svg class="sum-chart" :viewBox="`-52 -22 ${SIZE.width + 70} ${SIZE.height + 62}`" role="img" :aria-label="`${yWords.label} over ${xWords.label}, from ${points[0]![1].toPrecision(3)} to ${points[points.length - 1]![1].toPrecision(3)} ${yWords.unit}`">
    <g v-for="t in yScale.ticks(5)" :key="t"><line :x2="SIZE.width" :y1="yScale(t)" :y2="yScale(t)" class="rule" /><text x="-7" :y="yScale(t)" text-anchor="end" dominant-baseline="middle">{{ t }}</text></g>
    <text v-for="t in scales.x.ticks(6)" :key="`x${t}`" :x="scales.x(t)" :y="SIZE.height + 16" text-anchor="middle">{{ t }}</text>
    <path :d="path" class="line" />
    <line v-if="isInside" :x1="scales.x(at)" :x2="scales.x(at)" y1="0" :y2="SIZE.height" class="now" />
    <text :x="SIZE.width" :y="SIZE.height + 34" text-anchor="end" class="title">{{ xWords.label }}, {{ xWords.unit || '–' }}</text>
    <text x="-52" y="-9" class="title">{{ yWords.label }}, {{ yWords.unit || '–' }}</text>
  </svg>
</template>

<style scoped>
.sum-chart { width: 100%; max-width: 560px; }
text { font-size: 12px; fill: var(--soft-ink); }
.title { fill: var(--ink); font-weight: 550; }
.rule { stroke: var(--rule); }
.line { fill: none; stroke: var(--water-ink); stroke-width: 2.2; }
.now { stroke: var(--float); stroke-width: 1.6; }
</style>
