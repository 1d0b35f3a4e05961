<script setup lang="ts">
import { computed } from 'vue'
import { sumOf, tallyOf } from '#core/evidence'
import { weekdayLong } from '~/text/dates'
import { counted } from '~/text/labels'
import { hoursFigure } from '~/text/log-words'

/** What the last trip was, and what it left to be believed. */
const box = useBoxStore()
const trip = computed(() => box.box.trips.filter(t => t.end).sort((a, b) => Date.parse(b.start) - Date.parse(a.start))[0] ?? null)
const tally = computed(() => sumOf((trip.value?.stints ?? []).map(tallyOf)))
const place = computed(() => box.places.find(p => p.id === trip.value?.placeId)?.name ?? null)
</script>

<template>
  <section v-if="trip" class="last-trip" aria-label="The last trip">
    <h3>The last trip</h3>
    <p><NuxtLink :to="`/logbook/trip/${trip.id}`">{{ weekdayLong(trip.start) }}</NuxtLink><template v-if="place">, {{ place }}</template>: {{ hoursFigure(tally.hours) }} h, {{ counted(tally.contacts, 'contact') }}, {{ tally.landed }} landed.</p>
    <NotesLines :trip-id="trip.id" />
  </section>
</template>

<style scoped>
.last-trip { border-top: 1px solid var(--rule); padding-top: 8px; }
h3 { font-size: 16px; margin: 0 0 2px; }
p { margin: 2px 0; }
</style>
