import type { Reading } from '#core/reading'
import type { Stint, Trip, TripEvent } from '#core/tackle'
import type { Cadence, Rig } from '#core/terms'
import { demoLure } from './lures'
import { READINGS } from './readings'

/** One stretch of an outing: the lure, how long, how often a fish comes [1/h], and how it is fished. All invented. */
type Fished = [
  name: string,
  minutes: number,
  perHour: number,
  outfitId: string,
  depthM: number,
  speedMs: number,
  cadence: Cadence,
  rig?: Rig,
]
interface Outing {
  start: string
  placeId: 'averin' | 'skarne'
  like: keyof typeof READINGS
  change: Partial<Reading>
  fished: Fished[]
}

const PERCH: Partial<Reading> = { species: 'perch', forage: [{ kind: 'minnow', lengthMm: 55 }] }
const OUTINGS: Outing[] = [
  {
    start: '2025-11-15T08:10:00+01:00',
    placeId: 'averin',
    like: 'spring-morning',
    change: {
      temperatureC: 7.5,
      trend: 'cooling',
      sky: 'overcast',
      windMs: 6,
      fishFromM: 2,
      fishToM: 4,
      bottomM: 5,
      visibilityM: 1.4,
    },
    fished: [
      ['Lurk', 80, 1.1, 'o3', 2.2, 0.6, 'steady', 'snap'],
      ['Great Halver', 70, 0.9, 'o3', 1.4, 0.6, 'stop-and-go', 'snap'],
      ['Moor blade, sloe', 60, 0.5, 'o3', 1.5, 0.7, 'slow-roll', 'snap'],
    ],
  },
  {
    start: '2025-12-14T10:30:00+01:00',
    placeId: 'averin',
    like: 'winter-noon',
    change: { at: '2025-12-14T10:30:00+01:00' },
    fished: [
      ['Dray blade', 70, 2, 'o1', 7.2, 0.3, 'vertical-slow', 'vertical'],
      ['Small hearth jig', 55, 0.9, 'o1', 7.5, 0.15, 'drag', 'direct'],
      ['Spun tail', 45, 1.2, 'o1', 7, 0.4, 'lift-drop', 'direct'],
    ],
  },
  {
    start: '2026-02-08T11:00:00+01:00',
    placeId: 'averin',
    like: 'winter-noon',
    change: { temperatureC: 2.5, sky: 'overcast', visibilityM: 4 },
    fished: [
      ['Dray blade', 60, 1.3, 'o1', 7.4, 0.25, 'vertical-slow', 'vertical'],
      ['Quillback, small', 60, 0.6, 'o1', 7.4, 0.2, 'drag', 'threaded-head'],
      ['Tern', 40, 0.4, 'o1', 7, 0.2, 'lift-drop', 'direct'],
    ],
  },
  {
    start: '2026-04-05T07:20:00+02:00',
    placeId: 'averin',
    like: 'spring-morning',
    change: { temperatureC: 8, visibilityM: 0.9, sky: 'overcast', windMs: 7 },
    fished: [
      ['Moor blade', 75, 1.3, 'o3', 1.6, 0.7, 'slow-roll', 'snap'],
      ['Grannet', 50, 0.6, 'o3', 1.8, 0.7, 'sweep-pause', 'snap'],
      ['Great Halver', 60, 0.4, 'o3', 1.3, 0.6, 'stop-and-go', 'snap'],
    ],
  },
  {
    start: '2026-04-18T10:50:00+02:00',
    placeId: 'averin',
    like: 'muddy-flood',
    change: {},
    fished: [
      ['Beck blade, heavy', 65, 1.6, 'o2', 1.3, 0.6, 'slow-roll', 'snap'],
      ['Weir runner, ember', 60, 1.2, 'o2', 1.5, 0.7, 'touch-and-pause', 'snap'],
      ['Curl', 50, 0.8, 'o1', 2, 0.3, 'bottom-hop', 'threaded-head'],
    ],
  },
  {
    start: '2026-05-06T06:40:00+02:00',
    placeId: 'averin',
    like: 'spring-morning',
    change: {},
    fished: [
      ['Moor blade', 90, 1.7, 'o3', 1.6, 0.8, 'steady', 'snap'],
      ['Grannet', 60, 1, 'o3', 1.5, 0.9, 'stop-and-go', 'snap'],
      ['Great Halver', 45, 0.5, 'o3', 1.4, 0.7, 'stop-and-go', 'snap'],
    ],
  },
  {
    start: '2026-05-30T18:40:00+02:00',
    placeId: 'averin',
    like: 'spring-morning',
    change: {
      ...PERCH,
      temperatureC: 16,
      sky: 'broken',
      windMs: 4,
      visibilityM: 1.5,
      cover: ['reeds', 'wood'],
      mood: 'aggressive',
    },
    fished: [
      ['Weir runner', 60, 2.6, 'o2', 1.5, 0.9, 'touch-and-pause', 'snap'],
      ['Skell', 45, 1.9, 'o1', 1.2, 0.8, 'steady', 'snap'],
      ['Wren popper', 40, 1.3, 'o2', 0, 0.5, 'pop', 'snap'],
      ['Quillback, small', 50, 2, 'o1', 2, 0.5, 'countdown-steady', 'threaded-head'],
    ],
  },
  {
    start: '2026-06-21T21:10:00+02:00',
    placeId: 'averin',
    like: 'hot-afternoon',
    change: { temperatureC: 19, sky: 'overcast', windMs: 3, fishFromM: 3, fishToM: 6, bottomM: 7, mood: 'neutral' },
    fished: [
      ['Ondil', 60, 0.9, 'o2', 1.4, 0.8, 'jerk-pause', 'snap'],
      ['Deep Brask', 60, 1.5, 'o2', 4.8, 0.9, 'touch-and-pause', 'snap'],
      ['Quillback', 70, 1.7, 'o2', 4.5, 0.5, 'bottom-hop', 'threaded-head'],
    ],
  },
  {
    start: '2026-07-22T14:30:00+02:00',
    placeId: 'averin',
    like: 'hot-afternoon',
    change: {},
    fished: [
      ['Flatling', 100, 1.2, 'o1', 8.2, 0.15, 'dead-stick', 'drop-shot-nose'],
      ['Quillback', 70, 0.8, 'o2', 8, 0.4, 'bottom-hop', 'threaded-head'],
      ['Deep Brask', 45, 0.3, 'o2', 5, 0.9, 'steady', 'snap'],
    ],
  },
  {
    start: '2026-08-09T05:30:00+02:00',
    placeId: 'skarne',
    like: 'windy-dusk',
    change: {
      species: 'mackerel',
      temperatureC: 16,
      sky: 'broken',
      windMs: 4,
      waveM: 0.4,
      visibilityM: 3,
      stain: 'clear',
      mood: 'aggressive',
      bottomM: 6,
      fishFromM: 1,
      fishToM: 5,
    },
    fished: [
      ['Shard', 60, 4.2, 'o4', 2.5, 1.4, 'burn', 'snap'],
      ['Shard, long', 50, 2.8, 'o4', 3, 1.4, 'sweep-pause', 'snap'],
      ['Skarne needle', 40, 1.2, 'o4', 1, 1, 'steady', 'snap'],
    ],
  },
  {
    start: '2026-08-28T22:40:00+02:00',
    placeId: 'skarne',
    like: 'night-rocks',
    change: {},
    fished: [
      ['Skarne needle, night', 80, 1.3, 'o4', 0.6, 0.6, 'steady', 'snap'],
      ['Ledge minnow', 60, 0.8, 'o4', 0.9, 0.6, 'stop-and-go', 'snap'],
      ['Sedge', 40, 0.4, 'o6', 0.3, 0.3, 'drift', 'direct'],
    ],
  },
  {
    start: '2026-09-13T17:20:00+02:00',
    placeId: 'averin',
    like: 'spring-morning',
    change: {
      ...PERCH,
      temperatureC: 15,
      trend: 'cooling',
      sky: 'sun',
      windMs: 2,
      visibilityM: 2.2,
      fishFromM: 2,
      fishToM: 4.5,
      bottomM: 6,
      mood: 'aggressive',
      grouping: 'schooled',
    },
    fished: [
      ['Small Tolla', 55, 2.4, 'o2', 2.5, 0.9, 'yo-yo', 'snap'],
      ['Middling Brask', 50, 1.6, 'o2', 2.8, 0.9, 'stop-and-go', 'snap'],
      ['Dray blade', 45, 2.1, 'o1', 4, 0.5, 'lift-drop', 'direct'],
      ['Curl', 50, 1.4, 'o1', 3.5, 0.4, 'countdown-steady', 'threaded-head'],
    ],
  },
  {
    start: '2026-10-03T17:30:00+02:00',
    placeId: 'skarne',
    like: 'windy-dusk',
    change: {},
    fished: [
      ['Skarne needle', 80, 1.9, 'o4', 1, 0.9, 'steady', 'snap'],
      ['Shard', 40, 0.6, 'o4', 1.5, 1.2, 'burn', 'snap'],
      ['Bar eel', 50, 1.4, 'o4', 0.8, 0.7, 'sweep-pause', 'weedless'],
    ],
  },
  {
    start: '2026-10-24T16:40:00+02:00',
    placeId: 'skarne',
    like: 'windy-dusk',
    change: { temperatureC: 11.5, windMs: 8, waveM: 0.9, tide: 'high' },
    fished: [
      ['Ledge minnow', 60, 1.3, 'o4', 1, 0.8, 'stop-and-go', 'snap'],
      ['Skarne needle', 70, 1.4, 'o4', 1, 0.8, 'steady', 'snap'],
      ['Murre', 35, 0.5, 'o4', 0, 0.8, 'walk', 'snap'],
    ],
  },
]

