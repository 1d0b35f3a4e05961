<script setup lang="ts">
import { computed } from 'vue'
import { classRange, DEPTH_CLASSES_M, SIZE_CLASSES_MM, SPEED_CLASSES_MS, type Trait } from '#core/lure'
import type { Offer, Tried } from '#core/rotation'
import type { Dimension } from '#core/units'
import { type TriedCell, triedGrid } from '~/charts/tried-grid'
import { colourWord, TRAIT_WORDS } from '~/text/advice-words'
import { classInWords } from '~/text/class-words'
import { percent } from '~/text/percent'

const props = defineProps<{ offers: readonly Offer[], tried: readonly Tried[], mattering: Readonly<Record<Trait, number>> | null }>()
const { units } = storeToRefs(useSettingsStore())
const rows = computed(() => triedGrid(props.offers, props.tried))
const most = computed(() => Math.max(30, ...rows.value.flatMap(r => r.cells.map(c => c.minutes))))
const CLASSED: Partial<Record<Trait, { dimension: Dimension, borders: readonly number[] }>> = {
  size: { dimension: 'length', borders: SIZE_CLASSES_MM }, depth: { dimension: 'depth', borders: DEPTH_CLASSES_M }, speed: { dimension: 'speed', borders: SPEED_CLASSES_MS },
}

function name(trait: Trait, value: string | number): string {
  const classed = CLASSED[trait]
  if (!classed || typeof value === 'string') return trait === 'colour' ? colourWord(String(value)) : String(value)
  return classInWords(classed.dimension, classRange(classed.borders, value), units.value)
}
function spoken(trait: Trait, cell: TriedCell): string {
  return `${TRAIT_WORDS[trait]} ${name(trait, cell.value)}: ${cell.minutes < 1 ? 'not tried' : `${Math.round(cell.minutes)} min, ${cell.contacts} contacts, ${cell.catches} landed`}${cell.isNow ? ', on the line now' : ''}`
}
</script>

<template>
  <section class="tried" aria-label="Tried and untried">
    <h3>Tried and untried today</h3>
    <div v-for="row in rows" :key="row.trait" class="row">
      <span class="small-label">{{ TRAIT_WORDS[row.trait] }}<template v-if="mattering"> · {{ percent(mattering[row.trait]) }}</template></span>
      <div class="cells">
        <div v-for="cell in row.cells" :key="String(cell.value)" class="cell" :class="{ blank: cell.minutes < 1, now: cell.isNow, absent: !cell.inBox }" role="img" :aria-label="spoken(row.trait, cell)">
          <span class="effort" :style="{ height: `${Math.round((100 * Math.min(cell.minutes, most)) / most)}%` }" />
          <span class="value">{{ name(row.trait, cell.value) }}</span>
          <span class="figure">{{ cell.minutes < 1 ? '–' : `${Math.round(cell.minutes)} min` }}</span>
          <span class="contacts">{{ '●'.repeat(Math.min(6, cell.catches)) }}{{ '○'.repeat(Math.min(6, Math.max(0, Math.round(cell.contacts) - cell.catches))) }}</span>
        </div>
      </div>
    </div>
    <p class="reason note">Bars: minutes fished. ● landed, ○ other contacts; dashed: blank. Percent: how likely it matters today, by what was fished; small numbers, take them as such.</p>
  </section>
</template>

<style scoped>
h3 { font-size: 16px; }
.row { border-top: 1px solid var(--rule); padding: 5px 0; }
.cells { display: flex; flex-wrap: wrap; gap: 4px; margin-top: 3px; }
.cell { position: relative; flex: 1 1 78px; max-width: 160px; min-height: 58px; border: 1px solid var(--rule); padding: 3px 6px; display: flex; flex-direction: column; overflow: hidden; }
.cell > * { position: relative; }
.cell .effort { position: absolute; inset: auto 0 0; background: color-mix(in srgb, var(--water-ink) 20%, transparent); }
.cell.blank { border-style: dashed; color: var(--soft-ink); }
.cell.now { border: 2px solid var(--float); }
.cell.absent { opacity: 0.75; }
.value { font-size: 13px; line-height: 1.15; }
.figure { font-size: 12.5px; }
.contacts { font-size: 11px; letter-spacing: 1px; color: var(--float); }
.note { color: var(--soft-ink); font-size: 13.5px; }
</style>
