import { BITE_SIGNS, type BiteSign, EVENTS_LOOKED_AT } from '#core/knowledge'
import type { Fish } from '#core/tackle'
import type { EventKind, Family, SpeciesId } from '#core/terms'
import { fishIn, isBiting, type Tried } from './tally'

/** A sign that holds, with how many of the last events it was read from. */
export interface SignRead {
  readonly sign: BiteSign
  readonly seen: number
  readonly of: number
  /** The newest of them is one of those it was read from. */
  readonly isNewest: boolean
}

/** What is fished, for which fish, and how deep [m]; `null`: not known. */
export interface SignScene {
  readonly family: Family | null
  readonly species: SpeciesId | null
  readonly fishedM: number | null
}

/** Snags and lures lost to them are no fish. */
const SNAGS: readonly EventKind[] = ['snagged', 'lure-lost']

/** What the last fish of a stretch say, each by how it ended, and its snags (trade §15); too few say nothing. */
export function readSigns(
  stretch: Pick<Tried, 'events' | 'beganMin' | 'minutes'>,
  { family, species, fishedM }: SignScene,
): readonly SignRead[] {
  const { events } = stretch
  const biting = isBiting(stretch)
  const fish = fishIn(events).slice(-EVENTS_LOOKED_AT)
  const snags = events.slice(-EVENTS_LOOKED_AT).filter(e => SNAGS.includes(e.kind))
  return BITE_SIGNS.flatMap(sign => {
    if (!isFor(sign, family, species) || (sign.whileBiting && !biting)) return []
    const { kinds, when, hookedAt } = sign.of
    const last = kinds.some(kind => SNAGS.includes(kind)) ? snags : fish
    if (last.some(e => sign.unless?.includes(e.kind))) return []
    const read = last.filter(
      e =>
        kinds.includes(e.kind) &&
        (!when || (e.when != null && when.includes(e.when))) &&
        (!hookedAt || (e.hookedAt != null && hookedAt.includes(e.hookedAt))) &&
        (sign.underM === undefined || wasUnder(e, fishedM, sign.underM)) &&
        (sign.group === undefined || steps(e).some(step => (step.groupSize ?? 1) >= sign.group!)),
    )
    const seen = read.length
    return seen >= sign.atLeast
      ? [{ sign, seen, of: last.length, isNewest: read[seen - 1] === last[last.length - 1] }]
      : []
  })
}

/** How much a sign weighs: the fish it was read from, the newest twice. */
const weightOf = ({ seen, isNewest }: SignRead) => seen + (isNewest ? 1 : 0)

/** The sign that says to stay, where as many fish speak for it as for the change that would be made; `null`: none. */
export function saysToStay(signs: readonly SignRead[], change: SignRead | undefined): SignRead | null {
  return (
    signs.find(
      read =>
        (read.sign.pushes.stay ?? 0) > 0 &&
        read.sign.offers.length === 0 &&
        (!change || weightOf(read) >= weightOf(change)),
    ) ?? null
  )
}

function isFor(
  { families, notFamilies, species: of, notSpecies }: BiteSign,
  family: Family | null,
  species: SpeciesId | null,
): boolean {
  if (families && !(family !== null && families.includes(family))) return false
  if (family !== null && notFamilies?.includes(family)) return false
  if (of && (species === null || !of.includes(species))) return false
  return species === null || !notSpecies?.includes(species)
}

type Event = Tried['events'][number]
/** A fish is told by all its taps; a snag is one. */
const steps = (e: Event | Fish<Event>): readonly Event[] => ('events' in e ? e.events : [e])

function wasUnder(e: Event | Fish<Event>, fishedM: number | null, metres: number): boolean {
  return fishedM !== null && steps(e).some(({ depthM }) => depthM != null && depthM - fishedM >= metres)
}
