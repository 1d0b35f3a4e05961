<script setup lang="ts">
import { computed } from 'vue'

const { shown: judgement, shownFrom, isPlaced, sure } = storeToRefs(useJudgementStore())
const box = useBoxStore()
const OwnWater = withFields(() => import('~/components/waters/OwnWater.vue'))
useHowSure()
const { chosen, view, dialOf, dial, VIEWS } = useTieOnChoice()
/** Those told, and what was opened from further down. */
const setups = computed(() => {
  const { out, opened } = judgement.value ?? {}
  return out ? [...out.setups, ...(opened ? [opened.setup] : [])].filter(s => box.lureById.has(s.lureId)) : []
})
/** What the angler opened; without a choice the first set-up is drawn. */
const chosenId = computed(() => (setups.value.some(s => s.lureId === chosen.value) ? chosen.value : null))
const drawnId = computed(() => chosenId.value ?? setups.value[0]?.lureId ?? null)
const drawnSetup = computed(() => setups.value.find(s => s.lureId === drawnId.value) ?? null)
</script>

<template>
  <div v-if="judgement && box.box.lures.length > 0" class="tie-on">
    <!-- Read and reached first: what to tie on. On a wide screen the ask stands to its left, as the water comes before the lure. -->
    <SetupList :out="judgement.out" :opened="judgement.opened" :fits="judgement.fits" :from="shownFrom" :is-placed="isPlaced" :sure="sure" :chosen-id="chosenId" @choose="id => chosen = id" />
    <div class="centre">
      <div class="views" role="tablist" aria-label="Centre">
        <button v-for="v in VIEWS" :key="v.id" type="button" role="tab" :aria-selected="view === v.id" @click="view = v.id">{{ v.name }}</button>
      </div>
      <CutPanel v-if="view === 'cut'" class="cut" :setups="setups" :chosen-id="drawnId" :dialled="dialOf(drawnId)" @choose="id => chosen = id" @dial="dial" />
      <WhatIfPanel v-else />
    </div>
    <AskPanel :axes="judgement.out.ask.axes" :chosen="drawnSetup" />
  </div>
  <p v-else-if="!box.ready || box.box.lures.length > 0" class="reason weighing" role="status">{{ box.ready ? `Weighing ${box.box.lures.length} lures against this water …` : 'Opening the box …' }}</p>
  <section v-else class="empty">
    <h1>No lures yet</h1>
    <p class="reason">Enter ten of your own in the Box (kind, weight, length, colour; under twenty seconds each) and this page says which one to tie on, on which rod, how deep and how fast, and why.</p>
    <OwnWater v-if="box.places.length === 0" />
    <p v-else class="reason">Your water: <NuxtLink to="/waters">{{ box.places.map(p => p.name).join(', ') }}</NuxtLink>.</p>
    <NuxtLink class="hot" to="/box">Enter the first lure</NuxtLink>
    <p class="reason soft">Rods go under <NuxtLink to="/box/outfits">Box, Rods</NuxtLink>; a list from a spreadsheet under <NuxtLink to="/box/exchange">In and out</NuxtLink>.</p>
    <button class="quiet" type="button" @click="box.visitDemo()">or look at the demo box</button>
  </section>
</template>

<style scoped>
.tie-on { display: grid; grid-template: 'ask centre setups' minmax(0, 1fr) / 306px minmax(0, 1fr) 380px; gap: 12px; height: calc(100vh - 100px - var(--foot)); }
.tie-on > * { overflow-y: auto; scrollbar-width: thin; }
.tie-on > :deep(.setups) { grid-area: setups; }
.tie-on > :deep(.ask) { grid-area: ask; }
.centre { grid-area: centre; display: flex; flex-direction: column; overflow: hidden !important; }
.views { display: flex; gap: 4px; padding-left: 50px; }
.views button { background: none; border: 0; border-bottom: 2px solid transparent; padding: 4px 10px; min-height: 38px; cursor: pointer; color: var(--soft-ink); }
.views button[aria-selected='true'] { color: var(--ink); font-weight: 600; border-bottom-color: var(--float); }
.cut { flex: 1; min-height: 0; }
.empty > .reason { max-width: 60ch; margin: 0; }
.weighing { padding: 24px; color: var(--soft-ink); }
.soft { color: var(--soft-ink); }
.empty { max-width: 820px; padding: 48px 24px; display: flex; flex-direction: column; gap: 14px; align-items: flex-start; }
.empty .hot { text-decoration: none; display: inline-flex; align-items: center; }
@media (max-width: 1000px) {
  .tie-on { display: flex; flex-direction: column; height: auto; gap: 0; }
  .tie-on > :deep(.setups) { padding: 12px 12px 20px; }
  .tie-on > .centre { padding: 0 6px; overflow: visible !important; }
  .views { padding-left: 6px; }
  .cut { flex: none; }
  .tie-on > :deep(.ask) { padding: 12px; }
}
@media print {
  .tie-on { display: block; height: auto; }
  .tie-on > * { overflow: visible; }
  .tie-on > .centre, .tie-on > :deep(.ask) { display: none; }
}
</style>
