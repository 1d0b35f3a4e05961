<script setup lang="ts">
/** Under a long list: how much is not shown, and more of it at a tap. */
defineProps<{ left: number, of: string }>()
defineEmits<{ more: [] }>()
</script>

<template>
  <button v-if="left > 0" type="button" class="quiet more" @click="$emit('more')">{{ left.toLocaleString('en') }} more {{ of }}</button>
</template>

<style scoped>
.more { min-height: 44px; }
</style>
