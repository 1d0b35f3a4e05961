<script setup lang="ts">
import { computed, ref } from 'vue'
import { TEST_KINDS, type TestKind } from '#core/terms'

const box = useBoxStore()
const { profiles } = storeToRefs(useCatalogueStore())
const { units } = storeToRefs(useSettingsStore())
const route = useRoute()
/** A link may bring a lure, and what to test of it. */
const asked = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : null)
const picked = ref<string | null>(asked('lure'))
const testKind = ref<TestKind>(TEST_KINDS.find(k => k === asked('test')) ?? 'weigh')
const VIEWS = ['a test', 'workshop', 'compare'] as const
const view = ref<typeof VIEWS[number]>('a test')
const options = computed(() => box.box.lures.map(l => ({ value: l.id, title: l.name })).sort((a, b) => a.title.localeCompare(b.title)))
/** Without a choice: the lure that was tested last. */
const lureId = computed(() => picked.value ?? [...box.box.tests].sort((a, b) => (b.at ?? '').localeCompare(a.at ?? ''))[0]?.lureId ?? box.box.lures[0]?.id ?? null)
const profile = computed(() => (lureId.value ? profiles.value.get(lureId.value) : undefined))
const history = computed(() => box.box.tests.filter(t => t.lureId === lureId.value).sort((a, b) => (b.at ?? '').localeCompare(a.at ?? '')))
const rates = useFallRates(profile, history, units)

function begin(lure: string, kind: TestKind) {
  picked.value = lure
  testKind.value = kind
  view.value = 'a test'
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
      <LureFigures :profile="profile" />
      <h2>Tests</h2>
      <TestHistory :tests="history" />
      <button class="quiet" type="button" @click="printSheet">print the bench sheet</button>
    </aside>
    <section class="work">
      <WorthTestingNext v-if="picked === null" class="first" @test="begin" />
      <ChoiceRow label="do" :options="VIEWS" :chosen="[view]" @change="([v]) => v && (view = v)" />
      <GuidedTest v-if="view === 'a test'" v-model:kind="testKind" :profile="profile" class="panel" />
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
.work { padding: 12px 22px 40px; }
.first { margin-bottom: 16px; }
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
