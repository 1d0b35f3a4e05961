import fc from 'fast-check'
import type { Reading } from '#core/reading'
import { MOODS, SPECIES, STAINS, STANDS } from '#core/terms'

/** Waters of every kind, for properties that must hold in all of them. */
export const anyWater: fc.Arbitrary<Reading> = fc.record({
  species: fc.constantFrom(...SPECIES),
  temperatureC: fc.double({ min: 2, max: 30, noNaN: true }),
  visibilityM: fc.double({ min: 0.15, max: 8, noNaN: true }),
  stain: fc.constantFrom(...STAINS),
  mood: fc.constantFrom(...MOODS),
  from: fc.constantFrom(...STANDS),
  bottomM: fc.double({ min: 1, max: 14, noNaN: true }),
  currentMs: fc.double({ min: 0, max: 1, noNaN: true }),
  cover: fc
    .subarray(['open', 'grass', 'wood', 'rock', 'dock'] as const, { minLength: 1, maxLength: 2 })
    .map(list => [...list]),
})
