<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import type { LikelyReading } from '#core/pack'
import { completeReading } from '#core/reading'
import type { SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'
import { clock, weekday } from '~/text/dates'
import { capital, tacticLabel } from '~/text/labels'

/** Tomorrow in outline, before anything is planned: its likely waters, and what stands first in each. */
const props = defineProps<{ outline: () => Promise<readonly LikelyReading[]> }>()
const box = useBoxStore()
const judgement = useJudgementStore()
const readings = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
/** `setup`: undefined until it is judged, null where nothing can be fished. */
const moments = shallowRef<readonly { readonly likely: LikelyReading, readonly setup: SetupOut | null | undefined, readonly next: readonly string[] }[]>([])
/** Shown behind the first of a moment. */
const NEXT = 3
const problem = shallowRef('')
const quantity = (dimension: 'temperature' | 'depth' | 'speed', value: number, decimals?: number) => formatQuantity(dimension, value, { system: units.value, decimals })
function water({ reading }: LikelyReading): string {
  const r = completeReading(reading).reading
  return `${clock(r.at)} · ${quantity('temperature', r.temperatureC)} · ${r.sky} · wind ${quantity('speed', r.windMs, 0)} · fish ${quantity('depth', r.fishFromM)} to ${quantity('depth', r.fishToM)}`
}

let asked = 0
watch(() => [judgement.boxesLoaded, readings.reading, units.value] as const, async ([loaded]) => {
  if (loaded === 0) return
  const mine = ++asked
  try {
    const likely = await props.outline()
    if (mine !== asked) return
    // The waters stand at once; what is tied on in each is written in as it is judged.
    moments.value = likely.map(l => ({ likely: l, setup: undefined, next: [] }))
    for (const [i, l] of likely.entries()) {
      const setups = (await judgement.firstIf({ reading: l.reading }, 2 * NEXT))?.out.setups ?? []
      if (mine !== asked) return
      const [setup = null] = setups
      const next = [...new Set(setups.map(s => s.lureId))].filter(id => id !== setup?.lureId && box.lureById.has(id)).slice(0, NEXT)
      moments.value = moments.value.map((moment, at) => (at === i ? { likely: l, setup, next } : moment))
    }
    problem.value = ''
  }
  catch (error) {
    problem.value = `Tomorrow could not be outlined: ${(error as Error).message}.`
  }
}, { immediate: true })
</script>

<template>
  <section class="outline" aria-label="Tomorrow in outline">
    <h2>{{ moments[0] ? capital(weekday(moments[0].likely.reading.at)) : 'Tomorrow' }}, in outline</h2>
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <p v-else-if="moments.length === 0" class="reason">Working it out …</p>
    <ol v-else>
      <li v-for="{ likely, setup, next } in moments" :key="likely.name">
        <span class="moment"><b>{{ capital(likely.name) }}</b><br /><span class="soft">{{ water(likely) }}</span></span>
        <template v-if="setup">
          <LureDrawing v-if="box.lureById.get(setup.lureId)" :lure="box.lureById.get(setup.lureId)!" small class="drawing" />
          <span><b>{{ box.lureById.get(setup.lureId)?.name }}</b>, {{ tacticLabel(setup.tactic) }}<br /><span class="soft">{{ quantity('depth', setup.presentation.depthM) }} · {{ quantity('speed', setup.presentation.speedMs) }}<template v-if="setup.outfitId"> · {{ box.outfitById.get(setup.outfitId)?.name }}</template></span></span>
          <ul class="next" aria-label="Next after it"><li v-for="id in next" :key="id"><LureDrawing :lure="box.lureById.get(id)!" small class="small" /><span class="soft">{{ box.lureById.get(id)!.name }}</span></li></ul>
        </template>
        <span v-else-if="setup === undefined" class="soft">being weighed</span>
        <span v-else class="reason">Nothing in the box can be fished then.</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.outline { max-width: 1240px; }
h2 { font-size: 18px; margin: 0 0 6px; }
ol { list-style: none; margin: 0; padding: 0; border-bottom: 1px solid var(--rule); }
ol > li { display: grid; grid-template-columns: minmax(0, 1fr) 84px minmax(0, 0.9fr) minmax(0, 1fr); gap: 18px; align-items: center; border-top: 1px solid var(--rule); padding: 8px 0; }
.next { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 10px; }
.next li { display: flex; flex-direction: column; }
.small { width: 64px; height: 28px; }
.soft { color: var(--soft-ink); font-size: 13px; }
.drawing { width: 84px; height: 40px; }
@media (max-width: 700px) { ol > li { grid-template-columns: 70px minmax(0, 1fr); } .next { grid-column: 1 / -1; } .moment { grid-column: 1 / -1; } .drawing { width: 70px; } }
</style>
