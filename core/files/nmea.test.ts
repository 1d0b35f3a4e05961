import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { nmeaChecksum, NmeaReader, nmeaSentence, parseNmea } from './nmea'

const GGA = '$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47' // the widely published example

describe('NMEA 0183', () => {
  // First: widely published example. The others by the XOR rule (handbook, checks F).
  it.each([[GGA], ['$YXMTW,17.75,C*26'], ['$SDDPT,3.6,0.0*52']])(
    '%s is sound, and no other two digits are',
    sentence => {
      expect(new NmeaReader().read(sentence)).toBe(true)
      for (let i = 0; i < 256; i++) {
        const digits = i.toString(16).toUpperCase().padStart(2, '0')
        if (!sentence.endsWith(digits)) expect(new NmeaReader().read(sentence.slice(0, -2) + digits)).toBe(false)
      }
    },
  )
  it('position, depth, temperature, speed and time', () => {
    const { last, counts } = parseNmea(
      [
        nmeaSentence('GPRMC,123519,A,4807.038,N,01131.000,W,022.4,084.4,230394,003.1,W'),
        nmeaSentence('SDDPT,3.6,0.4'),
        '$YXMTW,17.75,C*26',
        nmeaSentence('VWVHW,,T,,M,2.0,N,3.7,K'),
      ].join('\r\n'),
    )
    expect(last).toEqual({
      at: '2094-03-23T12:35:19Z',
      latitude: expect.closeTo(48.1173, 4),
      longitude: expect.closeTo(-11.5167, 4),
      depthM: 4,
      temperatureC: 17.75,
      speedMs: expect.closeTo(1.0289, 4),
    })
    expect(counts).toEqual({ sentences: 4, badChecksum: 0, unknown: 0, broken: 0 })
  })
  it('a broken log is read as far as it is sound, and what was skipped is counted', () => {
    const log = parseNmea(
      [
        GGA,
        'rubbish',
        GGA.replace('*47', '*48'),
        nmeaSentence('GPXXX,1,2'),
        nmeaSentence('YXMTW,99.0,C'),
        '$YXMTW,17.75,C',
        '$YXMTW,17.75,C*26',
        '',
      ].join('\n'),
    )
    expect(log.counts).toEqual({ sentences: 2, badChecksum: 2, unknown: 1, broken: 2 })
    expect(log.last.temperatureC).toBe(17.75)
    expect(log.moments).toHaveLength(1)
  })
  it('each sentence says its own thing and leaves the rest as it was', () => {
    const reader = new NmeaReader()
    const after = (body: string) => {
      expect(reader.read(nmeaSentence(body)), body).toBe(true)
      return reader.now
    }
    expect(after('GPGLL,4916.45,S,12311.12,W,225444,A').latitude).toBeCloseTo(-49.27417, 4)
    expect(reader.now).toMatchObject({ longitude: expect.closeTo(-123.18533, 4), at: null, depthM: null })
    // 201530 UTC on the fourth of July: only with a date is there a moment.
    expect(after('GPZDA,201530.00,04,07,2026,00,00').at).toBe('2026-07-04T20:15:30Z')
    expect(after('SDDBT,12.5,f,3.8,M,2.1,F').depthM).toBe(3.8)
    expect(after('SDDBS,13.1,f,4.0,M,2.2,F').depthM).toBe(4)
    // The offset of DPT is to the surface when positive, to the keel when negative: only the first deepens.
    expect(after('SDDPT,3.6,-0.4').depthM).toBe(3.6)
    expect(after('SDDPT,3.6,').depthM).toBe(3.6)
    expect(after('GPVTG,054.7,T,034.4,M,005.5,N,010.2,K').speedMs).toBeCloseTo((5.5 * 1852) / 3600, 6)
    expect(after('YXMTW,,C')).toMatchObject({ temperatureC: null, depthM: 3.6 })
  })
  it.each([
    ['a side that is none', 'GPGLL,4916.45,X,12311.12,W,225444,A'],
    ['minutes that are none', 'GPGLL,49x6.45,N,12311.12,W,225444,A'],
    ['a depth in words', 'SDDPT,deep,0.0'],
    ['a depth below nought', 'SDDBT,0,f,-1,M,0,F'],
    ['speed of a train', 'GPVTG,,T,,M,300,N,,K'],
    ['a latitude beyond the pole', 'GPGLL,9916.45,N,12311.12,W,225444,A'],
  ])('%s is broken, counted, and changes nothing', (_, body) => {
    const reader = new NmeaReader()
    reader.read(nmeaSentence('SDDPT,3.6,0.0'))
    const before = reader.now
    expect(reader.read(nmeaSentence(body))).toBe(false)
    expect(reader.counts).toMatchObject({ sentences: 1, broken: 1 })
    expect(reader.now).toBe(before)
  })
  it('a sentence without a date gives no moment; a clock that is none keeps the last one', () => {
    const reader = new NmeaReader()
    reader.read(GGA)
    expect(reader.now.at).toBeNull()
    reader.read(nmeaSentence('GPZDA,201530.00,04,07,2026,00,00'))
    reader.read(nmeaSentence('GPGGA,noon,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,'))
    expect(reader.now.at).toBe('2026-07-04T20:15:30Z')
  })
  it('checksums of its own sentences hold; nothing makes it throw', () => {
    fc.assert(
      fc.property(
        fc.string().filter(s => !/[*$\r\n]/.test(s)),
        body => nmeaSentence(body).endsWith(`*${nmeaChecksum(body)}`),
      ),
    )
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), text => Array.isArray(parseNmea(text).moments)),
      { numRuns: 500 },
    )
  })
})
