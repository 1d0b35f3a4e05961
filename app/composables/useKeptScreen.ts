import { useDebounceFn, useEventListener } from '@vueuse/core'
import { nextTick, watch } from 'vue'
import { dropScreen, isAtRest, keepScreen, liftScreen, noteVisit } from '~/kept-screen/keep'

/** A screen is kept when its answer has stood for so long [ms], assumed: as long as the answer itself (stores/judgement). */
const KEPT_AFTER_MS = 500

/** The first screen, kept for the next start as long as it shows the newest answer; and the one of the last start taken away when the page stands under it. */
export function useKeptScreen(page: () => HTMLElement | null) {
  const box = useBoxStore()
  const judgement = useJudgementStore()
  const settings = useSettingsStore()
  const route = useRoute()

  /** A browser that keeps nothing must not hold up the program. */
  function attempt(step: () => void) {
    try {
      step()
    } catch (error) {
      box.tell(error, message => `The first screen could not be kept for the next start: ${message}`)
    }
  }

  attempt(noteVisit)
  watch(
    () =>
      route.path !== '/' ||
      judgement.shown !== null ||
      (box.ready && box.box.lures.length === 0) ||
      (box.trouble ?? judgement.trouble) !== null,
    async isStanding => {
      if (!isStanding) return
      await nextTick()
      liftScreen()
    },
    { immediate: true, flush: 'post' },
  )

  /** When the newest answer came, ISO 8601; none yet: the screen of the last start is still the newest. */
  let answeredAt: string | null = null
  function keep() {
    const element = page()
    // While only what comes first is told, the screen is of another question than the answer.
    if (judgement.shown !== judgement.judgement) return
    const at = answeredAt
    if (at === null || element === null || route.fullPath !== '/' || !isAtRest(element)) return
    attempt(() => keepScreen(element, at))
  }
  const keepAtRest = useDebounceFn(keep, KEPT_AFTER_MS)
  watch(
    () => [judgement.judgement, settings.theme] as const,
    ([answer]) => {
      if (!answer) return
      attempt(dropScreen)
      answeredAt = new Date().toISOString()
      void keepAtRest()
    },
  )
  // Once more when it is left: it may not have been at rest, and what is drawn slowly is there by now.
  useEventListener(document, 'visibilitychange', () => {
    if (document.visibilityState === 'hidden') keep()
  })
}
