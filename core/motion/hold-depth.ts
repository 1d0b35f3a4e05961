import { bisect, illinois, requirePositive, rootOfRising } from '#core/numeric'
import { LineBalance, type RetrievedLure, type RetrieveLine, type RetrieveWater } from './line-balance'

export interface HoldPlace {
  /** Depth to hold [m]. */
  readonly depth: number
  /** Horizontal distance from tip to lure [m]. */
  readonly distance: number
  /** Rod tip above the water [m]. */
  readonly tip: number
}

/** Share of the speed, and angle [rad], to which the balance is met: far below the model's error. */
const CLOSE = 1e-6
/** Sagging line in the air lets the lure be wound a little faster than without line. Assumed. */
const SAG_ALLOWANCE = 1.3

/**
 * Retrieve speed at which a lure neither climbs nor sinks at a given depth and distance: the speed across the chord is then u tan θ.
 *
 * Valid:  bow ≤ 0.4 rad; one moment of a cast, not the whole path.
 * Error:  4–20 % against a lumped line simulation, worst close to the rod.
 * Source: derived (`line-balance.ts`).
 *
 * @returns line speed at the reel [m/s]; `null` when the lure floats, or when the current alone lifts it: no speed holds it down
 * @throws {RangeError} if depth, distance, drag area or diameter is not positive
 */
export function holdSpeed(
  lure: RetrievedLure,
  line: RetrieveLine,
  water: RetrieveWater,
  place: HoldPlace,
): number | null {
  requirePositive('holdSpeed', 'depth', place.depth)
  requirePositive('holdSpeed', 'distance', place.distance)
  requirePositive('holdSpeed', 'dragArea', lure.dragArea)
  requirePositive('holdSpeed', 'line.diameter', line.diameter)
  if (lure.netWeight <= 0) return null
  const height = place.depth + place.tip
  const tangent = height / place.distance
  const chord = Math.sqrt(height * height + place.distance * place.distance)
  const angle = Math.atan(tangent)
  // Without line the lure would hold at v² = 2W/(ρ(CdA tan θ − ClA)), v its way through the water: the line slows it, but for its sag.
  const resisting = lure.dragArea * tangent - lure.liftArea
  if (resisting <= 0) return null
  const bare = Math.sqrt((2 * lure.netWeight) / (water.density * resisting)) * Math.cos(angle)
  const balance = new LineBalance(lure, line, water.density, place.tip).at(chord, angle, water.current)
  return illinois(u => balance.excess(u, u * tangent), bare * 1e-4, bare * SAG_ALLOWANCE, { x: bare * CLOSE, f: CLOSE })
}

/** Greatest speed across the chord that is searched, the first step of that search, and how close it is met [m/s, m/s, rad]. */
const ACROSS = { fastest: 6, step: 0.05, close: { x: 1e-4, f: 1e-4 } } as const

/**
 * Speed at which a lure wound at a speed rises at some place (+ up) [m/s].
 *
 * Source: derived (`line-balance.ts`).
 */
export function climb(
  lure: RetrievedLure,
  line: RetrieveLine,
  water: RetrieveWater,
  { depth, distance, tip }: HoldPlace,
  speed: number,
): number {
  const angle = Math.atan2(depth + tip, distance)
  const chord = Math.hypot(depth + tip, distance)
  const balance = new LineBalance(lure, line, water.density, tip).at(chord, angle, water.current)
  const across = rootOfRising(
    v => balance.excess(speed, v),
    0,
    ACROSS.step,
    [-ACROSS.fastest, ACROSS.fastest],
    ACROSS.close,
  )
  return speed * Math.sin(angle) - across * Math.cos(angle)
}

/** "At the surface" [m]. */
const SHALLOWEST = 0.05

/**
 * Deepest that a lure can be held at a retrieve speed: the inverse of `holdSpeed` in depth.
 *
 * @returns depth [m], 0 when the speed lifts it to the surface, `deepest` when even there it could go faster
 */
export function holdDepth(
  lure: RetrievedLure,
  line: RetrieveLine,
  water: RetrieveWater,
  place: Omit<HoldPlace, 'depth'>,
  speed: number,
  deepest: number,
): number {
  const spare = (depth: number) => (holdSpeed(lure, line, water, { ...place, depth }) ?? 0) - speed
  if (deepest <= SHALLOWEST || spare(SHALLOWEST) <= 0) return 0
  if (spare(deepest) >= 0) return deepest
  return bisect(spare, SHALLOWEST, deepest, 30) ?? 0
}
