import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'

/** Does something and tells how to do the reverse; nothing: it cannot be done again. */
export type Deed = () => Promise<Deed | void>
/** `kept`: what of it outlives the page. */
export interface Step<K = unknown> {
  readonly text: string
  readonly undo: Deed
  readonly kept?: K
}

/** How far back one can go. */
const STEPS = 50

/** What can be taken back, in words, the newest last; and what was taken back and can be done again. */
export const useUndoStore = defineStore('undo', () => {
  const steps = shallowRef<readonly Step[]>([])
  const undone = shallowRef<readonly Step[]>([])
  /** The newest step is being shown. */
  const isShown = shallowRef(false)
  /** What was not taken back, because it was worked on since. */
  const notice = shallowRef('')
  const last = computed(() => (isShown.value ? (steps.value.at(-1) ?? null) : null))
  const again = computed(() => (isShown.value ? (undone.value.at(-1) ?? null) : null))

  function offer(text: string, undo: Deed, kept?: unknown): void {
    steps.value = [...steps.value, { text, undo, kept }].slice(-STEPS)
    undone.value = []
    notice.value = ''
    isShown.value = true
  }

  async function takeBack(): Promise<void> {
    const step = steps.value.at(-1)
    if (!step) return
    notice.value = ''
    steps.value = steps.value.slice(0, -1)
    const redo = await step.undo()
    undone.value = redo ? [...undone.value, { ...step, undo: redo }] : []
    isShown.value = steps.value.length + undone.value.length > 0
  }

  async function doAgain(): Promise<void> {
    const step = undone.value.at(-1)
    if (!step) return
    notice.value = ''
    undone.value = undone.value.slice(0, -1)
    const undo = await step.undo()
    if (undo) steps.value = [...steps.value, { ...step, undo }]
    isShown.value = true
  }

  /** Steps of an earlier visit, behind which nothing was done yet. */
  function remembered(earlier: readonly Step[]): void {
    steps.value = [...earlier, ...steps.value].slice(-STEPS)
  }

  return {
    steps,
    undone,
    last,
    again,
    notice,
    offer,
    takeBack,
    doAgain,
    remembered,
    hide: () => {
      isShown.value = false
    },
  }
})
