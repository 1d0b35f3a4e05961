<script setup lang="ts">
import { onKeyStroke, useEventListener } from '@vueuse/core'
import type { Lure } from '#core/tackle'

/** The usual deeds of a row under the thumb; each can be taken back. */
const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ close: [], open: [] }>()
const box = useBoxStore()
const catalogue = useCatalogueStore()
const sheet = useTemplateRef<HTMLElement>('sheet')
/** A tap beside it closes it and does nothing else; the end of the press that opened it is no such tap, nor is what takes a deed back. */
let isPressed = false
useEventListener(document, 'pointerdown', () => (isPressed = true), { capture: true })
useEventListener(document, 'click', (event) => {
  const at = event.target as HTMLElement
  if (!isPressed || sheet.value?.contains(at) || at.closest('.undo')) return
  event.preventDefault()
  event.stopPropagation()
  emit('close')
}, { capture: true })
onKeyStroke('Escape', () => emit('close'))
onMounted(() => sheet.value?.querySelector<HTMLElement>('button')?.focus())
const isPicked = computed(() => catalogue.picked.has(props.lure.id))
const count = computed(() => props.lure.quantity ?? 1)
const counted = (quantity: number) => box.change({ put: { lures: [{ ...toRaw(props.lure), quantity }] } }, `${props.lure.name}: ${quantity === 0 ? 'none left' : `${quantity} left`}.`)
const pin = () => box.change({ put: { lures: [{ ...toRaw(props.lure), pinned: !props.lure.pinned }] } }, `${props.lure.name} is ${props.lure.pinned ? 'no longer pinned' : 'pinned'}.`)
function pick() {
  catalogue.pick([props.lure.id], !isPicked.value)
  emit('close')
}
</script>

<template>
  <section ref="sheet" class="row-deeds" role="dialog" :aria-label="`${lure.name}: the usual deeds`">
    <p class="name"><LureDrawing :lure="lure" small /><b>{{ lure.name }}</b><span class="figure">{{ count === 0 ? 'none left' : `${count}×` }}</span></p>
    <div class="choices">
      <button type="button" class="choice" @click="emit('open')">open it</button>
      <button type="button" class="choice" :aria-pressed="isPicked" @click="pick">{{ isPicked ? 'picked' : 'pick it' }}</button>
      <button type="button" class="choice" :aria-pressed="lure.pinned ?? false" @click="pin">{{ lure.pinned ? 'pinned' : 'pin it' }}</button>
      <button type="button" class="choice" :disabled="count === 0" @click="counted(count - 1)">one less</button>
      <button type="button" class="choice" @click="counted(count + 1)">one more</button>
      <NuxtLink class="choice link" :to="{ path: '/trip', query: { tie: lure.id } }">take it fishing</NuxtLink>
      <button type="button" class="quiet" @click="emit('close')">close</button>
    </div>
  </section>
</template>

<style scoped>
.row-deeds { position: fixed; inset: auto 0 var(--foot); z-index: 45; background: var(--leaf); border-top: 2px solid var(--ink); padding: 10px 14px 14px; }
.name { display: flex; align-items: center; gap: 12px; margin: 0 0 8px; }
.name :deep(svg), .name :deep(img) { width: 76px; height: 32px; object-fit: contain; }
.name .figure { margin-left: auto; }
.choice { min-height: 48px; }
.link { display: inline-flex; align-items: center; text-decoration: none; color: inherit; }
@media print { .row-deeds { display: none; } }
</style>
