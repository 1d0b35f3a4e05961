import type { ForageId, SpeciesId, Stain, WaterKind } from '#core/terms'
import type { Reading } from './reading'

type Maybe<T> = T | null | undefined

/** A home water and what it is usually like. */
export interface HomeWater {
  id: string
  name: string
  water?: Maybe<WaterKind>
  salinityPsu?: Maybe<number>
  latitude?: Maybe<number>
  longitude?: Maybe<number>
  visibilityM?: Maybe<number>
  stain?: Maybe<Stain>
  species?: Maybe<SpeciesId[]>
  forage?: Maybe<ForageId[]>
}

/** A reading that was written down, so that it can be looked back on. */
export interface NotedReading {
  id: string
  placeId?: Maybe<string>
  /** ISO 8601. */
  at: string
  reading: Reading
  /** Height of the water at a gauge or a mark of the angler's own, whatever its zero [m]. */
  levelM?: Maybe<number>
}

/** A reading this near to a place is at that place [km]. Assumed. */
const AT_PLACE_KM = 15
const KM_PER_DEGREE = 111.2

interface Position {
  readonly latitude?: Maybe<number>
  readonly longitude?: Maybe<number>
}

/** Distance over flat ground [km]: good to 1 % over the few kilometres that matter; `null` when a position is not known. */
export function distanceKm(a: Position, b: Position): number | null {
  if (a.latitude == null || a.longitude == null || b.latitude == null || b.longitude == null) return null
  const north = (a.latitude - b.latitude) * KM_PER_DEGREE
  const east = (a.longitude - b.longitude) * KM_PER_DEGREE * Math.cos((b.latitude * Math.PI) / 180)
  return Math.hypot(north, east)
}

export function isAt(place: Position, position: Position): boolean {
  const km = distanceKm(place, position)
  return km !== null && km <= AT_PLACE_KM
}

/** The home water that a reading was taken at: the nearest within reach; `null` when there is none. */
export function placeAt<P extends Position>(places: readonly P[], position: Position): P | null {
  const near = places.filter(place => isAt(place, position))
  return near.length === 0 ? null : near.reduce((a, b) => (distanceKm(b, position)! < distanceKm(a, position)! ? b : a))
}

/** What changes in a reading when one goes to a home water: its position and what it is usually like. The fish stays if it lives there. */
export function usualAt(
  { water, salinityPsu, latitude, longitude, visibilityM, stain, species, forage }: HomeWater,
  { species: now }: Reading,
): Partial<Reading> {
  const given = {
    water,
    salinityPsu,
    latitude,
    longitude,
    visibilityM,
    stain,
    forage: forage?.length ? forage.map(kind => ({ kind })) : null,
    species: species?.length && !species.includes(now) ? species[0] : null,
  }
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value != null)) as Partial<Reading>
}

/** The newest reading written down at a home water, whoever wrote it; `null` when there is none. */
export function lastAt(placeId: string, noted: readonly NotedReading[]): NotedReading | null {
  const here = noted.filter(n => n.placeId === placeId)
  return here.length === 0 ? null : here.reduce((a, b) => (Date.parse(b.at) > Date.parse(a.at) ? b : a))
}
