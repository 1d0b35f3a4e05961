<script setup lang="ts">
import { computed } from 'vue'
import type { LureProfile } from '#core/lure'
import { castLength, deepestOnCast, lineDiameter } from '#core/motion'
import { formatQuantity } from '#core/units'

/** A plug's running depth on each of the angler's rods, from one known depth. */
const props = defineProps<{ profile: LureProfile }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const LOW_M = 0.3
const HIGH_M = 2.3
/** Place in the rod's window at which casts are reckoned, and a line nobody described [mm]. Assumed. */
const MIDDLE_LOAD = 0.5
const USUAL_LINE_MM = 0.25

const rows = computed(() => {
  const { runsAt, typical, weightG } = props.profile
  if (!runsAt) return []
  return box.box.outfits
    .filter(({ rod }) => weightG.value <= (rod.lureMaxG ?? Infinity) && weightG.value >= (rod.lureMinG ?? 0) / 2)
    .map(({ id, name, rod, line, castM }) => {
      const cast = castM ?? castLength({ rod: rod.kind, power: rod.power ?? null, loadPlace: MIDDLE_LOAD, castFactor: typical.castFactor })
      const lineDiameterMm = line.diameterMm ?? (line.testKg ? lineDiameter(line.material, line.testKg) : null) ?? USUAL_LINE_MM
      const at = (tipM: number) => deepestOnCast(runsAt.value, { castM: cast, lineDiameterMm, tipM })
      return { id, name, lineDiameterMm, cast, castKnown: castM != null, low: at(LOW_M), high: at(HIGH_M) }
    })
})
const metres = (value: number) => formatQuantity('depth', value, { system: units.value })
</script>

<template>
  <section v-if="rows.length > 0" aria-label="Depth on your rods">
    <h2>What follows from the running depth</h2>
    <table>
      <thead><tr><th>rod</th><th>line</th><th>cast</th><th>tip low</th><th>tip high</th></tr></thead>
      <tbody>
        <tr v-for="r in rows" :key="r.id"><th scope="row">{{ r.name }}</th><td>{{ formatQuantity('diameter', r.lineDiameterMm, { system: units }) }}</td><td><span class="known" :class="r.castKnown ? 'stated' : 'typical'">{{ metres(r.cast) }}</span></td><td><b>{{ metres(r.low) }}</b></td><td>{{ metres(r.high) }}</td></tr>
      </tbody>
    </table>
    <p class="reason">Cast and wound, ±10 % of the depth; towed behind a boat the same plug runs deeper. Between common lines of {{ formatQuantity('strength', 4.5, { system: units }) }} and {{ formatQuantity('strength', 7.3, { system: units }) }} no more than a fifth of the depth can change.</p>
  </section>
</template>

<style scoped>
h2 { font-size: 17px; }
table { border-collapse: collapse; }
th { text-align: left; font-weight: 500; color: var(--soft-ink); padding: 4px 22px 4px 0; }
td { padding: 4px 22px 4px 0; border-bottom: 1px solid var(--rule); }
</style>
