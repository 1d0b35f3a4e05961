<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { WaterLayer } from '#core/reading'
import { formatQuantity, parseQuantity } from '#core/units'

/** Temperatures by depth, as a sounding gives them: `0 m 20 °C; 6 m 12 °C`. */
const props = defineProps<{ layers: readonly WaterLayer[] | null }>()
const emit = defineEmits<{ change: [layers: WaterLayer[] | null] }>()
const { units } = storeToRefs(useSettingsStore())
const example = computed(() => [[0, 20], [6, 12]].map(([depth, temperature]) => `${formatQuantity('depth', depth!, { system: units.value })} ${formatQuantity('temperature', temperature!, { system: units.value, decimals: 0 })}`).join('; '))
const typed = ref('')
const problem = ref('')

watch(() => [props.layers, units.value] as const, () => {
  typed.value = (props.layers ?? []).map(l => `${formatQuantity('depth', l.depthM, { system: units.value })} ${formatQuantity('temperature', l.temperatureC, { system: units.value })}`).join('; ')
}, { immediate: true })

function take() {
  const pieces = typed.value.split(';').map(p => p.trim()).filter(Boolean)
  const layers: WaterLayer[] = []
  for (const piece of pieces) {
    const match = /^(\S+(?:[\s\u00A0]?(?:m|ft))?)[\s\u00A0]+(.+)$/.exec(piece)
    const depth = match ? parseQuantity('depth', match[1]!, units.value) : null
    const temperature = match ? parseQuantity('temperature', match[2]!, units.value) : null
    if (!depth?.ok || !temperature?.ok) {
      problem.value = `“${piece}” is not a depth and a temperature, like “${example.value.split('; ')[1]}”.`
      return
    }
    layers.push({ depthM: depth.value, temperatureC: temperature.value })
  }
  problem.value = ''
  emit('change', layers.length > 0 ? layers : null)
}
</script>

<template>
  <div class="layers">
    <v-text-field v-model="typed" label="Layers, depth and temperature" :placeholder="example" @change="take" />
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.layers { margin-top: 10px; }
.problem { color: var(--float); margin: 4px 0 0; }
</style>
