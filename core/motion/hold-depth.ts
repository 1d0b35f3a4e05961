import { bisect, requirePositive } from '#core/numeric'

/** Normal drag coefficient of line in the cast-and-retrieve model: effective, fitted to a lumped line simulation; not the 1.2 of a towed line. */
const LINE_NORMAL_COEFFICIENT = 1.5

/** Bisection steps: 2⁻²⁴ of the bare speed, far below the model's error. */
const STEPS = 24

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
  requirePositive('holdSpeed', 'depth', depth)
  requirePositive('holdSpeed', 'distance', line.distance)
  requirePositive('holdSpeed', 'dragArea', lure.dragArea)
  requirePositive('holdSpeed', 'diameter', line.diameter)
  if (lure.netWeight <= 0) return null
  const theta = Math.atan2(depth + line.tip, line.distance)
  const chord = Math.sqrt((depth + line.tip) ** 2 + line.distance ** 2)
  const wet = depth / (depth + line.tip)
  const bowFactor = (waterDensity * LINE_NORMAL_COEFFICIENT * line.diameter * chord * Math.sin(theta) ** 2 * (1 - (1 - wet) ** 4)) / 8
  const excess = (v: number) => {
    const D = (waterDensity * v * v * lure.dragArea) / 2
    const down = lure.netWeight - D * lure.liftRatio
    const T = Math.sqrt(D * D + down * down)
    return Math.atan2(down, D) - theta - (bowFactor * v * v) / T
  }
  // Without line the lure would hold at v² = 2W/(ρ CdA (tan θ + k)): the line only ever slows it.
  const bare = Math.sqrt((2 * lure.netWeight) / (waterDensity * lure.dragArea * (Math.tan(theta) + lure.liftRatio)))
  const horizontal = bisect(excess, bare * 1e-4, bare * 1.0001, STEPS)
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
