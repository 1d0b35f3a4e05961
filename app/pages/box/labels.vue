<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { intoSheets, LABEL_SIZES, labelSheet, PAPERS } from '~/charts/label-sheet'
import { formatQuantity, shownUnit } from '#core/units'
import { familyLabel, KNOWN_LABEL } from '~/text/labels'

const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const sizeId = ref('small')
const paperId = ref('A4')
const skip = ref(0)
const size = computed(() => LABEL_SIZES.find(s => s.id === sizeId.value)!)
const paper = computed(() => PAPERS.find(p => p.id === paperId.value)!)
const sheet = computed(() => labelSheet(size.value, paper.value))
/** The picked lures, else all that the search finds. */
const chosen = computed(() => (catalogue.picked.size > 0 ? catalogue.entries.filter(e => catalogue.picked.has(e.profile.lure.id)) : catalogue.found))
const labels = computed(() => chosen.value.map(({ profile }) => ({
  id: profile.lure.id,
  name: profile.lure.name,
  kind: familyLabel(profile.lure.family),
  weight: formatQuantity('weight', profile.weightG.value, { system: units.value }),
  known: profile.weightG.known,
  place: [profile.lure.box, profile.lure.slot].filter(Boolean).join(' '),
  more: profile.runsAt ? `runs ${formatQuantity('depth', profile.runsAt.value.depthM, { system: units.value })}` : formatQuantity('length', profile.lengthMm.value, { system: units.value }),
})))
const unweighed = computed(() => labels.value.filter(l => l.known === 'typical').length)
/** Sheets on the screen before more are asked for; the printer gets all. */
const ON_SCREEN = 2
const isPrinting = ref(false)
/** Pixels to a millimetre of paper on the screen (CSS Values and Units 4: 96 px to an inch). */
const PX_PER_MM = 96 / 25.4
const { width: roomPx } = useElementSize(useTemplateRef<HTMLElement>('desk'))
/** A sheet that is wider than the screen is shown smaller; printed it has its own size. */
const shrunk = computed(() => (isPrinting.value || roomPx.value === 0 ? 1 : Math.min(1, roomPx.value / (paper.value.widthMm * PX_PER_MM))))
const sheets = computed(() => intoSheets(labels.value, sheet.value.places.length, Math.min(Math.max(0, skip.value), sheet.value.places.length - 1)))

// The printer's paper follows the choice; the screen's margins are the sheet's own.
useHead(computed(() => ({ style: [{ key: 'paper', innerHTML: `@page { size: ${paper.value.widthMm}mm ${paper.value.heightMm}mm; margin: 0 }` }] })))

const { shown, left, more } = useFirst(() => sheets.value, ON_SCREEN)
const drawn = computed(() => (isPrinting.value ? sheets.value : shown.value))
useEventListener('beforeprint', () => (isPrinting.value = true))
useEventListener('afterprint', () => (isPrinting.value = false))

async function print() {
  isPrinting.value = true
  await nextTick()
  window.print()
}
</script>

<template>
  <div class="labels">
    <div class="tools">
      <SearchLine />
      <div class="row">
        <v-select v-model="sizeId" data-either :items="LABEL_SIZES.map(s => ({ value: s.id, title: s.name }))" label="Label" />
        <v-select v-model="paperId" :items="PAPERS.map(p => ({ value: p.id, title: p.name }))" label="Paper" />
        <v-text-field v-model.number="skip" type="number" min="0" :max="sheet.places.length - 1" label="Labels already used" />
        <button type="button" class="hot" :disabled="labels.length === 0" @click="print">Print {{ labels.length }} labels</button>
      </div>
      <p class="reason">{{ catalogue.picked.size > 0 ? 'For the lures that are picked in the table.' : 'For every lure that the search finds; pick some in the table to print only those.' }} {{ sheets.length }} {{ sheets.length === 1 ? 'sheet' : 'sheets' }} of {{ sheet.columns }} × {{ sheet.rows }}, printed at 100 %.<template v-if="unweighed > 0"> <span class="known typical">{{ unweighed }} without a weight of their own</span>: the label leaves a line to write it on once they are weighed.</template></p>
    </div>
    <div ref="desk" class="desk">
      <div v-for="(page, p) in drawn" :key="p" class="sheet" :style="{ width: `${paper.widthMm}mm`, height: `${paper.heightMm}mm`, zoom: shrunk }">
        <template v-for="(label, i) in page" :key="i">
          <div v-if="label" class="label" :class="sizeId" :style="{ left: `${sheet.places[i]!.xMm}mm`, top: `${sheet.places[i]!.yMm}mm`, width: `${size.widthMm}mm`, height: `${size.heightMm}mm` }">
            <b class="weight" :title="KNOWN_LABEL[label.known]">{{ label.known === 'typical' ? `____ ${shownUnit('weight', units).symbol}` : label.weight }}</b>
            <span class="name">{{ label.name }}</span>
            <span class="foot"><span>{{ label.place || label.kind }}</span><span>{{ label.more }}</span></span>
          </div>
        </template>
      </div>
    </div>
    <MoreOf v-if="!isPrinting" class="more" :left="left" of="sheets" @more="more" />
  </div>
</template>

<style scoped>
.labels { padding: 0 0 60px; overflow-x: auto; }
.row { display: flex; flex-wrap: wrap; gap: 10px 16px; align-items: center; padding: 4px 18px; max-width: 900px; }
.row > * { flex: 1 1 150px; }
.row .hot { flex: 0 0 auto; }
.tools > .reason { margin: 8px 18px; }
.desk { margin: 14px 18px; }
/* On the screen it is of the look's own paper, that it does not glare by night; printed, black on white. */
.sheet { position: relative; background: var(--leaf); color: var(--ink); margin: 0 0 14px; outline: 1px solid var(--rule); font-family: var(--font-figure); }
.label { position: absolute; display: flex; flex-direction: column; justify-content: center; padding: 1mm 2mm; overflow: hidden; outline: 0.2mm dotted var(--soft-ink); line-height: 1.1; }
.weight { font-size: 6.4mm; font-stretch: 80%; font-weight: 700; white-space: nowrap; }
.name { font-size: 3.1mm; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
.foot { display: flex; justify-content: space-between; gap: 2mm; font-size: 2.6mm; white-space: nowrap; }
.large .weight { font-size: 13mm; }
.large .name { font-size: 4.6mm; }
.large .foot { font-size: 3.6mm; }
.medium .weight { font-size: 8mm; }
.tape { flex-direction: row; align-items: center; gap: 2mm; justify-content: flex-start; }
.tape .foot span + span { display: none; }
@media print {
  .tools { display: none; }
  .labels { padding: 0; overflow: visible; }
  .desk { margin: 0; }
  .sheet { margin: 0; outline: 0; background: #fff; color: #000; zoom: 1 !important; }
  .sheet + .sheet { break-before: page; }
  .label { outline: 0; }
}
</style>
<style>
@media print {
  .strip { display: none !important; }
}
</style>
