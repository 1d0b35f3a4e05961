<script setup lang="ts">
import { computed } from 'vue'
import { CONDITION_CUTS, type Explained } from '#core/logbook'
import { capital } from '~/text/labels'
import { CUT_WORDS, hoursFigure, rateFigure, valueInWords } from '~/text/log-words'

/** What explains the bites: conditions beyond tackle, and tackle beyond conditions. */
const log = useLogbookStore()
const names = useLogNames()
const { answer, problem } = useFromLog(() => log.explained())
const VERDICT = { stands: 'tells', leaning: 'looks so, may be chance', open: 'no difference yet', untested: 'not tested' } as const
const isMet = ({ cut }: Explained) => (CONDITION_CUTS as readonly string[]).includes(cut)
const halves = computed(() => [
  { title: 'What you met', note: 'against what the same hours with what you had on would have drawn', list: (answer.value ?? []).filter(isMet) },
  { title: 'What you chose', note: 'against what the same hours in the same conditions would have drawn', list: (answer.value ?? []).filter(found => !isMet(found)) },
])
/** The bars run from a quarter to four times, on a scale of doublings. */
const OCTAVES = 2
const at = (times: number) => 50 + (50 / OCTAVES) * Math.max(-OCTAVES, Math.min(OCTAVES, Math.log2(Math.max(times, 1e-3))))
const SHOWN = 8
const chanceText = ({ chance, verdict }: Explained) => (verdict === 'untested' ? 'met in one kind only, or on too few days' : `as unlike by luck alone: ${chance < 0.01 ? 'less than 1 in 100' : `${Math.round(100 * chance)} in 100`}`)
const spoken = (row: Explained['rows'][number]) => `${rateFigure(row.times.mean)} × (${rateFigure(row.times.low)} to ${rateFigure(row.times.high)})`
</script>

<template>
  <div class="explains">
    <p class="reason lead">Was it the lure, or the evening? Each condition is held against what your own lures would have drawn without it, and each choice against the condition that says most. A dot at 1 × is the usual; the line holds 90 %. Bites in bunches count as fewer, and “tells” is only what would still stand if you had looked at all of these, no more than one in ten of them by chance.</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <p v-else-if="!answer" class="reason" role="status">Reading the log…</p>
    <section v-for="half in halves" v-else :key="half.title">
      <h2>{{ half.title }}</h2>
      <p class="reason note">{{ half.note }}</p>
      <article v-for="found in half.list" :key="found.cut" :class="found.verdict">
        <h3>{{ capital(CUT_WORDS[found.cut]) }} <span class="verdict">{{ VERDICT[found.verdict] }}</span></h3>
        <p class="reason chance">{{ chanceText(found) }}</p>
        <ul v-if="found.verdict !== 'untested'">
          <li v-for="row in found.rows.slice(0, SHOWN)" :key="row.value">
            <span class="value">{{ valueInWords(found.cut, row.value, names) }}</span>
            <span class="bar" aria-hidden="true"><i class="usual" /><i class="whisker" :style="{ left: `${at(row.times.low)}%`, right: `${100 - at(row.times.high)}%` }" /><i class="dot" :style="{ left: `${at(row.times.mean)}%` }" /></span>
            <span class="figure">{{ spoken(row) }}</span>
            <span class="effort">{{ row.contacts }} in {{ hoursFigure(row.hours) }} h, {{ row.days }} {{ row.days === 1 ? 'day' : 'days' }}</span>
          </li>
        </ul>
      </article>
    </section>
    <p class="reason method">Quasi-Poisson with pooled ratios; nobody fished these by lot, and what goes together (night and summer, a water and its fish) cannot be told apart here.</p>
  </div>
</template>

<style scoped>
.explains { padding: 6px 18px 40px; max-width: 1000px; }
.lead, .note, .method { max-width: 76ch; }
.note, .method, .chance { color: var(--soft-ink); margin: 2px 0 6px; }
h2 { font-size: 19px; margin: 16px 0 0; border-top: 1px solid var(--ink); padding-top: 8px; }
h3 { font-size: 16px; margin: 10px 0 0; }
.verdict { font-weight: 500; color: var(--soft-ink); margin-left: 6px; }
.stands .verdict { color: var(--float); font-weight: 700; }
ul { list-style: none; margin: 2px 0 6px; padding: 0; }
li { display: grid; grid-template-columns: 168px minmax(120px, 1fr) 148px 150px; gap: 2px 14px; align-items: center; padding: 3px 0; }
.bar { position: relative; height: 16px; border-bottom: 1px solid var(--rule); }
.bar i { position: absolute; }
.usual { left: 50%; top: 0; bottom: 0; border-left: 1.4px dashed var(--float); }
.whisker { top: 7px; height: 2px; background: var(--water-ink); }
.dot { top: 3px; width: 10px; height: 10px; margin-left: -5px; border-radius: 50%; background: var(--leaf); border: 2.4px solid var(--water-ink); }
.effort { color: var(--soft-ink); font-size: 13px; }
.untested h3 { font-weight: 500; }
.problem { color: var(--float); }
@media (max-width: 700px) {
  .explains { padding-inline: 10px; }
  li { grid-template-columns: 1fr auto; }
  .bar { grid-column: 1 / -1; order: 3; }
  .effort { order: 4; grid-column: 1 / -1; }
}
</style>
