<script setup lang="ts">
/** How much a row of the handbook counts: it can be switched off, never turned round. */
const props = defineProps<{ id: string, sentence: string }>()
const settings = useSettingsStore()
const factor = computed(() => settings.ruleWeights[props.id] ?? 1)
const FACTORS = [{ value: 0, label: 'off' }, { value: 0.5, label: 'half' }, { value: 1, label: 'as is' }, { value: 1.5, label: 'more' }, { value: 2, label: 'double' }]
</script>

<template>
  <label class="weight small-label">counts <select :value="factor" :aria-label="`How much it counts: ${sentence}`" @change="settings.setWeight(id, Number(($event.target as HTMLSelectElement).value))"><option v-for="f in FACTORS" :key="f.value" :value="f.value">{{ f.label }}</option></select></label>
</template>

<style scoped>
.weight { display: flex; align-items: center; gap: 5px; }
select { font: inherit; text-transform: none; letter-spacing: 0; font-size: 13px; color: var(--ink); background: transparent; border: 0; border-bottom: 1px solid var(--rule); min-height: 34px; }
option { background: var(--leaf); color: var(--ink); }
</style>
