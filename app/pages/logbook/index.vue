<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { sumOf, tallyOf } from '#core/evidence'
import { compareTrips, type Precision, PRECISIONS, type TripsRead } from '#core/files'
import type { Reading } from '#core/reading'
import { merged, type Trip } from '#core/tackle'
import { formatQuantity } from '#core/units'
import { inWords } from '#speech'
import { blurSide, speciesLabel, wordFor } from '~/text/labels'
import { hoursFigure } from '~/text/log-words'
import type { TripFormat } from '~/workers/logbook.protocol'
import { dayShort } from '~/text/dates'

const box = useBoxStore()
const log = useLogbookStore()
const names = useLogNames()
const download = useDownload()
const SHOWN = 40
const shown = ref(SHOWN)
const picked = shallowRef<ReadonlySet<string>>(new Set())
const precision = ref<Precision>('blurred')
const incoming = shallowRef<{ name: string, read: TripsRead } | null>(null)
const problem = ref('')

const trips = computed(() => [...box.box.trips].sort((a, b) => Date.parse(b.start) - Date.parse(a.start)).map((trip) => {
  const stints = trip.stints ?? []
  const species = [...new Set(stints.flatMap(s => (s.reading ? [(s.reading as Reading).species] : [])))]
  return { trip, ...sumOf(stints.map(tallyOf)), species: species.map(speciesLabel).join(', '), temperature: stints.flatMap(s => (s.reading ? [(s.reading as Reading).temperatureC] : []))[0] ?? null }
}))
const total = computed(() => sumOf(trips.value))
const plan = computed(() => (incoming.value ? compareTrips(box.box.trips, incoming.value.read.trips) : null))
const FORMATS: { id: TripFormat, name: string, type: string }[] = [{ id: 'csv', name: 'table (CSV)', type: 'text/csv' }, { id: 'gpx', name: 'waypoints (GPX)', type: 'application/gpx+xml' }, { id: 'geojson', name: 'map points (GeoJSON)', type: 'application/geo+json' }]
const chosenTrips = computed((): readonly Trip[] => (picked.value.size > 0 ? box.box.trips.filter(t => picked.value.has(t.id)) : box.box.trips))
const yearOf = (at: string) => at.slice(0, 4)

function pick(id: string) {
  const next = new Set(picked.value)
  if (!next.delete(id)) next.add(id)
  picked.value = next
}
async function attempt(work: () => Promise<void>) {
  problem.value = ''
  try {
    await work()
  }
  catch (error) {
    problem.value = `${(error as Error).message}. Nothing was changed.`
  }
}
const keep = ({ id, type }: typeof FORMATS[number]) => attempt(async () => download(`ygrion-trips.${id}`, await log.written(chosenTrips.value, id, precision.value), type))
const join = () => attempt(async () => {
  const list = chosenTrips.value
  const one = list.slice(1).reduce((a, b) => merged(a, b), list[0]!)
  await box.change({ put: { trips: [structuredClone(one)] }, remove: { trips: list.map(t => t.id).filter(id => id !== one.id) } }, `${list.length} trips are one now.`)
  picked.value = new Set()
})
const remove = () => attempt(async () => {
  const ids = [...picked.value]
  await box.change({ remove: { trips: ids } }, ids.length === 1 ? 'The trip is gone.' : `${ids.length} trips are gone.`)
  picked.value = new Set()
})
const choose = (event: Event) => attempt(async () => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) incoming.value = { name: file.name, read: await log.read(new Uint8Array(await file.arrayBuffer())) }
})
const write = () => attempt(async () => {
  const { fresh, changed } = plan.value!
  await box.change({ put: { trips: structuredClone([...fresh, ...changed]) } }, `${fresh.length} ${wordFor(fresh.length, 'trip')} came in from ${incoming.value!.name}, ${changed.length} changed.`)
  incoming.value = null
})
</script>

