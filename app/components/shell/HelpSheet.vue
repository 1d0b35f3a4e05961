<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { helpFor, TRADE_WORDS } from '~/text/help'
import { GO_KEYS, isTyping, OTHER_KEYS } from '~/text/shortcuts'

/** What this page answers, its words, and the keys; opened by `?` or from the top line. */
const { isShown } = useHelp()
const route = useRoute()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
const help = computed(() => helpFor(route.path))

watch(isShown, async (shown) => {
  if (!shown) return
  await nextTick()
  dialog.value?.showModal()
})
watch(() => route.path, () => {
  isShown.value = false
})
onKeyStroke('?', (event) => {
  if (!isTyping(event)) isShown.value = true
})
</script>

<template>
  <dialog v-if="isShown" ref="dialog" class="help" aria-label="Help" @close="isShown = false" @click.self="isShown = false">
    <header><h2 class="reason">{{ help.answers }}</h2><button type="button" class="plain" @click="isShown = false">Close</button></header>
    <ul class="reason"><li v-for="line in help.use" :key="line">{{ line }}</li></ul>
    <h3>Words on this page</h3>
    <dl class="words"><template v-for="word in help.words" :key="word"><dt>{{ word }}</dt><dd class="reason">{{ TRADE_WORDS[word] }}</dd></template></dl>
    <p class="reason"><NuxtLink to="/rules?part=drawn" @click="isShown = false">The little book</NuxtLink>: kinds, rigs, blades, actions and cadences drawn, and every word, to be looked up.</p>
    <h3>Keys</h3>
    <dl class="keys"><template v-for="k in OTHER_KEYS" :key="k.keys"><dt><kbd>{{ k.keys }}</kbd></dt><dd>{{ k.does }}</dd></template><template v-for="(page, key) in GO_KEYS" :key="key"><dt><kbd>g</kbd> <kbd>{{ key }}</kbd></dt><dd>{{ page.name }}</dd></template></dl>
  </dialog>
</template>

<style scoped>
.help { border: 1px solid var(--ink); border-radius: 3px; background: var(--leaf); color: var(--ink); padding: 16px 20px 22px; width: min(760px, calc(100vw - 16px)); max-height: calc(100dvh - 32px); margin: 16px auto auto; overflow: auto; }
.help::backdrop { background: var(--veil); }
header { display: flex; justify-content: space-between; align-items: start; gap: 14px; }
header .plain { flex: none; white-space: nowrap; }
h2 { font-size: 21px; font-weight: 500; }
h3 { font-size: 14px; margin: 16px 0 6px; padding-top: 6px; border-top: 1px solid var(--ink); }
ul { padding-left: 18px; margin: 8px 0; }
li { margin: 4px 0; }
dl { margin: 0; }
dd { margin: 0; }
.words { columns: 2; column-gap: 28px; }
.words dt { font-weight: 650; font-stretch: 90%; break-after: avoid; }
.words dd { break-inside: avoid; margin-bottom: 9px; }
.keys { display: grid; grid-template-columns: auto 1fr auto 1fr; gap: 6px 14px; align-items: baseline; }
kbd { border: 1px solid var(--rule); border-radius: 3px; padding: 1px 6px; font: inherit; font-size: 13px; }
@media (max-width: 600px) { .words { columns: 1; } .keys { grid-template-columns: auto 1fr; } }
</style>
