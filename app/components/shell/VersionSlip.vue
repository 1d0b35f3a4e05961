<script setup lang="ts">
/** A new version waits until it is asked for, and so does the installing: nothing happens under one's hands. */
const { $pwa } = useNuxtApp()
</script>

<template>
  <div v-if="$pwa?.needRefresh" class="version" role="status">
    <span class="reason">A new version is ready. It comes in when you ask for it, or when the program is next opened.</span>
    <button type="button" class="plain" @click="$pwa.updateServiceWorker(true)">Take it now</button>
    <button type="button" class="quiet" @click="$pwa.cancelPrompt()">later</button>
  </div>
  <div v-else-if="$pwa?.showInstallPrompt" class="version" role="status">
    <span class="reason">Put Ygrion on the home screen: it opens like any app, and works where there is no signal.</span>
    <button type="button" class="plain" @click="$pwa.install()">Install it</button>
    <button type="button" class="quiet" @click="$pwa.cancelInstall()">no, and do not ask again</button>
  </div>
</template>

<style scoped>
.version { display: flex; align-items: center; gap: 6px 14px; flex-wrap: wrap; padding: 6px 18px; border-bottom: 1px solid var(--ink); background: var(--leaf); }
@media print { .version { display: none; } }
</style>
