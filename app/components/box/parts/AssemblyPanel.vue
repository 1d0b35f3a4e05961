<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { type AssemblyStock, assemblyWeight } from '#core/catalogue'
import { goesWith } from '#core/lure'
import type { Assembly } from '#core/tackle'
import { formatHookSize, formatQuantity } from '#core/units'
import { inWords } from '#speech'

/** Lures as they are dressed for use, with what the whole weighs. */
const box = useBoxStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const lureId = ref<string | null>(null)
const trailerId = ref<string | null>(null)
const partIds = ref<string[]>([])
const hookSize = ref<string | null>(null)
const problem = ref('')
const SIZES = ['10', '8', '6', '5', '4', '2', '1', '1/0', '2/0', '3/0', '4/0', '5/0', '6/0']

const stock = computed((): AssemblyStock => ({ lures: catalogue.profiles, parts: new Map(box.box.parts.map(p => [p.id, p])) }))
const host = computed(() => (lureId.value ? catalogue.profiles.get(lureId.value) : undefined))
const lures = computed(() => box.box.lures.filter(l => l.role !== 'trailer').map(l => ({ value: l.id, title: l.name })).sort((a, b) => a.title.localeCompare(b.title)))
const trailers = computed(() => (host.value ? goesWith(host.value, [...catalogue.profiles.values()], box.box.parts).trailers.map(t => ({ value: t.lure.id, title: t.lure.name })) : []))
const parts = computed(() => box.box.parts.map(p => ({ value: p.id, title: p.weightG == null ? p.name : `${p.name}, ${formatQuantity('weight', p.weightG, { system: units.value })}` })))
const hooks = computed(() => (hookSize.value && host.value ? host.value.hooks.value.map(h => ({ ...h, size: hookSize.value! })) : null))
const draft = computed((): Assembly | null => (lureId.value ? { id: 'draft', name: 'draft', lureId: lureId.value, trailerId: trailerId.value, partIds: partIds.value, hooks: hooks.value } : null))
const weight = computed(() => (draft.value ? inWords(assemblyWeight(draft.value, stock.value)) : null))
const shown = (grams: number) => formatQuantity('weight', grams, { system: units.value })
const kept = computed(() => box.assemblies.map(a => ({ assembly: a, lure: box.lureById.get(a.lureId), weight: inWords(assemblyWeight(a, stock.value)) })))

async function keep() {
  if (!draft.value || !host.value) return
  const trailer = trailerId.value ? box.lureById.get(trailerId.value)?.name : null
  const name = [host.value.lure.name, trailer && `with ${trailer}`, hookSize.value && `on ${formatHookSize(hookSize.value)}`].filter(Boolean).join(' ')
  const issues = await box.saveAssembly({ ...draft.value, id: nanoid(10), name })
  problem.value = issues.length > 0 ? `Not stored: ${issues[0]!.path} ${issues[0]!.message}.` : ''
  if (issues.length > 0) return
  lureId.value = trailerId.value = hookSize.value = null
  partIds.value = []
}
</script>

<template>
  <section class="assemblies" aria-label="Dressed lures">
    <h2>Dressed lures</h2>
    <p class="reason">A jig with its trailer, a plug on other hooks: what hangs on the rod is the whole, so the whole is weighed.</p>
    <form class="dress" @submit.prevent="keep">
      <v-autocomplete v-model="lureId" :items="lures" label="Lure" auto-select-first @update:model-value="trailerId = null" />
      <v-autocomplete v-model="trailerId" :items="trailers" label="Trailer" clearable :disabled="trailers.length === 0" :placeholder="host && trailers.length === 0 ? 'it takes none' : ''" />
      <v-autocomplete v-model="partIds" :items="parts" label="Hardware on it" multiple clearable />
      <v-select v-model="hookSize" :items="SIZES.map(s => ({ value: s, title: formatHookSize(s) }))" label="Other hooks" clearable />
      <p v-if="weight" class="total"><b>{{ shown(weight.grams) }}</b> <span v-for="piece in weight.pieces" :key="piece.text">{{ piece.text }} {{ piece.grams >= 0 ? '' : '−' }}{{ shown(Math.abs(piece.grams)) }}</span><span v-if="weight.unknown.length > 0" class="known typical">without {{ weight.unknown.join(', ') }}: no weight known</span></p>
      <button type="submit" class="hot" :disabled="!draft">Keep it dressed so</button>
    </form>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <ul>
      <li v-for="{ assembly, lure, weight: w } in kept" :key="assembly.id">
        <LureDrawing v-if="lure" :lure="lure" small class="drawing" /><span v-else class="drawing" />
        <span>{{ assembly.name }}</span><b>{{ shown(w.grams) }}</b>
        <span class="pieces">{{ w.pieces.map(p => `${p.text} ${shown(p.grams)}`).join(' + ') }}<template v-if="w.unknown.length > 0">; not counted: {{ w.unknown.join(', ') }}</template></span>
        <button type="button" class="quiet" :aria-label="`Undress ${assembly.name}`" @click="box.change({ remove: { assemblies: [assembly.id] } }, `${assembly.name} is undressed.`)">×</button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 { font-size: 18px; margin-top: 18px; }
.assemblies > .reason { margin: 2px 0 8px; }
.dress { display: grid; grid-template-columns: repeat(auto-fit, minmax(170px, 1fr)); gap: 8px 14px; align-items: center; }
.total { grid-column: 1 / -1; margin: 0; display: flex; flex-wrap: wrap; gap: 4px 16px; align-items: baseline; color: var(--soft-ink); }
.total b { font-size: 22px; color: var(--ink); font-stretch: 86%; }
.problem { color: var(--float); }
ul { list-style: none; padding: 0; margin: 14px 0 0; }
li { display: grid; grid-template-columns: 70px minmax(160px, 1.2fr) 80px 2fr 40px; gap: 12px; align-items: center; border-top: 1px solid var(--rule); padding: 5px 0; }
.drawing { width: 64px; height: 28px; }
.pieces { color: var(--soft-ink); font-size: 13px; }
@media (max-width: 700px) { li { grid-template-columns: 1fr auto 40px; } .drawing, .pieces { display: none; } }
</style>
