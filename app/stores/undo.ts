import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

/** The last thing that can be taken back, in words. */
export const useUndoStore = defineStore('undo', () => {
  const last = shallowRef<{ readonly text: string, readonly undo: () => Promise<void> } | null>(null)

  function offer(text: string, undo: () => Promise<void>): void {
    last.value = { text, undo }
  }

  async function takeBack(): Promise<void> {
    const step = last.value
    last.value = null
    await step?.undo()
  }

  return { last, offer, takeBack, forget: () => { last.value = null } }
})
