import { ref, shallowRef, watch } from 'vue'
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

  watch(
    () => judgement.judgement,
    async () => {
      const asked = readings.reading
      found.value = null
      done.value = 0
      try {
        const [t, s] = [
          await judgement.sweep('temperatureC', TEMPERATURES_C),
          await judgement.sweep('visibilityM', SIGHTS_M),
        ]
        if (asked !== readings.reading) return
        temperature.value = t
        sight.value = s
        const answer = await judgement.flips(share => {
          done.value = share
        })
        if (answer && asked === readings.reading) found.value = answer
        problem.value = ''
      } catch (error) {
        problem.value = `That could not be worked out: ${(error as Error).message}`
      }
    },
    { immediate: true },
  )

  return { found, temperature, sight, done, problem }
}
