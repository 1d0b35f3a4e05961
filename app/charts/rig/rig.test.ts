import { describe, expect, it } from 'vitest'
import { type Rig, RIGS } from '#core/terms'
import { points } from '../silhouette/silhouette'
import { baitLength, dropLength, gapPx, leaderLength, rigDrawing, type RigParts, SIZE, weightRadius } from './rig'

const parts = (rig: Rig, change: Partial<RigParts['setup']> = {}, more: Partial<RigParts> = {}): RigParts => ({
  setup: {
    rig,
    hook: { kind: 'weedless', size: '3/0', count: 1, advice: '' },
    leader: { lengthM: 1, material: 'fluorocarbon', testKg: 5 },
    connection: 'direct',
    headG: 7,
    sinkerG: 10,
    trailerId: null,
    trailerHook: false,
    presentation: { dropLeaderM: 0.5 },
    ...change,
  },
  lureMm: 100,
  bodyMm: 16,
  trailerMm: null,
  words: { leader: '1.0 m', hook: '3/0', weight: '10 g', drop: '0.5 m' },
  ...more,
})
const extent = (d: string) => {
  const at = points(d)
  return {
    left: Math.min(...at.map(p => p[0])),
    right: Math.max(...at.map(p => p[0])),
    top: Math.min(...at.map(p => p[1])),
    bottom: Math.max(...at.map(p => p[1])),
  }
}

describe('rig drawings', () => {
  it.each(RIGS)('%s: everything stands inside the picture, and no figure is missing or broken', rig => {
    const { marks, lures, labels, knots } = rigDrawing(parts(rig))
    expect(marks.some(m => m.part === 'line')).toBe(true)
    expect(lures.length).toBeGreaterThan(0)
    for (const { d } of marks) {
      expect(d).not.toMatch(/NaN|undefined/)
      const { left, right, top, bottom } = extent(d)
      expect([left >= -2, right <= SIZE.width + 2, top >= -2, bottom <= SIZE.height + 2], d).toEqual([
        true,
        true,
        true,
        true,
      ])
    }
    for (const { x, y } of [...labels, ...knots])
      expect([x >= 0, x <= SIZE.width, y >= 0, y <= SIZE.height]).toEqual([true, true, true, true])
  })
  it('the leader is as long as it is, up to the break', () => {
    const length = (m: number) => {
      const { left, right } = extent(
        rigDrawing(parts('direct', { leader: { lengthM: m, material: 'nylon', testKg: 3 } })).marks.find(
          k => k.part === 'leader',
        )!.d,
      )
      return right - left
    }
    expect(length(1.2) / length(0.6)).toBeCloseTo(2, 6)
    expect(length(5)).toBe(leaderLength(99))
    expect(rigDrawing(parts('direct', { leader: null })).marks.some(m => m.part === 'leader')).toBe(false)
  })
  it('the drop-shot hook stands above its weight by the leader, and the weight on the bottom', () => {
    const heights = [0.25, 0.5, 0.7].map(dropLeaderM => {
      const { marks, knots } = rigDrawing(parts('drop-shot-nose', { presentation: { dropLeaderM } }))
      const hookKnot = knots.find(k => k.x === 92)!
      const weight = extent(marks.find(m => m.part === 'weight')!.d)
      expect(weight.top - hookKnot.y).toBeCloseTo(dropLength(dropLeaderM), 0)
      expect(extent(marks.find(m => m.part === 'bottom')!.d).top).toBeGreaterThanOrEqual(weight.bottom - 2)
      return weight.top - hookKnot.y
    })
    expect(heights).toEqual([...heights].sort((a, b) => a - b))
  })
  it('hooks follow their size, weights the cube root of theirs, baits their length', () => {
    const hookHeight = (size: string) => {
      const { top, bottom } = extent(
        rigDrawing(parts('drop-shot-nose', { hook: { kind: 'drop-shot', size, count: 1, advice: '' } })).marks.find(
          m => m.part === 'hook',
        )!.d,
      )
      return bottom - top
    }
    expect(hookHeight('4/0') / hookHeight('1')).toBeCloseTo(gapPx('4/0') / gapPx('1'), 1)
    expect(weightRadius(16) / weightRadius(2)).toBeCloseTo(2, 6)
    expect(rigDrawing(parts('direct', {}, { lureMm: 80 })).lures[0]!.length).toBe(baitLength(80))
  })
  it('a hidden point is drawn hidden; an exposed one is not', () => {
    expect(rigDrawing(parts('bullet-weedless')).marks.some(m => m.part === 'hidden')).toBe(true)
    expect(rigDrawing(parts('threaded-head')).marks.some(m => m.part === 'hidden')).toBe(false)
  })
  it('a snap, a swivel and a knot differ; a trailer hook is added; an umbrella has five baits', () => {
    expect(rigDrawing(parts('snap', { connection: 'snap' })).marks.some(m => m.part === 'snap')).toBe(true)
    expect(rigDrawing(parts('direct', { connection: 'swivel' })).marks.some(m => m.part === 'swivel')).toBe(true)
    expect(rigDrawing(parts('direct', { trailerHook: true })).marks.filter(m => m.part === 'hook')).toHaveLength(1)
    expect(rigDrawing(parts('umbrella')).lures).toHaveLength(5)
  })
  it('the weight on a three-way dropper hangs by a weak knot below the swivel', () => {
    const { labels, marks } = rigDrawing(parts('three-way'))
    expect(labels.some(l => /weak knot/.test(l.text))).toBe(true)
    expect(extent(marks.find(m => m.part === 'weight')!.d).top).toBeGreaterThan(
      extent(marks.find(m => m.part === 'swivel')!.d).bottom,
    )
  })
})
