<script setup lang="ts">
import type { QuantityProps } from '~/composables/useQuantity'

/** The one field for a weight, a length, a depth … : `3/8 oz`, `10,6 g`, `4'6"`, whatever the system. */
const props = withDefaults(defineProps<QuantityProps & { placeholder?: string, labelHidden?: boolean }>(), { placeholder: undefined, labelHidden: false, min: undefined, max: undefined, likely: undefined })
const emit = defineEmits<{ change: [value: number | null] }>()
const { typed, message, symbol, understood, take, restore } = useQuantity(props, value => emit('change', value))
defineExpose({ restore })
</script>

<template>
  <v-text-field
    v-model="typed" :label="labelHidden ? undefined : label" :aria-label="labelHidden ? label : undefined" :placeholder="placeholder" :persistent-placeholder="placeholder !== undefined" :suffix="typed === '' || /[0-9½¼¾⅛⅜⅝⅞]\s*$/.test(typed) ? symbol : ''" :error-messages="message" :hint="understood && `is ${understood}`"
    :persistent-hint="understood !== ''" autocomplete="off" class="quantity" @change="take" @keydown.enter="take" @keydown.esc="restore"
  />
</template>
