<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { byMonth, tallyOf } from '#core/evidence'
import type { Place } from '#core/files'
import type { NotedReading } from '#core/reading'
import { dayOfYear, phasesOfYear, usualYear } from '#core/season'
import { SPECIES, type SpeciesId } from '#core/terms'
import { formatNumber, formatQuantity, shownUnit } from '#core/units'
import { waterYear } from '~/charts/water-year'
import { dayLong } from '~/text/dates'
import { capital, speciesLabel, words } from '~/text/labels'
import { hoursFigure, monthName } from '~/text/log-words'

/** A year of one water on one line of time: the phases of its fish, temperature about the usual year, visibility, and what was fished. */
const props = defineProps<{ place: Place, written: readonly NotedReading[] }>()
const box = useBoxStore()
const store = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const chosenFish = ref<SpeciesId | null>(null)
/** A fish that this version does not know has no phases here. */
const fishHere = computed(() => {
  const known = (props.place.species ?? []).filter(f => SPECIES.includes(f))
  return known.length > 0 ? known : [store.reading.species]
})
const fish = computed(() => (chosenFish.value && fishHere.value.includes(chosenFish.value) ? chosenFish.value : fishHere.value.includes(store.reading.species) ? store.reading.species : fishHere.value[0]!))
const latitude = computed(() => props.place.latitude ?? store.complete.reading.latitude)
/** Days that are drawn one by one: more would lie on one another. */
const NEWEST = 150
/** One figure a day teaches as much as ten: the day is what differs from the usual year. */
const daily = computed(() => {
  const days = new Map<string, NotedReading>()
  for (const note of props.written) {
    const day = note.at.slice(0, 10)
    days.set(day, { ...note, levelM: note.levelM ?? days.get(day)?.levelM ?? null })
  }
  return [...days.values()]
})
const year = computed(() => usualYear(daily.value.map(({ at, reading }) => ({ at, temperatureC: reading.temperatureC })), latitude.value))
const phases = computed(() => phasesOfYear(fish.value, year.value, latitude.value))
const months = computed(() => byMonth(box.box.trips.filter(t => t.placeId === props.place.id).flatMap(t => t.stints ?? []).map(stint => ({ ...tallyOf(stint), start: stint.start }))))

/** Room for the figures beside the drawing [px]. */
const AROUND = { left: 44, right: 12 } as const
const WIDEST = 1280
/** A month is told by its first letter where there is no room for more [px a month]. */
const ROOM_FOR_MONTH = 34
/** A phase is named where it has so much room, by letter [px]. */
const LETTER = 7
const room = useRoom(useTemplateRef<SVGElement>('drawing'), WIDEST)
const width = computed(() => room.value - AROUND.left - AROUND.right)
const chart = computed(() => waterYear({ year: year.value, phases: phases.value, readings: daily.value.slice(-NEWEST).map(({ at, reading, levelM }) => ({ at, temperatureC: reading.temperatureC, visibilityM: reading.visibilityM ?? null, levelM: levelM ?? null })), months: months.value }, width.value))
const monthShown = (month: number) => (width.value / 12 < ROOM_FOR_MONTH ? monthName(month).slice(0, 1) : monthName(month))
const quantity = (dimension: 'temperature' | 'depth', value: number) => formatQuantity(dimension, value, { system: units.value })
const figure = (dimension: 'temperature' | 'depth', value: number) => formatNumber(dimension, value, { system: units.value })
/** The day on the strip. */
const now = computed(() => store.complete.reading.at)

