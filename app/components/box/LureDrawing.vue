<script setup lang="ts">
import { computed } from 'vue'
import type { Lure } from '#core/tackle'
import { silhouette } from '~/charts/silhouette/silhouette'
import { familyLabel } from '~/text/labels'

const props = defineProps<{
  lure: Lure
  /** Pixels per millimetre; absent: fill the given box. */
  scale?: number
}>()
const drawing = computed(() => silhouette(props.lure))
const viewBox = computed(() => {
  const { x, y, width, height } = drawing.value.box
  return `${x} ${y} ${width} ${height}`
})
const size = computed(() => (props.scale ? { width: drawing.value.box.width * props.scale, height: drawing.value.box.height * props.scale } : {}))
</script>

<template>
  <svg class="lure-drawing" :viewBox="viewBox" v-bind="size" preserveAspectRatio="xMidYMid meet" role="img" :aria-label="`${lure.name}, ${familyLabel(lure.family)}`">
    <path v-for="(mark, i) in drawing.marks" :key="i" :d="mark.d" :data-part="mark.part" :fill="mark.fill ?? 'none'" :stroke="mark.stroke ?? 'none'" :stroke-width="mark.width" stroke-linecap="round" stroke-linejoin="round" />
  </svg>
</template>

<style scoped>
.lure-drawing { display: block; max-width: 100%; }
</style>
