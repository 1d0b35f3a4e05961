import * as z from 'zod'
import { LINE_DENSITY, MATERIAL_DENSITY } from '#core/knowledge'
import { message, says } from '#core/message'
import {
  bottomWeight,
  calibrateCast,
  calibrateTow,
  downrigger,
  dropShotHeight,
  fallTime,
  fitFall,
  hangFromSpeeds,
  type HangingShape,
  holdSpeed,
  massToHang,
  netWeight,
  type Retrieve,
  retrieve,
  sphereFall,
  surplusMass,
  terminalSinkSpeed,
  towDepth,
  towLine,
} from '#core/motion'
import { waterDensity, waterViscosity } from '#core/water'
import { calc, field } from './calc'

const DEGREES = 180 / Math.PI
/** Water of the calculators that ask for no temperature: fresh, 15 °C (contract). */
const STANDARD_WATER = waterDensity(15)

const grams = field.positive.max(1e5)
const metres = field.positive.max(1000)
const millimetres = z.number().min(0.01).max(20)
const tip = z.number().min(0).max(20)
const speed = field.positive.max(20)
const current = z.number().min(-5).max(5).default(0)
const squareCm = field.positive.max(1e4)

export const sphere = calc(
  'sphere-fall',
  z
    .object({
      diameterMm: field.positive,
      densityKgM3: field.positive,
      temperatureC: field.temperatureC.optional(),
      salinityPsu: field.salinityPsu.default(0),
      fluid: z.object({ densityKgM3: field.positive, viscosityMPas: field.positive }).optional(),
    })
    .refine(({ temperatureC, fluid }) => temperatureC !== undefined || fluid !== undefined, {
      error: says('calc.temperature-or-fluid'),
      path: ['temperatureC'],
    }),
  ({ diameterMm, densityKgM3, temperatureC, salinityPsu, fluid }) => {
    const medium = fluid
      ? { density: fluid.densityKgM3, viscosity: fluid.viscosityMPas / 1000 }
      : { density: waterDensity(temperatureC!, salinityPsu), viscosity: waterViscosity(temperatureC!, salinityPsu) }
    const fall = sphereFall(diameterMm / 1000, densityKgM3, medium)
    if (fall) return { speedMs: fall.speed, reynolds: fall.reynolds, dragCoefficient: fall.dragCoefficient }
    if (densityKgM3 === medium.density)
      return { speedMs: 0, reynolds: 0, dragCoefficient: null, reason: message('calc.hangs') }
    return { speedMs: null, reynolds: null, dragCoefficient: null, reason: message('calc.reynolds') }
  },
)

const body = { weightG: grams, volumeCm3: field.positive.max(1e5) }
const bodySI = ({ weightG, volumeCm3 }: { weightG: number; volumeCm3: number }) => ({
  mass: weightG / 1000,
  volume: volumeCm3 * 1e-6,
})

export const fallSpeed = calc(
  'fall-speed',
  z.object({
    ...body,
    dragAreaCm2: squareCm,
    temperatureC: field.temperatureC.default(15),
    salinityPsu: field.salinityPsu.default(0),
    depthM: metres.nullable().default(null),
    lineDiameterMm: z.number().min(0).max(20).default(0),
    lineDensityKgM3: field.positive.default(LINE_DENSITY.nylon),
  }),
  ({ dragAreaCm2, temperatureC, salinityPsu, depthM, lineDiameterMm, lineDensityKgM3, ...given }) => {
    const density = waterDensity(temperatureC, salinityPsu)
    const sinking = { ...bodySI(given), dragArea: dragAreaCm2 * 1e-4 }
    const speedMs = terminalSinkSpeed(sinking, density)
    const timeS =
      depthM === null
        ? null
        : fallTime(sinking, depthM, density, { diameter: lineDiameterMm / 1000, density: lineDensityKgM3 })
    return {
      speedMs,
      timeS,
      ...(depthM !== null && timeS === null
        ? { reason: message(speedMs > 0 ? 'calc.line-stops-it' : 'calc.does-not-sink') }
        : {}),
    }
  },
)

