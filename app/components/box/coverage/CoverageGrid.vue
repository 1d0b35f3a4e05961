<script lang="ts">
/** One field of a coverage chart, in words, with the lures that cover it. */
export interface CoverageCell {
  readonly row: string
  readonly column: string
  readonly count: number
  readonly lureIds: readonly string[]
  /** How well the best of them does, 0..1; absent: not judged. */
  readonly fit?: number | null
}
</script>

<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { coverageGrid } from '~/charts/coverage-grid'
import { percent } from '~/text/percent'

const props = defineProps<{ label: string, rowTitle: string, columnTitle: string, cells: readonly CoverageCell[], chosen: CoverageCell | null }>()
const emit = defineEmits<{ choose: [cell: CoverageCell | null] }>()

/** Room for the words around the fields [px]. */
const AROUND = { left: 108, right: 2, top: 46, bottom: 20 } as const
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 640)
const size = computed(() => ({ width: room.value - AROUND.left - AROUND.right, height: 336 }))
/** Where columns are narrower than their words, every second word stands higher. */
const WORD = 62
const LINE = 15
const isTight = computed(() => grid.value.columns.length * WORD > size.value.width)
const above = (column: number) => -12 - (isTight.value && column % 2 === 1 ? LINE : 0)
/** Gap between a square and the corner of its field [px]. */
const INSET = 4
const grid = computed(() => coverageGrid(props.cells, size.value))
const cellAt = (row: string, column: string) => props.cells.find(c => c.row === row && c.column === column)!
const isChosen = (row: string, column: string) => props.chosen?.row === row && props.chosen.column === column

function spoken(cell: CoverageCell): string {
  const lures = cell.count === 0 ? 'no lures' : cell.count === 1 ? '1 lure' : `${cell.count} lures`
  return `${cell.row}, ${cell.column}: ${lures}${cell.fit == null ? '' : `, the best answers ${percent(cell.fit)}`}`
}

function toggle(row: string, column: string): void {
  emit('choose', isChosen(row, column) ? null : cellAt(row, column))
}
</script>

<template>
  <figure>
    <figcaption>{{ label }}</figcaption>
    <svg ref="drawing" :viewBox="`${-AROUND.left} ${-AROUND.top} ${room} ${size.height + AROUND.top + AROUND.bottom}`" role="group" :aria-label="label">
      <text :x="-10" :y="-12" text-anchor="end" class="title">{{ rowTitle }}</text>
      <text v-for="(c, i) in grid.columns" :key="c.column" :x="c.x" :y="above(i)" text-anchor="middle">{{ c.column }}</text>
      <text v-for="r in grid.rows" :key="r.row" x="-10" :y="r.y" text-anchor="end" dominant-baseline="middle">{{ r.row }}</text>
      <g
        v-for="m in grid.marks" :key="`${m.cell.row} ${m.cell.column}`" class="square" :class="{ none: m.cell.count === 0, chosen: isChosen(m.cell.row, m.cell.column) }" role="button" tabindex="0"
        :aria-pressed="isChosen(m.cell.row, m.cell.column)" :aria-label="spoken(cellAt(m.cell.row, m.cell.column))" :transform="`translate(${m.x} ${m.y})`"
        @click="toggle(m.cell.row, m.cell.column)" @keydown.enter.prevent="toggle(m.cell.row, m.cell.column)" @keydown.space.prevent="toggle(m.cell.row, m.cell.column)"
      >
        <rect class="field" :width="m.width" :height="m.height" />
        <rect v-if="m.cell.count > 0" class="outline" :x="m.width - m.side - INSET" :y="m.height - m.side - INSET" :width="m.side" :height="m.side" />
        <rect v-if="m.cell.count > 0" class="fill" :x="m.width - m.side - INSET" :y="m.height - m.filled - INSET" :width="m.side" :height="m.filled" />
        <text x="5" y="14" class="count">{{ m.cell.count }}</text>
      </g>
      <text :x="size.width" :y="size.height + 16" text-anchor="end" class="title">{{ columnTitle }}</text>
    </svg>
  </figure>
</template>

<style scoped>
figure { margin: 0; }
figcaption { font-weight: 620; font-stretch: 88%; font-size: 16px; }
svg { width: 100%; max-width: 640px; display: block; }
text { font-size: 12.5px; fill: var(--ink); }
.title { fill: var(--soft-ink); letter-spacing: 0.04em; font-size: 11.5px; }
/* On a narrow screen it stands on the square: told apart by a border of paper. */
.count { paint-order: stroke; stroke: var(--leaf); stroke-width: 3px; }
.square { cursor: pointer; }
.field { fill: var(--leaf); stroke: var(--rule); }
.none .field { fill: none; stroke-dasharray: 3 3; }
.square:hover .field, .square:focus-visible .field { stroke: var(--ink); }
.chosen .field { stroke: var(--float); stroke-width: 2.5; }
.outline { fill: none; stroke: var(--water-ink); stroke-width: 1.2; }
.fill { fill: var(--water-ink); }
.square:focus-visible { outline: none; }
.square:focus-visible .field { stroke: var(--float); stroke-width: 2.5; }
</style>
