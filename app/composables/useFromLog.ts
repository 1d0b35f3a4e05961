import { shallowRef, watch, type Ref } from 'vue'

/** An answer of the logbook that follows the log and what it was asked; the newest question wins. */
export function useFromLog<T>(
  question: () => Promise<T>,
  follows: () => unknown = () => null,
): { readonly answer: Readonly<Ref<T | null>>; readonly problem: Readonly<Ref<string>> } {
  const log = useLogbookStore()
  const answer = shallowRef<T | null>(null)
  const problem = shallowRef('')
  let newest = 0
  watch(
    [() => log.version, follows],
    async () => {
      if (log.version === 0) return
      const mine = ++newest
      try {
        const found = await question()
        if (mine === newest) [answer.value, problem.value] = [found, '']
      } catch (error) {
        if (mine === newest) problem.value = `The logbook could not work this out: ${(error as Error).message}.`
      }
    },
    { immediate: true },
  )
  return { answer, problem }
}
