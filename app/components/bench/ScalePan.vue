<script setup lang="ts">
import { readingInWords } from '~/text/test-words'

const { units } = storeToRefs(useSettingsStore())
const props = defineProps<{
  /** What lies on the simulated pan. */
  trueGrams: number
}>()
const emit = defineEmits<{ reading: [grams: number] }>()
const { shows, trouble, connect, disconnect, setTare } = useScale()

function take() {
  if (shows.value?.grams != null) emit('reading', shows.value.grams)
}
</script>

<template>
  <div class="pan">
    <button v-if="!shows" class="plain" type="button" @click="connect(props.trueGrams)">Read the scale (simulated)</button>
    <template v-else>
      <output class="display figure" :class="{ stable: shows.stable }">{{ shows.overload ? 'overload' : readingInWords('weigh', shows.grams ?? 0, units) }}</output>
      <span class="small-label">simulated scale, {{ shows.overload ? 'too heavy' : shows.stable ? 'settled' : 'settling' }}</span>
      <button class="plain" type="button" :disabled="!shows.stable" @click="take">Take this reading</button>
      <button class="quiet" type="button" @click="setTare">tare</button>
      <button class="quiet" type="button" @click="disconnect">put away</button>
    </template>
    <p v-if="trouble" class="reason">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.pan { display: flex; flex-wrap: wrap; align-items: center; gap: 12px; margin: 8px 0; }
.display { font-size: 28px; min-width: 130px; padding: 6px 12px; border: 1px dashed var(--ink); text-align: right; }
.display.stable { border-style: solid; }
</style>
