<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '#core/reading'

/** What was changed in the reading, newest first; a tap goes back to before it. */
const store = useReadingStore()
const SHOWN = 8
const steps = computed(() => {
  const all = [...store.past, store.reading]
  return store.past.map((before, i) => ({ i, text: changes(before, all[i + 1]!) })).reverse().slice(0, SHOWN)
})

function changes(before: Reading, after: Reading): string {
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof Reading)[]
  return keys.filter(key => JSON.stringify(before[key]) !== JSON.stringify(after[key])).map(key => `${key.replace(/(C|M|Ms|Psu)$/, '')}: ${short(before[key])} → ${short(after[key])}`).join(', ')
}
function short(value: unknown): string {
  if (value == null) return 'nothing'
  if (typeof value === 'number') return String(Number(value.toFixed(2)))
  return typeof value === 'string' ? value.slice(0, 16) : Array.isArray(value) ? value.map(v => (typeof v === 'object' && v && 'kind' in v ? String(v.kind) : String(v))).join(' ') : '…'
}
</script>

<template>
  <ol class="history">
    <li v-for="{ i, text } in steps" :key="i"><button type="button" class="quiet" @click="store.goBack(i)">before {{ text }}</button></li>
  </ol>
</template>

<style scoped>
.history { list-style: none; padding: 0; margin: 0; }
.history button { text-align: left; min-height: 40px; }
</style>
