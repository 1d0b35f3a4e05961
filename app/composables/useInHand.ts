import { computed } from 'vue'
import { profileOf, roleOf } from '#core/lure'
import { completeReading, type Reading } from '#core/reading'
import { fishedNow, type InHand, inHandChanges } from '#core/rotation'

/** How what is on the line is fished now, and what can be changed about it in the hand. */
export function useInHand() {
  const trips = useTripStore()
  const box = useBoxStore()
  const catalogue = useCatalogueStore()
  const readings = useReadingStore()
  const trailers = computed(() => box.box.lures.filter(l => roleOf(l) !== 'lure'))
  const fished = computed(() => (trips.stint ? fishedNow(trips.stint) : null))
  const changes = computed((): readonly InHand[] => {
    const stint = trips.stint
    const lure = stint ? box.lureById.get(stint.lureId) : undefined
    if (!stint || !lure) return []
    const { speed } = catalogue.profiles.get(lure.id) ?? profileOf(lure, [])
    const { bottomM } = completeReading((stint.reading as Reading | undefined) ?? readings.reading).reading
    return inHandChanges(stint, { window: speed.value, bottomM, parts: box.box.parts, trailers: trailers.value })
  })
  return { fished, changes }
}
