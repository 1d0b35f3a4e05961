<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { onLongPress, useElementBounding, useMediaQuery } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { attribute, type Attribute, type Entry } from '#core/catalogue'
import type { Dimension } from '#core/units'
import { attributeText, NOTHING } from '~/text/attribute-value'
import { capital } from '~/text/labels'
import { percent } from '~/text/percent'

const props = defineProps<{ entries: readonly Entry[], openId: string | null }>()
const emit = defineEmits<{ open: [id: string] }>()
const catalogue = useCatalogueStore()
const judgement = useJudgementStore()
const { units } = storeToRefs(useSettingsStore())
const { key, rising, sorted, sortBy } = useSorted(() => props.entries)
const table = useTemplateRef<HTMLElement>('table')
const { top } = useElementBounding(table)
const current = ref(0)
let lastPicked: number | null = null

/** Height of a row [px]; the same for all, so that 5,000 cost no more than 20. */
const ROW = 46
const BEYOND = 8

/** Why a lure has no fit; before the water is judged nothing is known of it. */
const whyNone = (entry: Entry) => (entry.profile.lure.role === 'trailer' ? 'trailer' : judgement.isPlaced ? 'not here' : '')

const columns = computed(() => catalogue.columns.map(attribute).filter(a => a !== null))
const margin = ref(0)
onMounted(() => {
  margin.value = top.value + window.scrollY
})
watch(top, (value) => {
  margin.value = value + window.scrollY
})
const virtual = useWindowVirtualizer(computed(() => ({ count: sorted.value.length, estimateSize: () => ROW, overscan: BEYOND, scrollMargin: margin.value })))
/** On paper every row is there. */
const isPrinting = useMediaQuery('print')
const shownRows = computed(() => (isPrinting.value ? sorted.value.map((_, index) => index) : virtual.value.getVirtualItems().map(item => item.index).filter(index => index < sorted.value.length)))
const rows = computed(() => shownRows.value.map(index => ({ index, entry: sorted.value[index]!, id: sorted.value[index]!.profile.lure.id })))
const before = computed(() => isPrinting.value ? 0 : Math.max(0, (virtual.value.getVirtualItems()[0]?.start ?? margin.value) - margin.value))
const after = computed(() => Math.max(0, sorted.value.length * ROW - before.value - rows.value.length * ROW))
const allPicked = computed(() => props.entries.length > 0 && props.entries.every(e => catalogue.picked.has(e.profile.lure.id)))

/** A lure that is opened from elsewhere, or has just come in, is brought into sight; on a narrow screen its editor is what must be seen. */
const isNarrow = useMediaQuery('(max-width: 900px)')
watch(() => [props.openId, props.entries.length] as const, async ([id]) => {
  const index = id === null ? -1 : sorted.value.findIndex(e => e.profile.lure.id === id)
  if (isNarrow.value || index < 0 || rows.value.some(r => r.id === id)) return
  await nextTick()
  virtual.value.scrollToIndex(index, { align: 'center' })
})

/** A lure that is closed gives the focus back to its row. */
watch(() => props.openId, async (now, was) => {
  if (isNarrow.value || now !== null || was === null) return
  await nextTick()
  focusRow(sorted.value.findIndex(e => e.profile.lure.id === was))
})

function focusRow(index: number) {
  table.value?.querySelector<HTMLElement>(`[data-index='${index}'] .open`)?.focus({ preventScroll: true })
}

function pickRow(index: number, event: MouseEvent | KeyboardEvent) {
  const on = !catalogue.picked.has(sorted.value[index]!.profile.lure.id)
  const from = event.shiftKey && lastPicked !== null ? lastPicked : index
  const range = sorted.value.slice(Math.min(from, index), Math.max(from, index) + 1)
  catalogue.pick(range.map(e => e.profile.lure.id), on)
  lastPicked = index
}

/** A long press on a row, or the right button, opens its usual deeds; the tap that ends it opens nothing. */
const LONG_MS = 450
const inHandId = ref<string | null>(null)
const inHand = computed(() => (inHandId.value === null ? null : sorted.value.find(e => e.profile.lure.id === inHandId.value)?.profile.lure ?? null))
function take(event: Event) {
  const index = (event.target as HTMLElement).closest<HTMLElement>('tr[data-index]')?.dataset.index
  if (index !== undefined) inHandId.value = sorted.value[Number(index)]?.profile.lure.id ?? null
}
onLongPress(table, take, { delay: LONG_MS })
function openRow(id: string) {
  if (inHandId.value === null) emit('open', id)
}

function move(by: number) {
  current.value = Math.min(sorted.value.length - 1, Math.max(0, current.value + by))
  virtual.value.scrollToIndex(current.value)
  requestAnimationFrame(() => focusRow(current.value))
}

function cell(column: Attribute, entry: Entry) {
  const { value, known } = column.of(entry)
  return { known, text: attributeText(column, value, units.value), value }
}
function isFigure({ kind }: Attribute): boolean {
  return kind === 'quantity' || kind === 'number'
}
</script>

