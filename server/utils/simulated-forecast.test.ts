import { describe, expect, it } from 'vitest'
import { forecastFor } from './simulated-forecast'

describe('the simulated forecast', () => {
  it('is the same for the same day and place, another for another', () => {
    expect(forecastFor('2026-05-07', 58.4, 13.2)).toEqual(forecastFor('2026-05-07', 58.4, 13.2))
    expect(forecastFor('2026-05-08', 58.4, 13.2).hours).not.toEqual(forecastFor('2026-05-07', 58.4, 13.2).hours)
  })
  it('stays within what can be, and says that it is simulated', () => {
    for (const date of ['2026-01-10', '2026-04-01', '2026-08-08', '2026-11-25']) {
      for (const latitude of [-45, 0, 40, 70]) {
        const { hours, simulated } = forecastFor(date, latitude, 10)
        expect([simulated, hours.length]).toEqual([true, 24])
        for (const h of hours) {
          expect(h.cloud).toBeGreaterThanOrEqual(0)
          expect(h.cloud).toBeLessThanOrEqual(1)
          expect(h.waterC).toBeGreaterThan(0)
          expect(h.waterC).toBeLessThan(32)
          expect(h.windMs).toBeGreaterThanOrEqual(0)
          expect(h.windMs).toBeLessThan(14)
        }
      }
    }
  })
  it('summer water is warmer than winter water, on both halves of the globe', () => {
    const mean = (date: string, latitude: number) =>
      forecastFor(date, latitude, 0).hours.reduce((s, h) => s + h.waterC, 0) / 24
    expect(mean('2026-08-08', 55)).toBeGreaterThan(mean('2026-02-08', 55) + 8)
    expect(mean('2026-02-08', -40)).toBeGreaterThan(mean('2026-08-08', -40) + 8)
  })
})
