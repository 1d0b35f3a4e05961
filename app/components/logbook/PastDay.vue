<script setup lang="ts">
import { computed, ref } from 'vue'
import { nanoid } from 'nanoid'
import { SPECIES, type SpeciesId } from '#core/terms'
import { localIso } from '~/text/dates'
import { capital, speciesLabel } from '~/text/labels'

/** A day from memory: when, where, with what. Its page opens then, for the fish and whatever else is still known. */
const box = useBoxStore()
const readings = useReadingStore()
const isOpen = ref(false)
const day = ref(localIso(new Date()).slice(0, 'YYYY-MM-DD'.length))
const [from, to] = [ref('08:00'), ref('10:00')]
const placeId = ref('')
const lureId = ref<string | null>(null)
const species = ref<SpeciesId>(readings.complete.reading.species)
const temperatureC = ref<number | null>(null)
const problem = ref('')
const lures = computed(() => box.box.lures.map(l => ({ value: l.id, title: l.name })))
const fish = SPECIES.map(id => ({ value: id, title: capital(speciesLabel(id)) }))

async function write() {
  const [start, end] = [Date.parse(`${day.value}T${from.value}`), Date.parse(`${day.value}T${to.value}`)]
  problem.value = Number.isNaN(start) || Number.isNaN(end) ? 'Not stored: a day and two times are needed.' : end <= start ? 'Not stored: the end lies before the beginning; a night over midnight is two stretches.' : start > Date.now() ? 'Not stored: that day is still to come.' : !lureId.value ? 'Not stored: choose the lure you fished longest; the others are added on the next page.' : ''
  if (problem.value) return
  const place = box.places.find(p => p.id === placeId.value)
  const water = place ? { ...(place.water ? { water: place.water } : {}), ...(place.latitude != null && place.longitude != null ? { latitude: place.latitude, longitude: place.longitude } : {}), ...(place.visibilityM != null ? { visibilityM: place.visibilityM } : {}) } : {}
  // Without a temperature there is no reading: the log then tells nothing of the water, rather than something invented.
  const reading = temperatureC.value === null ? {} : { reading: { species: species.value, temperatureC: temperatureC.value, at: localIso(start), ...water } }
  const trip = { id: nanoid(), placeId: placeId.value || null, start: localIso(start), end: localIso(end), stints: [{ id: nanoid(), lureId: lureId.value!, start: localIso(start), end: localIso(end), events: [], ...reading }] }
  await box.change({ put: { trips: [trip] } }, 'A day from memory is in the log.')
  await navigateTo(`/logbook/trip/${trip.id}`)
}
</script>

<template>
  <section class="past">
    <button type="button" class="quiet" :aria-expanded="isOpen" @click="isOpen = !isOpen">Write down a day from memory</button>
    <form v-if="isOpen" class="fields" novalidate @submit.prevent="write">
      <label><span class="small-label">day</span><input v-model="day" type="date" /></label>
      <label><span class="small-label">from</span><input v-model="from" type="time" /></label>
      <label><span class="small-label">to</span><input v-model="to" type="time" /></label>
      <label><span class="small-label">water</span><select v-model="placeId"><option value="">not noted</option><option v-for="p in box.places" :key="p.id" :value="p.id">{{ p.name }}</option></select></label>
      <label class="wide"><span class="small-label">lure fished longest</span><v-autocomplete v-model="lureId" :items="lures" aria-label="lure fished longest" /></label>
      <label><span class="small-label">fish</span><select v-model="species"><option v-for="f in fish" :key="f.value" :value="f.value">{{ f.title }}</option></select></label>
      <QuantityField label="water, if known" dimension="temperature" :value="temperatureC" :min="-2" :max="40" @change="value => temperatureC = value" />
      <button type="submit" class="hot">Put it in the log</button>
    </form>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.past { border-top: 1px solid var(--rule); padding-top: 6px; }
.fields { display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: 8px 16px; align-items: end; max-width: 860px; padding: 6px 0 10px; }
.fields label { display: flex; flex-direction: column; }
.wide { grid-column: span 2; }
input, select { font: inherit; min-height: 44px; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); min-width: 0; }
.hot { min-height: 44px; }
.problem { color: var(--float); margin: 4px 0; }
@media (max-width: 700px) { .wide { grid-column: 1 / -1; } }
</style>
