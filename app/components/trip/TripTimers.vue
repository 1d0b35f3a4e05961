<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { duration } from '~/text/course-words'

/** Count-down to the depth, the wait of a lying bait, and the minutes round a bite. */
const props = defineProps<{ countdownS: number | null, pauseS: number | null }>()
const BITE_AREA_S = 600
const FALLBACK_S = { count: 5, rest: 15 }
const end = ref<number | null>(null)
const label = ref('')
const left = ref(0)
let sound: AudioContext | null = null
const PING = { hz: 880, seconds: 0.18, gain: 0.2 }

/** Heard and felt: a wet screen is not looked at while the bait sinks. */
function ring() {
  navigator.vibrate?.([120, 80, 120])
  if (!sound) return
  const [tone, volume] = [sound.createOscillator(), sound.createGain()]
  tone.frequency.value = PING.hz
  volume.gain.value = PING.gain
  tone.connect(volume).connect(sound.destination)
  tone.start()
  tone.stop(sound.currentTime + PING.seconds)
}
const { pause, resume } = useIntervalFn(() => {
  left.value = Math.max(0, Math.ceil(((end.value ?? 0) - Date.now()) / 1000))
  if (left.value > 0) return
  ring()
  end.value = null
  pause()
}, 200, { immediate: false })
function start(name: string, seconds: number) {
  sound ??= new AudioContext()
  label.value = name
  end.value = Date.now() + seconds * 1000
  left.value = seconds
  resume()
}
onBeforeUnmount(() => void sound?.close())
const timers = computed(() => [
  { name: 'count down', seconds: props.countdownS ?? FALLBACK_S.count }, { name: 'let it lie', seconds: props.pauseS ?? FALLBACK_S.rest }, { name: 'round the bite', seconds: BITE_AREA_S },
])
</script>

<template>
  <section class="timers" aria-label="Timers">
    <button v-for="t in timers" :key="t.name" type="button" class="plain" @click="start(t.name, t.seconds)">{{ t.name }}<br /><span class="figure">{{ duration(t.seconds) }}</span></button>
    <p v-if="end !== null" class="running" role="timer"><b class="figure">{{ duration(left) }}</b> {{ label }} <button type="button" class="quiet" @click="end = null; pause()">stop</button></p>
  </section>
</template>

<style scoped>
.timers { display: grid; grid-template-columns: repeat(3, 1fr); gap: 6px; }
.plain { min-height: 60px; font-size: 15px; }
.running { grid-column: 1 / -1; margin: 0; display: flex; align-items: baseline; gap: 10px; }
.running b { font-size: 30px; }
</style>
