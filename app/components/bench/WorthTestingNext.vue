<script setup lang="ts">
import { computed } from 'vue'
import { TEST_GUIDES, worthTesting } from '#core/bench'
import type { TestKind } from '#core/terms'

/** Of the lures that this water puts first: the tests that most of what is told of them hangs on. */
const emit = defineEmits<{ test: [lureId: string, kind: TestKind] }>()
const judgement = useJudgementStore()
const catalogue = useCatalogueStore()
const SHOWN = 5
const due = computed(() => (judgement.shown?.out.setups ?? []).flatMap((setup) => {
  const profile = catalogue.profiles.get(setup.lureId)
  const [first] = profile ? worthTesting(profile, { rig: setup.rig, mode: setup.presentation.mode, cadence: setup.presentation.cadence }) : []
  return profile && first ? [{ lure: profile.lure, ...first, gain: setup.share * first.counts }] : []
}).sort((a, b) => b.gain - a.gain).slice(0, SHOWN))
</script>

<template>
  <section v-if="due.length > 0" aria-label="Worth testing next">
    <h2>Worth testing next</h2>
    <p class="reason soft">Lures that stand in front in your water, and figures of theirs that are not your own yet.</p>
    <ul>
      <li v-for="d in due" :key="d.lure.id">
        <LureDrawing :lure="d.lure" small class="drawing" />
        <p><b>{{ d.lure.name }}</b> <span class="reason">{{ d.text }}</span></p>
        <button type="button" class="plain" @click="emit('test', d.lure.id, d.kind)">{{ TEST_GUIDES[d.kind].label }}</button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 { font-size: 17px; }
.soft { color: var(--soft-ink); margin: 2px 0 4px; }
ul { list-style: none; margin: 0; padding: 0; max-width: 900px; }
li { display: grid; grid-template-columns: 74px minmax(0, 1fr) auto; gap: 14px; align-items: center; border-top: 1px solid var(--rule); padding: 5px 0; }
li p { margin: 0; }
.drawing { width: 74px; height: 34px; }
.plain { min-width: 116px; min-height: 44px; text-transform: capitalize; }
</style>
