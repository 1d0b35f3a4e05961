<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { blurSide, counted } from '~/text/labels'
import { copied } from '~/workers/plain'

const box = useBoxStore()
const settings = useSettingsStore()
const { fileName, table, file, mapping, mergeBy, planned, others, words, counts, done, issues, choose, paste, plan, map, say, mend, cells, refusedTable, write, replace, clear } = useExchange()
const pasted = ref('')
const download = useDownload()
const saving = useSaving()
const zone = useTemplateRef<HTMLElement>('zone')
const { isOverDropZone } = useDropZone(zone, { onDrop: files => files?.[0] && void choose(files[0]), multiple: false })
useLaunchedFile(choose)
/** How exactly waters, trips and catches say where they are when the box goes out. */
const SPOTS = { exact: 'exact', blurred: 'blurred', none: 'left out' } as const
const spots = ref<keyof typeof SPOTS>('exact')
const MERGE = { id: 'by id', name: 'by name' } as const
const LIST_WORDS = { lures: 'lures', parts: 'parts', outfits: 'outfits', places: 'waters', tests: 'tests', trips: 'trips', rules: 'own rules', assemblies: 'dressed lures', packs: 'pack lists', readings: 'noted readings' } as const
const DELIMITERS: Record<string, string> = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' }

/** Units that are only guessed: asked before anything is written. */
const unsure = computed(() => mapping.value.flatMap((m, i) => (m.isSure ? [] : [table.value?.header[i] ?? ''])))
const noIds = computed(() => mergeBy.value === 'id' && !mapping.value.some(m => m.path === 'id'))

function picked(event: Event) {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) void choose(input.files[0])
  input.value = ''
}
async function exportJson() {
  const text = await saving.save(async (client, progress) => client.boxFile(copied(settings.into(await box.readFile())), spots.value, progress))
  if (text) download('ygrion-box.json', text, 'application/json')
}
async function saveRefused() {
  download('ygrion-refused-rows.csv', `\uFEFF${await refusedTable()}`, 'text/csv')
}
async function exportCsv() {
  const text = await saving.save(client => client.luresTable(copied(box.box.lures)))
  if (text) download('ygrion-lures.csv', text, 'text/csv')
}
</script>

