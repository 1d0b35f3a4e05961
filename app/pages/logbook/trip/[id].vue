<script setup lang="ts">
import { computed, ref } from 'vue'
import { nanoid } from 'nanoid'
import { sumOf, tallyOf } from '#core/evidence'
import type { Reading } from '#core/reading'
import { type Stint, type Trip, type TripEvent, withChanged, withDetail, withForgotten, withoutEvent, withoutStint } from '#core/tackle'
import { formatQuantity } from '#core/units'
import { capital, counted, speciesLabel, wordFor, words } from '~/text/labels'
import { hoursFigure } from '~/text/log-words'
import { localIso, weekdayLong } from '~/text/dates'
import { plain } from '~/workers/plain'

const route = useRoute()
const box = useBoxStore()
const photos = usePhotosStore()
const names = useLogNames()
const chosen = ref<string | null>(null)
const trip = computed((): Trip | null => box.box.trips.find(t => t.id === route.params.id) ?? null)
const tally = computed(() => sumOf((trip.value?.stints ?? []).map(tallyOf)))
const events = computed(() => (trip.value?.stints ?? []).flatMap(s => s.events ?? []))
const pictures = computed(() => events.value.filter(e => photos.ofEvents.has(e.id)))
/** Each reading once, with the time from which it held. */
const readings = computed(() => {
  const seen = new Set<string>()
  return (trip.value?.stints ?? []).flatMap((s) => {
    const key = JSON.stringify(s.reading ?? null)
    if (!s.reading || seen.has(key)) return []
    seen.add(key)
    return [{ at: s.start, reading: s.reading as Reading }]
  })
})
const fieldsOf = ({ species, temperatureC, visibilityM, sky, windMs, fishFromM, fishToM, cover, mood }: Reading) => [
  capital(speciesLabel(species)), formatQuantity('temperature', temperatureC, { system: names.value.units }), visibilityM == null ? null : `sees ${formatQuantity('depth', visibilityM, { system: names.value.units })}`, sky ?? null,
  windMs == null ? null : `wind ${formatQuantity('speed', windMs, { system: names.value.units, decimals: 0 })}`, fishFromM == null || fishToM == null ? null : `fish ${formatQuantity('depth', fishFromM, { system: names.value.units })} to ${formatQuantity('depth', fishToM, { system: names.value.units })}`,
  cover?.length ? cover.map(words).join(', ') : null, mood ?? null,
].filter(Boolean).join(' · ')

async function write(next: Trip, text: string) {
  await box.change({ put: { trips: [plain(next)] } }, text)
}
const change = (stint: Stint, about: Partial<Stint>) => write(withChanged(trip.value!, stint.id, s => ({ ...s, ...about })), 'The stretch is corrected.')
const add = (stint: Stint, kind: TripEvent['kind']) => write(withChanged(trip.value!, stint.id, s => ({ ...s, events: [...s.events ?? [], { id: nanoid(), at: s.end ?? s.start, kind, species: (s.reading as Reading | undefined)?.species ?? null }] })), `${capital(words(kind))} is added.`)
/** A stretch that was not noted: half an hour with the same lure after the last one, to be corrected in its row. */
const FORGOTTEN_MS = 30 * 60_000
async function forgotten() {
  const last = trip.value!.stints?.at(-1)
  const start = last?.end ?? last?.start ?? trip.value!.start
  const lureId = last?.lureId ?? box.box.lures[0]?.id
  if (!lureId) return
  const id = nanoid()
  await write(withForgotten(trip.value!, { id, lureId, start, end: localIso(Date.parse(start) + FORGOTTEN_MS), events: [], ...(last?.reading ? { reading: last.reading } : {}) }), 'A stretch is added.')
  added.value = id
}
const added = ref<string | null>(null)
async function remove() {
  await box.change({ remove: { trips: [trip.value!.id], eventPhotos: pictures.value.map(e => e.id) } }, 'The trip is gone.')
  await navigateTo('/logbook')
}
</script>

