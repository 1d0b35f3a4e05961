import { type CompleteReading, withNight } from '#core/reading'

/** The sky of a reading as it counts at its hour; fetched when it is wanted, with the almanac. */
export function skyByHour(reading: CompleteReading): CompleteReading['sky'] {
  return withNight(reading).sky
}
