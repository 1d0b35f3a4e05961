<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { parseRule } from '#core/files'
import { AXES, AXIS_IDS, type AxisId } from '#core/rule'
import type { UserRule } from '#core/tackle'
import { ACTION_STYLES, BLADE_SHAPES, COVERS, FAMILIES, FORAGE, METALS, MOODS, PATTERNS, PRESSURES, RIGS, SKIES, SPECIES, STAINS, STANDS, TIDES, TRENDS, WATERS } from '#core/terms'
import { type Dimension, formatNumber, parseQuantity, shownUnit } from '#core/units'
import { inWords } from '#speech'
import { places, type PlaceInOrder } from '~/composables/useOrderMoves'
import { capital, familyLabel, words } from '~/text/labels'

/** An own rule: when … then prefer …; tried on the present water while it is written. */
const props = defineProps<{ rule: UserRule }>()
const emit = defineEmits<{ done: [] }>()
const box = useBoxStore()
const judgement = useJudgementStore()
const { units } = storeToRefs(useSettingsStore())

const NUMBERS: Record<string, Dimension> = { temperatureC: 'temperature', visibilityM: 'depth', windMs: 'speed', currentMs: 'speed', waveM: 'depth', bottomM: 'depth', fishFromM: 'depth', fishToM: 'depth' }
const CHOICES: Record<string, readonly string[]> = { species: SPECIES, sky: SKIES, stain: STAINS, water: WATERS, cover: COVERS, forage: FORAGE, mood: MOODS, pressure: PRESSURES, trend: TRENDS, tide: TIDES, from: STANDS }
const FIELD_LABEL: Record<string, string> = { temperatureC: 'water temperature', visibilityM: 'a lure vanishes at', windMs: 'wind', currentMs: 'current', waveM: 'waves', bottomM: 'bottom', fishFromM: 'fish from', fishToM: 'fish down to', from: 'you stand', forage: 'they eat' }
const fields = [...Object.keys(CHOICES), ...Object.keys(NUMBERS)].map(value => ({ value, title: FIELD_LABEL[value] ?? value }))
const LIKES: Record<string, readonly string[]> = { family: FAMILIES, pattern: PATTERNS, metal: METALS, action: ACTION_STYLES, rig: RIGS, blade: BLADE_SHAPES }
const scales = AXIS_IDS.filter(axis => AXES[axis].kind === 'scale')
const likeKeys = [...Object.keys(LIKES).map(value => ({ value, title: value === 'family' ? 'kind' : value })), ...scales.map(axis => ({ value: axis as string, title: `${AXES[axis].label}, ${AXES[axis].unit}` }))]

type Op = NonNullable<UserRule['when']>[number]['op']
interface Line { field: string, op: Op, text: string, list: string[] }
const lineOf = ({ field, op, value }: NonNullable<UserRule['when']>[number]): Line => ({
  field, op: NUMBERS[field] ? op : 'in',
  text: typeof value === 'number' && NUMBERS[field] ? formatNumber(NUMBERS[field], value, { system: units.value }) : '',
  list: Array.isArray(value) ? value.map(String) : typeof value === 'string' ? [value] : [],
})
const name = ref(props.rule.name)
const placeId = ref(props.rule.placeId ?? null)
const lines = ref<Line[]>((props.rule.when ?? []).map(lineOf))
const [firstLike = ['pattern', 'hot'] as const, ...otherLikes] = Object.entries(props.rule.prefer ?? {})
/** What else the rule prefers: kept as it is, unless taken out here. */
const alsoPrefers = ref<Record<string, unknown>>(Object.fromEntries(otherLikes))
const otherInWords = (key: string, value: unknown) => `${likeKeys.find(k => k.value === key)?.title ?? words(key)}: ${Array.isArray(value) ? value.map(v => optionTitle(key, String(v))).join(', ') : typeof value === 'string' ? optionTitle(key, value) : String(value)}`
const like = ref(firstLike[0])
const likeList = ref<string[]>(Array.isArray(firstLike[1]) ? firstLike[1].map(String) : typeof firstLike[1] === 'string' ? [firstLike[1]] : [])
const likeNumber = ref(typeof firstLike[1] === 'number' ? String(firstLike[1]) : '')
const weight = ref(props.rule.weight ?? 0.5)
const problem = ref('')
const moved = shallowRef<readonly PlaceInOrder[] | null>(null)
const isScale = computed(() => !(like.value in LIKES))
const optionTitle = (key: string, id: string) => (key === 'family' ? familyLabel(id as never) : words(id))

