import { bisect, requirePositive } from '#core/numeric'
import { STANDARD_GRAVITY } from './sink'

/**
 * Standard drag curve of a sphere.
 *
 * Valid:  Re < 3·10⁵ (before the drag crisis). Error: 6 % against the data.
 * Source: [clift-1970].
 */
export function sphereDragCoefficient(Re: number): number {
  return (24 / Re) * (1 + 0.15 * Re ** 0.687) + 0.42 / (1 + 42500 * Re ** -1.16)
}

export interface Fluid {
  /** [kg/m³] */
  readonly density: number
  /** [Pa·s] */
  readonly viscosity: number
}
export interface SphereFall {
  readonly speed: number
  readonly reynolds: number
  readonly dragCoefficient: number
}

/** Limit of the drag curve. */
const GREATEST_RE = 3e5

/**
 * Steady fall (or rise) of a sphere through a still fluid: (ρs − ρ) g πd³/6 = Cd(Re) ρ πd²/8 v².
 *
 * Source: balance of drag and weight with [clift-1970].
 *
 * @param diameter [m]
 * @param density of the sphere [kg/m³]
 * @returns speed down [m/s] (negative rises), Reynolds number, drag coefficient; `null` when the sphere hangs or Re would pass 3·10⁵
 * @throws {RangeError} if an argument is not positive
 */
export function sphereFall(diameter: number, density: number, fluid: Fluid): SphereFall | null {
  requirePositive('sphereFall', 'diameter', diameter)
  requirePositive('sphereFall', 'density', density)
  requirePositive('sphereFall', 'fluid.density', fluid.density)
  requirePositive('sphereFall', 'fluid.viscosity', fluid.viscosity)
  const excess = density - fluid.density
  if (excess === 0) return null
  const reynoldsPerSpeed = (fluid.density * diameter) / fluid.viscosity
  // 4/3 g d |Δρ|/ρ = Cd v²; written in ln Re, where both sides are tame.
  const wanted = ((4 / 3) * STANDARD_GRAVITY * diameter * Math.abs(excess)) / fluid.density
  const lnRe = bisect(
    x => {
      const Re = Math.exp(x)
      return sphereDragCoefficient(Re) * (Re / reynoldsPerSpeed) ** 2 - wanted
    },
    Math.log(1e-12),
    Math.log(GREATEST_RE),
    80,
  )
  if (lnRe === null) return null
  const reynolds = Math.exp(lnRe)
  return {
    speed: (Math.sign(excess) * reynolds) / reynoldsPerSpeed,
    reynolds,
    dragCoefficient: sphereDragCoefficient(reynolds),
  }
}
