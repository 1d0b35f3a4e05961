<script setup lang="ts">
import { computed } from 'vue'
import type { NextChange, Turn } from '#core/rotation'
import type { SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'
import { adviceInWords, TRAIT_WORDS, turnInWords } from '~/text/advice-words'
import { words } from '~/text/labels'

const props = defineProps<{ advice: NextChange | null, setups: readonly SetupOut[], several: boolean, turns: readonly Turn[] }>()
const emit = defineEmits<{ tie: [setup: SetupOut], several: [on: boolean] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const setup = computed(() => props.setups.find(s => s.lureId === props.advice?.offer?.lureId) ?? null)
const lure = computed(() => (setup.value ? box.lureById.get(setup.value.lureId) ?? null : null))
const rod = computed(() => (setup.value?.outfitId ? box.outfitById.get(setup.value.outfitId)?.name : null))
const title = computed(() => (!props.advice ? 'Fish on' : props.advice.do === 'stay' ? 'Stay with it' : `Change the ${props.advice.traits.map(t => TRAIT_WORDS[t]).join(' and ')}`))
</script>

<template>
  <section class="next" aria-label="What to change next" aria-live="polite">
    <h3>{{ title }}</h3>
    <div v-if="setup && lure" class="to">
      <LureDrawing :lure="lure" small class="drawing" />
      <div><b>{{ lure.name }}</b><br /><span class="how">{{ words(setup.rig) }}{{ rod ? `, ${rod}` : '' }} · {{ formatQuantity('depth', setup.presentation.depthM, { system: units }) }} · {{ formatQuantity('speed', setup.presentation.speedMs, { system: units }) }}</span></div>
      <button type="button" class="hot big" @click="emit('tie', setup)">Tie it on</button>
    </div>
    <ul><li v-for="reason in advice?.reasons ?? []" :key="reason.rule" class="reason">{{ adviceInWords(reason) }}</li></ul>
    <p v-if="advice?.place" class="reason place"><b>Or change the place.</b> {{ adviceInWords(advice.place) }} What was tried here stays tried only here.</p>
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
ul { margin: 4px 0; padding-left: 18px; }
.sign { border-left: 3px solid var(--brass); padding-left: 8px; margin: 5px 0; }
.source { color: var(--soft-ink); font-style: italic; font-size: 13px; }
.several { display: flex; align-items: center; gap: 8px; min-height: 44px; font-size: 14px; }
.several input { width: 20px; height: 20px; accent-color: var(--ink); }
@media (max-width: 480px) { .to { grid-template-columns: 64px 1fr; } .to .big { grid-column: 1 / -1; } .drawing { width: 64px; } }
</style>
