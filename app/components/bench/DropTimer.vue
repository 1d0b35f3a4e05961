<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'

/** A stopwatch with one big button: press when it goes under, press when it touches. */
const emit = defineEmits<{ drop: [seconds: number] }>()
const running = ref(false)
const shown = ref(0)
let begun = 0
let frame = 0
/** A double press is no fall [s]. */
const LEAST_S = 0.2

function tick() {
  shown.value = (performance.now() - begun) / 1000
  frame = requestAnimationFrame(tick)
}

function press() {
  if (!running.value) {
    begun = performance.now()
    running.value = true
    tick()
    return
  }
  const seconds = (performance.now() - begun) / 1000
  cancelAnimationFrame(frame)
  running.value = false
  if (seconds >= LEAST_S) emit('drop', seconds)
}

onScopeDispose(() => cancelAnimationFrame(frame))
</script>

<template>
  <div class="timer">
    <button type="button" class="press" :class="{ running }" @click="press"><span class="figure">{{ shown.toFixed(2) }} s</span><span>{{ running ? 'it touches' : 'it goes under' }}</span></button>
    <button v-if="running" class="quiet" type="button" @click="running = false">spoilt, again</button>
  </div>
</template>

<style scoped>
.timer { display: flex; align-items: center; gap: 16px; margin: 8px 0; }
.press { min-width: 260px; min-height: 96px; border: 2px solid var(--ink); background: var(--leaf); border-radius: 4px; cursor: pointer; display: flex; flex-direction: column; align-items: center; justify-content: center; font-family: var(--font-trip); font-size: 17px; touch-action: manipulation; }
.press .figure { font-size: 34px; font-family: var(--font-figure); }
.running { background: var(--ink); color: var(--leaf); }
</style>
