import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Reading } from '#core/reading'
import { SPECIES, STAINS } from '#core/terms'
import { parseFile } from '#core/files'
import { waterFromLink, waterInFile, waterInLink, waterOfFile } from './sent-water'

const readings: fc.Arbitrary<Reading> = fc.record({
  species: fc.constantFrom(...SPECIES),
  at: fc.constantFrom('2026-05-06T06:40:00+02:00', '2026-11-28T23:10:00-05:00'),
  latitude: fc.double({ min: -89, max: 89, noNaN: true }),
  longitude: fc.double({ min: -179, max: 179, noNaN: true }),
  temperatureC: fc.double({ min: 0, max: 33, noNaN: true }),
  visibilityM: fc.double({ min: 0.1, max: 15, noNaN: true }),
  stain: fc.constantFrom(...STAINS),
})

describe('a water in a link', () => {
  it('comes back as it was but for the spot, of which a degree is left', () => {
    fc.assert(
      fc.property(readings, reading => {
        const link = waterInLink(reading)
        expect(link).toMatch(/^[\w-]+$/)
        const outcome = waterFromLink(link)
        expect(outcome?.ok).toBe(true)
        if (!outcome?.ok) return
        const { latitude, longitude, ...water } = outcome.value
        const { latitude: north, longitude: east, ...sent } = reading
        expect(water).toEqual(sent)
        expect([Number.isInteger(latitude), Number.isInteger(longitude)]).toEqual([true, true])
        expect(Math.abs(latitude! - north!)).toBeLessThanOrEqual(0.5)
        expect(Math.abs(longitude! - east!)).toBeLessThanOrEqual(0.5)
      }),
    )
  })
  it.each(['', '!!', 'AAAA', btoa('[1'), btoa('7'), '<script>'])('%j holds none and breaks nothing', text => {
    expect(waterFromLink(text)?.ok ?? false).toBe(false)
  })
  it('any text at all is refused or read, never thrown', () => {
    fc.assert(fc.property(fc.string(), text => void waterFromLink(text)))
    fc.assert(fc.property(fc.json(), json => void waterFromLink(btoa(unescape(encodeURIComponent(json))))))
  })
  it('an impossible water is refused with the field that is wrong', () => {
    const outcome = waterFromLink(waterInLink({ species: 'zander', temperatureC: 300 }))
    expect(outcome?.ok === false && outcome.issues.map(issue => issue.path)).toEqual(['temperatureC'])
  })
})

describe('a water in a file', () => {
  it('is an Ygrion file, and opens as the same water as the link', () => {
    fc.assert(
      fc.property(readings, reading => {
        const file = parseFile(JSON.parse(JSON.stringify(waterInFile(reading, 'the white one'))))
        expect(file.ok && waterOfFile(file.value)).toEqual({ water: waterInLink(reading), tied: 'the white one' })
      }),
    )
  })
  it('a box with a water in its settings is a box', () => {
    const box = { format: 'ygrion', version: 1, lures: [{ id: 'a', name: 'a', family: 'tube' }] } as const
    expect(waterOfFile({ ...box, settings: { reading: { species: 'zander' } } } as never)).toBeNull()
    expect(waterOfFile({ format: 'ygrion', version: 1 })).toBeNull()
  })
})
