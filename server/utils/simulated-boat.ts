import { nmeaSentence } from '#core/files'

/** A simulated boat drifting and trolling over an invented bank. All invented. */
const START = { latitude: 58.4, longitude: 13.2 }
const KNOT_MS = 1852 / 3600
const SPEED_MS = 0.9
const METRES_PER_DEGREE = 111_200
const DEEPEST_M = 6
const BANK_EVERY_M = 140
const WATER_C = 12.4

const two = (n: number) => String(Math.floor(n)).padStart(2, '0')
const angle = (degrees: number, width: number) =>
  `${String(Math.floor(degrees)).padStart(width, '0')}${((degrees % 1) * 60).toFixed(4).padStart(7, '0')}`

/** The sentences that its instruments send in one second. `at`: the time they tell. */
export function boatSentences(seconds: number, at: Date, random: () => number): string[] {
  const travelled = SPEED_MS * seconds
  const latitude = START.latitude + travelled / METRES_PER_DEGREE
  const depth = DEEPEST_M - 2.4 + 2 * Math.sin((2 * Math.PI * travelled) / BANK_EVERY_M) + 0.1 * (random() - 0.5)
  const clock = `${two(at.getUTCHours())}${two(at.getUTCMinutes())}${two(at.getUTCSeconds())}.00`
  const date = `${two(at.getUTCDate())}${two(at.getUTCMonth() + 1)}${two(at.getUTCFullYear() % 100)}`
  return [
    `GPRMC,${clock},A,${angle(latitude, 2)},N,${angle(START.longitude, 3)},E,${(SPEED_MS / KNOT_MS).toFixed(1)},0.0,${date},,,S`,
    `SDDPT,${depth.toFixed(1)},0.3`,
    `YXMTW,${(WATER_C + 0.3 * (random() - 0.5)).toFixed(1)},C`,
    `VWVHW,,T,,M,${(SPEED_MS / KNOT_MS).toFixed(1)},N,${(SPEED_MS * 3.6).toFixed(1)},K`,
  ].map(nmeaSentence)
}
