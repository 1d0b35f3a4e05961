import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'

interface Step { readonly text: string, readonly undo: () => Promise<void> }

/** How far back one can go. */
const STEPS = 50

/** What can be taken back, in words, the newest last. */
export const useUndoStore = defineStore('undo', () => {
  const steps = shallowRef<readonly Step[]>([])
  /** The newest step is being shown. */
  const isShown = shallowRef(false)
  const last = computed(() => (isShown.value ? steps.value.at(-1) ?? null : null))

  function offer(text: string, undo: () => Promise<void>): void {
    steps.value = [...steps.value, { text, undo }].slice(-STEPS)
    isShown.value = true
  }

  async function takeBack(): Promise<void> {
    const step = steps.value.at(-1)
    if (!step) return
    steps.value = steps.value.slice(0, -1)
    isShown.value = steps.value.length > 0
    await step.undo()
  }

  return { steps, last, offer, takeBack, hide: () => { isShown.value = false } }
})
