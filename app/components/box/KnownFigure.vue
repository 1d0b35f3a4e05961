<script setup lang="ts">
import type { Known } from '#core/lure'
import { type Dimension, formatQuantity } from '#core/units'
import { KNOWN_LABEL } from '~/text/labels'

defineProps<{ dimension: Dimension, figure: Known<number> }>()
const { units } = storeToRefs(useSettingsStore())
</script>

<template>
  <span class="known" :class="figure.known" :title="KNOWN_LABEL[figure.known]">{{ formatQuantity(dimension, figure.value, { system: units }) }}<span class="sr">, {{ KNOWN_LABEL[figure.known] }}</span></span>
</template>