function conditionOf({ field, op, text, list }: Line): { ok: true, value: object } | { ok: false, message: string } {
  const dimension = NUMBERS[field]
  if (!dimension) return list.length > 0 ? { ok: true, value: { field, op: 'in', value: [...list] } } : { ok: false, message: `${FIELD_LABEL[field] ?? field}: choose at least one` }
  const parsed = parseQuantity(dimension, text, units.value)
  return parsed.ok ? { ok: true, value: { field, op, value: parsed.value } } : { ok: false, message: `${FIELD_LABEL[field] ?? field}: ${inWords(parsed.message, units.value)}` }
}

const draft = computed((): { ok: true, value: UserRule } | { ok: false, message: string } => {
  const when = lines.value.map(conditionOf)
  const bad = when.find(c => !c.ok)
  if (bad && !bad.ok) return bad
  const number = Number(likeNumber.value.replace(',', '.'))
  const { min, max } = isScale.value ? AXES[like.value as AxisId] : { min: 0, max: 0 }
  if (isScale.value && (likeNumber.value.trim() === '' || !(number >= min && number <= max))) return { ok: false, message: `${AXES[like.value as AxisId].label}: give a figure from ${min} to ${max} ${AXES[like.value as AxisId].unit}` }
  if (!isScale.value && likeList.value.length === 0) return { ok: false, message: 'say what to prefer' }
  const outcome = parseRule({
    ...props.rule, name: name.value.trim(), placeId: placeId.value, when: when.map(c => (c.ok ? c.value : null)),
    prefer: { ...alsoPrefers.value, [like.value]: isScale.value ? number : [...likeList.value] }, weight: weight.value,
  })
  return outcome.ok ? outcome : { ok: false, message: `${outcome.issues[0]!.path}: ${inWords(outcome.issues[0]!.message)}` }
})

/** What the rule as it stands would do to the present order. */
watch(draft, async (now) => {
  if (!now.ok) {
    moved.value = null
    return
  }
  const others = box.own.rules.filter(r => r.id !== props.rule.id)
  const [before, after] = [await judgement.judgeIf({ own: { rules: others, places: box.own.places } }), await judgement.judgeIf({ own: { rules: [...others, now.value], places: box.own.places } })]
  if (before && after && draft.value === now) moved.value = places(after.fits, before.fits.map(f => f.lureId)).slice(0, 6)
}, { immediate: true })

async function save() {
  if (!draft.value.ok) {
    problem.value = `Not stored: ${draft.value.message}.`
    return
  }
  await box.change({ put: { rules: [draft.value.value] } }, `Your rule “${draft.value.value.name}” is kept.`)
  emit('done')
}
</script>

