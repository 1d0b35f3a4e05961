<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { DEEPEST_M, deepestOf, type GetsDown, isBiteProof, prepareOutfit, throwsOf } from '#core/lure'
import type { Outfit } from '#core/tackle'
import { LINE_MATERIALS, REEL_KINDS, ROD_ACTIONS, ROD_KINDS, ROD_POWERS } from '#core/terms'
import { type Dimension, formatQuantity } from '#core/units'
import { windowStrip } from '~/charts/window-strip'
import { capital, words } from '~/text/labels'
import { leaderInWords, strandInWords } from '~/text/line-words'
import { plain } from '~/workers/plain'

/** One rod with its reel, line and leader; each field is stored as it is left. */
const props = defineProps<{ outfit: Outfit }>()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const problem = ref('')
/** A rod just put in, of which little is known yet, stands open. */
const opened = ref(props.outfit.reel?.spoolDiameterMm == null)
const items = (ids: readonly string[]) => ids.map(value => ({ value, title: capital(words(value)) }))
const shown = (dimension: Dimension, value: number | null | undefined) => (value == null ? '' : formatQuantity(dimension, value, { system: units.value }))

async function alter(change: (outfit: Outfit) => Partial<Outfit>) {
  const issues = await box.edit('outfits', props.outfit.id, change)
  problem.value = issues.length > 0 ? `Not stored: ${issues[0]!.path} ${issues[0]!.message}.` : ''
}
const rod = (part: Partial<Outfit['rod']>) => alter(o => ({ rod: { ...o.rod, ...part } }))
const reel = (part: Partial<NonNullable<Outfit['reel']>>) => alter(o => ({ reel: { ...o.reel, ...part } }))
const line = (part: Partial<Outfit['line']>) => alter(o => ({ line: { ...o.line, ...part } }))
const leader = (part: Partial<NonNullable<Outfit['leader']>>) => alter(o => ({ leader: { material: 'fluorocarbon', ...o.leader, ...part } }))

function number(event: Event, store: (value: number | null) => Promise<void>) {
  const text = (event.target as HTMLInputElement).value.trim().replace(',', '.')
  if (text === '') return store(null)
  if (Number.isFinite(Number(text))) return store(Number(text))
  problem.value = `Not stored: “${text}” is not a number.`
}

const prepared = computed(() => prepareOutfit(props.outfit))
/** By the lures' own weight; soft bodies are thrown with a head, which comes on top. */
/** Lures that can be tied on by themselves, as this rod throws them, deepest first. */
const able = computed(() => [...catalogue.profiles.values()].filter(p => p.lure.role !== 'trailer'))
const thrown = computed(() => throwsOf(prepared.value, able.value))
const inside = computed(() => {
  const { lureMinG, lureMaxG } = props.outfit.rod
  return lureMinG == null || lureMaxG == null ? null : thrown.value.filter(t => t.totalG >= lureMinG && t.totalG <= lureMaxG).length
})
/** How far down this rod gets, by lip, by weight and to the bottom. Worked out for a row that is open. */
const deepestInWords = computed(() => {
  if (!opened.value) return ''
  return deepestOf(prepared.value, thrown.value).map(({ by, depthM, thrown: t }) => {
    const depth = `${formatQuantity('depth', depthM, { system: units.value })}${depthM >= DEEPEST_M ? ' and more' : ''}`
    return `${WAYS_DOWN[by]} ${depth} with ${t.profile.lure.name} (${shown('weight', t.totalG)} complete, cast ${formatQuantity('depth', t.castM, { system: units.value, decimals: 0 })})`
  }).join('; ')
})
const WAYS_DOWN: Record<GetsDown, string> = { 'dive': 'dives to', 'count-down': 'is wound as deep as', 'bottom': 'keeps the bottom to' }
const STRIP = { width: 1000, height: 34 } as const
const strip = computed(() => windowStrip(props.outfit.rod, [...catalogue.profiles.values()].map(p => p.weightG.value), STRIP.width, units.value))
const weight = (value: number | null | undefined) => shown('weight', value)
const build = computed(() => {
  const { rod, line, leader } = props.outfit
  return [
    [words(rod.kind), shown('depth', rod.lengthM), words(rod.power), words(rod.action)].filter(Boolean).join(' '),
    strandInWords(line, units.value),
    leader ? `leader ${leaderInWords(leader, units.value)}` : 'no leader',
  ].join(' · ')
})
const facts = computed(() => [
  `throws ${thrown.value.length} of your ${able.value.length} lures, each complete with its usual head or sinker${inside.value === null ? '' : `, ${inside.value} of them inside its window`}`,
  prepared.value.pickUpM ? `${formatQuantity('depth', prepared.value.pickUpM, { system: units.value })} of line a turn` : 'line per turn needs ratio and spool',
  props.outfit.line.diameterMm == null ? `line of ${formatQuantity('diameter', prepared.value.lineMm, { system: units.value })} is assumed` : '',
  isBiteProof(props.outfit.leader) ? 'its leader withstands teeth' : '',
].filter(Boolean).join(' · '))
const copy = () => box.change({ put: { outfits: [{ ...plain(props.outfit), id: nanoid(10), name: `${props.outfit.name}, copy` }] } }, `${props.outfit.name} is doubled.`)
</script>

