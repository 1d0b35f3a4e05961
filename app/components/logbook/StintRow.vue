<script setup lang="ts">
import { computed, ref } from 'vue'
import { tallyOf } from '#core/evidence'
import type { Stint, TripEvent } from '#core/tackle'
import { EVENT_KINDS } from '#core/terms'
import { clock, forInput, localIso } from '~/text/dates'
import { counted, words } from '~/text/labels'
import { hoursFigure } from '~/text/log-words'

/** One stretch of a trip: what was fished and how, everything correctable, with its events. */
/** `begun`: just added, to be filled in. */
const props = defineProps<{ stint: Stint, tripId: string, chosenId: string | null, begun?: boolean }>()
const emit = defineEmits<{ change: [about: Partial<Stint>], remove: [], choose: [eventId: string | null], detail: [eventId: string, about: Partial<TripEvent>], removeEvent: [eventId: string], add: [kind: TripEvent['kind']] }>()
const box = useBoxStore()
const problem = ref('')
const editing = ref(props.begun ?? false)
const adding = ref(false)
const tally = computed(() => tallyOf(props.stint))
const lure = computed(() => box.lureById.get(props.stint.lureId) ?? null)
const items = computed(() => box.box.lures.map(l => ({ value: l.id, title: l.name })))
const typed = (event: Event) => (event.target as HTMLInputElement).value
/** Deepest water and fastest pace that a file takes [m, m/s]. */
const QUANTITIES = [{ key: 'depthM', label: 'depth', dimension: 'depth', max: 300 }, { key: 'speedMs', label: 'speed', dimension: 'speed', max: 12 }] as const

function time(key: 'start' | 'end', text: string) {
  problem.value = ''
  const at = Date.parse(text)
  if (Number.isNaN(at)) problem.value = `Not stored: the ${key === 'start' ? 'beginning' : 'end'} must be a date and time.`
  else if (key === 'end' && at < Date.parse(props.stint.start)) problem.value = 'Not stored: the end lies before the beginning.'
  else emit('change', { [key]: localIso(at) })
}
function casts(text: string) {
  problem.value = ''
  const count = text.trim() === '' ? null : Number(text)
  if (count !== null && !(Number.isInteger(count) && count >= 0)) problem.value = `Not stored: casts must be a whole number, got "${text}".`
  else emit('change', { casts: count })
}
</script>

<template>
  <section class="stint" :aria-label="lure?.name ?? stint.lureId">
    <LureDrawing v-if="lure" :lure="lure" small class="drawing" />
    <div class="what">
      <p class="line"><b>{{ lure?.name ?? `gone from the box (${stint.lureId})` }}</b> <span class="figure">{{ clock(stint.start) }}–{{ clock(stint.end) }}</span> · {{ hoursFigure(tally.hours) }} h<template v-if="stint.casts != null"> · {{ counted(stint.casts, 'cast') }}</template> · {{ counted(tally.contacts, 'contact') }}, {{ tally.landed }} landed <button type="button" class="quiet" :aria-expanded="editing" @click="editing = !editing">{{ editing ? 'done' : 'correct' }}</button></p>
      <div v-if="editing" class="fields">
        <label class="wide"><span class="small-label">lure</span><v-autocomplete :model-value="stint.lureId" :items="items" aria-label="lure" @update:model-value="id => id && emit('change', { lureId: id })" /></label>
        <label><span class="small-label">from</span><input type="datetime-local" :value="forInput(stint.start)" @change="time('start', typed($event))" /></label>
        <label><span class="small-label">to</span><input type="datetime-local" :value="forInput(stint.end)" @change="time('end', typed($event))" /></label>
        <label><span class="small-label">casts</span><input :value="stint.casts ?? ''" inputmode="numeric" @change="casts(typed($event))" /></label>
        <QuantityField v-for="q in QUANTITIES" :key="q.key" :label="q.label" :dimension="q.dimension" :value="stint[q.key]" :max="q.max" @change="value => emit('change', { [q.key]: value })" />
        <button type="button" class="quiet" @click="emit('remove')">take this stretch out</button>
      </div>
      <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
      <div class="events">
        <template v-for="e in stint.events ?? []" :key="e.id">
          <button type="button" class="mark" :class="e.kind" :aria-expanded="chosenId === e.id" @click="emit('choose', chosenId === e.id ? null : e.id)">{{ clock(e.at) }} {{ words(e.kind) }}</button>
        </template>
        <button type="button" class="quiet" :aria-expanded="adding" @click="adding = !adding">+ add</button>
        <span v-if="adding" class="choices" role="group" aria-label="What happened"><button v-for="kind in EVENT_KINDS" :key="kind" type="button" class="choice" @click="emit('add', kind); adding = false">{{ words(kind) }}</button></span>
      </div>
      <template v-for="e in stint.events ?? []" :key="`d${e.id}`"><EventDetail v-if="chosenId === e.id" :event="e" :trip-id="tripId" class="open" @detail="about => emit('detail', e.id, about)" @remove="emit('removeEvent', e.id)" @close="emit('choose', null)" /></template>
    </div>
  </section>
</template>

<style scoped>
.stint { display: grid; grid-template-columns: 120px 1fr; gap: 14px; border-top: 1px solid var(--rule); padding: 8px 0; align-items: start; }
.drawing { width: 120px; height: 50px; }
.line { margin: 0; }
.line b { font-size: 16px; }
.fields { display: grid; grid-template-columns: repeat(auto-fit, minmax(140px, 1fr)); gap: 8px 14px; margin: 6px 0; align-items: end; }
.fields label { display: flex; flex-direction: column; }
input { font: inherit; min-height: 40px; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); min-width: 0; color-scheme: light; }
.events { display: flex; flex-wrap: wrap; gap: 5px; margin-top: 5px; align-items: center; }
.mark { border: 1px solid var(--rule); background: transparent; border-radius: 3px; padding: 3px 8px; min-height: 34px; cursor: pointer; }
.mark.landed { border-color: var(--float); font-weight: 620; }
.mark[aria-expanded='true'] { background: var(--ink); color: var(--leaf); }
.open { border-left: 4px solid var(--float); padding-left: 12px; margin-top: 6px; max-width: 560px; }
.problem { color: var(--float); margin: 4px 0; }
@media (max-width: 700px) { .stint { grid-template-columns: 1fr; } .drawing { display: none; } .mark { min-height: 44px; } }
</style>
