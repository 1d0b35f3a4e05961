<script setup lang="ts">
import { computed } from 'vue'
import { EYES, SPECIES_EYES } from '#core/knowledge'
import { formatQuantity, proseIn } from '#core/units'
import { contrastCurves } from '~/charts/contrast-curves'
import { speciesLabel } from '~/text/labels'
import { percent } from '~/text/percent'

const { chosen, ids, lures, options, depthM, depth, depthsM, byNight, zone, from, reading, answer, problem, MOST_SHOWN } = useColourBench()
const { units } = storeToRefs(useSettingsStore())
const metres = (value: number, decimals = 1) => formatQuantity('depth', value, { system: units.value, decimals })
const eye = computed(() => EYES[SPECIES_EYES[reading.value.species]])
const nameOf = (id: string) => lures.value.find(p => p.lure.id === id)?.lure.name ?? ''
const ranked = computed(() => [...(answer.value?.lures ?? [])].filter(l => nameOf(l.id)).sort((a, b) => b.conspicuousness - a.conspicuousness))
const SIZE = { width: 430, height: 190 }
const chart = computed(() => contrastCurves(ranked.value, SIZE))
const FROM = { mid: 'from all around', top: 'mostly from below', bottom: 'over the bed' } as const
const VIEW_WORDS = { level: 'from the side', up30: 'from a little below', down30: 'from above', below: 'from straight below', bed: 'against the bed' } as const
/** Differences under this are ties. */
const TIE = 0.03
const isTie = (i: number) => i > 0 && Math.abs(ranked.value[i]!.conspicuousness - ranked.value[i - 1]!.conspicuousness) < TIE
const DASHES = ['', '7 4', '2 4', '10 3 2 3', '1 3', '14 4', '4 2', '6 6']
const lowLight = computed(() => answer.value?.water.some(w => w.isDark) ?? false)
</script>

<template>
  <div class="colours">
    <div class="head">
      <h1>Colours</h1>
      <v-autocomplete :model-value="[...ids]" :items="options" label="Lures" multiple class="pick" :counter="MOST_SHOWN" @update:model-value="(list: string[]) => chosen = list.slice(0, MOST_SHOWN)" />
      <NumberStep label="Depth of the lure" dimension="depth" :value="Number(depth.toFixed(2))" :step="0.5" :min="0" :max="reading.bottomM" @change="v => depthM = v" />
      <ChoiceRow label="light" :options="['as it is now', 'by night']" :chosen="[byNight ? 'by night' : 'as it is now']" @change="([v]) => byNight = v === 'by night'" />
      <ChoiceRow label="the fish looks" :options="['mid', 'top', 'bottom']" :chosen="[zone]" :text="z => FROM[z]" @change="([z]) => from = z ?? null" />
    </div>
    <p class="reason who">As {{ speciesLabel(reading.species) }} sees them: {{ eye.cones.length }} kinds of cone at {{ eye.cones.map(c => c.lambdaMaxNm).join(', ') }}&nbsp;nm <span class="known" :class="eye.known === 'measured' ? 'stated' : 'typical'">({{ eye.known === 'measured' ? eye.source : `assumed eye; ${eye.source}` }})</span>.</p>
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <p v-if="lures.length === 0" class="reason">Pick some lures: they are painted as the water paints them.</p>
    <div v-else-if="answer" class="body">
      <section aria-label="Swatches by depth">
        <h2>Painted by this water</h2>
        <p class="reason note">Back, side, belly (and blade) as a human eye used to the water would see them close by; behind them the water.</p>
        <table>
          <caption class="sr">Swatches by depth</caption>
          <thead><tr><th>depth</th><th>light</th><th v-for="p in lures" :key="p.lure.id" scope="col"><LureDrawing :lure="p.lure" small class="drawing" />{{ p.lure.name }}</th></tr></thead>
          <tbody>
            <tr v-for="(d, i) in depthsM" :key="d">
              <th scope="row">{{ metres(d) }}</th>
              <td class="lux">{{ answer.water[i] && answer.water[i]!.isDark ? 'practically dark' : `${(answer.water[i]?.lux ?? 0) >= 100 ? Math.round((answer.water[i]?.lux ?? 0) / 100) * 100 : Number((answer.water[i]?.lux ?? 0).toPrecision(1))} lx` }}</td>
              <td v-for="p in lures" :key="p.lure.id"><span class="swatch" :style="{ background: answer.water[i]?.hex }"><i v-for="(hex, z) in answer.lures.find(l => l.id === p.lure.id)?.swatches[i] ?? []" :key="z" :style="{ background: hex }" /></span></td>
            </tr>
          </tbody>
        </table>
        <p v-if="lowLight" class="reason note">Where it is practically dark a swatch means nothing; what is left is a silhouette.</p>
      </section>
      <section aria-label="Ranking">
        <h2>Standing out at {{ metres(depth) }}</h2>
        <ol>
          <li v-for="(l, i) in ranked" :key="l.id" :class="{ tie: isTie(i) }">
            <span class="rank">{{ isTie(i) ? '=' : i + 1 }}</span>
            <b>{{ nameOf(l.id) }}</b>
            <span class="bars"><span class="bar"><i :style="{ width: `${l.conspicuousness * 100}%` }" /></span>{{ percent(l.conspicuousness) }}</span>
            <span class="bars like"><span class="bar"><i :style="{ width: `${l.naturalness * 100}%` }" /></span>{{ percent(l.naturalness) }} like prey</span>
            <span class="views reason">{{ l.views.map(v => `${VIEW_WORDS[v.view]} ${v.isBright ? 'bright' : 'dark'} ${Math.round(v.score * 100)}`).join(', ') }}; {{ l.reachM === null ? 'not seen at all' : `seen to about ${metres(l.reachM)}` }}.</span>
          </li>
        </ol>
        <p class="reason note">50 % is as strong as a black silhouette. Differences under 3 % are ties (=).</p>
        <h2>Contrast over distance</h2>
        <svg :viewBox="`-36 -10 ${SIZE.width + 210} ${SIZE.height + 40}`" role="img" aria-label="Contrast over distance">
          <g v-for="t in chart.yTicks" :key="t.jnd"><line :x2="SIZE.width" :y1="t.y" :y2="t.y" class="rule" /><text x="-6" :y="t.y" text-anchor="end" dominant-baseline="middle">{{ t.jnd }}</text></g>
          <text v-for="t in chart.xTicks" :key="t.metres" :x="t.x" :y="SIZE.height + 18" text-anchor="middle">{{ metres(t.metres) }}</text>
          <line :x2="SIZE.width" :y1="chart.threshold" :y2="chart.threshold" class="threshold" />
          <template v-for="(c, i) in chart.curves" :key="c.id"><path :d="c.path" class="curve" :stroke-dasharray="DASHES[i]" /><line :x1="SIZE.width + 10" :x2="SIZE.width + 34" :y1="8 + 18 * i" :y2="8 + 18 * i" class="curve" :stroke-dasharray="DASHES[i]" /><text :x="SIZE.width + 40" :y="8 + 18 * i" dominant-baseline="middle">{{ nameOf(c.id) }}</text></template>
        </svg>
        <p class="reason note">In just-noticeable differences, seen level; under the red line nothing is told from the water.</p>
      </section>
    </div>
    <p class="reason limits">Physics only: what anglers do (gold under cloud, fire colours in mud) is a habit and stands among the rules. Not in it: pattern, motion, polarised light, waves, the sun’s glitter, shadow, the fish’s memory. {{ proseIn('Clear to 30 m and dark to 5 cm of visibility', units) }}; absolute distances are uncertain by a factor of two, the order is much better. By night light lures may come out a tenth too weak.</p>
  </div>
