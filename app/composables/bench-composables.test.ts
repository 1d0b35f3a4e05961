import { describe, expect, it } from 'vitest'
import { cutTo, hookPlaces, hookSwap, stickOnToHang } from '#core/bench'
import { profileOf } from '#core/lure'
import type { BenchTest, Lure, Outfit } from '#core/tackle'
import { waterDensity } from '#core/water'
import { useFallRates } from './useFallRates'
import { useWorkshop } from './useWorkshop'

const crank: Lure = {
  id: 'c',
  name: 'Crank',
  family: 'crankbait',
  weightG: 12,
  lengthMm: 60,
  buoyancy: 'floats',
  hooks: [{ kind: 'treble', size: '6', count: 2 }],
}
const rods: Outfit[] = [
  { id: 'o', name: 'Light', rod: { kind: 'spinning', lureMinG: 4, lureMaxG: 13 }, line: { material: 'braid' } },
  { id: 'p', name: 'Middle', rod: { kind: 'casting', lureMinG: 10, lureMaxG: 30 }, line: { material: 'nylon' } },
]
const water = { temperatureC: 6, salinityPsu: 0 }

describe('useWorkshop', () => {
  it('lead worked out to hang at 6 °C makes it hang at 6 °C', () => {
    const { changes, before, after } = useWorkshop(profileOf(crank, []), water, rods)
    expect(before.value.surplusG).toBeGreaterThan(0)
    changes.value = [stickOnToHang(before.value.surplusG, waterDensity(6))!]
    expect(after.value.surplusG).toBeCloseTo(0, 6)
    expect(after.value.hangsAtC).toBeCloseTo(6, 1)
    expect(after.value.weightG).toBeCloseTo(before.value.weightG + changes.value[0]!.grams, 9)
  })
  it('heavier hooks overload the light rod and move the balance to where they hang', () => {
    const { changes, before, after } = useWorkshop(profileOf(crank, []), water, rods)
    expect(before.value.rods).toEqual(['Light', 'Middle'])
    changes.value = hookPlaces(2)
      .slice(1)
      .map(place => hookSwap({ kind: 'treble', size: '6' }, { kind: 'treble', size: '2' }, place)!)
    expect(after.value.rods).toEqual(['Middle'])
    expect(after.value.balanceMm).toBeGreaterThan(0)
  })
  it('keeps a changed lure as a child with its bill, its own weight, and nothing left of the packet', () => {
    const worm = profileOf(
      { id: 'w', name: 'Worm', family: 'worm', weightG: 10, lengthMm: 180, labelWeightG: 10, fallRateMs: 0.2 },
      [],
    )
    const { changes, modified } = useWorkshop(worm, water, rods)
    changes.value = [cutTo(180, 90, 10, 9.4)!]
    const { lure, original, carried } = modified('new', null)
    expect(lure).toMatchObject({
      id: 'new',
      parentId: 'w',
      weightG: 5,
      lengthMm: 90,
      labelWeightG: null,
      fallRateMs: null,
      changes: [{ kind: 'cut', grams: -5 }],
    })
    expect(original.quantity).toBe(0)
    expect(carried).toContainEqual({ field: 'fallRateMs', how: 'dropped' })
  })
})

describe('useFallRates', () => {
  const stick = profileOf({ id: 's', name: 'Stick', family: 'stick-worm', weightG: 8.5, lengthMm: 130 }, [])
  const fall: BenchTest = {
    id: 't',
    lureId: 's',
    kind: 'fall',
    rig: 'wacky',
    addedG: 0,
    values: [12.5, 12.5],
    depthM: 2,
    temperatureC: 20,
  }
  it('2 m in 12.5 s leads to 0.227 m/s with 1.8 g (handbook’s worked stick bait, ±3 %)', () => {
    const rates = useFallRates(stick, [fall], 'metric').value
    expect(rates[0]).toMatchObject({ speedMs: 0.16, known: 'tested', errorMs: 0 })
    expect(Math.abs(rates.find(r => r.label.startsWith('+1.8'))!.speedMs / 0.227 - 1)).toBeLessThan(0.03)
    // Salt slows the weightless one by about 7 % (handbook §2).
    expect(
      rates.find(r => r.label.includes('sea'))!.speedMs / rates.find(r => r.label.startsWith('at 4'))!.speedMs,
    ).toBeLessThan(0.97)
  })
  it('is empty without a timed fall', () => {
    expect(useFallRates(stick, [], 'metric').value).toEqual([])
    expect(useFallRates(undefined, [fall], 'metric').value).toEqual([])
  })
})