/** What the drawing shows, month by month, for the table and for those who hear it. */
const MIDDLE = 15
const table = computed(() => months.value.map((m, month) => {
  const day = dayOfYear(`2026-${String(month + 1).padStart(2, '0')}-${MIDDLE}`)
  const read = daily.value.filter(n => Number(n.at.slice(5, 7)) === month + 1)
  const range = (dimension: 'temperature' | 'depth', list: readonly number[]) => (list.length === 0 ? '–' : [...new Set([Math.min(...list), Math.max(...list)])].map(value => quantity(dimension, value)).join(' to '))
  return [
    monthName(month), words(phases.value.find(p => day >= p.fromDay && day <= p.toDay)!.phase), quantity('temperature', year.value(day).temperatureC),
    range('temperature', read.map(n => n.reading.temperatureC)), range('depth', read.flatMap(n => n.reading.visibilityM ?? [])), range('depth', read.flatMap(n => n.levelM ?? [])), `${hoursFigure(m.hours)} h`, m.contacts, m.landed,
  ]
}))
const spoken = computed(() => table.value.map(([month, phase, usual, , , , hours, contacts, landed]) => `${month}: ${phase}, usually ${usual}, ${hours}, ${contacts} contacts, ${landed} landed`).join('; '))
const spawns = computed(() => (phases.value.some(p => p.phase === 'spawn') ? ' While they spawn, closed seasons and local rules come first.' : ''))
const learnt = computed(() => (daily.value.length === 0 ? 'nothing was read here yet, so from the latitude alone' : `from the latitude and ${daily.value.length} ${daily.value.length === 1 ? 'day' : 'days'} on which it was read`))
</script>

