import * as z from 'zod'
import { says } from '#core/message'
import { activityAt, isStressed, phaseShares } from '#core/season'
import { SPECIES, TRENDS } from '#core/terms'
import { calc, field } from './calc'

export const phase = calc(
  'phase',
  z.object({
    species: z.enum(SPECIES),
    temperatureC: field.temperatureC,
    trend: z.enum(TRENDS).default('steady'),
    at: z
      .string()
      .refine(at => !Number.isNaN(Date.parse(at)), { error: says('schema.date') })
      .nullable()
      .default(null),
    latitude: z.number().min(-90).max(90).default(50),
  }),
  input => ({
    phases: phaseShares(input),
    activity: activityAt(input.species, input.temperatureC),
    stress: isStressed(input.species, input.temperatureC),
  }),
)