<template>
  <li class="outfit">
    <div class="head">
      <strong class="name">{{ outfit.name }}</strong>
      <span class="build">{{ build }}</span>
      <button type="button" class="quiet" :aria-expanded="opened" :aria-label="`Change ${outfit.name}`" @click="opened = !opened">{{ opened ? 'fold' : 'change' }}</button>
      <button type="button" class="quiet" :aria-label="`Double ${outfit.name}`" @click="copy">double</button>
      <button type="button" class="quiet" :aria-label="`Take out ${outfit.name}`" @click="box.change({ remove: { outfits: [outfit.id] } }, `${outfit.name} is taken out.`)">×</button>
    </div>
    <svg class="strip" :viewBox="`0 0 ${STRIP.width} ${STRIP.height}`" preserveAspectRatio="none" role="img" :aria-label="`${outfit.name}: lures from ${weight(outfit.rod.lureMinG) || 'not known'} to ${weight(outfit.rod.lureMaxG) || 'not known'}, over the weights of your lures`">
      <rect v-if="strip.band" class="band" :x="strip.band.from" :width="strip.band.to - strip.band.from" y="0" :height="STRIP.height" />
      <path class="lures" :d="strip.lures.map(at => `M${at} 8V26`).join('')" />
    </svg>
    <div class="scale" aria-hidden="true"><span v-for="mark in strip.marks" :key="mark.weightG" :style="{ left: `${mark.at / STRIP.width * 100}%` }">{{ weight(mark.weightG) }}</span></div>
    <p class="reason facts">{{ capital(facts) }}.</p>
    <p v-if="opened && deepestInWords" class="reason facts">At its best speed a lure {{ deepestInWords }}.</p>
    <div v-if="opened" class="fields">
      <v-text-field :model-value="outfit.name" label="Name" @change="alter(() => ({ name: ($event.target as HTMLInputElement).value }))" />
      <v-select :model-value="outfit.rod.kind" :items="items(ROD_KINDS)" label="Rod" @update:model-value="kind => rod({ kind })" />
      <QuantityField label="Length" dimension="depth" :value="outfit.rod.lengthM" :likely="[1, 5]" @change="lengthM => rod({ lengthM })" />
      <v-select :model-value="outfit.rod.power" :items="items(ROD_POWERS)" label="Power" @update:model-value="power => rod({ power })" />
      <v-select :model-value="outfit.rod.action" :items="items(ROD_ACTIONS)" label="Action" @update:model-value="action => rod({ action })" />
      <QuantityField label="Lures from" dimension="weight" :value="outfit.rod.lureMinG" :likely="[0.1, 500]" @change="lureMinG => rod({ lureMinG })" />
      <QuantityField label="up to" dimension="weight" :value="outfit.rod.lureMaxG" :likely="[0.5, 1000]" @change="lureMaxG => rod({ lureMaxG })" />
      <v-select :model-value="outfit.reel?.kind" :items="items(REEL_KINDS)" label="Reel" @update:model-value="kind => reel({ kind })" />
      <v-text-field :model-value="outfit.reel?.ratio ?? ''" label="Ratio, to 1" inputmode="decimal" @change="number($event, ratio => reel({ ratio }))" />
      <QuantityField label="Spool across" dimension="length" :value="outfit.reel?.spoolDiameterMm" :likely="[15, 150]" @change="spoolDiameterMm => reel({ spoolDiameterMm })" />
      <v-select :model-value="outfit.line.material" :items="items(LINE_MATERIALS)" label="Line" @update:model-value="material => line({ material })" />
      <QuantityField label="Holds" dimension="strength" :value="outfit.line.testKg" :likely="[0.4, 70]" @change="testKg => line({ testKg })" />
      <QuantityField label="Diameter" dimension="diameter" :value="outfit.line.diameterMm" :likely="[0.05, 1.2]" @change="diameterMm => line({ diameterMm })" />
      <v-select :model-value="outfit.leader?.material" :items="items(LINE_MATERIALS)" label="Leader" clearable @update:model-value="material => (material ? leader({ material }) : alter(() => ({ leader: null })))" />
      <QuantityField label="Leader holds" dimension="strength" :value="outfit.leader?.testKg" :likely="[0.4, 150]" @change="testKg => leader({ testKg })" />
      <QuantityField label="Leader diameter" dimension="diameter" :value="outfit.leader?.diameterMm" :likely="[0.1, 1.6]" @change="diameterMm => leader({ diameterMm })" />
      <QuantityField label="Leader length" dimension="depth" :value="outfit.leader?.lengthM" :likely="[0.1, 10]" @change="lengthM => leader({ lengthM })" />
      <QuantityField label="You cast" dimension="depth" :value="outfit.castM" placeholder="estimated" :likely="[3, 150]" @change="castM => alter(() => ({ castM }))" />
    </div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </li>
</template>

<style scoped>
.outfit { border-top: 1px solid var(--rule); padding: 10px 0 14px; }
.head { display: flex; flex-wrap: wrap; gap: 4px 14px; align-items: baseline; }
.name { font-size: 17px; }
.build { color: var(--soft-ink); flex: 1 1 240px; }
.strip { display: block; width: 100%; height: 26px; margin-top: 6px; border-bottom: 1px solid var(--ink); }
.band { fill: color-mix(in srgb, var(--water-ink) 22%, transparent); }
.lures { stroke: var(--ink); stroke-width: 1.5px; vector-effect: non-scaling-stroke; fill: none; }
.scale { position: relative; height: 18px; font-size: 12px; color: var(--soft-ink); }
.scale span { position: absolute; transform: translateX(-50%); white-space: nowrap; }
.fields { display: grid; grid-template-columns: repeat(auto-fill, minmax(132px, 1fr)); gap: 12px 14px; padding-top: 10px; }
.facts { margin: 4px 0 0; }
.problem { color: var(--float); }
</style>
