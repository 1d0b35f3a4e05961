import { isNightAt } from '#core/light'
import type { CompleteReading } from './reading'

/** A reading with its sky as it counts: once it is night, whatever cloud was said of the sky is cloud by night. */
export function withNight(reading: CompleteReading): CompleteReading {
  const { sky, at, latitude, longitude } = reading
  return sky !== 'night' && at !== null && isNightAt(at, latitude, longitude) ? { ...reading, sky: 'night' } : reading
}
