import { BITE_SIGNS, type BiteSign, EVENTS_LOOKED_AT } from '#core/knowledge'
import type { Family } from '#core/terms'
import { fellSilent, fishIn, type Tried } from './tally'

/** A sign that holds, with how many of the last events it was read from. */
export interface SignRead { readonly sign: BiteSign, readonly seen: number, readonly of: number }

/** What the last fish of a stretch say, each by how it ended, and its snags (trade §15); too few say nothing. */
export function readSigns(stretch: Pick<Tried, 'events' | 'beganMin' | 'minutes'>, family: Family): readonly SignRead[] {
  const { events } = stretch
  const silent = fellSilent(stretch)
  const fish = fishIn(events).slice(-EVENTS_LOOKED_AT)
  const snags = events.slice(-EVENTS_LOOKED_AT).filter(e => e.kind === 'snagged')
  return BITE_SIGNS.flatMap((sign) => {
    if ((sign.families && !sign.families.includes(family)) || (sign.whileBiting && silent)) return []
    const { kinds, when, hookedAt } = sign.of
    const last = kinds.includes('snagged') ? snags : fish
    const seen = last.filter(e => kinds.includes(e.kind) && (!when || (e.when != null && when.includes(e.when))) && (!hookedAt || (e.hookedAt != null && hookedAt.includes(e.hookedAt)))).length
    return seen >= sign.atLeast ? [{ sign, seen, of: last.length }] : []
  })
}
