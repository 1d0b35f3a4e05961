import * as z from 'zod'
import { FORAGE_PREY } from '#core/knowledge'
import {
  atWavelength,
  colourJudge,
  contrast,
  daylightKelvin,
  DEFAULT_PREY,
  diffuseAttenuation,
  lightSlant,
  likenessDistance,
  lureSurface,
  parFraction,
  pigmentAbsorbance,
  previewOf,
  reachOfSight,
  secchiDistance,
  waterOf,
} from '#core/light'
import { message, says } from '#core/message'
import { ACTION_STYLES, FAMILIES, FINISHES, FORAGE, METALS, PATTERNS, SKIES, SPECIES, STAINS } from '#core/terms'
import { calc, field } from './calc'

export const pigment = calc(
  'pigment',
  z.object({ lambdaMaxNm: z.number().min(330).max(750), wavelengthNm: z.number().min(250).max(900) }),
  ({ lambdaMaxNm, wavelengthNm }) => ({ absorbance: pigmentAbsorbance(lambdaMaxNm, wavelengthNm) }),
)

export const waterLight = calc(
  'water-light',
  z.object({
    visibilityM: field.positive.max(60),
    stain: z.enum(STAINS),
    wavelengthNm: z.array(z.number().min(350).max(700)).min(1).max(1000),
    depthM: z.number().min(0).max(1000),
    sunAltitudeDeg: z.number().min(-90).max(90).default(45),
    sky: z.enum(SKIES).default('broken'),
  }),
  ({ visibilityM, stain, wavelengthNm, depthM, sunAltitudeDeg, sky }) => {
    const water = waterOf(stain, visibilityM)
    if (!water)
      return {
        diffuseAttenuation: null,
        beamAttenuation: null,
        secchiM: null,
        parFraction: null,
        reason: message('calc.too-clear'),
      }
    const Kd = diffuseAttenuation(water, lightSlant(sky, sunAltitudeDeg))
    return {
      diffuseAttenuation: wavelengthNm.map(l => atWavelength(Kd, l)),
      beamAttenuation: wavelengthNm.map(l => atWavelength(water.absorption, l) + atWavelength(water.scattering, l)),
      secchiM: secchiDistance(water),
      parFraction: parFraction(Kd, depthM, daylightKelvin(sky, sunAltitudeDeg)),
    }
  },
)

const hex = z
  .string()
  .regex(/^#[0-9a-fA-F]{6}$/, { error: says('schema.colour') })
  .nullish()

/** Physics only: no habits enter. */
export const colour = calc(
  'colour',
  z.object({
    colours: z.looseObject({
      pattern: z.enum(PATTERNS).nullish(),
      back: hex,
      side: hex,
      belly: hex,
      accent: hex,
      metal: z.enum(METALS).nullish(),
      finish: z.enum(FINISHES).nullish(),
      fluorescent: z.boolean().nullish(),
    }),
    species: z.enum(SPECIES),
    visibilityM: field.positive.max(60),
    stain: z.enum(STAINS),
    depthM: z.number().min(0).max(500),
    distanceM: field.positive.max(100).nullish(),
    sunAltitudeDeg: z.number().min(-90).max(90).default(45),
    sky: z.enum(SKIES),
    moonFraction: z.number().min(0).max(1).default(0),
    zone: z.enum(['mid', 'top', 'bottom']).default('mid'),
    family: z.enum(FAMILIES).default('crankbait'),
    actionStyle: z.enum(ACTION_STYLES).default('wobble'),
    forage: z.enum(FORAGE).nullish(),
  }),
  ({ colours, species, distanceM, zone, family, actionStyle, forage, ...water }) => {
    const judge = colourJudge({ ...water, species, zone, prey: forage ? [FORAGE_PREY[forage]] : DEFAULT_PREY })
    const surface = lureSurface({ colours, family, actionStyle })
    const level = contrast(surface, judge.scene, judge.eye, 'level', distanceM ?? likenessDistance(judge.scene))
    const reach = reachOfSight(surface, judge.scene, judge.eye)
    const side = previewOf(surface, judge.scene).zones.get('side')!
    return {
      ...judge.look({ colours, family, actionStyle }),
      luminanceContrast: level.brightness,
      chromaticContrast: level.hue,
      detectionM: reach,
      previewHex: side.hex,
      ...(reach === null ? { reason: message('calc.unseen') } : {}),
    }
  },
)
