<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { HAND_CHANGES, type HandChange } from '#core/knowledge'
import type { InHand } from '#core/rotation'
import { formatQuantity } from '#core/units'

/** What is changed with the same lure in the hand: one tap, written as it is made. The one that the bites ask for stands first. */
const props = defineProps<{ changes: readonly InHand[], asked: HandChange | null }>()
const emit = defineEmits<{ make: [change: InHand] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const sorted = computed(() => [...props.changes].sort((a, b) => Number(b.id === props.asked) - Number(a.id === props.asked)))

/** The one that is asked for is seen at once, wherever the row was pushed to. */
const bar = useTemplateRef<HTMLElement>('bar')
watch(() => props.asked, () => void nextTick(() => { if (bar.value) bar.value.scrollLeft = 0 }))

function figure({ id, to }: InHand): string {
  if (to === null) return 'bare'
  if (typeof to === 'string') return box.lureById.get(to)?.name ?? ''
  const { what } = HAND_CHANGES[id]
  switch (what) {
    case 'pace': return formatQuantity('speed', to, { system: units.value })
    case 'depth': return formatQuantity('depth', to, { system: units.value })
    case 'lead': return formatQuantity('weight', to, { system: units.value })
    default: return `${to} s`
  }
}
</script>

<template>
  <section v-if="changes.length > 0" ref="bar" class="bar" aria-label="Changed in the hand">
    <button v-for="c in sorted" :key="c.id" type="button" class="step" :class="{ asked: c.id === asked }" @click="emit('make', c)"><b>{{ HAND_CHANGES[c.id].says }}</b><span class="figure">{{ figure(c) }}</span></button>
  </section>
</template>

<style scoped>
.bar { display: flex; overflow-anchor: none; gap: 6px; overflow-x: auto; scroll-snap-type: x proximity; margin-inline: -14px; padding: 2px 14px; }
.step { flex: none; min-height: 56px; min-width: 84px; border: 1px solid var(--ink); border-radius: 3px; background: var(--leaf); padding: 4px 10px; display: grid; gap: 1px; text-align: left; cursor: pointer; scroll-snap-align: start; max-width: 150px; }
.step b { font-size: 15px; white-space: nowrap; }
.figure { font-size: 14px; color: var(--soft-ink); overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.asked { background: var(--float); border-color: var(--float); color: var(--on-float, #fff); }
.asked .figure { color: inherit; }
</style>
