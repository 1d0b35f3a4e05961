import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Dimension, DIMENSIONS, type UnitSystem } from './dimension'
import { formatQuantity } from './format'
import { hookSizeRank, parseHookSize } from './hook-size'
import { parseQuantity } from './parse'

const value = (dimension: Dimension, text: string, system?: UnitSystem) => {
  const parsed = parseQuantity(dimension, text, system)
  return parsed.ok ? parsed.value : parsed.message
}

describe('parseQuantity', () => {
  // NIST SP 811, appendix B: exact factors.
  it.each<[Dimension, string, number]>([
    ['weight', '1 oz', 28.349523125], ['weight', '3/8 oz', 10.631071171875], ['weight', '1 1/4 oz', 35.43690390625], ['weight', '1-1/4 oz', 35.43690390625],
    ['weight', '½ oz', 14.1747615625], ['weight', '10.5 g', 10.5], ['weight', '10,5 g', 10.5], ['weight', '1 lb', 453.59237], ['weight', '.5oz', 14.1747615625],
    ['length', '3.5 in', 88.9], ['length', '4\'6"', 1371.6], ['length', '5″', 127], ['length', '9 cm', 90], ['depth', '10 ft', 3.048], ['depth', '4\'6"', 1.3716],
    ['temperature', '58F', 130 / 9], ['temperature', '32 °F', 0], ['temperature', '-1.5', -1.5], ['speed', '1 mph', 0.44704], ['speed', '1 kn', 1852 / 3600],
    ['strength', '10 lb', 4.5359237],
  ])('%s %s', (dimension, text, expected) => {
    expect(value(dimension, text)).toBeCloseTo(expected, 9)
  })

  it('takes a bare number in the unit on screen', () => {
    expect(value('weight', '1/2', 'imperial')).toBeCloseTo(14.1747615625, 9)
    expect(value('depth', '10', 'mixed')).toBe(10)
  })

  it.each<[Dimension, string, RegExp]>([
    ['weight', '', /no weight was given/], ['weight', 'heavy', /“heavy” is not a weight/], ['weight', '12 parsecs', /“parsecs” is not a unit of weight; use g, oz/],
    ['weight', '1/0 oz', /is not a weight/], ['temperature', '12 m', /not a unit of temperature/],
  ])('refuses %s “%s” in words', (dimension, text, message) => {
    expect(value(dimension, text)).toMatch(message)
  })

  it('reads back what it shows, within the last digit shown', () => {
    const systems: UnitSystem[] = ['metric', 'imperial', 'mixed']
    const dimensions = Object.keys(DIMENSIONS) as Dimension[]
    // Half of the last digit in the coarsest unit shown: 0.5 mm … 0.5 ft; ounce fractions within 2 %.
    const tolerance: Record<Dimension, number> = { weight: 0.15, length: 1.28, depth: 0.16, diameter: 0.006, temperature: 0.28, speed: 0.023, strength: 0.23, salinity: 0.51, share: 0.0051 }
    fc.assert(fc.property(fc.constantFrom(...dimensions), fc.constantFrom(...systems), fc.double({ min: 0.5, max: 200, noNaN: true }), (dimension, system, kept) => {
      const back = value(dimension, formatQuantity(dimension, kept, { system }), system)
      expect(typeof back).toBe('number')
      expect(Math.abs(back as number - kept)).toBeLessThanOrEqual(tolerance[dimension] + (dimension === 'weight' ? 0.02 * kept : 0))
    }))
  })
})

describe('formatQuantity', () => {
  it.each<[Dimension, number, UnitSystem, string]>([
    ['weight', 10.631, 'imperial', '3/8 oz'], ['weight', 35.437, 'imperial', '1 1/4 oz'], ['weight', 1.772, 'imperial', '1/16 oz'], ['weight', 10, 'imperial', '0.35 oz'],
    ['weight', 10.631, 'metric', '10.6 g'], ['temperature', 20, 'imperial', '68 °F'], ['temperature', -0.04, 'metric', '0.0 °C'], ['depth', 3.048, 'imperial', '10 ft'], ['length', 88.9, 'mixed', '3.5 in'],
  ])('%s %d in %s', (dimension, kept, system, shown) => {
    expect(formatQuantity(dimension, kept, { system }).replace(/\u00A0/g, ' ')).toBe(shown)
  })
})

describe('hook sizes', () => {
  it('rise … 10 < 8 < 6 < 4 < 2 < 1 < 1/0 < 2/0 … (common practice, no source)', () => {
    const ranks = ['10', '8', '6', '4', '2', '1', '1/0', '2/0', '8/0'].map(size => hookSizeRank(size)!)
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
    expect(new Set(ranks).size).toBe(ranks.length)
  })
  it('reads #4 and 2/0 and refuses the rest', () => {
    expect([parseHookSize('#4'), parseHookSize('2/0'), parseHookSize('0'), parseHookSize('big'), parseHookSize('3/4')]).toEqual(['4', '2/0', null, null, null])
  })
})

describe('line classes', () => {
  // International game-fishing rules: nominal pairs of kilograms and pounds; conversion agrees within 11 %.
  it.each([[1, 2], [2, 4], [3, 6], [4, 8], [6, 12], [8, 16], [10, 20], [15, 30], [24, 50], [37, 80], [60, 130]])('%d kg goes with %d lb', (kg, pounds) => {
    expect(Math.abs((value('strength', `${pounds} lb`) as number) / kg - 1)).toBeLessThan(0.11)
  })
})
