import * as z from 'zod'
import { atWavelength, daylightKelvin, diffuseAttenuation, lightSlant, parFraction, pigmentAbsorbance, secchiDistance, waterOf } from '#core/light'
import { SKIES, STAINS } from '#core/reading'
import { calc, field } from './calc'

export const pigment = calc('pigment',
  z.object({ lambdaMaxNm: z.number().min(330).max(750), wavelengthNm: z.number().min(250).max(900) }),
  ({ lambdaMaxNm, wavelengthNm }) => ({ absorbance: pigmentAbsorbance(lambdaMaxNm, wavelengthNm) }))

export const waterLight = calc('water-light',
  z.object({
    visibilityM: field.positive.max(60), stain: z.enum(STAINS), wavelengthNm: z.array(z.number().min(350).max(700)).min(1).max(1000), depthM: z.number().min(0).max(1000),
    sunAltitudeDeg: z.number().min(-90).max(90).default(45), sky: z.enum(SKIES).default('broken'),
  }),
  ({ visibilityM, stain, wavelengthNm, depthM, sunAltitudeDeg, sky }) => {
    const water = waterOf(stain, visibilityM)
    if (!water) return { diffuseAttenuation: null, beamAttenuation: null, secchiM: null, parFraction: null, reason: 'clearer than pure water with this stain can be' }
    const Kd = diffuseAttenuation(water, lightSlant(sky, sunAltitudeDeg))
    return {
      diffuseAttenuation: wavelengthNm.map(l => atWavelength(Kd, l)),
      beamAttenuation: wavelengthNm.map(l => atWavelength(water.absorption, l) + atWavelength(water.scattering, l)),
      secchiM: secchiDistance(water),
      parFraction: parFraction(Kd, depthM, daylightKelvin(sky, sunAltitudeDeg)),
    }
  })
