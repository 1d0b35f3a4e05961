<script setup lang="ts">
import { computed, ref } from 'vue'
import type { HowSureOut, SetupOut } from '#core/tell'
import { formatQuantity } from '#core/units'
import { asItStood } from '~/text/as-it-stood'
import { STANDING_LABEL, tacticLabel } from '~/text/labels'
import { outOfTen } from '~/text/out-of-ten'
import type { Judgement } from '~/workers/judge.protocol'

const props = defineProps<{ out: Judgement['out'], opened: Judgement['opened'], fits: Judgement['fits'], isPlaced: boolean, sure: HowSureOut | null, from?: string | null, chosenId: string | null }>()
const emit = defineEmits<{ choose: [lureId: string | null] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const name = (id: string) => box.lureById.get(id)?.name ?? id
const toggle = (setup: SetupOut) => emit('choose', props.chosenId === setup.lureId ? null : setup.lureId)
const showRejected = ref(false)
/** Different baits shown; the same bait in another dress stands in the row of its best. */
const SHOWN = 12
const rows = computed(() => {
  const taken = new Set<string>()
  const found: { setup: SetupOut, place: number, sisters: SetupOut[] }[] = []
  props.out.setups.forEach((setup, place) => {
    if (taken.has(setup.lureId)) return
    const sisters = props.out.setups.filter(other => setup.sisters.includes(other.lureId) && !taken.has(other.lureId))
    for (const { lureId } of [setup, ...sisters]) taken.add(lureId)
    found.push({ setup, place, sisters })
  })
  return found.slice(0, SHOWN)
})
/** What was opened from behind the rows shown, as a row of its own. */
const further = computed(() => {
  if (rows.value.some(({ setup, sisters }) => [setup, ...sisters].some(s => s.lureId === props.chosenId))) return []
  const place = props.out.setups.findIndex(s => s.lureId === props.chosenId)
  const found = place >= 0 ? { setup: props.out.setups[place]!, place } : props.opened?.setup.lureId === props.chosenId ? props.opened : null
  return found ? [{ ...found, sisters: [] as SetupOut[] }] : []
})
/** Of a row: the dress that is opened, else the best. */
const shownOf = ({ setup, sisters }: { setup: SetupOut, sisters: SetupOut[] }) => sisters.find(s => s.lureId === props.chosenId) ?? setup
const anglers = ({ setup, sisters }: { setup: SetupOut, sisters: SetupOut[] }) => outOfTen([setup, ...sisters].reduce((sum, s) => sum + s.share, 0))
/** Of ten waters that this one may be, those in which a bait comes first; none where that is less than half of one. */
const waters = ({ setup, sisters }: { setup: SetupOut, sisters: SetupOut[] }) => {
  const ids = [setup, ...sisters].map(s => s.lureId)
  const share = props.sure?.first.find(({ lureIds }) => lureIds.some(id => ids.includes(id)))?.share ?? 0
  return Math.round(10 * share) || null
}
/** The first is compared with the second, every other with the one before it. */
function neighbourOf(i: number) {
  if (i > props.out.setups.length) return null
  const other = props.out.setups[i === 0 ? 1 : i - 1]
  return other ? { setup: other, name: name(other.lureId), ahead: i === 0 } : null
}
</script>

<template>
  <section class="setups" aria-labelledby="setups-title">
    <h2 id="setups-title">Tie on</h2>
    <p v-if="box.box.outfits.length === 0 && box.ready" class="reason no-rods">No rod is entered: rods, lines and casts are assumed. <NuxtLink to="/box/outfits">Enter your rods</NuxtLink>, one line each, as the label reads.</p>
    <p v-if="from" class="reason from" role="status">{{ asItStood(from) }}</p>
    <template v-if="isPlaced">
      <p class="reason lead">{{ fits.length }} {{ fits.length === 1 ? 'lure' : 'lures' }} of your box can be fished here. The figure: of ten good anglers about so many would start with it. First in: of ten waters that this may be.</p>
      <FindInBox :fits="fits" :rejected="out.rejected" :chosen-id="chosenId" @choose="(id: string) => emit('choose', id)" />
    </template>
    <p v-else class="reason lead" role="status">What comes first; the rest of your box is being put in its place …</p>
    <ol>
      <li v-for="row in [...further, ...rows]" :key="row.setup.lureId" :class="{ chosen: shownOf(row).lureId === chosenId }">
        <template v-for="setup in [shownOf(row)]" :key="setup.lureId">
          <button type="button" class="head" :aria-expanded="setup.lureId === chosenId" @click="toggle(setup)">
            <span class="rank">{{ row.place + 1 }}</span>
            <span class="picture"><LureDrawing v-if="box.lureById.get(setup.lureId)" :lure="box.lureById.get(setup.lureId)!" /></span>
            <span class="what">
              <span class="name">{{ name(setup.lureId) }}</span>
              <span class="tactic">{{ tacticLabel(setup.tactic) }}</span>
              <span class="how">{{ formatQuantity('weight', setup.totalG, { system: units }) }} · {{ formatQuantity('depth', setup.presentation.depthM, { system: units }) }} · {{ formatQuantity('speed', setup.presentation.speedMs, { system: units }) }}<template v-if="setup.trailerId"> · with {{ name(setup.trailerId) }}</template></span>
            </span>
            <span class="score"><span class="figure" :title="`of ten anglers about ${anglers(row)}`">{{ anglers(row) }}</span><span class="standing" :class="setup.standing">{{ STANDING_LABEL[setup.standing] }}</span><span v-if="waters(row)" class="standing" title="Your reading may be off: of ten waters that this one may be, it comes first in so many">first in {{ waters(row) }} of 10</span></span>
            <span class="spine-row"><FitSpine :spine="setup.axes" /></span>
            <span v-if="setup.reasons[0] && setup.lureId !== chosenId" class="reason because">{{ setup.reasons[0].text }}</span>
          </button>
          <p v-if="row.sisters.length > 0" class="sisters">also as <button v-for="s in [row.setup, ...row.sisters].filter(x => x.lureId !== setup.lureId)" :key="s.lureId" type="button" class="quiet" @click="emit('choose', s.lureId)">{{ name(s.lureId) }}</button></p>
          <TieOnSheet v-if="setup.lureId === chosenId" :setup="setup" :neighbour="neighbourOf(row.place)" />
        </template>
      </li>
    </ol>
    <HandPanel :out="out" :measure="sure?.measure ?? []" @choose="(id: string) => emit('choose', id)" />
    <div v-if="out.gaps.length > 0" class="gaps">
      <h3>Missing from the box</h3>
      <p v-for="gap in out.gaps" :key="gap.text" class="reason">{{ gap.text.charAt(0).toUpperCase() + gap.text.slice(1) }}.</p>
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
.head:focus-visible { outline-offset: -2px; }
.head:hover { background: color-mix(in srgb, var(--leaf) 70%, transparent); }
.rank { grid-area: rank; align-self: start; font-weight: 700; font-size: 17px; font-stretch: 80%; }
.chosen .rank { color: var(--float); }
.picture { grid-area: picture; height: 34px; display: flex; align-items: center; }
.picture :deep(svg) { width: 64px; height: 34px; }
.what { grid-area: what; min-width: 0; display: flex; flex-direction: column; }
.name { font-weight: 650; font-size: 15.5px; font-stretch: 92%; overflow-wrap: anywhere; }
.how { font-size: 12.5px; color: var(--soft-ink); }
.score { grid-area: score; display: flex; flex-direction: column; align-items: flex-end; line-height: 1.05; }
.score .figure { font-size: 26px; font-stretch: 76%; }
.standing { font-size: 11.5px; color: var(--soft-ink); }
.standing.clear { color: var(--ink); font-weight: 650; }
.tactic { font-size: 13.5px; font-style: italic; }
.sisters { margin: 0 6px 6px 34px; font-size: 12.5px; color: var(--soft-ink); }
.sisters .quiet { font-size: 12.5px; min-height: 32px; padding: 2px 6px; }
.spine-row { grid-area: spine; }
.because { grid-area: because; font-size: 14px; color: var(--ink); display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; }
.gaps { border-top: 1px solid var(--rule); padding: 10px 6px 2px; }
.gaps p { margin: 3px 0; font-size: 14px; }
.from { margin: 0 0 4px; padding-left: 10px; border-left: 3px solid var(--brass); font-size: 14px; }
.no-rods { border-left: 3px solid var(--float); padding-left: 10px; margin: 6px 0; }
.cautions { border-left: 3px solid var(--brass); border-top: 0; margin-top: 14px; padding-left: 10px; }
</style>
