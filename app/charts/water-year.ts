import { area, line, type ScaleLinear, scaleLinear } from 'd3'
import type { Tally } from '#core/evidence'
import { dayOfYear, type PhaseSpan, type UsualYear } from '#core/season'

/** One reading of a water, as its year shows it. */
export interface YearReading {
  /** ISO 8601. */
  readonly at: string
  readonly temperatureC: number
  readonly visibilityM: number | null
  /** At the angler's own mark. */
  readonly levelM: number | null
}
export interface YearInput {
  readonly year: UsualYear
  readonly phases: readonly PhaseSpan[]
  readonly readings: readonly YearReading[]
  /** What was fished and what came, January first. */
  readonly months: readonly Tally[]
}
interface Spot {
  readonly x: number
  readonly y: number
  readonly reading: YearReading
}
interface Tick {
  readonly value: number
  readonly y: number
}

const YEAR_DAYS = 365
const MONTHS = 12
/** The rows of the drawing, one below the other [px]: from where to where. The level has one where it was ever read. */
const ROWS = {
  phases: { top: 22, bottom: 48 },
  temperature: { top: 82, bottom: 192 },
  visibility: { top: 228, bottom: 298 },
  level: { top: 334, bottom: 384 },
} as const
const FISH = { under: 48, height: 70 } as const
const BELOW = 24

function rowsOf(hasLevel: boolean) {
  const top = (hasLevel ? ROWS.level : ROWS.visibility).bottom + FISH.under
  const bottom = top + FISH.height
  return { ...ROWS, level: hasLevel ? ROWS.level : null, fish: { top, bottom }, height: bottom + BELOW }
}
/** Ninety of a hundred days lie within so many standard deviations of the usual year. */
const NINETY = 1.645
/** A point of the curve for every so many days. */
const STEP_DAYS = 5
/** At least so much is drawn, so that a still year is no mountain range [°C, m, m, contacts]. */
const LEAST = { temperatureC: 10, visibilityM: 1, levelM: 0.5, contacts: 3 } as const

/** A year of one water on one line of time: phases, temperature about its usual year, visibility, and what was fished. */
export function waterYear({ year, phases, readings, months }: YearInput, width: number) {
  const x = scaleLinear([1, YEAR_DAYS + 1], [0, width])
  const days = Array.from({ length: Math.floor(YEAR_DAYS / STEP_DAYS) + 1 }, (_, i) => 1 + i * STEP_DAYS)
  const usual = [...days, YEAR_DAYS + 1].map(day => ({ day, ...year(day) }))
  const levels = readings.flatMap(r => r.levelM ?? [])
  const rows = rowsOf(levels.length > 0)
  const { temperature, visibility, fish } = rows
  const warmest = Math.max(
    LEAST.temperatureC,
    ...usual.map(u => u.temperatureC + NINETY * u.sdC),
    ...readings.map(r => r.temperatureC),
  )
  const coldest = Math.min(0, ...readings.map(r => r.temperatureC))
  const t = scaleLinear<number, number>([coldest, warmest], [temperature.bottom, temperature.top]).nice(4).clamp(true)
  const sees = readings.flatMap(r => r.visibilityM ?? [])
  const v = scaleLinear<number, number>(
    [0, Math.max(LEAST.visibilityM, ...sees)],
    [visibility.bottom, visibility.top],
  ).nice(3)
  const [lowest, highest] = [Math.min(...levels), Math.max(...levels)]
  const l =
    rows.level &&
    scaleLinear<number, number>(
      [lowest, Math.max(highest, lowest + LEAST.levelM)],
      [rows.level.bottom, rows.level.top],
    ).nice(2)
  const most = Math.max(LEAST.contacts, ...months.map(m => m.contacts))
  const n = scaleLinear([0, most], [fish.bottom, fish.top])
  const dayX = (at: string) => x(dayOfYear(at) + 0.5)
  const ticks = (scale: ScaleLinear<number, number>, count: number): Tick[] =>
    scale.ticks(count).map(value => ({ value, y: scale(value) }))
  const monthX = (month: number) => x(1 + (month * YEAR_DAYS) / MONTHS)
  return {
    rows,
    dayX,
    phases: phases.map(({ phase, fromDay, toDay }) => ({ phase, x: x(fromDay), width: x(toDay + 1) - x(fromDay) })),
    usual:
      line<(typeof usual)[number]>(
        u => x(u.day),
        u => t(u.temperatureC),
      )(usual) ?? '',
    band:
      area<(typeof usual)[number]>(
        u => x(u.day),
        u => t(u.temperatureC - NINETY * u.sdC),
        u => t(u.temperatureC + NINETY * u.sdC),
      )(usual) ?? '',
    temperatures: readings.map((reading): Spot => ({ x: dayX(reading.at), y: t(reading.temperatureC), reading })),
    temperatureTicks: ticks(t, 4),
    visibilities: readings.flatMap((reading): Spot[] =>
      reading.visibilityM === null ? [] : [{ x: dayX(reading.at), y: v(reading.visibilityM), reading }],
    ),
    visibilityTicks: ticks(v, 3),
    levels: readings.flatMap((reading): Spot[] =>
      reading.levelM === null || !l ? [] : [{ x: dayX(reading.at), y: l(reading.levelM), reading }],
    ),
    levelTicks: l ? ticks(l, 2) : [],
    visibilityY: (metres: number) => v(Math.min(metres, v.domain()[1]!)),
    months: months.map((tally, month) => ({
      tally,
      x: monthX(month),
      width: width / MONTHS,
      contacts: n(tally.contacts),
      landed: n(tally.landed),
    })),
  }
}
