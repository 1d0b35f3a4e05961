import type { Phase, SpeciesId } from '#core/terms'
import { dayOfYear, phaseShares, WARMEST_DAY, YEAR_DAYS } from './phases'

/** A temperature that was read of a water. */
export interface DatedTemperature {
  /** ISO 8601. */
  readonly at: string
  readonly temperatureC: number
}

/** Temperature of the surface as it usually is on a day. */
export interface UsualTemperature {
  readonly temperatureC: number
  /** Standard deviation of a single day about it, with what is not known of the curve [°C]. */
  readonly sdC: number
}

/** A water's usual year: temperature by day of the year (1 = 1 January). */
export type UsualYear = (day: number) => UsualTemperature

/**
 * What is believed of a year before anything was read: mean and half range of the surface by latitude [°C, °C per degree].
 * Assumed, for lakes and slow rivers near sea level; reading a few days replaces it.
 */
const BEFORE = { meanAtEquatorC: 28, meanPerDegreeC: -0.33, halfRangePerDegreeC: 0.19 } as const
/** How far that may be out, standard deviations [°C]. Assumed. */
const DOUBT = { meanC: 3, halfRangeC: 2.5 } as const
/** A single day about the usual year of a water, standard deviation [°C]. Assumed. */
const DAY_SD_C = 2
/** Fresh water stands at freezing under ice [°C]; the sea goes a little lower, which is left out. */
const FREEZES_C = 0

type Three = readonly [number, number, number]
const dot = (a: Three, b: Three) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const times = (p: readonly [Three, Three, Three], h: Three): Three => [dot(p[0], h), dot(p[1], h), dot(p[2], h)]

/**
 * The usual year of a water as one wave of a year, learnt from what was read there.
 *
 * Model:  T(day) = mean + c·cos(φ) + s·sin(φ), φ = 2π·(day − warmest)/365.25; linear Gaussian regression on those three,
 *         each reading taken in turn (recursive least squares with a prior).
 * Valid:  surface water with one warm season; snow melt and power stations are not in it.
 * Source: annual harmonic of water temperature: Ward, J. C. (1963), Annual variation of stream water temperature,
 *         J. Sanit. Eng. Div. ASCE 89(6), from memory; prior and spread assumed.
 *
 * @param latitude of the water [°]; south of the line the year is turned round
 */
export function usualYear(readings: readonly DatedTemperature[], latitude: number): UsualYear {
  const wave = (day: number): Three => {
    const angle = (2 * Math.PI * (day - WARMEST_DAY)) / YEAR_DAYS
    return [1, Math.cos(angle), Math.sin(angle)]
  }
  const far = Math.abs(latitude)
  let belief: Three = [
    BEFORE.meanAtEquatorC + BEFORE.meanPerDegreeC * far,
    BEFORE.halfRangePerDegreeC * far * (latitude < 0 ? -1 : 1),
    0,
  ]
  let doubt: readonly [Three, Three, Three] = [
    [DOUBT.meanC ** 2, 0, 0],
    [0, DOUBT.halfRangeC ** 2, 0],
    [0, 0, DOUBT.halfRangeC ** 2],
  ]
  for (const { at, temperatureC } of readings) {
    const h = wave(dayOfYear(at))
    const ph = times(doubt, h)
    const spread = dot(h, ph) + DAY_SD_C ** 2
    const miss = (temperatureC - dot(belief, h)) / spread
    belief = [belief[0] + ph[0] * miss, belief[1] + ph[1] * miss, belief[2] + ph[2] * miss]
    const less = (row: Three, i: 0 | 1 | 2): Three => [
      row[0] - (ph[i] * ph[0]) / spread,
      row[1] - (ph[i] * ph[1]) / spread,
      row[2] - (ph[i] * ph[2]) / spread,
    ]
    doubt = [less(doubt[0], 0), less(doubt[1], 1), less(doubt[2], 2)]
  }
  return day => {
    const h = wave(day)
    return {
      temperatureC: Math.max(FREEZES_C, dot(belief, h)),
      sdC: Math.sqrt(dot(h, times(doubt, h)) + DAY_SD_C ** 2),
    }
  }
}

/** A stretch of the year in which one phase has the largest share; days from and to, both in it. */
export interface PhaseSpan {
  readonly phase: Phase
  readonly fromDay: number
  readonly toDay: number
}

/** The slope of a day is taken from so long before it to so long after it [d]. Assumed. */
const SLOPE_DAYS = 7
/** A water that changes less than this in a fortnight is steady [°C]. Assumed. */
const STEADY_C = 0.7
const LAST_DAY = 365

/** The phases of a fish over a usual year of a water, in order from 1 January. */
export function phasesOfYear(species: SpeciesId, year: UsualYear, latitude: number): readonly PhaseSpan[] {
  const spans: { phase: Phase; fromDay: number; toDay: number }[] = []
  for (let day = 1; day <= LAST_DAY; day++) {
    const rise = year(day + SLOPE_DAYS).temperatureC - year(day - SLOPE_DAYS).temperatureC
    const shares = phaseShares({
      species,
      temperatureC: year(day).temperatureC,
      trend: Math.abs(rise) < STEADY_C ? 'steady' : rise > 0 ? 'warming' : 'cooling',
      at: dateOfDay(day),
      latitude,
    })
    const phase = (Object.keys(shares) as Phase[]).reduce((a, b) => (shares[b] > shares[a] ? b : a))
    const last = spans.at(-1)
    if (last?.phase === phase) last.toDay = day
    else spans.push({ phase, fromDay: day, toDay: day })
  }
  return spans
}

/** The date of a day of the year, in a year that is no leap year. */
const dateOfDay = (day: number) => new Date(Date.UTC(2026, 0, day)).toISOString().slice(0, 10)
