<script setup lang="ts">
import { computed, ref } from 'vue'
import { TEST_GUIDES } from '#core/bench'
import type { BenchTest } from '#core/tackle'
import { formatQuantity } from '#core/units'
import { familyLabel } from '~/text/labels'
import { testInWords } from '~/text/test-words'

const box = useBoxStore()
const { profiles } = storeToRefs(useCatalogueStore())
const { units } = storeToRefs(useSettingsStore())
const picked = ref<string | null>(null)
const VIEWS = ['a test', 'workshop', 'compare'] as const
const view = ref<typeof VIEWS[number]>('a test')
const options = computed(() => box.box.lures.map(l => ({ value: l.id, title: l.name })).sort((a, b) => a.title.localeCompare(b.title)))
/** Without a choice: the lure that was tested last. */
const lureId = computed(() => picked.value ?? [...box.box.tests].sort((a, b) => (b.at ?? '').localeCompare(a.at ?? ''))[0]?.lureId ?? box.box.lures[0]?.id ?? null)
const profile = computed(() => (lureId.value ? profiles.value.get(lureId.value) : undefined))
const history = computed(() => box.box.tests.filter(t => t.lureId === lureId.value).sort((a, b) => (b.at ?? '').localeCompare(a.at ?? '')))
const rates = useFallRates(profile, history, units)

function strike(test: BenchTest) {
  void box.change({ remove: { tests: [test.id] } }, 'The test is struck.')
}

function printSheet() {
  window.print()
}
</script>

<template>
  <div v-if="profile" class="bench">
    <aside class="on-the-bench">
      <h1>Bench</h1>
      <v-autocomplete v-model="picked" :items="options" :label="`On the bench: ${profile.lure.name}`" auto-select-first clearable />
      <LureDrawing :lure="profile.lure" class="drawing" />
      <dl>
        <div><dt class="small-label">kind</dt><dd>{{ familyLabel(profile.lure.family) }}</dd></div>
        <div><dt class="small-label">weight</dt><dd><KnownFigure dimension="weight" :figure="profile.weightG" /><span v-if="profile.lure.labelWeightG" class="unit"> packet {{ formatQuantity('weight', profile.lure.labelWeightG, { system: units }) }}</span></dd></div>
        <div><dt class="small-label">length</dt><dd><KnownFigure dimension="length" :figure="profile.lengthMm" /></dd></div>
        <div v-if="profile.runsAt"><dt class="small-label">runs at</dt><dd><KnownFigure dimension="depth" :figure="{ ...profile.runsAt, value: profile.runsAt.value.depthM }" /></dd></div>
        <div><dt class="small-label">works best at</dt><dd><KnownFigure dimension="speed" :figure="{ ...profile.speed, value: profile.speed.value.best }" /></dd></div>
        <div><dt class="small-label">in the water</dt><dd><span class="known" :class="profile.buoyancy.known">{{ profile.buoyancy.value.replace('-', ' ') }}</span></dd></div>
      </dl>
      <h2>Tests</h2>
      <ul v-if="history.length > 0" class="history">
        <li v-for="t in history" :key="t.id"><b>{{ TEST_GUIDES[t.kind].label }}</b> {{ testInWords(t, units) }} <span class="unit">{{ t.at?.slice(0, 10) }}</span> <button class="quiet" type="button" :aria-label="`Strike ${TEST_GUIDES[t.kind].label}`" @click="strike(t)">strike</button></li>
      </ul>
      <p v-else class="reason">Nothing tested yet: every hatched figure above is only what such a lure is usually like.</p>
      <button class="quiet" type="button" @click="printSheet">print the bench sheet</button>
    </aside>
    <section class="work">
      <ChoiceRow label="do" :options="VIEWS" :chosen="[view]" @change="([v]) => v && (view = v)" />
      <GuidedTest v-if="view === 'a test'" :profile="profile" class="panel" />
      <WorkshopPanel v-else-if="view === 'workshop'" :key="profile.lure.id" :profile="profile" class="panel" @made="id => picked = id" />
      <ComparePanel v-else class="panel" />
      <section v-if="view === 'a test' && rates.length > 0" class="panel follows" aria-label="What follows">
        <h2>What follows from the timed fall</h2>
        <FallChart :rates="rates" title="Fall rates" />
        <p class="reason">Solid: timed, with the standard error of the mean. Dashed: worked out from its drag area, slack line, same attitude; a nose-down fall is faster.</p>
      </section>
      <DepthByRod v-if="view === 'a test'" :profile="profile" class="panel follows" />
    </section>
  </div>
  <section v-else-if="box.ready" class="empty reason">The bench is empty: enter a lure in the Box first, then weigh it, time its fall, and see what it really does.</section>
</template>

<style scoped>
.bench { display: grid; grid-template-columns: 350px minmax(0, 1fr); min-height: calc(100vh - 100px); }
.on-the-bench { padding: 12px 18px; border-right: 1px solid var(--ink); background: var(--leaf); }
h1 { font-size: 24px; }
h2 { font-size: 17px; margin-top: 12px; }
.drawing { width: 100%; height: 120px; margin: 10px 0; }
dl { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 12px; margin: 0; }
dd { margin: 0; font-size: 16px; }
.history { list-style: none; padding: 0; margin: 4px 0; }
.history li { border-top: 1px solid var(--rule); padding: 4px 0; }
.work { padding: 12px 22px 40px; }
.panel { margin-top: 16px; }
.follows { border-top: 1px solid var(--rule); padding-top: 6px; }
.empty { padding: 40px 24px; max-width: 56ch; }
@media (max-width: 900px) {
  .bench { grid-template-columns: minmax(0, 1fr); }
  .on-the-bench { border-right: 0; border-bottom: 1px solid var(--ink); }
  .work { padding: 12px; }
}
@media print {
  .work { display: none; }
  .on-the-bench { border: 0; }
}
</style>
