<script setup lang="ts">
import { CADENCE_TABLE, ROD_JOBS, type TacticRow, TACTICS } from '#core/knowledge'
import type { Sketch } from '#core/tell'
import type { TacticId } from '#core/terms'
import { formatQuantity, proseIn } from '#core/units'
import { duration } from '~/text/course-words'
import { capital, familyLabel } from '~/text/labels'

/** The table of tactics: what is chosen first. Each with how it goes through the water, and with what of the box it is fished here. */
const settings = useSettingsStore()
const judgement = useJudgementStore()
const box = useBoxStore()
/** Of those told for the present water, the best lure of each tactic with its place. */
const here = computed(() => {
  const found = new Map<TacticId, { lureId: string, place: number }>()
  judgement.shown?.out.setups.forEach(({ tactic, lureId }, place) => {
    if (!found.has(tactic as TacticId)) found.set(tactic as TacticId, { lureId, place })
  })
  return found
})
const placeOf = (tactic: TacticRow) => here.value.get(tactic.id)?.place ?? Infinity
const ordered = computed(() => [...TACTICS].sort((a, b) => placeOf(a) - placeOf(b)))
const sketches = shallowRef<Partial<Record<TacticId, Sketch>>>({})
const trouble = ref('')
onMounted(async () => {
  try {
    sketches.value = (await judgement.sketches(settings.units)).tactics
  } catch (error) {
    trouble.value = `The tactics could not be drawn: ${(error as Error).message}`
  }
})
const drawnAs = ({ family, bottomM, seconds }: Sketch) => `${familyLabel(family)}, ${formatQuantity('depth', bottomM, { system: settings.units })} of water, home in ${duration(seconds)}`
const worked = ({ cadences }: TacticRow) => [...new Set(cadences.map(c => CADENCE_TABLE[c.cadence].label))].join(', or ')
</script>

<template>
  <section aria-label="Tactics">
    <p class="reason lead">Chosen first: a kind of bait and what is done with it. Those at the top are among the first choices for the water on the strip. Drawn: out to the right, home to the rod; dotted while it falls, a ring where it rests.</p>
    <p v-if="trouble" class="reason" role="alert">{{ trouble }}</p>
    <article v-for="t in ordered" :key="t.id" class="tactic" :class="{ here: here.has(t.id) }" :aria-label="t.label">
      <figure>
        <TacticSketch v-if="sketches[t.id]" :sketch="sketches[t.id]!" :label="`${t.label}, as it goes through the water`" />
        <span v-else class="blank" aria-hidden="true" />
        <figcaption>{{ sketches[t.id] ? drawnAs(sketches[t.id]!) : ' ' }}</figcaption>
      </figure>
      <div class="told">
        <h2>{{ capital(t.label) }}</h2>
        <p class="baits">{{ t.families.map(familyLabel).join(', ') }}</p>
        <p class="reason"><span class="small-label">shines</span> {{ proseIn(t.shines, settings.units) }}</p>
        <p class="reason"><span class="small-label">poor</span> {{ proseIn(t.poor, settings.units) }}</p>
        <p class="reason"><span class="small-label">worked</span> {{ worked(t) }}</p>
        <p class="reason"><span class="small-label">rod</span> {{ proseIn(ROD_JOBS[t.job].text, settings.units) }}</p>
        <NuxtLink v-if="here.has(t.id)" class="mine" :to="{ path: '/', query: { lure: here.get(t.id)!.lureId } }">here with {{ box.lureById.get(here.get(t.id)!.lureId)?.name ?? 'a lure of yours' }}, no. {{ here.get(t.id)!.place + 1 }}</NuxtLink>
      </div>
    </article>
  </section>
</template>

<style scoped>
.lead { color: var(--soft-ink); margin: 4px 0 8px; max-width: 66ch; }
.tactic { display: grid; grid-template-columns: 232px minmax(0, 1fr); gap: 18px; padding: 12px 0 14px 10px; border-top: 1px solid var(--rule); border-left: 3px solid transparent; content-visibility: auto; contain-intrinsic-size: auto 190px; }
.tactic.here { border-left-color: var(--float); }
figure { margin: 0; }
.blank { display: block; aspect-ratio: 220 / 92; border: 1px dashed var(--rule); }
figcaption { font-size: 12px; color: var(--soft-ink); margin-top: 3px; }
h2 { font-size: 18px; margin: 0; }
.told p { margin: 2px 0; max-width: 70ch; }
.told .reason { font-size: 15px; }
.baits { font-size: 12.5px; color: var(--soft-ink); }
.small-label { display: inline-block; min-width: 66px; }
.mine { display: inline-flex; align-items: center; min-height: 40px; color: var(--ink); text-underline-offset: 3px; }
@media (max-width: 700px) {
  .tactic { grid-template-columns: minmax(0, 1fr); gap: 6px; padding-left: 8px; }
}
</style>
