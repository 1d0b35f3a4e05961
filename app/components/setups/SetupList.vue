<script setup lang="ts">
import type { MatchOut, SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'

const props = defineProps<{ out: MatchOut, chosenId: string | null, total: number }>()
const emit = defineEmits<{ choose: [lureId: string | null] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const name = (id: string) => box.lureById.get(id)?.name ?? id
const toggle = (setup: SetupOut) => emit('choose', props.chosenId === setup.lureId ? null : setup.lureId)
const showRejected = ref(false)
/** The first is compared with the second, every other with the one before it. */
function neighbourOf(i: number) {
  const other = props.out.setups[i === 0 ? 1 : i - 1]
  return other ? { setup: other, name: name(other.lureId), ahead: i === 0 } : null
}
</script>

<template>
  <section class="setups" aria-labelledby="setups-title">
    <h2 id="setups-title">Tie on</h2>
    <p class="reason lead">{{ total }} set-ups from your box can be fished here.</p>
    <ol>
      <li v-for="(setup, i) in out.setups" :key="setup.lureId" :class="{ chosen: setup.lureId === chosenId }">
        <button type="button" class="head" :aria-expanded="setup.lureId === chosenId" @click="toggle(setup)">
          <span class="rank">{{ i + 1 }}</span>
          <span class="picture"><LureDrawing v-if="box.lureById.get(setup.lureId)" :lure="box.lureById.get(setup.lureId)!" /></span>
          <span class="what">
            <span class="name">{{ name(setup.lureId) }}</span>
            <span class="how">{{ formatQuantity('weight', setup.totalG, { system: units }) }} · {{ formatQuantity('depth', setup.presentation.depthM, { system: units }) }} · {{ formatQuantity('speed', setup.presentation.speedMs, { system: units }) }}<template v-if="setup.trailerId"> · with {{ name(setup.trailerId) }}</template></span>
          </span>
          <span class="score figure">{{ Math.round(setup.score * 100) }}</span>
          <span class="spine-row"><FitSpine :spine="setup.axes" /></span>
          <span v-if="setup.reasons[0] && setup.lureId !== chosenId" class="reason because">{{ setup.reasons.slice(0, 2).map(r => r.text).join(' ') }}</span>
        </button>
        <TieOnSheet v-if="setup.lureId === chosenId" :setup="setup" :neighbour="neighbourOf(i)" />
      </li>
    </ol>
    <div v-if="out.gaps.length > 0" class="gaps">
      <h3>Missing from the box</h3>
      <p v-for="gap in out.gaps" :key="gap.axis" class="reason">{{ gap.text.charAt(0).toUpperCase() + gap.text.slice(1) }}.</p>
    </div>
    <div v-if="out.rejected.length > 0" class="gaps">
      <button class="quiet" type="button" :aria-expanded="showRejected" @click="showRejected = !showRejected">{{ out.rejected.length }} cannot be fished here</button>
      <p v-for="r in showRejected ? out.rejected : []" :key="r.lureId" class="reason"><b>{{ name(r.lureId) }}</b>: {{ r.why }}.</p>
    </div>
    <div class="gaps cautions">
      <h3>Mind</h3>
      <p v-for="caution in out.cautions" :key="caution" class="reason">{{ caution }}</p>
    </div>
  </section>
</template>

<style scoped>
.setups { padding: 12px 18px 40px 0; }
h2 { font-size: 19px; }
h3 { font-size: 14px; }
.lead { color: var(--soft-ink); margin: 0 0 6px; }
ol { list-style: none; padding: 0; margin: 0; }
li { border-top: 1px solid var(--rule); }
li.chosen { background: var(--leaf); border-top: 1px solid var(--ink); border-bottom: 1px solid var(--ink); }
.head { display: grid; grid-template-columns: 20px 64px 1fr auto; grid-template-areas: 'rank picture what score' 'rank spine spine spine' 'rank because because because'; column-gap: 8px; row-gap: 3px; width: 100%; text-align: left; background: none; border: 0; padding: 9px 6px; cursor: pointer; align-items: center; }
.head:hover { background: color-mix(in srgb, var(--leaf) 70%, transparent); }
.rank { grid-area: rank; align-self: start; font-weight: 700; font-size: 17px; font-stretch: 80%; }
.chosen .rank { color: var(--float); }
.picture { grid-area: picture; height: 34px; display: flex; align-items: center; }
.picture :deep(svg) { width: 64px; height: 34px; }
.what { grid-area: what; min-width: 0; display: flex; flex-direction: column; }
.name { font-weight: 650; font-size: 15.5px; font-stretch: 92%; overflow-wrap: anywhere; }
.how { font-size: 12.5px; color: var(--soft-ink); }
.score { grid-area: score; font-size: 26px; font-stretch: 76%; }
.spine-row { grid-area: spine; }
.because { grid-area: because; font-size: 14px; color: var(--ink); display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; }
.gaps { border-top: 1px solid var(--rule); padding: 10px 6px 2px; }
.gaps p { margin: 3px 0; font-size: 14px; }
.cautions { border-left: 3px solid var(--brass); border-top: 0; margin-top: 14px; padding-left: 10px; }
</style>
