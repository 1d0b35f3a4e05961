import { getMoonPosition } from 'suncalc'
import { describe, expect, it } from 'vitest'
import { isNight } from './clear-sky'
import { moonAltitude } from './moon'
import { skyOver } from './sky-over'
import { surfaceLux, underSurface } from './surface'

const night = { sky: 'night' as const, sunAltitudeDeg: -30, moonFraction: 1 }

describe('the moon by the almanac', () => {
  it.each([
    ['2026-06-01T01:00:00Z', 46, 8],
    ['2026-11-24T22:00:00Z', -33, 151],
    ['2026-02-10T04:30:00Z', 60, -120],
  ])(
    'stands where a second almanac has it (suncalc; within 1.2°: that one is of low precision): %s at %d, %d',
    (at, latitude, longitude) => {
      const { altitude } = getMoonPosition(new Date(at), latitude, longitude)
      expect(Math.abs(moonAltitude(at, latitude, longitude) - (altitude * 180) / Math.PI)).toBeLessThan(1.2)
    },
  )
  it('refuses what is no date', () => expect(() => moonAltitude('yesterday', 0, 0)).toThrow(/ISO 8601/))
  it('what was read outranks the almanac; without a time nothing is known of its height', () => {
    const read = {
      sky: 'night' as const,
      at: '2026-06-01T01:00:00Z',
      latitude: 46,
      longitude: 8,
      moonFraction: 0.9,
      nightCloud: 'clear' as const,
      moonAltitudeDeg: null,
    }
    expect(skyOver(read).moonAltitudeDeg).toBeCloseTo(moonAltitude(read.at, 46, 8), 9)
    expect(skyOver({ ...read, moonAltitudeDeg: 12 }).moonAltitudeDeg).toBe(12)
    expect(skyOver({ ...read, at: null }).moonAltitudeDeg).toBeNull()
    expect(skyOver({ ...read, at: null }).sunAltitudeDeg).toBe(45)
  })
})

describe('when it is night', () => {
  // Civil twilight ends at -6°: shapes are still seen; at -12° (nautical) the horizon is gone (almanac definitions).
  it('is after civil twilight and before the end of nautical twilight', () => {
    expect([0, -6, -8, -12, -30].map(isNight)).toEqual([false, false, false, true, true])
  })
})

describe('light by night', () => {
  it('a full moon gives 0.05 to 0.3 lx from half-way up to the zenith (Kyba, Mohar & Posch 2017; from memory), 0.2 at 45°', () => {
    expect(surfaceLux({ ...night, moonAltitudeDeg: 45 })).toBeCloseTo(0.2, 2)
    expect(surfaceLux({ ...night, moonAltitudeDeg: 90 })).toBeLessThan(0.32)
    expect(surfaceLux({ ...night, moonAltitudeDeg: 20 })).toBeGreaterThan(0.05)
  })
  it('higher is lighter; set it leaves starlight', () => {
    const at = (moonAltitudeDeg: number) => surfaceLux({ ...night, moonAltitudeDeg })
    expect(at(60)).toBeGreaterThan(at(30))
    expect(at(30)).toBeGreaterThan(at(5))
    expect(at(-12)).toBeCloseTo(6e-4, 4)
  })
  it('cloud dims stars and moon as it dims the sun (overcast leaves a quarter: Kasten & Czeplak 1980) and takes the beam', () => {
    const clear = { ...night, nightCloud: 'clear' as const }
    const overcast = { ...night, nightCloud: 'overcast' as const }
    expect(surfaceLux(overcast) / surfaceLux(clear)).toBeCloseTo(0.25, 6)
    expect(underSurface(clear).direct).toBeGreaterThan(0.5)
    expect(underSurface(overcast).direct).toBe(0)
  })
  it('by day the sky says it all: cloud of the night changes nothing', () => {
    const day = { sky: 'broken' as const, sunAltitudeDeg: 40, moonFraction: 0 }
    expect(surfaceLux({ ...day, nightCloud: 'rain' })).toBe(surfaceLux(day))
  })
})
