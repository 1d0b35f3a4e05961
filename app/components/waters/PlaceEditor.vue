<script setup lang="ts">
import { ref } from 'vue'
import type { Place } from '#core/files'
import { FORAGE, type ForageId, SPECIES, type SpeciesId, STAINS, WATERS } from '#core/terms'
import { capital, forageLabel, speciesLabel, words } from '~/text/labels'

/** One home water: where it is and what it is usually like. */
const props = defineProps<{ place: Place }>()
const box = useBoxStore()
const problem = ref('')
const species = SPECIES.map(id => ({ value: id, title: capital(speciesLabel(id)) }))
const forage = FORAGE.map(id => ({ value: id, title: capital(forageLabel(id)) }))

async function save(part: Partial<Place>) {
  const issues = await box.edit('places', props.place.id, () => part)
  problem.value = issues.length > 0 ? `Not stored: ${issues[0]!.path} ${issues[0]!.message}.` : ''
}
function saveNumber(key: 'latitude' | 'longitude' | 'salinityPsu', text: string) {
  const value = Number(text.replace(',', '.'))
  if (text.trim() === '') return save({ [key]: null })
  if (Number.isFinite(value)) return save({ [key]: value })
  problem.value = `Not stored: “${text}” is not a number.`
}
const typed = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <section class="place-editor" :aria-label="place.name">
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <div class="grid">
      <v-text-field :model-value="place.name" label="Name" @change="save({ name: typed($event) })" />
      <v-select :model-value="place.water" :items="[...WATERS]" label="Water" clearable @update:model-value="water => save({ water })" />
      <v-text-field :model-value="place.latitude ?? ''" label="Latitude, °N" @change="saveNumber('latitude', typed($event))" />
      <v-text-field :model-value="place.longitude ?? ''" label="Longitude, °E" @change="saveNumber('longitude', typed($event))" />
      <v-text-field :model-value="place.salinityPsu ?? ''" label="Salinity, psu" @change="saveNumber('salinityPsu', typed($event))" />
      <QuantityField label="Usual visibility" dimension="depth" :value="place.visibilityM" :likely="[0.05, 25]" @change="visibilityM => save({ visibilityM })" />
      <v-select :model-value="place.stain" :items="[...STAINS]" label="Usual stain" clearable @update:model-value="stain => save({ stain })" />
      <v-autocomplete :model-value="place.species ?? []" :items="species" label="Fish" multiple clearable @update:model-value="(list: SpeciesId[]) => save({ species: list })" />
      <v-autocomplete :model-value="place.forage ?? []" :items="forage" label="What they eat" multiple clearable @update:model-value="(list: ForageId[]) => save({ forage: list })" />
    </div>
    <button type="button" class="plain" @click="box.change({ remove: { places: [place.id] } }, `${words(place.name)} is no longer a home water.`)">Take it off the list</button>
  </section>
</template>

<style scoped>
.grid { display: grid; grid-template-columns: repeat(auto-fit, minmax(170px, 1fr)); gap: 6px 18px; margin-bottom: 10px; }
.problem { color: var(--float); margin: 4px 0; }
</style>
