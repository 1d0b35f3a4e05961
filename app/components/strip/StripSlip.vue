<script setup lang="ts">
defineProps<{ activator: HTMLElement }>()
const open = defineModel<boolean>('open', { required: true })
</script>

<template>
  <v-menu v-model="open" :activator="activator" :open-on-click="false" :close-on-content-click="false" location="bottom start" offset="2" transition="fade-transition">
    <div class="slip">
      <slot />
    </div>
  </v-menu>
</template>
