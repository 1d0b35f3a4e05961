<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref, watch } from 'vue'
import { checkTest, summarise, tearForce, TEST_GUIDES } from '#core/bench'
import { bodyDensity, type LureProfile } from '#core/lure'
import type { BenchTest } from '#core/tackle'
import { type Rig, RIGS, TEST_KINDS, type TestKind } from '#core/terms'
import { takeQuantity } from '#core/units'
import { waterDensity } from '#core/water'
import { inWords } from '#speech'
import { capital, words } from '~/text/labels'
import { meanInWords, readingInWords, unitOf } from '~/text/test-words'
import { localIso } from '~/text/dates'

const props = defineProps<{ profile: LureProfile }>()
const emit = defineEmits<{ saved: [] }>()
const box = useBoxStore()
const reading = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const kind = defineModel<TestKind>('kind', { default: 'weigh' })
const values = ref<(number | null)[]>([])
const typed = ref('')
const rig = ref<Rig | null>(null)
const addedG = ref(0)
const depthM = ref(2)
const castM = ref(30)
const lineMm = ref(0.3)
const temperatureC = ref(reading.complete.reading.temperatureC)
const bucketKg = ref(0.3)
const waterL = ref(0.4)
const referenceId = ref<string | null>(null)
const touched = ref('')
const problems = ref<readonly string[]>([])
const guide = computed(() => TEST_GUIDES[kind.value])
const numbers = computed(() => values.value.filter(v => v !== null))
const summary = computed(() => (!guide.value.fields && numbers.value.length > 0 ? summarise(numbers.value) : null))
const rigs = RIGS.map(id => ({ value: id, title: capital(words(id)) }))
const others = computed(() => box.box.lures.filter(l => l.id !== props.profile.lure.id).map(l => ({ value: l.id, title: l.name })))

watch([kind, () => props.profile.lure.id], () => {
  values.value = guide.value.fields ? guide.value.fields.map(() => null) : []
  typed.value = ''
  problems.value = []
}, { immediate: true })

function add(value: number) {
  values.value = [...values.value, Number(value.toFixed(4))]
  problems.value = []
}

/** A weight this many times off the packet is asked about once. Assumed. */
const ODD = 4
const likely = computed((): [number, number] | undefined => {
  const near = (value: number): [number, number] => [value / ODD, value * ODD]
  if (kind.value === 'weigh') return near(props.profile.lure.labelWeightG ?? props.profile.weightG.value)
  if (kind.value === 'length') return near(props.profile.lengthMm.value)
  return undefined
})
/** What was asked about; the same once more is meant. */
const asked = ref('')

function addTyped() {
  const { dimension, label, range: [min, max] } = guide.value
  const taken = dimension ? takeQuantity(label, dimension, typed.value, units.value, { min, max, likely: likely.value }) : plainNumber(typed.value)
  if (!taken.ok || taken.value === null) {
    problems.value = [taken.ok ? `${label}: no reading was typed` : inWords(taken.message, units.value)]
    return
  }
  if ('doubt' in taken && taken.doubt && asked.value !== typed.value) {
    asked.value = typed.value
    problems.value = [inWords(taken.doubt, units.value)]
    return
  }
  add(taken.value)
  typed.value = ''
  asked.value = ''
}

function plainNumber(text: string) {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && Number.isFinite(value) ? { ok: true, value } as const : { ok: false, message: `“${text}” is not a number of ${guide.value.unit}` } as const
}

/** Whether the body sinks with what is hung on it; only a tested or entered buoyancy speaks against a timed fall. */
const sinks = computed(() => (props.profile.buoyancy.known === 'typical' ? null : bodyDensity(props.profile) > waterDensity(temperatureC.value) || addedG.value > 0))

async function save() {
  const test: BenchTest = {
    id: nanoid(10), lureId: props.profile.lure.id, kind: kind.value, at: localIso(new Date()), values: [...values.value], temperatureC: temperatureC.value,
    salinityPsu: reading.complete.reading.salinityPsu,
    ...(guide.value.needsRig ? { rig: rig.value, addedG: addedG.value } : {}),
    ...(guide.value.needsDepth ? { depthM: depthM.value } : {}),
    ...(kind.value === 'depth' ? { castM: castM.value, lineDiameterMm: lineMm.value } : {}),
    ...(touched.value && kind.value === 'depth' ? { note: `touched ${touched.value}` } : {}),
    ...(referenceId.value && kind.value === 'action' ? { note: `beside ${box.lureById.get(referenceId.value)?.name}` } : {}),
  }
  const wrong = checkTest(test, { sinks: sinks.value })
  problems.value = wrong.map(({ message }) => `Not stored: ${inWords(message, units.value)}`)
  if (wrong.length > 0) return
  const issues = await box.saveTest(test)
  problems.value = issues.map(({ path, message }) => `Not stored: ${path} ${message}`)
  if (issues.length > 0) return
  values.value = guide.value.fields ? guide.value.fields.map(() => null) : []
  emit('saved')
}
</script>

