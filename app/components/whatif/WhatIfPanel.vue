<script setup lang="ts">
import { group } from 'd3'
import { computed } from 'vue'
import { fairPairs } from '#core/tell'
import { flipFieldLabel, flipValue } from '~/text/flip-words'
import { capital } from '~/text/labels'
import { percent } from '~/text/percent'

/** What would put another lure first, and which two would teach something. */
const box = useBoxStore()
const catalogue = useCatalogueStore()
const readings = useReadingStore()
const judgement = useJudgementStore()
const { units } = storeToRefs(useSettingsStore())
const { found, temperature, sight, done, problem } = useWhatIf()
const reading = computed(() => readings.complete.reading)
const setups = computed(() => judgement.shown?.out.setups ?? [])
const first = computed(() => setups.value[0])
const name = (id: string) => box.lureById.get(id)?.name ?? id
const byField = computed(() => [...group(found.value ?? [], flip => flip.field)])
const pairs = computed(() => fairPairs(setups.value, id => catalogue.profiles.get(id)))
const DIFFERS = { colour: 'only in colour', size: 'only in size', action: 'only in how they move', depth: 'only in depth', speed: 'only in speed' } as const
</script>

<template>
  <section class="what-if" aria-label="What would change this">
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <SurePanel />
    <h3>What would put another first</h3>
    <p class="reason lead">Now first: <b>{{ first ? name(first.lureId) : 'nothing' }}</b>. Everything else as it is, another lure would come first if …</p>
    <p v-if="!found" class="working" role="status"><span class="bar"><span :style="{ width: `${Math.round(100 * done)}%` }" /></span> looking at each part of the reading, {{ percent(done) }}</p>
    <p v-else-if="found.length === 0" class="reason">No single change of the reading puts another lure first.</p>
    <dl v-else class="flips">
      <div v-for="[field, list] in byField" :key="field">
        <dt>{{ flipFieldLabel(field) }}</dt>
        <dd><button v-for="flip in list" :key="String(flip.to)" type="button" class="flip" :title="`Set it so: ${flipFieldLabel(field)} ${flipValue(flip, units, reading)}`" @click="readings.change(flip.change)"><b class="figure">{{ flipValue(flip, units, reading) }}</b> {{ name(flip.lureId) }}</button></dd>
      </div>
    </dl>
    <div class="sweeps">
      <SweepChart v-if="temperature && temperature.lines.length > 0" :sweep="temperature" :now="reading.temperatureC" label="Fit by water temperature" dimension="temperature" spacing="linear" />
      <SweepChart v-if="sight && sight.lines.length > 0" :sweep="sight" :now="reading.visibilityM" label="Fit by visibility" dimension="depth" spacing="log" />
    </div>
    <section v-if="pairs.length > 0" aria-label="Fair pairs">
      <h3>Two that differ in one thing</h3>
      <p class="reason lead">Fished in turn at the same place and depth, casts counted, a pair like this teaches something; two that differ in two things teach nothing.</p>
      <ul>
        <li v-for="pair in pairs" :key="pair.a.lureId + pair.b.lureId"><LureDrawing :lure="box.lureById.get(pair.a.lureId)!" small class="drawing" /><LureDrawing :lure="box.lureById.get(pair.b.lureId)!" small class="drawing" /><span>{{ name(pair.a.lureId) }} and {{ name(pair.b.lureId) }}</span><span class="differs">{{ capital(DIFFERS[pair.differs]) }}</span></li>
      </ul>
    </section>
  </section>
</template>

<style scoped>
.what-if { padding: 6px 14px 40px; overflow-y: auto; height: 100%; scrollbar-width: thin; }
.lead { color: var(--soft-ink); margin: 4px 0 8px; max-width: 62ch; }
.working { display: flex; align-items: center; gap: 10px; color: var(--soft-ink); }
.bar { width: 120px; height: 6px; border: 1px solid var(--rule); }
.bar span { display: block; height: 100%; background: var(--water-ink); }
.flips { margin: 0 0 14px; }
.flips > div { display: grid; grid-template-columns: 120px 1fr; gap: 8px; border-top: 1px solid var(--rule); padding: 2px 0; align-items: baseline; }
dt { color: var(--soft-ink); font-size: 13px; }
dd { margin: 0; display: flex; flex-wrap: wrap; gap: 0 16px; }
.flip { background: none; border: 0; padding: 4px 0; min-height: 34px; cursor: pointer; text-align: left; text-decoration: underline; text-decoration-color: var(--rule); text-underline-offset: 4px; }
.flip:hover { text-decoration-color: currentcolor; }
.sweeps { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr)); gap: 14px 24px; }
h3 { font-size: 16px; margin-top: 16px; }
ul { list-style: none; padding: 0; margin: 0; }
li { display: flex; flex-wrap: wrap; align-items: center; gap: 10px; border-top: 1px solid var(--rule); min-height: 44px; }
.drawing { width: 54px; height: 26px; }
.differs { color: var(--soft-ink); margin-left: auto; font-size: 13px; }
</style>
