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
export interface RetrieveWater {
  /** [kg/m³] */
  readonly density: number
  /** Current running away from the rod [m/s]. */
  readonly current: number
}

/**
 * Lure and bowed line: how far they are from agreeing on the line's direction, at one place after the other and for any speed there.
 * What hangs on the place alone is worked out once, for a root is searched there in some three steps; and a path of many places makes nothing anew, for thousands are asked for.
 */
export class LineBalance {
  /** Sine and cosine of the chord's angle. */
  sin = 0
  cos = 1
  private angle = 0
  /** Along the line, running away from the rod [m/s]. */
  private current = 0
  private dry = 0
  private sagging = 0
  private dragging = 0
  private drift = 0
  private readonly halfDensity: number

  /** `waterDensity` [kg/m³]; `tip`: above the water [m]. */
  constructor(
    private readonly lure: RetrievedLure,
    private readonly line: RetrieveLine,
    private readonly waterDensity: number,
    private readonly tip: number,
  ) {
    this.halfDensity = waterDensity / 2
  }

  /** Where the lure is, seen from the tip: length of the chord [m] and its angle below the horizontal [rad]; `current`: what runs away from the rod along the line [m/s]. */
  at(chord: number, angle: number, current: number): this {
    const { line, waterDensity, tip } = this
    this.angle = angle
    this.current = current
    this.sin = Math.sin(angle)
    this.cos = Math.cos(angle)
    const depth = Math.max(0, chord * this.sin - tip)
    const dry = 1 - (depth + tip > 0 ? depth / (depth + tip) : 0)
    this.dry = dry
    this.sagging =
      (STANDARD_GRAVITY *
        Math.PI *
        line.diameter *
        line.diameter *
        chord *
        this.cos *
        ((line.density - waterDensity) * (1 - dry * dry) + line.density * dry * dry)) /
      8
    this.dragging = (chord * waterDensity * NORMAL_COEFFICIENT * line.diameter) / 2
    this.drift = current * this.sin
    return this
  }

  /** θ + bow − φ: what the chord and the bowed line give, less what the lure needs [rad], for a speed `along` the chord and one `across` it (down and forward +). Rises with the speed across the chord. */
  excess(along: number, across: number): number {
    const { lure, angle, sin, cos } = this
    const forward = along * cos + across * sin + this.current
    const downward = -along * sin + across * cos
    const q = this.halfDensity * Math.sqrt(forward * forward + downward * downward)
    const pull = q * (lure.dragArea * forward + lure.liftArea * downward)
    const hold = q * (-lure.dragArea * downward + lure.liftArea * forward) + lure.netWeight
    return angle + this.bowUnder(Math.max(1e-9, Math.sqrt(pull * pull + hold * hold)), across) - Math.atan2(hold, pull)
  }

  /** Angle between line end and chord [rad]. */
  bow(along: number, across: number): number {
    const { lure, sin, cos } = this
    const forward = along * cos + across * sin + this.current
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
        Math.min(this.sagging, tension * Math.max(0, this.angle))) /
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
