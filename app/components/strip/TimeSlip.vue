<script setup lang="ts">
import { computed } from 'vue'
import { moonLit, sunPosition } from '#core/light'
import { forInput, localIso } from '~/text/dates'

/** When it is, and what stands in the sky then. */
const store = useReadingStore()
const reading = computed(() => store.complete.reading)
const sun = computed(() => (reading.value.at ? sunPosition(reading.value.at, reading.value.latitude, reading.value.longitude).altitudeDeg : null))
const moon = computed(() => (reading.value.at ? moonLit(reading.value.at) : null))
/** What the browser's field takes: local time without a zone. */
const local = computed(() => forInput(reading.value.at))

function set(text: string) {
  store.change({ at: text ? localIso(text) : null })
}
</script>

<template>
  <div class="time">
    <label class="small-label" for="reading-at">when</label>
    <div class="row"><input id="reading-at" type="datetime-local" :value="local" @change="set(($event.target as HTMLInputElement).value)" /><button type="button" class="plain" @click="set(localIso(new Date()))">Now</button></div>
    <p class="reason">{{ sun === null ? 'Without a time the sun is taken to stand at 45°.' : sun > 0 ? `The sun stands ${sun.toFixed(0)}° high.` : `The sun is ${(-sun).toFixed(0)}° below the horizon.` }}</p>
    <NumberStep label="Moon, lit" dimension="share" :value="reading.moonFraction" :step="0.1" :min="0" :max="1" @change="moonFraction => store.change({ moonFraction })" />
    <button v-if="moon !== null" type="button" class="quiet" @click="store.change({ moonFraction: Number(moon.toFixed(2)) })">that night: {{ Math.round(moon * 100) }} % lit</button>
  </div>
</template>

<style scoped>
.time { margin-top: 10px; }
.row { display: flex; gap: 8px; align-items: center; }
input { min-height: 44px; background: none; color: inherit; border: 0; border-bottom: 1px solid var(--ink); font: inherit; }
p { margin: 6px 0; color: var(--soft-ink); }
</style>
