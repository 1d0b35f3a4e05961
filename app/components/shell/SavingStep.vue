<script setup lang="ts">
import type { useSaving } from '~/composables/useSaving'

/** How far the writing of a file has come, and the way out of it. */
const { saving } = defineProps<{ saving: ReturnType<typeof useSaving> }>()
const { step } = saving
</script>

<template>
  <p v-if="step" class="saving" role="status">
    <progress v-bind="'of' in step && step.of > 0 ? { value: step.done, max: step.of } : {}" aria-label="How far it has come" />
    <span>{{ step.what }}<template v-if="step.what === 'rows' || step.what === 'pictures'">, {{ step.done }} of {{ step.of }}</template> …</span>
    <button type="button" class="quiet" @click="saving.cancel()">stop</button>
  </p>
</template>

<style scoped>
.saving { display: flex; flex-wrap: wrap; gap: 10px; align-items: center; margin: 6px 0; }
progress { accent-color: var(--float); width: 120px; }
</style>
