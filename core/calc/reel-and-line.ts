import * as z from 'zod'
import { message, says } from '#core/message'
import { lineDiameter, pickUp } from '#core/motion'
import { calc, field } from './calc'

export const pickUpCalc = calc(
  'pick-up',
  z
    .object({
      spoolDiameterMm: field.positive.max(500),
      ratio: field.positive.max(50),
      coreDiameterMm: field.positive.optional(),
      fill: z.number().min(0).max(1).default(1),
    })
    .refine(({ spoolDiameterMm, coreDiameterMm }) => coreDiameterMm === undefined || coreDiameterMm < spoolDiameterMm, {
      error: says('calc.core-diameter'),
      path: ['coreDiameterMm'],
    }),
  ({ spoolDiameterMm, ratio, coreDiameterMm, fill }) => ({
    metresPerTurn: pickUp(
      spoolDiameterMm / 1000,
      ratio,
      fill,
      coreDiameterMm === undefined ? undefined : coreDiameterMm / 1000,
    ),
  }),
)

export const lineDiameterCalc = calc(
  'line-diameter',
  z.object({
    material: z.enum(['nylon', 'fluorocarbon', 'braid', 'wire']),
    testKg: field.positive.max(500),
    label: z.enum(['thin', 'thick']).default('thin'),
  }),
  ({ material, testKg, label }) => {
    const diameterMm = lineDiameter(material, testKg, label)
    return diameterMm === null ? { diameterMm, reason: message('calc.no-wire-rule') } : { diameterMm }
  },
)
