import { type EyeId, type EyeRow, EYES } from '#core/knowledge'
import { pigmentAbsorbance } from './pigment'
import { WAVELENGTHS } from './spectrum'
import { STEP_NM } from './surface'

/** Photons caught per radiance: pupil 4 mm, a pool of 1 square degree, 50 ms and 5 % (cones), 200 ms and 30 % (rods). Assumed. */
const CONE_CATCH = 9.5e-12
const ROD_CATCH = 2.3e-10
/** Dark events of a pool. Assumed. */
const CONE_DARK = 100
const ROD_DARK = 2
/** Added to both catches, so that darkness gives no difference instead of noise. */
const CONE_FLOOR = 2
const ROD_FLOOR = 0.2
/** Weber fraction of the commonest cone, of brightness, of rods. Assumed. */
const CONE_NOISE = 0.05
const ROD_NOISE = 0.1
/** Rods give way to cones from this catch on. Assumed. */
const ROD_SATURATION = 5e5
const LENS_WIDTH_NM = 8

interface Receptor {
  readonly sensitivity: readonly number[]
  readonly noise: number
}
export interface Eye {
  readonly cones: readonly Receptor[]
  readonly brightness: readonly number[]
  readonly rod: Receptor
}

const BUILT = new Map<EyeId, Eye>()

/** Receptors of a kind of eye with its lens, ready to catch light. */
export function eyeOf(id: EyeId): Eye {
  let eye = BUILT.get(id)
  if (!eye) {
    const row: EyeRow = EYES[id]
    const lens = WAVELENGTHS.map(l => 1 / (1 + Math.exp(-(l - row.lensNm) / LENS_WIDTH_NM)))
    const through = (lambdaMaxNm: number, chromophore: 'A1' | 'A2', factor: number) =>
      WAVELENGTHS.map((l, i) => pigmentAbsorbance(lambdaMaxNm, l, chromophore) * lens[i]! * factor * STEP_NM)
    const most = Math.max(...row.cones.map(c => c.number))
    eye = {
      cones: row.cones.map(c => ({
        sensitivity: through(c.lambdaMaxNm, c.chromophore, CONE_CATCH),
        noise: CONE_NOISE * Math.sqrt(most / c.number),
      })),
      brightness: row.cones.flatMap((c, i) => (row.brightness.includes(c.lambdaMaxNm) ? [i] : [])),
      rod: {
        sensitivity: through(row.rod.lambdaMaxNm, row.rod.chromophore, ROD_CATCH * row.rod.gain),
        noise: ROD_NOISE,
      },
    }
    BUILT.set(id, eye)
  }
  return eye
}

/** Photons that an eye catches from a radiance: each cone, and the rods. */
export interface Caught {
  readonly cones: readonly number[]
  readonly rod: number
}

export function caughtBy(eye: Eye, radiance: readonly number[]): Caught {
  return { cones: eye.cones.map(c => dot(c.sensitivity, radiance)), rod: dot(eye.rod.sensitivity, radiance) }
}

/** The catch of a radiance that loses a part on the way and gains light of the water: both worked out once for many radiances. */
export function catching(
  eye: Eye,
  kept: readonly number[],
  gained: readonly number[],
): (radiance: readonly number[]) => Caught {
  const weights = (receptor: Receptor) => receptor.sensitivity.map((s, i) => s * kept[i]!)
  const own = caughtBy(eye, gained)
  const cones = eye.cones.map(weights)
  const rod = weights(eye.rod)
  return radiance => ({
    cones: cones.map((cone, i) => own.cones[i]! + dot(cone, radiance)),
    rod: own.rod + dot(rod, radiance),
  })
}

function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!
  return sum
}

/** Just-noticeable differences between a target and what lies beside it. */
export interface Difference {
  readonly hue: number
  readonly brightness: number
  readonly rod: number
}

export function total({ hue, brightness, rod }: Difference): number {
  return Math.sqrt(hue * hue + brightness * brightness + rod * rod)
}

/**
 * How different two catches are to an eye whose receptors are limited by their own noise and by the number of photons.
 *
 * Source: Vorobyev & Osorio 1998 for 2, 3, 4 cones; photon noise added. Zero for equal catches, symmetric in sign of the contrast.
 *
 * @param rodTarget rods are slow: they see the mean of a flashing target
 */
export function difference(eye: Eye, target: Caught, beside: Caught, rodTarget = target.rod): Difference {
  let weights = 0
  let weighted = 0
  let squares = 0
  for (let i = 0; i < eye.cones.length; i++) {
    const [a, b] = [target.cones[i]!, beside.cones[i]!]
    const f = Math.log((a + CONE_FLOOR) / (b + CONE_FLOOR))
    const u = 1 / noiseSquared(eye.cones[i]!.noise, (a + b) / 2, CONE_DARK)
    weights += u
    weighted += u * f
    squares += u * f * f
  }
  const bright = (caught: Caught) => eye.brightness.reduce((sum, i) => sum + caught.cones[i]!, 0)
  const [a, b] = [bright(target), bright(beside)]
  const brightness =
    Math.abs(Math.log((a + CONE_FLOOR) / (b + CONE_FLOOR))) /
    Math.sqrt(noiseSquared(CONE_NOISE, (a + b) / 2, CONE_DARK))
  const rods = (rodTarget + beside.rod) / 2
  const rod =
    Math.abs(Math.log((rodTarget + ROD_FLOOR) / (beside.rod + ROD_FLOOR))) /
    Math.sqrt(noiseSquared(ROD_NOISE, rods, ROD_DARK)) /
    (1 + rods / ROD_SATURATION)
  return { hue: Math.sqrt(Math.max(0, squares - (weighted * weighted) / weights)), brightness, rod }
}

/** Square of a receptor's error of ln(catch): its own noise, and the chance of few photons. */
function noiseSquared(weber: number, q: number, dark: number): number {
  return weber * weber + (q + dark) / Math.max(q, 1e-9) ** 2
}

/** How much of its day-time sharpness an eye has left against this background, 0..1; the better of cones and rods. */
export function sharpness(eye: Eye, beside: Caught): number {
  const q = eye.brightness.reduce((sum, i) => sum + beside.cones[i]!, 0)
  const share = (weber: number, caught: number, dark: number) => (weber * weber) / noiseSquared(weber, caught, dark)
  return Math.max(share(CONE_NOISE, q, CONE_DARK), share(ROD_NOISE, beside.rod, ROD_DARK))
}
