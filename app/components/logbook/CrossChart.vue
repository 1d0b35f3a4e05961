<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { CrossTable, CutId } from '#core/logbook'
import { coverageGrid } from '~/charts/coverage-grid'
import { counted } from '~/text/labels'
import { CUT_WORDS, hoursFigure, type Names, rateFigure, valueInWords } from '~/text/log-words'

/** Two cuts crossed: the square's area is the effort, its filling the contact rate against the best field; blanks were never fished. */
const props = defineProps<{ table: CrossTable, row: CutId, column: CutId, names: Names }>()
const LEFT = 92
const ROW = 46
const room = useRoom(useTemplateRef<SVGElement>('drawing'), 640)
const size = computed(() => ({ width: room.value - LEFT - 2, height: ROW * props.table.rows.length }))
const best = computed(() => Math.max(...props.table.cells.map(c => c.rate?.mean ?? 0), 1e-9))
const grid = computed(() => coverageGrid(props.table.cells.map(c => ({ row: c.row, column: c.column, count: c.hours, fit: c.rate ? c.rate.mean / best.value : null })), size.value))
const cellAt = (row: string | number, column: string | number) => props.table.cells.find(c => c.row === row && c.column === column)!
const spoken = computed(() => props.table.cells.filter(c => c.rate).map(c => `${valueInWords(props.row, c.row, props.names)}, ${valueInWords(props.column, c.column, props.names)}: ${rateFigure(c.rate!.mean)} an hour in ${hoursFigure(c.hours)} h`).join('; '))
</script>

<template>
  <svg ref="drawing" class="cross" :viewBox="`${-LEFT} -30 ${room} ${size.height + 34}`" role="img" :aria-label="`${CUT_WORDS[row]} by ${CUT_WORDS[column]}. ${spoken}`">
    <text v-for="c in grid.columns" :key="c.column" :x="c.x" y="-8" text-anchor="middle">{{ valueInWords(column, c.column, names) }}</text>
    <text v-for="r in grid.rows" :key="r.row" x="-8" :y="r.y" text-anchor="end" dominant-baseline="middle">{{ valueInWords(row, r.row, names) }}</text>
    <g v-for="m in grid.marks" :key="`${m.cell.row} ${m.cell.column}`" :transform="`translate(${m.x} ${m.y})`">
      <title v-if="m.cell.count > 0">{{ counted(cellAt(m.cell.row, m.cell.column).contacts, 'contact') }} in {{ hoursFigure(m.cell.count) }} h</title>
      <rect class="field" :class="{ none: m.cell.count === 0 }" :width="m.width" :height="m.height" />
      <template v-if="m.cell.count > 0">
        <rect class="outline" :x="m.width - m.side - 3" :y="m.height - m.side - 3" :width="m.side" :height="m.side" />
        <rect class="fill" :x="m.width - m.side - 3" :y="m.height - m.filled - 3" :width="m.side" :height="m.filled" />
        <text x="4" y="12" class="figure-text">{{ rateFigure(cellAt(m.cell.row, m.cell.column).rate!.mean) }}</text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.cross { width: 100%; max-width: 640px; display: block; }
text { font-size: 11.5px; fill: var(--ink); }
.field { fill: var(--leaf); stroke: var(--rule); }
.none { fill: none; stroke-dasharray: 3 3; }
.outline { fill: none; stroke: var(--water-ink); stroke-width: 1; }
.fill { fill: var(--water-ink); fill-opacity: 0.8; }
.figure-text { font-weight: 600; paint-order: stroke; stroke: var(--leaf); stroke-width: 3px; }
</style>
