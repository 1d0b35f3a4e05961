<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed } from 'vue'
import { goesWith } from '#core/lure'
import type { Part } from '#core/tackle'
import { PART_KINDS } from '#core/terms'
import { capital, words } from '~/text/labels'

const box = useBoxStore()
const catalogue = useCatalogueStore()
const sorted = computed(() => [...box.box.parts].sort((a, b) => PART_KINDS.indexOf(a.kind) - PART_KINDS.indexOf(b.kind) || (a.shape ?? '').localeCompare(b.shape ?? '') || (a.weightG ?? 0) - (b.weightG ?? 0)))
/** How many lures each part goes with. */
const uses = computed(() => {
  const counts = new Map<string, number>()
  for (const profile of catalogue.profiles.values()) {
    const parts = new Set(goesWith(profile, [], box.box.parts).rigs.flatMap(rig => rig.parts.map(p => p.id)))
    for (const id of parts) counts.set(id, (counts.get(id) ?? 0) + 1)
  }
  return counts
})

async function add(kind: Part['kind']) {
  await box.change({ put: { parts: [{ id: nanoid(10), name: `new ${words(kind)}`, kind, quantity: 1 }] } }, `A ${words(kind)} is added: give it its weight.`)
}
</script>

<template>
  <div class="parts">
    <PartLines />
    <p v-if="sorted.length === 0" class="reason">No hardware yet. Heads, sinkers and hooks of your own come before assumed ones when a soft bait is rigged.</p>
    <div v-else class="scroll">
      <table>
        <caption class="sr">Parts</caption>
        <thead><tr><th class="wide">name</th><th class="middling">kind</th><th>weight</th><th>size</th><th>shape</th><th>material</th><th class="middling">hook</th><th>holds</th><th>wire</th><th class="stock">in stock</th><th>goes with</th><th><span class="sr">take out</span></th><th class="unfold"><span class="sr">more</span></th></tr></thead>
        <tbody><PartRow v-for="part in sorted" :key="part.id" :part="part" :used-by="uses.get(part.id) ?? 0" /></tbody>
      </table>
    </div>
    <div class="add choices" role="group" aria-label="Add a part"><span class="small-label">add</span><button v-for="kind in PART_KINDS" :key="kind" type="button" class="choice" @click="add(kind)">{{ capital(words(kind)) }}</button></div>
    <p class="reason lead">Lead: wash your hands, keep it from children; many waters restrict it. Tungsten, tin, steel and brass do the same work.</p>
    <AssemblyPanel />
  </div>
</template>

<style scoped>
.parts { padding: 10px 18px 50px; }
.scroll { overflow-x: auto; position: relative; }
table { border-collapse: collapse; width: 100%; min-width: 1120px; table-layout: fixed; }
.wide { width: 19%; }
.middling { width: 11%; }
.stock { width: 132px; }
th { text-align: left; font-size: 12px; letter-spacing: 0.05em; text-transform: uppercase; color: var(--soft-ink); font-weight: 550; border-bottom: 1px solid var(--ink); padding: 4px 8px 4px 0; }
.add { margin-top: 10px; align-items: center; }
.lead { color: var(--soft-ink); }
.unfold { display: none; }
@media (max-width: 700px) {
  .parts { padding-inline: 10px; }
  table { min-width: 0; display: block; }
  table :deep(tbody) { display: block; }
  thead { display: none; }
}
</style>
