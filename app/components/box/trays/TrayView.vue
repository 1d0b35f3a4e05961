<script setup lang="ts">
import { group } from 'd3'
import { computed, ref } from 'vue'
import type { Lure } from '#core/tackle'
import { MOST_COLUMNS, MOST_ROWS, placeOf, slotName, traySize, type SlotPlace } from '~/charts/tray'

/** One box as it lies open: slots by row and column, what is loose beneath. `null`: what is in no box. */
const props = defineProps<{ boxName: string | null, lures: readonly Lure[] }>()
const emit = defineEmits<{ moved: [lure: Lure, slot: string | null], dragging: [on: boolean] }>()
const catalogue = useCatalogueStore()
const carriedId = ref<string | null>(null)
const aim = ref<SlotPlace | null>(null)

const size = computed(() => traySize(props.lures.map(l => l.slot), props.boxName === null ? undefined : catalogue.trays[props.boxName]))
const bySlot = computed(() => group(props.lures, l => (placeOf(l.slot) ? l.slot!.toUpperCase() : '')))
const slots = computed(() => Array.from({ length: size.value.rows * size.value.columns }, (_, i) => ({ row: Math.floor(i / size.value.columns), column: i % size.value.columns })))
const carried = computed(() => props.lures.find(l => l.id === carriedId.value))
const heard = computed(() => (carried.value ? `${carried.value.name} is in the hand${aim.value ? `, over slot ${slotName(aim.value)}` : ''}. Arrows move it, Enter lays it down, Escape puts it back.` : ''))

function resize(by: { rows?: number, columns?: number }) {
  if (props.boxName === null) return
  const rows = Math.min(MOST_ROWS, Math.max(1, size.value.rows + (by.rows ?? 0)))
  const columns = Math.min(MOST_COLUMNS, Math.max(1, size.value.columns + (by.columns ?? 0)))
  catalogue.trays = { ...catalogue.trays, [props.boxName]: { rows, columns } }
}

function drop(lureId: string, slot: string | null) {
  const lure = props.lures.find(l => l.id === lureId)
  carriedId.value = null
  aim.value = null
  if (lure && (lure.slot ?? null) !== slot) emit('moved', lure, slot)
}

function pick(lureId: string) {
  carriedId.value = carriedId.value === lureId ? null : lureId
  aim.value = carriedId.value ? placeOf(carried.value?.slot) ?? { row: 0, column: 0 } : null
}

function key(event: KeyboardEvent) {
  if (!carriedId.value || !aim.value) return
  const { row, column } = aim.value
  const steps: Record<string, SlotPlace> = { ArrowUp: { row: row - 1, column }, ArrowDown: { row: row + 1, column }, ArrowLeft: { row, column: column - 1 }, ArrowRight: { row, column: column + 1 } }
  const next = steps[event.key]
  if (next) aim.value = { row: Math.min(size.value.rows - 1, Math.max(0, next.row)), column: Math.min(size.value.columns - 1, Math.max(0, next.column)) }
  else if (event.key === 'Enter') drop(carriedId.value, slotName(aim.value))
  else if (event.key === 'Escape') carriedId.value = null
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <div class="tray" @keydown.capture="key">
    <p class="sr" aria-live="assertive">{{ heard }}</p>
    <template v-if="boxName !== null">
      <div class="size small-label">
        {{ size.rows }} × {{ size.columns }} slots
        <button type="button" class="quiet" @click="resize({ rows: 1 })">more rows</button><button type="button" class="quiet" @click="resize({ rows: -1 })">fewer</button>
        <button type="button" class="quiet" @click="resize({ columns: 1 })">more columns</button><button type="button" class="quiet" @click="resize({ columns: -1 })">fewer</button>
      </div>
      <div class="grid" :style="{ gridTemplateColumns: `repeat(${size.columns}, minmax(104px, 1fr))` }">
        <TraySlot v-for="place in slots" :key="slotName(place)" :name="slotName(place)" :lures="bySlot.get(slotName(place)) ?? []" :carried-id="carriedId" :is-aim="aim?.row === place.row && aim.column === place.column" @dropped="id => drop(id, slotName(place))" @pick="pick" @dragging="on => emit('dragging', on)" @aim="carriedId && drop(carriedId, slotName(place))" />
      </div>
    </template>
    <h3>{{ boxName === null ? 'In no box' : 'Loose in this box' }}</h3>
    <TraySlot class="loose" :name="null" :lures="bySlot.get('') ?? []" :carried-id="carriedId" :is-aim="false" @dropped="id => drop(id, null)" @pick="pick" @dragging="on => emit('dragging', on)" @aim="carriedId && drop(carriedId, null)" />
  </div>
</template>

<style scoped>
.size { display: flex; gap: 4px 12px; align-items: center; flex-wrap: wrap; }
.size .quiet { text-transform: none; letter-spacing: 0; font-size: 13px; }
.grid { display: grid; gap: 3px; padding: 6px; border: 2px solid var(--ink); border-radius: 6px; overflow-x: auto; }
h3 { font-size: 15px; margin: 14px 0 4px; }
.loose { border-style: dashed; }
.loose :deep(.lure) { flex: 0 1 110px; }
</style>