<template>
  <div class="trips-page">
    <p v-if="trips.length === 0" class="reason lead">No trip yet. On the water, <NuxtLink to="/trip">Trip</NuxtLink> keeps what you fished, how long, and what came; from then on this book tells what drew fish in which water, and how sure that is. A table from elsewhere can be brought in below.</p>
    <p v-else class="sum"><b class="figure">{{ trips.length }}</b> {{ wordFor(trips.length, 'trip') }} · <b class="figure">{{ hoursFigure(total.hours) }}</b> h · <b class="figure">{{ total.contacts }}</b> {{ wordFor(total.contacts, 'contact') }} · <b class="figure">{{ total.landed }}</b> landed</p>
    <table v-if="trips.length > 0" class="list">
      <thead><tr><th /><th scope="col">day</th><th scope="col">water</th><th scope="col" class="cut">the day: where it was fished, and where fish were</th><th scope="col" class="number">hours</th><th scope="col" class="number">contacts</th><th scope="col" class="number">landed</th></tr></thead>
      <tbody>
        <tr v-for="({ trip, hours, contacts, landed, species, temperature }, i) in trips.slice(0, shown)" :key="trip.id" :class="{ turn: i === 0 || yearOf(trips[i - 1]!.trip.start) !== yearOf(trip.start) }">
          <td><label class="tick"><input type="checkbox" :checked="picked.has(trip.id)" :aria-label="`Pick the trip of ${dayShort(trip.start)}`" @change="pick(trip.id)" /></label></td>
          <th scope="row"><NuxtLink :to="`/logbook/trip/${encodeURIComponent(trip.id)}`">{{ dayShort(trip.start) }}<span class="year">{{ yearOf(trip.start) }}</span></NuxtLink></th>
          <td class="where">{{ trip.placeId ? names.place(trip.placeId) : '–' }}<span class="soft">{{ species }}<template v-if="temperature !== null">, {{ formatQuantity('temperature', temperature, { system: names.units }) }}</template></span></td>
          <td class="cut"><NuxtLink :to="`/logbook/trip/${encodeURIComponent(trip.id)}`" :aria-label="`Open the trip of ${dayShort(trip.start)} ${yearOf(trip.start)}`"><TripCut :trip="trip" small /></NuxtLink></td>
          <td class="number">{{ hoursFigure(hours) }}</td><td class="number figure">{{ contacts }}</td><td class="number figure">{{ landed }}</td>
        </tr>
      </tbody>
    </table>
    <button v-if="trips.length > shown" type="button" class="plain" @click="shown += 100">{{ trips.length - shown }} earlier trips</button>
    <div v-if="picked.size > 0" class="bulk" role="group" aria-label="Picked trips"><b>{{ picked.size }} picked</b><button type="button" class="plain" :disabled="picked.size < 2" @click="join">Make them one trip</button><button type="button" class="plain" @click="remove">Take out of the log</button><button type="button" class="quiet" @click="picked = new Set()">none</button></div>

    <PastDay v-if="box.box.lures.length > 0" />
    <section class="exchange">
      <h2>Keep and bring in</h2>
      <div class="row"><span>Keep {{ picked.size > 0 ? `the ${picked.size} picked` : 'all trips' }} as</span><button v-for="f in FORMATS" :key="f.id" type="button" class="plain" :disabled="chosenTrips.length === 0" @click="keep(f)">{{ f.name }}</button></div>
      <div class="row"><span>Places in GPX and GeoJSON</span><span class="choices" role="group" aria-label="How exact"><button v-for="p in PRECISIONS" :key="p" type="button" class="choice" :aria-pressed="precision === p" @click="precision = p">{{ p === 'blurred' ? `to about ${blurSide(names.units)}` : 'exact' }}</button></span></div>
      <p class="reason soft">Events with a position become points. Usually they are moved to the middle of a square of about {{ blurSide(names.units) }}, so that a file given away names the water and not the spot. The table holds everything as it is, positions too.</p>
      <div class="row"><label class="plain file">Bring in trips or a catch diary<input type="file" accept=".csv,text/csv,text/plain" class="sr" @change="choose" /></label></div>
      <p class="reason soft">Any table with a date and a lure in each row, as CSV: headings, units, dates and languages of your own are understood, and what was taken for what is shown before anything is written.</p>
      <div v-if="incoming && plan" class="preview" role="status">
        <p><b>{{ incoming.name }}</b>: {{ plan.fresh.length }} new {{ wordFor(plan.fresh.length, 'trip') }}, {{ plan.changed.length }} that change, {{ plan.same }} the same<template v-if="incoming.read.issues.length > 0">; {{ incoming.read.issues.length }} cannot be read</template>.</p>
        <ul v-if="incoming.read.issues.length > 0" class="issues"><li v-for="(issue, i) in incoming.read.issues.slice(0, 12)" :key="i" class="reason">{{ issue.path }}: {{ inWords(issue.message) }}</li></ul>
        <template v-if="incoming.read.notes.length > 0">
          <p>Understood:</p>
          <ul class="issues"><li v-for="(note, i) in incoming.read.notes.slice(0, 12)" :key="i" class="reason">{{ note.path }}: {{ inWords(note.message) }}</li></ul>
          <p v-if="incoming.read.notes.length > 12" class="soft">and {{ incoming.read.notes.length - 12 }} more like these</p>
        </template>
        <div class="row"><button type="button" class="hot" :disabled="plan.fresh.length + plan.changed.length === 0" @click="write">Write {{ plan.fresh.length + plan.changed.length }} {{ wordFor(plan.fresh.length + plan.changed.length, 'trip') }}</button><button type="button" class="quiet" @click="incoming = null">leave it</button></div>
      </div>
      <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    </section>
  </div>
