<script setup lang="ts">
const VIEWS = [
  { to: '/box', name: 'Lures' }, { to: '/box/trays', name: 'Trays' }, { to: '/box/parts', name: 'Parts and dressings' }, { to: '/box/coverage', name: 'Covered and missing' },
  { to: '/box/labels', name: 'Labels' }, { to: '/box/exchange', name: 'In and out' },
] as const
const box = useBoxStore()
</script>

<template>
  <div class="box-page">
    <div class="head">
      <h1>Box</h1>
      <nav aria-label="Views of the box"><NuxtLink v-for="view in VIEWS" :key="view.to" :to="view.to" class="view">{{ view.name }}</NuxtLink></nav>
    </div>
    <NuxtPage v-if="box.ready" />
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
