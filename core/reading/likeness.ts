import { SPECIES_TABLE } from '#core/knowledge'
import type { CompleteReading } from './reading'

/** The parts of a distance, each in steps "that an angler would call another day". */
export type LikenessPart =
  'species' | 'water' | 'temperature' | 'visibility' | 'light' | 'season' | 'depth' | 'wind' | 'mood'

/** One step of each number. Assumed. */
const STEP = { temperatureC: 4, visibilityFactor: 2, seasonDays: 45, depthFactor: 2, windMs: 5 }
/** Depths and visibilities below these differ in name only [m]. Assumed. */
const SHALLOWEST_M = 0.5
const DARKEST_M = 0.1
/** What another fish, another water and another sky count, in steps. Assumed. */
const OTHER = { species: 2.5, guild: 1.5, salt: 2, water: 0.7, sky: 0.7, night: 1.5, mood: 0.5 }
const SALT: readonly string[] = ['estuary', 'surf', 'sea']
const DULL: readonly string[] = ['overcast', 'rain']

const MS_PER_DAY = 86_400_000
const DAYS_PER_YEAR = 365.25

/** How far two readings are apart, part by part, in steps; 0: the same, 1: one step. */
export function unlikeness(a: CompleteReading, b: CompleteReading): Readonly<Record<LikenessPart, number>> {
  const steps = (x: number, y: number, factor: number, least: number) =>
    Math.abs(Math.log(Math.max(least, x) / Math.max(least, y))) / Math.log(factor)
  const middle = (r: CompleteReading) => (r.fishFromM + r.fishToM) / 2
  return {
    species:
      a.species === b.species
        ? 0
        : SPECIES_TABLE[a.species].guild === SPECIES_TABLE[b.species].guild
          ? OTHER.guild
          : OTHER.species,
    water: a.water === b.water ? 0 : SALT.includes(a.water) !== SALT.includes(b.water) ? OTHER.salt : OTHER.water,
    temperature: Math.abs(a.temperatureC - b.temperatureC) / STEP.temperatureC,
    visibility: steps(a.visibilityM, b.visibilityM, STEP.visibilityFactor, DARKEST_M),
    light:
      a.sky === b.sky
        ? 0
        : (a.sky === 'night') !== (b.sky === 'night')
          ? OTHER.night
          : DULL.includes(a.sky) === DULL.includes(b.sky)
            ? 0
            : OTHER.sky,
    season: a.at && b.at ? daysApart(a.at, b.at) / STEP.seasonDays : 0,
    depth: steps(middle(a), middle(b), STEP.depthFactor, SHALLOWEST_M),
    wind: Math.abs(a.windMs - b.windMs) / STEP.windMs,
    mood: a.mood === b.mood ? 0 : OTHER.mood,
  }
}

/**
 * Distance of two readings: the root of the summed squares of their unlike parts, in steps. 0 the same water; from about 2 on another day altogether.
 *
 * Valid:  readings with all blanks filled. The scales of the parts are assumed.
 */
export function readingDistance(a: CompleteReading, b: CompleteReading): number {
  return Math.sqrt(Object.values(unlikeness(a, b)).reduce((sum, part) => sum + part * part, 0))
}

/** What a stretch fished in other water is worth as evidence for this one, 0..1: one at no distance, 0.61 at one step, 0.14 at two. Assumed bell. */
export function worthAsEvidence(distance: number): number {
  return Math.exp((-distance * distance) / 2)
}

/** Days between two dates on the wheel of the year. */
function daysApart(a: string, b: string): number {
  const days = (Math.abs(Date.parse(a) - Date.parse(b)) / MS_PER_DAY) % DAYS_PER_YEAR
  return Math.min(days, DAYS_PER_YEAR - days)
}
