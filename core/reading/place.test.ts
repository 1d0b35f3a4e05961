import { describe, expect, it } from 'vitest'
import { distanceKm, type HomeWater, isAt, lastAt, type NotedReading, placeAt, usualAt } from './place'

const LAKE: HomeWater = {
  id: 'lake',
  name: 'Lake',
  latitude: 58.4,
  longitude: 13.2,
  water: 'lake',
  visibilityM: 1.3,
  stain: 'brown',
  species: ['northern-pike', 'perch'],
  forage: ['bleak'],
}
const MOUTH: HomeWater = {
  id: 'mouth',
  name: 'Mouth',
  latitude: 58.3,
  longitude: 12.9,
  water: 'estuary',
  salinityPsu: 22,
}

describe('home waters', () => {
  it('a minute of latitude is a sea mile (1.852 km)', () =>
    expect(distanceKm({ latitude: 50, longitude: 8 }, { latitude: 50 + 1 / 60, longitude: 8 })).toBeCloseTo(1.852, 2))
  it('the nearest within reach is where one is; far off, nowhere; without a position, nowhere', () => {
    expect(placeAt([LAKE, MOUTH], { latitude: 58.39, longitude: 13.15 })?.id).toBe('lake')
    expect(placeAt([LAKE, MOUTH], { latitude: 58.31, longitude: 12.92 })?.id).toBe('mouth')
    expect(placeAt([LAKE, MOUTH], { latitude: 40, longitude: 0 })).toBeNull()
    expect([isAt(LAKE, {}), distanceKm({}, LAKE)]).toEqual([false, null])
  })
  it('going there takes over what the water is usually like, and keeps a fish that lives there', () => {
    expect(usualAt(LAKE, { species: 'perch', temperatureC: 10 })).toEqual({
      water: 'lake',
      latitude: 58.4,
      longitude: 13.2,
      visibilityM: 1.3,
      stain: 'brown',
      forage: [{ kind: 'bleak' }],
    })
    expect(usualAt(LAKE, { species: 'sea-bass', temperatureC: 10 }).species).toBe('northern-pike')
  })
  it('as last time here: the newest of that water', () => {
    const note = (id: string, placeId: string, at: string): NotedReading => ({
      id,
      placeId,
      at,
      reading: { species: 'perch', temperatureC: 10 },
    })
    expect(
      lastAt('lake', [
        note('a', 'lake', '2026-05-01T10:00:00Z'),
        note('b', 'lake', '2026-05-03T10:00:00+02:00'),
        note('c', 'mouth', '2026-06-01T10:00:00Z'),
      ])?.id,
    ).toBe('b')
    expect(lastAt('lake', [])).toBeNull()
  })
})
