<script setup lang="ts">
import { computed } from 'vue'
import { goesWith } from '#core/lure'
import type { Lure } from '#core/tackle'
import { formatQuantity } from '#core/units'
import { words } from '~/text/labels'

/** What goes with a lure, of what there is. */
const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ open: [id: string] }>()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const { units } = storeToRefs(useSettingsStore())
const found = computed(() => {
  const profile = catalogue.profiles.get(props.lure.id)
  return profile ? goesWith(profile, [...catalogue.profiles.values()], box.box.parts) : null
})
/** One line a rig: two techniques of one rig take the same parts. */
const rigs = computed(() => (found.value?.rigs ?? []).filter((rig, i, all) => all.findIndex(r => r.technique.rig === rig.technique.rig) === i))
const ADDS = { 'nothing': 'as it is', 'head': 'a head', 'bullet': 'a bullet sinker', 'drop-sinker': 'a sinker', 'weighted-hook': 'a weighted hook', 'clip-blade': 'a clip-on blade', 'spoon': 'a spoon ahead of it' } as const
</script>

<template>
  <section v-if="found" class="goes-with" aria-label="What goes with it">
    <span class="small-label">goes with</span>
    <ul class="reason">
      <li v-for="{ technique, parts } in rigs" :key="technique.rig">
        <b>{{ words(technique.rig) }}</b>, {{ ADDS[technique.adds] }}<template v-if="technique.adds !== 'nothing'">: <span v-if="parts.length > 0">{{ parts.map(p => `${p.name}${p.weightG ? ` (${formatQuantity('weight', p.weightG, { system: units })})` : ''}${p.quantity === 0 ? ', none left' : ''}`).join('; ') }}</span><span v-else class="known typical">none of yours; the usual one is assumed</span></template>
      </li>
      <li v-if="found.trailers.length > 0">trailers: <template v-for="(t, i) in found.trailers" :key="t.lure.id">{{ i > 0 ? ', ' : '' }}<button type="button" class="quiet" @click="emit('open', t.lure.id)">{{ t.lure.name }}</button></template></li>
      <li v-if="found.hosts.length > 0">rides on: <template v-for="(t, i) in found.hosts" :key="t.lure.id">{{ i > 0 ? ', ' : '' }}<button type="button" class="quiet" @click="emit('open', t.lure.id)">{{ t.lure.name }}</button></template></li>
    </ul>
  </section>
</template>

<style scoped>
.goes-with { margin-top: 14px; }
ul { margin: 4px 0 0; padding-left: 18px; }
.quiet { padding: 0; min-height: 0; font: inherit; }
</style>
