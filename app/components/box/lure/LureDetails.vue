<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { csvColumn, fieldAt, withField } from '#core/files'
import { typicalOf } from '#core/knowledge'
import type { Lure } from '#core/tackle'
import { ACTION_STYLES } from '#core/terms'
import { formatQuantity } from '#core/units'
import { inWords } from '#speech'
import { capital, words } from '~/text/labels'

/** The rest of what can be known of a lure; an empty field means that its kind's usual value stands in. */
const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ save: [lure: Partial<Lure>] }>()
const { units } = storeToRefs(useSettingsStore())
const box = useBoxStore()
const parts = computed(() => box.box.parts.map(p => ({ value: p.id, title: p.name })))
/** Weight of the parts it is made of, where all of them are weighed [g]. */
const partsG = computed(() => {
  const weights = (props.lure.madeOf ?? []).map(id => box.box.parts.find(p => p.id === id)?.weightG ?? null)
  return weights.length > 0 && weights.every(w => w !== null) ? weights.reduce((sum, w) => sum + w, 0) : null
})
const isOpen = ref(false)
const problem = ref('')
const typed = ref<Record<string, string>>({})
const usual = computed(() => typicalOf(props.lure.family, props.lure.style))
const speeds = computed(() => ({ 'speed.minMs': usual.value.speedMs[0], 'speed.bestMs': usual.value.speedMs[1], 'speed.maxMs': usual.value.speedMs[2] } as Record<string, number>))

const TEXTS = ['hooks', 'blades'] as const
const SPEEDS = ['speed.minMs', 'speed.bestMs', 'speed.maxMs'] as const
const SCALES = ['vibration', 'flash', 'bulk', 'intensity'] as const
const STEPS = ['1', '2', '3', '4', '5'] as const
const GUARD = ['0', '1', '2', '3'] as const
const YES_NO = ['yes', 'no'] as const

function shown(path: string): string {
  const value = fieldAt(props.lure, path)
  if (value == null) return ''
  return csvColumn(path)!.write(value)
}
const speedAt = (path: string) => fieldAt(props.lure, path) as number | null | undefined
function placeholder(path: string): string {
  if (path in speeds.value) return `typical ${formatQuantity('speed', speeds.value[path]!, { system: units.value })}`
  if (path === 'hooks') return `typical ${csvColumn('hooks')!.write([usual.value.hook])}`
  return 'colorado 4 hammered gold; willow 5'
}

watch(() => [props.lure, units.value] as const, () => {
  typed.value = Object.fromEntries(TEXTS.map(path => [path, shown(path)]))
  problem.value = ''
}, { immediate: true })

function save(path: string) {
  const text = (typed.value[path] ?? '').trim()
  const column = csvColumn(path)!
  const parsed = text === '' ? { ok: true as const, value: null } : column.read(text, { unit: null, thousands: false, family: props.lure.family, system: units.value })
  problem.value = parsed.ok ? '' : `Not stored: ${column.label}: ${inWords(parsed.message, units.value)}.`
  if (parsed.ok) emit('save', withField(props.lure, path, parsed.value))
}
</script>

<template>
  <section class="details" aria-label="Everything else">
    <button type="button" class="quiet" :aria-expanded="isOpen" @click="isOpen = !isOpen">{{ isOpen ? 'less' : 'hooks, blades, speeds and the rest' }}</button>
    <template v-if="isOpen">
      <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
      <v-text-field v-for="path in TEXTS" :key="path" v-model="typed[path]" :label="capital(csvColumn(path)!.label)" :placeholder="placeholder(path)" persistent-placeholder @change="save(path)" />
      <div class="three"><QuantityField v-for="path in SPEEDS" :key="path" :label="capital(csvColumn(path)!.label)" dimension="speed" :value="speedAt(path)" :likely="[0.02, 6]" :placeholder="placeholder(path)" @change="value => emit('save', withField(lure, path, value))" /></div>
      <v-select :model-value="lure.actionStyle" :items="ACTION_STYLES.map(id => ({ value: id, title: words(id) }))" label="Action" :placeholder="`typical ${words(usual.action)}`" persistent-placeholder clearable @update:model-value="actionStyle => emit('save', { actionStyle })" />
      <ChoiceRow v-for="key in SCALES" :key="key" :label="`${csvColumn(key)!.label}, 1 to 5 (typical ${usual[key]})`" :options="STEPS" :chosen="lure[key] == null ? [] : [String(Math.round(lure[key]!)) as typeof STEPS[number]]" @change="([value]) => emit('save', { [key]: Number(value) })" />
      <ChoiceRow :label="`snag guard, 0 open to 3 hidden (typical ${usual.snagGuard})`" :options="GUARD" :chosen="lure.snagGuard == null ? [] : [String(Math.round(lure.snagGuard)) as typeof GUARD[number]]" @change="([value]) => emit('save', { snagGuard: Number(value) })" />
      <ChoiceRow label="scented" :options="YES_NO" :chosen="lure.scented == null ? [] : [lure.scented ? 'yes' : 'no']" @change="([value]) => emit('save', { scented: value === 'yes' })" />
      <ChoiceRow label="your trust in it, 1 to 5 (shown apart from evidence)" :options="STEPS" :chosen="lure.confidence == null ? [] : [String(Math.round(lure.confidence)) as typeof STEPS[number]]" @change="([value]) => emit('save', { confidence: Number(value) })" />
      <v-autocomplete :model-value="lure.madeOf ?? []" :items="parts" label="Made of" placeholder="parts, if you made it" persistent-placeholder multiple chips closable-chips @update:model-value="(ids: string[]) => emit('save', { madeOf: ids.length > 0 ? ids : null })" />
      <p v-if="partsG !== null" class="reason note">The parts weigh {{ formatQuantity('weight', partsG, { system: units }) }} together.</p>
      <p class="reason note">Typical values of {{ usual.label }}: {{ usual.source === 'practice' ? 'sizes in common use, no source' : 'from memory' }}; areas from memory, ±40 %. A test on the bench replaces them.</p>
    </template>
  </section>
</template>

<style scoped>
.details { margin-top: 14px; }
.problem { color: var(--float); margin: 4px 0; }
.three { display: grid; grid-template-columns: repeat(3, 1fr); gap: 12px; }
.details > .choice-row { margin-top: 10px; }
.note { color: var(--soft-ink); margin: 12px 0 0; }
</style>
