import { group } from 'd3'
import { computed, type ComputedRef } from 'vue'
import { profileOf, type LureProfile } from '#core/match'

/** Every lure as it is known: tested, else entered, else typical of its kind. */
export function useProfiles(): ComputedRef<ReadonlyMap<string, LureProfile>> {
  const box = useBoxStore()
  return computed(() => {
    const tests = group(box.box.tests, test => test.lureId)
    return new Map(box.box.lures.map(lure => [lure.id, profileOf(lure, tests.get(lure.id) ?? [])]))
  })
}
