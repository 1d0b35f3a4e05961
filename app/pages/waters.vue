<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref, useTemplateRef } from 'vue'
import type { NotedReading } from '#core/reading'
import { formatQuantity } from '#core/units'
import { capital, forageLabel, speciesLabel, words } from '~/text/labels'
import { clock, momentShort } from '~/text/dates'

/** Home waters: what they are usually like, and what was read of them by date. */
const box = useBoxStore()
const store = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const chosenId = ref<string | null>(null)
/** What the water is usually like is set once and read often: folded until it is to be changed. */
const isEditing = ref(false)
const chosen = computed(() => box.places.find(p => p.id === chosenId.value) ?? store.place ?? box.places[0] ?? null)
const written = computed(() => store.written.filter(n => n.placeId === chosen.value?.id))
/** Readings shown of those that are written down. */
const SHOWN = 40
const { shown: list, left, more } = useFirst(() => runs.value, SHOWN)
const notedIds = computed(() => new Set(box.noted.map(n => n.id)))
/** What is told of a reading in its line. */
const told = ({ reading, levelM }: NotedReading) => [
  `${speciesLabel(reading.species)}, ${quantity('temperature', reading.temperatureC)}`, reading.visibilityM == null ? '' : `sees ${quantity('depth', reading.visibilityM)}`, reading.sky ? words(reading.sky) : '', levelM == null ? '' : `at ${quantity('depth', levelM)} on your mark`,
].filter(Boolean).join(', ')
/** Newest first; what a day repeated is one line, from its first hour to its last. */
const runs = computed(() => {
  const lines: { last: NotedReading, first: NotedReading, text: string, isNoted: boolean }[] = []
  for (const note of [...written.value].reverse()) {
    const line = lines.at(-1)
    const isNoted = notedIds.value.has(note.id)
    const text = told(note)
    if (line && !isNoted && !line.isNoted && line.text === text && line.last.at.slice(0, 10) === note.at.slice(0, 10)) line.first = note
    else lines.push({ last: note, first: note, text, isNoted })
  }
  return lines
})
const whenOf = ({ first, last }: { readonly first: NotedReading, readonly last: NotedReading }) => (first === last ? momentShort(last.at) : `${momentShort(first.at)}–${clock(last.at)}`)

/** Height of the water at the angler's own mark, to be written down with the reading. */
const levelM = ref<number | null>(null)
const mark = useTemplateRef<{ isSettled: () => boolean }>('mark')
async function writeDown() {
  // What was typed and not understood stands in its field with the reason; the reading waits for it.
  if (mark.value && !mark.value.isSettled()) return
  await store.note(nanoid(10), new Date(), levelM.value)
  levelM.value = null
}

async function add() {
  const id = nanoid(10)
  const { water, latitude, longitude, visibilityM, stain } = store.complete.reading
  await box.change({ put: { places: [{ id, name: 'New water', water, latitude, longitude, visibilityM, stain, species: [store.reading.species], forage: [] }] } }, 'A home water is added where the reading stands: give it its name.')
  chosenId.value = id
  isEditing.value = true
}
const quantity = (dimension: 'depth' | 'temperature', value: number) => formatQuantity(dimension, value, { system: units.value })
/** The water in a line, as one would tell it to a friend. */
const inWords = computed(() => {
  const place = chosen.value
  if (!place) return ''
  return [
    [place.water ? words(place.water) : '', place.visibilityM == null ? '' : `a lure vanishes at about ${quantity('depth', place.visibilityM)}`, place.stain ?? ''].filter(Boolean).join(', '),
    place.species?.length ? `fish: ${place.species.map(speciesLabel).join(', ')}` : '', place.forage?.length ? `they eat ${place.forage.map(forageLabel).join(', ')}` : '',
  ].filter(Boolean).map(capital).join('. ')
})
</script>

<template>
  <div class="waters">
    <div class="head"><h1>Waters</h1>
      <div class="choices"><button v-for="p in box.places" :key="p.id" type="button" class="choice" :aria-pressed="chosen?.id === p.id" @click="chosenId = p.id">{{ p.name }}</button><button type="button" class="quiet" @click="add">add a water</button></div>
    </div>
    <p v-if="!chosen" class="reason">No home water yet. Add one: its usual clarity, salt and fish then fill the reading when you go there, and what you write down makes its charts.</p>
    <template v-else>
      <div class="about"><p class="reason">{{ inWords }}. <button type="button" class="quiet" :aria-expanded="isEditing" @click="isEditing = !isEditing">{{ isEditing ? 'done' : 'change this' }}</button></p><button type="button" class="hot" @click="store.goTo(chosen)">Read {{ chosen.name }} now</button></div>
      <PlaceEditor v-if="isEditing" :key="chosen.id" :place="chosen" />
      <WaterYear :key="chosen.id" :place="chosen" :written="written" />
      <h2>Written down</h2>
      <div v-if="store.place?.id === chosen.id" class="mark"><QuantityField ref="mark" label="Water at your mark" dimension="depth" :value="levelM" :min="-1000" :max="10000" @change="levelM = $event" /><button type="button" class="plain" @click="writeDown">Write this reading down</button><span class="reason">A gauge, a step, a stone: any zero will do, the same each time. Without a figure the reading alone is written down.</span></div>
      <p v-if="written.length === 0" class="reason">Nothing yet. The strip above has “Write this reading down” under the name of the water; trips add theirs.</p>
      <ul v-else>
        <li v-for="run in list" :key="run.last.id">
          <b>{{ whenOf(run) }}</b>
          <span>{{ run.text }}</span>
          <button type="button" class="quiet" @click="store.change({ ...run.last.reading })">read it again</button>
          <button v-if="run.isNoted" type="button" class="quiet" :aria-label="`Strike the reading of ${momentShort(run.last.at)}`" @click="box.change({ remove: { readings: [run.last.id] } }, 'The reading is struck.')">×</button>
          <span v-else class="from">from a trip</span>
        </li>
      </ul>
      <MoreOf :left="left" of="readings" @more="more" />
    </template>
  </div>
</template>

<style scoped>
.waters { padding: 10px 18px 60px; }
.head { display: flex; gap: 24px; align-items: baseline; flex-wrap: wrap; margin-bottom: 8px; }
h1 { font-size: 24px; }
h2 { font-size: 18px; margin: 14px 0 4px; }
.about { display: flex; flex-wrap: wrap; gap: 8px 28px; align-items: center; justify-content: space-between; margin-bottom: 10px; }
.about p { margin: 0; flex: 1 1 420px; max-width: 90ch; }
.mark { display: flex; flex-wrap: wrap; gap: 8px 16px; align-items: center; margin: 6px 0 12px; }
.mark .quantity { flex: 0 0 190px; }
.mark .reason { flex: 1 1 320px; color: var(--soft-ink); }
ul { list-style: none; padding: 0; margin: 0; max-width: 860px; }
li { display: grid; grid-template-columns: 220px 1fr auto 80px; gap: 14px; align-items: center; border-top: 1px solid var(--rule); min-height: 44px; }
.from { color: var(--soft-ink); font-size: 13px; }
@media (max-width: 700px) { li { grid-template-columns: 1fr auto; gap: 0 14px; padding: 6px 0; } li .quiet { text-align: left; padding-left: 0; } .waters { padding-inline: 10px; } }
</style>