<template>
  <form class="own-form" aria-label="Your rule" @submit.prevent="save">
    <v-text-field v-model="name" label="What you would say of it" placeholder="On this water, under cloud: chartreuse" />
    <div class="row">
      <span class="small-label">at</span>
      <select v-model="placeId" aria-label="Where it holds"><option :value="null">every water</option><option v-for="p in box.places" :key="p.id" :value="p.id">{{ p.name }}</option></select>
    </div>
    <div v-for="(line, i) in lines" :key="i" class="row">
      <span class="small-label">{{ i === 0 ? 'when' : 'and' }}</span>
      <select v-model="line.field" :aria-label="`Condition ${i + 1}`" @change="line.list = []; line.text = ''; line.op = NUMBERS[line.field] ? '<=' : 'in'"><option v-for="f in fields" :key="f.value" :value="f.value">{{ f.title }}</option></select>
      <template v-if="NUMBERS[line.field]">
        <select v-model="line.op" :aria-label="`Condition ${i + 1}, at most or at least`"><option value="<=">at most</option><option value="<">below</option><option value=">=">at least</option><option value=">">over</option><option value="=">exactly</option></select>
        <input v-model="line.text" :aria-label="`Condition ${i + 1}, figure`" inputmode="decimal" size="6" /> {{ shownUnit(NUMBERS[line.field]!, units).symbol }}
      </template>
      <v-select v-else v-model="line.list" class="list" :items="CHOICES[line.field]!.map(id => ({ value: id, title: capital(words(id)) }))" multiple label="is" />
      <button type="button" class="quiet" :aria-label="`Drop condition ${i + 1}`" @click="lines.splice(i, 1)">drop</button>
    </div>
    <div class="row"><span class="small-label">{{ lines.length === 0 ? 'always' : '' }}</span><button type="button" class="quiet" @click="lines.push({ field: 'sky', op: 'in', text: '', list: [] })">{{ lines.length === 0 ? 'only when …' : 'and when …' }}</button></div>
    <div class="row">
      <span class="small-label">{{ weight < 0 ? 'avoid' : 'prefer' }}</span>
      <select v-model="like" aria-label="What to prefer" @change="likeList = []; likeNumber = ''"><option v-for="k in likeKeys" :key="k.value" :value="k.value">{{ k.title }}</option></select>
      <input v-if="isScale" v-model="likeNumber" aria-label="Preferred figure" inputmode="decimal" size="6" />
      <v-select v-else v-model="likeList" class="list" :items="LIKES[like]!.map(id => ({ value: id, title: capital(optionTitle(like, id)) }))" multiple label="which" />
    </div>
    <div v-for="(value, key) in alsoPrefers" :key="key" class="row">
      <span class="small-label">and</span><span>{{ otherInWords(String(key), value) }}</span>
      <button type="button" class="quiet" :aria-label="`Drop ${otherInWords(String(key), value)}`" @click="alsoPrefers = Object.fromEntries(Object.entries(alsoPrefers).filter(([k]) => k !== key))">drop</button>
    </div>
    <label class="row"><span class="small-label">counts</span><input v-model.number="weight" type="range" min="-1" max="1" step="0.1" aria-label="How much it counts, from against to for" /><span class="figure">{{ weight > 0 ? '+' : '' }}{{ weight.toFixed(1) }}</span><span class="hint">a strong rule of the handbook counts 1.0</span></label>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <div class="trial">
      <h3>On the water as it is</h3>
      <p v-if="!draft.ok" class="reason">Not complete yet: {{ draft.message }}.</p>
      <OrderList v-else-if="moved" :order="moved" label="The order with this rule" />
    </div>
    <div class="buttons"><button type="submit" class="hot">Keep this rule</button><button type="button" class="quiet" @click="emit('done')">leave it</button></div>
  </form>
</template>

<style scoped>
.own-form { border-left: 3px solid var(--float); padding: 6px 0 10px 14px; margin: 6px 0 14px; max-width: 620px; }
.row { display: flex; flex-wrap: wrap; align-items: center; gap: 8px; min-height: 46px; }
.row > .small-label { width: 54px; }
select, .row > input:not([type=range]) { font: inherit; color: var(--ink); background: transparent; border: 0; border-bottom: 1px solid var(--soft-ink); min-height: 40px; }
option { background: var(--leaf); color: var(--ink); }
.list { flex: 1 1 200px; }
input[type=range] { flex: 1 1 160px; max-width: 240px; accent-color: var(--ink); }
.hint { color: var(--soft-ink); font-size: 12.5px; }
.trial { max-width: 420px; }
h3 { font-size: 14px; margin: 8px 0 2px; }
.problem { color: var(--float); }
.buttons { display: flex; gap: 14px; margin-top: 12px; align-items: center; }
</style>
