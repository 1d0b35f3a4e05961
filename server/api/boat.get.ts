import { seededRandom } from '#core/numeric'
import { boatSentences } from '../utils/simulated-boat'

const EVERY_MS = 1000
/** A forgotten page does not hold the line for ever. */
const LONGEST_S = 3600
const SEED = 7

/** A simulated boat feed as server-sent events: `{ "sentences": ["$GPRMC…"], "simulated": true }`, NMEA 0183, once a second. */
export default defineEventHandler(async (event) => {
  const stream = createEventStream(event)
  const random = seededRandom(SEED)
  let seconds = 0
  const send = () => {
    void stream.push(JSON.stringify({ sentences: boatSentences(seconds, new Date(), random), simulated: true }))
    seconds += EVERY_MS / 1000
    if (seconds > LONGEST_S) void stream.close()
  }
  const timer = setInterval(send, EVERY_MS)
  stream.onClosed(async () => {
    clearInterval(timer)
    await stream.close()
  })
  send()
  return stream.send()
})
