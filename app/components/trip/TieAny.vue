<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SetupOut } from '#core/tell'
import { words } from '~/text/labels'

/** Any lure of the box, looked for by name: those that are packed and pinned first, then as they fit the water. */
const props = defineProps<{ setups: readonly SetupOut[], packed: readonly string[] }>()
const emit = defineEmits<{ tie: [setup: SetupOut] }>()
const box = useBoxStore()
const judgement = useJudgementStore()
const sought = ref('')
const problem = ref('')
const SHOWN = 12
const found = computed(() => {
  const text = sought.value.trim().toLowerCase()
  const place = new Map(props.setups.map((s, i) => [s.lureId, i]))
  const rank = (id: string) => (props.packed.includes(id) ? 0 : 1)
  return box.box.lures
    .filter(l => l.role !== 'trailer' && l.quantity !== 0 && (text === '' ? place.has(l.id) : l.name.toLowerCase().includes(text)))
    .sort((a, b) => rank(a.id) - rank(b.id) || Number(b.pinned ?? false) - Number(a.pinned ?? false) || (place.get(a.id) ?? Infinity) - (place.get(b.id) ?? Infinity))
    .slice(0, SHOWN)
})
async function tie(lureId: string) {
  problem.value = ''
  const known = props.setups.find(s => s.lureId === lureId) ?? (await judgement.judgeIf({ opened: lureId }, 0))?.opened?.setup
  if (known) emit('tie', known)
  else problem.value = `${box.lureById.get(lureId)?.name} cannot be fished in this water with the rods at hand.`
}
</script>

<template>
  <div class="any">
    <input v-model="sought" type="search" aria-label="Look for a lure" placeholder="look for a lure by name" />
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <button v-for="l in found" :key="l.id" type="button" class="plain first" @click="tie(l.id)"><LureDrawing :lure="l" small class="drawing" /><span><b>{{ l.name }}</b><br /><span class="soft"><template v-if="packed.includes(l.id)">packed · </template><template v-if="l.pinned">pinned · </template>{{ words(setups.find(s => s.lureId === l.id)?.rig) }}</span></span></button>
    <p v-if="found.length === 0" class="reason">No lure of that name is in the box.</p>
  </div>
</template>

<style scoped>
.any { display: grid; gap: 4px; margin-top: 6px; }
input { min-height: 56px; border: 1px solid var(--ink); background: var(--leaf); color: inherit; font: inherit; padding: 0 12px; border-radius: 3px; }
.first { display: grid; grid-template-columns: 96px 1fr; gap: 12px; align-items: center; text-align: left; min-height: 60px; width: 100%; }
.drawing { width: 96px; height: 44px; }
.soft { color: var(--soft-ink); font-size: 14px; }
</style>
