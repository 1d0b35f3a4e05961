import type { Ask } from '#core/ask'
import type { TacticRow } from '#core/knowledge'
import type { Assembled, LureProfile, PreparedOutfit } from '#core/lure'
import type { Part } from '#core/tackle'
import type { Cadence } from '#core/terms'
import type { Contact, Placement } from './presentation'
import type { Tackle } from './presented'
import type { Gains, LureWay, MouldWay, Terms } from './terms'
import type { TrailerChoice, TrailersFor } from './trailer'

/** What a ranking shares between all its lures. */
export interface Scene {
  readonly ask: Ask
  readonly waterDensity: number
  readonly contact: Contact
  readonly parts: readonly Part[]
  /** Spoons that can carry a fly. */
  readonly spoons: readonly LureProfile[]
  readonly terms: Terms
  /** Log-odds that could be won on each axis, in the order of the axes. */
  readonly most: Float64Array
  /** What no rod and no rig changes. */
  readonly gainsOf: (profile: LureProfile) => Gains
  /** What its paint wins in this light. */
  readonly lookGainsOf: (profile: LureProfile) => Gains
  /** Log-odds that paint adds at most. */
  readonly mostLook: number
  readonly wayGainsOf: (profile: LureProfile, way: MouldWay) => Gains
  readonly hungGainsOf: (tackle: Assembled, way: LureWay) => Gains
  readonly trailers: TrailersFor
  readonly outfits: readonly PreparedOutfit[]
  readonly inCover: boolean
  /** Tactics of this ask, with the cadence that each takes here. */
  readonly tactics: ReadonlyMap<TacticRow, ReadyTactic>
  /** Log-odds that are won by depth and pace where they are met in full, and the share of the rod's, as fitted. */
  readonly scales: Readonly<Record<'depth' | 'speed' | 'rod', number>>
}
/** `lift`: its log-odds as fitted. */
export interface ReadyTactic {
  readonly tactic: TacticRow
  readonly cadence: Cadence
  readonly pauseS: number | null
  readonly lift: number
}

/** What hangs on the line, fished one way, and the part of its odds that no rod and no paint changes. */
export interface Assembly extends Assembled {
  readonly ready: ReadyTactic
  readonly way: MouldWay
  readonly choice: TrailerChoice
  readonly totalG: number
  /** Log-odds that depth and pace add at most. */
  readonly mostPlaced: number
  /** Of the way it is fished, and of what hangs on the line. */
  readonly levels: readonly [Gains, Gains]
  readonly odds: number
}

/** One complete set-up with its odds, but for what the lure itself wins: that of all lures out of one mould, before it is told. */
export interface Thrown {
  readonly assembly: Assembly
  readonly outfit: PreparedOutfit | null
  readonly tackle: Tackle
  readonly placement: Placement
  readonly rod: number
  readonly odds: number
}

/** Share of the rod's log-odds that the lure is judged by: rods decide first among themselves. Assumed. */
const ROD_SHARE = 0.5

/** What depth, pace and rod weigh under an ask. */
export function scalesOf({ axes, fitted }: Ask): Scene['scales'] {
  return {
    depth: (fitted['axis:depth'] ?? 1) * axes.depth.weight,
    speed: (fitted['axis:speed'] ?? 1) * axes.speed.weight,
    rod: fitted['axis:rod'] ?? ROD_SHARE,
  }
}

/** What depth or pace adds: all that was asked of it where it is met in full, as much against where it is missed. */
export function placedGain(axis: 'depth' | 'speed', fit: number, { scales }: Scene): number {
  return scales[axis] * (2 * fit - 1)
}
