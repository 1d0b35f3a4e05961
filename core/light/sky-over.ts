import type { NightCloud, Sky } from '#core/terms'
import { isNight } from './clear-sky'
import { moonAltitude } from './moon'
import { sunPosition } from './sun'
import type { SkyLight } from './surface'

/** Sun height taken when nothing says the time [°]; contract §1. */
const SUN_WITHOUT_TIME_DEG = 45

/** What a reading says of the sky. */
export interface SkyRead {
  readonly sky: Sky
  readonly at: string | null
  readonly latitude: number
  readonly longitude: number
  readonly moonFraction: number
  readonly nightCloud: NightCloud
  readonly moonAltitudeDeg: number | null
}

/** What stands over the water: sun and moon by the almanac where there is a time, the moon as it was read where it was. */
export function skyOver({
  sky,
  at,
  latitude,
  longitude,
  moonFraction,
  nightCloud,
  moonAltitudeDeg,
}: SkyRead): SkyLight {
  return {
    sky,
    sunAltitudeDeg: at ? sunPosition(at, latitude, longitude).altitudeDeg : SUN_WITHOUT_TIME_DEG,
    moonFraction,
    nightCloud,
    moonAltitudeDeg: moonAltitudeDeg ?? (at && moonFraction > 0 ? moonAltitude(at, latitude, longitude) : null),
  }
}

/** How the light is called: night, the sun low (twilight included), dull or bright. */
export const LIGHTS = ['night', 'low sun', 'dull', 'bright'] as const
export type LightWord = (typeof LIGHTS)[number]
/** The sun counts as low within so many degrees of the horizon. */
const LOW_SUN_DEG = 8

/** The light of a reading in a word; `at` [ISO 8601] is the reading's own time, or that of what was fished under it. */
export function lightWord({
  sky,
  at,
  latitude,
  longitude,
}: Pick<SkyRead, 'sky' | 'at' | 'latitude' | 'longitude'>): LightWord {
  if (sky === 'night') return 'night'
  const altitudeDeg = at ? sunPosition(at, latitude, longitude).altitudeDeg : SUN_WITHOUT_TIME_DEG
  if (isNight(altitudeDeg)) return 'night'
  if (altitudeDeg < LOW_SUN_DEG) return 'low sun'
  return sky === 'overcast' || sky === 'rain' ? 'dull' : 'bright'
}
