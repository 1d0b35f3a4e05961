import { seededRandom } from '#core/numeric'
import { boatSentences } from '../utils/simulated-boat'
import { streamEvery } from '../utils/stream'

const PACE = { everyMs: 1000, longestS: 3600 }
const SEED = 7

/** A simulated boat feed as server-sent events: `{ "sentences": ["$GPRMC…"], "simulated": true }`, NMEA 0183, once a second. */
export default defineEventHandler(event => {
  const random = seededRandom(SEED)
  return streamEvery(event, PACE, seconds => ({
    sentences: boatSentences(seconds, new Date(), random),
    simulated: true,
  }))
})
