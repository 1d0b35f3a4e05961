import { interpolate } from '#core/numeric'
import type { RodKind, RodPower } from '#core/terms'

/** Metres with a plain plug at 70 % of the rod's window, no wind (assumed, A5). */
const BASE_M: Record<RodKind, number> = { casting: 32, spinning: 34, surf: 75, jigging: 32, trolling: 32, fly: 18 }
const LIGHT_SPINNING_M = 28
/** Share of the length against the load's place in the window: 0.6 at its lower end, 1 at 70 %, 0.85 at its upper end (assumed, A5). */
const LOAD = { place: [0, 0.7, 1], share: [0.6, 1, 0.85] }

export interface CastInput {
  readonly rod: RodKind
  readonly power: RodPower | null
  /** Complete weight over the rod's window, 0 at its lower end, 1 at its upper. */
  readonly loadPlace: number
  /** How far the lure flies against a plain plug: `castFactor` of its family. */
  readonly castFactor: number
}

/**
 * How far this is likely to go, without wind.
 *
 * Error:  ±25 %; shown as assumed until the angler measures.
 * Source: assumed (A5).
 *
 * @returns metres
 */
export function castLength({ rod, power, loadPlace, castFactor }: CastInput): number {
  const light = rod === 'spinning' && (power === 'ultralight' || power === 'light')
  return (light ? LIGHT_SPINNING_M : BASE_M[rod]) * interpolate(LOAD.place, LOAD.share, loadPlace) * castFactor
}
