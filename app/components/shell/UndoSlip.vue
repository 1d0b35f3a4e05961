<script setup lang="ts">
const undo = useUndoStore()
</script>

<template>
  <div v-if="undo.last || undo.again" class="undo" role="status">
    <span class="reason"><template v-if="undo.notice">{{ undo.notice }} </template>{{ undo.again ? `Taken back: ${undo.again.text}${undo.last ? ` Before it: ${undo.last.text}` : ''}` : undo.last?.text }}</span>
    <button v-if="undo.last" class="hot" type="button" @click="undo.takeBack()">Take it back</button>
    <button v-if="undo.again" class="quiet" type="button" @click="undo.doAgain()">Do it again</button>
    <button class="quiet" type="button" aria-label="Close this note" @click="undo.hide()">Keep</button>
  </div>
</template>

<style scoped>
.undo { position: fixed; inset: auto 0 calc(18px + var(--foot)); margin-inline: auto; width: fit-content; max-width: calc(100vw - 24px); display: flex; align-items: center; gap: 14px; padding: 8px 14px; background: var(--leaf); border: 1px solid var(--ink); border-radius: 3px; z-index: 50; }
.undo button { flex: none; white-space: nowrap; }
@media (max-width: 600px) { .undo { flex-wrap: wrap; row-gap: 4px; } }
</style>
