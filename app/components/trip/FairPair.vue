<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { CASTS_IN_TURN, fairVerdict } from '#core/rotation'
import { fairPairs, type SetupOut } from '#core/tell'
import { stoppingChart } from '~/charts/stopping-chart'
import { TRAIT_WORDS } from '~/text/advice-words'

/** Two lures that differ in one thing, fished in turn with casts counted. Kept in this browser until it is begun anew. */
const props = defineProps<{ setups: readonly SetupOut[] }>()
const box = useBoxStore()
const catalogue = useCatalogueStore()
interface Count { casts: number, contacts: number }
const test = useStorage<{ a: string, b: string, differs: string, counts: { a: Count, b: Count } } | null>('ygrion-fair-pair', null, undefined, { serializer: { read: text => JSON.parse(text), write: value => JSON.stringify(value) } })
const pairs = computed(() => fairPairs(props.setups, id => catalogue.profiles.get(id)))
const name = (id: string) => box.lureById.get(id)?.name ?? id
const verdict = computed(() => (test.value ? fairVerdict(test.value.counts.a, test.value.counts.b) : null))
const sides = ['a', 'b'] as const
function begin(index: number) {
  const pair = pairs.value[index]!
  test.value = { a: pair.a.lureId, b: pair.b.lureId, differs: TRAIT_WORDS[pair.differs], counts: { a: { casts: 0, contacts: 0 }, b: { casts: 0, contacts: 0 } } }
}
function count(side: 'a' | 'b', what: keyof Count) {
  if (!test.value) return
  const own = test.value.counts[side]
  test.value = { ...test.value, counts: { ...test.value.counts, [side]: { casts: own.casts + (what === 'casts' ? 1 : 0), contacts: own.contacts + (what === 'contacts' ? 1 : 0) } } }
}
const inWords = computed(() => {
  if (!test.value || !verdict.value) return ''
  const { leads, says, same } = verdict.value
  const ahead = leads ? name(test.value[leads]) : ''
  if (says === 'clear') return `Clearly ${ahead}. Go back to the other once before settling.`
  if (says === 'leaning') return `Leaning to ${ahead}; it may still be chance (${Math.round(100 * same)} %).`
  return leads ? `No difference yet: ${ahead} is ahead, which is no more than chance.` : 'No difference yet.'
})
/** Contacts so far, and how far ahead a side must be before it is clear. */
const chart = computed(() => {
  if (!test.value) return null
  const { a, b } = test.value.counts
  return stoppingChart(a.contacts, b.contacts)
})
</script>

<template>
  <section class="fair" aria-label="Honest pair">
    <h3>Honest pair</h3>
    <template v-if="test && verdict">
      <p class="reason">Same place, same depth, {{ CASTS_IN_TURN }} casts in turn; they differ in {{ test.differs }}.</p>
      <div v-for="side in sides" :key="side" class="side" :class="{ next: verdict.next === side }">
        <b>{{ name(test[side]) }}</b><span class="figure">{{ test.counts[side].contacts }} of {{ test.counts[side].casts }} casts</span>
        <button type="button" class="plain" :aria-label="`Cast with ${name(test[side])}`" @click="count(side, 'casts')">cast</button>
        <button type="button" class="plain" :aria-label="`Contact with ${name(test[side])}`" @click="count(side, 'contacts')">contact</button>
      </div>
      <svg v-if="chart" :viewBox="`0 0 ${chart.width} ${chart.height}`" class="line" role="img" :aria-label="`Contacts ahead: ${chart.lead}; clear from ${chart.needed ?? 'more contacts on'}`">
        <path :d="chart.line" class="stop" /><path :d="chart.mirrored" class="stop" /><line x1="0" :x2="chart.width" :y1="chart.height / 2" :y2="chart.height / 2" class="even" />
        <circle :cx="chart.x" :cy="chart.y" r="5" class="now" /><text x="4" y="14">{{ name(test.a) }} clear</text><text x="4" :y="chart.height - 5">{{ name(test.b) }} clear</text>
      </svg>
      <p class="reason" role="status">{{ inWords }}</p>
      <button type="button" class="quiet" @click="test = null">end this comparison</button>
    </template>
    <template v-else-if="pairs.length > 0">
      <p class="reason">Two that differ in one thing, fished in turn, teach something.</p>
      <button v-for="(pair, i) in pairs.slice(0, 3)" :key="i" type="button" class="plain pair" @click="begin(i)">{{ name(pair.a.lureId) }} against {{ name(pair.b.lureId) }}: {{ TRAIT_WORDS[pair.differs] }}</button>
    </template>
    <p v-else class="reason">Nothing in the box differs in one thing only.</p>
  </section>
</template>

<style scoped>
h3 { font-size: 16px; }
p { margin: 3px 0; }
.side { display: grid; grid-template-columns: 1fr auto 64px 84px; gap: 8px; align-items: center; border-top: 1px solid var(--rule); padding: 4px 0 4px 8px; border-left: 4px solid transparent; }
.side.next { border-left-color: var(--float); }
.side .plain { min-height: 56px; padding: 4px; }
.line { width: 100%; max-width: 420px; display: block; margin: 6px 0; }
.stop { fill: none; stroke: var(--ink); stroke-width: 1.5; stroke-dasharray: 5 3; }
.even { stroke: var(--rule); }
.now { fill: var(--float); }
.line text { font-size: 12px; fill: var(--soft-ink); }
.pair { width: 100%; text-align: left; min-height: 56px; margin-top: 6px; }
</style>
