<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlannedLure } from '#core/files'
import { formatQuantity } from '#core/units'
import { familyLabel } from '~/text/labels'

/** What an import would do, row by row; refused rows first. */
const props = defineProps<{ planned: readonly PlannedLure[] }>()
const { units } = storeToRefs(useSettingsStore())
const ORDER = ['refused', 'change', 'new', 'same'] as const
const WORDS = { refused: 'refused', change: 'changed', new: 'new', same: 'the same' } as const
const shown = ref(60)
const sorted = computed(() => [...props.planned].sort((a, b) => ORDER.indexOf(a.action) - ORDER.indexOf(b.action) || a.line - b.line))
</script>

<template>
  <div class="scroll">
    <table class="plan">
      <caption class="sr">What the import would do</caption>
      <tbody>
        <tr v-for="p in sorted.slice(0, shown)" :key="p.line" :class="p.action">
          <td class="line">line {{ p.line }}</td>
          <td class="action">{{ WORDS[p.action] }}</td>
          <td v-if="p.lure" class="drawing"><LureDrawing :lure="p.lure" small /></td>
          <td v-if="p.lure"><b>{{ p.lure.name }}</b>, {{ familyLabel(p.lure.family) }}<template v-if="p.lure.weightG != null">, {{ formatQuantity('weight', p.lure.weightG, { system: units }) }}</template><span v-if="p.changed.length > 0" class="changed">: {{ p.changed.join(', ') }}</span></td>
          <td v-else colspan="2" class="reason">{{ p.issues.map(i => `${i.path}: ${i.message}`).join('; ') }}</td>
        </tr>
      </tbody>
    </table>
    <button v-if="sorted.length > shown" type="button" class="quiet" @click="shown += 200">{{ sorted.length - shown }} more rows</button>
  </div>
</template>

<style scoped>
.scroll { max-height: 44vh; overflow: auto; border-block: 1px solid var(--rule); }
table { border-collapse: collapse; width: 100%; }
tr { border-bottom: 1px solid var(--rule); height: 38px; }
td { padding: 2px 14px 2px 0; }
.line, .action { white-space: nowrap; color: var(--soft-ink); width: 74px; }
.refused .action, .refused .reason { color: var(--float); }
.change .action, .new .action { color: var(--ink); font-weight: 620; }
.drawing { width: 76px; }
.drawing :deep(svg) { width: 64px; height: 28px; }
.changed { color: var(--soft-ink); }
</style>
