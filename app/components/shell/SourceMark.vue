<script setup lang="ts">
import { computed, ref } from 'vue'

/** Where a sentence comes from: one quiet mark, the whole on tap. */
const props = defineProps<{ source: string }>()
const isOpen = ref(false)
const mark = computed(() => (/^common practice/i.test(props.source) ? '°' : /^assumed/i.test(props.source) ? '?' : /^your own log/i.test(props.source) ? '✎' : '†'))
</script>

<template>
  <span class="source"><button type="button" :aria-expanded="isOpen" :aria-label="isOpen ? 'Close the source' : `Source: ${source}`" :title="source" @click.stop="isOpen = !isOpen">{{ mark }}</button><span v-if="isOpen"> {{ source }}</span></span>
</template>

<style scoped>
.source { color: var(--soft-ink); font-style: italic; font-size: 13px; }
button { background: none; border: 0; padding: 0 5px; min-width: 24px; min-height: 24px; cursor: pointer; color: inherit; font-size: 15px; line-height: 1; font-style: normal; vertical-align: baseline; }
button:hover, button[aria-expanded='true'] { color: var(--ink); }
@media (pointer: coarse) { button { min-width: 32px; min-height: 32px; } }
</style>