const MINUTE_MS = 60_000
const CAST_MINUTES = 1.4 // invented pace
const SPOTS = {
  averin: [
    [58.4065, 13.1912],
    [58.3981, 13.2204],
    [58.4132, 13.2088],
  ],
  skarne: [
    [58.3021, 12.8954],
    [58.2968, 12.9077],
  ],
} as const
/** Usual length of a fish and its spread [mm], invented; and grams for a fish of a metre (weight ∝ length³). */
const SIZES: Record<string, [usual: number, spread: number, gramsAtMetre: number]> = {
  'northern-pike': [640, 190, 7200],
  'perch': [270, 80, 12500],
  'zander': [520, 140, 9000],
  'sea-bass': [480, 130, 10500],
  'sea-trout': [450, 120, 10800],
  'mackerel': [310, 50, 9200],
}
const FATES: [TripEvent['kind'], number][] = [
  ['landed', 0.36],
  ['hit', 0.56],
  ['peck', 0.72],
  ['follow', 0.86],
  ['lost', 0.95],
  ['hooked', 1],
]
const WHEN: Partial<Record<Cadence, NonNullable<TripEvent['when']>>> = {
  'vertical-slow': 'fall',
  'lift-drop': 'fall',
  'bottom-hop': 'fall',
  'yo-yo': 'fall',
  'dead-stick': 'pause',
  'jerk-pause': 'pause',
  'stop-and-go': 'pause',
  'touch-and-pause': 'pause',
  'pop': 'surface',
  'walk': 'surface',
}

