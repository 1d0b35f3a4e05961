<script setup lang="ts">
import { computed } from 'vue'
import type { TripEvent } from '#core/tackle'
import { EVENT_WHENS, HOOKED_AT, SPECIES } from '#core/terms'
import { capital, speciesLabel } from '~/text/labels'

/** More about one event, each part optional; written as it is tapped. */
const props = defineProps<{ event: TripEvent, tripId: string }>()
const emit = defineEmits<{ detail: [about: Partial<TripEvent>], remove: [], close: [] }>()
const isFish = computed(() => props.event.kind !== 'snagged' && props.event.kind !== 'lure-lost')
const wasOn = computed(() => ['hooked', 'lost', 'landed'].includes(props.event.kind))
const WHEN_WORDS = { 'fall': 'on the fall', 'pause': 'on the pause', 'retrieve': 'swimming', 'winding-in': 'winding in', 'surface': 'at the surface' } as const
/** Beyond these a fish is asked about once. Assumed. */
const QUANTITIES = [{ key: 'lengthMm', label: 'length', dimension: 'length', likely: [50, 2000] }, { key: 'weightG', label: 'weight', dimension: 'weight', likely: [5, 60_000] }, { key: 'depthM', label: 'depth', dimension: 'depth', likely: [0, 120] }] as const
const typed = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="detail">
    <div v-if="isFish" class="choices" role="group" aria-label="when"><button v-for="when in EVENT_WHENS" :key="when" type="button" class="choice" :aria-pressed="event.when === when" @click="emit('detail', { when: event.when === when ? null : when })">{{ WHEN_WORDS[when] }}</button></div>
    <div v-if="wasOn" class="choices" role="group" aria-label="hooked"><button v-for="at in HOOKED_AT" :key="at" type="button" class="choice" :aria-pressed="event.hookedAt === at" @click="emit('detail', { hookedAt: event.hookedAt === at ? null : at })">{{ at === 'outside' ? 'outside the mouth' : at === 'inside' ? 'deep inside' : 'in the lip' }}</button></div>
    <div v-if="isFish" class="fields">
      <QuantityField v-for="q in QUANTITIES" :key="q.key" :label="q.label" :dimension="q.dimension" :value="event[q.key]" :likely="q.likely" @change="value => emit('detail', { [q.key]: value })" />
      <label v-if="event.kind === 'follow'"><span class="small-label">how many came</span><input :value="event.groupSize ?? ''" inputmode="numeric" aria-label="how many came" @change="emit('detail', { groupSize: Number(typed($event)) || null })" /></label>
      <label class="wide"><span class="small-label">fish</span><select :value="event.species ?? ''" aria-label="fish" @change="emit('detail', { species: (($event.target as HTMLSelectElement).value || null) })"><option value="">not known</option><option v-for="id in SPECIES" :key="id" :value="id">{{ capital(speciesLabel(id)) }}</option></select></label>
      <label class="wide"><span class="small-label">note</span><input :value="event.note ?? ''" aria-label="note" @change="emit('detail', { note: typed($event) })" /></label>
    </div>
    <EventPhoto :event-id="event.id" :trip-id="tripId" />
    <div class="act"><button type="button" class="plain" @click="emit('close')">Done</button><button type="button" class="quiet" @click="emit('remove')">take it out</button></div>
  </div>
</template>

<style scoped>
.detail { display: flex; flex-direction: column; gap: 8px; padding: 8px 0; }
.choice { min-height: 56px; font-size: 15px; flex: 1 1 96px; }
.fields { display: grid; grid-template-columns: repeat(auto-fit, minmax(92px, 1fr)); gap: 8px; }
.fields label { display: flex; flex-direction: column; }
.wide { grid-column: 1 / -1; }
input, select { font: inherit; font-size: 17px; min-height: 48px; width: 100%; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); }
.act { display: flex; gap: 14px; align-items: center; }
.act .plain { min-height: 56px; flex: 1; }
.problem { color: var(--float); margin: 0; }
</style>
