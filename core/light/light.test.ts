import SunCalc from 'suncalc'
import { describe, expect, it } from 'vitest'
import { bandAttenuation, lightLeft } from './attenuation'
import { relativeLuminance } from './luminance'
import { sunPosition } from './sun'

describe('sunPosition', () => {
  it('stands in the zenith at the equator at equinox noon (±0.5°)', () => {
    expect(sunPosition('2026-03-20T12:07:00Z', 0, 0).altitudeDeg).toBeGreaterThan(89.5)
  })
  it('50° N, June solstice, local noon: 63.4° ± 0.3 (90 − 50 + 23.44)', () => {
    expect(Math.abs(sunPosition('2026-06-21T12:02:00Z', 50, 0).altitudeDeg - 63.44)).toBeLessThan(0.3)
  })
  it('agrees with a second astronomy package within 0.3°', () => {
    for (const [at, latitude, longitude] of [
      ['2026-01-15T08:30:00Z', 58.4, 13.2],
      ['2026-07-01T18:00:00Z', -33, 151],
      ['2030-10-10T03:15:00Z', 10, -60],
    ] as const) {
      const other = SunCalc.getPosition(new Date(at), latitude, longitude)
      const ours = sunPosition(at, latitude, longitude)
      const degrees = 180 / Math.PI
      expect(Math.abs(ours.altitudeDeg - other.altitude * degrees)).toBeLessThan(0.3)
      // Near zenith and nadir azimuth means little: compare the angle on the sky. SunCalc counts it from south.
      const apart = ((ours.azimuthDeg - other.azimuth * degrees - 180 + 540) % 360) - 180
      expect(Math.abs(apart * Math.cos(other.altitude))).toBeLessThan(0.3)
    }
  })
  it('refuses what is no date or no place', () => {
    expect(() => sunPosition('yesterday', 0, 0)).toThrow(/at is not/)
    expect(() => sunPosition('2026-01-01T00:00:00Z', 95, 0)).toThrow(/latitude/)
  })
})

describe('bandAttenuation', () => {
  it('passes the colour that each water is known for: blue or green in clear, green in green, red in brown (handbook §D)', () => {
    const clearest = (visibility: number, stain: 'clear' | 'green' | 'brown') => {
      const left = lightLeft(bandAttenuation(visibility, stain), 2)
      return (['red', 'green', 'blue'] as const)[left.indexOf(Math.max(...left))]
    }
    expect([clearest(60, 'clear'), clearest(1.5, 'green'), clearest(1, 'brown')]).toEqual(['blue', 'green', 'red'])
  })
  it('leaves 1/e of red (650 nm) at 2.5–3 m of the clearest water (Pope & Fry 1997: 0.340 1/m, a little more for slanting light)', () => {
    const metres = 1 / bandAttenuation(60, 'clear')[0]
    expect(metres).toBeGreaterThan(2.4)
    expect(metres).toBeLessThan(1 / 0.34)
  })
  it('more mud, less light, in every band', () => {
    const [thin, thick] = [bandAttenuation(2, 'mud'), bandAttenuation(0.5, 'mud')]
    for (const band of [0, 1, 2] as const) expect(thick[band]).toBeGreaterThan(thin[band])
  })
})

describe('relativeLuminance', () => {
  // WCAG 2: white 1, black 0, pure green 0.7152.
  it.each([
    ['#ffffff', 1],
    ['#000000', 0],
    ['#00ff00', 0.7152],
  ])('%s → %d', (hex, expected) => expect(relativeLuminance(hex)).toBeCloseTo(expected, 4))
  it('refuses other notations', () => expect(() => relativeLuminance('red')).toThrow(RangeError))
})