<template>
  <div class="trip-page">
    <p v-if="!trip" class="reason">There is no such trip in the log; perhaps it was joined to another. <NuxtLink to="/logbook">All trips</NuxtLink></p>
    <template v-else>
      <div class="heading">
        <h2>{{ weekdayLong(trip.start) }}</h2>
        <label class="place"><span class="sr">Water</span><select :value="trip.placeId ?? ''" @change="write({ ...trip!, placeId: ($event.target as HTMLSelectElement).value || null }, 'The water is changed.')"><option value="">no water noted</option><option v-for="p in box.places" :key="p.id" :value="p.id">{{ p.name }}</option></select></label>
        <p class="sum"><b class="figure">{{ hoursFigure(tally.hours) }}</b> h · <b class="figure">{{ tally.casts }}</b> {{ wordFor(tally.casts, 'cast') }} · <b class="figure">{{ tally.contacts }}</b> {{ wordFor(tally.contacts, 'contact') }} · <b class="figure">{{ tally.landed }}</b> landed<template v-if="tally.follows > 0"> · {{ counted(tally.follows, 'follow') }}</template></p>
      </div>
      <p v-for="r in readings" :key="r.at" class="reading">{{ fieldsOf(r.reading) }}</p>
      <NotesLines :trip-id="trip.id" />
      <TripCut v-if="(trip.stints ?? []).length > 0" :trip="trip" :chosen-id="chosen" @choose="id => chosen = id" />
      <p class="reason soft key">Line: the depth that was fished. Red: landed; white: other contacts. Tap a mark to open it.</p>
      <div v-if="pictures.length > 0" class="pictures"><button v-for="e in pictures" :key="e.id" type="button" @click="chosen = e.id"><img :src="photos.urlOf(e.id)!" :alt="`Picture: ${words(e.kind)}`" /></button></div>
      <section v-if="(trip.pairs ?? []).length > 0" class="pairs" aria-label="Pairs fished in turn"><h3>Fished in turn</h3><PairVerdict v-for="pair in trip.pairs" :key="pair.id" :pair="pair" /></section>
      <StintRow v-for="s in trip.stints ?? []" :key="s.id" :stint="s" :begun="added === s.id" :trip-id="trip.id" :chosen-id="chosen" @choose="id => chosen = id" @change="about => change(s, about)" @remove="write(withoutStint(trip!, s.id), 'The stretch is out of the log.')" @add="kind => add(s, kind)" @detail="(id, about) => write(withDetail(trip!, id, about), 'The event is corrected.')" @remove-event="id => write(withoutEvent(trip!, id), 'The event is out of the log.')" />
      <div class="end"><NuxtLink to="/logbook" class="quiet">all trips</NuxtLink><button v-if="trip.end && box.box.lures.length > 0" type="button" class="quiet" @click="forgotten">add a stretch that was forgotten</button><button type="button" class="quiet" @click="remove">take the trip out of the log</button></div>
    </template>
  </div>
</template>

<style scoped>
.trip-page { padding: 6px 18px 60px; max-width: 1020px; }
.heading > * { max-width: 100%; }
.heading { display: flex; align-items: baseline; gap: 4px 22px; flex-wrap: wrap; }
h2 { font-size: 22px; }
select { font: inherit; min-height: 40px; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); }
.sum { margin: 0; }
.sum .figure { font-size: 17px; }
.reading { margin: 2px 0 6px; color: var(--soft-ink); }
.key { font-size: 13.5px; margin: 2px 0 8px; }
.pairs { margin: 8px 0; }
.pairs h3 { font-size: 17px; margin: 0; }
.soft { color: var(--soft-ink); }
.pictures { display: flex; gap: 8px; overflow-x: auto; padding-bottom: 8px; }
.pictures button { border: 1px solid var(--rule); padding: 0; background: none; cursor: pointer; }
.pictures img { height: 110px; display: block; }
.end { display: flex; gap: 20px; padding-top: 10px; border-top: 1px solid var(--ink); }
@media (max-width: 700px) { .trip-page { padding-inline: 10px; } }
</style>
