<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lure } from '#core/tackle'
import { silhouette } from '~/charts/silhouette/silhouette'
import { familyLabel } from '~/text/labels'

const props = defineProps<{
  lure: Lure
  /** Pixels per millimetre; absent: fill the given box. */
  scale?: number
  /** Drawn at a few dozen pixels: fine marks are left out. */
  small?: boolean
}>()
const photos = usePhotosStore()
const photo = computed(() => (photos.shownInstead.has(props.lure.id) ? photos.urlOf(props.lure.id) : null))
/** A photo that the browser cannot show gives way to the drawing. */
const torn = ref<string | null>(null)
const drawing = computed(() => silhouette(props.lure, { small: props.small }))
const viewBox = computed(() => {
  const { x, y, width, height } = drawing.value.box
  return `${x} ${y} ${width} ${height}`
})
const size = computed(() => (props.scale ? { width: drawing.value.box.width * props.scale, height: drawing.value.box.height * props.scale } : {}))
const label = computed(() => `${props.lure.name}, ${familyLabel(props.lure.family)}`)
</script>

<template>
  <img v-if="photo && photo !== torn" class="lure-photo" :src="photo" :alt="label" v-bind="size" @error="torn = photo" />
  <svg v-else class="lure-drawing" :viewBox="viewBox" v-bind="size" preserveAspectRatio="xMidYMid meet" role="img" :aria-label="label">
    <path v-for="(mark, i) in drawing.marks" :key="i" :d="mark.d" :data-part="mark.part" :fill="mark.fill ?? 'none'" :stroke="mark.stroke ?? 'none'" :stroke-width="mark.width" stroke-linecap="round" stroke-linejoin="round" />
  </svg>
</template>

<style scoped>
.lure-drawing, .lure-photo { display: block; max-width: 100%; }
/* The contour is the look's own ink, so that white does not vanish on paper nor black by night. */
.lure-drawing :is([data-part='outline'], [data-part='blade'], [data-part='lip']) { stroke: var(--soft-ink); stroke-width: 1.1px; vector-effect: non-scaling-stroke; }
.lure-drawing :is([data-part='contour'], [data-part='hook'], [data-part='wire'], [data-part='ring'], [data-part='guard']) { stroke: var(--soft-ink); }
.lure-photo { object-fit: contain; border-radius: 2px; }
</style>
