<script setup lang="ts">
import type { PackLimits } from '#core/pack'
import { formatQuantity } from '#core/units'

/** What may go along; a tap changes it by a sensible step. */
const props = defineProps<{ limits: PackLimits }>()
const emit = defineEmits<{ change: [limits: PackLimits] }>()
const { units } = storeToRefs(useSettingsStore())
const COUNTS = [{ key: 'rods', label: 'rods to rig', step: 1, most: 12 }, { key: 'lures', label: 'lures', step: 1, most: 300 }, { key: 'boxes', label: 'boxes', step: 1, most: 20 }, { key: 'slotsPerBox', label: 'slots a box', step: 2, most: 100 }] as const
const STEP_G = 50
const USUAL_G = 500
const count = (key: typeof COUNTS[number]['key'], by: number, most: number) => emit('change', { ...props.limits, [key]: Math.min(most, Math.max(0, props.limits[key] + by)) })
</script>

<template>
  <div class="limits">
    <div v-for="c in COUNTS" :key="c.key" class="limit"><span class="small-label">{{ c.label }}</span><span class="row"><button type="button" class="nudge" :aria-label="`${c.label} less`" @click="count(c.key, -c.step, c.most)">−</button><b class="figure">{{ limits[c.key] }}</b><button type="button" class="nudge" :aria-label="`${c.label} more`" @click="count(c.key, c.step, c.most)">+</button></span></div>
    <div class="limit"><span class="small-label">weight to carry</span>
      <span v-if="limits.grams !== null" class="row"><button type="button" class="nudge" aria-label="weight less" @click="emit('change', { ...limits, grams: Math.max(0, limits.grams - STEP_G) })">−</button><b class="figure">{{ formatQuantity('weight', limits.grams, { system: units }) }}</b><button type="button" class="nudge" aria-label="weight more" @click="emit('change', { ...limits, grams: limits.grams + STEP_G })">+</button><button type="button" class="quiet" @click="emit('change', { ...limits, grams: null })">any</button></span>
      <span v-else class="row"><b class="figure">any</b><button type="button" class="quiet" @click="emit('change', { ...limits, grams: USUAL_G })">limit it</button></span>
    </div>
  </div>
</template>

<style scoped>
.limits { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 14px; }
.row { display: flex; align-items: center; gap: 4px; min-height: 38px; }
.row .figure { min-width: 34px; text-align: center; font-size: 17px; }
.nudge { width: 36px; height: 36px; border: 1px solid var(--rule); background: transparent; border-radius: 3px; cursor: pointer; }
@media (max-width: 700px) { .nudge { width: 44px; height: 44px; } }
</style>
