import { LINE_DENSITY, TOWED_AT_30_M } from '#core/knowledge'
import { illinois, interpolate } from '#core/numeric'
import { deepestOnCast, type DiveRating } from './dive-cast'
import { LINE_SKIN_COEFFICIENT } from './fall'
import { plugDragArea, TOW_NORMAL_COEFFICIENT, type TowUse } from './tow'
import { COARSE_STEPS, type TowedBody, towLine } from './tow-line'

/** The rating cast to which a plug's known depth is brought before it is towed. */
const RATING_CAST = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8 }
/** The tow on which the table's towed depths hold. */
const RATING_TOW = { lineOut: 30, lineDiameter: 0.0003, tip: 0.8 }
/** Shallower than this a plug only wakes [m]. */
const LEAST_M = 0.05

/** Line of a rating: nylon [kg/m³]. A plug's depth hangs on speed through the weight of its line only; ratings are towed at a walk [m/s]. Assumed. */
const RATING_LINE = { density: LINE_DENSITY.nylon, speed: 1, water: 1000 }

/** How a line of so many metres lies behind a boat. */
export interface Tow {
  /** All line from tip to lure [m]. */
  readonly lineOut: number
  /** [m] */
  readonly lineDiameter: number
  /** [kg/m³] */
  readonly lineDensity: number
  /** Tip above the water [m]. */
  readonly tip: number
  /** [m/s] */
  readonly speed: number
  /** [kg/m³] */
  readonly waterDensity: number
}

/**
 * Depth and distance of a body on its whole line: weight in water and air, drag across it and along it.
 *
 * Error: 2 % beside the finely stepped line; ±10 % with the areas.
 *
 * @returns `null` when nothing holds it under
 * @throws {RangeError} as `towLine`
 */
export function towedOn(body: TowedBody, tow: Tow): { readonly depth: number; readonly distance: number } | null {
  const found = towLine(
    body,
    {
      diameter: tow.lineDiameter,
      density: tow.lineDensity,
      normalCoefficient: TOW_NORMAL_COEFFICIENT,
      tangentialCoefficient: LINE_SKIN_COEFFICIENT,
    },
    tow.speed,
    tow.lineOut,
    tow.tip,
    tow.waterDensity,
    COARSE_STEPS,
  )
  return 'surface' in found ? null : found
}

const ratingTow = (use: TowUse): Tow => ({
  ...use,
  lineDensity: RATING_LINE.density,
  speed: RATING_LINE.speed,
  waterDensity: RATING_LINE.water,
})

/**
 * The body of a plug of some weight in water [N] that runs at a depth behind a boat: its drag is the prior of `calibrateTow`, its lift what the whole line asks.
 * Slower than at its rating what floats comes up and what sinks goes down. `null`: no lift brings it there.
 */
function bodyRunningAt(depth: number, use: TowUse, netWeight: number): TowedBody | null {
  const dragArea = plugDragArea(depth)
  const pressure = (RATING_LINE.water * RATING_LINE.speed ** 2) / 2
  const body = (angle: number): TowedBody => ({
    dragArea,
    liftArea: dragArea * Math.tan(angle) - netWeight / pressure,
    netWeight,
  })
  const off = (lnAngle: number) => (towedOn(body(Math.exp(lnAngle)), ratingTow(use))?.depth ?? 0) - depth
  const lnAngle = illinois(off, ...LN_ANGLES, CLOSE)
  return lnAngle === null ? null : body(Math.exp(lnAngle))
}
/** Angles of pull that are searched [ln rad]: from hardly to straight down. */
const LN_ANGLES = [Math.log(1e-3), Math.log(Math.PI / 2 - 1e-4)] as const
/** Met so closely [ln rad, m]. */
const CLOSE = { x: 1e-5, f: 1e-3 }

const bodies = new WeakMap<DiveRating, Map<number, TowedBody | null>>()
/** Plugs are calibrated by steps of their weight in water [N]. */
const WEIGHT_STEP = 0.005

/**
 * A lipped plug behind a boat, from its depth on a cast: a known depth holds in its own mode only, so it is first brought to the tow.
 * Worked out once a rating. Source: dive model §4b, last row of its table.
 *
 * @param netWeight weight in water, down + [N]
 * @returns `null` when no lift brings it to the depth
 */
export function towedPlug(rating: DiveRating, netWeight = 0): TowedBody | null {
  let known = bodies.get(rating)
  if (!known) bodies.set(rating, (known = new Map()))
  const weight = WEIGHT_STEP * Math.round(netWeight / WEIGHT_STEP)
  let body = known.get(weight)
  if (body === undefined) {
    const cast = deepestOnCast(rating, RATING_CAST)
    const { cast: casts, towed } = TOWED_AT_30_M
    const ratio = interpolate(
      casts,
      casts.map((depth, i) => towed[i]! / depth),
      cast,
    )
    body = bodyRunningAt(Math.max(LEAST_M, cast * ratio), RATING_TOW, weight)
    known.set(weight, body)
  }
  return body
}

/**
 * The depth of a plug known behind a boat, brought to the rating cast: the inverse of what `towedPlug` does. Its `castM` is the line out.
 * Error: as the table, ±10 %.
 */
export function castRatingOf({
  depthM,
  castM = RATING_TOW.lineOut,
  lineDiameterMm = RATING_CAST.lineDiameterMm,
  tipM = RATING_TOW.tip,
}: DiveRating): DiveRating {
  const body = bodyRunningAt(depthM, { lineOut: castM, lineDiameter: lineDiameterMm / 1000, tip: tipM }, 0)
  const at30M = (body && towedOn(body, ratingTow(RATING_TOW))?.depth) ?? depthM
  const { cast, towed } = TOWED_AT_30_M
  return {
    ...RATING_CAST,
    depthM:
      at30M *
      interpolate(
        towed,
        towed.map((depth, i) => cast[i]! / depth),
        at30M,
      ),
  }
}
