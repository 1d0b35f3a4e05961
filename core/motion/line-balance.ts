import { STANDARD_GRAVITY } from './sink'

/**
 * The reduced cast-and-retrieve model: a lure on a line whose upper end stands still, with the line sliding along itself.
 * Shared by the retrieve path and by holding a depth.
 * Source: derived; the normal coefficient is effective, fitted so that 31 cases agree with a lumped line simulation (deepest point: mean 0 %, rms 7 %).
 */

/** Effective in this model only; a towed or hanging line has 1.2. */
const NORMAL_COEFFICIENT = 1.5

export interface RetrievedLure {
  /** C_d·A on the retrieve [m²]. */
  readonly dragArea: number
  /** C_l·A, down + (a lip dives, blades lift) [m²]. */
  readonly liftArea: number
  /** Weight in water, down + [N]. */
  readonly netWeight: number
}
export interface RetrieveLine {
  /** [m] */
  readonly diameter: number
  /** [kg/m³] */
  readonly density: number
}
/** Where the lure is, seen from the tip. */
export interface ChordState {
  /** Length of the chord from tip to lure [m]. */
  readonly chord: number
  /** Angle of the chord below the horizontal [rad]. */
  readonly angle: number
  /** Tip above the water [m]. */
  readonly tip: number
}
export interface RetrieveWater {
  /** [kg/m³] */
  readonly density: number
  /** Current running away from the rod [m/s]. */
  readonly current: number
}
export interface Imbalance {
  /** θ + bow − φ: what the chord and the bowed line give, less what the lure needs [rad]. Rises with the speed across the chord. */
  readonly excess: number
  /** Angle between line end and chord [rad]. */
  readonly bow: number
}

/** How far line and lure are from agreeing on the line's direction, for a speed `along` the chord and one `across` it (down and forward +). */
export function imbalance(lure: RetrievedLure, line: RetrieveLine, water: RetrieveWater, state: ChordState, along: number, across: number): Imbalance {
  const { chord, angle, tip } = state
  const sin = Math.sin(angle)
  const cos = Math.cos(angle)
  const forward = along * cos + across * sin + water.current
  const downward = -along * sin + across * cos
  const speed = Math.sqrt(forward * forward + downward * downward)
  const q = (water.density * speed) / 2
  const pull = q * (lure.dragArea * forward + lure.liftArea * downward)
  const hold = q * (-lure.dragArea * downward + lure.liftArea * forward) + lure.netWeight
  const tension = Math.max(1e-9, Math.sqrt(pull * pull + hold * hold))
  const depth = Math.max(0, chord * sin - tip)
  const wet = depth + tip > 0 ? depth / (depth + tip) : 0
  const dry = 1 - wet
  const drag = (water.density * NORMAL_COEFFICIENT * line.diameter) / 2
  const drift = water.current * sin
  const sag = (STANDARD_GRAVITY * Math.PI * line.diameter ** 2 * chord * cos * ((line.density - water.density) * (1 - dry * dry) + line.density * dry * dry)) / (8 * tension)
  const bow = (chord * drag * bowIntegral(drift, across, dry)) / tension - Math.min(sag, Math.max(0, angle))
  return { excess: angle + bow - Math.atan2(hold, pull), bow }
}

/** ∫ |a + bτ| (a + bτ) τ dτ from `from` to 1. */
function bowIntegral(a: number, b: number, from: number): number {
  if (a === 0) return (Math.abs(b) * b * (1 - from * from * from * from)) / 4
  const primitive = (t: number) => (a * a * t * t) / 2 + (2 * a * b * t ** 3) / 3 + (b * b * t ** 4) / 4
  const turn = b === 0 ? Infinity : -a / b
  const part = (low: number, high: number) => Math.sign(a + (b * (low + high)) / 2) * (primitive(high) - primitive(low))
  return turn > from && turn < 1 ? part(from, turn) + part(turn, 1) : part(from, 1)
}
