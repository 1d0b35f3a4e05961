<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { bladeChange, type Change, cutTo, hookPlaces, hookSwap, loadTo, stickOnToHang, stickOnToSink, trimSkirt, weightedHook } from '#core/bench'
import { parseLure } from '#core/files'
import type { LureProfile } from '#core/lure'
import { BLADE_SHAPES, isSoftBody } from '#core/terms'
import { formatHookSize, formatNumber, formatQuantity } from '#core/units'
import { waterDensity } from '#core/water'

const props = defineProps<{ profile: LureProfile }>()
const emit = defineEmits<{ made: [id: string] }>()
const box = useBoxStore()
const reading = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const temperatureC = ref(reading.complete.reading.temperatureC)
const salinityPsu = computed(() => reading.complete.reading.salinityPsu)
const { changes, before, after, modified } = useWorkshop(() => props.profile, () => ({ temperatureC: temperatureC.value, salinityPsu: salinityPsu.value }), () => box.box.outfits)
const problem = ref('')
const SIZES = ['10', '8', '6', '5', '4', '2', '1/0', '2/0', '3/0', '4/0', '5/0'] as const
const ownHook = computed(() => props.profile.hooks.value[0]!)
const newKind = ref<'treble' | 'single'>('treble')
const newSize = ref('4')
const targetG = ref<number | null>(null)
const cutMm = ref<number | null>(null)
const trimG = ref(0.5)
const hookG = ref(3.5)

const soft = computed(() => isSoftBody(props.profile.lure.family))
const skirted = computed(() => ['skirted-jig', 'bladed-jig', 'spinnerbait'].includes(props.profile.lure.family))
const hangs = computed(() => ['crankbait', 'jerkbait', 'pencil', 'glide-bait', 'swimbait', 'topwater'].includes(props.profile.lure.family))

function apply(change: Change | null, refusal: string) {
  problem.value = change ? '' : refusal
  if (change) changes.value = [...changes.value, change]
}

const places = computed(() => hookPlaces(ownHook.value.count ?? 1))
const swapAt = ref('all')
function swap() {
  const from = { kind: ownHook.value.kind === 'single' ? 'single' as const : 'treble' as const, size: ownHook.value.size ?? '6' }
  for (const place of places.value.filter(p => swapAt.value === 'all' || p.name === swapAt.value))
    apply(hookSwap(from, { kind: newKind.value, size: newSize.value }, place), 'that is no hook size')
}
const sinkMs = ref(0.1)
const sink = () => apply(stickOnToSink(after.value.surplusG, sinkMs.value, props.profile.fallAreaCm2 * 1e-4, waterDensity(temperatureC.value, salinityPsu.value)), 'it sinks faster already')
const bladeShape = ref<typeof BLADE_SHAPES[number]>('colorado')
const bladeSize = ref(4)
const bladed = computed(() => ['spinnerbait', 'inline-spinner', 'tail-spinner'].includes(props.profile.lure.family))
const swapBlades = () => apply(bladeChange(props.profile.blades, [{ shape: bladeShape.value, size: bladeSize.value, metal: props.profile.blades[0]?.metal ?? 'silver' }]), 'choose a blade')
const hang = () => apply(stickOnToHang(after.value.surplusG, waterDensity(temperatureC.value, salinityPsu.value)), 'it sinks already at this temperature: nothing to add')
const load = () => apply(loadTo(targetG.value ?? 0, after.value.weightG), `the target must be above ${grams(after.value.weightG)}`)
const cut = () => apply(cutTo(after.value.lengthMm, cutMm.value ?? 0, after.value.weightG, after.value.weightG / (props.profile.typical.densityKgM3 / 1000)), `cut to less than ${formatQuantity('length', after.value.lengthMm, { system: units.value })}`)

const { runsTo } = useChangedDepth(() => props.profile, before, after)

