<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { pageName } from '~/text/pages'
import { isTyping } from '~/text/shortcuts'

const box = useBoxStore()
const settings = useSettingsStore()
const judgement = useJudgementStore()
const undo = useUndoStore()
const route = useRoute()
const desk = useTemplateRef<HTMLElement>('desk')
useKeptScreen(() => desk.value)
const SentWater = withFields(() => import('~/components/shell/SentWater.vue'))

/** Ctrl+Z takes back the last change of the box, with Shift or as Ctrl+Y does it again; it never fights with a field that has its own undo. */
onKeyStroke(['z', 'Z', 'y', 'Y'], (event) => {
  if (!(event.ctrlKey || event.metaKey) || isTyping(event)) return
  event.preventDefault()
  void (event.shiftKey || event.key.toLowerCase() === 'y' ? undo.doAgain() : undo.takeBack())
})

/** The ground of the whole window follows the look, past the end of the page too: no white foot by night. */
useHead({ htmlAttrs: { class: () => `ground-${settings.theme}` }, title: () => pageName(route.path), titleTemplate: title => (title ? `${title} · Ygrion` : 'Ygrion') })
</script>

<template>
  <div ref="desk" class="desk" :class="`theme-${settings.theme}`">
    <a class="skip" href="#page">To the page</a>
    <TopLine />
    <VersionSlip />
    <SentWater v-if="route.query.water !== undefined" />
    <WaterStrip />
    <main id="page" class="page" tabindex="-1">
      <p v-if="box.trouble ?? judgement.trouble" class="trouble reason" role="alert">{{ box.trouble ?? judgement.trouble }} <button v-if="box.trouble" type="button" class="quiet" @click="box.trouble = null">I have read it</button></p>
      <NuxtPage />
    </main>
    <UndoSlip />
    <CommandFinder />
    <HelpSheet />
  </div>
</template>

<style>
/* For the keyboard: seen only while it has the focus. */
.skip { position: absolute; left: 8px; top: -60px; z-index: 60; padding: 10px 14px; background: var(--leaf); color: var(--ink); border: 2px solid var(--float); }
.skip:focus { top: 4px; }
.page:focus { outline: none; }
.page { flex: 1 0 auto; max-width: 100%; padding: 0 0 var(--foot); }
.trouble { margin: 12px 16px; padding: 10px 12px; border-left: 4px solid var(--float); background: var(--leaf); }
</style>
