import type { Reading } from '#core/reading'
import type { Stint, TripEvent } from '#core/tackle'

/** Minutes of a day on the water, what happens in them, and the stretches they are fished in. */
const START = Date.parse('2026-06-01T08:00:00Z')
export const at = (min: number) => new Date(START + min * 60_000).toISOString()
export const happens = (kind: TripEvent['kind'], min: number, part: Partial<TripEvent> = {}): TripEvent => ({
  id: `${kind} ${min}`,
  kind,
  at: at(min),
  ...part,
})
export const stretch = (
  lureId: string,
  from: number,
  until: number,
  events: TripEvent[],
  reading: Reading,
  part: Partial<Stint> = {},
): Stint => ({ id: `stretch from ${from}`, lureId, start: at(from), end: at(until), events, reading, ...part })
