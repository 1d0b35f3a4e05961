import * as z from 'zod'
import { seededRandom } from '#core/numeric'
import { questionOf } from '../utils/question'
import { scaleReading } from '../utils/simulated-scale'
import { streamEvery } from '../utils/stream'

/** A kitchen scale shows about four readings a second. Invented. */
const PACE = { everyMs: 250, longestS: 600 }
const HEAVIEST_G = 5000

const question = z.object({
  grams: z.coerce
    .number({ error: 'must be a weight in grams' })
    .min(0, { error: 'must be at least 0 g' })
    .max(HEAVIEST_G, { error: `must be at most ${HEAVIEST_G} g` })
    .default(0),
})

/**
 * A simulated digital scale as server-sent events: `{ "grams", "stable", "overload", "simulated": true }`.
 * `?grams=` is what lies on it, 0–5000; a real scale would answer in the same form.
 */
export default defineEventHandler(event => {
  const { grams: load } = questionOf(event, question)
  const random = seededRandom(Math.round(load * 100) + 1)
  return streamEvery(event, PACE, seconds => scaleReading({ seconds, load }, random))
})
