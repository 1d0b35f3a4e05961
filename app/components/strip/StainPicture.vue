<script setup lang="ts">
import { computed } from 'vue'
import type { Stain } from '#core/terms'
import { stainPicture } from '~/charts/stain-picture'

/** A white lure let down in water of this stain and clarity, as it would be seen from above: drawn from the computed light. */
const props = defineProps<{ stain: Stain, visibilityM: number }>()
const picture = computed(() => stainPicture(props.stain, props.visibilityM))
</script>

<template>
  <svg class="stain" viewBox="0 0 44 60" aria-hidden="true">
    <rect v-for="(step, i) in picture" :key="i" x="0" :y="i * 60 / picture.length" width="44" :height="60 / picture.length + 0.5" :fill="step.water" />
    <circle v-for="(step, i) in picture.filter((_, k) => k % 4 === 1)" :key="`c${i}`" cx="22" :cy="(i * 4 + 1.5) * 60 / picture.length" r="5" :fill="step.white" />
  </svg>
</template>

<style scoped>
.stain { width: 44px; height: 60px; display: block; border: 1px solid var(--rule); }
</style>
