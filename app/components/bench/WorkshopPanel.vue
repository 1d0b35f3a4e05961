<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { bladeChange, bladePlaces, type Change, cutTo, hookPlaces, hookSwap, loadTo, stickOnToHang, stickOnToSink, trimSkirt, weightedHook } from '#core/bench'
import { parseLure } from '#core/files'
import { type LureProfile, mayTrail, presenceOf, vibrationOf } from '#core/lure'
import type { Blade } from '#core/tackle'
import { BLADE_FINISHES, BLADE_SHAPES, isSoftBody, METALS } from '#core/terms'
import { formatHookSize, formatNumber, formatQuantity } from '#core/units'
import { waterDensity } from '#core/water'
import { inWords } from '#speech'
import { carriedInWords } from '~/text/workshop-words'
import { plain } from '~/workers/plain'

const props = defineProps<{ profile: LureProfile }>()
const emit = defineEmits<{ made: [id: string] }>()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const reading = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const temperatureC = ref(reading.complete.reading.temperatureC)
const salinityPsu = computed(() => reading.complete.reading.salinityPsu)
const { changes, before, after, modified } = useWorkshop(() => props.profile, () => ({ temperatureC: temperatureC.value, salinityPsu: salinityPsu.value }), () => box.box.outfits, units)
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
  places.value.forEach((place, index) => {
    if (swapAt.value !== 'all' && place.name !== swapAt.value) return
    // A hook that was changed before is what comes off now.
    const now = changes.value.findLast(c => c.hook?.index === index)?.hook
    const from = now ?? { kind: ownHook.value.kind === 'single' ? 'single' as const : 'treble' as const, size: ownHook.value.size ?? '6' }
    apply(hookSwap(from, { kind: newKind.value, size: newSize.value }, place, index), 'that is no hook size')
  })
}
const sinkMs = ref(0.1)
const sink = () => apply(stickOnToSink(after.value.surplusG, sinkMs.value, props.profile.fallAreaCm2 * 1e-4, waterDensity(temperatureC.value, salinityPsu.value)), 'it sinks faster already')
const bladed = computed(() => props.profile.blades.length > 0 || ['spinnerbait', 'inline-spinner', 'tail-spinner', 'umbrella-rig'].includes(props.profile.lure.family))
/** The blades as they hang now, back blade first; changed one by one. */
const blades = computed((): readonly Blade[] => changes.value.findLast(c => c.blades)?.blades ?? props.profile.blades)
const bladeNames = computed(() => inWords(bladePlaces(blades.value.length)))
function setBlades(next: readonly Blade[]) {
  // One bill for all blades, against those it came with.
  const others = changes.value.filter(c => c.kind !== 'blade')
  const change = bladeChange(props.profile.blades, next)
  problem.value = next.length === 0 ? 'one blade stays' : ''
  if (next.length > 0) changes.value = change ? [...others, change] : others
}
const setBlade = (index: number, part: Partial<Blade>) => { setBlades(blades.value.map((blade, i) => (i === index ? { ...blade, ...part } : blade))) }
const addBlade = () => { setBlades([...blades.value, { shape: 'willow', size: 4, finish: 'smooth', metal: blades.value[0]?.metal ?? 'silver' }]) }
/** Tried behind it: what it adds. A trailer is chosen anew each time it is tied on, so it is not kept with the lure. */
const trailerId = ref('')
const trailers = computed((): readonly LureProfile[] => [...catalogue.profiles.values()].filter(t => t.lure.quantity !== 0 && mayTrail(t, props.profile)))
const trailer = computed(() => trailers.value.find(t => t.lure.id === trailerId.value) ?? null)
const hang = () => apply(stickOnToHang(after.value.surplusG, waterDensity(temperatureC.value, salinityPsu.value)), 'it sinks already at this temperature: nothing to add')
const load = () => apply(loadTo(targetG.value ?? 0, after.value.weightG), `the target must be above ${grams(after.value.weightG)}`)
const cut = () => apply(cutTo(after.value.lengthMm, cutMm.value ?? 0, after.value.weightG, after.value.weightG / (props.profile.typical.densityKgM3 / 1000)), `cut to less than ${formatQuantity('length', after.value.lengthMm, { system: units.value })}`)

const { runsTo, isWorking } = useChangedDepth(() => props.profile, before, after)

