<script setup lang="ts">
import { ref, useTemplateRef, watch } from 'vue'

defineProps<{
  label: string
  /** Not given by the angler: shown hatched. */
  assumed?: boolean
}>()
const open = defineModel<boolean>('open', { default: false })
const figure = useTemplateRef('figure')
/** The slip comes with its first opening, and its fields: the first screen does not wait for them. */
const StripSlip = withFields(() => import('./StripSlip.vue'))
const isAsked = ref(false)
watch(open, isOpen => (isAsked.value ||= isOpen))
</script>

<template>
  <button ref="figure" type="button" class="strip-figure" :class="{ assumed }" :aria-label="`${label}${assumed ? ', assumed' : ''}: change`" aria-haspopup="dialog" :aria-expanded="open" @click="open = !open">
    <span class="small-label">{{ label }}</span>
    <span class="value figure"><slot name="value" /></span>
  </button>
  <StripSlip v-if="isAsked" v-model:open="open" :activator="figure!">
    <slot />
  </StripSlip>
</template>

<style scoped>
.strip-figure { display: flex; flex-direction: column; justify-content: center; text-align: left; gap: 0; border: 0; border-right: 1px solid var(--rule); background: transparent; padding: 5px 10px 6px; min-height: 52px; cursor: pointer; white-space: nowrap; }
.strip-figure:hover, .strip-figure[aria-expanded='true'] { background: var(--leaf); }
.value { font-size: 16px; line-height: 1.15; }
.assumed .value { background-image: var(--hatch); background-size: 100% 3px; background-repeat: no-repeat; background-position: 0 100%; padding-bottom: 4px; }
</style>
