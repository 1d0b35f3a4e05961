import { sunPosition } from '#core/light'
import type { Tide } from '#core/terms'

/** Something about to turn (or just turned) that is worth a look at the water. */
export interface Turn {
  readonly turn: 'sun-up' | 'sun-down' | 'tide'
  /** Minutes from now; negative: just over. */
  readonly inMin: number
}

export interface Clockwork {
  readonly latitude: number
  readonly longitude: number
  /** What was noted of the tide, and when; a tide that is only rising or falling does not tell when it turns. */
  readonly tide: Tide | null
  readonly tideAt: string | null
}

const MS_PER_MINUTE = 60_000
const DAY_MIN = 1440
/** The sun is looked at so often [min]; days and nights that are shorter are passed over. */
const SUN_STEP_MIN = 15
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

/** Minutes since the start at which light or tide have turned by now, of the last day: what turned before says nothing of now. */
export function turnsSince(start: string, now: string, clockwork: Clockwork): readonly number[] {
  const from = Date.parse(start)
  const nowMin = (Date.parse(now) - from) / MS_PER_MINUTE
  return turnsWithin(from, Math.max(0, Math.floor(nowMin) - DAY_MIN), nowMin, clockwork).map(turn => turn.inMin)
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
  // Looked for in steps, then minute by minute where it lies between two.
  for (let from = fromMin, before = altitude(fromMin); from < toMin; from += SUN_STEP_MIN) {
    const after = altitude(from + SUN_STEP_MIN)
    if (before < 0 !== after < 0) {
      let minute = from + 1
      while (altitude(minute) < 0 === before < 0 && minute < from + SUN_STEP_MIN) minute++
      if (minute <= toMin) turns.push({ turn: before < 0 ? 'sun-up' : 'sun-down', inMin: minute })
    }
    before = after
  }
  if (tide !== null && tideAt !== null && TURNS.includes(tide)) {
    const noted = (Date.parse(tideAt) - at) / MS_PER_MINUTE
    for (let turn = noted; turn <= noted + TIDE_KNOWN_MIN; turn += HALF_TIDE_MIN)
      if (turn >= fromMin && turn <= toMin) turns.push({ turn: 'tide', inMin: Math.round(turn) })
  }
  return turns
}
