<script setup lang="ts">
import type { PlaceInOrder } from '~/composables/useOrderMoves'

defineProps<{ order: readonly PlaceInOrder[], label: string }>()
const box = useBoxStore()

function spoken(moved: number | null): string {
  if (moved === null) return 'new here'
  return moved === 0 ? 'unmoved' : moved > 0 ? `up ${moved}` : `down ${-moved}`
}
</script>

<template>
  <ol class="order" :aria-label="label">
    <li v-for="row in order" :key="row.lureId" :class="{ up: (row.moved ?? 1) > 0, down: (row.moved ?? 0) < 0 }">
      <span class="place figure">{{ row.place }}</span>
      <LureDrawing v-if="box.lureById.get(row.lureId)" :lure="box.lureById.get(row.lureId)!" small class="drawing" />
      <span class="name">{{ box.lureById.get(row.lureId)?.name ?? row.lureId }}</span>
      <span class="moved"><span aria-hidden="true">{{ row.moved === null ? 'new' : row.moved === 0 ? '' : row.moved > 0 ? `↑${row.moved}` : `↓${-row.moved}` }}</span><span class="sr">{{ spoken(row.moved) }}</span></span>
      <span class="score figure">{{ Math.round(row.score * 100) }}</span>
    </li>
  </ol>
</template>

<style scoped>
.order { list-style: none; margin: 0; padding: 0; }
li { display: grid; grid-template-columns: 20px 46px minmax(0, 1fr) 34px 30px; gap: 8px; align-items: center; min-height: 38px; border-top: 1px solid var(--rule); }
.drawing { width: 46px; height: 22px; }
.name { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.score { text-align: right; font-size: 16px; }
.moved { text-align: right; font-size: 12.5px; color: var(--soft-ink); }
.up .moved { color: var(--good); font-weight: 650; }
.down .moved { color: var(--float); font-weight: 650; }
</style>
