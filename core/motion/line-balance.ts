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
/**
 * Lure and bowed line at one place: how far they are from agreeing on the line's direction, for any speed. What hangs on the place alone is worked out once, for a root is searched there in some seven steps.
 */
export class LineBalance {
  private readonly sin: number
  private readonly cos: number
  private readonly dry: number
  private readonly halfDensity: number
  private readonly sagging: number
  private readonly dragging: number
  private readonly drift: number

  constructor(
    private readonly lure: RetrievedLure,
    line: RetrieveLine,
    private readonly water: RetrieveWater,
    private readonly state: ChordState,
  ) {
    const { chord, angle, tip } = state
    this.sin = Math.sin(angle)
    this.cos = Math.cos(angle)
    const depth = Math.max(0, chord * this.sin - tip)
    const dry = 1 - (depth + tip > 0 ? depth / (depth + tip) : 0)
    this.dry = dry
    this.halfDensity = water.density / 2
    this.sagging =
      (STANDARD_GRAVITY *
        Math.PI *
        line.diameter *
        line.diameter *
        chord *
        this.cos *
        ((line.density - water.density) * (1 - dry * dry) + line.density * dry * dry)) /
      8
    this.dragging = (chord * water.density * NORMAL_COEFFICIENT * line.diameter) / 2
    this.drift = water.current * this.sin
  }

  /** θ + bow − φ: what the chord and the bowed line give, less what the lure needs [rad], for a speed `along` the chord and one `across` it (down and forward +). Rises with the speed across the chord. */
  excess(along: number, across: number): number {
    const {
      lure,
      state: { angle },
      sin,
      cos,
    } = this
    const forward = along * cos + across * sin + this.water.current
    const downward = -along * sin + across * cos
    const q = this.halfDensity * Math.sqrt(forward * forward + downward * downward)
    const pull = q * (lure.dragArea * forward + lure.liftArea * downward)
    const hold = q * (-lure.dragArea * downward + lure.liftArea * forward) + lure.netWeight
    return angle + this.bowUnder(Math.max(1e-9, Math.sqrt(pull * pull + hold * hold)), across) - Math.atan2(hold, pull)
  }

  /** Angle between line end and chord [rad]. */
  bow(along: number, across: number): number {
    const { lure, sin, cos } = this
    const forward = along * cos + across * sin + this.water.current
    const downward = -along * sin + across * cos
    const q = this.halfDensity * Math.sqrt(forward * forward + downward * downward)
    return this.bowUnder(
      Math.max(
        1e-9,
        Math.hypot(
          q * (lure.dragArea * forward + lure.liftArea * downward),
          q * (-lure.dragArea * downward + lure.liftArea * forward) + lure.netWeight,
        ),
      ),
      across,
    )
  }

  private bowUnder(tension: number, across: number): number {
    return (
      (this.dragging * bowIntegral(this.drift, across, this.dry) -
        Math.min(this.sagging, tension * Math.max(0, this.state.angle))) /
      tension
    )
  }
}

/** ∫ |a + bτ| (a + bτ) τ dτ from `from` to 1. */
function bowIntegral(a: number, b: number, from: number): number {
  if (a === 0) return (Math.abs(b) * b * (1 - from * from * from * from)) / 4
  const primitive = (t: number) => t * t * ((a * a) / 2 + t * ((2 * a * b) / 3 + (t * b * b) / 4))
  const turn = b === 0 ? Infinity : -a / b
  const part = (low: number, high: number) => Math.sign(a + (b * (low + high)) / 2) * (primitive(high) - primitive(low))
  return turn > from && turn < 1 ? part(from, turn) + part(turn, 1) : part(from, 1)
}
