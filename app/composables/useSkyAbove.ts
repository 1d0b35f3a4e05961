import { type Ref, shallowRef, watch } from 'vue'
import type { CompleteReading } from '#core/reading'

/** The sky of a reading as it counts at its hour; where the sun stands is worked out when the page is there. */
export function useSkyAbove(reading: () => CompleteReading): Readonly<Ref<CompleteReading['sky']>> {
  const sky = shallowRef(reading().sky)
  watch(
    reading,
    async now => {
      sky.value = now.sky
      if (now.at === null || now.sky === 'night') return
      const { skyByHour } = await import('~/text/sky-by-hour')
      if (reading() === now) sky.value = skyByHour(now)
    },
    { immediate: true },
  )
  return sky
}
