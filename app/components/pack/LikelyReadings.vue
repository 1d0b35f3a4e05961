<script setup lang="ts">
import { ref } from 'vue'
import type { LikelyReading } from '#core/pack'
import { completeReading, type Reading } from '#core/reading'
import { MOODS, SKIES, SPECIES, STANDS } from '#core/terms'
import { formatQuantity } from '#core/units'
import { speciesLabel, words } from '~/text/labels'
import { percent } from '~/text/percent'

/** Tomorrow as a few likely readings: how likely each is, and what it would be. */
const props = defineProps<{ readings: readonly LikelyReading[] }>()
const emit = defineEmits<{ change: [readings: readonly LikelyReading[]] }>()
const { units } = storeToRefs(useSettingsStore())
const now = useReadingStore()
const open = ref<number | null>(null)
const HEAVIER = 1.4
const total = computed(() => props.readings.reduce((sum, r) => sum + r.weight, 0) || 1)
const quantity = (dimension: 'temperature' | 'depth' | 'speed', value: number, decimals?: number) => formatQuantity(dimension, value, { system: units.value, decimals })
const full = (reading: Reading) => completeReading(reading).reading
const line = (reading: Reading) => {
  const r = full(reading)
  return `${speciesLabel(r.species)} · ${quantity('temperature', r.temperatureC)} · ${r.sky} · wind ${quantity('speed', r.windMs, 0)} · sees ${quantity('depth', r.visibilityM)} · fish ${quantity('depth', r.fishFromM)} to ${quantity('depth', r.fishToM)} · ${r.mood}`
}
const put = (index: number, part: Partial<LikelyReading>) => emit('change', props.readings.map((r, i) => (i === index ? { ...r, ...part } : r)))
const edit = (index: number, part: Partial<Reading>) => put(index, { reading: { ...props.readings[index]!.reading, ...part } })
function band(index: number, part: { fishFromM?: number, fishToM?: number }) {
  const { fishFromM, fishToM, bottomM } = { ...full(props.readings[index]!.reading), ...part }
  edit(index, { bottomM, fishFromM: Math.min(fishFromM, fishToM, bottomM), fishToM: Math.min(Math.max(fishFromM, fishToM), bottomM) })
}
/** Another angler fishes the same hours in his own way: each reading once more, to be changed to his fish and his place. */
const SECOND = 'second angler'
const hasSecond = computed(() => props.readings.some(r => r.name.startsWith(SECOND)))
const addSecond = () => emit('change', [...props.readings, ...props.readings.map(r => ({ ...r, name: `${SECOND}: ${r.name}` }))])
const add = () => emit('change', [...props.readings, { name: 'as now', weight: 0.5, reading: { ...now.reading } }])
</script>

<template>
  <div class="likely">
    <div v-for="(r, i) in readings" :key="`${r.name} ${i}`" class="row">
      <div class="head">
        <b>{{ r.name }}</b>
        <span class="share"><button type="button" class="nudge" :aria-label="`${r.name} less likely`" @click="put(i, { weight: r.weight / HEAVIER })">−</button><span class="figure">{{ percent(r.weight / total) }}</span><button type="button" class="nudge" :aria-label="`${r.name} more likely`" @click="put(i, { weight: r.weight * HEAVIER })">+</button></span>
        <button type="button" class="quiet" :aria-expanded="open === i" @click="open = open === i ? null : i">{{ open === i ? 'done' : 'change' }}</button>
      </div>
      <p class="line">{{ line(r.reading) }}</p>
      <div v-if="open === i" class="edit">
        <NumberStep label="Water" dimension="temperature" :value="r.reading.temperatureC" :step="1" :min="0" :max="34" @change="temperatureC => edit(i, { temperatureC })" />
        <NumberStep label="A lure vanishes at" dimension="depth" :value="full(r.reading).visibilityM" :step="0.2" :min="0.05" :max="20" @change="visibilityM => edit(i, { visibilityM, stain: null })" />
        <NumberStep label="Wind" dimension="speed" :value="full(r.reading).windMs" :step="1" :min="0" :max="40" @change="windMs => edit(i, { windMs })" />
        <NumberStep label="Fish from" dimension="depth" :value="full(r.reading).fishFromM" :step="0.5" :min="0" :max="100" @change="fishFromM => band(i, { fishFromM })" />
        <NumberStep label="Fish to" dimension="depth" :value="full(r.reading).fishToM" :step="0.5" :min="0" :max="100" @change="fishToM => band(i, { fishToM })" />
        <label class="fish"><span class="small-label">fish</span><select :value="r.reading.species" @change="edit(i, { species: ($event.target as HTMLSelectElement).value as Reading['species'] })"><option v-for="s in SPECIES" :key="s" :value="s">{{ speciesLabel(s) }}</option></select></label>
        <ChoiceRow label="from" :options="STANDS" :chosen="[full(r.reading).from]" :text="words" @change="([from]) => edit(i, { from })" />
        <ChoiceRow label="sky" :options="SKIES" :chosen="[full(r.reading).sky]" :text="words" @change="([sky]) => edit(i, { sky })" />
        <ChoiceRow label="mood" :options="MOODS" :chosen="[full(r.reading).mood]" :text="words" @change="([mood]) => edit(i, { mood })" />
        <button v-if="readings.length > 1" type="button" class="quiet" @click="emit('change', readings.filter((_, j) => j !== i)); open = null">leave this one out</button>
      </div>
    </div>
    <button type="button" class="quiet" @click="add">+ the reading above, as it is now</button>
    <button v-if="!hasSecond" type="button" class="quiet" @click="addSecond">+ a second angler</button>
  </div>
</template>

<style scoped>
.row { border-top: 1px solid var(--rule); padding: 4px 0 6px; }
.head { display: flex; align-items: center; gap: 8px; }
.head b { flex: 1; font-stretch: 90%; }
.head b::first-letter { text-transform: uppercase; }
.share { display: flex; align-items: center; gap: 2px; }
.share .figure { min-width: 42px; text-align: center; }
.nudge { width: 34px; height: 34px; border: 1px solid var(--rule); background: transparent; border-radius: 3px; cursor: pointer; }
.line { margin: 0; color: var(--soft-ink); font-size: 13px; }
select { font: inherit; min-height: 40px; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); }
.edit { display: grid; gap: 8px; padding: 8px 0 4px; }
@media (max-width: 700px) { .nudge { width: 44px; height: 44px; } }
</style>
