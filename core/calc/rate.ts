import * as z from 'zod'
import { rateOf } from '#core/evidence'
import { calc } from './calc'

const amount = z.number().min(0).max(1e9)

export const rate = calc(
  'rate',
  z.object({
    events: z.number().int().min(0).max(1e6),
    effort: amount,
    priorShape: z.number().positive().max(1e6),
    priorEffort: z.number().positive().max(1e9),
  }),
  input => ({ ...rateOf(input) }),
)