const figures = computed(() => [
  { label: 'weight', before: formatQuantity('weight', before.value.weightG, { system: units.value }), after: formatQuantity('weight', after.value.weightG, { system: units.value }) },
  { label: 'length', before: formatQuantity('length', before.value.lengthMm, { system: units.value }), after: formatQuantity('length', after.value.lengthMm, { system: units.value }) },
  { label: 'bulk', before: `${before.value.bulk.toFixed(1)} of 5`, after: `${after.value.bulk.toFixed(1)} of 5` },
  { label: 'to hang it lacks', before: lacks(before.value.surplusG), after: lacks(after.value.surplusG) },
  { label: 'left alone', before: drift(before.value.driftMs), after: drift(after.value.driftMs) },
  { label: 'hangs at', before: hangsAt(before.value.hangsAtC), after: hangsAt(after.value.hangsAtC) },
  { label: 'balance', before: balance(before.value.balanceMm), after: balance(after.value.balanceMm) },
  ...(runsTo.value ? [{ label: `runs to, ${formatQuantity('depth', 30, { system: units.value, decimals: 0 })} cast`, before: metres(runsTo.value.before), after: metres(runsTo.value.after) }] : []),
  { label: 'rods', before: before.value.rods.join(', ') || 'none', after: after.value.rods.join(', ') || 'none' },
])

/** Small weights: hundredths of a gram, thousandths of an ounce. */
function grams(value: number): string {
  return formatQuantity('weight', value, { system: units.value, decimals: units.value === 'metric' ? 2 : 3 })
}
function hangsAt(celsius: number | null): string {
  return celsius === null ? `no temperature of ${formatNumber('temperature', 4, { system: units.value, decimals: 0 })}–${formatQuantity('temperature', 30, { system: units.value, decimals: 0 })}` : formatQuantity('temperature', celsius, { system: units.value })
}
function balance(mm: number): string {
  return Math.abs(mm) < 0.05 ? 'as built' : `${formatQuantity('length', Math.abs(mm), { system: units.value, decimals: units.value === 'metric' ? 1 : 2 })} to the ${mm > 0 ? 'tail' : 'nose'}`
}
function metres(depth: number | null): string {
  return depth === null ? 'does not dive' : formatQuantity('depth', depth, { system: units.value })
}
function lacks(surplusG: number): string {
  return surplusG > 0 ? grams(surplusG) : `nothing, ${grams(-surplusG)} too heavy`
}
function drift(ms: number): string {
  return Math.abs(ms) < 0.005 ? 'hangs' : `${ms > 0 ? 'sinks' : 'rises'} ${formatQuantity('sink', Math.abs(ms), { system: units.value })}`
}

async function save() {
  const lure = modified(nanoid(10))
  const outcome = parseLure(lure)
  problem.value = outcome.ok ? '' : `${outcome.issues[0]!.path} ${outcome.issues[0]!.message}`
  if (!outcome.ok) return
  changes.value = []
  await box.change({ put: { lures: [outcome.value] } }, `${lure.name} is in the box: weigh and test it again.`)
  emit('made', lure.id)
}
</script>

