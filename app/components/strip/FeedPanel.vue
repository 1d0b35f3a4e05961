<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { type BoatMoment, type NmeaLog, parseNmea } from '#core/files'
import type { Reading } from '#core/reading'
import { formatQuantity } from '#core/units'

/** Figures from instruments: the simulated boat and gauge, or a boat's log from a file. */
const reading = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const { moment, counts, trouble, connect, disconnect } = useBoatFeed()
const { says, trouble: gaugeTrouble, ask } = useGauge()
const log = shallowRef<NmeaLog | null>(null)
const logProblem = ref('')
const LARGEST_MB = 40
const MB = 1024 * 1024

const show = (dimension: 'depth' | 'temperature' | 'speed', value: number | null) => (value === null ? 'nothing yet' : formatQuantity(dimension, value, { system: units.value }))
const said = computed(() => moment.value ?? log.value?.last ?? null)
const skipped = computed(() => {
  const c = moment.value ? counts.value : log.value?.counts
  return c ? `${c.sentences} sentences read; skipped: ${c.badChecksum} with a wrong checksum, ${c.broken} broken, ${c.unknown} of no use here.` : ''
})

async function readLog(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  disconnect()
  logProblem.value = file.size > LARGEST_MB * MB ? `${file.name} is ${Math.round(file.size / MB)} MB; logs of up to ${LARGEST_MB} MB can be read.` : ''
  log.value = logProblem.value ? null : parseNmea(await file.text())
  if (log.value?.counts.sentences === 0) logProblem.value = `${file.name} holds no sound NMEA 0183 sentence.`
}

/** The bottom is what the sounder says; the fish band is kept inside it. */
function takeBoat({ temperatureC, depthM, latitude, longitude, at }: BoatMoment) {
  const { fishFromM, fishToM } = reading.complete.reading
  const band = depthM === null ? {} : { bottomM: depthM, fishToM: Math.min(fishToM, depthM), fishFromM: Math.min(fishFromM, depthM) }
  const given: Partial<Reading> = { ...band, ...(temperatureC === null ? {} : { temperatureC }), ...(latitude === null || longitude === null ? {} : { latitude, longitude }), ...(at === null ? {} : { at }) }
  reading.change(given)
}
function takeGauge() {
  if (says.value) reading.change({ temperatureC: says.value.temperatureC, visibilityM: says.value.visibilityM })
}
</script>

<template>
  <section class="feeds" aria-label="From instruments">
    <div class="row">
      <button v-if="!moment" type="button" class="plain" @click="connect">Boat (simulated)</button>
      <button v-else type="button" class="plain" @click="disconnect">Leave the boat</button>
      <button type="button" class="plain" @click="ask">Gauge (simulated)</button>
      <label class="plain">Boat’s log…<input type="file" class="sr" accept=".nmea,.log,.txt,text/plain" @change="readLog" /></label>
    </div>
    <p v-for="t in [trouble, gaugeTrouble, logProblem].filter(Boolean)" :key="t" class="reason problem" role="alert">{{ t }}</p>
    <div v-if="said" class="says">
      <span>{{ moment ? 'simulated boat' : 'log' }}: water {{ show('temperature', said.temperatureC) }}, bottom {{ show('depth', said.depthM) }}, speed {{ show('speed', said.speedMs) }}</span>
      <button type="button" class="hot" @click="takeBoat(said)">Take it</button>
      <p class="reason note">{{ skipped }}</p>
    </div>
    <div v-if="says" class="says">
      <span>simulated gauge: water {{ show('temperature', says.temperatureC) }}, visibility {{ show('depth', says.visibilityM) }}, flow {{ says.flowM3S }} m³/s, level {{ show('depth', says.levelM) }}</span>
      <button type="button" class="hot" @click="takeGauge">Take it</button>
    </div>
  </section>
</template>

<style scoped>
.row { display: flex; flex-wrap: wrap; gap: 6px; }
.row label { display: inline-flex; align-items: center; cursor: pointer; }
.row label:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.says { display: flex; flex-wrap: wrap; gap: 6px 12px; align-items: center; justify-content: space-between; margin-top: 8px; }
.says span { max-width: 30ch; }
.note { flex-basis: 100%; color: var(--soft-ink); margin: 0; font-size: 13.5px; }
.problem { color: var(--float); margin: 6px 0 0; }
</style>