<template>
  <section class="guided" aria-label="A test">
    <ChoiceRow label="what to test" :options="TEST_KINDS" :chosen="[kind]" :text="k => TEST_GUIDES[k].label" @change="([k]) => k && (kind = k)" />
    <p class="reason how">{{ guide.how }}</p>

    <div class="setting">
      <v-select v-if="guide.needsRig" v-model="rig" :items="rigs" label="Rig used" />
      <NumberStep v-if="guide.needsRig" label="Added weight" dimension="weight" :value="addedG" :step="0.5" :min="0" :max="200" @change="v => addedG = v" />
      <NumberStep v-if="guide.needsDepth" label="Depth of the drop" dimension="depth" :value="depthM" :step="0.5" :min="0.3" :max="30" @change="v => depthM = v" />
      <template v-if="kind === 'depth'">
        <NumberStep label="Cast" dimension="depth" :value="castM" :step="5" :min="5" :max="120" @change="v => castM = v" />
        <v-text-field v-model="touched" label="What it touched" placeholder="rock, grass tops" />
        <NumberStep label="Line" dimension="diameter" :value="lineMm" :step="0.02" :min="0.05" :max="1" @change="v => lineMm = v" />
      </template>
      <NumberStep v-if="kind === 'hang' || kind === 'fall'" label="Water" dimension="temperature" :value="temperatureC" :step="1" :min="-1" :max="35" @change="v => temperatureC = v" />
      <v-autocomplete v-if="kind === 'action'" v-model="referenceId" :items="others" label="Beside the reference" clearable />
    </div>

    <template v-if="kind === 'fall'"><DropTimer @drop="add" /><FallVideo @drop="add" /></template>
    <ScalePan v-if="kind === 'weigh'" :true-grams="profile.weightG.value" @reading="add" />
    <div v-if="kind === 'tear'" class="tear">
      <NumberStep label="Bucket" dimension="strength" :value="bucketKg" :step="0.1" :min="0" :max="20" @change="v => bucketKg = v" />
      <QuantityField label="Water poured" dimension="volume" :value="waterL" :max="50" @change="v => waterL = v ?? 0" />
      <button class="plain" type="button" @click="add(tearForce(bucketKg, waterL))">It tore at {{ readingInWords('tear', tearForce(bucketKg, waterL), units) }}</button>
      <button class="plain" type="button" @click="values = [...values, null]">It did not tear</button>
    </div>

    <div v-if="guide.fields" class="fields">
      <template v-if="kind === 'action'">
        <ChoiceRow v-for="(f, i) in guide.fields" :key="f" :label="f" :options="['1', '2', '3']" :chosen="values[i] ? [String(values[i])] : []" @change="([v]) => values[i] = Number(v)" />
      </template>
      <template v-if="guide.dimension"><QuantityField v-for="(f, i) in guide.fields" :key="f" :label="capital(f)" :dimension="guide.dimension" :value="values[i]" :max="guide.range[1]" @change="v => values[i] = v" /></template>
    </div>
    <form v-else class="typed" @submit.prevent="addTyped">
      <label class="small-label">or type a reading, {{ unitOf(kind, units) }} <input v-model="typed" inputmode="decimal" autocomplete="off" /></label>
      <button class="plain" type="submit">Add</button>
    </form>

    <ol v-if="!guide.fields && values.length > 0" class="readings" aria-label="Readings">
      <li v-for="(v, i) in values" :key="i" :class="{ far: summary?.outliers.includes(i) }">
        {{ v === null ? 'did not tear' : readingInWords(kind, v, units) }}<span v-if="summary?.outliers.includes(i)" class="reason"> far from the rest</span>
        <button class="quiet" type="button" :aria-label="`Strike reading ${i + 1}`" @click="values = values.filter((_, k) => k !== i)">strike</button>
      </li>
    </ol>
    <p v-if="summary" class="mean"><b class="figure">{{ meanInWords(kind, numbers, units) }}</b><template v-if="summary.error === null">: repeat it, one reading says nothing about itself</template></p>
    <p v-for="p in problems" :key="p" class="reason problem" role="alert">{{ p }}.</p>
    <button class="hot" type="button" :disabled="values.length === 0" @click="save">Keep this test</button>
  </section>
</template>

<style scoped>
.how { max-width: 62ch; margin: 8px 0; }
.setting { display: flex; flex-wrap: wrap; gap: 10px 22px; align-items: flex-end; margin-bottom: 10px; }
.setting > .v-input { max-width: 220px; min-width: 180px; }
.tear, .typed, .fields { display: flex; flex-wrap: wrap; gap: 10px 16px; align-items: flex-end; margin: 8px 0; }
.fields > .choice-row { margin: 0; }
label.small-label { display: flex; flex-direction: column; gap: 2px; }
label input { height: 44px; width: 120px; border: 0; border-bottom: 1px solid var(--ink); background: none; color: inherit; font: 600 18px var(--font-figure); text-transform: none; letter-spacing: 0; }
.readings { display: flex; flex-wrap: wrap; gap: 6px 14px; padding: 0; margin: 8px 0; list-style: none; }
.readings li { border-bottom: 3px solid var(--brass); font-weight: 600; }
.readings .far { border-bottom-color: var(--float); }
.mean { margin: 4px 0 10px; }
.mean b { font-size: 22px; }
.problem { color: var(--float); margin: 4px 0; }
</style>