<template>
  <section class="workshop" aria-label="Workshop">
    <p class="reason">Each change makes it a different bait. Its figures are worked out here; only the scale and the water make them true. <b>Density of the body is {{ profile.buoyancy.known === 'typical' ? 'assumed' : 'as you entered or tested' }}.</b></p>
    <div class="tools">
      <NumberStep label="Water" dimension="temperature" :value="temperatureC" :step="1" :min="-1" :max="35" @change="v => temperatureC = v" />
      <div v-if="profile.hooks.value[0]?.kind !== 'jig'" class="tool">
        <span class="small-label">hooks: {{ ownHook.count ?? 1 }} × {{ ownHook.kind }} {{ formatHookSize(ownHook.size ?? '6') }} for</span>
        <select v-model="newKind" aria-label="New hook kind"><option>treble</option><option>single</option></select>
        <select v-model="newSize" aria-label="New hook size"><option v-for="s in SIZES" :key="s" :value="s">{{ formatHookSize(s) }}</option></select>
        <select v-if="places.length > 1" v-model="swapAt" aria-label="Where"><option>all</option><option v-for="p in places" :key="p.name">{{ p.name }}</option></select>
        <button class="plain" type="button" @click="swap">Swap</button>
      </div>
      <div v-if="hangs" class="tool"><span class="small-label">lead on the belly</span><button class="plain" type="button" @click="hang">Make it hang</button></div>
      <div v-if="hangs" class="tool"><QuantityField label="Sink at" dimension="sink" :value="sinkMs" :min="0.01" :max="2" @change="v => sinkMs = v ?? sinkMs" /><button class="plain" type="button" @click="sink">Make it sink</button></div>
      <div v-if="bladed" class="tool"><span class="small-label">one blade</span>
        <select v-model="bladeShape" aria-label="Blade shape"><option v-for="s in BLADE_SHAPES" :key="s">{{ s }}</option></select>
        <input v-model.number="bladeSize" aria-label="Blade number" type="number" min="0" max="8" /><button class="plain" type="button" @click="swapBlades">Change</button>
      </div>
      <div v-if="hangs" class="tool"><QuantityField label="Load to" dimension="weight" :value="targetG" :max="2000" @change="v => targetG = v" /><button class="plain" type="button" @click="load">Load</button></div>
      <div v-if="soft" class="tool"><QuantityField label="Cut to" dimension="length" :value="cutMm" :max="1000" @change="v => cutMm = v" /><button class="plain" type="button" @click="cut">Cut</button></div>
      <div v-if="soft" class="tool"><QuantityField label="Weighted hook" dimension="weight" :value="hookG" :max="100" @change="v => hookG = v ?? hookG" /><button class="plain" type="button" @click="apply(weightedHook(hookG), 'give its weight')">Add</button></div>
      <div v-if="skirted" class="tool"><QuantityField label="Trim the skirt by" dimension="weight" :value="trimG" :max="50" @change="v => trimG = v ?? trimG" /><button class="plain" type="button" @click="apply(trimSkirt(trimG), 'give what is cut off')">Trim</button></div>
    </div>
    <p v-if="problem" class="reason problem" role="alert">Not done: {{ problem }}.</p>
    <table>
      <thead><tr><th /><th>before</th><th>after</th></tr></thead>
      <tbody><tr v-for="f in figures" :key="f.label" :class="{ changed: f.before !== f.after }"><th scope="row">{{ f.label }}</th><td>{{ f.before }}</td><td>{{ f.after }}</td></tr></tbody>
    </table>
    <ol v-if="changes.length > 0" class="bill" aria-label="Bill of parts">
      <li v-for="(c, i) in changes" :key="i">{{ c.text }} ({{ c.grams >= 0 ? '+' : '−' }}{{ grams(Math.abs(c.grams)) }}) <button class="quiet" type="button" @click="changes = changes.filter((_, k) => k !== i)">undo</button></li>
    </ol>
    <button class="hot" type="button" :disabled="changes.length === 0" @click="save">Keep as a changed lure</button>
    <p class="reason caution">Water alone moves the hang by {{ grams(0.03) }} or so between cold and warm water, and the plastic may move it the other way by as much: so test it in the water you fish. Hook masses are usual ones, ±25 %: weigh yours.</p>
    <p class="reason caution">Lead: do not file or melt it indoors without ventilation and a mask; wash your hands. Glue: air and gloves. Hooks: eye protection, pliers.</p>
  </section>
</template>

<style scoped>
.tools { display: flex; flex-wrap: wrap; gap: 10px 24px; align-items: flex-end; margin: 8px 0 12px; }
.tool { display: flex; flex-wrap: wrap; gap: 8px; align-items: flex-end; }
.tool .plain { white-space: nowrap; }
.tool .quantity { flex: 0 0 130px; width: 130px; }
.tool .small-label { max-width: 150px; }
select, input { height: 44px; border: 0; border-bottom: 1px solid var(--ink); background: none; color: inherit; font: 600 17px var(--font-figure); padding: 0 4px; }
option { background: var(--leaf); color: var(--ink); }
input { width: 92px; display: block; }
table { border-collapse: collapse; min-width: min(100%, 460px); }
th { text-align: left; font-weight: 500; color: var(--soft-ink); padding: 4px 18px 4px 0; }
td { padding: 4px 24px 4px 0; border-bottom: 1px solid var(--rule); }
.changed td:last-child { font-weight: 680; border-bottom: 2px solid var(--float); }
.bill { padding-left: 18px; }
.problem { color: var(--float); }
.caution { border-left: 3px solid var(--brass); padding-left: 8px; max-width: 70ch; margin: 10px 0 0; }
.hot { margin-top: 10px; }
</style>