<template>
  <div class="wrap">
    <table ref="table" class="box-table" :aria-rowcount="sorted.length" @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.page-down.prevent="move(12)" @keydown.page-up.prevent="move(-12)" @contextmenu.prevent="take">
      <caption class="sr">Lures in the box</caption>
      <thead>
        <tr>
          <th class="pick"><input type="checkbox" :checked="allPicked" aria-label="Pick all that are found" @change="catalogue.pick(entries.map(e => e.profile.lure.id), !allPicked)" /></th>
          <th class="picture"><span class="sr">drawing</span></th>
          <th v-for="c in columns" :key="c.id" :class="[c.id, { number: isFigure(c) }]" :aria-sort="key === c.id ? (rising ? 'ascending' : 'descending') : 'none'">
            <button type="button" @click="sortBy(c.id)">{{ c.label }}{{ key === c.id ? (rising ? ' ↑' : ' ↓') : '' }}</button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="before > 0" class="gap" aria-hidden="true"><td :colspan="columns.length + 2" :style="{ height: `${before}px` }" /></tr>
        <tr v-for="{ index, entry, id } in rows" :key="id" :data-index="index" :aria-rowindex="index + 1" :class="{ selected: id === openId, picked: catalogue.picked.has(id) }" @click="openRow(id)">
          <td class="pick" @click.stop><input type="checkbox" :checked="catalogue.picked.has(id)" :aria-label="`Pick ${entry.profile.lure.name}`" @click="pickRow(index, $event)" /></td>
          <td class="picture"><LureDrawing :lure="entry.profile.lure" small /></td>
          <template v-for="c in columns" :key="c.id">
            <td v-if="c.id === 'fit'" class="fit">
              <span v-if="entry.fit !== null" class="fit-cell"><b>{{ Math.round(entry.fit * 100) }}</b><FitSpine small :spine="judgement.spineOf(id)" /></span>
              <span v-else class="none">{{ whyNone(entry) }}</span>
            </td>
            <td v-else-if="c.id === 'name'" class="name">
              <button type="button" class="open" @click.stop="openRow(id)" @focus="current = index" @keydown.space.prevent="pickRow(index, $event)">{{ entry.profile.lure.name }}</button>
              <span v-if="entry.profile.lure.parentId" class="child" title="modified: a child of another lure">changed</span>
              <span class="brief">{{ entry.profile.typical.label }}<template v-if="entry.fit !== null"> · fits {{ percent(entry.fit) }}</template><template v-else-if="whyNone(entry)"> · {{ whyNone(entry) }}</template></span>
            </td>
            <td v-else-if="c.kind === 'quantity' && cell(c, entry).value !== null" class="number" :class="c.id"><KnownFigure :dimension="(c.dimension as Dimension)" :figure="{ value: cell(c, entry).value as number, known: cell(c, entry).known, trust: 1 }" /></td>
            <td v-else :class="[c.id, { number: isFigure(c), nothing: cell(c, entry).text === NOTHING }]"><span class="known" :class="cell(c, entry).text === NOTHING ? 'stated' : cell(c, entry).known">{{ c.kind === 'choice' ? capital(cell(c, entry).text) : cell(c, entry).text }}</span></td>
          </template>
        </tr>
        <tr v-if="after > 0" class="gap" aria-hidden="true"><td :colspan="columns.length + 2" :style="{ height: `${after}px` }" /></tr>
      </tbody>
    </table>
    <LazyRowDeeds v-if="inHand" :lure="inHand" @close="inHandId = null" @open="emit('open', inHand.id); inHandId = null" />
  </div>
</template>

<style scoped>
.box-table { width: 100%; border-collapse: collapse; }
thead th { position: sticky; top: var(--strip, 0px); z-index: 2; text-align: left; padding: 0; background: var(--paper); border-bottom: 1px solid var(--ink); }
thead button { background: none; border: 0; padding: 8px 8px 6px; min-height: 40px; cursor: pointer; font-size: 12px; font-stretch: 86%; letter-spacing: 0.05em; text-transform: uppercase; color: var(--soft-ink); white-space: nowrap; }
th[aria-sort='ascending'] button, th[aria-sort='descending'] button { color: var(--ink); font-weight: 650; }
tbody tr:not(.gap) { border-bottom: 1px solid var(--rule); cursor: pointer; height: 46px; }
tbody tr:not(.gap):hover, tr.selected, tr.picked { background: var(--leaf); }
tr.selected { box-shadow: inset 3px 0 0 var(--float); }
.gap td { padding: 0; border: 0; }
td { padding: 2px 8px; max-width: 260px; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.pick { width: 40px; text-align: center; }
.pick input { width: 20px; height: 20px; accent-color: var(--ink); cursor: pointer; }
.picture { width: 92px; }
.picture :deep(svg), .picture :deep(img) { width: 76px; height: 32px; margin: auto; object-fit: contain; }
.fit { width: 150px; }
.fit-cell { display: grid; grid-template-columns: 26px 1fr; align-items: center; gap: 6px; }
.none { color: var(--soft-ink); font-size: 12.5px; }
.open { background: none; border: 0; padding: 4px 0; font-weight: 620; font-size: 15px; font-stretch: 92%; cursor: pointer; text-align: left; }
.child { color: var(--soft-ink); font-size: 12px; margin-left: 8px; border: 1px dashed var(--rule); border-radius: 2px; padding: 0 4px; }
.number { text-align: right; }
.number button { text-align: right; }
.nothing { color: var(--soft-ink); }
.condition .known, .box .known, .slot .known { border: 0; }
.brief { display: none; }
@media print {
  .pick, th.condition, td.condition { display: none; }
  /* The whole row stands on a sheet of either size: the figure of the fit without its bars. */
  .fit { width: 40px; }
  .fit-cell > :last-child { display: none; }
  td, thead button { padding-inline: 3px; font-size: 12px; }
  .picture { width: 80px; }
  .open { font-size: 13px; }
  tbody tr { break-inside: avoid; }
  thead th { position: static; }
}
@media (max-width: 700px) {
  tbody tr { -webkit-touch-callout: none; user-select: none; }
  th:not(.pick, .picture, .name, .weight), td:not(.pick, .picture, .name, .weight) { display: none; }
  .gap td { display: table-cell !important; }
  .brief { display: block; font-size: 13px; line-height: 1.2; color: var(--soft-ink); overflow: hidden; text-overflow: ellipsis; }
  .name .open { line-height: 1.2; min-height: 24px; padding-block: 0; }
}
</style>
