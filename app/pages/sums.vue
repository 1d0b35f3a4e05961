<script setup lang="ts">
import { CALC_ABOUT, CALC_TASKS, type CalcTask } from '#core/calc'
import { USUAL_GRAMS } from '#core/knowledge'
import { sourceText } from '#core/sources'
import { formatQuantity, parseQuantity, shownUnit, toUnit } from '#core/units'
import { capital } from '~/text/labels'
import { fieldInWords, TASK_WORDS } from '~/text/calc-words'
import { percent } from '~/text/percent'

const { units } = storeToRefs(useSettingsStore())
const route = useRoute()
const readings = useReadingStore()
const box = useBoxStore()
const names = Object.keys(CALC_ABOUT)
const ofTask = (task: CalcTask) => names.filter(n => CALC_ABOUT[n]!.task === task)
const name = computed(() => names.find(n => n === route.query.of) ?? 'bottom-weight')
/** What the present reading already says. */
const prefill = computed(() => {
  const r = readings.complete.reading
  return { temperatureC: r.temperatureC, salinityPsu: r.salinityPsu, depthM: r.bottomM, species: r.species, trend: r.trend, latitude: r.latitude, longitude: r.longitude, ...(r.at ? { at: r.at } : {}) }
})
const { about, fields, typed, issues, answer, line, restart } = useCalculator(name, prefill)
/** Digits that an answer is told with: no more than its inputs are good for, fewer where it errs by a tenth and more. */
const TOLD_DIGITS = 3
const ROUGH = { from: 0.08, digits: 2 }
const digits = computed(() => ((about.value.error ?? 0) >= ROUGH.from ? ROUGH.digits : TOLD_DIGITS))
/** The weight as one buys it: the next size sold, or one of the angler's own sinkers where it lies nearer. */
const nextReal = computed(() => {
  const grams = about.value.task === 'heavy' ? answer.value?.weightG : null
  if (typeof grams !== 'number') return null
  const sold = USUAL_GRAMS.find(g => g >= grams)
  const own = box.box.parts.filter(p => p.kind === 'sinker' && p.quantity !== 0 && (p.weightG ?? 0) >= grams).map(p => p.weightG!).sort((a, b) => a - b)[0]
  const size = Math.min(sold ?? Infinity, own ?? Infinity)
  return Number.isFinite(size) ? { size, isOwn: size === own } : null
})
function figure(key: string, value: number): string {
  const { dimension } = fieldInWords(key, units.value)
  return Number((dimension ? toUnit(value, shownUnit(dimension, units.value)) : value).toPrecision(dimension ? digits.value : TOLD_DIGITS + 1)).toString()
}
const outputs = computed(() => Object.entries(answer.value ?? {}).flatMap(([key, value]): [string, string][] => {
  if (key === 'path') return []
  if (typeof value === 'number') return [[key, figure(key, value)]]
  if (value !== null && typeof value === 'object' && !Array.isArray(value)) return Object.entries(value).map(([k, v]): [string, string] => [k, typeof v === 'number' ? figure(k, v) : String(v)])
  return [[key, value === null ? 'none' : Array.isArray(value) ? value.map(v => (typeof v === 'number' ? Number(v.toPrecision(3)) : JSON.stringify(v))).join(', ') : String(value)]]
}))
/** Where the chart's own input stands now, in its kept unit. */
function nowAt(path: string): number {
  const { dimension } = fieldInWords(path, units.value)
  const text = typed.value[path] ?? ''
  if (!dimension) return Number(text.replace(',', '.'))
  const parsed = parseQuantity(dimension, text, units.value)
  return parsed.ok ? parsed.value : NaN
}

/** On a phone the list is one line: the sum that is open is brought into it. */
const list = useTemplateRef<HTMLElement>('list')
watch([list, name], async () => {
  await nextTick()
  const here = list.value?.querySelector<HTMLElement>('.here')
  if (list.value && here) list.value.scrollLeft = here.offsetLeft - (list.value.clientWidth - here.clientWidth) / 2
})
</script>

