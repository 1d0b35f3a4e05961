<script setup lang="ts" generic="T extends string">
/** One of a long list, found by its first letters; loaded when a slip asks for it. */
defineProps<{ label: string, chosen: T, of: readonly { readonly value: T, readonly title: string }[] }>()
const emit = defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <v-autocomplete :model-value="chosen" :items="of" :label="label" auto-select-first @update:model-value="(value: T | null) => value && emit('choose', value)" />
</template>
