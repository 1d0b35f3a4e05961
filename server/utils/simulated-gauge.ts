/** What the simulated gauge of an invented river mouth says; a day's swing in temperature, a slow fall of the level. All invented. */
export interface GaugeReading {
  readonly at: string
  readonly temperatureC: number
  readonly flowM3S: number
  readonly levelM: number
  readonly visibilityM: number
  readonly simulated: true
}

const MEAN_C = 12
const SWING_C = 1.2
const WARMEST_HOUR = 16
const WEEK_DAYS = 7

export function gaugeReading(at: Date): GaugeReading {
  const hour = at.getUTCHours() + at.getUTCMinutes() / 60
  const day = (at.getTime() / 86_400_000) % WEEK_DAYS
  const flood = Math.exp(-day / 2)
  return {
    at: at.toISOString(),
    temperatureC: Number((MEAN_C + SWING_C * Math.cos((2 * Math.PI * (hour - WARMEST_HOUR)) / 24)).toFixed(1)),
    flowM3S: Number((8 + 30 * flood).toFixed(1)),
    levelM: Number((0.6 + 0.9 * flood).toFixed(2)),
    visibilityM: Number((1.6 - 1.2 * flood).toFixed(1)),
    simulated: true,
  }
}
