<script setup lang="ts">
import { computed, ref } from 'vue'
import { AXES } from '#core/rule'
import { knownShares, type SetupOut } from '#core/tell'
import { formatHookSize, formatQuantity } from '#core/units'
import { axisRange, axisValue } from '~/text/axis-value'
import { capital, familyLabel, KNOWN_LABEL, tacticLabel, words } from '~/text/labels'
import { leaderTold, strandInWords } from '~/text/line-words'
import { percent } from '~/text/percent'
import { wayInWords } from '~/text/way-words'

const props = defineProps<{
  setup: SetupOut
  /** The one that stands next to it in the order, and on which side. */
  neighbour: { readonly setup: SetupOut, readonly name: string, readonly ahead: boolean } | null
}>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const showParts = ref(false)
const showAdvice = ref(false)
const judgement = useJudgementStore()
const lure = computed(() => box.lureById.get(props.setup.lureId) ?? null)
const trailer = computed(() => (props.setup.trailerId ? box.lureById.get(props.setup.trailerId) ?? null : null))
const presented = computed(() => judgement.shown?.presented[props.setup.lureId] ?? null)
const turnsPerM = computed(() => box.turnsPerMetre(props.setup.outfitId))
const shares = computed(() => Object.entries(knownShares(props.setup)).filter(([, share]) => share >= 0.005) as [keyof typeof KNOWN_LABEL, number][])
const hours = computed(() => box.hoursOf(props.setup.lureId))
const quantity = (dimension: Parameters<typeof formatQuantity>[0], value: number) => formatQuantity(dimension, value, { system: units.value })
const outfit = computed(() => (props.setup.outfitId ? box.outfitById.get(props.setup.outfitId) : undefined))

const lines = computed(() => {
  const { setup } = props
  const rows: { label: string, text: string }[] = []
  rows.push({ label: 'tactic', text: capital(tacticLabel(setup.tactic)) })
  rows.push({ label: 'rig', text: capital(words(setup.rig)) + (setup.headG ? `, ${quantity('weight', setup.headG)} ${/weighted/.test(setup.rig) ? 'weighted hook' : 'head'}` : '') + (setup.sinkerG ? `, ${quantity('weight', setup.sinkerG)} sinker` : '') })
  rows.push({ label: 'hook', text: `${setup.hook.count > 1 ? `${setup.hook.count} × ` : ''}${words(setup.hook.kind)}${setup.hook.size ? ` ${formatHookSize(setup.hook.size)}` : ''}; ${setup.hook.advice}${setup.trailerHook ? '; add a trailer hook' : ''}` })
  if (trailer.value) rows.push({ label: 'trailer', text: `${trailer.value.name}${setup.trailerHooking ? `, ${HOOKING[setup.trailerHooking]}` : ''}` })
  if (outfit.value) rows.push({ label: 'rod', text: `${outfit.value.name}, ${strandInWords(outfit.value.line, units.value)}` })
  rows.push({ label: 'tie', text: `${setup.connection === 'direct' ? 'direct knot' : `by ${setup.connection}`}${setup.leader ? `, leader ${leaderTold(setup.leader, outfit.value?.leader, units.value)}` : ''}` })
  if (setup.presentation.dropLeaderM) rows.push({ label: 'leader', text: `${quantity('depth', setup.presentation.dropLeaderM)} from hook to weight; on this cast it stands ${quantity('depth', setup.presentation.standsM ?? 0)} off the bottom` })
  rows.push({ label: 'fish it', text: setup.presentation.text })
  return rows
})
const HOOKING = { threaded: 'threaded straight', middle: 'hooked through its middle', nose: 'by the nose' } as const
/** In a line, for somebody who has other lures. */
const inShort = computed(() => [
  `${lure.value?.name ?? ''}${lure.value ? `, ${familyLabel(lure.value.family)}` : ''}`, tacticLabel(props.setup.tactic), quantity('weight', props.setup.totalG),
  quantity('depth', props.setup.presentation.depthM), quantity('speed', props.setup.presentation.speedMs),
].filter(Boolean).join(', '))
const showWays = ref(false)
const rodOf = (id: string) => box.outfitById.get(id)?.name ?? id
const figures = computed(() => {
  const { presentation: p, depthSdM, totalG } = props.setup
  return [
    { label: 'complete', text: quantity('weight', totalG) },
    { label: 'depth', text: depthSdM ? `${quantity('depth', p.depthM)} ± ${quantity('depth', depthSdM)}` : quantity('depth', p.depthM) },
    p.countdownS ? { label: 'count', text: `${p.countdownS} s` } : null,
    { label: 'in front of them', text: percent(p.shareInBand) },
    { label: 'speed', text: quantity('speed', p.speedMs) },
    p.turnsPerS ? { label: 'turns', text: `${p.turnsPerS.toFixed(1)} /s` } : null,
    p.pauseS ? { label: 'pause', text: `${p.pauseS} s` } : null,
    p.lineOutM && p.mode === 'troll' ? { label: 'line out', text: quantity('depth', p.lineOutM) } : null,
    p.castM ? { label: 'cast', text: quantity('depth', p.castM), assumed: outfit.value?.castM == null } : null,
  ].filter(f => f !== null)
})
</script>

