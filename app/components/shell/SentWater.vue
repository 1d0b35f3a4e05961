<script setup lang="ts">
import { formatQuantity } from '#core/units'
import { LONGEST_WORD, waterFromLink } from '~/text/sent-water'
import { forageLabel, speciesLabel, words } from '~/text/labels'

/** A water that somebody sent as a link: read with one's own box when one wishes it, and taken back like any change. */
const route = useRoute()
const readings = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const sent = computed(() => (typeof route.query.water === 'string' ? { outcome: waterFromLink(route.query.water) } : null))
const water = computed(() => (sent.value?.outcome?.ok ? sent.value.outcome.value : null))
const tied = computed(() => (typeof route.query.tied === 'string' ? route.query.tied.slice(0, LONGEST_WORD) : ''))
const quantity = (dimension: 'depth' | 'temperature', value: number) => formatQuantity(dimension, value, { system: units.value })
const inWords = computed(() => {
  if (!water.value) return ''
  const { species, temperatureC, visibilityM, stain, sky, bottomM, forage } = water.value
  return [
    speciesLabel(species), quantity('temperature', temperatureC), visibilityM == null ? '' : `a lure vanishes at ${quantity('depth', visibilityM)}`,
    stain ? words(stain) : '', sky ? words(sky) : '', bottomM == null ? '' : `bottom ${quantity('depth', bottomM)}`, forage?.length ? `they eat ${forage.map(f => forageLabel(f.kind)).join(', ')}` : '',
  ].filter(Boolean).join(', ')
})
const leave = () => navigateTo({ path: route.path, query: { ...route.query, water: undefined, tied: undefined } }, { replace: true })
async function take() {
  // Nothing of the water read before is left in it.
  const blank = Object.fromEntries(Object.keys(readings.reading).map(field => [field, undefined]))
  if (water.value) readings.change({ ...blank, ...water.value })
  await leave()
}
</script>

<template>
  <section v-if="sent" class="sent" aria-label="A water that was sent">
    <template v-if="water">
      <p class="reason">A water was sent to you: {{ inWords }}.<template v-if="tied"> Tied on there: {{ tied }}.</template></p>
      <button type="button" class="hot" @click="take">Read it with my box</button>
    </template>
    <p v-else class="reason">A water was sent to you, but the link is damaged: nothing could be read from it.</p>
    <button type="button" class="quiet" @click="leave">leave it</button>
  </section>
</template>

<style scoped>
.sent { display: flex; flex-wrap: wrap; gap: 6px 16px; align-items: center; padding: 8px 18px; background: var(--leaf); border-bottom: 1px solid var(--ink); }
.sent p { margin: 0; flex: 1 1 320px; max-width: 100ch; }
@media print { .sent { display: none; } }
</style>
