<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { onMounted, watchEffect } from 'vue'
import { useTheme } from 'vuetify'

const box = useBoxStore()
const reading = useReadingStore()
const settings = useSettingsStore()
const judgement = useJudgementStore()
const catalogue = useCatalogueStore()
const photos = usePhotosStore()
const undo = useUndoStore()
const theme = useTheme()

/** Ctrl+Z takes back the last change of the box, but never fights with a field that has its own undo. */
onKeyStroke('z', (event) => {
  const isTyping = event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [contenteditable]')
  if (!(event.ctrlKey || event.metaKey) || event.shiftKey || isTyping) return
  event.preventDefault()
  void undo.takeBack()
})

watchEffect(() => theme.change(settings.theme))

onMounted(async () => {
  await box.open()
  photos.open()
  await Promise.all([reading.open(), settings.open(), catalogue.open()])
  judgement.open()
})
</script>

<template>
  <v-app :class="`theme-${settings.theme}`">
    <TopLine />
    <WaterStrip />
    <v-main class="page">
      <p v-if="box.trouble ?? judgement.trouble" class="trouble reason" role="alert">{{ box.trouble ?? judgement.trouble }}</p>
      <NuxtPage />
    </v-main>
    <UndoSlip />
  </v-app>
</template>

<style>
.page { padding: 0 !important; }
.trouble { margin: 12px 16px; padding: 10px 12px; border-left: 4px solid var(--float); background: var(--leaf); }
</style>
