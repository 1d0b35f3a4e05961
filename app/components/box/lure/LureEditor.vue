<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { STYLE_TABLE, typicalOf } from '#core/knowledge'
import { roleOf } from '#core/lure'
import type { Colours, Lure } from '#core/tackle'
import { BUOYANCIES, FAMILIES, FINISHES, METALS, PATTERNS, ROLES, SOUNDS } from '#core/terms'
import { type Dimension, formatQuantity } from '#core/units'
import { dayLong } from '~/text/dates'
import { capital, familyLabel, KNOWN_LABEL, words } from '~/text/labels'

const props = defineProps<{ lure: Lure, takesFocus?: boolean }>()
const emit = defineEmits<{ close: [], open: [id: string] }>()
const box = useBoxStore()
const judgement = useJudgementStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const editor = useTemplateRef<HTMLElement>('editor')
/** On a narrow screen it stands above the list, and has to be brought into sight; on a wide one it stays there by itself. */
const isNarrow = useMediaQuery('(max-width: 900px)')
onMounted(() => {
  if (!props.takesFocus) return
  editor.value?.focus({ preventScroll: true })
  if (isNarrow.value) editor.value?.scrollIntoView()
})
const problem = ref('')
const typical = computed(() => typicalOf(props.lure.family, props.lure.style))
const styles = computed(() => Object.keys(STYLE_TABLE[props.lure.family] ?? {}))
const families = FAMILIES.map(id => ({ value: id, title: capital(familyLabel(id)) }))
const spine = computed(() => judgement.spineOf(props.lure.id))
const weight = computed(() => catalogue.profiles.get(props.lure.id)?.weightG)
const lastUsed = computed(() => catalogue.entryById.get(props.lure.id)?.lastUsed ?? null)
/** Cast at which running depths are stated [m] (contract). */
const RATED_CAST_M = 30
const CONDITIONS = ['new', 'good', 'worn', 'damaged']

const FIGURES = [
  { key: 'weightG', label: 'weight', dimension: 'weight', usual: (t: typeof typical.value) => t.weightG },
  { key: 'labelWeightG', label: 'on the packet', dimension: 'weight', usual: null },
  { key: 'lengthMm', label: 'length', dimension: 'length', usual: (t: typeof typical.value) => t.lengthMm },
  { key: 'fallRateMs', label: 'fall rate', dimension: 'sink', usual: null },
] as const

function shown(value: number | null | undefined, dimension: Dimension): string {
  return value == null ? '' : formatQuantity(dimension, value, { system: units.value })
}

watch(() => props.lure, () => {
  problem.value = ''
})
/** A weight this many times off the packet, or off its kind, is asked about once. Assumed. */
const ODD = 4
const likely = computed(() => {
  const near = props.lure.labelWeightG ?? typical.value.weightG
  return { weightG: [near / ODD, near * ODD], labelWeightG: [typical.value.weightG / (2 * ODD), typical.value.weightG * 2 * ODD], lengthMm: [typical.value.lengthMm / ODD, typical.value.lengthMm * ODD], fallRateMs: [0.01, 2] } as const
})

const save = (part: Partial<Lure>) => alter(() => part)
async function alter(part: (lure: Lure) => Partial<Lure>) {
  const issues = await box.edit('lures', props.lure.id, part)
  problem.value = issues.length > 0 ? `Not stored: ${issues[0]!.path} ${issues[0]!.message}.` : ''
}

function savePrice(text: string) {
  return save({ price: text.trim() === '' ? null : Number(text) })
}

async function sameBut() {
  emit('open', (await box.sameBut(props.lure)).id)
}

async function remove() {
  emit('close')
  await box.removeLures([props.lure.id], `${props.lure.name} is out of the box.`)
}

function saveColours(part: Partial<Colours>) {
  return alter(({ colours }) => ({ colours: { ...colours, ...part } }))
}
</script>

