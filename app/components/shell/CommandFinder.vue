<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { LOOKS } from '~/stores/settings'
import type { Chapter } from '~/text/book'
import { GO_KEYS, isTyping } from '~/text/shortcuts'
import { familyLabel, lookLabel } from '~/text/labels'

/** Ctrl+K finds pages, lures and deeds by a few letters; `g` and a letter goes to a page. */
interface Deed { readonly name: string, readonly about: string, readonly run: () => void }
const box = useBoxStore()
const settings = useSettingsStore()
const undo = useUndoStore()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
const field = useTemplateRef<HTMLInputElement>('field')
const shown = ref(false)
const { isShown: isHelpShown } = useHelp()
const text = ref('')
const marked = ref(0)
/** Read when it is first looked into. */
const book = shallowRef<readonly Chapter[]>([])
const MOST = 12
const go = (to: string) => () => void navigateTo(to)

const deeds = computed((): readonly Deed[] => [
  ...Object.values(GO_KEYS).map(({ to, name }) => ({ name, about: 'page', run: go(to) })),
  { name: 'Rates by lure, colour, light …', about: 'logbook', run: go('/logbook/rates') }, { name: 'Days like this', about: 'logbook', run: go('/logbook/like') }, { name: 'Year sheet', about: 'logbook', run: go('/logbook/year') },
  { name: 'Labels to print', about: 'box', run: go('/box/labels') }, { name: 'In and out: files and tables', about: 'box', run: go('/box/exchange') }, { name: 'Backup', about: 'keeping', run: go('/keep') },
  ...LOOKS.map(look => ({ name: `Look: ${lookLabel(look)}`, about: 'look', run: () => { settings.look = look } })),
  ...(['metric', 'imperial', 'mixed'] as const).map(units => ({ name: `Units: ${units}`, about: 'units', run: () => { settings.units = units } })),
  { name: 'Help with this page', about: 'help', run: () => { isHelpShown.value = true } },
  { name: 'Take back the last change', about: 'undo', run: () => void undo.takeBack() },
  { name: 'Do again what was taken back', about: 'redo', run: () => void undo.doAgain() },
  { name: 'The little book: kinds, rigs, blades, actions, cadences', about: 'rules', run: go('/rules?part=drawn') },
  ...book.value.flatMap(({ name: chapter, entries }) => entries.map(({ name }) => ({ name, about: `${chapter.toLowerCase()}, drawn and told`, run: go(`/rules?part=drawn&look=${encodeURIComponent(name)}`) }))),
  ...box.box.lures.map(lure => ({ name: lure.name, about: familyLabel(lure.family), run: go(`/box/lure/${encodeURIComponent(lure.id)}`) })),
])
const found = computed(() => {
  const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
  return deeds.value.filter(d => words.every(w => `${d.name} ${d.about}`.toLowerCase().includes(w))).slice(0, MOST)
})
watch(text, () => {
  marked.value = 0
})

async function show() {
  isHelpShown.value = false
  shown.value = true
  text.value = ''
  await nextTick()
  dialog.value?.showModal()
  field.value?.focus()
  book.value = (await import('~/text/book')).bookOf(settings.units)
}
function close() {
  dialog.value?.close()
  shown.value = false
}
function run(deed: Deed | undefined) {
  close()
  deed?.run()
}
let goUntil = 0
/** The letter must follow `g` within this time [ms]. */
const GO_MS = 1500
onKeyStroke(['k', 'K'], (event) => {
  if (!(event.ctrlKey || event.metaKey)) return
  event.preventDefault()
  void show()
})
onKeyStroke((event) => {
  if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || shown.value || isHelpShown.value) return
  const target = Date.now() < goUntil ? GO_KEYS[event.key] : undefined
  goUntil = event.key === 'g' ? Date.now() + GO_MS : 0
  if (target) void navigateTo(target.to)
})
</script>

<template>
  <dialog v-if="shown" ref="dialog" class="finder" aria-label="Find" @close="shown = false" @click.self="close">
    <input ref="field" v-model="text" type="text" role="combobox" aria-expanded="true" aria-controls="found" :aria-activedescendant="`found-${marked}`" aria-label="Find a page, a lure or a deed" placeholder="a page, a lure, a deed …" @keydown.down.prevent="marked = Math.min(found.length - 1, marked + 1)" @keydown.up.prevent="marked = Math.max(0, marked - 1)" @keydown.enter.prevent="run(found[marked])" />
    <ul id="found" role="listbox" aria-label="Found"><li v-for="(d, i) in found" :id="`found-${i}`" :key="`${d.about} ${d.name} ${i}`" role="option" :aria-selected="i === marked" @click="run(d)" @mousemove="marked = i">{{ d.name }}<span class="soft">{{ d.about }}</span></li></ul>
    <p v-if="found.length === 0" class="reason">Nothing is called so.</p>
  </dialog>
</template>

<style scoped>
.finder { border: 1px solid var(--ink); border-radius: 3px; background: var(--leaf); color: var(--ink); padding: 14px; width: min(560px, calc(100vw - 24px)); max-height: 80vh; margin: 12vh auto auto; font-size: 15px; }
.finder::backdrop { background: var(--veil); }
input { font: inherit; font-size: 18px; width: 100%; min-height: 46px; border: 0; border-bottom: 2px solid var(--float); background: transparent; color: var(--ink); outline: none; }
ul { list-style: none; padding: 0; margin: 8px 0 0; }
li { display: flex; justify-content: space-between; gap: 14px; padding: 8px 6px; min-height: 40px; cursor: pointer; }
li[aria-selected='true'] { background: var(--ink); color: var(--leaf); }
li[aria-selected='true'] .soft { color: var(--leaf); }
.soft { color: var(--soft-ink); }
</style>
