import { describe, expect, it } from 'vitest'
import { TECHNIQUES } from '#core/knowledge'
import type { BenchTest, Lure } from '#core/tackle'
import { fallSpeed } from './in-water'
import { intensityWith, profileOf } from './profile'

const stick: Lure = { id: 's', name: 'Stick', family: 'stick-worm', weightG: 8.5, lengthMm: 130 }
const action = (rig: BenchTest['rig'], at: string, ...values: number[]): BenchTest => ({
  id: at,
  lureId: 's',
  kind: 'action',
  rig,
  at,
  values,
})
const onRig = (rig: string) => TECHNIQUES.find(t => t.rig === rig && t.families.includes('stick-worm'))!

describe('an action rated on the bench: amount, speed and consistency, each 1 to 3 (handbook §2, §23)', () => {
  it('amount and speed together are how lively it is', () => {
    const lively = (...values: number[]) =>
      profileOf(stick, [action('wacky', '2026-05-01T10:00:00Z', ...values)]).intensity.value
    expect([lively(1, 1, 3), lively(2, 2, 3), lively(3, 3, 3)]).toEqual([1, 3, 5])
    expect(lively(3, 1, 3)).toBe(3)
    expect(lively(3, 2, 3)).toBeGreaterThan(lively(3, 1, 3))
  })
  it('an action that comes and goes is trusted less than one that is always there', () => {
    const trust = (consistency: number) =>
      profileOf(stick, [action('wacky', '2026-05-01T10:00:00Z', 3, 3, consistency)]).intensity
    expect(trust(3)).toMatchObject({ known: 'tested', trust: 1 })
    expect(trust(2).trust).toBeLessThan(1)
    expect(trust(1).trust).toBeLessThan(trust(2).trust)
  })
  it('holds on the rig it was rated with; on another the newest is taken, with what that rig does to it', () => {
    const profile = profileOf(stick, [
      action('weedless', '2026-05-01T10:00:00Z', 1, 1, 3),
      action('wacky', '2026-06-01T10:00:00Z', 3, 3, 3),
    ])
    expect(intensityWith(profile, onRig('wacky')).value).toBe(5)
    expect(intensityWith(profile, onRig('weedless')).value).toBe(1)
    const other = TECHNIQUES.find(t => t.families.includes('stick-worm') && t.rig !== 'wacky' && t.rig !== 'weedless')!
    expect(intensityWith(profile, other).value).toBe(5 + (other.livelier ?? 0))
  })
})

describe('how it tears', () => {
  const tear = (...values: (number | null)[]): BenchTest => ({
    id: 't',
    lureId: 's',
    kind: 'tear',
    rig: 'wacky',
    values,
  })
  it('the mean force, where it tore; “did not tear” is a result of its own; untested is not known', () => {
    expect(profileOf(stick, [tear(0.62, 0.64, 0.63)]).tearKg).toBeCloseTo(0.63, 9)
    expect(profileOf(stick, [tear(null)]).tearKg).toBeGreaterThan(50)
    expect(profileOf(stick, []).tearKg).toBeNull()
  })
})

describe('a fall that nobody timed', () => {
  it('goes with the root of what the rig leaves of the body’s drag area (a falling body’s drag ∝ area × speed²)', () => {
    const profile = profileOf(stick, [])
    const row = onRig('wacky')
    const fall = (fallArea: number) =>
      fallSpeed({ profile, trailer: null, technique: { ...row, fallArea }, added: { grams: 0, part: null } }, 999).value
    expect(fall(0.6) / fall(1)).toBeCloseTo(1 / Math.sqrt(0.6), 6)
    expect(fall(1)).toBeGreaterThan(0.05)
  })
})
