<script setup lang="ts">
defineProps<{
  label: string
  /** Not given by the angler: shown hatched. */
  assumed?: boolean
}>()
const open = defineModel<boolean>('open', { default: false })
</script>

<template>
  <v-menu v-model="open" :close-on-content-click="false" location="bottom start" offset="2" transition="fade-transition">
    <template #activator="{ props: activator }">
      <button v-bind="activator" type="button" class="strip-figure" :class="{ assumed }" :aria-label="`${label}${assumed ? ', assumed' : ''}: change`">
        <span class="small-label">{{ label }}</span>
        <span class="value figure"><slot name="value" /></span>
      </button>
    </template>
    <div class="slip">
      <slot />
    </div>
  </v-menu>
</template>

<style scoped>
.strip-figure { display: flex; flex-direction: column; justify-content: center; text-align: left; gap: 0; border: 0; border-right: 1px solid var(--rule); background: transparent; padding: 5px 10px 6px; min-height: 52px; cursor: pointer; white-space: nowrap; }
.strip-figure:hover, .strip-figure[aria-expanded='true'] { background: var(--leaf); }
.value { font-size: 16px; line-height: 1.15; }
.assumed .value { background-image: var(--hatch); background-size: 100% 3px; background-repeat: no-repeat; background-position: 0 100%; padding-bottom: 4px; }
</style>
