import { sunPosition } from '#core/light'
import { completeReading, type HomeWater, isAt, type Reading, usualAt, withNight } from '#core/reading'
import { phaseShares, usualDepth } from '#core/season'
import type { Sky } from '#core/terms'
import type { LikelyReading } from './build'

/** One hour of a forecast, from wherever it comes. */
export interface ForecastHour {
  /** ISO 8601. */
  readonly at: string
  readonly waterC: number
  /** Share of the sky, 0..1. */
  readonly cloud: number
  readonly windMs: number
  readonly rainMm: number
}

/** The names of the moments that are planned for by day, and by night. */
const BY_DAY = ['first light', 'noon', 'wind', 'last light'] as const
const BY_NIGHT = ['last light', 'dark', 'wind', 'first light'] as const
type Moment = (typeof BY_DAY)[number] | (typeof BY_NIGHT)[number]

/** How likely each moment is fished: by day its ends count more, by night the dark. Assumed. */
const SHARE_BY_DAY: Record<(typeof BY_DAY)[number], number> = {
  'first light': 1,
  'noon': 0.7,
  'wind': 0.6,
  'last light': 0.9,
}
const SHARE_BY_NIGHT: Record<(typeof BY_NIGHT)[number], number> = {
  'last light': 0.8,
  'dark': 1,
  'wind': 0.6,
  'first light': 0.7,
}
/** A second water is plan B. Assumed share of a day. */
const PLAN_B = 0.5
/** Sun as high as at first and last light [°]: the disc is just over the horizon. */
const LOW_SUN_DEG = 3
/** Cloud from which the sky is broken, and overcast; rain that counts [mm/h]. Common practice. */
const BROKEN_FROM = 0.3
const OVERCAST_FROM = 0.8
const RAIN_FROM = 0.3

function skyOf({ cloud, rainMm }: ForecastHour): Sky {
  return rainMm >= RAIN_FROM ? 'rain' : cloud >= OVERCAST_FROM ? 'overcast' : cloud >= BROKEN_FROM ? 'broken' : 'sun'
}

export interface DayPlan {
  /** The reading that the day is made from: fish, forage, mood, place to stand. */
  readonly from: Reading
  readonly place: HomeWater | null
  readonly forecast: readonly ForecastHour[]
  /** Another water, if this one cannot be fished. */
  readonly planB: HomeWater | null
}

/**
 * A day as a few likely readings in the order in which they come: first light, noon, the windiest hour, last light (those that fall together are one),
 * and plan B; from a reading of the night the night: last light, the dark, its windiest hour, first light. Fish that were read at this water stand
 * where they were read; elsewhere where they usually do in this season, on a water as deep as the reading's.
 *
 * @throws {RangeError} if the forecast has no hours
 */
