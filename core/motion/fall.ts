import { LINE_DENSITY } from '#core/knowledge'
import { bisect, requirePositive } from '#core/numeric'
import { netWeight, type SinkingBody, sinkSpeedOfWeight, STANDARD_GRAVITY } from './sink'

/** Added mass of a compact body, as a share of the water it displaces. From memory (sphere: exactly ½). */
const ADDED_MASS = 0.5
/** Tangential drag coefficient of line pulled along itself, on its wetted surface πdz. Derived from axial flow on a long thin cylinder. */
export const LINE_SKIN_COEFFICIENT = 0.01

export interface FallingLine {
  /** [m]; 0: no line. */
  readonly diameter: number
  /** [kg/m³] */
  readonly density: number
}

const NO_LINE: FallingLine = { diameter: 0, density: LINE_DENSITY.nylon }
/** Depth steps of the integration; 400 agree with 4000 within 0.02 %. */
const STEPS = 400

/**
 * Time to fall from rest at the surface through `depth`, pulling slack line down behind.
 *
 * Integrates v dv/dz = F(z, v)/(m + ½ρV), F = W + line weight − ½ρ(CdA + Ct π d z) v², in v² over depth (each step exact for its own z).
 *
 * Valid:  Re ≳ 10³, still water. Error: that of the drag area (±40 % guessed, 3–10 % fitted); the start from rest is within 2 %.
 * Source: derived.
 *
 * @returns seconds; `null` when the body floats, or when the line's drag and buoyancy stop it before that depth
 * @throws {RangeError} if depth is not positive
 */
export function fallTime(
  body: SinkingBody,
  depth: number,
  waterDensity: number,
  line: FallingLine = NO_LINE,
): number | null {
  requirePositive('fallTime', 'depth', depth)
  const W = netWeight(body.mass, body.volume, waterDensity)
  if (W <= 0) return null
  const inertia = body.mass + ADDED_MASS * waterDensity * body.volume
  const lineWeightPerM = ((line.density - waterDensity) * Math.PI * line.diameter ** 2 * STANDARD_GRAVITY) / 4
  const dz = depth / STEPS
  let v2 = 0
  let time = 0
  for (let i = 0; i < STEPS; i++) {
    const z = (i + 0.5) * dz
    const force = W + lineWeightPerM * z
    if (force <= 0) return null
    const area = body.dragArea + LINE_SKIN_COEFFICIENT * Math.PI * line.diameter * z
    const terminal2 = (2 * force) / (waterDensity * area)
    const next2 = terminal2 + (v2 - terminal2) * Math.exp((-waterDensity * area * dz) / inertia)
    // Mean of the speeds; over the first step from rest the motion is uniformly accelerated, where the mean is exact too.
    time += (2 * dz) / (Math.sqrt(v2) + Math.sqrt(next2))
    v2 = next2
  }
  return time
}

/** Reasonable limits of a lure's fall drag area [m²]: a bare shot to a flutter spoon on its side. */
const LEAST_AREA = 1e-7
const GREATEST_AREA = 1

export interface FallFit {
  /** Drag coefficient × area [m²]. */
  readonly dragArea: number
  /** Terminal speed without line [m/s]. */
  readonly speed: number
  /** Standard error of the speed from the spread of the drops, as a share; `null` for a single drop. */
  readonly relativeError: number | null
}

/**
 * Drag area from timed drops: the area whose computed fall time is the mean time.
 *
 * Ask for 2 m of fall or more; 10 % in time is 20 % in the area.
 *
 * @param times seconds from rest at the surface
 * @returns `null` when the body does not sink, or when no drag area gives such a time (faster than a body without drag)
 * @throws {RangeError} if there are no times or one is not positive
 */
export function fitFall(
  body: Omit<SinkingBody, 'dragArea'>,
  depth: number,
  times: readonly number[],
  waterDensity: number,
  line: FallingLine = NO_LINE,
): FallFit | null {
  if (times.length === 0) throw new RangeError('fitFall: times must not be empty')
  for (const time of times) requirePositive('fitFall', 'times', time)
  const mean = times.reduce((a, b) => a + b) / times.length
  const W = netWeight(body.mass, body.volume, waterDensity)
  if (W <= 0) return null
  const lnArea = bisect(
    x => (fallTime({ ...body, dragArea: Math.exp(x) }, depth, waterDensity, line) ?? Infinity) - mean,
    Math.log(LEAST_AREA),
    Math.log(GREATEST_AREA),
    50,
  )
  if (lnArea === null) return null
  const dragArea = Math.exp(lnArea)
  return { dragArea, speed: sinkSpeedOfWeight(W, dragArea, waterDensity), relativeError: standardError(times, mean) }
}

function standardError(times: readonly number[], mean: number): number | null {
  if (times.length < 2) return null
  const variance = times.reduce((sum, t) => sum + (t - mean) ** 2, 0) / (times.length - 1)
  return Math.sqrt(variance / times.length) / mean
}