</template>

<style scoped>
.colours { padding: 10px 18px 60px; }
.head { display: flex; flex-wrap: wrap; gap: 10px 26px; align-items: flex-end; }
h1 { font-size: 24px; align-self: center; }
h2 { font-size: 18px; margin: 12px 0 2px; }
.pick { flex: 1 1 260px; max-width: 460px; }
.who, .note, .limits { color: var(--soft-ink); margin: 6px 0; }
.limits { max-width: 90ch; border-top: 1px solid var(--rule); padding-top: 8px; margin-top: 18px; }
.body { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 480px), 1fr)); gap: 10px 44px; align-items: start; }
section { min-width: 0; overflow-x: auto; position: relative; }
.who .known { white-space: normal; }
table { border-collapse: collapse; }
th { text-align: left; font-weight: 600; padding: 3px 12px 3px 0; font-size: 13px; vertical-align: bottom; }
thead th:nth-child(-n + 2), th[scope='row'] { white-space: nowrap; }
td { padding: 0 4px 0 0; }
.lux { color: var(--soft-ink); white-space: nowrap; padding-right: 12px; font-size: 13px; }
.drawing { width: 70px; height: 28px; }
.swatch { display: flex; flex-direction: column; justify-content: center; padding: 0 12px; min-width: 92px; height: 50px; }
.swatch i { display: block; height: 9px; }
ol { list-style: none; padding: 0; margin: 6px 0; }
li { display: grid; grid-template-columns: 22px minmax(110px, 1fr) 150px 190px; gap: 2px 12px; align-items: center; border-top: 1px solid var(--rule); padding: 5px 0; }
li.tie { border-top-style: dotted; }
.rank { color: var(--soft-ink); }
.bars { display: flex; gap: 8px; align-items: center; white-space: nowrap; }
.bar { width: 70px; height: 8px; background: color-mix(in srgb, var(--rule) 50%, transparent); }
.bar i { display: block; height: 100%; background: var(--water-ink); }
.like .bar i { background: var(--brass); }
.views { grid-column: 2 / -1; color: var(--soft-ink); font-size: 13.5px; }
svg { width: 100%; max-width: 620px; }
text { font-size: 12px; fill: var(--ink); }
.rule { stroke: var(--rule); }
.threshold { stroke: var(--float); stroke-width: 1.5; }
.curve { fill: none; stroke: var(--water-ink); stroke-width: 2; }
@media (max-width: 700px) { li { grid-template-columns: 22px 1fr; } .bars { grid-column: 2; } .colours { padding-inline: 10px; } }
</style>
