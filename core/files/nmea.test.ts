import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { nmeaChecksum, NmeaReader, nmeaSentence, parseNmea } from './nmea'

const GGA = '$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47' // the widely published example

describe('NMEA 0183', () => {
  // First: widely published example. The others by the XOR rule (handbook, checks F).
  it.each([[GGA], ['$YXMTW,17.75,C*26'], ['$SDDPT,3.6,0.0*52']])('%s is sound, and no other two digits are', (sentence) => {
    expect(new NmeaReader().read(sentence)).toBe(true)
    for (let i = 0; i < 256; i++) {
      const digits = i.toString(16).toUpperCase().padStart(2, '0')
      if (!sentence.endsWith(digits)) expect(new NmeaReader().read(sentence.slice(0, -2) + digits)).toBe(false)
    }
  })
  it('position, depth, temperature, speed and time', () => {
    const { last, counts } = parseNmea([
      nmeaSentence('GPRMC,123519,A,4807.038,N,01131.000,W,022.4,084.4,230394,003.1,W'), nmeaSentence('SDDPT,3.6,0.4'), '$YXMTW,17.75,C*26', nmeaSentence('VWVHW,,T,,M,2.0,N,3.7,K'),
    ].join('\r\n'))
    expect(last).toEqual({ at: '2094-03-23T12:35:19Z', latitude: expect.closeTo(48.1173, 4), longitude: expect.closeTo(-11.5167, 4), depthM: 4, temperatureC: 17.75, speedMs: expect.closeTo(1.0289, 4) })
    expect(counts).toEqual({ sentences: 4, badChecksum: 0, unknown: 0, broken: 0 })
  })
  it('a broken log is read as far as it is sound, and what was skipped is counted', () => {
    const log = parseNmea([GGA, 'rubbish', GGA.replace('*47', '*48'), nmeaSentence('GPXXX,1,2'), nmeaSentence('YXMTW,99.0,C'), '$YXMTW,17.75,C', '$YXMTW,17.75,C*26', ''].join('\n'))
    expect(log.counts).toEqual({ sentences: 2, badChecksum: 2, unknown: 1, broken: 2 })
    expect(log.last.temperatureC).toBe(17.75)
    expect(log.moments).toHaveLength(1)
  })
  it('checksums of its own sentences hold; nothing makes it throw', () => {
    fc.assert(fc.property(fc.string().filter(s => !/[*$\r\n]/.test(s)), body => nmeaSentence(body).endsWith(`*${nmeaChecksum(body)}`)))
    fc.assert(fc.property(fc.string({ unit: 'binary' }), text => Array.isArray(parseNmea(text).moments)), { numRuns: 500 })
  })
})
