<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '#core/reading'

/** Whether a figure was measured: then it is taken to be nearly right, where else it is drawn about. */
const props = withDefaults(defineProps<{ field: keyof Reading, label?: string }>(), { label: 'measured, not judged by eye' })
const store = useReadingStore()
const isMeasured = computed({
  get: () => (store.reading.noted ?? []).includes(props.field),
  set: measured => store.change({ noted: [...(store.reading.noted ?? []).filter(f => f !== props.field), ...(measured ? [props.field] : [])] }),
})
</script>

<template>
  <label class="measured"><input v-model="isMeasured" type="checkbox" /> {{ label }}</label>
</template>

<style scoped>
.measured { display: flex; align-items: center; gap: 8px; min-height: 44px; font-size: 14px; cursor: pointer; }
</style>
