import { bisect } from '#core/numeric'

/** Normal drag coefficient of line in the cast-and-retrieve model: effective, fitted to a lumped line simulation; not the 1.2 of a towed line. */
const LINE_NORMAL_COEFFICIENT = 1.5

export interface HeldLure {
  /** Weight in water [N], positive down. */
  readonly netWeight: number
  /** Drag coefficient × area on the retrieve [m²]. */
  readonly dragArea: number
  /** Lift area over drag area, positive up (blades lift); 0 for a plain body. */
  readonly liftRatio: number
}

export interface LineToLure {
  /** [m] */
  readonly diameter: number
  /** Rod tip above the water [m]. */
  readonly tip: number
  /** Horizontal distance from tip to lure [m]. */
  readonly distance: number
}

/**
 * Retrieve speed at which a sinking lure neither climbs nor sinks at a given depth and distance.
 *
 * The line must leave the lure at the chord's angle plus the line's own bow: φ(v) = θ + δ(v), solved for v by bisection.
 *
 * Valid:  still water, bow ≤ 0.4 rad, straight line through air; one moment of a cast, not the whole path.
 * Error:  4–20 % against a lumped line simulation, worst close to the rod.
 * Source: derived (cast-and-retrieve model with vn = u tan θ).
 *
 * @param depth [m]
 * @returns line speed at the reel [m/s], or `null` when the lure floats: no speed holds it down
 * @throws {RangeError} if depth, distance, drag area or diameter is not positive
 */
export function holdSpeed(lure: HeldLure, line: LineToLure, depth: number, waterDensity: number): number | null {
  for (const [name, value] of Object.entries({ depth, distance: line.distance, dragArea: lure.dragArea, diameter: line.diameter })) {
    if (!(value > 0 && Number.isFinite(value))) throw new RangeError(`holdSpeed: ${name} must be positive and finite, got ${value}`)
  }
  if (lure.netWeight <= 0) return null
  const theta = Math.atan2(depth + line.tip, line.distance)
  const chord = Math.hypot(depth + line.tip, line.distance)
  const wet = depth / (depth + line.tip)
  const bowShare = (1 - (1 - wet) ** 4) / 8
  const excess = (v: number) => {
    const q = (waterDensity * v * v) / 2
    const D = q * lure.dragArea
    const down = lure.netWeight - D * lure.liftRatio
    const T = Math.hypot(D, down)
    const across = v * Math.sin(theta)
    const bow = (waterDensity * LINE_NORMAL_COEFFICIENT * line.diameter * chord * across * across * bowShare) / T
    return Math.atan2(down, D) - theta - bow
  }
  const horizontal = bisect(excess, 1e-3, 20)
  return horizontal === null ? null : horizontal * Math.cos(theta)
}

/**
 * Deepest that a lure can be held at a retrieve speed: the inverse of `holdSpeed` in depth.
 *
 * @returns depth [m], 0 when the speed lifts it to the surface, `deepest` when even there it could go faster
 */
export function holdDepth(lure: HeldLure, line: LineToLure, speed: number, deepest: number, waterDensity: number): number {
  const SHALLOWEST = 0.05 // [m] "at the surface"
  const spare = (depth: number) => (holdSpeed(lure, line, depth, waterDensity) ?? 0) - speed
  if (deepest <= SHALLOWEST || spare(SHALLOWEST) <= 0) return 0
  if (spare(deepest) >= 0) return deepest
  return bisect(spare, SHALLOWEST, deepest, 30) ?? 0
}
