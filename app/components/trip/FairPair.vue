<script setup lang="ts">
import { computed } from 'vue'
import { CASTS_IN_TURN, fairVerdict } from '#core/rotation'
import { fairPairs, type SetupOut } from '#core/tell'
import { TRAIT_WORDS } from '~/text/advice-words'

/** Two lures that differ in one thing, fished in turn with casts counted; kept with the trip. */
const props = defineProps<{ setups: readonly SetupOut[] }>()
const trips = useTripStore()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const pairs = computed(() => fairPairs(props.setups, id => catalogue.profiles.get(id)))
const name = (id: string) => box.lureById.get(id)?.name ?? id
const next = computed(() => (trips.pair ? fairVerdict(trips.pair.a, trips.pair.b).next : null))
const sides = ['a', 'b'] as const
</script>

<template>
  <section class="fair" aria-label="Honest pair">
    <h3>Honest pair</h3>
    <template v-if="trips.pair">
      <p class="reason">Same place, same depth, {{ CASTS_IN_TURN }} casts in turn.</p>
      <div v-for="side in sides" :key="side" class="side" :class="{ next: next === side }">
        <b>{{ name(trips.pair[side].lureId) }}</b>
        <button type="button" class="plain" :aria-label="`Cast with ${name(trips.pair[side].lureId)}`" @click="trips.countPair(side, 'casts')">cast</button>
        <button type="button" class="plain" :aria-label="`Contact with ${name(trips.pair[side].lureId)}`" @click="trips.countPair(side, 'contacts')">contact</button>
      </div>
      <PairVerdict :pair="trips.pair" />
      <button type="button" class="quiet" @click="trips.endPair()">end this comparison</button>
    </template>
    <template v-else-if="pairs.length > 0">
      <p class="reason">Two that differ in one thing, fished in turn, teach something.</p>
      <button v-for="(pair, i) in pairs.slice(0, 3)" :key="i" type="button" class="plain pair" @click="trips.beginPair(pair.differs, pair.a.lureId, pair.b.lureId)">{{ name(pair.a.lureId) }} against {{ name(pair.b.lureId) }}: {{ TRAIT_WORDS[pair.differs] }}</button>
    </template>
    <p v-else class="reason">Nothing in the box differs in one thing only.</p>
  </section>
</template>

<style scoped>
h3 { font-size: 16px; }
p { margin: 3px 0; }
.side { display: grid; grid-template-columns: 1fr 64px 84px; gap: 8px; align-items: center; border-top: 1px solid var(--rule); padding: 4px 0 4px 8px; border-left: 4px solid transparent; }
.side.next { border-left-color: var(--float); }
.side .plain { min-height: 56px; padding: 4px; }
.pair { width: 100%; text-align: left; min-height: 56px; margin-top: 6px; }
</style>