const figures = computed(() => [
  { label: 'weight', before: formatQuantity('weight', before.value.weightG, { system: units.value }), after: formatQuantity('weight', after.value.weightG, { system: units.value }) },
  { label: 'length', before: formatQuantity('length', before.value.lengthMm, { system: units.value }), after: formatQuantity('length', after.value.lengthMm, { system: units.value }) },
  { label: 'bulk', before: `${before.value.bulk.toFixed(1)} of 5`, after: `${after.value.bulk.toFixed(1)} of 5` },
  { label: 'to hang it lacks', before: lacks(before.value.surplusG), after: lacks(after.value.surplusG) },
  { label: 'left alone', before: drift(before.value.driftMs), after: drift(after.value.driftMs) },
  { label: 'hangs at', before: hangsAt(before.value.hangsAtC), after: hangsAt(after.value.hangsAtC) },
  { label: 'balance', before: balance(before.value.balanceMm), after: balance(after.value.balanceMm) },
  ...(runsTo.value ? [{ label: `runs to, ${formatQuantity('depth', 30, { system: units.value, decimals: 0 })} cast`, before: metres(runsTo.value.before), after: metres(runsTo.value.after) }] : []),
  ...(trailer.value
    ? [
        { label: `with ${trailer.value.lure.name}, weight`, before: formatQuantity('weight', before.value.weightG, { system: units.value }), after: formatQuantity('weight', after.value.weightG + trailer.value.weightG.value, { system: units.value }) },
        { label: 'with it, bulk', before: `${before.value.bulk.toFixed(1)} of 5`, after: `${presenceOf({ ...props.profile, bulk: { ...props.profile.bulk, value: after.value.bulk } }, trailer.value).value.toFixed(1)} of 5` },
        { label: 'with it, thump', before: `${props.profile.vibration.value.toFixed(1)} of 5`, after: `${vibrationOf(props.profile, trailer.value).value.toFixed(1)} of 5` },
      ]
    : []),
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

const made = computed(() => modified('', runsTo.value ? { depthM: runsTo.value.after } : null))
const keptInWords = computed(() => carriedInWords(made.value, units.value))

async function save() {
  const { lure, original } = modified(nanoid(10), runsTo.value ? { depthM: runsTo.value.after } : null)
  const [fresh, old] = [parseLure(lure), parseLure(plain(original))]
  const issue = fresh.ok ? (old.ok ? null : old.issues[0]!) : fresh.issues[0]!
  problem.value = issue ? `${issue.path} ${inWords(issue.message)}` : ''
  if (!fresh.ok || !old.ok) return
  changes.value = []
  await box.change({ put: { lures: [fresh.value, old.value] } }, old.value.quantity === 0 ? `${lure.name} is in the box in the place of ${old.value.name}: weigh and test it again.` : `${lure.name} is in the box, and one ${old.value.name} less: weigh and test it again.`)
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
      <div v-if="bladed" class="tool blades" role="group" aria-label="Blades">
        <p v-for="(b, i) in blades" :key="i"><span class="small-label">{{ bladeNames[i] }}</span>
          <select :value="b.shape" :aria-label="`Shape, ${bladeNames[i]}`" @change="setBlade(i, { shape: ($event.target as HTMLSelectElement).value as Blade['shape'] })"><option v-for="s in BLADE_SHAPES" :key="s">{{ s }}</option></select>
          <input :value="b.size ?? 4" :aria-label="`Number, ${bladeNames[i]}`" type="number" min="0" max="12" step="0.5" @change="setBlade(i, { size: Number(($event.target as HTMLInputElement).value) })" />
          <select :value="b.finish ?? 'smooth'" :aria-label="`Finish, ${bladeNames[i]}`" @change="setBlade(i, { finish: ($event.target as HTMLSelectElement).value as Blade['finish'] })"><option v-for="f in BLADE_FINISHES" :key="f">{{ f }}</option></select>
          <select :value="b.metal ?? 'silver'" :aria-label="`Colour, ${bladeNames[i]}`" @change="setBlade(i, { metal: ($event.target as HTMLSelectElement).value as Blade['metal'] })"><option v-for="m in METALS" :key="m" :value="m">{{ m === 'none' ? 'painted over' : m }}</option></select>
          <button v-if="blades.length > 1" class="quiet" type="button" :aria-label="`Take off the ${bladeNames[i]} blade`" @click="setBlades(blades.filter((_, k) => k !== i))">off</button>
        </p>
        <button v-if="blades.length < 4" class="plain" type="button" @click="addBlade">Another blade in front</button>
      </div>
      <label v-if="trailers.length > 0" class="tool"><span class="small-label">try a trailer on it</span><select v-model="trailerId" aria-label="Trailer tried on it"><option value="">none</option><option v-for="t in trailers" :key="t.lure.id" :value="t.lure.id">{{ t.lure.name }}</option></select></label>
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
      <li v-for="(c, i) in changes" :key="i">{{ inWords(c.text, units) }} ({{ c.grams >= 0 ? '+' : '−' }}{{ grams(Math.abs(c.grams)) }}) <button class="quiet" type="button" @click="changes = changes.filter((_, k) => k !== i)">undo</button></li>
    </ol>
    <ul v-if="changes.length > 0" class="kept reason" aria-label="What goes over to it"><li v-for="line in keptInWords" :key="line">{{ line }}</li></ul>
    <button class="hot" type="button" :disabled="changes.length === 0 || isWorking" @click="save">{{ made.original.quantity === 0 ? 'Keep it as changed' : 'Keep one as changed' }}</button>
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
.blades { flex-direction: column; align-items: stretch; gap: 4px; }
.blades p { display: flex; flex-wrap: wrap; gap: 8px; align-items: center; margin: 0; }
.blades > .plain { align-self: flex-start; }
.blades .small-label { min-width: 48px; }
.blades input { width: 62px; }
.kept { padding-left: 18px; margin: 6px 0 0; max-width: 70ch; }
.problem { color: var(--float); }
.caution { border-left: 3px solid var(--brass); padding-left: 8px; max-width: 70ch; margin: 10px 0 0; }
.hot { margin-top: 10px; }
</style>
