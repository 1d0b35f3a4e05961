<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { REFERENCE_CAST } from '#core/lure'
import { formatNumber, formatQuantity, shownUnit } from '#core/units'
import type { CoverageCell } from '~/components/box/coverage/CoverageGrid.vue'

const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const { coverage, problem } = useCoverage()
const chosen = shallowRef<CoverageCell | null>(null)

const plain = (dimension: 'depth' | 'speed', value: number) => String(Number(formatNumber(dimension, value, { system: units.value, decimals: 2 })))
const band = (dimension: 'depth' | 'speed', [low, high]: readonly [number, number]) =>
  `${plain(dimension, low)}–${plain(dimension, high)}`
const depthCells = computed((): CoverageCell[] => (coverage.value?.depthBySpeed ?? []).map(c => ({ row: band('depth', c.depth), column: band('speed', c.speed), count: c.lureIds.length, lureIds: c.lureIds })))
const paintCells = computed((): CoverageCell[] => (coverage.value?.clarityByPaint ?? []).map(c => ({ row: `${c.clarity.label}, ${formatQuantity('depth', c.clarity.visibilityM, { system: units.value })}`, column: c.paint, count: c.lureIds.length, lureIds: c.lureIds, fit: c.fit })))
const lures = computed(() => (chosen.value?.lureIds ?? []).map(id => box.lureById.get(id)).filter(l => l !== undefined))
const doubles = computed(() => (coverage.value?.doubles ?? []).map(ids => ids.map(id => box.lureById.get(id)).filter(l => l !== undefined)).filter(group => group.length > 1))
const isSame = (a: CoverageCell | null, b: CoverageCell) => a?.row === b.row && a.column === b.column
const chosenIn = (cells: readonly CoverageCell[]) => cells.find(c => isSame(chosen.value, c)) ?? null
</script>

<template>
  <div class="coverage-page">
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <p v-if="box.box.lures.length === 0" class="reason">Nothing is covered yet: put lures in the box first.</p>
    <div v-else class="charts">
      <div>
        <CoverageGrid label="Depth by speed" :row-title="`DEPTH, ${shownUnit('depth', units).symbol}`" :column-title="`SPEED THROUGH THE WATER, ${shownUnit('speed', units).symbol}`" :cells="depthCells" :chosen="chosenIn(depthCells)" @choose="c => chosen = c" />
        <p class="reason note">How many lures can be worked there, on a {{ formatQuantity('depth', REFERENCE_CAST.castM, { system: units, decimals: 0 }) }} cast with {{ formatQuantity('diameter', REFERENCE_CAST.lineDiameterMm, { system: units }) }} line and the usual head. Dashed: nothing.</p>
      </div>
      <div>
        <CoverageGrid label="Clarity by colouring" row-title="CLARITY" column-title="COLOURING" :cells="paintCells" :chosen="chosenIn(paintCells)" @choose="c => chosen = c" />
        <p class="reason note">Everything else as the water is now. The square is filled as far as the best of them answers what such water asks of colour.</p>
      </div>
    </div>
    <section v-if="chosen" class="cell" aria-live="polite">
      <h2>{{ chosen.row }}, {{ chosen.column }}</h2>
      <p v-if="lures.length === 0" class="reason">Nothing in the box does this.</p>
      <ul v-else><li v-for="l in lures" :key="l.id"><NuxtLink :to="`/box/lure/${encodeURIComponent(l.id)}`"><LureDrawing :lure="l" small class="drawing" />{{ l.name }}</NuxtLink></li></ul>
    </section>
    <div class="lower">
      <section aria-label="Doubled">
        <h2>Doubled</h2>
        <p v-if="doubles.length === 0" class="reason">No two lures do the same: kind, colouring, sound, buoyancy, size or depth differ by a step between any two.</p>
        <ul v-else class="doubles">
          <li v-for="group in doubles" :key="group[0]!.id"><LureDrawing :lure="group[0]!" small class="drawing" /><span>{{ group.map(l => l.name).join(' = ') }}</span><NuxtLink v-if="group.length <= 4" class="quiet" :to="{ path: '/box/compare', query: { ids: group.map(l => l.id).join(',') } }">side by side</NuxtLink></li>
        </ul>
      </section>
      <WorthPanel />
    </div>
  </div>
</template>

<style scoped>
.coverage-page { padding: 10px 18px 50px; }
.charts, .lower { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr)); gap: 18px 40px; }
.note { margin: 2px 0 10px; color: var(--soft-ink); max-width: 60ch; }
h2 { font-size: 18px; margin: 8px 0 4px; }
ul { list-style: none; padding: 0; margin: 0; }
.cell { border-block: 1px solid var(--ink); padding: 4px 0 10px; margin-bottom: 12px; }
.cell ul { display: flex; flex-wrap: wrap; gap: 4px 20px; }
.cell a { display: flex; align-items: center; gap: 8px; min-height: 40px; }
.drawing { width: 64px; height: 28px; flex: none; }
.doubles li { display: flex; gap: 12px; align-items: center; padding: 6px 0; border-top: 1px solid var(--rule); }
.doubles .quiet { margin-left: auto; }
</style>
