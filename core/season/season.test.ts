import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FORAGE_HABITS, SPECIES_HABITS } from '#core/knowledge'
import { FORAGE, SPECIES } from '#core/terms'
import { activityAt, dayOfYear, isStressed, phaseShares } from './phases'
import { usualDepth, usualForageLength } from './usual-depth'

const bass = { species: 'largemouth-bass', trend: 'steady', latitude: 50 } as const
const main = (shares: Record<string, number>) => Object.entries(shares).reduce((a, b) => (b[1] > a[1] ? b : a))[0]

describe('phaseShares', () => {
  it('sums to 1 for every species, temperature and day', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: -2, max: 40, noNaN: true }),
        fc.integer({ min: 1, max: 28 }),
        fc.integer({ min: 1, max: 12 }),
        (species, temperatureC, day, month) => {
          const at = `2026-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}T08:00:00+01:00`
          const sum = Object.values(phaseShares({ species, temperatureC, trend: 'steady', at, latitude: 55 })).reduce(
            (a, b) => a + b,
          )
          expect(sum).toBeCloseTo(1, 9)
        },
      ),
    )
  })
  // Common practice, no source: the same temperature means pre-spawn in spring and autumn in October.
  it('tells spring from autumn at one temperature', () => {
    expect(main(phaseShares({ ...bass, temperatureC: 13, at: '2026-04-10T09:00:00Z' }))).toBe('pre-spawn')
    expect(main(phaseShares({ ...bass, temperatureC: 19, at: '2026-10-10T09:00:00Z' }))).toBe('autumn')
  })
  // Common practice, no source: at one temperature rising water is spring, falling water autumn; most where no date says it.
  it('a warming trend speaks for spring, a cooling one for autumn', () => {
    const share = (trend: 'warming' | 'cooling', at: string | null) =>
      phaseShares({ ...bass, trend, temperatureC: 13, at })['pre-spawn']
    expect(share('warming', null)).toBeGreaterThan(share('cooling', null) + 0.3)
    expect(share('warming', '2026-03-20T09:00:00Z')).toBeGreaterThan(share('cooling', '2026-03-20T09:00:00Z'))
  })
  it('turns the year round in the south', () => {
    const north = phaseShares({ ...bass, temperatureC: 14, at: '2026-04-10T09:00:00Z' })
    const south = phaseShares({ ...bass, temperatureC: 14, at: '2026-10-10T09:00:00Z', latitude: -38 })
    expect(Math.abs(north['pre-spawn'] - south['pre-spawn'])).toBeLessThan(0.06)
  })
})

describe('activity and stress', () => {
  it('is one half at both ends of the active range and 1 inside', () => {
    expect(activityAt('largemouth-bass', 18)).toBeCloseTo(0.5, 9)
    expect(activityAt('largemouth-bass', 29)).toBeCloseTo(0.5, 9)
    expect(activityAt('largemouth-bass', 18 + 0.65 * 11)).toBeCloseTo(1, 9)
  })
  it('brown trout are left alone above 19 °C (handbook §20, from memory)', () => {
    expect([isStressed('brown-trout', 19.5), isStressed('brown-trout', 18)]).toEqual([true, false])
  })
})

describe('dayOfYear', () => {
  it.each([
    ['2026-01-01T00:10:00+02:00', 1],
    ['2024-12-31T23:00:00Z', 366],
    ['2026-08-08T12:00:00Z', 220],
  ])('%s → %d', (at, day) => expect(dayOfYear(at)).toBe(day))
})

describe('usual depths', () => {
  const only = (phase: string) => ({
    'winter': 0,
    'spring': 0,
    'pre-spawn': 0,
    'spawn': 0,
    'post-spawn': 0,
    'summer': 0,
    'autumn': 0,
    [phase]: 1,
  })
  it.each(SPECIES)('%s: depths rise, and mixed seasons lie between', species => {
    const { waters, ...habits } = SPECIES_HABITS[species]
    expect(waters.length).toBeGreaterThan(0)
    for (const season of ['winter', 'spring', 'summer', 'autumn'] as const)
      expect(habits[season][0]).toBeLessThan(habits[season][1])
    const [winter, summer] = [usualDepth(species, only('winter')), usualDepth(species, only('summer'))]
    const mixed = usualDepth(species, { ...only('winter'), winter: 0.5, summer: 0.5 })
    expect(mixed[1]).toBeCloseTo((winter[1] + summer[1]) / 2, 9)
  })
  it.each(FORAGE)('%s: a possible length in every season, mixed between them', forage => {
    const { movement, ...lengths } = FORAGE_HABITS[forage]
    expect(movement.length).toBeGreaterThan(10)
    const all = Object.values(lengths)
    for (const length of all) expect(length).toBeGreaterThan(5)
    const mixed = usualForageLength(forage, { ...only('winter'), winter: 0.5, summer: 0.5 })
    expect(mixed).toBeGreaterThanOrEqual(Math.min(...all))
    expect(mixed).toBeLessThanOrEqual(Math.max(...all))
  })
  it('freshwater bass and pike are shallowest about spawning (trade §11, common practice)', () => {
    for (const species of ['largemouth-bass', 'northern-pike', 'smallmouth-bass'] as const)
      expect(usualDepth(species, only('spawn'))[1]).toBeLessThan(usualDepth(species, only('winter'))[1])
  })
})
