import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Flip, Sweep } from '#core/match'

/** Points of a sweep. */
const POINTS = 15
const TEMPERATURES_C = Array.from({ length: POINTS }, (_, i) => 2 + i * 2)
const SIGHTS_M = Array.from({ length: POINTS }, (_, i) => Number((0.15 * (10 / 0.15) ** (i / (POINTS - 1))).toFixed(2)))

/** What would put another lure first, worked out by the second judge while the page is open; the newest reading wins. */
export function useWhatIf() {
  const judgement = useJudgementStore()
  const readings = useReadingStore()
  const found = shallowRef<readonly Flip[] | null>(null)
  const temperature = shallowRef<Sweep | null>(null)
  const sight = shallowRef<Sweep | null>(null)
  const done = ref(0)
  const problem = ref('')
  /** Rises with each answer that is looked into; of those that wait only the newest is. */
  let turn = 0
  let looking: Promise<void> = Promise.resolve()

  async function lookInto(isOff: () => boolean): Promise<void> {
    try {
      const byTemperature = await judgement.sweep('temperatureC', TEMPERATURES_C)
      if (isOff()) return
      temperature.value = byTemperature
      const bySight = await judgement.sweep('visibilityM', SIGHTS_M)
      if (isOff()) return
      sight.value = bySight
      const answer = await judgement.flips(share => {
        done.value = share
      })
      if (!answer || isOff()) return
      found.value = answer
      problem.value = ''
    } catch (error) {
      problem.value = `That could not be worked out: ${(error as Error).message}`
    }
  }
  function end(): number {
    void judgement.stopFlips()
    return ++turn
  }
  onScopeDispose(end)
  watch(
    () => judgement.judgement,
    () => {
      found.value = null
      done.value = 0
      const mine = end()
      const asked = readings.reading
      // With another reading the judge is asked of another water, before its answer begins another turn.
      const isOff = () => mine !== turn || asked !== readings.reading
      looking = looking.then(() => (isOff() ? undefined : lookInto(isOff)))
    },
    { immediate: true },
  )

  return { found, temperature, sight, done, problem }
}
