import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { attribute, type AttributeValue, type Entry } from '#core/catalogue'

/** Text sorts from A, figures from the largest, until they are turned round. */
function startsRising(id: string): boolean {
  const kind = attribute(id)?.kind
  return kind === 'text' || kind === 'choice'
}

/** Lures in the order of one attribute, unknown ones last, ties by name. */
export function useSorted(entries: MaybeRefOrGetter<readonly Entry[]>, first = 'fit') {
  const key = ref(first)
  const rising = ref(startsRising(first))

  const sorted = computed(() => {
    const { of } = attribute(key.value)!
    const sign = rising.value ? 1 : -1
    return toValue(entries)
      .map(entry => ({ entry, value: sortable(of(entry).value), name: entry.profile.lure.name }))
      .sort((a, b) => compare(a.value, b.value, sign) || compare(a.name, b.name, 1))
      .map(({ entry }) => entry)
  })

  function sortBy(id: string): void {
    if (key.value === id) rising.value = !rising.value
    else {
      key.value = id
      rising.value = startsRising(id)
    }
  }

  return { key, rising, sorted, sortBy }
}

function sortable(value: AttributeValue): string | number | null {
  if (typeof value === 'boolean') return Number(value)
  return typeof value === 'string' ? value.toLocaleLowerCase() || null : value
}

function compare(a: string | number | null, b: string | number | null, sign: number): number {
  if (a === null || b === null) return a === b ? 0 : a === null ? 1 : -1
  return a < b ? -sign : a > b ? sign : 0
}
