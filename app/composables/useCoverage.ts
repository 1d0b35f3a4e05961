import { ref, shallowRef, watch } from 'vue'
import type { Addition, WeightedReading } from '#core/catalogue'
import type { Coverage } from '~/workers/judge.protocol'

/** What the box covers in the present water, kept up to date by the worker. */
export function useCoverage() {
  const judgement = useJudgementStore()
  const readings = useReadingStore()
  const coverage = shallowRef<Coverage | null>(null)
  const problem = ref('')
  watch(
    () => [judgement.boxesLoaded, readings.reading] as const,
    async ([, reading]) => {
      try {
        coverage.value = await judgement.coverage(reading)
        problem.value = ''
      } catch (error) {
        problem.value = `The coverage could not be worked out: ${(error as Error).message}`
      }
    },
    { immediate: true },
  )
  return { coverage, problem }
}

/** Which one lure would add most: asked for, because it ranks some thousand lures that are not there. */
export function useWorth() {
  const judgement = useJudgementStore()
  const additions = shallowRef<readonly Addition[] | null>(null)
  const isBusy = ref(false)
  const problem = ref('')

  async function ask(readings: readonly WeightedReading[]): Promise<void> {
    isBusy.value = true
    try {
      additions.value = await judgement.worth(readings)
      problem.value = ''
    } catch (error) {
      problem.value = `That could not be worked out: ${(error as Error).message}`
    } finally {
      isBusy.value = false
    }
  }

  return { additions, isBusy, problem, ask }
}
