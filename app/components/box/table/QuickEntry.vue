<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref, useTemplateRef } from 'vue'
import { typicalOf } from '#core/knowledge'
import type { Lure } from '#core/tackle'
import { FAMILIES, type Family, type Metal, METALS, type Pattern, PATTERNS } from '#core/terms'
import { shownUnit, takeQuantity } from '#core/units'
import { inWords } from '#speech'
import { PATTERN_COLOURS } from '~/text/pattern-colours'
import { capital, familyLabel } from '~/text/labels'

const emit = defineEmits<{ added: [lure: Lure] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const family = ref<Family | null>(null)
const weight = ref('')
const length = ref('')
const name = ref('')
const pattern = ref<Pattern>('natural')
const metal = ref<Metal | null>(null)
const problem = ref('')
/** On a phone the form opens when it is wanted; on a wide screen it always stands there. */
const isOpen = ref(false)
const familyField = useTemplateRef<{ focus: () => void }>('familyField')
const families = FAMILIES.map(id => ({ value: id, title: capital(familyLabel(id)) }))

const draft = computed<Lure>(() => ({
  id: 'draft', name: name.value || 'new lure', family: family.value ?? 'crankbait',
  colours: { pattern: pattern.value, metal: metal.value, ...PATTERN_COLOURS[pattern.value], finish: 'gloss', accent: null, fluorescent: pattern.value === 'hot' },
  lengthMm: valueOf(figures.value.length), weightG: null, quantity: 1,
}))

/** Weights and lengths this many times off what its kind usually has are asked about once. Assumed. */
const ODD = 8
const figures = computed(() => {
  const usual = typicalOf(family.value ?? 'crankbait', null)
  const near = (value: number): [number, number] => [value / ODD, value * ODD]
  return {
    weight: takeQuantity('weight', 'weight', weight.value, units.value, { likely: family.value ? near(usual.weightG) : undefined }),
    length: takeQuantity('length', 'length', length.value, units.value, { likely: family.value ? near(usual.lengthMm) : undefined }),
  }
})
const valueOf = (figure: typeof figures.value.weight) => (figure.ok ? figure.value : null)
const told = (figure: typeof figures.value.weight) => (figure.ok && figure.understood ? `= ${figure.understood}` : '')
/** What was asked about; the same once more is meant. */
const asked = ref('')

async function add() {
  problem.value = ''
  if (!family.value) {
    problem.value = 'Choose what kind of lure it is.'
    return
  }
  for (const figure of Object.values(figures.value)) {
    if (!figure.ok) {
      problem.value = capital(`${inWords(figure.message, units.value)}.`)
      return
    }
    if (figure.doubt && asked.value !== `${weight.value} ${length.value}`) {
      asked.value = `${weight.value} ${length.value}`
      problem.value = capital(`${inWords(figure.doubt, units.value)}.`)
      return
    }
  }
  const lure: Lure = { ...draft.value, id: nanoid(10), name: name.value.trim() || `${capital(familyLabel(family.value))} ${weight.value || length.value}`.trim(), weightG: valueOf(figures.value.weight) }
  const issues = await box.saveLure(lure)
  if (issues.length > 0) {
    problem.value = `Not stored: ${issues[0]!.path} ${issues[0]!.message}.`
    return
  }
  emit('added', lure)
  weight.value = length.value = name.value = ''
  familyField.value?.focus()
}
</script>

<template>
  <button v-if="!isOpen" type="button" class="plain opener" @click="isOpen = true">Enter a lure</button>
  <form class="quick" :class="{ closed: !isOpen }" aria-label="Enter a lure" @submit.prevent="add">
    <LureDrawing :lure="draft" class="preview" />
    <v-autocomplete ref="familyField" v-model="family" :items="families" label="Kind" auto-select-first class="kind" />
    <v-text-field v-model="weight" :label="`Weight, ${shownUnit('weight', units).symbol}`" :suffix="told(figures.weight)" class="short" data-either placeholder="14 g, 1/2 oz" autocomplete="off" />
    <v-text-field v-model="length" :label="`Length, ${shownUnit('length', units).symbol}`" :suffix="told(figures.length)" class="short" data-either placeholder="90 mm, 3.5 in" autocomplete="off" />
    <v-text-field v-model="name" label="Name (if it has one)" class="name" autocomplete="off" />
    <div class="paint" role="group" aria-label="Colours">
      <button v-for="p in PATTERNS" :key="p" type="button" class="choice" :aria-pressed="pattern === p" @click="pattern = p"><i :style="{ background: PATTERN_COLOURS[p].side }" />{{ p }}</button>
      <button v-for="m in METALS.slice(1)" :key="m" type="button" class="choice" :aria-pressed="metal === m" @click="metal = metal === m ? null : m">{{ m }}</button>
    </div>
    <button type="submit" class="hot">Put in the box</button>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.quick { display: flex; flex-wrap: wrap; align-items: flex-end; gap: 8px 12px; padding: 10px 18px 12px; border-bottom: 1px solid var(--ink); background: var(--leaf); }
.preview { width: 84px; height: 48px; align-self: center; }
.kind { flex: 2 1 150px; max-width: 220px; }
.short { flex: 1 1 110px; max-width: 165px; }
.name { flex: 2 1 120px; max-width: 190px; }
.paint { display: flex; flex-wrap: wrap; gap: 4px; }
.paint .choice { padding: 5px 7px; font-size: 13px; display: inline-flex; gap: 6px; align-items: center; }
.paint i { width: 12px; height: 12px; border: 1px solid currentcolor; border-radius: 2px; }
.opener { display: none; margin: 6px 10px; }
.problem { flex-basis: 100%; color: var(--float); margin: 0; }
@media (max-width: 700px) {
  .opener { display: inline-flex; align-items: center; min-height: 44px; }
  .quick.closed { display: none; }
}
@media print { .quick, .opener { display: none !important; } }
</style>
