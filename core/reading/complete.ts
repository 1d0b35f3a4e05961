import { FORAGE_TABLE, SPECIES_TABLE } from '#core/knowledge'
import type { Sky } from '#core/terms'
import { tideStream } from './flow'
import type { CompleteReading, Reading } from './reading'

/** Defaults of the contract §1 "Reading". */
const DEFAULTS = {
  latitude: 50,
  longitude: 0,
  water: 'lake',
  trend: 'steady',
  visibilityM: 1.5,
  sky: 'broken',
  moonFraction: 0,
  windMs: 3,
  waveM: 0,
  bottomM: 5,
  mood: 'neutral',
  pressure: 'medium',
  from: 'boat',
  shortStrikes: false,
  hold: 'adrift',
  castTo: 'across',
  windTo: 'across',
} as const
const CLEAR_ABOVE_M = 2
const RIVER_CURRENT_MS = 0.3
const SALINITY_PSU: Partial<Record<CompleteReading['water'], number>> = { estuary: 20, surf: 35, sea: 35 }
/** A change over a day from here on is a trend [°C]. Assumed. */
const TREND_FROM_C = 0.5
/** Share of the bottom's depth. */
const FISH_BAND = { from: 0.4, to: 0.8 }

/**
 * Fills every blank of a reading with the contract's default and says which ones were filled.
 * A fish band that the user gave on one side only keeps that side; the other is moved so that the band is not empty.
 */
export function completeReading(given: Reading): { reading: CompleteReading; assumed: string[] } {
  const assumed: string[] = []
  const or = <K extends keyof CompleteReading>(field: K, fallback: CompleteReading[K]): CompleteReading[K] => {
    const value = given[field as keyof Reading] as CompleteReading[K] | null | undefined
    if (value !== null && value !== undefined) return value
    assumed.push(field)
    return fallback
  }
  const water = or('water', DEFAULTS.water)
  const visibilityM = or('visibilityM', DEFAULTS.visibilityM)
  const bottomM = or('bottomM', DEFAULTS.bottomM)
  const oxygenToM = given.oxygenToM ?? null
  // No fish stays where there is nothing to breathe, whatever was typed.
  const breathes = (depthM: number) => Math.min(depthM, oxygenToM ?? Infinity)
  const fishFromM = breathes(or('fishFromM', Math.min(FISH_BAND.from * bottomM, given.fishToM ?? Infinity)))
  const fishToM = breathes(or('fishToM', Math.max(FISH_BAND.to * bottomM, fishFromM)))
  const tideHours = given.tideHours ?? null
  const tide = given.tide ?? null
  const reading: CompleteReading = {
    species: given.species,
    at: given.at ?? null,
    latitude: or('latitude', DEFAULTS.latitude),
    longitude: or('longitude', DEFAULTS.longitude),
    water,
    salinityPsu: or('salinityPsu', SALINITY_PSU[water] ?? 0),
    temperatureC: given.temperatureC,
    trend: or('trend', trendOf(given.change24C ?? null)),
    visibilityM,
    stain: or('stain', visibilityM > CLEAR_ABOVE_M ? 'clear' : 'green'),
    sky: or('sky', DEFAULTS.sky),
    moonFraction: or('moonFraction', DEFAULTS.moonFraction),
    windMs: or('windMs', DEFAULTS.windMs),
    currentMs: or('currentMs', water === 'river' ? RIVER_CURRENT_MS : tideStream(water, tide, tideHours)),
    waveM: or('waveM', DEFAULTS.waveM),
    tide,
    bottomM,
    fishFromM,
    fishToM,
    bottom: given.bottom ?? null,
    cover: or('cover', ['open']),
    layers: given.layers ?? null,
    forage: [],
    mood: or('mood', DEFAULTS.mood),
    pressure: or('pressure', DEFAULTS.pressure),
    from: or('from', DEFAULTS.from),
    shortStrikes: or('shortStrikes', DEFAULTS.shortStrikes),
    grouping: given.grouping ?? null,
    coverTopM: given.coverTopM ?? null,
    slopeDeg: given.slopeDeg ?? 0,
    signs: given.signs ?? [],
    crowd: given.crowd ?? null,
    noted: given.noted ?? [],
    phase: given.phase ?? null,
    // Additions of ours: `assumed` names the contract's fields only.
    hold: given.hold ?? DEFAULTS.hold,
    castTo: given.castTo ?? DEFAULTS.castTo,
    windTo: given.windTo ?? DEFAULTS.windTo,
    tideHours,
    change24C: given.change24C ?? null,
    oxygenToM,
    nightCloud: given.nightCloud ?? cloudOf(given.sky ?? DEFAULTS.sky),
    moonAltitudeDeg: given.moonAltitudeDeg ?? null,
  }
  const usual = SPECIES_TABLE[given.species].forage.map(kind => ({ kind, lengthMm: null }))
  const seen = given.forage?.length ? given.forage : null
  if (!seen) assumed.push('forage')
  reading.forage = (seen ?? usual).map(({ kind, lengthMm }) => ({
    kind,
    lengthMm: lengthMm ?? FORAGE_TABLE[kind].lengthMm,
  }))
  return { reading, assumed }
}

/** Cloud that a word for the sky says; none where it is only called night. */
function cloudOf(sky: Sky): CompleteReading['nightCloud'] {
  return sky === 'sun' || sky === 'night' ? 'clear' : sky
}

function trendOf(change24C: number | null): CompleteReading['trend'] {
  if (change24C === null || Math.abs(change24C) < TREND_FROM_C) return DEFAULTS.trend
  return change24C > 0 ? 'warming' : 'cooling'
}
