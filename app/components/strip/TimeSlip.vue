<script setup lang="ts">
import { computed } from 'vue'
import { moonAltitude, moonLit, sunPosition } from '#core/light'
import { withNight } from '#core/reading'
import { NIGHT_CLOUDS } from '#core/terms'
import { forInput, localIso } from '~/text/dates'
import { percent } from '~/text/percent'

/** When it is, and what stands in the sky then. */
const store = useReadingStore()
const reading = computed(() => withNight(store.complete.reading))
const sun = computed(() => (reading.value.at ? sunPosition(reading.value.at, reading.value.latitude, reading.value.longitude).altitudeDeg : null))
const moon = computed(() => (reading.value.at ? moonLit(reading.value.at) : null))
/** Height of the moon as it was typed, else by the almanac [°]. */
const moonHigh = computed(() => reading.value.moonAltitudeDeg ?? (reading.value.at ? moonAltitude(reading.value.at, reading.value.latitude, reading.value.longitude) : null))
/** Heights of the moon as one sees them [°]. Assumed: by eye nobody knows it closer. */
const MOON_DEG = { 'by the almanac': null, 'not up': -10, 'low': 15, 'half-way up': 45, 'high': 70 } as const
const MOON_PLACES = ['by the almanac', 'not up', 'low', 'half-way up', 'high'] as const
const moonPlace = computed(() => {
  const deg = reading.value.moonAltitudeDeg
  if (deg === null) return 'by the almanac'
  return deg < 0 ? 'not up' : deg < 30 ? 'low' : deg < 58 ? 'half-way up' : 'high'
})
const CLOUD_WORDS = { clear: 'stars', broken: 'broken cloud', overcast: 'overcast', rain: 'rain' } as const
/** What was said of the sky, where the hour makes a night of it. */
const saidByNight = computed(() => (reading.value.sky === 'night' && store.reading.sky !== 'night' ? store.reading.sky : null))
const isCloudAssumed = computed(() => store.reading.nightCloud == null && saidByNight.value == null)
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
    <p class="reason">{{ sun === null ? 'Without a time the sun is taken to stand at 45°.' : sun > 0 ? `The sun stands ${sun.toFixed(0)}° high.` : `The sun is ${(-sun).toFixed(0)}° below the horizon${reading.sky === 'night' ? ': it is night' : ''}.` }}</p>
    <NumberStep label="Moon, lit" dimension="share" :value="reading.moonFraction" :step="0.1" :min="0" :max="1" @change="moonFraction => store.change({ moonFraction })" />
    <button v-if="moon !== null" type="button" class="quiet" @click="store.change({ moonFraction: Number(moon.toFixed(2)) })">that night: {{ percent(moon) }} lit</button>
    <p v-if="moonHigh !== null && reading.moonFraction > 0" class="reason">{{ moonHigh > 0 ? `The moon stands ${moonHigh.toFixed(0)}° high${reading.moonAltitudeDeg === null ? '' : ', as you said'}.` : `The moon is ${(-moonHigh).toFixed(0)}° below the horizon: no light from it.` }}</p>
    <template v-if="reading.sky === 'night'">
      <ChoiceRow :label="`cloud by night${isCloudAssumed ? ' (assumed)' : ''}`" :options="NIGHT_CLOUDS" :chosen="[reading.nightCloud]" :text="cloud => CLOUD_WORDS[cloud]" @change="([nightCloud]) => store.change({ nightCloud })" />
      <ChoiceRow label="the moon stands" :options="MOON_PLACES" :text="place => (place === 'by the almanac' && moonHigh === null ? 'not known: half-way up' : place)" :chosen="[moonPlace]" @change="([place]) => place && store.change({ moonAltitudeDeg: MOON_DEG[place] })" />
    </template>
  </div>
</template>

<style scoped>
.time { margin-top: 10px; }
.row { display: flex; gap: 8px; align-items: center; }
input { min-height: 44px; background: none; color: inherit; border: 0; border-bottom: 1px solid var(--ink); font: inherit; }
p { margin: 6px 0; color: var(--soft-ink); }
</style>
