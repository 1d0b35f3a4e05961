<script setup lang="ts">
import { computed } from 'vue'
import { type ChangeWhat, HAND_CHANGES } from '#core/knowledge'
import type { InHand, NextChange, NextOut, Turn } from '#core/rotation'
import type { SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'
import { adviceInWords, biteTitle, TRAIT_WORDS, turnInWords, WHAT_WORDS } from '~/text/advice-words'
import { words } from '~/text/labels'

const props = defineProps<{ advice: NextChange | null, bites: NextOut | null, setups: readonly SetupOut[], several: boolean, turns: readonly Turn[], changes: readonly InHand[] }>()
const emit = defineEmits<{ tie: [setup: SetupOut], several: [on: boolean], make: [change: InHand] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const trips = useTripStore()
/** One voice: what the bites say is the headline, stay or change; what the search of the untried would try stands below it, and not at all where the bites are convinced. */
const spoken = computed(() => (props.bites && props.bites.do !== 'stay' ? props.bites : null))
const isConvinced = computed(() => props.bites?.do === 'stay' && props.bites.signs.some(sign => sign.means === props.bites?.why))
const search = computed(() => (spoken.value || isConvinced.value || props.advice?.do !== 'change' ? null : props.advice))
const setup = computed(() => {
  if (!spoken.value) return props.setups.find(s => s.lureId === search.value?.offer?.lureId) ?? null
  const other = spoken.value.change?.setup
  return other && other.lureId !== trips.stint?.lureId ? other : null
})
/** The change that the bites ask for, where it can be made in the hand. */
const inHand = computed(() => props.changes.find(c => c.id === spoken.value?.change?.hand) ?? null)
/** The same lure as it would be fished here: for figures that are far off, more than one tap of the hand away. */
const RETRIEVE: readonly ChangeWhat[] = ['pace', 'pause', 'depth', 'lead']
const asAsked = computed(() => {
  const change = spoken.value?.change
  return change && !change.hand && RETRIEVE.includes(change.what) && change.setup?.lureId === trips.stint?.lureId ? change.setup : null
})
const toDo = computed(() => spoken.value?.signs.find(sign => sign.means === spoken.value?.why)?.do ?? '')
const isTold = computed(() => (props.advice?.signs ?? []).some(({ sign }) => sign.means === spoken.value?.why))
const lure = computed(() => (setup.value ? box.lureById.get(setup.value.lureId) ?? null : null))
const rod = computed(() => (setup.value?.outfitId ? box.outfitById.get(setup.value.outfitId)?.name : null))
const title = computed(() => (spoken.value ? biteTitle(spoken.value) : props.bites || props.advice ? 'Stay with it' : 'Fish on'))
const searchTitle = computed(() => (search.value ? `To learn more, change the ${search.value.traits.map(t => TRAIT_WORDS[t]).join(' and ')}` : ''))
</script>

<template>
  <section class="next" aria-label="What to change next" aria-live="polite">
    <h3>{{ title }}</h3>
    <p v-if="bites && !spoken" class="reason">{{ bites.why }}</p>
    <p v-if="search" class="or"><b>{{ searchTitle }}</b></p>
    <p v-if="spoken?.change" class="from-to"><s>{{ words(spoken.change.from) }}</s> → <b>{{ spoken.change.to }}</b></p>
    <button v-if="inHand" type="button" class="hot big" @click="emit('make', inHand)">Done: {{ HAND_CHANGES[inHand.id].says }}</button>
    <button v-if="asAsked" type="button" class="hot big" @click="emit('tie', asAsked)">Fish it so</button>
    <div v-if="setup && lure" class="to">
      <LureDrawing :lure="lure" small class="drawing" />
      <div><b>{{ lure.name }}</b><br /><span class="how">{{ words(setup.rig) }}{{ rod ? `, ${rod}` : '' }} · {{ formatQuantity('depth', setup.presentation.depthM, { system: units }) }} · {{ formatQuantity('speed', setup.presentation.speedMs, { system: units }) }}</span></div>
      <button type="button" class="big" :class="spoken ? 'hot' : 'plain'" @click="emit('tie', setup)">Tie it on</button>
    </div>
    <p v-if="spoken && !isTold" class="reason">{{ spoken.why }} {{ toDo }}</p>
    <p v-if="spoken && spoken.runnersUp.length > 0" class="reason">Else: {{ spoken.runnersUp.map(r => `${WHAT_WORDS[r.what]}: ${r.to}`).join('; ') }}.</p>
    <ul v-if="search || !bites"><li v-for="reason in advice?.reasons ?? []" :key="reason.rule" class="reason">{{ adviceInWords(reason) }}</li></ul>
    <p v-if="advice?.place && spoken?.do !== 'move'" class="reason place"><b>Or change the place.</b> {{ adviceInWords(advice.place) }} What was tried here stays tried only here.</p>
    <p v-for="turn in turns" :key="turn.turn" class="reason turn"><b>{{ turnInWords(turn) }}</b> Light or current changes what they want: look at the water again, and set the strip anew.</p>
    <div v-for="read in advice?.signs ?? []" :key="read.sign.id" class="sign reason"><b>{{ read.sign.means }}</b> {{ read.sign.do }} <span class="source">{{ read.seen }} of the last {{ read.of }}; common practice, no source</span></div>
    <label class="several"><input type="checkbox" :checked="several" @change="emit('several', ($event.target as HTMLInputElement).checked)" /> allow several changes at once</label>
  </section>
</template>

<style scoped>
.next { border: 1px solid var(--ink); background: var(--leaf); padding: 10px 12px; }
h3 { font-size: 20px; }
.to { display: grid; grid-template-columns: 84px 1fr auto; gap: 12px; align-items: center; margin: 6px 0; }
.drawing { width: 84px; height: 42px; }
.how { color: var(--soft-ink); font-size: 13.5px; }
.big { min-height: 56px; }
.place, .turn { margin: 5px 0; border-left: 3px solid var(--float); padding-left: 8px; }
p { margin: 5px 0; }
.from-to s { color: var(--soft-ink); }
ul { margin: 4px 0; padding-left: 18px; }
.sign { border-left: 3px solid var(--brass); padding-left: 8px; margin: 5px 0; }
.source { color: var(--soft-ink); font-style: italic; font-size: 13px; }
.several { display: flex; align-items: center; gap: 8px; min-height: 44px; font-size: 14px; }
.several input { width: 20px; height: 20px; accent-color: var(--ink); }
@media (max-width: 480px) { .to { grid-template-columns: 64px 1fr; } .to .big { grid-column: 1 / -1; } .drawing { width: 64px; } }
</style>