<template>
  <ChartFrame title="A year of this water" :columns="['month', 'phase', 'usual temperature', 'read', 'visibility', 'water at your mark', 'hours', 'contacts', 'landed']" :empty="false" :rows="() => table" :note="`Line and band: the usual year and where nine days of ten lie, ${learnt}. Dots: what was read${daily.length > NEWEST ? ` on the newest ${NEWEST} days` : ''}. The phases follow from it; a cold spring moves them.${spawns}`">
    <svg ref="drawing" class="water-year" :viewBox="`${-AROUND.left} 0 ${room} ${chart.rows.height}`" role="img" :aria-label="`Phases of ${speciesLabel(fish)}, temperature, visibility and fish by month. ${spoken}`">
      <text v-for="(m, i) in chart.months" :key="`m${i}`" :x="m.x + m.width / 2" y="13" text-anchor="middle">{{ monthShown(i) }}</text>
      <g v-for="p in chart.phases" :key="`${p.phase}${p.x}`"><title>{{ capital(words(p.phase)) }}</title><rect :x="p.x" :y="chart.rows.phases.top" :width="p.width" :height="chart.rows.phases.bottom - chart.rows.phases.top" class="phase" :class="{ spawn: p.phase === 'spawn' }" /><text v-if="p.width > LETTER * p.phase.length + 6" :x="p.x + p.width / 2" :y="chart.rows.phases.top + 17" text-anchor="middle" :class="{ on: p.phase === 'spawn' }">{{ words(p.phase) }}</text></g>

      <text :x="-AROUND.left" :y="chart.rows.temperature.top - 14" class="title">Water temperature, {{ shownUnit('temperature', units).symbol }}</text>
      <path :d="chart.band" class="band" />
      <g v-for="t in chart.temperatureTicks" :key="`t${t.value}`"><line :x2="width" :y1="t.y" :y2="t.y" class="rule" /><text x="-7" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ figure('temperature', t.value) }}</text></g>
      <path :d="chart.usual" class="usual" />
      <circle v-for="(s, i) in chart.temperatures" :key="`c${i}`" :cx="s.x" :cy="s.y" r="4" class="read"><title>{{ dayLong(s.reading.at) }}: {{ quantity('temperature', s.reading.temperatureC) }}</title></circle>

      <text :x="-AROUND.left" :y="chart.rows.visibility.top - 14" class="title">A lure vanishes at, {{ shownUnit('depth', units).symbol }}</text>
      <g v-for="t in chart.visibilityTicks" :key="`v${t.value}`"><line :x2="width" :y1="t.y" :y2="t.y" class="rule" /><text x="-7" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ figure('depth', t.value) }}</text></g>
      <line v-if="place.visibilityM != null" :x2="width" :y1="chart.visibilityY(place.visibilityM)" :y2="chart.visibilityY(place.visibilityM)" class="usual dashed"><title>Usually {{ quantity('depth', place.visibilityM) }}</title></line>
      <circle v-for="(s, i) in chart.visibilities" :key="`s${i}`" :cx="s.x" :cy="s.y" r="4" class="read"><title>{{ dayLong(s.reading.at) }}: {{ quantity('depth', s.reading.visibilityM!) }}</title></circle>

      <template v-if="chart.rows.level">
        <text :x="-AROUND.left" :y="chart.rows.level.top - 14" class="title">Water at your mark, {{ shownUnit('depth', units).symbol }}</text>
        <g v-for="t in chart.levelTicks" :key="`w${t.value}`"><line :x2="width" :y1="t.y" :y2="t.y" class="rule" /><text x="-7" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ figure('depth', t.value) }}</text></g>
        <circle v-for="(s, i) in chart.levels" :key="`w${i}`" :cx="s.x" :cy="s.y" r="4" class="read"><title>{{ dayLong(s.reading.at) }}: {{ quantity('depth', s.reading.levelM!) }}</title></circle>
      </template>

      <text :x="-AROUND.left" :y="chart.rows.fish.top - 28" class="title">Hours fished, contacts and fish landed (filled)</text>
      <text x="-7" :y="chart.rows.fish.bottom + 17" text-anchor="end">h</text>
      <g v-for="(m, i) in chart.months" :key="`f${i}`">
        <template v-if="m.tally.hours > 0">
          <text :x="m.x + m.width / 2" :y="chart.rows.fish.bottom + 17" text-anchor="middle">{{ hoursFigure(m.tally.hours) }}</text>
          <rect :x="m.x + m.width * 0.2" :y="m.contacts" :width="m.width * 0.6" :height="chart.rows.fish.bottom - m.contacts" class="contacts" />
          <rect :x="m.x + m.width * 0.2" :y="m.landed" :width="m.width * 0.6" :height="chart.rows.fish.bottom - m.landed" class="landed" />
          <text :x="m.x + m.width / 2" :y="m.contacts - 5" text-anchor="middle" class="figure-text">{{ m.tally.contacts }}</text>
        </template>
      </g>
      <line :x2="width" :y1="chart.rows.fish.bottom" :y2="chart.rows.fish.bottom" class="ground" />

      <line v-for="m in 11" :key="`l${m}`" :x1="chart.months[m]!.x" :x2="chart.months[m]!.x" :y1="chart.rows.phases.bottom" :y2="chart.rows.fish.bottom" class="month" />
      <line v-if="now" :x1="chart.dayX(now)" :x2="chart.dayX(now)" :y1="chart.rows.phases.top" :y2="chart.rows.fish.bottom" class="now"><title>{{ dayLong(now) }}, the day on the strip</title></line>
    </svg>
  </ChartFrame>
  <div v-if="fishHere.length > 1" class="choices" role="group" aria-label="Phases of"><span class="small-label">phases of</span><button v-for="f in fishHere" :key="f" type="button" class="choice" :aria-pressed="f === fish" @click="chosenFish = f">{{ speciesLabel(f) }}</button></div>
</template>

<style scoped>
.water-year { width: 100%; max-width: 1280px; display: block; }
.choices { align-items: center; margin-top: 8px; }
text { font-size: 12px; fill: var(--soft-ink); }
.title, .figure-text { fill: var(--ink); }
.figure-text { font-weight: 600; }
.phase { fill: var(--leaf); stroke: var(--rule); }
.spawn { fill: var(--water-ink); }
.on { fill: var(--paper); }
.band { fill: var(--water-ink); fill-opacity: 0.13; }
.usual { fill: none; stroke: var(--water-ink); stroke-width: 2; }
.dashed { stroke-dasharray: 5 4; stroke-width: 1.4; }
.read { fill: var(--leaf); stroke: var(--ink); stroke-width: 1.8; }
.rule { stroke: var(--rule); }
.month { stroke: var(--rule); stroke-dasharray: 1 5; }
.ground { stroke: var(--ink); stroke-width: 1.5; }
.contacts { fill: none; stroke: var(--water-ink); stroke-width: 1.5; }
.landed { fill: var(--water-ink); }
.now { stroke: var(--float); stroke-width: 1.6; }
</style>
