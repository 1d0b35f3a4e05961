<script setup lang="ts">
import type { NuxtError } from '#app'

/** A page that is not there, or that broke: in the program's own face, with a way on. */
const props = defineProps<{ error: NuxtError }>()
const settings = useSettingsStore()
const isMissing = computed(() => props.error.status === 404)
useHead({ htmlAttrs: { class: () => `ground-${settings.theme}` }, title: () => (isMissing.value ? 'No such page' : 'Something broke') })
const back = () => clearError({ redirect: '/' })
</script>

<template>
  <main class="desk lost" :class="`theme-${settings.theme}`">
    <svg viewBox="0 0 220 150" width="220" height="150" aria-hidden="true"><path class="top" d="M0 34q14-8 28 0t28 0 28 0 28 0 28 0 28 0 28 0 28 0" /><path class="line" d="M110 0v98" /><circle class="ring" cx="110" cy="103" r="5" /><path class="bottom" d="M0 140q40-14 80-4t80-2 60-2" /></svg>
    <h1>{{ isMissing ? 'Nothing hangs on this line' : 'Something broke' }}</h1>
    <p v-if="isMissing" class="reason">There is no page of this address; a lure or a trip that it named may have been taken out.</p>
    <p v-else class="reason">{{ error.message }}. What was stored before is still there.</p>
    <p><button type="button" class="hot" @click="back">To the first page</button></p>
  </main>
</template>

<style scoped>
.lost { min-height: 100vh; padding: 60px 24px; display: flex; flex-direction: column; align-items: flex-start; gap: 10px; max-width: 60ch; margin: 0 auto; }
h1 { font-size: 28px; margin: 8px 0 0; }
svg { fill: none; stroke: var(--ink); stroke-width: 1.5; }
.top { stroke: var(--water-ink); }
.bottom { stroke: var(--soft-ink); }
.ring { stroke: var(--float); stroke-width: 2; }
</style>
