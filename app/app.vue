<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { isTyping } from '~/text/shortcuts'

const box = useBoxStore()
const settings = useSettingsStore()
const judgement = useJudgementStore()
const undo = useUndoStore()
const theme = useTheme()

/** Ctrl+Z takes back the last change of the box, with Shift or as Ctrl+Y does it again; it never fights with a field that has its own undo. */
onKeyStroke(['z', 'Z', 'y', 'Y'], (event) => {
  if (!(event.ctrlKey || event.metaKey) || isTyping(event)) return
  event.preventDefault()
  void (event.shiftKey || event.key.toLowerCase() === 'y' ? undo.doAgain() : undo.takeBack())
})

watchEffect(() => theme.change(settings.theme))
/** The ground of the whole window follows the look, past the end of the page too: no white foot by night. */
useHead({ htmlAttrs: { class: () => `ground-${settings.theme}` } })
</script>

<template>
  <v-app :class="`theme-${settings.theme}`">
    <TopLine />
    <VersionSlip />
    <WaterStrip />
    <v-main class="page">
      <p v-if="box.trouble ?? judgement.trouble" class="trouble reason" role="alert">{{ box.trouble ?? judgement.trouble }} <button v-if="box.trouble" type="button" class="quiet" @click="box.trouble = null">I have read it</button></p>
      <NuxtPage />
    </v-main>
    <UndoSlip />
    <CommandFinder />
    <HelpSheet />
  </v-app>
</template>

<style>
.page { padding: 0 0 var(--foot) !important; }
.trouble { margin: 12px 16px; padding: 10px 12px; border-left: 4px solid var(--float); background: var(--leaf); }
</style>
