<script setup lang="ts">
import { computed, ref } from 'vue'
import { attribute, ATTRIBUTES } from '#core/catalogue'
import { formatQuantity } from '#core/units'
import { capital, words } from '~/text/labels'
import { termInWords } from '~/text/term-words'

const catalogue = useCatalogueStore()
const undo = useUndoStore()
const { units } = storeToRefs(useSettingsStore())
const box = useBoxStore()
const filterOpen = ref(false)
const filterBy = ref('sound')
const filterOp = ref('=')
const filterValue = ref('')
const chosen = computed(() => attribute(filterBy.value)!)
const attributes = ATTRIBUTES.map(a => ({ value: a.id, title: capital(a.label) }))
const ops = computed(() => (chosen.value.kind === 'quantity' || chosen.value.kind === 'number' || chosen.value.kind === 'date' ? ['=', '<', '<=', '>=', '>'] : ['=']))
const choices = computed(() => (chosen.value.kind === 'flag' ? ['yes', 'no'] : chosen.value.choices ?? null))
const understood = computed(() => catalogue.terms.map(term => termInWords(term, units.value)))
const canSave = computed(() => catalogue.search.trim() !== '' && !catalogue.searches.some(s => s.text === catalogue.search))

function addFilter() {
  const value = String(filterValue.value).trim()
  if (value === '') return
  const op = ops.value.includes(filterOp.value) && filterOp.value !== '=' ? filterOp.value : ':'
  catalogue.search = `${catalogue.search.trim()} ${chosen.value.id}${op}${/\s/.test(value) ? `"${value}"` : value}`.trim()
  filterValue.value = ''
  filterOpen.value = false
}

function save() {
  catalogue.searches = [...catalogue.searches, { name: understood.value.join(', '), text: catalogue.search }]
}

function forget(text: string) {
  const before = catalogue.searches
  catalogue.searches = before.filter(s => s.text !== text)
  undo.offer('The search is forgotten.', () => {
    catalogue.searches = before
    return Promise.resolve()
  })
}
</script>

<template>
  <div class="search-line" role="search">
    <div class="bar">
      <input v-model="catalogue.search" class="search" type="search" :placeholder="`${formatQuantity('weight', 14.17, { system: units, decimals: units === 'metric' ? 0 : undefined })} gold spinnerbait river`" aria-label="Search the box" />
      <button type="button" class="plain" :aria-expanded="filterOpen" @click="filterOpen = !filterOpen">Narrow by…</button>
      <button v-if="canSave" type="button" class="quiet" @click="save">keep this search</button>
      <slot />
      <span class="count" role="status">{{ catalogue.found.length }} of {{ box.box.lures.length }} lures</span>
    </div>
    <form v-if="filterOpen" class="filter" aria-label="Narrow by an attribute" @submit.prevent="addFilter">
      <v-autocomplete v-model="filterBy" :items="attributes" label="Attribute" auto-select-first class="by" />
      <v-select v-if="ops.length > 1" v-model="filterOp" :items="ops" label="is" class="op" />
      <v-select v-if="choices" v-model="filterValue" :items="choices.map(c => ({ value: c, title: words(c) }))" label="Value" class="value" />
      <v-text-field v-else v-model="filterValue" label="Value" :placeholder="chosen.dimension === 'weight' ? '14 g, 1/2 oz' : ''" data-either class="value" />
      <button type="submit" class="plain">Add</button>
    </form>
    <p v-if="understood.length > 0" class="understood reason">Looking for {{ understood.join(' · ') }}.</p>
    <ul v-if="catalogue.searches.length > 0" class="kept" aria-label="Kept searches">
      <li v-for="s in catalogue.searches" :key="s.text"><button type="button" class="quiet" @click="catalogue.search = s.text">{{ s.name }}</button><button type="button" class="quiet x" :aria-label="`Forget the search ${s.name}`" @click="forget(s.text)">×</button></li>
    </ul>
  </div>
</template>

<style scoped>
.search-line { padding: 8px 18px 4px; }
.bar { display: flex; align-items: center; gap: 8px 16px; flex-wrap: wrap; }
.search { flex: 1 1 220px; max-width: 420px; min-height: 44px; border: 0; border-bottom: 1px solid var(--ink); background: none; color: inherit; font: inherit; font-size: 16px; }
.count { color: var(--soft-ink); margin-left: auto; }
.filter { display: flex; flex-wrap: wrap; gap: 8px 12px; align-items: center; padding-top: 8px; max-width: 760px; }
.by { flex: 2 1 160px; }
.op { flex: 0 1 90px; }
.value { flex: 2 1 140px; }
.understood { margin: 4px 0 0; color: var(--soft-ink); }
.kept { list-style: none; display: flex; flex-wrap: wrap; gap: 0 14px; padding: 0; margin: 2px 0 0; }
.x { min-width: 32px; }
@media (max-width: 700px) { .search-line { padding-inline: 10px; } }
@media print { .bar { display: none !important; } }
</style>
