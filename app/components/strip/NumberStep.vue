<script setup lang="ts">
import type { Dimension } from '#core/units'

const props = defineProps<{
  label: string
  dimension: Dimension
  /** In the dimension's kept unit. */
  value: number
  step: number
  min: number
  max: number
}>()
const emit = defineEmits<{ change: [value: number] }>()
const { typed, message, symbol, understood, take } = useQuantity(props, value => value !== null && emit('change', value), { bare: true })

function nudge(direction: 1 | -1) {
  const next = Math.min(props.max, Math.max(props.min, props.value + direction * props.step))
  emit('change', Number(next.toPrecision(6)))
}
</script>

<template>
  <div class="number">
    <label class="small-label" :for="`step-${label}`">{{ label }}</label>
    <div class="row">
      <button type="button" class="nudge" :aria-label="`${label} less`" @click="nudge(-1)">−</button>
      <input :id="`step-${label}`" v-model="typed" inputmode="decimal" autocomplete="off" :aria-invalid="message !== ''" :aria-describedby="message ? `why-${label}` : undefined" @keydown.enter="take" @blur="take" @keydown.up.prevent="nudge(1)" @keydown.down.prevent="nudge(-1)" />
      <span class="unit">{{ symbol }}</span>
      <button type="button" class="nudge" :aria-label="`${label} more`" @click="nudge(1)">+</button>
    </div>
    <p v-if="understood && !message" class="understood">= {{ understood }}</p>
    <p v-if="message" :id="`why-${label}`" class="why reason" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
.number + .number, .choice-row + .number { margin-top: 10px; }
.row { display: flex; align-items: center; gap: 6px; margin-top: 2px; }
.nudge { width: 44px; height: 44px; border: 1px solid var(--rule); background: transparent; border-radius: 3px; font-size: 20px; cursor: pointer; }
.nudge:hover { border-color: var(--ink); }
input { width: 84px; height: 44px; text-align: right; border: 0; border-bottom: 1px solid var(--ink); background: transparent; color: inherit; font: 650 22px var(--font-figure); font-stretch: 86%; font-variant-numeric: tabular-nums; }
input[aria-invalid='true'] { border-bottom: 2px solid var(--float); }
.understood { margin: 2px 0 0; font-size: 13px; color: var(--soft-ink); }
.why { color: var(--float); margin: 6px 0 0; max-width: 34ch; }
</style>
