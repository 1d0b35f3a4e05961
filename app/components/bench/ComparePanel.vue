<script setup lang="ts">
import { computed, ref } from 'vue'
import { summarise } from '#core/bench'
import type { BenchTest } from '#core/tackle'
import type { Rig } from '#core/terms'
import { formatQuantity } from '#core/units'
import type { FallRate } from '~/charts/fall-rates'
import { words } from '~/text/labels'
import { percentChange } from '~/text/percent'

const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const falls = computed(() => box.box.tests.filter(t => t.kind === 'fall' && t.depthM && t.values.some(v => v !== null)))
const keyOf = (t: BenchTest) => `${t.rig ?? 'bare'}|${t.addedG ?? 0}`
const groups = computed(() => [...new Set(falls.value.map(keyOf))])
const chosen = ref<string | null>(null)
const key = computed(() => (chosen.value && groups.value.includes(chosen.value) ? chosen.value : groups.value[0] ?? null))
const label = (group: string) => {
  const [rig, grams] = group.split('|')
  return `${words(rig as Rig)}${Number(grams) > 0 ? ` +${formatQuantity('weight', Number(grams), { system: units.value })}` : ''}`
}
const referenceId = ref<string | null>(null)
const compared = computed(() => [...new Set(falls.value.filter(t => keyOf(t) === key.value).map(t => t.lureId))].map(id => ({ value: id, title: box.lureById.get(id)?.name ?? id })))
const timed = computed(() => falls.value.filter(t => keyOf(t) === key.value).map((t) => {
  const { mean, error } = summarise(t.values.filter(v => v !== null))
  const speedMs = t.depthM! / mean
  return { lureId: t.lureId, label: box.lureById.get(t.lureId)?.name ?? t.lureId, speedMs, errorMs: error === null ? null : speedMs * (error / mean), known: 'tested' as const }
}).sort((a, b) => a.speedMs - b.speedMs))
const rates = computed<FallRate[]>(() => {
  const reference = timed.value.find(r => r.lureId === referenceId.value)
  if (!reference) return timed.value
  return timed.value.map(r => ({ ...r, label: r.lureId === reference.lureId ? `${r.label} (reference)` : `${r.label} ${percentChange(r.speedMs / reference.speedMs - 1)}` }))
})
</script>

<template>
  <section aria-label="Compare falls">
    <p class="reason">Like with like: only falls timed with the same rig and the same added weight stand in one chart.</p>
    <template v-if="key">
      <ChoiceRow label="rig" :options="groups" :chosen="[key]" :text="label" @change="([g]) => chosen = g ?? null" />
      <v-select v-if="compared.length > 1" v-model="referenceId" :items="compared" label="The reference" clearable class="reference" />
      <FallChart :rates="rates" title="Timed falls" class="chart" />
      <p v-if="rates.length === 1" class="reason">One lure so far: time another with this rig to compare.</p>
    </template>
    <p v-else class="reason">No timed falls yet. Time one under “a test”; with a second lure on the same rig they can be compared.</p>
  </section>
</template>

<style scoped>
.chart { margin-top: 12px; }
.reference { max-width: 260px; margin-top: 10px; }
</style>
