import { interpolate } from '#core/numeric'
import type { RodKind, RodPower } from '#core/terms'

/** Metres with a plain plug at 70 % of the rod's window, no wind (assumed, A5). */
const BASE_M: Record<RodKind, number> = { casting: 32, spinning: 34, surf: 75, jigging: 32, trolling: 32, fly: 18 }
const LIGHT_SPINNING_M = 28
/** Share of the length against the load's place in the window: 0.6 at its lower end, 1 at 70 %, 0.85 at its upper end (assumed, A5). */
const LOAD = { place: [0, 0.7, 1], share: [0.6, 1, 0.85] }

/** Usual length of each kind of rod [m], and the power by which a longer one throws farther. Assumed (A5). */
const USUAL_LENGTH_M: Record<RodKind, number> = {
  casting: 2.13,
  spinning: 2.13,
  surf: 3.2,
  jigging: 1.9,
  trolling: 2.4,
  fly: 2.7,
}
const BY_LENGTH = 1.5

export interface CastInput {
  readonly rod: RodKind
  readonly power: RodPower | null
  /** Length of the rod [m]; absent: the usual one of its kind. */
  readonly lengthM?: number | null
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
export function castLength({ rod, power, lengthM, loadPlace, castFactor }: CastInput): number {
  const light = rod === 'spinning' && (power === 'ultralight' || power === 'light')
  return (
    (light ? LIGHT_SPINNING_M : BASE_M[rod]) *
    ((lengthM ?? USUAL_LENGTH_M[rod]) / USUAL_LENGTH_M[rod]) ** BY_LENGTH *
    interpolate(LOAD.place, LOAD.share, loadPlace) *
    castFactor
  )
}
