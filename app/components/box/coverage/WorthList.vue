<script setup lang="ts">
import { computed } from 'vue'
import type { Addition } from '#core/catalogue'
import { formatQuantity } from '#core/units'
import { capital, familyLabel, words } from '~/text/labels'

/** Kinds of lure that are not in the box, by what they would add; typical ones, never products. */
const props = defineProps<{ additions: readonly Addition[] }>()
const { units } = storeToRefs(useSettingsStore())
const most = computed(() => Math.max(...props.additions.map(a => a.gain), Number.EPSILON))
/** Waters named one by one; beyond that their range is told. */
const FEW = 3
const points = (values: readonly number[]) => {
  const list = values.map(v => Math.round(v * 100))
  return list.length <= FEW ? list.join(', ') : `${Math.min(...list)} to ${Math.max(...list)}`
}
</script>

<template>
  <p v-if="additions.length === 0" class="reason">Nothing typical would do better than what is in the box.</p>
  <ol>
    <li v-for="a in additions" :key="a.lure.id">
      <LureDrawing :lure="a.lure" small class="drawing" />
      <div>
        <b>{{ capital(familyLabel(a.lure.family)) }}{{ a.lure.style ? `, ${words(a.lure.style)}` : '' }}, {{ formatQuantity('length', a.lure.lengthMm ?? 0, { system: units }) }}, {{ a.lure.colours?.metal !== 'none' ? a.lure.colours?.metal : a.lure.colours?.pattern }}</b>
        <p class="reason">
          <template v-if="a.under.some(u => u.rise >= 0.005)">would raise the best fit by {{ points(a.under.map(u => u.rise)) }} points, to {{ points(a.under.map(u => u.score)) }}</template>
          <template v-else>would be no better than the best that is there ({{ points(a.under.map(u => u.score)) }}), but above what comes after it</template>
        </p>
        <span class="gain" :style="{ width: `${Math.round(100 * a.gain / most)}%` }" />
      </div>
    </li>
  </ol>
</template>

<style scoped>
ol { list-style: none; padding: 0; margin: 8px 0; }
li { display: grid; grid-template-columns: 72px 1fr; gap: 12px; align-items: center; padding: 7px 0; border-top: 1px solid var(--rule); }
.drawing { width: 72px; height: 34px; }
li p { margin: 0; }
.gain { display: block; height: 3px; background: var(--water-ink); margin-top: 3px; }
</style>
