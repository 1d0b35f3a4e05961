import * as z from 'zod'
import { questionOf } from '../utils/question'
import { forecastFor } from '../utils/simulated-forecast'

const question = z.object({
  date: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}$/, { error: 'must be a day like 2026-05-07' })
    .refine(date => !Number.isNaN(Date.parse(date)), { error: 'is no day of the calendar' }),
  latitude: z.coerce.number().min(-90).max(90),
  longitude: z.coerce.number().min(-180).max(180),
})

/** A simulated forecast of one day: `{ simulated: true, hours: [{ at, waterC, cloud 0–1, windMs, rainMm }] }`, 24 hours from midnight UTC. */
export default defineEventHandler(event => {
  const { date, latitude, longitude } = questionOf(event, question)
  return forecastFor(date, latitude, longitude)
})
