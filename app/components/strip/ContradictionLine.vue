<script setup lang="ts">
import { computed } from 'vue'
import { contradictionsOf } from '#core/reading'
import { contradictionInWords } from '~/text/contradiction-words'
import { capital } from '~/text/labels'

/** A reading that cannot be so is said, and mended by one tap. */
const store = useReadingStore()
const first = computed(() => {
  const [found] = contradictionsOf(store.reading)
  return found ? { ...contradictionInWords(found, store.complete.reading), part: found.mend } : null
})
</script>

<template>
  <p v-if="first" class="contradiction reason" role="status">{{ capital(first.what) }}: that cannot be. <button type="button" class="quiet" @click="store.change(first.part)">{{ first.mend }}</button></p>
</template>

<style scoped>
.contradiction { flex-basis: 100%; order: 3; margin: 0; padding: 2px 18px; background: var(--leaf); border-top: 1px solid var(--brass); }
@media print { .contradiction { display: none; } }
</style>
