<script setup lang="ts">
import { proseIn } from '#core/units'
import { dayLong } from '~/text/dates'
import { counted } from '~/text/labels'
import { hoursFigure, PART_WORDS, rateFigure } from '~/text/log-words'

const { units } = storeToRefs(useSettingsStore())
const log = useLogbookStore()
const readings = useReadingStore()
const names = useLogNames()
const { answer: days, problem } = useFromLog(() => log.like(readings.reading), () => readings.reading)
/** From here on it is another day altogether [steps]. */
const FAR = 2
const nearness = (distance: number) => (distance < 0.7 ? 'much like this' : distance < 1.4 ? 'a good deal like this' : distance < FAR ? 'somewhat like this' : 'not much like this')
</script>

<template>
  <div class="like">
    <p class="reason lead">The days of your log whose water was nearest to the reading above, and what drew fish then. Distance in steps: one step is {{ proseIn('4 °C', units) }}, a doubling of visibility or depth, {{ proseIn('5 m/s', units) }} of wind, six weeks of season; another fish counts for more.</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <p v-if="days?.length === 0" class="reason">No trip with a reading yet. Fish one with Trip: the reading of the strip is kept with every stretch.</p>
    <ol>
      <li v-for="day in days ?? []" :key="day.tripId">
        <div class="when">
          <NuxtLink :to="`/logbook/trip/${encodeURIComponent(day.tripId)}`" class="date">{{ dayLong(day.start) }}</NuxtLink>
          <span>{{ day.placeId ? names.place(day.placeId) : '' }}</span>
          <span class="figure">{{ day.distance.toFixed(1) }} steps</span><span class="soft">{{ nearness(day.distance) }}</span>
          <span v-if="day.differs.length > 0" class="soft">differs in {{ day.differs.map(p => PART_WORDS[p]).join(', ') }}</span>
        </div>
        <table>
          <caption class="sr">What was fished that day</caption>
          <tbody><tr v-for="l in day.lures" :key="l.lureId"><th scope="row">{{ names.lure(l.lureId) }}</th><td class="figure">{{ counted(l.contacts, 'contact') }}, {{ l.landed }} landed</td><td>in {{ hoursFigure(l.hours) }} h</td><td>{{ l.hours > 0 ? `${rateFigure(l.contacts / l.hours)} an hour` : '' }}</td></tr></tbody>
        </table>
      </li>
    </ol>
    <p class="reason soft">One day is one day: a lure that drew four fish in an hour then was perhaps the only one in the water.</p>
  </div>
</template>

<style scoped>
.like { padding: 6px 18px 40px; max-width: 980px; }
.lead { max-width: 74ch; }
ol { list-style: none; padding: 0; margin: 0; }
li { display: grid; grid-template-columns: 250px 1fr; gap: 4px 24px; border-top: 1px solid var(--ink); padding: 8px 0 12px; }
.when { display: flex; flex-direction: column; }
.date { font-weight: 640; font-size: 16px; font-stretch: 88%; }
.soft { color: var(--soft-ink); }
table { border-collapse: collapse; width: 100%; }
th { text-align: left; font-weight: 550; }
th, td { padding: 2px 16px 2px 0; border-bottom: 1px solid var(--rule); }
.problem { color: var(--float); }
@media (max-width: 700px) { .like { padding-inline: 10px; } li { grid-template-columns: 1fr; } td, th { padding-right: 8px; } }
</style>
