import { describe, expect, it } from 'vitest'
import type { Lure, Part, Stint } from '#core/tackle'
import { inHandChanges } from './in-hand'

const stint: Stint = {
  id: 's',
  start: '2026-05-01T06:00:00Z',
  lureId: 'l',
  trailerId: 't-long',
  rig: 'jig-and-trailer',
  outfitId: 'o',
  depthM: 3,
  speedMs: 0.5,
  cadence: 'bottom-hop',
  presentation: { cadence: 'bottom-hop', speedMs: 0.5, pauseS: 4, depthM: 3, countdownS: 6, headG: 10 },
}
const parts = [7, 10, 14, 21].map((weightG, i): Part => ({
  id: `h${i}`,
  name: `${weightG} g head`,
  kind: 'jig-head',
  weightG,
}))
const trailers: Lure[] = [
  { id: 't-long', name: 'long', family: 'craw', lengthMm: 90 },
  { id: 't-short', name: 'short', family: 'craw', lengthMm: 60 },
  { id: 't-mid', name: 'mid', family: 'craw', lengthMm: 75 },
  { id: 't-gone', name: 'gone', family: 'craw', lengthMm: 85, quantity: 0 },
]
const atHand = { window: { min: 0.2, max: 1 }, bottomM: 4, parts, trailers }
const changes = (change: Partial<Stint> = {}, at = atHand) =>
  new Map(inHandChanges({ ...stint, ...change }, at).map(c => [c.id, c]))

describe('changes in the hand', () => {
  it('slower is slower, a longer pause longer, deeper deeper with a longer count; the lure and its rig stay', () => {
    const all = changes()
    expect(all.get('slower')!.to).toBeLessThan(0.5)
    expect(all.get('faster')!.to).toBeGreaterThan(0.5)
    expect(all.get('longer-pause')!.to).toBe(8)
    expect(all.get('shorter-pause')!.to).toBe(2)
    expect(all.get('deeper')!.stint.presentation).toMatchObject({ depthM: 3.9, countdownS: 8 })
    expect(all.get('shallower')!.to).toBeLessThan(3)
    for (const { stint: next } of all.values())
      expect(next).toMatchObject({ lureId: 'l', rig: 'jig-and-trailer', outfitId: 'o' })
  })
  it('weights are the next of one’s own, trailers the next smaller that is left', () => {
    const all = changes()
    expect([all.get('heavier')!.to, all.get('lighter')!.to]).toEqual([14, 7])
    expect(all.get('smaller-trailer')!.stint.trailerId).toBe('t-mid')
    expect(all.get('no-trailer')!.stint.trailerId).toBeNull()
  })
  it('keeps inside what the lure works at and above the bottom; what would change nothing is not offered', () => {
    const slow = changes({ presentation: { ...stint.presentation, speedMs: 0.2, depthM: 4 }, speedMs: 0.2, depthM: 4 })
    expect(slow.has('slower')).toBe(false)
    expect(slow.has('deeper')).toBe(false)
    expect(slow.get('faster')!.to).toBeCloseTo(0.28, 2)
  })
  it('no head no heavier, no trailer no smaller one, no pause in a cadence that has none', () => {
    const plain = changes({
      trailerId: null,
      cadence: 'burn',
      presentation: { cadence: 'burn', speedMs: 0.8, depthM: 1 },
    })
    expect([...plain.keys()]).toEqual(['slower', 'faster', 'deeper', 'shallower'])
  })
  it('every change differs from what was, and says from what', () => {
    for (const { from, to } of changes().values()) expect(to).not.toEqual(from)
  })
})
