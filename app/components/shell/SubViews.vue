<script setup lang="ts">
/** The views of one page, side by side under its name. */
defineProps<{ title: string, views: readonly { readonly to: string, readonly name: string }[] }>()
</script>

<template>
  <div class="head">
    <h1>{{ title }}</h1>
    <nav :aria-label="`Views of the ${title.toLowerCase()}`"><NuxtLink v-for="view in views" :key="view.to" :to="view.to" class="view">{{ view.name }}</NuxtLink></nav>
  </div>
</template>

<style scoped>
.head { display: flex; align-items: baseline; gap: 6px 26px; padding: 8px 18px 0; flex-wrap: wrap; }
h1 { font-size: 24px; }
nav { display: flex; flex-wrap: wrap; gap: 0 4px; }
.view { padding: 8px 9px 7px; min-height: 40px; text-decoration: none; color: var(--soft-ink); font-stretch: 92%; border-bottom: 2px solid transparent; }
.view:hover { color: var(--ink); }
.view.router-link-exact-active { color: var(--ink); font-weight: 620; border-bottom-color: var(--float); }
@media (max-width: 700px) {
  .head { padding-inline: 10px; }
  h1 { position: absolute; clip-path: inset(50%); width: 1px; height: 1px; overflow: hidden; }
}
@media print { .head { display: none; } }
</style>
