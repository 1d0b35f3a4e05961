<script setup lang="ts">
const undo = useUndoStore()
</script>

<template>
  <div v-if="undo.last" class="undo" role="status">
    <span class="reason">{{ undo.last.text }}</span>
    <button class="hot" type="button" @click="undo.takeBack()">Take it back</button>
    <button class="quiet" type="button" aria-label="Close this note" @click="undo.hide()">Keep</button>
  </div>
</template>

<style scoped>
.undo { position: fixed; inset: auto 0 calc(18px + var(--foot)); margin-inline: auto; width: fit-content; max-width: calc(100vw - 24px); display: flex; align-items: center; gap: 14px; padding: 8px 14px; background: var(--leaf); border: 1px solid var(--ink); border-radius: 3px; z-index: 50; }
.undo button { flex: none; white-space: nowrap; }
</style>
