import { describe, expect, it } from 'vitest'
import { TACTICS } from '#core/knowledge'
import { CADENCES } from '#core/terms'
import { sketches } from './sketches'

const { tactics: drawn, cadences } = sketches('imperial')

describe('a tactic as it is drawn', () => {
  it.each(TACTICS)('$id: has its drawing, in the water, with a bait of its own kinds', tactic => {
    const sketch = drawn[tactic.id]!
    expect(tactic.families).toContain(sketch.family)
    expect(sketch.points.length).toBeGreaterThan(1)
    for (const { depth, x } of sketch.points) {
      expect(depth >= 0 && depth <= sketch.bottomM + 1e-6).toBe(true)
      expect(x >= 0 && x <= sketch.farM).toBe(true)
    }
  })
  it.each(TACTICS.filter(t => t.controls.every(c => c === 'surface')))('$id: stays on top', ({ id }) => {
    expect(Math.max(...drawn[id]!.points.map(p => p.depth))).toBe(0)
  })
  it.each(TACTICS.filter(t => t.controls.every(c => c === 'bottom') && !t.cadences.some(c => c.cadence === 'drift')))(
    '$id: comes to the bottom',
    ({ id }) => {
      const { points, bottomM } = drawn[id]!
      expect(Math.max(...points.map(p => p.depth))).toBeCloseTo(bottomM, 1)
    },
  )
  it('what is lifted and dropped goes up and down, what is wound steadily does not', () => {
    const turns = (id: keyof typeof drawn) => {
      const depths = drawn[id]!.points.filter(p => p.stage !== 'up').map(p => p.depth)
      return depths.filter((d, i) => i > 1 && (d - depths[i - 1]!) * (depths[i - 1]! - depths[i - 2]!) < 0).length
    }
    expect(turns('metal-yo-yo')).toBeGreaterThan(5)
    expect(turns('spoon-wound')).toBeLessThan(3)
  })
})

describe('a cadence as it is drawn', () => {
  it.each(CADENCES)('%s: is drawn in the water, and told with its figures in the angler’s units', cadence => {
    const { points, bottomM, told } = cadences[cadence]!
    expect(points.length).toBeGreaterThan(1)
    expect(points.every(p => p.depth >= 0 && p.depth <= bottomM + 1e-6)).toBe(true)
    expect(told).not.toMatch(/[{}]|NaN|\d\s(m|cm|m\/s)\b/)
  })
  it('a pause is a place where it rests or moves by itself: none in what is wound steadily', () => {
    const stages = (cadence: keyof typeof cadences) => new Set(cadences[cadence]!.points.slice(2).map(p => p.stage))
    expect(stages('stop-and-go').has('still') || stages('stop-and-go').has('falling')).toBe(true)
    expect(stages('burn').has('still')).toBe(false)
    expect(stages('bottom-hop').has('lifted')).toBe(true)
  })
})
