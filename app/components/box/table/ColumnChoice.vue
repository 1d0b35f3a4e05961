<script setup lang="ts">
import { ATTRIBUTES } from '#core/catalogue'

/** Which attributes stand in the table; the name always does. */
const catalogue = useCatalogueStore()
const offered = ATTRIBUTES.filter(a => a.id !== 'name')

function toggle(id: string) {
  const has = (column: string) => catalogue.columns.includes(column)
  catalogue.columns = ATTRIBUTES.map(a => a.id).filter(column => (column === id ? !has(id) : has(column)))
}
</script>

<template>
  <div class="choices columns" role="group" aria-label="Columns">
    <button v-for="a in offered" :key="a.id" type="button" class="choice" :aria-pressed="catalogue.columns.includes(a.id)" @click="toggle(a.id)">{{ a.label }}</button>
  </div>
</template>

<style scoped>
.columns { padding: 2px 18px 8px; }
.columns .choice { min-height: 36px; padding: 3px 9px; font-size: 13px; }
</style>
