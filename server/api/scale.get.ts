import { seededRandom } from '#core/numeric'
import { scaleReading, type ScaleState } from '../utils/simulated-scale'

/** Readings a second; a kitchen scale shows about four. Invented. */
const EVERY_MS = 250
/** A forgotten page does not hold the line for ever. */
const LONGEST_MS = 10 * 60_000
const HEAVIEST_G = 5000

/**
 * A simulated digital scale as server-sent events: `{ "grams", "stable", "overload", "simulated": true }`.
 * `?grams=` is what lies on it; a real scale would answer in the same form.
 */
export default defineEventHandler(async (event) => {
  const asked = Number(getQuery(event).grams ?? 0)
  const load = Number.isFinite(asked) ? Math.min(HEAVIEST_G, Math.max(0, asked)) : 0
  const stream = createEventStream(event)
  const random = seededRandom(Math.round(load * 100) + 1)
  let state: ScaleState = { seconds: 0, load }
  const timer = setInterval(() => {
    state = { ...state, seconds: state.seconds + EVERY_MS / 1000 }
    void stream.push(JSON.stringify(scaleReading(state, random)))
    if (state.seconds * 1000 > LONGEST_MS) void stream.close()
  }, EVERY_MS)
  stream.onClosed(async () => {
    clearInterval(timer)
    await stream.close()
  })
  return stream.send()
})
