<script setup lang="ts">
/** What a rule adds to each lure in the present order: lifted above the line, sunk below it; the first lure stands at the left. */
const props = defineProps<{ lureIds: readonly string[], gains: Float32Array }>()
const box = useBoxStore()
const SIZE = { width: 300, height: 44 }
const NAMED = 3
const most = computed(() => Math.max(1e-6, ...Array.from(props.gains, Math.abs)))
const step = computed(() => SIZE.width / props.lureIds.length)
const bars = computed(() => props.lureIds.flatMap((id, place) => {
  const gain = props.gains[place]!
  if (gain === 0) return []
  const height = (Math.abs(gain) / most.value) * (SIZE.height / 2 - 1)
  return [{ id, x: place * step.value, y: SIZE.height / 2 - (gain > 0 ? height : 0), height, isUp: gain > 0 }]
}))
/** The first lures of the order that it lifts, or sinks. */
const named = (isUp: boolean) => bars.value.filter(bar => bar.isUp === isUp).slice(0, NAMED).map(bar => box.lureById.get(bar.id)?.name ?? bar.id).join(', ')
const count = (isUp: boolean) => bars.value.filter(bar => bar.isUp === isUp).length
const label = computed(() => `of the first ${props.lureIds.length} lures it lifts ${count(true)} and sinks ${count(false)}`)
</script>

<template>
  <figure class="effect">
    <svg :viewBox="`0 0 ${SIZE.width} ${SIZE.height}`" preserveAspectRatio="none" role="img" :aria-label="label">
      <rect v-for="bar in bars" :key="bar.id" :x="bar.x" :y="bar.y" :width="Math.max(1, step - 0.6)" :height="bar.height" :class="bar.isUp ? 'up' : 'down'" />
      <path :d="`M0 ${SIZE.height / 2}H${SIZE.width}`" class="line" />
    </svg>
    <figcaption><span v-if="count(true) > 0"><b>lifts {{ count(true) }}</b> {{ named(true) }}</span><span v-if="count(false) > 0"><b>sinks {{ count(false) }}</b> {{ named(false) }}</span></figcaption>
  </figure>
</template>

<style scoped>
.effect { margin: 4px 0 2px; display: grid; grid-template-columns: minmax(120px, 300px) minmax(0, 1fr); gap: 14px; align-items: center; }
svg { width: 100%; height: 44px; }
.up { fill: var(--good); }
.down { fill: var(--float); }
.line { stroke: var(--ink); stroke-width: 1; vector-effect: non-scaling-stroke; }
figcaption { font-size: 13px; display: flex; flex-direction: column; gap: 2px; color: var(--soft-ink); }
figcaption b { color: var(--ink); font-weight: 620; }
@media (max-width: 700px) { .effect { grid-template-columns: minmax(0, 1fr); gap: 2px; } }
</style>
