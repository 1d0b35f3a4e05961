import { computed, ref } from 'vue'

/** The first of a list that may be long; so many more when they are asked for. */
export function useFirst<T>(list: () => readonly T[], step: number) {
  const most = ref(step)
  return {
    shown: computed(() => (list().length > most.value ? list().slice(0, most.value) : list())),
    left: computed(() => Math.max(0, list().length - most.value)),
    more: () => void (most.value += step),
  }
}
