import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inWords } from '#speech'
import { type Dimension, DIMENSIONS, type UnitSystem } from './dimension'
import { formatQuantity } from './format'
import { hookSizeRank, parseHookSize } from './hook-size'
import { parseQuantity as saidParseQuantity, takeQuantity as saidTakeQuantity } from './parse'
import { proseIn } from './prose'

const parseQuantity = (...given: Parameters<typeof saidParseQuantity>) => inWords(saidParseQuantity(...given))
const takeQuantity = (...given: Parameters<typeof saidTakeQuantity>) => inWords(saidTakeQuantity(...given))

const value = (dimension: Dimension, text: string, system?: UnitSystem) => {
  const parsed = parseQuantity(dimension, text, system)
  return parsed.ok ? parsed.value : parsed.message
}

describe('parseQuantity', () => {
  // NIST SP 811, appendix B: exact factors.
  it.each<[Dimension, string, number]>([
    ['weight', '1 oz', 28.349523125],
    ['weight', '3/8 oz', 10.631071171875],
    ['weight', '1 1/4 oz', 35.43690390625],
    ['weight', '1-1/4 oz', 35.43690390625],
    ['weight', '½ oz', 14.1747615625],
    ['weight', '10.5 g', 10.5],
    ['weight', '3/8 oz.', 10.631071171875],
    ['weight', '10,5 g', 10.5],
    ['weight', '1 lb', 453.59237],
    ['weight', '.5oz', 14.1747615625],
    ['length', '3.5 in', 88.9],
    ['length', '4\'6"', 1371.6],
    ['length', '5″', 127],
    ['length', '9 cm', 90],
    ['depth', '10 ft', 3.048],
    ['depth', '4\'6"', 1.3716],
    ['temperature', '58F', 130 / 9],
    ['temperature', '32 °F', 0],
    ['temperature', '-1.5', -1.5],
    ['speed', '1 mph', 0.44704],
    ['speed', '1 kn', 1852 / 3600],
    ['strength', '10 lb', 4.5359237],
  ])('%s %s', (dimension, text, expected) => {
    expect(value(dimension, text)).toBeCloseTo(expected, 9)
  })

  it('takes a bare number in the unit on screen', () => {
    expect(value('weight', '1/2', 'imperial')).toBeCloseTo(14.1747615625, 9)
    expect(value('depth', '10', 'mixed')).toBe(10)
  })

  it.each<[Dimension, string, RegExp]>([
    ['weight', '', /no weight was given/],
    ['weight', 'heavy', /“heavy” is not a weight/],
    ['weight', '12 parsecs', /“parsecs” is not a unit of weight; use g, oz/],
    ['weight', '1/0 oz', /is not a weight/],
    ['temperature', '12 m', /not a unit of temperature/],
  ])('refuses %s “%s” in words', (dimension, text, message) => {
    expect(value(dimension, text)).toMatch(message)
  })

  it('reads back what it shows, within the last digit shown', () => {
    const systems: UnitSystem[] = ['metric', 'imperial', 'mixed']
    const dimensions = Object.keys(DIMENSIONS) as Dimension[]
    // Half of the last digit in the coarsest unit shown: 0.5 mm … 0.5 ft; ounce fractions within 2 %.
    const tolerance: Record<Dimension, number> = {
      weight: 0.15,
      length: 1.28,
      depth: 0.16,
      diameter: 0.0128,
      temperature: 0.28,
      difference: 0.28,
      speed: 0.023,
      sink: 0.002,
      volume: 0.05,
      strength: 0.23,
      salinity: 0.51,
      share: 0.0051,
    }
    fc.assert(
      fc.property(
        fc.constantFrom(...dimensions),
        fc.constantFrom(...systems),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        (dimension, system, kept) => {
          const back = value(dimension, formatQuantity(dimension, kept, { system }), system)
          expect(typeof back).toBe('number')
          expect(Math.abs((back as number) - kept)).toBeLessThanOrEqual(
            tolerance[dimension] + (dimension === 'weight' || dimension === 'length' ? 0.021 * kept : 0),
          )
        },
      ),
    )
  })
})

