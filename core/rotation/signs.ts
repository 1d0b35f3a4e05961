import { BITE_SIGNS, type BiteSign, EVENTS_LOOKED_AT } from '#core/knowledge'
import type { Family } from '#core/terms'
import type { Tried } from './tally'

/** A sign that holds, with how many of the last events it was read from. */
export interface SignRead { readonly sign: BiteSign, readonly seen: number, readonly of: number }

/** What the last events of a stretch say (trade §15); too few say nothing. */
export function readSigns({ events }: Pick<Tried, 'events'>, family: Family): readonly SignRead[] {
  const last = events.slice(-EVENTS_LOOKED_AT)
  return BITE_SIGNS.flatMap((sign) => {
    if (sign.families && !sign.families.includes(family)) return []
    const { kinds, when, hookedAt } = sign.of
    const seen = last.filter(e => kinds.includes(e.kind) && (!when || (e.when != null && when.includes(e.when))) && (!hookedAt || (e.hookedAt != null && hookedAt.includes(e.hookedAt)))).length
    return seen >= sign.atLeast ? [{ sign, seen, of: last.length }] : []
  })
}
