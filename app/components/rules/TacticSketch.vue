<script setup lang="ts">
import type { Sketch } from '#core/tell'
import { SKETCH, sketchMarks } from '~/charts/sketch'

/** How a tactic goes through the water: out to the right, home to the rod at the left. */
const props = defineProps<{ sketch: Sketch, label: string }>()
const marks = computed(() => sketchMarks(props.sketch))
</script>

<template>
  <svg :viewBox="`0 0 ${SKETCH.width} ${SKETCH.height}`" role="img" :aria-label="label" class="sketch">
    <rect x="0" :y="SKETCH.air" :width="SKETCH.width" :height="marks.groundY - SKETCH.air" class="water" />
    <path :d="`M0 ${SKETCH.air}H${SKETCH.width}`" class="surface" />
    <path :d="`M0 ${marks.groundY}H${SKETCH.width}V${SKETCH.height}H0Z`" class="ground" />
    <path :d="`M0 ${SKETCH.air + 1}L15 3`" class="rod" />
    <path :d="marks.fallen" class="fallen" />
    <path :d="marks.wound" class="wound" />
    <circle v-for="(rest, i) in marks.rests" :key="i" :cx="rest.x" :cy="rest.y" r="2" class="rest" />
  </svg>
</template>

<style scoped>
.sketch { display: block; width: 100%; max-width: 260px; height: auto; border: 1px solid var(--rule); background: var(--leaf); }
.water { fill: color-mix(in srgb, var(--water-ink) 13%, transparent); }
.surface { stroke: var(--water-ink); stroke-width: 1.2; }
.ground { fill: color-mix(in srgb, var(--brass) 42%, var(--leaf)); }
.rod { stroke: var(--ink); stroke-width: 1.6; }
.wound { fill: none; stroke: var(--ink); stroke-width: 1.5; stroke-linecap: round; }
.fallen { fill: none; stroke: var(--ink); stroke-width: 1.3; stroke-dasharray: 2 2.6; }
.rest { fill: var(--leaf); stroke: var(--ink); stroke-width: 1.1; }
</style>
