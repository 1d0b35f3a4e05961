import { SPECIES_TABLE } from '#core/knowledge'
import { logisticStep } from '#core/numeric'
import type { Phase, PhaseShares, SpeciesId, Trend } from '#core/terms'

/** Width of every soft temperature step [°C]. Assumed. */
const STEP_C = 1.2
/** Day of the year on which northern water is warmest, about 8 August. Assumed. */
export const WARMEST_DAY = 220
/** Days of a year, leap years taken in. */
export const YEAR_DAYS = 365.25
/** What a warming or cooling trend adds to the date's own slope (−1..1). Assumed. */
const TREND_SHIFT = 0.6
const HALF_STEEPNESS = 3
/** Pre-spawn begins this far below the lowest spawning temperature [°C]. Assumed. */
const PRE_SPAWN_C = 8
/** Post-spawn lasts up to this far above the highest spawning temperature [°C]. Assumed. */
const POST_SPAWN_C = 4

export interface SeasonInput {
  readonly species: SpeciesId
  readonly temperatureC: number
  readonly trend: Trend
  /** ISO 8601; null: the half of the year is unknown. */
  readonly at: string | null
  readonly latitude: number
}

/**
 * Shares of the year's phases for a species: an honest mixture, never a switch.
 *
 * Valid:  any water temperature; without a date only temperature and trend speak.
 * Source: assumed throughout (a simple model that can be explained); temperatures from `SPECIES_TABLE`.
 *
 * @returns shares that sum to 1
 */
export function phaseShares(input: SeasonInput): PhaseShares {
  const pWarming = warmingHalf(input)
  const warming = normalise(halfShares(input, 'warming'))
  const cooling = normalise(halfShares(input, 'cooling'))
  const shares = emptyShares()
  for (const phase of Object.keys(shares) as Phase[])
    shares[phase] = pWarming * warming[phase] + (1 - pWarming) * cooling[phase]
  return shares
}

/**
 * How active a fish is at this temperature, 0..1: a two-sided bell, 1 at 65 % of its range and 0.5 at both ends.
 * Source: assumed.
 */
export function activityAt(species: SpeciesId, temperatureC: number): number {
  const [low, high] = SPECIES_TABLE[species].activeC
  const best = low + 0.65 * (high - low)
  const half = temperatureC < best ? best - low : high - best
  return 2 ** -(((temperatureC - best) / half) ** 2)
}

/** True when the water is warmer than the species should be fished in. */
export function isStressed(species: SpeciesId, temperatureC: number): boolean {
  const { stressC } = SPECIES_TABLE[species]
  return stressC !== null && temperatureC > stressC
}

/** Probability that the water is in its warming half of the year. */
function warmingHalf({ at, trend, latitude }: SeasonInput): number {
  const shift = trend === 'warming' ? TREND_SHIFT : trend === 'cooling' ? -TREND_SHIFT : 0
  let slope = 0
  if (at !== null) {
    slope = -Math.sin((2 * Math.PI * (dayOfYear(at) - WARMEST_DAY)) / YEAR_DAYS)
    if (latitude < 0) slope = -slope
  }
  return logisticStep(slope + shift, 1 / HALF_STEEPNESS)
}

/**
 * Day of the year, 1 January = 1, from the calendar date as written (the angler's own day, whatever the offset).
 *
 * @throws {RangeError} when the text does not begin with a calendar date
 */
export function dayOfYear(at: string): number {
  const day = Date.parse(`${at.slice(0, 10)}T00:00:00Z`)
  if (Number.isNaN(day)) throw new RangeError(`dayOfYear: not an ISO 8601 date: ${at}`)
  return (day - Date.UTC(Number(at.slice(0, 4)), 0, 1)) / 86_400_000 + 1
}

function halfShares({ species, temperatureC: T }: SeasonInput, half: 'warming' | 'cooling'): PhaseShares {
  const {
    activeC: [activeLo, activeHi],
    spawnC,
    spawnHalf,
  } = SPECIES_TABLE[species]
  const above = (limit: number) => logisticStep(T - limit, STEP_C)
  const below = (limit: number) => logisticStep(limit - T, STEP_C)
  const band = (from: number, to: number) => above(from) * below(to)
  const shares = emptyShares()

  if (spawnC === null) {
    shares.winter = below(activeLo)
    shares.summer = above(activeHi)
    shares[half === 'warming' ? 'spring' : 'autumn'] = band(activeLo, activeHi)
  } else if (spawnHalf === 'warming') {
    const [spawnLo, spawnHi] = spawnC
    if (half === 'warming') {
      shares.winter = below(spawnLo - PRE_SPAWN_C)
      shares['pre-spawn'] = band(spawnLo - PRE_SPAWN_C, spawnLo)
      shares.spawn = band(spawnLo, spawnHi)
      shares['post-spawn'] = band(spawnHi, spawnHi + POST_SPAWN_C)
      shares.summer = above(spawnHi + POST_SPAWN_C)
    } else {
      shares.summer = above(spawnHi + 1)
      shares.autumn = band(activeLo, spawnHi + 1)
      shares.winter = below(activeLo)
    }
  } else {
    const [spawnLo, spawnHi] = spawnC
    shares.summer = above(activeHi)
    if (half === 'warming') {
      shares.winter = below(activeLo)
      shares.spring = band(activeLo, activeHi)
    } else {
      shares.autumn = band(spawnHi + 3, activeHi)
      shares['pre-spawn'] = band(spawnHi, spawnHi + 3)
      shares.spawn = band(spawnLo, spawnHi)
      shares.winter = below(spawnLo)
    }
  }
  return shares
}

function emptyShares(): PhaseShares {
  return { 'winter': 0, 'spring': 0, 'pre-spawn': 0, 'spawn': 0, 'post-spawn': 0, 'summer': 0, 'autumn': 0 }
}

function normalise(shares: PhaseShares): PhaseShares {
  const sum = Object.values(shares).reduce((a, b) => a + b, 0)
  for (const phase of Object.keys(shares) as Phase[]) shares[phase] /= sum
  return shares
}
