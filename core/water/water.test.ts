import { describe, expect, it } from 'vitest'
import { waterDensity } from './density'
import { waterViscosity } from './viscosity'

describe('waterDensity', () => {
  // UNESCO technical papers in marine science 44 (1983), check values at one atmosphere.
  it.each([
    [35, 5, 1027.67547],
    [35, 25, 1023.34306],
    [0, 5, 999.96675],
    [0, 25, 997.04796],
  ])('S=%d T=%d → %d kg/m³', (salinity, temperature, density) => {
    expect(Math.abs(waterDensity(temperature, salinity) - density)).toBeLessThan(1e-4)
  })
  // CRC Handbook of Chemistry and Physics.
  it.each([
    [0, 999.84],
    [20, 998.2],
  ])('fresh at %d °C → %d kg/m³', (temperature, density) => {
    expect(Math.abs(waterDensity(temperature) - density)).toBeLessThan(0.01)
  })
  it('is greatest near 3.98 °C: 999.97 kg/m³ (CRC)', () => {
    const temperatures = Array.from({ length: 801 }, (_, i) => i / 100)
    const densest = temperatures.reduce((a, b) => (waterDensity(b) > waterDensity(a) ? b : a))
    expect(Math.abs(densest - 3.98)).toBeLessThan(0.05)
    expect(waterDensity(densest)).toBeCloseTo(999.97, 2)
  })
  it('refuses the impossible by name', () => {
    expect(() => waterDensity(95)).toThrow(/temperatureC must be between −2 and 40, got 95/)
    expect(() => waterDensity(10, 60)).toThrow(/salinityPsu/)
  })
})

describe('waterViscosity', () => {
  // IAPWS values for liquid water at 0.1 MPa, mPa·s.
  it.each([
    [0, 1.792],
    [10, 1.306],
    [20, 1.002],
    [25, 0.89],
    [30, 0.797],
  ])('fresh at %d °C → %d mPa·s', (temperature, viscosity) => {
    expect(Math.abs((waterViscosity(temperature) * 1000) / viscosity - 1)).toBeLessThan(0.003)
  })
  it('sea water is thicker than fresh', () => expect(waterViscosity(15, 35)).toBeGreaterThan(waterViscosity(15)))
})