<template>
  <div class="sheet">
    <dl class="figures">
      <div v-for="f in figures" :key="f.label"><dt class="small-label">{{ f.label }}</dt><dd class="figure"><span v-if="'assumed' in f && f.assumed" class="known typical" title="assumed until you measure your cast">{{ f.text }}</span><template v-else>{{ f.text }}</template></dd></div>
    </dl>
    <RigPicture v-if="lure" :setup="setup" :lure="lure" :trailer="trailer" />
    <dl class="lines">
      <div v-for="row in lines" :key="row.label"><dt class="small-label">{{ row.label }}</dt><dd>{{ row.text }}</dd></div>
    </dl>
    <p v-for="reason in setup.reasons" :key="reason.rule" class="reason">{{ reason.text }} <SourceMark :source="reason.source" /></p>
    <template v-if="setup.against.length > 0">
      <h4>What costs it places</h4>
      <p v-for="reason in setup.against" :key="reason.rule" class="reason against">{{ reason.text }}</p>
    </template>
    <button v-if="setup.ways && setup.ways.length > 0" class="quiet more" type="button" :aria-expanded="showWays" @click="showWays = !showWays">{{ showWays ? 'close the other ways' : setup.ways.length === 1 ? 'one other way to fish it here' : `${setup.ways.length} other ways to fish it here` }}</button>
    <ol v-if="showWays" class="ways"><li v-for="(w, i) in setup.ways" :key="i">{{ wayInWords(w, rodOf, units) }}</li></ol>
    <SpeedSheet v-if="presented" :presented="presented" :turns-per-m="turnsPerM" />
    <button class="quiet more" type="button" :aria-expanded="showAdvice" @click="showAdvice = !showAdvice">{{ showAdvice ? 'close the advice' : `how to rig, tie and work it: ${setup.advice.length} lines` }}</button>
    <AdviceLines v-if="showAdvice" :advice="setup.advice" />
    <WhyBefore v-if="neighbour" :setup="setup" :other="neighbour.setup" :other-name="neighbour.name" :ahead="neighbour.ahead" />
    <p v-for="caution in setup.cautions" :key="caution" class="reason caution">{{ caution }}</p>
    <p class="trust">How well this is known: <b>{{ percent(setup.confidence) }}</b>
      <button class="quiet" type="button" :aria-expanded="showParts" @click="showParts = !showParts">{{ showParts ? 'close the parts' : 'open the score' }}</button>
    </p>
    <p class="lead-on"><NuxtLink class="quiet" :to="{ path: '/trip', query: { tie: setup.lureId } }">take it fishing</NuxtLink><NuxtLink class="quiet" :to="{ path: '/pack', query: { take: setup.lureId } }">pack it for tomorrow</NuxtLink><NuxtLink class="quiet" :to="`/box/lure/${encodeURIComponent(setup.lureId)}`">all of this lure</NuxtLink><NuxtLink class="quiet" :to="{ path: '/bench', query: { lure: setup.lureId } }">test it</NuxtLink><SendLink name="send it" :with="inShort" /></p>
    <p v-if="showParts" class="reason shares">Of the judgement {{ shares.map(([known, share]) => `${percent(share)} is ${KNOWN_LABEL[known]}`).join(', ') }}; {{ hours > 0 ? `you have fished it ${hours.toFixed(1)} h` : 'your log says nothing of it yet' }}.</p>
    <table v-if="showParts">
      <thead><tr><th>axis</th><th>asked</th><th>offers</th><th>fits</th><th>counts</th></tr></thead>
      <tbody>
        <tr v-for="a in setup.axes" :key="a.axis">
          <th scope="row">{{ AXES[a.axis].label }}</th>
          <td>{{ AXES[a.axis].kind === 'taste' ? 'high' : axisRange(a.axis, a.asked.low, a.asked.high, units) }}</td>
          <td><span class="known" :class="a.known" :title="KNOWN_LABEL[a.known]">{{ axisValue(a.axis, a.offers, units) }}</span></td>
          <td>{{ percent(a.fit) }}</td>
          <td>{{ a.weight.toFixed(2) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="showParts" class="key"><span class="known tested">tested</span> <span class="known stated">entered</span> <span class="known computed">worked out</span> <span class="known typical">assumed</span></p>
  </div>
</template>

<style scoped>
.sheet { padding: 2px 10px 14px 34px; }
dl { margin: 0; }
dd { margin: 0; }
.figures { display: flex; flex-wrap: wrap; gap: 4px 16px; padding: 4px 0 8px; border-bottom: 1px solid var(--rule); }
.figures dd { font-size: 18px; }
.lines > div { display: grid; grid-template-columns: 52px 1fr; gap: 6px; padding: 4px 0; align-items: baseline; }
.reason { margin: 4px 0; }
.against { border-left: 2px solid var(--soft-ink); padding-left: 8px; color: var(--soft-ink); }
h4 { font: 620 13.5px var(--font-figure); margin: 10px 0 2px; }
.ways { margin: 2px 0 6px; padding-left: 20px; font-size: 13px; }
.caution { border-left: 3px solid var(--brass); padding-left: 8px; }
.trust { margin: 8px 0 0; }
.lead-on { display: flex; flex-wrap: wrap; gap: 2px 18px; margin: 2px 0; }
table { width: 100%; border-collapse: collapse; font-size: 12.5px; }
th { text-align: left; font-weight: 550; }
td { white-space: nowrap; }
td, th { padding: 3px 6px 3px 0; border-bottom: 1px solid var(--rule); }
.shares { margin: 2px 0 6px; color: var(--soft-ink); }
.more { display: block; margin: 4px 0; }
.key { display: flex; gap: 12px; font-size: 12px; margin: 8px 0 0; }
</style>
