import type { Reading } from '#core/reading'
import type { Trip, TripEvent } from '#core/tackle'
import { demoLure } from './lures'
import { READINGS } from './readings'

interface Outing { start: string, placeId: string, reading: Reading, lures: [name: string, minutes: number, chancePerHour: number][] }

const OUTINGS: Outing[] = [
  { start: '2026-05-06T06:40:00+02:00', placeId: 'averin', reading: READINGS['spring-morning']!, lures: [['Moor blade', 90, 1.2], ['Grannet', 60, 0.8], ['Great Halver', 45, 0.3]] },
  { start: '2026-07-22T14:30:00+02:00', placeId: 'averin', reading: READINGS['hot-afternoon']!, lures: [['Flatling', 100, 1], ['Quillback', 70, 0.6]] },
  { start: '2026-10-03T17:30:00+02:00', placeId: 'skarne', reading: READINGS['windy-dusk']!, lures: [['Skarne needle', 80, 1.5], ['Shard', 40, 0.5]] },
]
const MINUTE_MS = 60_000
const CAST_MINUTES = 1.4 // invented pace

/** A few trips with chance catches: each minute carries the lure's invented rate. */
export function trips(random: () => number): Trip<Reading>[] {
  let events = 0
  return OUTINGS.map(({ start, placeId, reading, lures }, t) => {
    let clock = Date.parse(start)
    const stints = lures.map(([name, minutes, chancePerHour], s) => {
      const begun = clock
      const seen: TripEvent[] = []
      for (let minute = 0; minute < minutes; minute++) {
        if (random() > chancePerHour / 60) continue
        const landed = random() < 0.6
        seen.push({ id: `e${++events}`, at: new Date(begun + minute * MINUTE_MS).toISOString(), kind: landed ? 'landed' : 'hit', when: 'retrieve', species: reading.species, lengthMm: landed ? Math.round(400 + 300 * random()) : null })
      }
      clock += minutes * MINUTE_MS
      return { id: `t${t + 1}s${s + 1}`, start: new Date(begun).toISOString(), end: new Date(clock).toISOString(), lureId: demoLure(name).id, casts: Math.round(minutes / CAST_MINUTES), reading, events: seen }
    })
    return { id: `trip${t + 1}`, placeId, start, end: new Date(clock).toISOString(), stints }
  })
}
