<script setup lang="ts">
import { computed } from 'vue'
import { levelSpeed, type Presented, runningDepth } from '#core/course'
import { bottomWeight, dropShotHeight } from '#core/motion'
import { type Dimension, formatQuantity } from '#core/units'

/** The figures of a presentation as a small table: what each count, distance, line out or drift gives. */
const props = defineProps<{ presented: Presented, turnsPerM: number | null }>()
const { units } = storeToRefs(useSettingsStore())
const say = (dimension: Dimension, value: number, decimals?: number) => formatQuantity(dimension, value, { system: units.value, ...(decimals === undefined ? {} : { decimals }) })
/** Counts of the fan (trade §13) [s], distances of a drop shot [m], lines out [m], drifts [m/s], and the small steps of a trolled spoon [m/s]. */
const COUNTS_S = [2, 3, 5, 8, 12]
const DISTANCES_M = [20, 15, 10, 5, 2]
const LINES_OUT_M = [15, 25, 40, 60]
const DRIFTS_MS = [0.1, 0.25, 0.4, 0.6]
const SPEED_STEPS_MS = [-0.1, -0.05, 0, 0.05, 0.1]

interface Sheet { readonly title: string, readonly head: readonly string[], readonly rows: readonly (readonly string[])[], readonly note: string }
const turns = (speed: number) => (props.turnsPerM ? `${(speed * props.turnsPerM).toFixed(1)} /s` : '–')

const sheet = computed((): Sheet | null => {
  const p = props.presented
  const { bait, bottomM } = p
  if (p.mode === 'troll') {
    return { title: 'Line out', head: ['line out', 'runs at'], rows: LINES_OUT_M.map(lineOutM => [say('depth', lineOutM, 0), say('depth', runningDepth({ ...p, lineOutM }))]),
      note: bait.rated ? 'A plug’s depth hardly depends on speed.' : `Speed steps: ${SPEED_STEPS_MS.map(step => say('speed', Math.max(0.05, p.speedMs + step))).join(', ')}.` }
  }
  if (p.control === 'above-bottom') {
    const leader = p.dropLeaderM ?? 0.45
    return { title: 'True height over the bottom', head: ['distance', 'stands'], rows: DISTANCES_M.filter(d => d <= Math.max(5, p.castM)).map(d => [say('depth', d, 0), say('depth', dropShotHeight(leader, bottomM, d, p.tipM).height)]), note: `Leader ${say('depth', leader)}; the taut line lies at an angle, so it stands lower than it is long.` }
  }
  if (p.control === 'count-down' && bait.fallMs > 0) {
    const counts = [...COUNTS_S.filter(s => s * bait.fallMs < bottomM), Math.round(bottomM / bait.fallMs)]
    return { title: 'Count-down fan', head: ['count', 'depth', 'holds at', 'turns'], note: 'A new depth each round of the fan; the last count is the bottom.',
      rows: counts.map((s) => {
        const depthM = Math.min(bottomM, s * bait.fallMs)
        const holds = levelSpeed({ ...p, depthM })
        return [`${s} s`, say('depth', depthM), holds === null ? 'does not hold' : say('speed', holds), holds === null ? '–' : turns(holds)]
      }) }
  }
  if (p.control === 'bottom' || p.control === 'vertical') {
    return { title: 'Weight that keeps contact', head: ['drift', 'about'], note: `Lead at ${say('depth', bottomM)} on ${say('diameter', p.lineDiameterMm)} line; the lightest that still touches.`,
      rows: DRIFTS_MS.map((drift) => {
        const kg = bottomWeight(Math.max(1, bottomM), drift, p.lineDiameterMm / 1000, p.waterDensity)
        return [say('speed', drift), kg === null ? 'none holds' : say('weight', kg * 1000)]
      }) }
  }
  return null
})
</script>

<template>
  <section v-if="sheet" class="speed-sheet" :aria-label="sheet.title">
    <h4>{{ sheet.title }}</h4>
    <table><thead><tr><th v-for="h in sheet.head" :key="h">{{ h }}</th></tr></thead><tbody><tr v-for="row in sheet.rows" :key="row[0]"><td v-for="(cell, i) in row" :key="i" :class="{ figure: i === 0 }">{{ cell }}</td></tr></tbody></table>
    <p class="reason">{{ sheet.note }}</p>
  </section>
</template>

<style scoped>
h4 { font: 620 13.5px var(--font-figure); margin: 8px 0 0; }
table { border-collapse: collapse; font-size: 13px; width: 100%; max-width: 340px; }
th { text-align: left; font-weight: 500; color: var(--soft-ink); font-size: 12px; }
td, th { padding: 2px 8px 2px 0; border-bottom: 1px solid var(--rule); white-space: nowrap; }
p { margin: 3px 0 6px; color: var(--soft-ink); font-size: 13.5px; }
</style>
