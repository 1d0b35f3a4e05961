import { DRIFT_OF_WIND } from '#core/knowledge'
import type { Tide, WindTo } from '#core/terms'
import type { CompleteReading } from './reading'

/** How the water moves past boat, cast and bait: one home for drift, current along the cast, wind on the cast, swell under the rod and the slope of the bottom. */

/** A cast gains or loses this share for each m/s of wind above a breeze: models part N gives 2 % straight down it or dead against it; across it half of that is lost. */
const CAST_PER_MS: Readonly<Record<WindTo, number>> = { behind: 0.02, across: -0.01, against: -0.02 }
const BREEZE_MS = 3
/** No wind makes less, or more, of a cast than this share. Assumed. */
const CAST_SHARE = [0.7, 1.3] as const
/** The rod tip of a boat goes up and down by this share of the height of the waves (half up, half down). Assumed. */
const HEAVE_SHARE = 0.5
/** From high to low water in a tide of two a day [h]: half the lunar semi-day of 12.42 h. */
const TIDE_HOURS = 6.21
/** Stream at half tide where nobody measured it [m/s]. Assumed: ordinary, not extreme, places. */
const USUAL_STREAM_MS: Partial<Record<CompleteReading['water'], number>> = { estuary: 0.6, surf: 0.3, sea: 0.5 }

/** Whether the boat goes with the wind; held by a motor or at anchor, and from the bank, only the current passes. */
export function isAdrift({ from, hold }: Pick<CompleteReading, 'from' | 'hold'>): boolean {
  return (from === 'boat' || from === 'kayak') && hold === 'adrift'
}

/** Speed at which the water or the boat carries the bait off over the bottom [m/s]: the current, and adrift the way before the wind. */
export function driftOf(reading: Pick<CompleteReading, 'currentMs' | 'windMs' | 'from' | 'hold'>): number {
  return Math.hypot(reading.currentMs, isAdrift(reading) ? DRIFT_OF_WIND * reading.windMs : 0)
}

/** Current along the cast [m/s], + running away from the rod: cast down the stream +, up it −, across it 0. Adrift the boat goes with it. */
export function alongCast(reading: Pick<CompleteReading, 'currentMs' | 'castTo' | 'from' | 'hold'>): number {
  if (reading.castTo === 'across' || isAdrift(reading)) return 0
  const speed = Math.abs(reading.currentMs)
  return reading.castTo === 'down' ? speed : -speed
}

/** Current across the cast [m/s], which swings what is on the line down the stream; 0 where one casts up or down it, or goes with it. */
export function acrossCast(reading: Pick<CompleteReading, 'currentMs' | 'castTo' | 'from' | 'hold'>): number {
  return reading.castTo === 'across' && !isAdrift(reading) ? Math.abs(reading.currentMs) : 0
}

/** Mean stream along the line over a swing from straight across to straight below, as a share of the stream: ∫ tan α dα / ∫ sec α dα up to 80°. */
const SWING_MEAN = 0.72

/** Least pace through the water of what is cast and held [m/s]: a stream that runs away from the rod works it without a turn of the reel. */
export function paceOfStream(reading: Parameters<typeof alongCast>[0]): number {
  return Math.max(0, alongCast(reading), SWING_MEAN * acrossCast(reading))
}

/** Share of a still-air cast that the wind leaves. */
export function windOnCast({ windMs, windTo }: Pick<CompleteReading, 'windMs' | 'windTo'>): number {
  const [least, most] = CAST_SHARE
  return Math.min(most, Math.max(least, 1 + CAST_PER_MS[windTo] * Math.max(0, windMs - BREEZE_MS)))
}

/** How far a wave lifts the rod tip, and lets it down again [m]; nothing where one stands on the ground. */
export function heaveOf({ waveM, from }: Pick<CompleteReading, 'waveM' | 'from'>): number {
  return from === 'boat' || from === 'kayak' ? HEAVE_SHARE * waveM : 0
}

/**
 * Stream of the tide where nobody measured it [m/s]: a sine between the turns (the rule of twelfths is its steps), slack at high and low water; 0 where no tide is noted or none runs.
 * `hours` since the turn; absent: half tide is not assumed, and the stream stays unknown (0).
 */
export function tideStream(water: CompleteReading['water'], tide: Tide | null, hours: number | null): number {
  const peak = USUAL_STREAM_MS[water] ?? 0
  if (peak === 0 || tide === null || tide === 'high' || tide === 'low' || hours === null) return 0
  return peak * Math.sin((Math.PI * Math.min(TIDE_HOURS, Math.max(0, hours))) / TIDE_HOURS)
}

/** Fall of the bottom for each metre away from the rod: the tangent of its slope. */
export function slopeOf({ slopeDeg }: Pick<CompleteReading, 'slopeDeg'>): number {
  return Math.tan((slopeDeg * Math.PI) / 180)
}
