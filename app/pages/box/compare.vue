<script setup lang="ts">
import { computed } from 'vue'
import { compareEntries } from '#core/catalogue'
import type { Dimension } from '#core/units'
import { attributeText } from '~/text/attribute-value'

const route = useRoute()
const router = useRouter()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const MOST = 4
const onlyDifferent = ref(false)
const ids = computed(() => String(route.query.ids ?? '').split(',').filter(Boolean).slice(0, MOST))
const entries = computed(() => ids.value.map(id => catalogue.entryById.get(id)).filter(e => e !== undefined))
const rows = computed(() => compareEntries(entries.value).filter(row => row.attribute.id !== 'name' && (row.differs || !onlyDifferent.value)))
const others = computed(() => box.box.lures.filter(l => !ids.value.includes(l.id)).map(l => ({ value: l.id, title: l.name })).sort((a, b) => a.title.localeCompare(b.title)))
/** All at one scale, so that sizes can be compared by eye. */
const MM_ACROSS = 250
const scale = computed(() => 190 / Math.min(MM_ACROSS, Math.max(60, ...entries.value.map(e => e.profile.lengthMm.value))))

function show(next: readonly string[]) {
  void router.replace({ query: { ids: next.join(',') } })
}
</script>

<template>
  <div class="compare">
    <div class="bar">
      <h2>Side by side</h2>
      <v-autocomplete v-if="ids.length < MOST" :model-value="null" :items="others" label="Add a lure" class="add" @update:model-value="id => id && show([...ids, id])" />
      <label class="only"><input v-model="onlyDifferent" type="checkbox" /> only what differs</label>
    </div>
    <p v-if="entries.length < 2" class="reason">Two to four lures stand here side by side, drawn at one scale, and what differs is marked. Pick them in the table, or add them above.</p>
    <table v-if="entries.length > 0">
      <caption class="sr">Lures side by side</caption>
      <thead>
        <tr>
          <th scope="col"><span class="sr">attribute</span></th>
          <th v-for="e in entries" :key="e.profile.lure.id" scope="col">
            <div class="drawn"><LureDrawing :lure="e.profile.lure" :scale="scale" /></div>
            <NuxtLink :to="`/box/lure/${encodeURIComponent(e.profile.lure.id)}`">{{ e.profile.lure.name }}</NuxtLink>
            <button type="button" class="quiet" :aria-label="`Put ${e.profile.lure.name} away`" @click="show(ids.filter(id => id !== e.profile.lure.id))">×</button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.attribute.id" :class="{ differs: row.differs }">
          <th scope="row">{{ row.attribute.label }}<span v-if="row.differs" class="sr"> (differs)</span></th>
          <td v-for="(c, i) in row.cells" :key="i">
            <KnownFigure v-if="row.attribute.kind === 'quantity' && c.value !== null" :dimension="(row.attribute.dimension as Dimension)" :figure="{ value: c.value as number, known: c.known, trust: 1 }" />
            <span v-else class="known" :class="c.value === null ? 'stated' : c.known">{{ attributeText(row.attribute, c.value, units) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
/* What is read out only is cut off here too, not at the edge of the page. */
.compare { padding: 10px 18px 50px; overflow-x: auto; position: relative; }
.bar { display: flex; align-items: center; gap: 20px; flex-wrap: wrap; margin-bottom: 8px; }
h2 { font-size: 18px; }
.add { max-width: 260px; min-width: 200px; }
.only { display: flex; gap: 8px; align-items: center; min-height: 40px; }
.only input { width: 18px; height: 18px; accent-color: var(--ink); }
table { border-collapse: collapse; }
thead th { vertical-align: bottom; text-align: left; padding: 4px 22px 6px 0; min-width: 170px; border-bottom: 1px solid var(--ink); font-size: 15px; }
thead th:first-child { min-width: 120px; }
.drawn { min-height: 60px; display: flex; align-items: center; }
tbody th { text-align: left; font-weight: 450; color: var(--soft-ink); padding: 5px 16px 5px 8px; border-left: 3px solid transparent; }
tbody td { padding: 5px 22px 5px 0; }
tbody tr { border-bottom: 1px solid var(--rule); }
.differs th { border-left-color: var(--float); color: var(--ink); font-weight: 620; }
.differs td { font-weight: 620; }
</style>
