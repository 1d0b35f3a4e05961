<script setup lang="ts">
import { FAR, HOLDS, type JobRow, LEAD, METAL, PACE, PAUSES, ROD_JOBS, rodRowId, SEA_SHORE, SWELL, TRAILERS, type TrailerRow, WARMTH_C } from '#core/knowledge'
import { type Dimension, formatNumber, formatQuantity, proseIn } from '#core/units'
import { capital, words } from '~/text/labels'
import { marksInWords, whenInWords } from '~/text/rule-words'

/** How it is rigged and worked: the tables by which trailers, rods, lead, pauses and pace are chosen. */
const settings = useSettingsStore()
const judgement = useJudgementStore()
const strength = (id: string) => judgement.shown?.strengths[id] ?? 0
const withUnit = (dimension: Dimension, value: number) => formatQuantity(dimension, value, { system: settings.units })
const figure = (dimension: Dimension, value: number) => formatNumber(dimension, value, { system: settings.units })

/** Those that speak in this water first, the loudest of them at the top. */
const trailers = computed(() => [...TRAILERS].sort((a, b) => strength(b.id) - strength(a.id)))
function trailerAsks({ host, trailer, when, lift, hooking }: TrailerRow): string {
  const behind = trailer === 'none' ? 'nothing' : marksInWords(trailer, settings.units)
  const pair = `${marksInWords(host, settings.units)}: ${lift > 0 ? 'for' : 'against'} ${behind} behind it`
  return [pair, whenInWords({ when }, settings.units), hooking && `hooked ${words(hooking)}`].filter(Boolean).join(' · ')
}

const jobs: readonly JobRow[] = Object.values(ROD_JOBS)
const span = ([from, to]: readonly [string, string]) => (from === to ? words(from) : `${words(from)} to ${words(to)}`)
/** A row of weights that ends here is for all that is heavier [g]. */
const HEAVIEST_G = 500
function powerAsked({ power, byWeight = [] }: JobRow): string {
  const lighter = byWeight.filter(row => row.belowG < HEAVIEST_G)
  const heavier = byWeight.find(row => row.belowG >= HEAVIEST_G)?.power ?? power
  return [...lighter.map(row => `${span(row.power)} under ${withUnit('weight', row.belowG)}`), `${lighter.length > 0 ? 'else ' : ''}${span(heavier)}`].join(', ')
}
function rodAsks(job: JobRow): string {
  const { label, kinds, action, lengthM } = job
  return [
    capital(label),
    kinds.map(words).join(' or '),
    `power ${powerAsked(job)}`,
    `action ${span(action)}`,
    lengthM && `${figure('depth', lengthM[0])}–${withUnit('depth', lengthM[1])}`,
  ].filter(Boolean).join(' · ')
}

const USED: Readonly<Record<(typeof LEAD)[number]['use'], string>> = { 'head': 'head', 'drop-sinker': 'drop shot sinker', 'bullet': 'bullet', 'weighted-hook': 'weighted hook', 'clip-blade': 'clip-on blade' }
</script>

<template>
  <section aria-label="The craft">
    <p class="reason lead">What is chosen last: what hangs behind, on which rod, with how much lead, and how long it rests. Trailers and rods can count more or less, or not at all.</p>
    <h2>How long it rests</h2>
    <p class="reason lead">Seconds by the water as the fish feels it; eager fish less, slow fish more.</p>
    <div class="wide" role="region" tabindex="0" aria-label="Pauses and pace">
      <table>
        <thead><tr><th scope="col">what</th><th v-for="c in WARMTH_C" :key="c" scope="col">{{ withUnit('temperature', c) }}</th></tr></thead>
        <tbody>
          <tr v-for="(row, id) in PAUSES" :key="id"><th scope="row">{{ row.label }}</th><td v-for="(s, i) in row.seconds" :key="i">{{ s }} s</td></tr>
          <tr class="pace"><th scope="row">pace of a wound bait</th><td v-for="(v, i) in PACE.metresPerS" :key="i">{{ withUnit('speed', v) }}</td></tr>
        </tbody>
      </table>
    </div>
    <h2>How much lead</h2>
    <p class="reason lead">In light wind and little stream; both ask for more.</p>
    <div v-for="row in LEAD" :key="row.id" class="lead-row">
      <p class="reason">{{ proseIn(row.text, settings.units) }}</p>
      <p class="steps"><span class="small-label">{{ USED[row.use] }}</span> <span v-for="(m, i) in row.depthsM" :key="m">{{ withUnit('depth', m) }}: <b>{{ withUnit('weight', row.grams[i]!) }}</b></span></p>
    </div>
    <p v-for="{ id, text } in [METAL, SWELL, SEA_SHORE]" :key="id" class="reason lead-row">{{ proseIn(text, settings.units) }}</p>
    <h2>What hangs behind</h2>
    <CraftRow v-for="row in trailers" :id="row.id" :key="row.id" :text="row.text" :asks="trailerAsks(row)" :strength="strength(row.id)" />
    <h2>On which rod</h2>
    <CraftRow v-for="row in HOLDS" :id="rodRowId(row)" :key="row.id" :text="row.text" :asks="`power at least ${words(row.power)} · line ${withUnit('strength', row.testKg)}`" />
    <CraftRow :id="rodRowId(FAR)" :text="FAR.text" :asks="`from ${withUnit('weight', FAR.fromG)}, at least ${withUnit('depth', FAR.rodM)}`" />
    <CraftRow v-for="row in jobs" :id="rodRowId(row)" :key="row.id" :text="row.text" :asks="rodAsks(row)" />
    <p class="reason lead">All of it common practice, no source; what is between the figures is taken straight.</p>
  </section>
</template>

<style scoped>
.lead { color: var(--soft-ink); margin: 4px 0 8px; max-width: 66ch; }
h2 { font-size: 18px; margin: 20px 0 2px; }
.wide { overflow-x: auto; max-width: 760px; }
table { border-collapse: collapse; width: 100%; font-size: 14px; }
th, td { border-top: 1px solid var(--rule); padding: 6px 10px 6px 0; text-align: right; white-space: nowrap; font-variant-numeric: tabular-nums; }
th { text-align: left; font-weight: 500; }
thead th { border-top: 0; text-align: right; color: var(--soft-ink); font-size: 13px; }
thead th:first-child { text-align: left; }
th[scope=row] { white-space: normal; min-width: 118px; }
.pace th, .pace td { border-top: 1px solid var(--ink); }
.lead-row { border-top: 1px solid var(--rule); padding: 7px 0; max-width: 760px; }
.lead-row .reason { margin: 0 0 3px; }
.steps { display: flex; flex-wrap: wrap; gap: 2px 16px; margin: 0; font-size: 13px; font-variant-numeric: tabular-nums; }
.steps .small-label { min-width: 110px; }
</style>
