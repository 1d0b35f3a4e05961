import { type Message, message } from '#core/message'
import type { Trip } from '#core/tackle'

/** What was mended, and where. */
export interface Mended {
  readonly path: string
  readonly message: Message
}

/** Trips in which every stretch and every tap has an id of its own; what stood twice under one id has another now, and is told. Trips without such doubles stay the same objects. */
export function withOwnIds(trips: readonly Trip[]): {
  readonly trips: readonly Trip[]
  readonly mended: readonly Mended[]
} {
  const mended: Mended[] = []
  const parted = trips.map((trip, t) => {
    const before = mended.length
    const [stints, events] = [new Set<string>(), new Set<string>()]
    const own = (seen: Set<string>, id: string, path: string) => {
      let free = id
      for (let n = 2; seen.has(free); n++) free = `${id}~${n}`
      seen.add(free)
      if (free !== id) mended.push({ path, message: message('file.mended-id', { id, fresh: free }) })
      return free
    }
    const next = (trip.stints ?? []).map((stint, s) => ({
      ...stint,
      id: own(stints, stint.id, `trips[${t}].stints[${s}].id`),
      ...(stint.events
        ? {
            events: stint.events.map((event, e) => ({
              ...event,
              id: own(events, event.id, `trips[${t}].stints[${s}].events[${e}].id`),
            })),
          }
        : {}),
    }))
    return mended.length > before ? { ...trip, stints: next } : trip
  })
  return { trips: parted, mended }
}
