<script setup lang="ts">
import { computed } from 'vue'
import { notesInWords } from '~/text/note-words'

/** What a trip or a year teaches, in three sentences. */
const props = defineProps<{ tripId?: string, year?: number }>()
const log = useLogbookStore()
const names = useLogNames()
const { answer: notes } = useFromLog(async () => (props.tripId ? log.tripNotes(props.tripId) : props.year ? log.yearNotes(props.year) : null), () => [props.tripId, props.year])
const sentences = computed(() => (notes.value ? notesInWords(notes.value, names.value) : []))
</script>

<template>
  <ul v-if="sentences.length > 0" class="notes" :aria-label="tripId ? 'What the day says' : 'What the year says'">
    <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
  </ul>
</template>

<style scoped>
.notes { list-style: none; margin: 6px 0 10px; padding: 0 0 0 12px; border-left: 3px solid var(--brass); max-width: 68ch; }
li { font-family: var(--font-reason, inherit); padding: 2px 0; }
</style>
