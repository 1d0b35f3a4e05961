/** What the simulated scale does: settles, creeps, trembles, and gives up above its range. All invented. */
const SETTLING_S = 0.7
const CREEP_G_PER_S = 0.002
const TREMBLE_G = 0.04
const RANGE_G = 500
const STEP_G = 0.05
/** Settled to within a step. */
const STABLE_AFTER_S = 4

export interface ScaleState {
  /** Since the load was put on. */
  readonly seconds: number
  readonly load: number
}
export interface ScaleReading {
  readonly grams: number | null
  readonly stable: boolean
  readonly overload: boolean
  readonly simulated: true
}

export function scaleReading({ seconds, load }: ScaleState, random: () => number): ScaleReading {
  if (load > RANGE_G) return { grams: null, stable: false, overload: true, simulated: true }
  const shown =
    load * (1 - Math.exp(-seconds / SETTLING_S)) + CREEP_G_PER_S * seconds + TREMBLE_G * (random() + random() - 1)
  return {
    grams: Number((Math.round(Math.max(0, shown) / STEP_G) * STEP_G).toFixed(2)),
    stable: seconds >= STABLE_AFTER_S,
    overload: false,
    simulated: true,
  }
}
