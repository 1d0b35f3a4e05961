<script setup lang="ts">
import { ref } from 'vue'
import type { Part } from '#core/tackle'
import { HOOK_KINDS, type HookKind, PART_KINDS, WIRES } from '#core/terms'
import { capital, words } from '~/text/labels'

const props = defineProps<{ part: Part, usedBy: number }>()
const box = useBoxStore()
const problem = ref('')
/** On a phone the rest of a part stands folded under its name, weight and number. */
const isOpen = ref(false)
const KINDS = PART_KINDS.map(id => ({ value: id, title: capital(words(id)) }))
const HOOKS = HOOK_KINDS.map(id => ({ value: id, title: words(id) }))

const save = (change: Partial<Part>) => alter(() => change)
const count = (more: number) => alter(({ quantity }) => ({ quantity: Math.max(0, (quantity ?? 1) + more) }))
async function alter(change: (part: Part) => Partial<Part>) {
  const issues = await box.edit('parts', props.part.id, change)
  problem.value = issues.length > 0 ? `Not stored: ${issues[0]!.path} ${issues[0]!.message}.` : ''
}

</script>

<template>
  <tr :class="{ open: isOpen }">
    <td class="name"><v-text-field :model-value="part.name" aria-label="Name" @change="save({ name: ($event.target as HTMLInputElement).value })" /></td>
    <td class="rare" data-name="kind"><v-select :model-value="part.kind" :items="KINDS" aria-label="Kind" @update:model-value="kind => save({ kind })" /></td>
    <td class="weight"><QuantityField label="Weight" label-hidden dimension="weight" :value="part.weightG" :max="2000" placeholder="?" @change="weightG => save({ weightG })" /></td>
    <td class="rare" data-name="size"><v-text-field :model-value="part.size ?? ''" aria-label="Size" @change="save({ size: ($event.target as HTMLInputElement).value || null })" /></td>
    <td class="rare" data-name="shape"><v-text-field :model-value="part.shape ?? ''" aria-label="Shape" @change="save({ shape: ($event.target as HTMLInputElement).value || null })" /></td>
    <td class="rare" data-name="material"><v-text-field :model-value="part.material ?? ''" aria-label="Material" @change="save({ material: ($event.target as HTMLInputElement).value || null })" /></td>
    <td class="rare" data-name="hook"><v-select :model-value="part.hookKind" :items="HOOKS" aria-label="Hook" clearable @update:model-value="(hookKind: HookKind | null) => save({ hookKind })" /></td>
    <td class="rare" data-name="holds"><QuantityField label="Holds" label-hidden dimension="strength" :value="part.strengthKg" :max="500" placeholder="?" @change="strengthKg => save({ strengthKg })" /></td>
    <td class="rare" data-name="wire"><v-select :model-value="part.wire" :items="[...WIRES]" aria-label="Wire" clearable @update:model-value="wire => save({ wire })" /></td>
    <td class="stock">
      <button type="button" class="plain" :aria-label="`One ${part.name} less`" :disabled="(part.quantity ?? 1) <= 0" @click="count(-1)">−</button>
      <b :class="{ out: part.quantity === 0 }">{{ part.quantity ?? 1 }}</b>
      <button type="button" class="plain" :aria-label="`One ${part.name} more`" @click="count(1)">+</button>
    </td>
    <td class="used rare" data-name="goes with">{{ usedBy === 0 ? '–' : `${usedBy} ${usedBy === 1 ? 'lure' : 'lures'}` }}</td>
    <td class="rare"><button type="button" class="quiet" :aria-label="`Take out ${part.name}`" @click="box.change({ remove: { parts: [part.id] } }, `${part.name} is out of the box.`)">×</button></td>
    <td class="unfold"><button type="button" class="quiet" :aria-expanded="isOpen" :aria-label="`${isOpen ? 'Less' : 'More'} of ${part.name}`" @click="isOpen = !isOpen">{{ isOpen ? 'less' : 'more' }}</button></td>
  </tr>
  <tr v-if="problem"><td colspan="12" class="reason problem" role="alert">{{ problem }}</td></tr>
</template>

<style scoped>
td { padding: 1px 8px 1px 0; }
.stock { white-space: nowrap; }
.stock .plain { min-width: 40px; padding: 4px; }
.stock b { display: inline-block; min-width: 30px; text-align: center; }
.out { color: var(--float); }
.used { color: var(--soft-ink); white-space: nowrap; }
.problem { color: var(--float); }
.unfold { display: none; }
@media (max-width: 700px) {
  tr { display: grid; grid-template-columns: minmax(0, 1fr) auto auto; gap: 0 10px; align-items: center; border-bottom: 1px solid var(--rule); padding: 4px 0; }
  td { display: block; padding: 0; }
  .name { grid-column: 1 / -1; }
  .unfold { display: block; }
  .rare { display: none; }
  .open .rare { display: grid; grid-template-columns: 80px minmax(0, 1fr); align-items: center; grid-column: 1 / -1; }
  .rare::before { content: attr(data-name); color: var(--soft-ink); font-size: 13px; }
}
</style>
