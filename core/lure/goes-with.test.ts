import { describe, expect, it } from 'vitest'
import type { Lure, Part } from '#core/tackle'
import { goesWith } from './goes-with'
import { profileOf } from './profile'
import { usualFall } from './usual-fall'

const profile = (part: Partial<Lure> & Pick<Lure, 'family'>) =>
  profileOf({ id: part.family, name: part.family, ...part }, [])
const PARTS: Part[] = [
  { id: 'heavy', name: 'heavy', kind: 'jig-head', weightG: 14, shape: 'round' },
  { id: 'light', name: 'light', kind: 'jig-head', weightG: 3.5, shape: 'round' },
  { id: 'mushroom', name: 'm', kind: 'jig-head', weightG: 3.5, shape: 'mushroom' },
  { id: 'bullet', name: 'bullet', kind: 'sinker', weightG: 7, shape: 'bullet' },
  { id: 'drop', name: 'drop', kind: 'sinker', weightG: 7, shape: 'drop' },
  { id: 'snap', name: 'snap', kind: 'snap' },
]

describe('what goes with what (trade §6, common practice, no source)', () => {
  const rigs = (lure: Parameters<typeof profile>[0]) =>
    new Map(
      goesWith(profile(lure), [], PARTS).rigs.map(r => [
        `${r.technique.rig} ${r.technique.control}`,
        r.parts.map(p => p.id),
      ]),
    )
  it('a flat minnow worm takes mushroom heads, drop sinkers and bullets, each on its rig', () => {
    const found = rigs({ family: 'minnow-soft' })
    expect(found.get('mushroom-head bottom')).toEqual(['mushroom'])
    expect(found.get('drop-shot-nose above-bottom')).toEqual(['drop'])
    expect(found.get('bullet-weedless bottom')).toEqual(['bullet'])
    expect(found.get('threaded-head count-down')).toEqual(['light', 'heavy'])
  })
  it('a plug needs nothing', () => expect([...rigs({ family: 'crankbait' }).values()].flat()).toEqual([]))
  it('trailers ride on jigs and blades that are not much shorter, and hosts are found the other way round', () => {
    const jig = profile({ family: 'skirted-jig', lengthMm: 90 })
    const craw = profile({ family: 'craw', role: 'both', lengthMm: 80 })
    const long = profile({ id: 'long', name: 'long', family: 'worm', role: 'both', lengthMm: 230 })
    const plain = profile({ id: 'plain', name: 'plain', family: 'grub', role: 'lure', lengthMm: 70 })
    const all = [jig, craw, long, plain, profile({ family: 'crankbait' })]
    expect(goesWith(jig, all, []).trailers).toEqual([craw])
    expect(goesWith(craw, all, []).hosts).toEqual([jig])
    expect(goesWith(plain, all, []).hosts).toEqual([])
  })
})

describe('the fall of the catalogue', () => {
  it('the owner’s drop outranks his figure, that the sum; what floats has none', () => {
    const lure: Lure = { id: 'x', name: 'x', family: 'stick-worm', weightG: 8.5, fallRateMs: 0.3 }
    expect(
      usualFall(profileOf(lure, [{ id: 't', lureId: 'x', kind: 'fall', values: [5, 5], depthM: 2 }])),
    ).toMatchObject({ value: 0.4, known: 'tested' })
    expect(usualFall(profileOf(lure, []))).toMatchObject({ value: 0.3, known: 'stated' })
    expect(usualFall(profileOf({ ...lure, fallRateMs: null }, []))!.known).toBe('computed')
    expect(usualFall(profile({ family: 'topwater', style: 'walker' }))).toBeNull()
  })
})

describe('a known depth', () => {
  const depthOf = (runsAt: Lure['runsAt']) => profile({ family: 'crankbait', runsAt }).runsAt!.value
  // Handbook of models §4b: the same lure reaches 3 m on a cast of 30 m and 4.26 m behind a boat with 30 m out.
  it('holds in its own mode only', () => {
    expect(depthOf({ depthM: 4.26, mode: 'troll' }).depthM).toBeCloseTo(3, 1)
    expect(depthOf({ depthM: 4.26, mode: 'cast' }).depthM).toBe(4.26)
  })
  it('keeps the pace at which it was met', () =>
    expect([depthOf({ depthM: 3, speedMs: 1.1 }).speedMs, depthOf({ depthM: 3 }).speedMs]).toEqual([1.1, undefined]))
})
