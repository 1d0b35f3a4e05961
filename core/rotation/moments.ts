import { sunPosition } from '#core/light'
import type { Tide } from '#core/terms'

/** Something about to turn (or just turned) that is worth a look at the water. */
export interface Turn { readonly turn: 'sun-up' | 'sun-down' | 'tide', /** Minutes from now; negative: just over. */ readonly inMin: number }

export interface Clockwork {
  readonly latitude: number
  readonly longitude: number
  /** What was noted of the tide, and when; a tide that is only rising or falling does not tell when it turns. */
  readonly tide: Tide | null
  readonly tideAt: string | null
}

const MS_PER_MINUTE = 60_000
/** A turn is spoken of so long before and after [min]. Assumed: time to change one thing. */
const BEFORE_MIN = 25
const AFTER_MIN = 20
/** Upper edge of the sun on the horizon, with refraction [°]; the almanac's convention. */
const RISE_DEG = -0.833
/** From high to low water and back in a tide of two a day [min]: half the lunar semi-day of 12.42 h. */
const HALF_TIDE_MIN = 372.6
/** A note of the tide is believed for so long [min]. Assumed: four turns. */
const TIDE_KNOWN_MIN = 4 * HALF_TIDE_MIN
const TURNS: readonly Tide[] = ['high', 'low']

/** What turns about now: sunrise, sunset, high or low water. */
export function turnsAbout(now: string, { latitude, longitude, tide, tideAt }: Clockwork): readonly Turn[] {
  const at = Date.parse(now)
  const turns: Turn[] = []
  const altitude = (minutes: number) => sunPosition(new Date(at + minutes * MS_PER_MINUTE).toISOString(), latitude, longitude).altitudeDeg - RISE_DEG
  for (let minute = -AFTER_MIN; minute < BEFORE_MIN; minute++) {
    const [before, after] = [altitude(minute), altitude(minute + 1)]
    if (before < 0 && after >= 0) turns.push({ turn: 'sun-up', inMin: minute + 1 })
    if (before >= 0 && after < 0) turns.push({ turn: 'sun-down', inMin: minute + 1 })
  }
  if (tide !== null && tideAt !== null && TURNS.includes(tide)) {
    const since = (at - Date.parse(tideAt)) / MS_PER_MINUTE
    const nearest = Math.round(since / HALF_TIDE_MIN) * HALF_TIDE_MIN - since
    if (since >= 0 && since <= TIDE_KNOWN_MIN && nearest <= BEFORE_MIN && nearest >= -AFTER_MIN) turns.push({ turn: 'tide', inMin: Math.round(nearest) })
  }
  return turns
}