</template>

<style scoped>
.trips-page { padding: 6px 18px 60px; max-width: 1120px; display: flex; flex-direction: column; gap: 10px; }
.lead { max-width: 70ch; }
.sum { margin: 2px 0; }
.sum .figure { font-size: 18px; }
.list { border-collapse: collapse; width: 100%; }
thead th { text-align: left; font-size: 11.5px; letter-spacing: 0.04em; color: var(--soft-ink); font-weight: 550; }
tbody tr { border-top: 1px solid var(--rule); }
tbody tr.turn { border-top-color: var(--ink); }
td, th { padding: 3px 14px 3px 0; }
tbody th { text-align: left; white-space: nowrap; }
tbody th a { text-decoration: none; font-weight: 640; font-size: 16px; font-stretch: 88%; display: inline-flex; flex-direction: column; line-height: 1.1; min-height: 40px; justify-content: center; }
.year { font-size: 11.5px; color: var(--soft-ink); font-weight: 450; }
.where { max-width: 260px; }
.where .soft { display: block; font-size: 12.5px; }
.cut { width: 52%; }
.number { text-align: right !important; }
.tick { display: flex; min-width: 40px; min-height: 44px; align-items: center; justify-content: center; }
.tick input { width: 18px; height: 18px; accent-color: var(--ink); }
.soft { color: var(--soft-ink); }
.bulk { position: sticky; bottom: var(--foot); background: var(--leaf); border: 1px solid var(--ink); border-radius: 3px; padding: 8px 12px; display: flex; gap: 10px; align-items: center; flex-wrap: wrap; z-index: 2; }
.exchange { border-top: 1px solid var(--ink); padding-top: 4px; }
h2 { font-size: 17px; }
.row { display: flex; gap: 8px 10px; align-items: center; flex-wrap: wrap; margin-top: 6px; }
.file { display: inline-flex; align-items: center; }
.file:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.exchange p { margin: 6px 0 0; max-width: 76ch; }
.issues { padding-left: 18px; margin: 4px 0; }
.problem { color: var(--float); }
@media (max-width: 700px) { .trips-page { padding-inline: 8px; } .cut { display: none; } td, th { padding-right: 6px; } thead .number { font-size: 10px; } }
</style>
