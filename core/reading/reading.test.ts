import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SPECIES, WATERS } from '#core/terms'
import { completeReading } from './complete'
import { readingDistance } from './likeness'
import { withNight } from './night'
import type { Reading } from './reading'

const minimal = { species: 'perch', temperatureC: 12 } as const

describe('completeReading', () => {
  it('fills the contract’s defaults and names each', () => {
    const { reading, assumed } = completeReading(minimal)
    expect(reading).toMatchObject({
      latitude: 50,
      longitude: 0,
      water: 'lake',
      salinityPsu: 0,
      trend: 'steady',
      visibilityM: 1.5,
      stain: 'green',
      sky: 'broken',
      windMs: 3,
      currentMs: 0,
      bottomM: 5,
      fishFromM: 2,
      fishToM: 4,
      cover: ['open'],
      mood: 'neutral',
      pressure: 'medium',
      from: 'boat',
      shortStrikes: false,
    })
    expect(assumed).toEqual(
      expect.arrayContaining([
        'latitude',
        'water',
        'visibilityM',
        'stain',
        'sky',
        'bottomM',
        'fishFromM',
        'fishToM',
        'cover',
        'forage',
        'mood',
        'from',
      ]),
    )
    expect(assumed).not.toContain('temperatureC')
  })
  it.each([
    ['estuary', 20, 0],
    ['surf', 35, 0],
    ['sea', 35, 0],
    ['river', 0, 0.3],
    ['lake', 0, 0],
  ] as const)('%s: salinity %d, current %d m/s', (water, salinityPsu, currentMs) => {
    expect(completeReading({ ...minimal, water }).reading).toMatchObject({ salinityPsu, currentMs })
  })
  it('is clear above 2 m of sight, else green; what is given is kept', () => {
    expect(completeReading({ ...minimal, visibilityM: 2.5 }).reading.stain).toBe('clear')
    expect(completeReading({ ...minimal, visibilityM: 2 }).reading.stain).toBe('green')
    expect(completeReading({ ...minimal, visibilityM: 4, stain: 'mud' })).toMatchObject({ reading: { stain: 'mud' } })
  })
  it('by night a cloud is one by night, whatever word was chosen for the sky; twilight is not night yet', () => {
    const skyAt = (at: string | null, part: Partial<Reading> = {}) => {
      const given: Reading = { species: 'sea-bass', temperatureC: 16, latitude: 50, longitude: -4, at, ...part }
      const { sky, nightCloud } = withNight(completeReading(given).reading)
      return [sky, nightCloud]
    }
    const [midnight, dusk] = ['2026-09-05T23:30:00+01:00', '2026-09-05T20:15:00+01:00']
    expect(skyAt(midnight, { sky: 'overcast' })).toEqual(['night', 'overcast'])
    expect(skyAt(midnight, { sky: 'sun' })).toEqual(['night', 'clear'])
    expect(skyAt(midnight, { sky: 'broken', nightCloud: 'rain' })).toEqual(['night', 'rain'])
    expect(skyAt(midnight)).toEqual(['night', 'broken'])
    expect(skyAt(midnight, { sky: 'night' })).toEqual(['night', 'clear'])
    expect(skyAt(dusk, { sky: 'overcast' })).toEqual(['overcast', 'overcast'])
    expect(skyAt(null, { sky: 'overcast' })).toEqual(['overcast', 'overcast'])
  })
  it('null means the same as absent', () => {
    expect(completeReading({ ...minimal, visibilityM: null, cover: null })).toEqual(completeReading(minimal))
  })
  it('takes the species’ usual prey at its usual length, and keeps a length that was given', () => {
    expect(completeReading(minimal).reading.forage[0]).toEqual({ kind: 'minnow', lengthMm: 65 })
    expect(completeReading({ ...minimal, forage: [{ kind: 'goby', lengthMm: 40 }] }).reading.forage).toEqual([
      { kind: 'goby', lengthMm: 40 },
    ])
  })
  it('never leaves the band upside down or empty of prey', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...WATERS),
        fc.option(fc.double({ min: 0.5, max: 40, noNaN: true })),
        fc.option(fc.double({ min: 0, max: 10, noNaN: true })),
        (species, water, bottomM, fishFromM) => {
          const { reading } = completeReading({ species, water, temperatureC: 15, bottomM, fishFromM })
          expect(reading.fishFromM).toBeLessThanOrEqual(reading.fishToM)
          expect(reading.forage.length).toBeGreaterThan(0)
        },
      ),
    )
  })
})

describe('how alike two readings are', () => {
  const under = (sky: 'sun' | 'broken' | 'overcast' | 'night') => completeReading({ ...minimal, sky }).reading
  const apart = (a: Parameters<typeof under>[0], b: Parameters<typeof under>[0]) => readingDistance(under(a), under(b))
  // Common practice, no source: what fish took by night says less of any day than one day's light of another's.
  it('a night is further from any day than two days’ lights are from each other', () => {
    for (const day of ['sun', 'broken', 'overcast'] as const)
      expect(apart(day, 'night')).toBeGreaterThan(apart('sun', 'overcast'))
    expect(apart('night', 'night')).toBe(0)
    expect(apart('sun', 'overcast')).toBeGreaterThan(0)
  })
})
