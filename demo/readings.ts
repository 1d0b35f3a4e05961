import type { Reading } from '#core/reading'

const AVERIN = { latitude: 58.4, longitude: 13.2, water: 'lake' } as const
const SKARNE = { latitude: 58.3, longitude: 12.9 } as const

/** The six readings of the demo (design: Averin Water, Skarne Mouth). Invented. */
export const READINGS: Record<string, Reading> = {
  'spring-morning': {
    species: 'northern-pike', at: '2026-05-06T06:40:00+02:00', ...AVERIN, temperatureC: 11.5, trend: 'warming', visibilityM: 1.2, stain: 'brown', sky: 'broken', windMs: 5,
    bottomM: 4, fishFromM: 1, fishToM: 3, cover: ['reeds'], forage: [{ kind: 'bleak', lengthMm: 90 }], mood: 'neutral', pressure: 'medium', from: 'boat',
  },
  'hot-afternoon': {
    species: 'zander', at: '2026-07-22T15:10:00+02:00', ...AVERIN, temperatureC: 24, trend: 'steady', visibilityM: 1.4, stain: 'green', sky: 'sun', windMs: 1,
    bottomM: 9, fishFromM: 7.5, fishToM: 9, cover: ['rock'], forage: [{ kind: 'smelt', lengthMm: 100 }], mood: 'lethargic', pressure: 'medium', from: 'boat',
  },
  'muddy-flood': {
    species: 'perch', at: '2026-04-18T11:20:00+02:00', ...AVERIN, water: 'river', temperatureC: 9.5, trend: 'cooling', visibilityM: 0.3, stain: 'mud', sky: 'rain', windMs: 6,
    currentMs: 0.5, bottomM: 2.5, fishFromM: 1.2, fishToM: 2.4, cover: ['wood', 'current-seam'], forage: [{ kind: 'worm', lengthMm: 70 }], mood: 'neutral', from: 'bank',
  },
  'winter-noon': {
    species: 'perch', at: '2026-12-14T12:15:00+01:00', ...AVERIN, temperatureC: 3.5, trend: 'cooling', visibilityM: 5, stain: 'clear', sky: 'sun', windMs: 2,
    bottomM: 8, fishFromM: 6.5, fishToM: 8, cover: ['open', 'rock'], forage: [{ kind: 'minnow', lengthMm: 55 }], mood: 'lethargic', pressure: 'high', from: 'boat',
  },
  'windy-dusk': {
    species: 'sea-bass', at: '2026-10-03T18:50:00+02:00', ...SKARNE, water: 'surf', temperatureC: 13.5, trend: 'cooling', visibilityM: 1.8, stain: 'green', sky: 'overcast', windMs: 10,
    waveM: 1.2, currentMs: 0.3, tide: 'rising', bottomM: 3, fishFromM: 0.5, fishToM: 2.5, cover: ['rock', 'sand'], forage: [{ kind: 'sand-eel', lengthMm: 130 }],
    mood: 'aggressive', pressure: 'low', from: 'bank',
  },
  'night-rocks': {
    species: 'sea-trout', at: '2026-08-28T23:40:00+02:00', ...SKARNE, water: 'estuary', temperatureC: 15, trend: 'steady', visibilityM: 2.5, stain: 'clear', sky: 'night', moonFraction: 0.3, windMs: 3,
    currentMs: 0.2, tide: 'falling', bottomM: 3.5, fishFromM: 0.2, fishToM: 1.5, cover: ['rock', 'sand'], forage: [{ kind: 'sand-eel', lengthMm: 120 }, { kind: 'shrimp', lengthMm: 60 }],
    mood: 'neutral', pressure: 'medium', from: 'wading',
  },
}
