<script setup lang="ts">
import { computed } from 'vue'
import type { Sweep } from '#core/match'
import { type Dimension, formatNumber, formatQuantity, shownUnit } from '#core/units'
import { sweepMarks } from '~/charts/sweep-chart'

const props = defineProps<{ sweep: Sweep, now: number, label: string, dimension: Dimension, spacing: 'linear' | 'log' }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const SIZE = { width: 430, height: 150 }
const marks = computed(() => sweepMarks(props.sweep, props.now, SIZE, props.spacing))
const name = (id: string | null) => (id === null ? 'nothing' : box.lureById.get(id)?.name ?? id)
const order = computed(() => props.sweep.lines.map(l => l.lureId))
const say = (value: number) => formatQuantity(props.dimension, value, { system: units.value })
/** The chart as words: who is first from where to where. */
const inWords = computed(() => {
  const { first, values } = props.sweep
  const spans: { id: string | null, from: number, to: number }[] = []
  first.forEach((id, i) => {
    const last = spans[spans.length - 1]
    if (last && last.id === id) last.to = values[i]!
    else spans.push({ id, from: values[i]!, to: values[i]! })
  })
  return spans.map(s => `${say(s.from)} to ${say(s.to)}: ${name(s.id)}`).join('; ')
})
const letter = (id: string | null) => (id === null ? '' : String.fromCharCode(97 + order.value.indexOf(id)))
</script>

<template>
  <figure>
    <figcaption>{{ label }}, {{ shownUnit(dimension, units).symbol }}</figcaption>
    <svg :viewBox="`-30 -6 ${SIZE.width + 52} ${SIZE.height + 52}`" role="img" :aria-label="`First by ${label}: ${inWords}`">
      <g v-for="t in marks.yTicks" :key="t.value"><line :x2="SIZE.width" :y1="t.y" :y2="t.y" class="rule" /><text x="-6" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ Math.round(100 * t.value) }}</text></g>
      <text v-for="t in marks.xTicks" :key="t.value" :x="t.x" :y="SIZE.height + 42" text-anchor="middle">{{ formatNumber(dimension, t.value, { system: units }) }}</text>
      <g v-for="(b, i) in marks.bands" :key="i" :class="`band n${order.indexOf(b.lureId ?? '') % 4}`">
        <rect :x="b.x" :y="SIZE.height + 6" :width="b.width" height="18" />
        <text v-if="b.width > 12" :x="b.x + b.width / 2" :y="SIZE.height + 19" text-anchor="middle" class="letter">{{ letter(b.lureId) }}</text>
      </g>
      <path v-for="(l, i) in marks.lines" :key="l.lureId" :d="l.d" :class="`line n${i % 4}`" />
      <text v-for="l in marks.lines" :key="`t${l.lureId}`" :x="l.end.x + 5" :y="l.end.y" dominant-baseline="middle" class="end">{{ letter(l.lureId) }}</text>
      <line :x1="marks.nowX" :x2="marks.nowX" y1="-4" :y2="SIZE.height + 24" class="now" />
    </svg>
    <ul class="key"><li v-for="id in order" :key="id"><b>{{ letter(id) }}</b> {{ name(id) }}</li></ul>
  </figure>
</template>

<style scoped>
figure { margin: 0; }
figcaption { font-weight: 620; font-stretch: 88%; }
svg { width: 100%; max-width: 540px; display: block; }
text { font-size: 11.5px; fill: var(--soft-ink); }
.rule { stroke: var(--rule); }
.line { fill: none; stroke-width: 2; stroke: var(--water-ink); }
.line.n1 { stroke: var(--brass); stroke-dasharray: 7 3; }
.line.n2 { stroke: var(--ink); stroke-dasharray: 2 3; }
.line.n3 { stroke: var(--good); stroke-dasharray: 9 3 2 3; }
.band rect { fill: color-mix(in srgb, var(--water-ink) 30%, transparent); stroke: var(--paper); }
.band.n1 rect { fill: color-mix(in srgb, var(--brass) 35%, transparent); }
.band.n2 rect { fill: color-mix(in srgb, var(--ink) 18%, transparent); }
.band.n3 rect { fill: color-mix(in srgb, var(--good) 26%, transparent); }
.letter, .end { fill: var(--ink); font-weight: 650; }
.now { stroke: var(--float); stroke-width: 1.6; }
.key { list-style: none; padding: 0; margin: 2px 0 0; display: flex; flex-wrap: wrap; gap: 2px 14px; font-size: 13px; }
</style>
