import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deepestOnCast } from './dive-cast'
import { lineDiameter } from './line'
import { pickUp } from './reel'
import { netWeight, terminalSinkSpeed } from './sink'

const FRESH = 1000

describe('terminalSinkSpeed', () => {
  const jig = { mass: 0.0071, volume: 0.0071 / 11000, dragArea: 4.5e-4 }
  it('halves with four times the area, doubles with four times the weight in water (closed form)', () => {
    const v = terminalSinkSpeed(jig, FRESH)
    expect(terminalSinkSpeed({ ...jig, dragArea: 4 * jig.dragArea }, FRESH)).toBeCloseTo(v / 2, 12)
    expect(terminalSinkSpeed({ ...jig, mass: 4 * jig.mass, volume: 4 * jig.volume }, FRESH)).toBeCloseTo(2 * v, 12)
  })
  it('balances drag and weight', () => {
    const v = terminalSinkSpeed(jig, FRESH)
    expect(0.5 * FRESH * jig.dragArea * v * v).toBeCloseTo(netWeight(jig.mass, jig.volume, FRESH), 12)
  })
  it('hangs at equal density and rises below it (Archimedes)', () => {
    expect(terminalSinkSpeed({ mass: 0.01, volume: 1e-5, dragArea: 1e-3 }, 1000)).toBe(0)
    expect(terminalSinkSpeed({ mass: 0.009, volume: 1e-5, dragArea: 1e-3 }, 1000)).toBeLessThan(0)
  })
  it('names what is wrong', () =>
    expect(() => terminalSinkSpeed({ ...jig, mass: -1 }, FRESH)).toThrow(/mass must be positive/))
})

describe('deepestOnCast', () => {
  it('gives the rating back at the rated cast', () => {
    for (const depthM of [0.8, 1.6, 3, 5])
      expect(deepestOnCast({ depthM }, { castM: 30, lineDiameterMm: 0.3, tipM: 0.8 })).toBeCloseTo(depthM, 9)
  })
  // Common practice, no source: rod tip high instead of low is 0.9–1.2 m on a mid diver.
  it('loses about a metre on a mid diver with the tip held high', () => {
    const at = (tipM: number) => deepestOnCast({ depthM: 3 }, { castM: 30, lineDiameterMm: 0.3, tipM })
    expect(at(0.3) - at(2.3)).toBeGreaterThan(0.9)
    expect(at(0.3) - at(2.3)).toBeLessThan(1.2)
  })
  it('longer casts never shallower, thicker line never deeper, a higher tip never deeper', () => {
    const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(
        figure(0.5, 7),
        figure(10, 58),
        figure(0.1, 0.45),
        figure(0, 2.5),
        (depthM, castM, lineDiameterMm, tipM) => {
          const deepest = deepestOnCast({ depthM }, { castM, lineDiameterMm, tipM })
          expect(deepestOnCast({ depthM }, { castM: castM * 1.1, lineDiameterMm, tipM })).toBeGreaterThanOrEqual(
            deepest - 1e-9,
          )
          expect(deepestOnCast({ depthM }, { castM, lineDiameterMm: lineDiameterMm * 1.1, tipM })).toBeLessThanOrEqual(
            deepest + 1e-9,
          )
          expect(deepestOnCast({ depthM }, { castM, lineDiameterMm, tipM: tipM + 0.3 })).toBeLessThanOrEqual(
            deepest + 1e-9,
          )
        },
      ),
    )
  })
})

describe('pickUp', () => {
  // π × spool diameter × ratio: 36 mm at 6.3:1 → 0.713 m (geometry; handbook check).
  it('36 mm at 6.3:1 → 0.713 m', () => expect(pickUp(0.036, 6.3)).toBeCloseTo(0.713, 3))
  it('half full with a core of 0.6 takes 0.825 of it', () =>
    expect(pickUp(0.036, 6.3, 0.5) / pickUp(0.036, 6.3)).toBeCloseTo(0.825, 3))
  it('refuses a core as wide as the spool', () => expect(() => pickUp(0.03, 6, 1, 0.03)).toThrow(/coreDiameter/))
})

describe('lineDiameter', () => {
  // Handbook table (from memory), thin label: nylon 10 lb 0.260, fluorocarbon 20 lb 0.39, braid 20 lb 0.165 mm; the rule k √lb meets them within 6 %.
  it.each([
    ['nylon', 10, 0.26],
    ['fluorocarbon', 20, 0.39],
    ['braid', 20, 0.165],
  ] as const)('%s %d lb ≈ %d mm', (material, pounds, mm) => {
    expect(Math.abs(lineDiameter(material, pounds * 0.45359237)! / mm - 1)).toBeLessThan(0.06)
  })
  it('has no rule for wire', () => expect(lineDiameter('wire', 10)).toBeNull())
})
