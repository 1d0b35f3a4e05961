import { describe, expect, it } from 'vitest'
import { seededRandom } from '#core/numeric'
import { scaleReading } from './simulated-scale'

describe('the simulated scale', () => {
  const at = (seconds: number, load = 12.6) => scaleReading({ seconds, load }, seededRandom(1))
  it('says that it is simulated, settles, and shows what lies on it within 0.15 g', () => {
    expect(at(0.25)).toMatchObject({ stable: false, simulated: true })
    expect(at(0.25).grams!).toBeLessThan(10)
    expect(at(6)).toMatchObject({ stable: true, overload: false })
    expect(Math.abs(at(6).grams! - 12.6)).toBeLessThan(0.15)
  })
  it('gives up above its range and never shows less than nothing', () => {
    expect(at(6, 900)).toMatchObject({ grams: null, overload: true })
    expect(at(0, 0).grams!).toBeGreaterThanOrEqual(0)
  })
})
