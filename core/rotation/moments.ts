import { sunPosition } from '#core/light'
import type { Tide } from '#core/terms'

/** Something about to turn (or just turned) that is worth a look at the water. */
export interface Turn {
  readonly turn: 'sun-up' | 'sun-down' | 'tide'
  /** Minutes from now; negative: just over. */ readonly inMin: number
}

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
export function turnsAbout(now: string, clockwork: Clockwork): readonly Turn[] {
  const at = Date.parse(now)
  return turnsWithin(at, -AFTER_MIN, BEFORE_MIN, clockwork)
}

/** Minutes since the start at which light or tide have turned by now. */
export function turnsSince(start: string, now: string, clockwork: Clockwork): readonly number[] {
  const from = Date.parse(start)
  return turnsWithin(from, 0, (Date.parse(now) - from) / MS_PER_MINUTE, clockwork).map(turn => turn.inMin)
}

/** Every turn between two moments, given and told in minutes from `at` [ms]. */
function turnsWithin(
  at: number,
  fromMin: number,
  toMin: number,
  { latitude, longitude, tide, tideAt }: Clockwork,
): readonly Turn[] {
  const turns: Turn[] = []
  const altitude = (minutes: number) =>
    sunPosition(new Date(at + minutes * MS_PER_MINUTE).toISOString(), latitude, longitude).altitudeDeg - RISE_DEG
  for (let minute = fromMin, before = altitude(fromMin); minute < toMin; minute++) {
    const after = altitude(minute + 1)
    if (before < 0 && after >= 0) turns.push({ turn: 'sun-up', inMin: minute + 1 })
    if (before >= 0 && after < 0) turns.push({ turn: 'sun-down', inMin: minute + 1 })
    before = after
  }
  if (tide !== null && tideAt !== null && TURNS.includes(tide)) {
    const noted = (Date.parse(tideAt) - at) / MS_PER_MINUTE
    for (let turn = noted; turn <= noted + TIDE_KNOWN_MIN; turn += HALF_TIDE_MIN)
      if (turn >= fromMin && turn <= toMin) turns.push({ turn: 'tide', inMin: Math.round(turn) })
  }
  return turns
}
