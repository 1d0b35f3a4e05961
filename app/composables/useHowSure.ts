import { watchDebounced } from '@vueuse/core'
import { onScopeDispose, watch } from 'vue'

/** An order that has stood for so long is looked into [ms]. Assumed: whoever drags a figure has let go of it. */
const RESTED_MS = 700

/** How sure the order is, looked into whenever it has stood for a moment, while the page is open. */
export function useHowSure(): void {
  const judgement = useJudgementStore()
  const readings = useReadingStore()
  const told = (work: () => Promise<void>) =>
    work().catch((error: unknown) => {
      judgement.trouble = `How sure this is could not be worked out: ${(error as Error).message}`
    })
  watchDebounced(
    () => judgement.judgement,
    answer => {
      if (answer && !judgement.sure) void told(judgement.lookHowSure)
    },
    { immediate: true, debounce: RESTED_MS },
  )
  const stop = () => void told(judgement.stopHowSure)
  watch(() => readings.reading, stop)
  onScopeDispose(stop)
}
