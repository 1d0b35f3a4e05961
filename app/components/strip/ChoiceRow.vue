<script setup lang="ts" generic="T extends string">
const props = defineProps<{
  label: string
  options: readonly T[]
  /** The chosen ones; a single choice is a list of one. */
  chosen: readonly T[]
  many?: boolean
  /** Of many, none may be chosen. */
  none?: boolean
  text?: (option: T) => string
}>()
const emit = defineEmits<{ change: [chosen: T[]] }>()

function pick(option: T) {
  if (!props.many) return emit('change', [option])
  const next = props.chosen.includes(option) ? props.chosen.filter(o => o !== option) : [...props.chosen, option]
  if (next.length > 0 || props.none) emit('change', next)
}
</script>

<template>
  <div role="group" :aria-label="label" class="choice-row">
    <span class="small-label">{{ label }}</span>
    <div class="choices">
      <button v-for="option in options" :key="option" type="button" class="choice" :aria-pressed="chosen.includes(option)" @click="pick(option)">{{ text ? text(option) : option.replaceAll('-', ' ') }}</button>
    </div>
  </div>
</template>

<style scoped>
.choice-row + .choice-row, .number + .choice-row { margin-top: 10px; }
</style>
