import type { DepthControl } from '#core/knowledge'
import type { DiveRating } from '#core/motion'
import type { ActionStyle, Cadence, Mode } from '#core/terms'

/** The bait as water and line feel it. */
export interface Bait {
  /** C_d·A on the retrieve and on the fall [m²]. */
  readonly towArea: number
  readonly fallArea: number
  /** Lift over drag on the retrieve, up +. */
  readonly liftRatio: number
  /** Weight in water, down + [N]. */
  readonly netWeight: number
  /** Speed of the fall as it is known (a timed drop outranks the areas) [m/s]; 0: does not sink. */
  readonly fallMs: number
  /** Known running depth of what dives by a lip. */
  readonly rated: DiveRating | null
  readonly style: ActionStyle
  /** Speeds at which it works [m/s]. */
  readonly window: { readonly min: number; readonly best: number; readonly max: number }
}

/** Everything that decides the course of a bait through the water. A plain value, so that it can cross to a worker. */
export interface Presented {
  readonly control: DepthControl
  readonly mode: Mode
  readonly cadence: Cadence
  readonly pauseS: number | null
  /** Depth it is counted down or let down to [m]. */
  readonly depthM: number
  readonly bottomM: number
  /** Horizontal distance from the rod at which it begins [m]. */
  readonly castM: number
  readonly lineOutM: number | null
  readonly tipM: number
  /** Through the water [m/s]. */
  readonly speedMs: number
  readonly lineDiameterMm: number
  /** [kg/m³] */
  readonly lineDensity: number
  readonly waterDensity: number
  /** Stream along the cast, running away from the rod + [m/s]. */
  readonly currentMs: number
  /** Stream across the cast, which swings the line down with it [m/s]. */
  readonly sideMs: number
  /** Fall of the bottom for each metre away from the rod; `bottomM` is read off an ordinary cast out. 0 under the boat, where the fish are the place. */
  readonly slope: number
  /** How far the waves lift the rod tip and let it down [m]. */
  readonly heaveM: number
  readonly dropLeaderM: number | null
  /** It works as it falls: the first fall counts as much as what follows. */
  readonly fallWorks: boolean
  /** A trolling weight, a diving plane or a downrigger holds it at its depth. */
  readonly gear: boolean
  /** Depths that are in front of the fish [m]. */
  readonly band: { readonly fromM: number; readonly toM: number }
  readonly bait: Bait
}
