import type { EventKind } from '#core/terms'
import type { TripEvent } from './types'

/** One fish as the log tells it: a follow, a peck, a hit, hooked, then lost or landed are one fish, counted once. */
export interface Fish<E> {
  readonly events: readonly E[]
  /** How it ended. */
  readonly kind: EventKind
  /** The latest that is known of each. */
  readonly when: TripEvent['when']
  readonly hookedAt: TripEvent['hookedAt']
  readonly at: number | null
}

/** Events of one fish rise in this order; what is not in it is no fish. */
const STEPS: Partial<Record<EventKind, number>> = { follow: 0, peck: 1, hit: 2, hooked: 3, lost: 4, landed: 4 }
/** A later step this soon after the last is of the same fish [min]. Assumed: a long fight is tapped when it begins and when it ends. */
const SAME_FISH_MIN = 12
const MS_PER_MIN = 60_000

type Tapped = Pick<TripEvent, 'kind' | 'when' | 'hookedAt'>

/**
 * The fish of a stretch, oldest first: a step that rises above the last one within a few minutes is the same fish; the same step again, a lower one or a snag between is another.
 *
 * @param minuteOf when an event was, in minutes from anywhere; `null`: not known, and then only its place in the list counts
 */
export function fishOf<E extends Tapped>(
  events: readonly E[],
  minuteOf: (event: E) => number | null,
): readonly Fish<E>[] {
  const chains: E[][] = []
  let last: { readonly step: number; readonly minute: number | null } | null = null
  for (const event of events) {
    const step = STEPS[event.kind]
    if (step === undefined) {
      last = null
      continue
    }
    const minute = minuteOf(event)
    const soon = last === null || last.minute === null || minute === null || minute - last.minute <= SAME_FISH_MIN
    if (last !== null && step > last.step && soon) chains[chains.length - 1]!.push(event)
    else chains.push([event])
    last = { step, minute }
  }
  return chains.map(chain => {
    const latest = <T>(of: (event: E) => T | null | undefined) =>
      [...chain]
        .reverse()
        .map(of)
        .find(value => value != null) ?? null
    return {
      events: chain,
      kind: chain[chain.length - 1]!.kind,
      when: latest(e => e.when),
      hookedAt: latest(e => e.hookedAt),
      at: minuteOf(chain[chain.length - 1]!),
    }
  })
}

/** The fish of a stint's own events. */
export function fishOfStint({
  events,
}: {
  readonly events?: readonly TripEvent[] | null | undefined
}): readonly Fish<TripEvent>[] {
  return fishOf(events ?? [], ({ at }) => (at ? Date.parse(at) / MS_PER_MIN : null))
}

/** A follow alone is no contact. */
export function isContact({ kind }: Pick<TripEvent, 'kind'>): boolean {
  return (STEPS[kind] ?? 0) > 0
}
