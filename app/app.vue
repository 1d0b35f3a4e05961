<script setup lang="ts">
import { onMounted, watchEffect } from 'vue'
import { useTheme } from 'vuetify'

const box = useBoxStore()
const reading = useReadingStore()
const settings = useSettingsStore()
const judgement = useJudgementStore()
const theme = useTheme()

watchEffect(() => theme.change(settings.theme))

onMounted(async () => {
  await box.open()
  await Promise.all([reading.open(), settings.open()])
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
