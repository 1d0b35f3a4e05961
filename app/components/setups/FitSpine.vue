<script setup lang="ts">
import { AXES } from '#core/rule'
import { percent } from '~/text/percent'
import type { Spine } from '~/workers/judge.protocol'

defineProps<{
  /** One segment an axis: filled by fit, as wide as the axis weighs. */
  spine: Spine
  small?: boolean
}>()
const WEAK = 0.45
</script>

<template>
  <span class="spine" :class="{ small }" role="img" :aria-label="spine.map(s => `${AXES[s.axis].label} ${percent(s.fit)}`).join(', ')">
    <span v-for="s in spine" :key="s.axis" class="segment" :class="{ weak: s.fit < WEAK }" :style="{ flexGrow: s.weight }" :title="`${AXES[s.axis].label}: fits ${percent(s.fit)}`">
      <span class="fill" :style="{ height: `${Math.round(s.fit * 100)}%` }" />
    </span>
  </span>
</template>

<style scoped>
.spine { display: flex; gap: 2px; height: 20px; width: 100%; }
.small { height: 14px; gap: 1px; }
.segment { flex-basis: 4px; display: flex; align-items: flex-end; border-bottom: 1px solid var(--ink); background: color-mix(in srgb, var(--rule) 35%, transparent); }
.fill { width: 100%; background: var(--water-ink); }
.weak .fill { background: var(--float); }
</style>
