<script setup lang="ts">
import { computed } from 'vue'
import type { QuantityProps } from '~/composables/useQuantity'

/** The one field for a weight, a length, a depth … : `3/8 oz`, `10,6 g`, `4'6"`, whatever the system. */
const props = withDefaults(defineProps<QuantityProps & { placeholder?: string, labelHidden?: boolean }>(), { placeholder: undefined, labelHidden: false, min: undefined, max: undefined, likely: undefined })
const emit = defineEmits<{ change: [value: number | null] }>()
const { typed, message, symbol, understood, take, restore, isSettled } = useQuantity(props, value => emit('change', value))
/** Beside what is typed: what it is understood as, or the unit that a bare number would have. Not a hint below: that would be read out as an alarm. */
const beside = computed(() => (understood.value ? `= ${understood.value}` : typed.value === '' || /[0-9½¼¾⅛⅜⅝⅞]\s*$/.test(typed.value) ? symbol.value : ''))
defineExpose({ restore, isSettled })
</script>

<template>
  <v-text-field
    v-model="typed" :label="labelHidden ? undefined : label" :aria-label="labelHidden ? label : undefined" :placeholder="placeholder" :persistent-placeholder="placeholder !== undefined" :suffix="beside" :error-messages="message"
    autocomplete="off" class="quantity" @blur="take" @keydown.enter="take" @keydown.esc="restore"
  />
</template>
