import type { Ask } from '#core/ask'
import { PACE, PAUSES, type TacticRow, WARMTH_C } from '#core/knowledge'
import { interpolate } from '#core/numeric'

/** Pace that a wound bait is given here before its own kind is looked at [m/s]: warmth, mood, mud and darkness (handbook §23.2). */
export function usualPace({ reading, features: { numbers } }: Ask): number {
  const mud = reading.visibilityM < PACE.mudBelowM ? PACE.inMud : 1
  const night = reading.sky === 'night' ? PACE.atNight : 1
  return interpolate(WARMTH_C, PACE.metresPerS, numbers.warmthC) * PACE.mood[reading.mood] * mud * night
}

/** Bait that is not wound still moves a little between its stops: share of the usual pace. Assumed. */
const WITH_THE_ROD = 0.3
/** However cold it is, a rod moves a bait no slower than this; the pauses grow instead [m/s]. Assumed. */
const LEAST_WITH_THE_ROD_MS = 0.1

/** Pace that this tactic wants here [m/s]. */
export function paceOf({ pace }: TacticRow, ask: Ask): number {
  const usual = usualPace(ask)
  return pace === null ? Math.max(LEAST_WITH_THE_ROD_MS, WITH_THE_ROD * usual) : pace * usual
}

/** Pause of this tactic here [s]; `null`: it has none. */
export function pauseOf({ pause }: TacticRow, { reading, features: { numbers } }: Ask): number | null {
  if (pause === null) return null
  const row = PAUSES[pause]
  const seconds =
    interpolate(WARMTH_C, row.seconds, numbers.warmthC) *
    row.mood[reading.mood] *
    (reading.grouping === 'one-spot' ? row.oneSpot : 1)
  const held = Math.min(row.most, seconds)
  return held < 3 ? Math.max(0.5, Math.round(held * 2) / 2) : Math.round(held)
}
