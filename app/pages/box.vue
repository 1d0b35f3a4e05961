<script setup lang="ts">
const VIEWS = [
  { to: '/box', name: 'Lures' }, { to: '/box/trays', name: 'Trays' }, { to: '/box/outfits', name: 'Rods' }, { to: '/box/parts', name: 'Parts and dressings' }, { to: '/box/coverage', name: 'Covered and missing' },
  { to: '/box/labels', name: 'Labels' }, { to: '/box/exchange', name: 'In and out' },
] as const
const box = useBoxStore()
</script>

<template>
  <div class="box-page">
    <SubViews title="Box" :views="VIEWS" />
    <NuxtPage v-if="box.ready" />
  </div>
</template>
