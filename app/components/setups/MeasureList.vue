<script setup lang="ts">
import type { HowSureOut } from '#core/tell'
import { capital } from '~/text/labels'
import { outOfTen } from '~/text/out-of-ten'
import { READING_LABELS } from '~/text/reading-labels'

/** What one measurement would decide, most first. */
defineProps<{ measure: HowSureOut['measure'] }>()
const box = useBoxStore()
const about = (field: string | undefined, lureId: string | undefined) => field ? capital(READING_LABELS[field] ?? field) : (box.lureById.get(lureId!)?.name ?? lureId)
const SHOWN = 3
</script>

<template>
  <ul>
    <li v-for="m in measure.slice(0, SHOWN)" :key="`${m.field ?? m.lureId} ${m.why}`" class="reason"><b>{{ about(m.field, m.lureId) }}</b>: {{ m.why }}. It spares about {{ outOfTen(m.gain) }} wrong first {{ outOfTen(m.gain) === '1' ? 'choice' : 'choices' }} in ten.</li>
  </ul>
</template>

<style scoped>
ul { list-style: none; margin: 0; padding: 0; }
li { margin: 3px 0; font-size: 14px; max-width: 62ch; }
</style>
