<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import type { Reading } from '#core/reading'
import { SPECIES, type SpeciesId, WATERS, type WaterKind } from '#core/terms'
import { localIso } from '~/text/dates'
import { capital, speciesLabel, words } from '~/text/labels'

/** The first water of a box of one's own: where, for which fish, how warm; the rest is assumed, and marked so, until it is read. */
const box = useBoxStore()
const readings = useReadingStore()
const name = ref('')
const species = ref<SpeciesId | null>(null)
const water = ref<WaterKind>('lake')
const temperatureC = ref<number | null>(null)
const latitude = ref('')
const longitude = ref('')
const problem = ref('')
const isLocating = ref(false)
const isTaken = ref(false)
const speciesOptions = SPECIES.map(id => ({ value: id, title: capital(speciesLabel(id)) }))
const waterOptions = WATERS.map(id => ({ value: id, title: capital(words(id)) }))
const canLocate = typeof navigator !== 'undefined' && 'geolocation' in navigator
const DEGREES = 4

function locate() {
  isLocating.value = true
  problem.value = ''
  navigator.geolocation.getCurrentPosition(({ coords }) => {
    isLocating.value = false
    latitude.value = coords.latitude.toFixed(DEGREES)
    longitude.value = coords.longitude.toFixed(DEGREES)
  }, (error) => {
    isLocating.value = false
    problem.value = `Your place was not told (${error.message}); type it, or leave it open.`
  })
}

const degrees = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')))
const position = computed(() => ({ latitude: degrees(latitude.value), longitude: degrees(longitude.value) }))

async function begin() {
  problem.value = ''
  isTaken.value = false
  const { latitude: north, longitude: east } = position.value
  if (!species.value) problem.value = 'Choose the fish you are after.'
  else if (temperatureC.value === null) problem.value = 'How warm is the water? A guess will do; what is read later replaces it.'
  else if (Number.isNaN(north) || Number.isNaN(east)) problem.value = 'The place must be in degrees, like 52.4 and 9.7 (south and west with a minus).'
  if (problem.value) return
  const reading: Reading = { species: species.value!, temperatureC: temperatureC.value!, at: localIso(new Date()), water: water.value, latitude: north, longitude: east }
  if (!readings.begin(reading)) {
    problem.value = `Not stored: ${readings.issues[0]!.path} ${readings.issues[0]!.message}.`
    return
  }
  isTaken.value = true
  if (name.value.trim() !== '') await box.change({ put: { places: [{ id: nanoid(10), name: name.value.trim(), water: water.value, latitude: north, longitude: east, species: [species.value!], forage: [] }] } }, `${name.value.trim()} is a home water.`)
}
</script>

<template>
  <form class="own-water" aria-label="Your water" @submit.prevent="begin">
    <h2>Your water, today</h2>
    <div class="grid">
      <v-autocomplete v-model="species" :items="speciesOptions" label="The fish you are after" auto-select-first />
      <v-select v-model="water" :items="waterOptions" label="Kind of water" />
      <QuantityField label="Water temperature" dimension="temperature" :value="temperatureC" :min="-2" :max="40" placeholder="a guess will do" @change="value => temperatureC = value" />
      <v-text-field v-model="name" label="What you call it (if it is to be kept)" />
      <v-text-field v-model="latitude" label="Degrees north" inputmode="text" placeholder="for light and season" persistent-placeholder />
      <v-text-field v-model="longitude" label="Degrees east" inputmode="text" />
    </div>
    <div class="row">
      <button type="submit" class="plain">This is my water</button>
      <button v-if="canLocate" type="button" class="quiet" :disabled="isLocating" @click="locate">{{ isLocating ? 'asking the device …' : 'where I am now' }}</button>
      <span class="reason soft">The place stays on this device.</span>
    </div>
    <p v-if="isTaken" class="reason soft" role="status">It stands in the line at the top; what is hatched there is assumed until you read it.</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.own-water { width: 100%; max-width: 760px; border-top: 1px solid var(--ink); border-bottom: 1px solid var(--rule); padding: 8px 0 12px; }
h2 { font-size: 18px; margin: 0 0 4px; }
.grid { display: grid; grid-template-columns: repeat(auto-fit, minmax(200px, 1fr)); gap: 6px 18px; }
.row { display: flex; flex-wrap: wrap; gap: 8px 16px; align-items: center; margin-top: 10px; }
.soft { color: var(--soft-ink); }
.problem { color: var(--float); margin: 6px 0 0; }
</style>
