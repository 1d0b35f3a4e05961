import { describe, expect, it } from 'vitest'
import { temperatureAt } from './temperature'

describe('temperature at a depth', () => {
  const lake = {
    temperatureC: 22,
    layers: [
      { depthM: 16, temperatureC: 7 },
      { depthM: 8, temperatureC: 20 },
      { depthM: 10, temperatureC: 10 },
    ],
  }
  it('is the reading’s without layers', () => expect(temperatureAt({ temperatureC: 14, layers: null }, 9)).toBe(14))
  it('lies between the layers, from the surface down, in whatever order they were noted', () => {
    expect(temperatureAt(lake, 0)).toBe(22)
    expect(temperatureAt(lake, 4)).toBe(21)
    expect(temperatureAt(lake, 9)).toBe(15)
    expect(temperatureAt(lake, 16)).toBe(7)
    expect(temperatureAt(lake, 40)).toBe(7)
  })
  it('a layer at the surface stands for the reading’s own figure', () =>
    expect(temperatureAt({ temperatureC: 22, layers: [{ depthM: 0, temperatureC: 20 }] }, 0)).toBe(20))
})