<template>
  <aside ref="editor" class="editor" tabindex="-1" :aria-label="`Edit ${lure.name}`">
    <div class="title">
      <input class="name" :value="lure.name" aria-label="Name" @change="save({ name: ($event.target as HTMLInputElement).value })" />
      <button type="button" class="quiet" @click="emit('close')">close</button>
    </div>
    <p class="deeds"><NuxtLink :to="`/box/lure/${encodeURIComponent(lure.id)}`" class="quiet">all of it</NuxtLink><button type="button" class="quiet" @click="sameBut">same but…</button><button type="button" class="quiet" :aria-pressed="lure.pinned ?? false" @click="save({ pinned: !(lure.pinned ?? false) })">{{ lure.pinned ? 'pinned' : 'pin it' }}</button></p>
    <div class="big"><LureDrawing :lure="lure" /></div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <LureLineage :lure="lure" @open="id => emit('open', id)" />
    <p v-if="weight" class="weighs"><span class="small-label">counts as</span> <KnownFigure dimension="weight" :figure="weight" /> <span class="how">{{ KNOWN_LABEL[weight.known] }}</span><span v-if="lure.labelWeightG != null && Math.abs(lure.labelWeightG - weight.value) > 0.05" class="how">; the packet says {{ shown(lure.labelWeightG, 'weight') }}</span></p>
    <div v-if="spine.length > 0" class="fit"><span class="small-label">fits the water now</span><FitSpine :spine="spine" /></div>

    <div class="grid">
      <v-autocomplete :model-value="lure.family" :items="families" label="Kind" auto-select-first @update:model-value="family => family && save({ family, style: null })" />
      <v-select v-if="styles.length > 0" :model-value="lure.style" :items="styles" label="Style" clearable @update:model-value="style => save({ style })" />
      <QuantityField v-for="f in FIGURES" :key="f.key" :label="capital(f.label)" :dimension="f.dimension" :value="lure[f.key]" :likely="likely[f.key]" :placeholder="f.usual ? `typical ${shown(f.usual(typical), f.dimension)}` : 'not known'" @change="value => save({ [f.key]: value })" />
      <QuantityField v-if="typical.runsAtM !== null" :label="`Runs at (${formatQuantity('depth', RATED_CAST_M, { system: units, decimals: 0 })} cast)`" dimension="depth" :value="lure.runsAt?.depthM" :placeholder="`typical ${shown(typical.runsAtM, 'depth')}`" @change="depthM => save({ runsAt: depthM === null ? null : { ...lure.runsAt, depthM } })" />
      <v-text-field :model-value="lure.quantity ?? 1" label="Pieces" type="number" min="0" @change="save({ quantity: Number(($event.target as HTMLInputElement).value) })" />
      <v-text-field :model-value="lure.box ?? ''" label="Box" @change="save({ box: ($event.target as HTMLInputElement).value || null })" />
      <v-text-field :model-value="lure.slot ?? ''" label="Slot" @change="save({ slot: ($event.target as HTMLInputElement).value || null })" />
      <v-combobox :model-value="lure.condition" :items="CONDITIONS" label="Condition" @update:model-value="condition => save({ condition: condition || null })" />
      <v-text-field :model-value="lure.price ?? ''" label="Price" type="number" min="0" step="0.01" @change="savePrice(($event.target as HTMLInputElement).value)" />
    </div>
    <ChoiceRow label="pattern" :options="PATTERNS" :chosen="[lure.colours?.pattern ?? 'natural']" @change="([pattern]) => saveColours({ pattern })" />
    <PhotoPanel :lure="lure" @colours="saveColours" />
    <div class="paint">
      <label v-for="zone in (['back', 'side', 'belly', 'accent'] as const)" :key="zone" class="small-label">{{ zone }}
        <input type="color" :value="lure.colours?.[zone] ?? '#a7a48f'" @change="saveColours({ [zone]: ($event.target as HTMLInputElement).value })" />
      </label>
    </div>
    <ChoiceRow label="metal" :options="METALS" :chosen="[lure.colours?.metal ?? 'none']" @change="([metal]) => saveColours({ metal })" />
    <ChoiceRow label="finish" :options="FINISHES" :chosen="[lure.colours?.finish ?? 'gloss']" @change="([finish]) => saveColours({ finish })" />
    <ChoiceRow label="fluorescent" :options="['yes', 'no']" :chosen="lure.colours?.fluorescent == null ? [] : [lure.colours.fluorescent ? 'yes' : 'no']" @change="([value]) => saveColours({ fluorescent: value === 'yes' })" />
    <ChoiceRow label="sound" :options="SOUNDS" :chosen="lure.sound ? [lure.sound] : []" @change="([sound]) => save({ sound })" />
    <ChoiceRow label="in the water" :options="BUOYANCIES" :chosen="lure.buoyancy ? [lure.buoyancy] : []" :text="words" @change="([buoyancy]) => save({ buoyancy })" />
    <ChoiceRow label="used as" :options="ROLES" :chosen="[roleOf(lure)]" @change="([role]) => save({ role })" />
    <LureDetails :lure="lure" @save="save" />
    <v-text-field :model-value="lure.notes ?? ''" label="Notes" @change="save({ notes: ($event.target as HTMLInputElement).value })" />
    <GoesWith :lure="lure" @open="id => emit('open', id)" />
    <p class="how used">{{ lastUsed ? `Last used ${dayLong(lastUsed)}.` : 'Not yet used on a trip.' }}</p>
    <button type="button" class="plain remove" @click="remove">Take out of the box</button>
  </aside>
</template>

<style scoped>
.editor { padding: 12px 18px 30px; border-left: 1px solid var(--ink); background: var(--leaf); scroll-margin-top: 60px; }
@media (min-width: 901px) { .editor { position: sticky; top: 54px; max-height: calc(100vh - 54px - var(--foot)); overflow-y: auto; scrollbar-width: thin; } }
.title { display: flex; align-items: center; gap: 10px; }
.name { flex: 1; min-width: 0; font: 680 22px var(--font-figure); font-stretch: 82%; background: none; border: 0; border-bottom: 1px solid var(--rule); color: inherit; min-height: 44px; }
.deeds { display: flex; gap: 16px; margin: 2px 0; }
.big { display: flex; justify-content: center; padding: 10px 0; }
.big :deep(svg) { width: 100%; height: 150px; }
.problem { color: var(--float); margin: 4px 0; }
.fit { margin-bottom: 6px; }
.weighs { margin: 0 0 8px; }
.how { color: var(--soft-ink); font-size: 13px; }
.used { margin: 10px 0 0; }
.grid { display: grid; grid-template-columns: 1fr 1fr; gap: 4px 16px; margin-bottom: 12px; }
.paint { display: flex; gap: 18px; margin: 10px 0; }
.paint label { display: flex; flex-direction: column; gap: 4px; }
.paint input { width: 52px; height: 40px; padding: 0; border: 1px solid var(--rule); background: none; }
.editor > .choice-row { margin-top: 10px; }
.remove { margin-top: 18px; }
</style>