export const fitFallCalc = calc(
  'fit-fall',
  z.object({
    ...body,
    depthM: metres,
    timesS: z.array(field.positive.max(3600)).min(1).max(1000),
    temperatureC: field.temperatureC.default(15),
    salinityPsu: field.salinityPsu.default(0),
    lineDiameterMm: z.number().min(0).max(20).default(0),
  }),
  ({ depthM, timesS, temperatureC, salinityPsu, lineDiameterMm, ...given }) => {
    const fit = fitFall(bodySI(given), depthM, timesS, waterDensity(temperatureC, salinityPsu), {
      diameter: lineDiameterMm / 1000,
      density: LINE_DENSITY.nylon,
    })
    return fit
      ? { dragAreaCm2: fit.dragArea * 1e4, speedMs: fit.speed, relativeError: fit.relativeError }
      : { dragAreaCm2: null, speedMs: null, relativeError: null, reason: message('calc.cannot-fall-so') }
  },
)

export const hang = calc(
  'hang',
  z.object({
    ...body,
    temperatureC: field.temperatureC,
    salinityPsu: field.salinityPsu.default(0),
    addDensityKgM3: field.positive.default(MATERIAL_DENSITY.lead),
    referenceC: field.temperatureC.default(20),
    expansionPerC: z.number().min(0).max(0.01).default(0),
  }),
  ({ temperatureC, salinityPsu, addDensityKgM3, referenceC, expansionPerC, ...given }) => {
    const density = waterDensity(temperatureC, salinityPsu)
    const surplus = surplusMass({ ...bodySI(given), expansion: expansionPerC, referenceC }, temperatureC, density)
    return addDensityKgM3 > density
      ? { surplusG: surplus * 1000, addG: massToHang(surplus, addDensityKgM3, density) * 1000 }
      : { surplusG: surplus * 1000, addG: null, reason: message('calc.must-be-denser') }
  },
)

export const hangSpeeds = calc(
  'hang-from-speeds',
  z.object({
    rise1Ms: z.number().min(-10).max(10),
    rise2Ms: z.number().min(-10).max(10),
    sinkerG: grams,
    sinkerDensityKgM3: field.positive.min(1100).default(MATERIAL_DENSITY.lead),
    temperatureC: field.temperatureC.default(15),
    salinityPsu: field.salinityPsu.default(0),
  }),
  ({ rise1Ms, rise2Ms, sinkerG, sinkerDensityKgM3, temperatureC, salinityPsu }) => {
    const found = hangFromSpeeds(
      { bare: rise1Ms, withSinker: rise2Ms },
      sinkerG / 1000,
      sinkerDensityKgM3,
      waterDensity(temperatureC, salinityPsu),
    )
    return found
      ? { surplusG: found.surplus * 1000, dragAreaCm2: found.dragArea * 1e4 }
      : { surplusG: null, dragAreaCm2: null, reason: message('calc.must-rise-slower') }
  },
)

export const diveTow = calc(
  'dive-tow',
  z.object({
    rated: z.object({
      depthM: metres,
      lineOutM: metres.default(30),
      lineDiameterMm: millimetres.default(0.3),
      tipM: tip.default(0.5),
    }),
    lineOutM: metres,
    lineDiameterMm: millimetres,
    tipM: tip,
  }),
  ({ rated, lineOutM, lineDiameterMm, tipM }) => {
    const shape = calibrateTow(rated.depthM, {
      lineOut: rated.lineOutM,
      lineDiameter: rated.lineDiameterMm / 1000,
      tip: rated.tipM,
    })
    if (!shape) return { depthM: null, lineAngleDeg: null, distanceM: null, reason: message('calc.no-plug-on-line') }
    const towed = towDepth(shape, { lineOut: lineOutM, lineDiameter: lineDiameterMm / 1000, tip: tipM })
    return towed
      ? { depthM: towed.depth, lineAngleDeg: towed.lineAngle * DEGREES, distanceM: towed.distance }
      : { depthM: null, lineAngleDeg: null, distanceM: null, reason: message('calc.too-little-line') }
  },
)

