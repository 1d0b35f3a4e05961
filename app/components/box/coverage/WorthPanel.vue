<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { SPECIES_TABLE } from '#core/knowledge'
import type { Reading } from '#core/reading'
import { formatQuantity } from '#core/units'
import { dayLong } from '~/text/dates'

const box = useBoxStore()
const readings = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const { additions, isBusy, problem, ask } = useWorth()

/** The water as it is, and as it was on each trip and written reading. */
const waters = computed(() => {
  const fished = box.box.trips.flatMap(trip => (trip.stints ?? []).slice(0, 1).flatMap(stint => (stint.reading ? [{ key: trip.id, at: trip.start, reading: stint.reading as Reading }] : [])))
  const written = box.noted.map(note => ({ key: note.id, at: note.reading.at ?? '', reading: note.reading }))
  return [
    { key: 'now', label: `now: ${inWords(readings.reading)}`, reading: readings.reading },
    ...[...fished, ...written].map(({ key, at, reading }) => ({ key, label: `${dayLong(at)}: ${inWords(reading)}`, reading })),
  ]
})
const ticked = ref<string[]>(['now'])
const asked = computed(() => waters.value.filter(w => ticked.value.includes(w.key)))
/** The answer belongs to the waters that were ticked when it was asked for. */
const answered = ref('')
const isStale = computed(() => additions.value !== null && answered.value !== asked.value.map(w => w.key).join(' '))
watch(waters, (there) => {
  ticked.value = ticked.value.filter(key => there.some(w => w.key === key))
})

function inWords({ species, temperatureC, visibilityM }: Reading): string {
  const sees = visibilityM == null ? '' : `, sees ${formatQuantity('depth', visibilityM, { system: units.value })}`
  return `${SPECIES_TABLE[species].label}, ${formatQuantity('temperature', temperatureC, { system: units.value })}${sees}`
}

async function workOut(): Promise<void> {
  const now = asked.value
  answered.value = now.map(w => w.key).join(' ')
  await ask(now.map(({ reading }) => ({ reading, weight: 1 })))
}
</script>

<template>
  <section aria-label="What one lure would add">
    <h2>What one lure would add most</h2>
    <label v-for="w in waters" :key="w.key" class="water"><input v-model="ticked" type="checkbox" :value="w.key" /> {{ w.label }}</label>
    <p><button class="hot" type="button" :disabled="isBusy || asked.length === 0" @click="workOut">{{ isBusy ? 'Working it out …' : 'Work it out' }}</button></p>
    <p v-if="asked.length === 0" class="reason">Tick the waters that count.</p>
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <p v-else-if="isStale" class="reason">Other waters are ticked now: work it out again.</p>
    <WorthList v-if="additions && !isStale" :additions="additions" />
    <p class="reason note">A lure typical of its kind, on your rods and with your parts: what is worth looking for, not a product.</p>
  </section>
</template>

<style scoped>
h2 { font-size: 18px; margin: 8px 0 4px; }
.water { display: flex; align-items: center; gap: 10px; min-height: 40px; cursor: pointer; }
.water input { width: 18px; height: 18px; accent-color: var(--ink); }
.note { color: var(--soft-ink); max-width: 60ch; }
</style>
