<script setup lang="ts">
import { computed } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import type { Lure } from '#core/tackle'

const props = defineProps<{
  /** `null`: the place for what lies loose. */
  name: string | null
  lures: readonly Lure[]
  carriedId: string | null
  /** A carried lure would land here. */
  isAim: boolean
}>()
const emit = defineEmits<{ dropped: [lureId: string], pick: [lureId: string], aim: [], dragging: [on: boolean] }>()
/** More than a slot can show are told by their number. */
const SHOWN = 60
const { shown, left, more } = useFirst(() => props.lures, SHOWN)
const list = computed({ get: () => [...shown.value], set: () => {} })
const label = computed(() => `${props.name ? `Slot ${props.name}` : 'Loose'}: ${props.lures.map(l => l.name).join(', ') || 'empty'}`)

function added(event: { item: HTMLElement }) {
  const id = event.item.dataset.lure
  if (id) emit('dropped', id)
}
</script>

<template>
  <div class="slot" :class="{ aim: isAim, empty: lures.length === 0 }" role="group" :aria-label="label" @click="carriedId && emit('aim')">
    <span v-if="name" class="slot-name">{{ name }}</span>
    <VueDraggable v-model="list" group="lures" :force-fallback="true" :animation="120" :delay="150" :delay-on-touch-only="true" class="lures" @start="emit('dragging', true)" @end="emit('dragging', false)" @add="added">
      <button v-for="lure in shown" :key="lure.id" type="button" class="lure" :data-lure="lure.id" :aria-pressed="carriedId === lure.id" @click.stop="carriedId && carriedId !== lure.id ? emit('aim') : emit('pick', lure.id)">
        <LureDrawing :lure="lure" small />
        <span>{{ lure.name }}</span>
        <b v-if="(lure.quantity ?? 1) !== 1">{{ lure.quantity }}×</b>
      </button>
    </VueDraggable>
    <MoreOf :left="left" of="here" @more="more" />
  </div>
</template>

<style scoped>
.slot { position: relative; min-height: 76px; border: 1px solid var(--rule); background: var(--leaf); display: flex; }
.slot.empty { background: none; }
.aim { outline: 2px solid var(--float); outline-offset: -2px; }
.slot-name { position: absolute; top: 3px; left: 6px; font-size: 11px; color: var(--soft-ink); }
.lures { flex: 1; padding: 16px 4px 4px; display: flex; flex-wrap: wrap; gap: 4px; align-content: flex-start; }
.lure { flex: 1 1 90px; min-height: 44px; min-width: 0; display: flex; flex-direction: column; align-items: center; justify-content: center; gap: 2px; background: none; border: 1px solid transparent; border-radius: 3px; padding: 2px; cursor: grab; font-size: 12px; line-height: 1.15; text-align: center; }
.lure:hover { border-color: var(--rule); }
.lure[aria-pressed='true'] { border: 1px dashed var(--float); background: var(--paper); }
.lure :deep(svg), .lure :deep(img) { width: 100%; height: 30px; object-fit: contain; }
</style>
