import * as z from 'zod'
import { says } from '#core/message'
import { overallDesirability } from '#core/numeric'
import { calc } from './calc'

export const desirability = calc(
  'desirability',
  z
    .object({ values: z.array(z.number().min(0).max(1)).min(1), weights: z.array(z.number().min(0)).min(1) })
    .refine(({ values, weights }) => values.length === weights.length, {
      error: says('calc.equal-length'),
      path: ['weights'],
    })
    .refine(({ weights }) => weights.some(w => w > 0), { error: says('calc.one-weight'), path: ['weights'] }),
  ({ values, weights }) => ({ overall: overallDesirability(values, weights) }),
)
