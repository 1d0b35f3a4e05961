import { describe, expect, it } from 'vitest'
import { parseNmea } from '#core/files'
import { seededRandom } from '#core/numeric'
import { boatSentences } from './simulated-boat'
import { gaugeReading } from './simulated-gauge'

const AT = new Date('2026-05-06T06:40:12Z')

describe('the simulated feeds', () => {
  it('the boat speaks sound NMEA that says where, when, how deep, how warm and how fast', () => {
    const random = seededRandom(1)
    const { last, counts } = parseNmea(
      Array.from({ length: 60 }, (_, s) => boatSentences(s, AT, random))
        .flat()
        .join('\n'),
    )
    expect(counts).toEqual({ sentences: 240, badChecksum: 0, unknown: 0, broken: 0 })
    expect(last.at).toBe('2026-05-06T06:40:12Z')
    expect(last.latitude!).toBeGreaterThan(58.4)
    expect(last.depthM!).toBeGreaterThan(1)
    expect(last.temperatureC!).toBeCloseTo(12.4, 0)
    expect(last.speedMs!).toBeCloseTo(0.9, 1)
  })
  it('the gauge says that it is simulated, and clears as the flood falls', () => {
    const early = gaugeReading(new Date(7 * 86_400_000 * 100))
    const late = gaugeReading(new Date(7 * 86_400_000 * 100 + 5 * 86_400_000))
    expect(early.simulated).toBe(true)
    expect(late.levelM).toBeLessThan(early.levelM)
    expect(late.visibilityM).toBeGreaterThan(early.visibilityM)
  })
})