<template>
  <div class="sums">
    <nav ref="list" aria-label="Calculators">
      <h1>Sums</h1>
      <template v-for="task in CALC_TASKS" :key="task">
        <component :is="task === 'physics' ? 'details' : 'div'" class="task" :open="task === 'physics' && about.task === 'physics' ? true : undefined">
          <component :is="task === 'physics' ? 'summary' : 'h2'" class="small-label">{{ TASK_WORDS[task] }}</component>
          <NuxtLink v-for="n in ofTask(task)" :key="n" :to="{ query: { of: n } }" replace class="sum" :class="{ here: n === name }">{{ CALC_ABOUT[n]!.title }}</NuxtLink>
        </component>
      </template>
      <div class="task"><h2 class="small-label">What it sees</h2><NuxtLink to="/colours" class="sum">Colours at depth</NuxtLink></div>
    </nav>
    <section class="sheet" :aria-label="about.title">
      <h2>{{ about.title }}</h2>
      <p class="reason">{{ about.says }} <span class="source">{{ capital(sourceText(about.source)) }}</span></p>
      <div class="work">
        <form class="fields" @submit.prevent>
          <label v-for="f in fields" :key="f.path"><span>{{ fieldInWords(f.path, units).label }}</span>
            <select v-if="f.kind === 'choice'" v-model="typed[f.path]"><option v-for="c in f.choices" :key="c" :value="c">{{ c.replaceAll('-', ' ') }}</option></select>
            <input v-else v-model="typed[f.path]" :inputmode="f.kind === 'number' ? 'decimal' : 'text'" :aria-invalid="issues.some(i => i.path === f.path)" />
            <span class="unit">{{ fieldInWords(f.path, units).unit }}</span></label>
          <button type="button" class="quiet" @click="restart()">begin again from the water</button>
        </form>
        <div>
          <p v-for="issue in issues" :key="issue.path" class="reason problem" role="alert">{{ fieldInWords(issue.path, units).label || 'input' }}: {{ issue.message }}</p>
          <dl v-if="answer" class="answer" aria-live="polite"><div v-for="[key, value] in outputs" :key="key"><dt class="small-label">{{ fieldInWords(key, units).label }}</dt><dd class="figure">{{ value }} <span class="unit">{{ fieldInWords(key, units).unit }}</span></dd></div></dl>
          <p v-if="answer && about.error" class="reason error">± {{ percent(about.error) }}<template v-if="nextReal">; the next real size: <b>{{ formatQuantity('weight', nextReal.size, { system: units }) }}</b>{{ nextReal.isOwn ? ', which you have' : '' }}</template>.</p>
          <SumChart v-if="about.chart && line.length > 1" :line="line" :x="about.chart.x" :y="about.chart.y" :now="nowAt(about.chart.x)" />
        </div>
      </div>
    </section>
  </div>
</template>

<style scoped>
.sums { display: grid; grid-template-columns: 230px minmax(0, 1fr); gap: 36px; padding: 10px 18px 60px; }
h1 { font-size: 24px; margin-bottom: 8px; }
h2 { font-size: 20px; }
nav { display: flex; flex-direction: column; }
.sum { padding: 7px 8px; min-height: 36px; text-decoration: none; color: var(--soft-ink); border-left: 3px solid transparent; }
.sum.here { color: var(--ink); font-weight: 620; border-left-color: var(--float); background: var(--leaf); }
.task h2, .task summary { padding: 10px 8px 2px; font-size: 11.5px; }
.task summary { white-space: nowrap; cursor: pointer; min-height: 36px; display: flex; align-items: center; }
.task { display: flex; flex-direction: column; }
/* Its links stand in a box of the browser's own: one below the other; closed, they must take no room. */
details.task { display: block; }
details.task .sum { display: block; }
details.task:not([open]) .sum { display: none; }
.error { margin: -4px 0 8px; }
.source { color: var(--soft-ink); font-style: italic; }
.work { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr)); gap: 20px 44px; margin-top: 10px; }
.fields label { display: grid; grid-template-columns: 1fr 130px 54px; align-items: center; gap: 8px; min-height: 44px; border-top: 1px solid var(--rule); }
input, select { font: inherit; font-variant-numeric: tabular-nums; color: var(--ink); background: transparent; border: 0; border-bottom: 1px solid var(--soft-ink); min-height: 36px; width: 100%; text-align: right; }
input[aria-invalid='true'] { border-bottom-color: var(--float); }
option { background: var(--leaf); color: var(--ink); }
.answer { display: flex; flex-wrap: wrap; gap: 6px 28px; margin: 0 0 10px; }
.answer dd { margin: 0; font-size: 26px; }
.answer .unit { font-size: 15px; }
.problem { color: var(--float); margin: 0 0 4px; }
@media (max-width: 760px) {
  .sums { grid-template-columns: minmax(0, 1fr); gap: 8px; }
  nav { position: relative; flex-direction: row; overflow-x: auto; align-items: center; scrollbar-width: none; }
  nav h1, .task h2 { display: none; }
  .task { flex-direction: row; }
  details.task { white-space: nowrap; flex: none; }
  details.task[open] .sum, details.task summary { display: inline-flex; }
  .sum { white-space: nowrap; min-height: 44px; display: flex; align-items: center; border-left: 0; border-bottom: 3px solid transparent; }
  .sum.here { border-bottom-color: var(--float); }
}
</style>