export function likelyReadings({ from, place, forecast, planB }: DayPlan): readonly LikelyReading[] {
  if (forecast.length === 0) throw new RangeError('likelyReadings: the forecast has no hours')
  const here: Reading = { ...from, ...(place ? usualAt(place, from) : {}) }
  const staysHere = place === null || isAt(place, from)
  const heights = forecast.map(hour => sunPosition(hour.at, here.latitude ?? 50, here.longitude ?? 0).altitudeDeg)
  const highest = heights.indexOf(Math.max(...heights))
  const lowest = heights.indexOf(Math.min(...heights))
  const isNight = withNight(completeReading(from).reading).sky === 'night'
  const lowSun = (range: readonly number[]) =>
    range.reduce((a, b) => (Math.abs(heights[b]! - LOW_SUN_DEG) < Math.abs(heights[a]! - LOW_SUN_DEG) ? b : a))
  const indices = forecast.map((_, i) => i)
  const windiest = indices
    .filter(i => heights[i]! > 0 !== isNight)
    .reduce((a, b) => (forecast[b]!.windMs > forecast[a]!.windMs ? b : a), isNight ? lowest : highest)
  const moments: Record<Moment, number> = {
    'first light': lowSun(indices.slice(0, highest + 1)),
    'noon': highest,
    'wind': windiest,
    'last light': lowSun(indices.slice(highest)),
    'dark': lowest,
  }
  const named: readonly Moment[] = isNight ? BY_NIGHT : BY_DAY
  const share: Partial<Record<Moment, number>> = isNight ? SHARE_BY_NIGHT : SHARE_BY_DAY
  /** Hours of the night come after the noon before them. */
  const comes = (hour: number) => (isNight ? (hour - highest + forecast.length) % forecast.length : hour)
  // Moments that fall on one hour are one: it would be planned for twice, and count double.
  const hours = [...new Set(named.map(name => moments[name]))].sort((a, b) => comes(a) - comes(b))
  const readings = hours.map((hour): LikelyReading => {
    const names = named.filter(name => moments[name] === hour)
    return {
      name: names.join(' and '),
      weight: Math.max(...names.map(name => share[name]!)),
      reading: readingAt(here, forecast[hour]!, staysHere),
    }
  })
  if (!planB) return readings
  const there = { ...from, ...usualAt(planB, from) }
  return [
    ...readings,
    {
      name: `plan B, ${planB.name}`,
      weight: PLAN_B,
      reading: readingAt(there, forecast[isNight ? lowest : highest]!, false),
    },
  ]
}

/** `keepsBand`: the depth of the fish was read at this very water and stands. */
function readingAt(base: Reading, hour: ForecastHour, keepsBand: boolean): Reading {
  const reading: Reading = {
    ...base,
    at: hour.at,
    temperatureC: hour.waterC,
    sky: skyOf(hour),
    windMs: hour.windMs,
    phase: null,
  }
  const { bottomM, species, latitude, trend } = completeReading(reading).reading
  if (keepsBand) return reading
  const [from, to] = usualDepth(
    species,
    phaseShares({ species, temperatureC: hour.waterC, at: hour.at, latitude, trend }),
  )
  const fishToM = Math.min(bottomM, to)
  return { ...reading, bottomM, fishFromM: Math.min(from, fishToM), fishToM }
}

/** Changes that a day is likely to bring to each of its readings, with their share; what is left is the reading itself. Assumed. */
const CHANGES: readonly {
  readonly name: string
  readonly share: number
  readonly change: (reading: ReturnType<typeof completeReading>['reading']) => Partial<Reading> | null
}[] = [
  { name: 'fish higher', share: 0.15, change: r => moved(r, -BAND_MOVES * r.bottomM) },
  { name: 'fish deeper', share: 0.15, change: r => moved(r, BAND_MOVES * r.bottomM) },
  {
    name: 'gone quiet',
    share: 0.15,
    change: r => (r.mood === 'lethargic' ? null : { mood: r.mood === 'aggressive' ? 'neutral' : 'lethargic' }),
  },
]
/** By this share of the depth the fish move up or down. Assumed. */
const BAND_MOVES = 0.25

function moved(
  { fishFromM, fishToM, bottomM }: { readonly fishFromM: number; readonly fishToM: number; readonly bottomM: number },
  by: number,
): Partial<Reading> | null {
  const room = by < 0 ? -Math.min(-by, fishFromM) : Math.min(by, bottomM - fishToM)
  return Math.abs(room) < 0.1 ? null : { fishFromM: fishFromM + room, fishToM: fishToM + room }
}

/** The readings with their likely changes beside them: fish higher and deeper, and gone quiet after the first search. */
export function withChanges(readings: readonly LikelyReading[]): readonly LikelyReading[] {
  return readings.flatMap(({ name, reading, weight }) => {
    const complete = completeReading(reading).reading
    const changes = CHANGES.flatMap(({ name: what, share, change }) => {
      const changed = change(complete)
      return changed ? [{ name: `${name}, ${what}`, weight: weight * share, reading: { ...reading, ...changed } }] : []
    })
    return [{ name, reading, weight: weight - changes.reduce((sum, c) => sum + c.weight, 0) }, ...changes]
  })
}
