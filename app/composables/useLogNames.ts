import { computed } from 'vue'
import type { Names } from '~/text/log-words'

/** Names for what the log holds by id; what is gone from the box keeps its id. */
export function useLogNames() {
  const box = useBoxStore()
  const settings = useSettingsStore()
  const places = computed(() => new Map(box.places.map(p => [p.id, p.name])))
  return computed((): Names => ({
    lure: id => box.lureById.get(id)?.name ?? `gone from the box (${id})`,
    place: id => places.value.get(id) ?? id,
    units: settings.units,
  }))
}
