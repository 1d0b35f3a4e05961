import { sunPosition } from '#core/light'
import { seededRandom } from '#core/numeric'
import { dayOfYear } from '#core/season'

/** One hour of the simulated forecast. */
export interface ForecastHour {
  readonly at: string
  readonly waterC: number
  readonly cloud: number
  readonly windMs: number
  readonly rainMm: number
}
export interface Forecast {
  readonly simulated: true
  readonly latitude: number
  readonly longitude: number
  readonly hours: readonly ForecastHour[]
}

const HOURS = 24
const MS_PER_HOUR = 3_600_000
/** Yearly mean and swing of a northern lake's surface, its warmest day, and the swing of a day [°C]. Invented, plausible. */
const WATER = { meanC: 10.5, swingC: 8.5, warmestDay: 220, dayC: 0.8 }
const YEAR_DAYS = 365.25
/** Lakes are colder by so much for each degree farther from the equator than here. Invented. */
const COLDER = { perDegree: 0.35, hereDeg: 52 }

/** Tropical water gets no warmer on average [°C]. Invented. */
const WARMEST_C = 29

/** A day's weather out of chance, the same for the same place and day: cloud that drifts, a breeze that rises with the sun, now and then a shower. All invented. */
export function forecastFor(date: string, latitude: number, longitude: number): Forecast {
  const midnight = Date.parse(`${date}T00:00:00Z`)
  const random = seededRandom(
    Math.floor(midnight / MS_PER_HOUR) * 31 + Math.round(latitude * 10) * 7 + Math.round(longitude * 10),
  )
  const north =
    latitude >= 0 ? dayOfYear(`${date}T12:00:00Z`) : (dayOfYear(`${date}T12:00:00Z`) + YEAR_DAYS / 2) % YEAR_DAYS
  const base = Math.min(
    WARMEST_C,
    Math.max(
      1,
      WATER.meanC -
        COLDER.perDegree * (Math.abs(latitude) - COLDER.hereDeg) +
        WATER.swingC * Math.cos((2 * Math.PI * (north - WATER.warmestDay)) / YEAR_DAYS),
    ),
  )
  let cloud = random()
  const breeze = 1 + 5 * random()
  const gusty = Math.floor(HOURS * random())
  const hours = Array.from({ length: HOURS }, (_, hour): ForecastHour => {
    const at = new Date(midnight + hour * MS_PER_HOUR).toISOString()
    const height = Math.max(0, Math.sin((sunPosition(at, latitude, longitude).altitudeDeg * Math.PI) / 180))
    cloud = Math.min(1, Math.max(0, cloud + 0.5 * (random() - 0.5)))
    const wind = breeze * (0.4 + height) + (hour === gusty ? 3 : 0) + random()
    return {
      at,
      waterC: round(base + WATER.dayC * height),
      cloud: round(cloud),
      windMs: round(wind),
      rainMm: cloud > 0.75 && random() < 0.3 ? round(2 * random()) : 0,
    }
  })
  return { simulated: true, latitude, longitude, hours }
}

const round = (value: number) => Number(value.toFixed(1))
