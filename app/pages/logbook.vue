<script setup lang="ts">
const VIEWS = [
  { to: '/logbook', name: 'Trips' }, { to: '/logbook/rates', name: 'What drew fish' }, { to: '/logbook/explains', name: 'What explains it' }, { to: '/logbook/charts', name: 'Charts of the year' }, { to: '/logbook/like', name: 'Days like this' },
  { to: '/logbook/audit', name: 'Rules on my water' }, { to: '/logbook/year', name: 'Year sheet' },
] as const
const box = useBoxStore()
</script>

<template>
  <div class="logbook-page">
    <SubViews title="Logbook" :views="VIEWS" />
    <NuxtPage v-if="box.ready" />
  </div>
</template>
