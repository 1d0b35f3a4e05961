<script setup lang="ts">
import { computed } from 'vue'
import { sumOf, tallyOf } from '#core/evidence'
import type { Lure } from '#core/tackle'
import { dayLong } from '~/text/dates'
import { counted } from '~/text/labels'
import { hoursFigure } from '~/text/log-words'

/** The days a lure was fished, newest first, with what came of it and what it cost. */
const props = defineProps<{ lure: Lure }>()
const box = useBoxStore()
const SHOWN = 12
const placeOf = computed(() => new Map(box.places.map(p => [p.id, p.name])))
const days = computed(() => box.box.trips.flatMap((trip) => {
  const stints = (trip.stints ?? []).filter(s => s.lureId === props.lure.id || s.trailerId === props.lure.id)
  if (stints.length === 0) return []
  const events = stints.flatMap(s => s.events ?? [])
  return [{ trip, place: trip.placeId ? placeOf.value.get(trip.placeId) ?? null : null, tally: sumOf(stints.map(tallyOf)), lost: events.filter(e => e.kind === 'lost').length, gone: events.filter(e => e.kind === 'lure-lost').length, asTrailer: stints.every(s => s.trailerId === props.lure.id) }]
}).sort((a, b) => b.trip.start.localeCompare(a.trip.start)))
const all = computed(() => sumOf(days.value.map(d => d.tally)))
</script>

<template>
  <section aria-label="Its days">
    <h2>Its days</h2>
    <p v-if="days.length === 0" class="reason">Not yet used on a trip.</p>
    <template v-else>
      <p class="sum"><b class="figure">{{ counted(days.length, 'day') }}</b> · <b class="figure">{{ hoursFigure(all.hours) }}</b> h · <b class="figure">{{ counted(all.contacts, 'contact') }}</b> · <b class="figure">{{ all.landed }}</b> landed<template v-if="lure.fishCount"> · {{ lure.fishCount }} fish by your own count</template></p>
      <ul>
        <li v-for="{ trip, place, tally, lost, gone, asTrailer } in days.slice(0, SHOWN)" :key="trip.id">
          <NuxtLink :to="`/logbook/trip/${trip.id}`">{{ dayLong(trip.start) }}</NuxtLink><span v-if="place"> {{ place }}</span>: {{ hoursFigure(tally.hours) }} h, {{ counted(tally.contacts, 'contact') }}, {{ tally.landed }} landed<template v-if="lost > 0">, {{ counted(lost, 'fish', 'fish') }} lost</template><template v-if="gone > 0">; {{ counted(gone, 'lure') }} lost</template><template v-if="asTrailer"> (as a trailer)</template>
        </li>
      </ul>
      <p v-if="days.length > SHOWN" class="reason">and {{ counted(days.length - SHOWN, 'earlier day') }}</p>
    </template>
  </section>
</template>

<style scoped>
h2 { font-size: 17px; margin: 0 0 4px; }
.sum { margin: 2px 0; }
.sum .figure { font-size: 17px; }
ul { list-style: none; margin: 4px 0; padding: 0; }
li { border-top: 1px solid var(--rule); padding: 6px 0; }
</style>