describe('formatQuantity', () => {
  it.each<[Dimension, number, UnitSystem, string]>([
    ['weight', 10.631, 'imperial', '3/8 oz'],
    ['weight', 35.437, 'imperial', '1 1/4 oz'],
    ['weight', 1.772, 'imperial', '1/16 oz'],
    ['weight', 10, 'imperial', '0.35 oz'],
    ['weight', 10.631, 'metric', '10.6 g'],
    ['temperature', 20, 'imperial', '68 °F'],
    ['temperature', -0.04, 'metric', '0.0 °C'],
    ['depth', 3.048, 'imperial', '10 ft'],
    ['length', 88.9, 'mixed', '3 1/2 in'],
    ['length', 63.5, 'imperial', '2 1/2 in'],
    ['length', 400, 'imperial', '15.7 in'],
    ['depth', 0.46, 'imperial', '1.5 ft'],
    ['diameter', 0.28, 'imperial', '0.011 in'],
    ['sink', 0.21, 'imperial', '0.69 ft/s'],
    ['sink', 0.21, 'metric', '21.0 cm/s'],
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
    expect([
      parseHookSize('#4'),
      parseHookSize('2/0'),
      parseHookSize('0'),
      parseHookSize('big'),
      parseHookSize('3/4'),
    ]).toEqual(['4', '2/0', null, null, null])
  })
})

describe('line classes', () => {
  // International game-fishing rules: nominal pairs of kilograms and pounds; conversion agrees within 11 %.
  it.each([
    [1, 2],
    [2, 4],
    [3, 6],
    [4, 8],
    [6, 12],
    [8, 16],
    [10, 20],
    [15, 30],
    [24, 50],
    [37, 80],
    [60, 130],
  ])('%d kg goes with %d lb', (kg, pounds) => {
    expect(Math.abs((value('strength', `${pounds} lb`) as number) / kg - 1)).toBeLessThan(0.11)
  })
})

describe('proseIn', () => {
  const say = (sentence: string, system: UnitSystem) => proseIn(sentence, system).replace(/\u00A0/g, ' ')
  it.each<[string, UnitSystem, string]>([
    [
      'Thin marsh grass: bladed jigs of 7 to 10 g pass it.',
      'imperial',
      'Thin marsh grass: bladed jigs of 1/4 to 3/8 oz pass it.',
    ],
    ['a paddle-tail of about 75–100 mm', 'imperial', 'a paddle-tail of about 3–4 in'],
    ['sight of 1 to 3 m: reel', 'imperial', 'sight of 3 1/2 to 10 ft: reel'],
    ['sight of 1 to 3 m: reel', 'mixed', 'sight of 1 to 3 m: reel'],
    ['from 15 °C on, 0.5 m/s', 'imperial', 'from 59 °F on, 1.1 mph'],
    ['Heads: under 3 m 1.8–3.5 g', 'imperial', 'Heads: under 10 ft 1/16–1/8 oz'],
    ['5 of 10 lures, 3 s, 12 m² and 2 more', 'imperial', '5 of 10 lures, 3 s, 12 m² and 2 more'],
    ['7 to 10 g', 'metric', '7 to 10 g'],
  ])('%s in %s', (sentence, system, expected) => expect(say(sentence, system)).toBe(expected))
})

describe('takeQuantity: what a field does', () => {
  const take = (typed: string, range: Parameters<typeof takeQuantity>[4] = {}, system: UnitSystem = 'metric') =>
    takeQuantity('Weight', 'weight', typed, system, range)
  it('an empty field is not known; what was understood is told back', () => {
    expect(take(' ')).toEqual({ ok: true, value: null, understood: '', doubt: null })
    expect(take('3/8 oz')).toMatchObject({ ok: true, understood: formatQuantity('weight', 10.631) })
    expect(take('3/8', {}, 'imperial')).toMatchObject({
      understood: formatQuantity('weight', 10.631, { system: 'imperial' }),
    })
  })
  it('a sign is never dropped, and what cannot be is refused with the field’s name and range', () => {
    for (const typed of ['-5', '−5 g', '-1/2 oz'])
      expect(take(typed)).toMatchObject({
        ok: false,
        message: expect.stringMatching(/^Weight: .*not possible here; give 0\.0.g or more$/),
      })
    expect(take('3000', { max: 2000 })).toMatchObject({
      ok: false,
      message: expect.stringMatching(/0\.0.g to 2000\.0.g$/),
    })
    expect(takeQuantity('Water', 'temperature', '-1.5', 'metric')).toMatchObject({ ok: true, value: -1.5 })
  })
  it('what is unlikely is asked about, never changed', () => {
    expect(take('56', { likely: [3.5, 56] })).toMatchObject({ value: 56, doubt: null })
    expect(take('2 kg', { likely: [3.5, 56] })).toMatchObject({
      ok: true,
      value: 2000,
      doubt: expect.stringMatching(/2000.*unusual/),
    })
  })
  it('is read alike whichever system is shown, when its unit is written', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        fc.constantFrom('g', 'oz', 'lb', 'kg'),
        (figure, unit) => {
          const values = (['metric', 'imperial', 'mixed'] as const).map(system =>
            take(`${figure.toFixed(2)} ${unit}`, {}, system),
          )
          expect(new Set(values.map(v => (v.ok ? v.value : v.message))).size).toBe(1)
        },
      ),
      { numRuns: 50 },
    )
  })
})
