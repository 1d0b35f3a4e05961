<script setup lang="ts">
import { computed, ref } from 'vue'
import { attribute, ATTRIBUTES } from '#core/catalogue'
import { parseLure } from '#core/files'
import { takeQuantity } from '#core/units'
import { inWords } from '#speech'
import { capital, words } from '~/text/labels'

/** What is done with the picked lures at once. */
const catalogue = useCatalogueStore()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const settable = ATTRIBUTES.filter(a => a.set).map(a => ({ value: a.id, title: capital(a.label) }))
const by = ref('box')
const typed = ref<string | null>('')
const problem = ref('')
const chosen = computed(() => attribute(by.value)!)
const choices = computed(() => (chosen.value.kind === 'flag' ? ['yes', 'no'] : chosen.value.choices ?? null))
const ids = computed(() => [...catalogue.picked])
const MOST_COMPARED = 4

function read(): { ok: true, value: string | number | boolean | null } | { ok: false, message: string } {
  const text = (typed.value ?? '').trim()
  if (text === '') return chosen.value.id === 'family' ? { ok: false, message: 'every lure has a kind' } : { ok: true, value: null }
  if (chosen.value.kind === 'flag') return { ok: true, value: text === 'yes' }
  if (chosen.value.kind === 'quantity') {
    const taken = takeQuantity(chosen.value.label, chosen.value.dimension!, text, units.value)
    return taken.ok ? taken : { ok: false, message: inWords(taken.message, units.value) }
  }
  if (chosen.value.kind !== 'number') return { ok: true, value: text }
  const value = Number(text.replace(',', '.'))
  return Number.isFinite(value) ? { ok: true, value } : { ok: false, message: `“${text}” is not a number` }
}

async function setAll() {
  const value = read()
  if (!value.ok) {
    problem.value = `Nothing was changed: ${value.message}.`
    return
  }
  const checked = ids.value.map(id => box.lureById.get(id)!).map(lure => parseLure({ ...lure, ...chosen.value.set!(lure, value.value) }))
  const bad = checked.find(outcome => !outcome.ok)
  if (bad && !bad.ok) {
    problem.value = `Nothing was changed: ${bad.issues[0]!.path} ${inWords(bad.issues[0]!.message)}.`
    return
  }
  problem.value = ''
  await box.change({ put: { lures: checked.flatMap(outcome => (outcome.ok ? [outcome.value] : [])) } }, `${capital(chosen.value.label)} is changed on ${ids.value.length} lures.`)
}
</script>

<template>
  <section class="bulk" aria-label="Picked lures">
    <b>{{ ids.length }} picked</b>
    <form class="set" @submit.prevent="setAll">
      <v-autocomplete v-model="by" :items="settable" label="Set" auto-select-first class="by" @update:model-value="typed = ''" />
      <v-select v-if="choices" v-model="typed" :items="choices.map(c => ({ value: c, title: words(c) }))" label="to" clearable class="value" />
      <v-combobox v-else-if="by === 'box'" v-model="typed" :items="catalogue.boxes" label="to" class="value" />
      <v-text-field v-else v-model="typed" label="to" class="value" placeholder="empty: not known" />
      <button type="submit" class="plain">Set on all</button>
    </form>
    <NuxtLink v-if="ids.length >= 2 && ids.length <= MOST_COMPARED" class="plain link" :to="{ path: '/box/compare', query: { ids: ids.join(',') } }">Side by side</NuxtLink>
    <NuxtLink class="plain link" to="/box/labels">Labels</NuxtLink>
    <button type="button" class="plain" @click="box.removeLures(ids, ids.length === 1 ? '1 lure is out of the box.' : `${ids.length} lures are out of the box.`)">Take out</button>
    <button type="button" class="quiet" @click="catalogue.pick(ids, false)">pick none</button>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.bulk { position: sticky; bottom: var(--foot); z-index: 5; display: flex; flex-wrap: wrap; align-items: center; gap: 8px 14px; padding: 8px 18px; background: var(--leaf); border-block: 1px solid var(--ink); }
.set { display: flex; gap: 8px; align-items: center; flex: 1 1 320px; max-width: 520px; }
.by { flex: 1 1 130px; }
.value { flex: 1 1 150px; }
.link { text-decoration: none; display: inline-flex; align-items: center; }
.problem { flex-basis: 100%; color: var(--float); margin: 0; }
</style>
