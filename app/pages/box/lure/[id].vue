<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { doublesOf } from '#core/catalogue'
import type { SetupOut } from '#core/tell'
import type { Lure } from '#core/tackle'
import type { TestKind } from '#core/terms'
import { formatQuantity } from '#core/units'
import { words } from '~/text/labels'

const route = useRoute()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const lureId = computed(() => String(route.params.id))
const profile = computed(() => catalogue.profiles.get(lureId.value))
const tests = computed(() => box.box.tests.filter(t => t.lureId === lureId.value).sort((a, b) => (b.at ?? '').localeCompare(a.at ?? '')))
const rates = useFallRates(profile, tests, units)
const doubles = computed(() => (profile.value ? doublesOf(profile.value, catalogue.profiles.values()) : []))
const parts = computed(() => (profile.value?.lure.madeOf ?? []).map(id => box.box.parts.find(p => p.id === id)?.name ?? `a part that is no longer here (${id})`))
const told = shallowRef<SetupOut | null>(null)
const way = computed(() => (told.value ? { rig: told.value.rig, mode: told.value.presentation.mode, cadence: told.value.presentation.cadence } : null))
watch(lureId, () => told.value = null)
useHead({ title: () => profile.value?.lure.name ?? 'A lure' })

const lives = computed(() => {
  const lure = profile.value?.lure
  if (!lure) return ''
  const where = [lure.box, lure.slot].filter(Boolean).join(', slot ')
  return [lure.quantity === 0 ? 'none left' : `${lure.quantity ?? 1} of them`, where ? `in ${where}` : 'its place in the box is not noted', lure.condition ?? ''].filter(Boolean).join(' · ')
})
const goTo = (id: string) => navigateTo(`/box/lure/${encodeURIComponent(id)}`)
const test = (kind: TestKind) => navigateTo({ path: '/bench', query: { lure: lureId.value, test: kind } })
const pin = (lure: Lure) => box.edit('lures', lure.id, ({ pinned }) => ({ pinned: !(pinned ?? false) }))
async function sameBut(lure: Lure) {
  const copy = await box.sameBut(lure)
  await navigateTo({ path: '/box', query: { lure: copy.id } })
}
</script>

<template>
  <div v-if="profile" class="lure-page">
    <header>
      <h2>{{ profile.lure.name }}</h2>
      <span class="deeds">
        <button type="button" class="plain" :aria-pressed="profile.lure.pinned ?? false" @click="pin(profile.lure)">{{ profile.lure.pinned ? 'Pinned' : 'Pin it' }}</button>
        <NuxtLink class="plain" :to="{ path: '/box', query: { lure: profile.lure.id } }">Change it</NuxtLink>
        <button type="button" class="plain" @click="sameBut(profile.lure)">Same but…</button>
        <NuxtLink class="plain" :to="{ path: '/bench', query: { lure: profile.lure.id } }">On the bench</NuxtLink>
      </span>
    </header>
    <div class="columns">
      <div class="itself">
        <LureDrawing :lure="profile.lure" class="drawing" />
        <LureFigures :profile="profile" />
        <p class="reason lives">{{ lives }}</p>
        <p class="key" aria-label="How figures are marked"><span class="known tested">tested</span> <span class="known stated">entered</span> <span class="known computed">worked out</span> <span class="known typical">assumed</span></p>
        <LureLineage :lure="profile.lure" @open="goTo" />
        <p v-if="parts.length > 0" class="reason">Made of {{ parts.join(', ') }}.</p>
        <p v-if="profile.lure.notes" class="reason notes">{{ profile.lure.notes }}</p>
        <GoesWith :lure="profile.lure" @open="goTo" />
        <section v-if="doubles.length > 0" aria-label="Likely doubles">
          <h3>Does the same</h3>
          <p class="reason"><template v-for="(other, i) in doubles" :key="other.lure.id">{{ i > 0 ? ', ' : '' }}<NuxtLink :to="`/box/lure/${encodeURIComponent(other.lure.id)}`">{{ other.lure.name }}</NuxtLink></template>: the same kind, colouring and sound, and a weight, length and depth within a step.</p>
        </section>
      </div>
      <div class="story">
        <LureHere :profile="profile" @told="setup => told = setup" />
        <TestNext :profile="profile" :way="way" @test="test" />
        <section aria-label="Tests">
          <h3>Tests</h3>
          <TestHistory :tests="tests" />
          <template v-if="rates.length > 0">
            <FallChart :rates="rates" title="Fall rates" />
            <p class="reason">Solid: timed, {{ words(tests.find(t => t.kind === 'fall')?.rig) || 'rig not noted' }}. Dashed: worked out from its drag for other weights and other water.</p>
          </template>
          <p v-if="profile.runsAt" class="reason">Runs at {{ formatQuantity('depth', profile.runsAt.value.depthM, { system: units }) }} {{ profile.runsAt.known === 'typical' ? 'as its kind does' : profile.runsAt.known === 'tested' ? 'as you found' : 'as entered' }}; on your rods:</p>
          <DepthByRod :profile="profile" />
        </section>
        <LureDays :lure="profile.lure" />
      </div>
    </div>
  </div>
  <p v-else class="reason gone">There is no such lure in the box; perhaps it was taken out. <NuxtLink to="/box">All lures</NuxtLink></p>
</template>

<style scoped>
.lure-page { padding: 4px 18px 60px; max-width: 1240px; }
header { display: flex; flex-wrap: wrap; gap: 6px 20px; align-items: baseline; border-bottom: 1px solid var(--ink); padding-bottom: 6px; }
h2 { font-size: 24px; flex: 1 1 260px; margin: 0; }
h3 { font-size: 17px; margin: 0 0 4px; }
.deeds { display: flex; flex-wrap: wrap; gap: 6px; }
.deeds .plain { display: inline-flex; align-items: center; text-decoration: none; min-height: 40px; }
.columns { display: grid; grid-template-columns: 340px minmax(0, 1fr); gap: 0 34px; align-items: start; }
.itself { padding-top: 8px; }
.drawing { width: 100%; height: 150px; margin: 8px 0 12px; }
.lives { margin: 10px 0 4px; }
.key { display: flex; gap: 12px; font-size: 12px; margin: 4px 0 12px; }
.notes { white-space: pre-line; border-left: 2px solid var(--rule); padding-left: 10px; }
.story > :deep(section) { border-bottom: 1px solid var(--rule); padding: 12px 0; }
.story > :deep(section:last-child) { border-bottom: 0; }
.gone { padding: 30px 18px; }
@media (max-width: 900px) { .columns { grid-template-columns: minmax(0, 1fr); } .lure-page { padding-inline: 10px; } .deeds .plain { min-height: 44px; } }
</style>