export const towLineCalc = calc(
  'tow-line',
  z.object({
    dragAreaCm2: squareCm,
    liftAreaCm2: z.number().min(-1e4).max(1e4),
    netWeightN: z.number().min(-1e4).max(1e4),
    lineDiameterMm: millimetres,
    lineDensityKgM3: field.positive.default(STANDARD_WATER),
    normalCoefficient: field.positive.default(1.2),
    tangentialCoefficient: z.number().min(0).max(1).default(0),
    speedMs: speed,
    lineOutM: metres,
    tipM: tip,
  }),
  given => {
    const towed = towLine(
      { dragArea: given.dragAreaCm2 * 1e-4, liftArea: given.liftAreaCm2 * 1e-4, netWeight: given.netWeightN },
      {
        diameter: given.lineDiameterMm / 1000,
        density: given.lineDensityKgM3,
        normalCoefficient: given.normalCoefficient,
        tangentialCoefficient: given.tangentialCoefficient,
      },
      given.speedMs,
      given.lineOutM,
      given.tipM,
      STANDARD_WATER,
    )
    return 'surface' in towed
      ? { depthM: 0, distanceM: null, tensionN: null, reason: message('calc.rides-surface') }
      : { depthM: towed.depth, distanceM: towed.distance, tensionN: towed.tension }
  },
)

const band = z
  .tuple([z.number().min(0), z.number().min(0)])
  .refine(([from, to]) => from <= to, { error: says('calc.band-order') })
  .nullable()
  .default(null)

function pathOut({ path, deepest, bow }: Retrieve) {
  return {
    deepestM: deepest.depth,
    deepestAtM: deepest.distance,
    bowRad: bow,
    path: path.map(({ distance, depth }) => ({ distanceM: distance, depthM: depth })),
    ...(bow > 0.4 ? { reason: message('calc.line-bows') } : {}),
  }
}

export const diveCast = calc(
  'dive-cast',
  z.object({
    rated: z.object({
      depthM: metres,
      castM: metres.default(30),
      lineDiameterMm: millimetres.default(0.3),
      tipM: tip.default(0.8),
      speedMs: speed.default(0.8),
    }),
    castM: metres,
    lineDiameterMm: millimetres,
    tipM: tip,
    speedMs: speed,
    netWeightG: z.number().min(-1e4).max(1e4).default(0),
    bandM: band,
  }),
  ({ rated, castM, lineDiameterMm, tipM, speedMs, netWeightG, bandM }) => {
    const water = { density: STANDARD_WATER, current: 0 }
    const line = (mm: number) => ({ diameter: mm / 1000, density: LINE_DENSITY.nylon })
    const plug = calibrateCast(
      {
        depth: rated.depthM,
        cast: rated.castM,
        tip: rated.tipM,
        speed: rated.speedMs,
        line: line(rated.lineDiameterMm),
      },
      newtons(netWeightG),
      water,
    )
    if (!plug)
      return {
        deepestM: null,
        deepestAtM: null,
        shareInBand: null,
        path: [],
        bowRad: null,
        reason: message('calc.no-plug-on-cast'),
      }
    const run = retrieve(plug, line(lineDiameterMm), water, { cast: castM, tip: tipM, speed: speedMs, startDepth: 0 })
    const inBand =
      bandM && run.path.filter(({ depth }) => depth >= bandM[0] && depth <= bandM[1]).length / run.path.length
    return { shareInBand: inBand, ...pathOut(run) }
  },
)

/** A weight in water given in grams, as a force. */
const newtons = (netWeightG: number) => netWeight(netWeightG / 1000, 0, STANDARD_WATER)

