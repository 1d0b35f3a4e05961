import { type Salt, SPECIES_HABITS } from '#core/knowledge'
import { isNightAt, sunPosition } from '#core/light'
import type { Cover, WaterKind } from '#core/terms'
import { completeReading } from './complete'
import type { Reading } from './reading'

/** What in a reading cannot be at once. */
export type ContradictionCode =
  | 'sun-by-night'
  | 'night-by-day'
  | 'tide-inland'
  | 'fish-not-here'
  | 'inland-cover-at-sea'
  | 'kelp-inland'
  | 'stream-in-still-water'
/** `mend`: the smallest change that puts it right; what the contradiction is about stands first in the reading's own words. */
export interface Contradiction {
  readonly code: ContradictionCode
  readonly mend: Partial<Reading>
}

/** Above this height of the sun it is day [°]: the end of sunrise (almanac definition). */
const DAY_ABOVE_DEG = -0.833
/** Still water that moves faster than this is a river, or wrong [m/s]. Assumed: wind drift reaches 0.3. */
const STILL_MS = 0.4
const INLAND: readonly WaterKind[] = ['pond', 'lake', 'reservoir', 'river']
const STILL: readonly WaterKind[] = ['pond', 'lake']
/** What a kind of water is to fish; a river is reached by those of the estuary too. */
const SALT: Readonly<Record<WaterKind, readonly Salt[]>> = {
  pond: ['fresh'],
  lake: ['fresh'],
  reservoir: ['fresh'],
  river: ['fresh', 'brackish'],
  estuary: ['brackish', 'fresh', 'salt'],
  surf: ['salt'],
  sea: ['salt', 'brackish'],
}
const USUALLY: Readonly<Record<Salt, WaterKind>> = { fresh: 'lake', brackish: 'estuary', salt: 'sea' }
const OF_FRESH_WATER: readonly Cover[] = ['pads', 'reeds']

/** Contradictions of a reading as it was given, none where it holds together. */
export function contradictionsOf(given: Reading): Contradiction[] {
  const { sky, at, latitude, longitude, water, tide, species, cover, currentMs } = completeReading(given).reading
  const sunDeg = at ? sunPosition(at, latitude, longitude).altitudeDeg : null
  const lives = SPECIES_HABITS[species].waters
  const inland = INLAND.includes(water)
  const without = (gone: readonly Cover[]) => ({ cover: cover.filter(c => !gone.includes(c)) })
  const found: (Contradiction | false)[] = [
    at !== null &&
      given.sky === 'sun' &&
      isNightAt(at, latitude, longitude) && { code: 'sun-by-night', mend: { sky: 'night' } },
    sunDeg !== null && sunDeg > DAY_ABOVE_DEG && sky === 'night' && { code: 'night-by-day', mend: { sky: 'broken' } },
    inland && water !== 'river' && tide !== null && { code: 'tide-inland', mend: { tide: null, tideHours: null } },
    !lives.some(salt => SALT[water].includes(salt)) && { code: 'fish-not-here', mend: { water: USUALLY[lives[0]!] } },
    (water === 'sea' || water === 'surf') &&
      cover.some(c => OF_FRESH_WATER.includes(c)) && { code: 'inland-cover-at-sea', mend: without(OF_FRESH_WATER) },
    inland && cover.includes('kelp') && { code: 'kelp-inland', mend: without(['kelp']) },
    STILL.includes(water) &&
      Math.abs(currentMs) > STILL_MS && { code: 'stream-in-still-water', mend: { water: 'river' } },
  ]
  return found.filter(c => c !== false)
}
