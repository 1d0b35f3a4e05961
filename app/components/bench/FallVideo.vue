<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue'

/** A fall timed on a film from the phone's camera: stepped frame by frame to where it goes under and to where it touches. The film stays in this page and is stored nowhere. */
const emit = defineEmits<{ drop: [seconds: number] }>()
const film = shallowRef<HTMLVideoElement | null>(null)
const source = ref('')
const problem = ref('')
const at = ref(0)
const begins = ref<number | null>(null)
const ends = ref<number | null>(null)
/** Most phones film 30 frames a second; found out while the film is stepped [s]. */
const USUAL_FRAME_S = 1 / 30
const frameS = ref(USUAL_FRAME_S)
/** Two frames closer than this are the same one, further apart one was left out [s]. */
const FRAME_RANGE_S = [1 / 500, 1 / 12] as const
/** A film without a noted end is asked for its end here [s]. */
const BEYOND_S = 1e6

const seconds = computed(() => (begins.value !== null && ends.value !== null && ends.value > begins.value ? ends.value - begins.value : null))

function drop() {
  if (source.value) URL.revokeObjectURL(source.value)
  source.value = ''
  begins.value = ends.value = null
  at.value = 0
  problem.value = ''
}
function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  drop()
  if (file) source.value = URL.createObjectURL(file)
  input.value = ''
}
onScopeDispose(drop)

function loaded() {
  const video = film.value!
  let last: number | null = null
  const watchFrames = (_now: number, { mediaTime }: { mediaTime: number }) => {
    const gap = last === null ? 0 : Math.abs(mediaTime - last)
    if (gap > FRAME_RANGE_S[0] && gap < FRAME_RANGE_S[1]) frameS.value = Math.min(frameS.value, gap)
    last = mediaTime
    at.value = mediaTime
    video.requestVideoFrameCallback(watchFrames)
  }
  if ('requestVideoFrameCallback' in video) video.requestVideoFrameCallback(watchFrames)
  // A film that came straight from a recorder does not know how long it is until it was at its end.
  if (!Number.isFinite(video.duration)) {
    video.currentTime = BEYOND_S
    video.addEventListener('seeked', () => { video.currentTime = 0 }, { once: true })
  }
}
function step(frames: number) {
  const video = film.value!
  video.pause()
  video.currentTime = Math.max(0, Math.min(Number.isFinite(video.duration) ? video.duration : Infinity, video.currentTime + frames * frameS.value))
}
function mark(which: 'begins' | 'ends') {
  const moment = film.value!.currentTime
  if (which === 'begins') begins.value = moment
  else ends.value = moment
  problem.value = begins.value !== null && ends.value !== null && ends.value <= begins.value ? 'It touches after it goes under: mark the two again.' : ''
}
function use() {
  if (seconds.value === null) return
  emit('drop', seconds.value)
  begins.value = ends.value = null
}
</script>

<template>
  <section class="fall-video" aria-label="Time a fall on a film">
    <label class="plain pick">{{ source ? 'another film' : 'or time it on a film' }}<input type="file" accept="video/*" capture="environment" aria-label="Film of a fall" @change="take" /></label>
    <template v-if="source">
      <video ref="film" :src="source" playsinline muted controls preload="auto" @loadedmetadata="loaded" @timeupdate="at = film!.currentTime" @error="problem = 'This browser cannot play that film.'" />
      <div class="steps">
        <button v-for="n in [-10, -1, 1, 10]" :key="n" type="button" class="plain" :aria-label="`${Math.abs(n)} ${Math.abs(n) === 1 ? 'frame' : 'frames'} ${n < 0 ? 'back' : 'on'}`" @click="step(n)">{{ n < 0 ? '−' : '+' }}{{ Math.abs(n) }}</button>
        <span class="figure">{{ at.toFixed(2) }} s</span>
      </div>
      <div class="steps">
        <button type="button" class="plain" @click="mark('begins')">it goes under{{ begins === null ? '' : ` at ${begins.toFixed(2)} s` }}</button>
        <button type="button" class="plain" @click="mark('ends')">it touches{{ ends === null ? '' : ` at ${ends.toFixed(2)} s` }}</button>
        <button type="button" class="hot" :disabled="seconds === null" @click="use">{{ seconds === null ? 'mark both' : `Take ${seconds.toFixed(2)} s` }}</button>
        <button type="button" class="quiet" @click="drop">put the film away</button>
      </div>
      <p class="reason">One frame is {{ (1000 * frameS).toFixed(0) }} ms: the fall is known to about {{ (frameS * Math.SQRT2).toFixed(2) }} s. Film straight at the tank or the wall of the pool, with both ends of the way in view.</p>
    </template>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.pick { display: inline-flex; align-items: center; min-height: 44px; padding: 0 14px; cursor: pointer; position: relative; }
.pick input { position: absolute; inset: 0; opacity: 0; cursor: pointer; }
.pick:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
video { display: block; width: min(100%, 560px); max-height: 60vh; background: var(--ink); margin: 8px 0; }
.steps { display: flex; flex-wrap: wrap; gap: 8px; align-items: center; margin: 6px 0; }
.steps .plain { min-height: 44px; min-width: 52px; }
.problem { color: var(--float); }
</style>
