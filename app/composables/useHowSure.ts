import { watchDebounced } from '@vueuse/core'

/** An order that has stood for so long is looked into [ms]. Assumed: whoever drags a figure has let go of it. */
const RESTED_MS = 700

/** How sure the order is, looked into whenever it has stood for a moment, while the page is open. */
export function useHowSure(): void {
  const judgement = useJudgementStore()
  watchDebounced(
    () => judgement.judgement,
    async answer => {
      if (!answer) return
      try {
        await judgement.lookHowSure()
      } catch (error) {
        judgement.trouble = `How sure this is could not be worked out: ${(error as Error).message}`
      }
    },
    { immediate: true, debounce: RESTED_MS },
  )
}