const sinkingLure = {
  netWeightG: z.number().min(-1e4).max(1e4),
  dragAreaCm2: squareCm,
  liftRatio: z.number().min(0).max(20).default(0),
  lineDiameterMm: millimetres,
  tipM: tip,
  currentMs: current,
}
const lureSI = ({
  netWeightG,
  dragAreaCm2,
  liftRatio,
}: {
  netWeightG: number
  dragAreaCm2: number
  liftRatio: number
}) => ({ netWeight: newtons(netWeightG), dragArea: dragAreaCm2 * 1e-4, liftArea: -liftRatio * dragAreaCm2 * 1e-4 })

export const sinkRetrieve = calc(
  'sink-retrieve',
  z.object({ ...sinkingLure, castM: metres, speedMs: speed, startDepthM: z.number().min(0).max(1000) }),
  ({ castM, speedMs, startDepthM, tipM, lineDiameterMm, currentMs, ...lure }) =>
    pathOut(
      retrieve(
        lureSI(lure),
        { diameter: lineDiameterMm / 1000, density: LINE_DENSITY.nylon },
        { density: STANDARD_WATER, current: currentMs },
        { cast: castM, tip: tipM, speed: speedMs, startDepth: startDepthM },
      ),
    ),
)

export const holdSpeedCalc = calc(
  'hold-speed',
  z.object({ ...sinkingLure, depthM: metres, distanceM: metres }),
  ({ depthM, distanceM, tipM, lineDiameterMm, currentMs, ...lure }) => {
    const speedMs = holdSpeed(
      lureSI(lure),
      { diameter: lineDiameterMm / 1000, density: LINE_DENSITY.nylon },
      { density: STANDARD_WATER, current: currentMs },
      { depth: depthM, distance: distanceM, tip: tipM },
    )
    return speedMs === null ? { speedMs, reason: message('calc.cannot-be-held') } : { speedMs }
  },
)

export const bottomWeightCalc = calc(
  'bottom-weight',
  z.object({
    depthM: metres,
    driftMs: z.number().min(0).max(5).default(0.25),
    lineDiameterMm: millimetres.default(0.23),
  }),
  ({ depthM, driftMs, lineDiameterMm }) => {
    const weight = bottomWeight(depthM, driftMs, lineDiameterMm / 1000, STANDARD_WATER)
    return weight === null ? { weightG: null, reason: message('calc.too-much-lead') } : { weightG: weight * 1000 }
  },
)

export const dropShot = calc(
  'drop-shot',
  z.object({ leaderM: metres, depthM: metres, distanceM: z.number().min(0).max(1000), tipM: tip.default(1.5) }),
  ({ leaderM, depthM, distanceM, tipM }) => {
    const { height, angle } = dropShotHeight(leaderM, depthM, distanceM, tipM)
    return { heightM: height, angleDeg: angle * DEGREES }
  },
)

const blownBack = (shape: HangingShape) => ({
  surfaceAngleDeg: shape.surfaceAngle * DEGREES,
  chordAngleDeg: shape.chordAngle * DEGREES,
  cableOutM: shape.lineOut,
})

export const downriggerCalc = calc(
  'downrigger',
  z.object({
    ballKg: field.positive.max(50),
    depthM: metres,
    speedMs: speed,
    cableDiameterMm: millimetres.default(0.8),
    cableDensityKgM3: field.positive.default(7900),
    finAreaCm2: z.number().min(0).max(1e4).default(8),
    lineForceN: z.number().min(0).max(1000).default(1),
  }),
  ({ ballKg, depthM, speedMs, cableDiameterMm, cableDensityKgM3, finAreaCm2, lineForceN }) => {
    const shape = downrigger(
      {
        ball: ballKg,
        cableDiameter: cableDiameterMm / 1000,
        cableDensity: cableDensityKgM3,
        fin: finAreaCm2 * 1e-4,
        lineForce: lineForceN,
      },
      depthM,
      speedMs,
      STANDARD_WATER,
    )
    return shape
      ? blownBack(shape)
      : { surfaceAngleDeg: null, chordAngleDeg: null, cableOutM: null, reason: message('calc.dragged-flat') }
  },
)