/** A year of outings with chance bites: each minute carries the stretch's invented rate. */
export function trips(random: () => number): Trip<Reading>[] {
  let events = 0
  const within = (low: number, high: number) => low + (high - low) * random()
  return OUTINGS.map(({ start, placeId, like, change, fished }, t) => {
    const reading: Reading = { ...READINGS[like]!, at: start, ...change }
    let clock = Date.parse(start)
    const stints = fished.map(
      ([name, minutes, perHour, outfitId, depthM, speedMs, cadence, rig], s): Stint<Reading> => {
        const begun = clock
        const [latitude, longitude] = SPOTS[placeId][s % SPOTS[placeId].length]!
        const [usual, spread, gramsAtMetre] = SIZES[reading.species]!
        const seen: TripEvent[] = []
        for (let minute = 0; minute < minutes; minute++) {
          if (random() > (perHour / 60) * BITES) continue
          const fate = random()
          const kind = FATES.find(([, upTo]) => fate < upTo)![0]
          const lengthMm =
            kind === 'landed'
              ? Math.round(Math.max(0.5 * usual, usual + spread * (random() + random() + random() - 1.5)))
              : null
          seen.push({
            id: `e${++events}`,
            at: new Date(begun + minute * MINUTE_MS).toISOString(),
            kind,
            when: kind === 'follow' ? null : random() < 0.7 ? (WHEN[cadence] ?? 'retrieve') : 'retrieve',
            species: reading.species,
            lengthMm,
            weightG:
              lengthMm && random() < 0.5 ? Math.round(gramsAtMetre * (lengthMm / 1000) ** 3 * within(0.9, 1.1)) : null,
            depthM: Math.round(10 * Math.max(0, depthM * within(0.85, 1.1))) / 10,
            hookedAt: kind === 'landed' ? (random() < 0.7 ? 'lip' : random() < 0.6 ? 'inside' : 'outside') : null,
            ...(kind === 'landed' && random() < 0.6
              ? {
                  latitude: Number((latitude + within(-0.003, 0.003)).toFixed(5)),
                  longitude: Number((longitude + within(-0.005, 0.005)).toFixed(5)),
                }
              : {}),
          })
        }
        clock += minutes * MINUTE_MS
        return {
          id: `t${t + 1}s${s + 1}`,
          start: new Date(begun).toISOString(),
          end: new Date(clock).toISOString(),
          lureId: demoLure(name).id,
          trailerId: null,
          rig: rig ?? null,
          outfitId,
          depthM,
          speedMs,
          cadence,
          casts: Math.round(minutes / CAST_MINUTES),
          reading,
          events: seen,
        }
      },
    )
    return { id: `trip${t + 1}`, placeId, start, end: new Date(clock).toISOString(), stints }
  })
}

/** The log tells of hits and follows beside fish, hence more events than the rates name fish. */
const BITES = 3