<template>
  <div class="exchange">
    <section class="out" aria-label="Out">
      <h2>Out</h2>
      <p class="reason">Everything lives in this browser. A file kept elsewhere is the only backup.</p>
      <div class="spots"><span class="small-label">spots in it</span><div class="choices" role="group" aria-label="Spots in the file"><button v-for="(name, id) in SPOTS" :key="id" type="button" class="choice" :aria-pressed="spots === id" @click="spots = id">{{ name }}</button></div></div>
      <button type="button" class="plain" @click="exportJson">Everything, as an Ygrion file</button>
      <button type="button" class="plain" @click="exportCsv">Lures, as a table (CSV)</button>
      <SavingStep :saving="saving" />
      <p class="reason note">{{ spots === 'exact' ? 'The file reads back exactly as it is, with the places of waters, trips and catches: mind whom you give it to.' : spots === 'blurred' ? 'In this file each place is moved to the middle of a square ' + blurSide(settings.units) + ' wide.' : 'This file says of no water, trip or catch where it is.' }} The table opens in any spreadsheet and reads back too; pictures travel in a <NuxtLink to="/keep">backup</NuxtLink>.</p>
    </section>
    <section class="in" aria-label="In">
      <h2>In</h2>
      <div v-if="!table && !file" ref="zone" class="zone" :class="{ over: isOverDropZone }">
        <label class="hot">Choose a file<input type="file" class="sr" accept=".csv,.tsv,.txt,.json,text/csv,application/json" @change="picked" /></label>
        <span class="reason">or drop it here: a table (CSV) of lures, hardware or rods, all in one if you like, or an Ygrion file. Nothing is written until you have seen what would happen.</span>
      </div>
      <form v-if="!table && !file" class="paste" @submit.prevent="paste(pasted)">
        <label><span class="small-label">or paste rows of a spreadsheet, or a list, one thing a line</span>
          <textarea v-model="pasted" rows="5" aria-label="Rows or a list" data-either placeholder="3/8 black blue jig, river, A3&#10;5&quot; green pumpkin soft stick x12&#10;1/2 oz white spinnerbait" /></label>
        <button type="submit" class="plain" :disabled="pasted.trim() === ''">Read what is pasted</button>
      </form>
      <PhotosByName v-if="!table && !file" />
      <div v-if="issues.length > 0" class="issues reason" role="alert">
        <p v-for="issue in issues.slice(0, 8)" :key="`${issue.path}${issue.message}`"><b>{{ issue.path }}</b>: {{ issue.message }}.</p>
        <p v-if="issues.length > 8">… and {{ issues.length - 8 }} more.</p>
      </div>
      <template v-if="table">
        <p class="reason">{{ fileName }}: {{ table.count }} {{ table.count === 1 ? 'row' : 'rows' }}{{ table.blank > 0 ? ` and ${table.blank} blank` : '' }}<template v-if="table.delimiter !== ''">, columns parted by {{ DELIMITERS[table.delimiter] ?? `“${table.delimiter}”` }}</template>, {{ table.encoding }}{{ table.isGuess ? ' (a guess: check that the names look right)' : '' }}.<template v-if="table.above.length > 0"> {{ table.delimiter === '' ? 'Titles' : 'Above the heading, and nothing of it' }}: {{ table.above.map(text => `“${text}”`).join(', ') }}.</template></p>
        <MappingTable v-if="table.delimiter !== ''" :header="table.header" :sample="table.sample" :mapping="mapping" @map="map" />
        <WordTable :words="words" :header="table.header" @say="say" />
        <div class="merge"><span class="small-label">meets what is here</span><div class="choices"><button v-for="key in (['id', 'name'] as const)" :key="key" type="button" class="choice" :aria-pressed="mergeBy === key" @click="mergeBy = key, plan()">{{ MERGE[key] }}</button></div><span v-if="noIds" class="reason bad">No column holds ids: every lure comes in as a new one.</span></div>
        <p v-if="done" class="progress" role="status"><progress :value="done.done" :max="done.of" /> reading row {{ done.done }} of {{ done.of }}</p>
        <template v-else-if="planned">
          <p class="counts" role="status"><b>{{ counts.new }}</b> new · <b>{{ counts.change }}</b> changed · <b>{{ counts.same }}</b> the same · <b :class="{ bad: counts.refused > 0 }">{{ counts.refused }}</b> refused</p>
          <p v-if="unsure.length > 0" class="reason bad">The unit of {{ unsure.join(', ') }} is a guess: look at the figures below, and say which it is.</p>
          <PlanPreview :planned="planned" :others="others" :header="table.header" :cells-of="cells" @mend="mend" />
          <div class="act"><button type="button" class="hot" :disabled="counts.new + counts.change === 0" @click="write">Put {{ counts.new + counts.change }} in the box</button><button v-if="counts.refused > 0" type="button" class="plain" @click="saveRefused">Save the {{ counts.refused }} refused as a table</button><button type="button" class="quiet" @click="clear">leave it</button></div>
        </template>
      </template>
      <template v-if="file">
        <p class="reason">{{ fileName }} is an Ygrion file.</p>
        <table class="lists"><thead><tr><th /><th>new</th><th>changed</th><th>the same</th></tr></thead>
          <tbody><tr v-for="p in file.plan.filter(x => x.fresh + x.changed + x.same > 0)" :key="p.list"><th scope="row">{{ LIST_WORDS[p.list] }}</th><td>{{ p.fresh }}</td><td>{{ p.changed }}</td><td>{{ p.same }}</td></tr></tbody>
        </table>
        <p v-if="file.mended.length > 0" class="reason">{{ counted(file.mended.length, 'stretch or tap', 'stretches or taps') }} stood twice under one id inside a trip; each has its own now, none is lost: {{ file.mended.slice(0, 3).map(m => m.path).join(', ') }}{{ file.mended.length > 3 ? ' …' : '' }}.</p>
        <div class="act"><button type="button" class="hot" @click="write">Join it to what is here</button><button type="button" class="plain" @click="replace">Put it in place of everything</button><button type="button" class="quiet" @click="clear">leave it</button></div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.exchange { display: grid; grid-template-columns: 260px minmax(0, 1fr); gap: 40px; padding: 10px 18px 60px; align-items: start; }
h2 { font-size: 18px; }
.out { display: flex; flex-direction: column; gap: 8px; }
.out .reason { margin: 0; }
.note { color: var(--soft-ink); }
.zone { border: 1px dashed var(--ink); border-radius: 4px; padding: 26px; display: flex; gap: 18px; align-items: center; flex-wrap: wrap; margin-top: 6px; }
.zone.over { background: var(--leaf); border-style: solid; }
.zone label { display: inline-flex; align-items: center; cursor: pointer; }
.zone label:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }

.paste { display: grid; gap: 8px; margin-top: 14px; justify-items: start; }
.paste label { width: 100%; display: grid; gap: 4px; }
.paste textarea { border: 1px solid var(--rule); background: var(--leaf); color: inherit; font: inherit; padding: 8px 10px; width: 100%; resize: vertical; }
.paste textarea:focus-visible { outline: 2px solid var(--float); }
.issues { border-left: 4px solid var(--float); padding: 4px 12px; margin: 10px 0; background: var(--leaf); }
.issues p { margin: 2px 0; }
.merge { display: flex; gap: 12px; align-items: center; margin: 10px 0; }
.counts { font-size: 16px; margin: 6px 0; }
.bad { color: var(--float); }
.act { display: flex; gap: 14px; align-items: center; margin-top: 12px; }
.lists { border-collapse: collapse; }
.lists th, .lists td { text-align: left; padding: 4px 24px 4px 0; border-bottom: 1px solid var(--rule); }
progress { accent-color: var(--float); vertical-align: middle; }
@media (max-width: 700px) { .exchange { grid-template-columns: minmax(0, 1fr); gap: 18px; padding-inline: 10px; } .in { order: -1; } }
</style>
