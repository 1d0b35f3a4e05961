import { describe, expect, it } from 'vitest'
import { holdSpeed } from '#core/motion'
import type { Blade, Lure } from '#core/tackle'
import { BLADE_SHAPES } from '#core/terms'
import { bodyInWater, profileOf } from '#core/lure'

const lure = (family: Lure['family'], more: Partial<Lure> = {}) =>
  profileOf({ id: 'l', name: 'l', family, lengthMm: 100, weightG: 14, ...more }, [])
const bladed = (...blades: Blade[]) => lure('spinnerbait', { blades })

/** Pace that holds it at 1.5 m, 15 m off [m/s]. */
function pace(profile: ReturnType<typeof lure>): number {
  return holdSpeed(
    { netWeight: 0.12, dragArea: profile.towAreaCm2 * 1e-4, liftArea: -profile.liftAreaCm2 * 1e-4 },
    { diameter: 0.3e-3, density: 1140 },
    { density: 999, current: 0 },
    { depth: 1.5, distance: 15, tip: 0.8 },
  )!
}

describe('blades are bodies (trade §3: by vibration and lift, least to most: willow, turtleback, Indiana, Colorado)', () => {
  it('of one number, the rounder blade holds it higher and slower', () => {
    const order = (['willow', 'turtleback', 'indiana', 'colorado'] as const).map(shape =>
      pace(bladed({ shape, size: 4 })),
    )
    expect([...order].sort((a, b) => b - a)).toEqual(order)
    expect(order[0]! / order[3]!).toBeGreaterThan(1.15)
  })
  it('a bigger blade, and a second one, slow and lift it', () => {
    expect(pace(bladed({ shape: 'colorado', size: 6 }))).toBeLessThan(pace(bladed({ shape: 'colorado', size: 3 })))
    expect(pace(bladed({ shape: 'willow', size: 4 }, { shape: 'willow', size: 4 }))).toBeLessThan(
      pace(bladed({ shape: 'willow', size: 4 })),
    )
  })
  it('it falls slower under a bigger blade', () => {
    const area = (size: number) => bladed({ shape: 'colorado', size }).fallAreaCm2
    expect(area(5)).toBeGreaterThan(area(2))
  })
  it('with the usual set, and with none named, it is the family’s body', () => {
    const usual = bladed({ shape: 'colorado', size: 3 }, { shape: 'willow', size: 4 })
    for (const part of ['towAreaCm2', 'liftAreaCm2', 'fallAreaCm2'] as const)
      expect(usual[part]).toBeCloseTo(lure('spinnerbait')[part], 9)
  })
  it.each(BLADE_SHAPES)('%s: never less than nothing, whatever number', shape => {
    for (let size = 0; size <= 8; size++) {
      const { towAreaCm2, liftAreaCm2, fallAreaCm2 } = bladed({ shape, size })
      expect(Math.min(towAreaCm2, fallAreaCm2)).toBeGreaterThan(0)
      expect(liftAreaCm2).toBeGreaterThanOrEqual(0)
    }
  })
})

describe('trailers are bodies (trade §6: a paddle-tail kicks most, lifts more, runs higher and slower)', () => {
  const jig = lure('bladed-jig')
  it('any trailer brakes it and slows its fall', () => {
    for (const family of ['grub', 'craw', 'paddle-tail', 'minnow-soft'] as const) {
      const body = bodyInWater(jig, lure(family))
      expect(body.towAreaCm2).toBeGreaterThan(jig.towAreaCm2)
      expect(body.fallAreaCm2).toBeGreaterThan(jig.fallAreaCm2)
    }
    expect(bodyInWater(jig, null)).toBe(jig)
  })
  it('a kicking tail lifts more than a still one of its size', () => {
    const still = bodyInWater(jig, lure('paddle-tail', { vibration: 1 }))
    const kicking = bodyInWater(jig, lure('paddle-tail', { vibration: 4 }))
    expect(kicking.liftAreaCm2).toBeGreaterThan(still.liftAreaCm2)
    expect(kicking.towAreaCm2).toBe(still.towAreaCm2)
    expect(still.liftAreaCm2).toBe(jig.liftAreaCm2)
  })
})
