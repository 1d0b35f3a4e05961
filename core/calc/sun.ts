import * as z from 'zod'
import { sunPosition } from '#core/light'
import { says } from '#core/message'
import { calc } from './calc'

export const sun = calc(
  'sun',
  z.object({
    at: z.string().refine(at => !Number.isNaN(Date.parse(at)), { error: says('schema.date') }),
    latitude: z.number().min(-90).max(90),
    longitude: z.number().min(-180).max(180),
  }),
  ({ at, latitude, longitude }) => sunPosition(at, latitude, longitude),
)
