import { describe, expect, it } from 'vitest'
import type { BenchTest } from '#core/tackle'
import { waterDensity } from '#core/water'
import { inWords } from '#speech'
import { checkTest as saidCheckTest } from './check'
import { tearForce, TEST_GUIDES } from './guide'
import { summarise } from './summary'
import {
  balanceShift,
  bladeChange,
  cutTo,
  hookMass,
  hookPlaces,
  hookSwap,
  loadTo,
  stickOnToHang,
  stickOnToSink,
  trimSkirt,
} from './workshop'

const checkTest = (...given: Parameters<typeof saidCheckTest>) => inWords(saidCheckTest(...given))

describe('summarise', () => {
  it('mean, standard deviation and standard error of a worked example: 2, 4, 4, 4, 5, 5, 7, 9 (mean 5, s² = 32/7)', () => {
    const { mean, deviation, error } = summarise([2, 4, 4, 4, 5, 5, 7, 9])
    expect(mean).toBe(5)
    expect(deviation).toBeCloseTo(Math.sqrt(32 / 7), 12)
    expect(error).toBeCloseTo(Math.sqrt(32 / 7 / 8), 12)
  })
  it('says nothing about spread from one reading, and points at the one far off', () => {
    expect(summarise([3])).toEqual({ count: 1, mean: 3, deviation: null, error: null, outliers: [] })
    expect(summarise([5.1, 5.0, 5.2, 5.1, 9.4]).outliers).toEqual([4])
    expect(summarise([5.1, 5.0, 5.2, 5.1, 5.15]).outliers).toEqual([])
  })
})

describe('checkTest', () => {
  const fall: BenchTest = { id: 't', lureId: 'l', kind: 'fall', rig: 'wacky', depthM: 2, values: [12.2, 12.5, 12.4] }
  const wrong = (change: Partial<BenchTest>, sinks: boolean | null = true) =>
    checkTest({ ...fall, ...change }, { sinks })
      .map(i => i.message)
      .join('; ')
  it('lets a sound test pass', () => expect(wrong({})).toBe(''))
  it.each([
    ['zero time', { values: [0] }, true, /0 s is not possible/],
    ['negative weight', { kind: 'weigh' as const, values: [-3] }, true, /-3\sg is not possible/],
    ['a floating body timed as sinking', {}, false, /floats as rigged/],
    ['absurd spread', { values: [2, 9, 15] }, true, /scatter by \d+\s%/],
    ['no rig', { rig: null }, true, /rig used must be on record/],
    ['no depth', { depthM: null }, true, /depth of the drop is missing/],
    ['no reading', { values: [] }, true, /no reading yet/],
    ['speeds that fall', { kind: 'swim' as const, values: [1, 0.5, 2] }, true, /speeds must rise/],
    ['half a rating', { kind: 'action' as const, values: [2, null, 1] }, true, /missing/],
  ])('refuses %s in words', (_, change, sinks, message) => expect(wrong(change, sinks)).toMatch(message))
  it('takes “did not tear” as a result', () =>
    expect(checkTest({ id: 't', lureId: 'l', kind: 'tear', rig: 'wacky', values: [null] }, { sinks: null })).toEqual(
      [],
    ))
  it('every kind of test has a guide with a unit', () => {
    for (const guide of Object.values(TEST_GUIDES)) expect(guide.how.length * guide.unit.length).toBeGreaterThan(0)
  })
})

describe('tearForce', () => {
  // Common practice, no source: the lively reference tears at 1 lb 5.3 oz = 0.604 kgf.
  it('bucket and water together', () => expect(tearForce(0.25, 0.354)).toBeCloseTo(0.604, 3))
})

describe('the workshop', () => {
  const density = waterDensity(6)
  it('lead to hang is the missing mass over 0.912 (Archimedes: 1 − ρ/11340)', () => {
    expect(stickOnToHang(0.3, density)!.grams).toBeCloseTo(0.3 / (1 - density / 11340), 9)
    expect(stickOnToHang(-0.1, density)).toBeNull()
  })
  it('lead to sink at a rate balances drag: ½ρCdAv² = weight in water', () => {
    const { grams } = stickOnToSink(0.3, 0.1, 1.7e-3, density)!
    const inWater = (grams / 1000) * (1 - density / 11340) - 0.0003
    expect(inWater * 9.80665).toBeCloseTo(0.5 * density * 1.7e-3 * 0.01, 6)
    expect(stickOnToSink(-50, 0.1, 1.7e-3, density)).toBeNull()
  })
  it('one size on two or three trebles is 0.1–1.5 g: more than 10 °C do to the hang (handbook §3, from memory)', () => {
    const changes = hookPlaces(3).map(place =>
      hookSwap({ kind: 'treble', size: '6' }, { kind: 'treble', size: '5' }, place)!,
    )
    expect(changes.reduce((sum, c) => sum + c.grams, 0)).toBeCloseTo(0.6, 6)
    expect(hookMass('treble', '4')).toBe(1.3)
    expect(hookMass('treble', 'huge')).toBeNull()
    const masses = ['10', '8', '7', '6', '4', '2', '1', '1/0', '3/0'].map(size => hookMass('treble', size)!)
    expect(masses).toEqual([...masses].sort((a, b) => a - b))
  })
  it('a heavier hook at the back moves the balance to the tail, at the front to the nose', () => {
    const [front, , back] = hookPlaces(3)
    const swap = (place: { name: string; at: number }) =>
      hookSwap({ kind: 'treble', size: '6' }, { kind: 'treble', size: '4' }, place)!
    // 0.5 g at the tail of a 100 mm plug of 10 g: 0.5·50/10.5 = 2.38 mm.
    expect(balanceShift([swap(back!)], 10, 100)).toBeCloseTo(2.381, 3)
    expect(balanceShift([swap(front!)], 10, 100)).toBeLessThan(0)
  })
  it('a bait cut in half weighs half; loading keeps the volume; a trimmed skirt is lighter and smaller', () => {
    expect(cutTo(150, 75, 10, 9)).toMatchObject({ grams: -5, volumeCm3: -4.5, lengthMm: 75 })
    expect(cutTo(150, 200, 10, 9)).toBeNull()
    expect(loadTo(74, 50)).toMatchObject({ grams: 24, volumeCm3: 0 })
    expect(loadTo(40, 50)).toBeNull()
    expect(trimSkirt(1)!.bulk).toBeLessThan(0)
  })
  it('a larger blade is heavier, a willow lighter than a Colorado of its number', () => {
    const from = [{ shape: 'willow' as const, size: 4 }]
    expect(bladeChange(from, [{ shape: 'willow', size: 5 }])!.grams).toBeGreaterThan(0)
    expect(bladeChange(from, [{ shape: 'colorado', size: 4 }])!.grams).toBeGreaterThan(0)
    expect(bladeChange(from, [])).toBeNull()
  })
})
