import { describe, expect, it } from 'vitest'
import { FAMILIES, type Lure } from '#core/tackle'
import { bladeLength } from './drawing'
import { points, silhouette } from './silhouette'

const lure = (part: Partial<Lure> & Pick<Lure, 'family'>): Lure => ({ id: 'x', name: 'x', ...part })
const parts = (part: string, of: Lure) => silhouette(of).marks.filter(m => m.part === part)
const extent = (d: string) => {
  const xs = points(d).map(([x]) => x)
  return Math.max(...xs) - Math.min(...xs)
}

describe('silhouette', () => {
  it.each(FAMILIES)('%s draws inside its box, with figures only', (family) => {
    const { marks, box } = silhouette(lure({ family }))
    expect(marks.length).toBeGreaterThan(2)
    for (const { d } of marks) {
      expect(d).not.toMatch(/NaN|Infinity|undefined/)
      for (const [x, y] of points(d)) {
        expect(x).toBeGreaterThanOrEqual(box.x)
        expect(x).toBeLessThanOrEqual(box.x + box.width)
        expect(y).toBeGreaterThanOrEqual(box.y)
        expect(y).toBeLessThanOrEqual(box.y + box.height)
      }
    }
  })
  it.each(['crankbait', 'jerkbait', 'pencil', 'casting-spoon', 'stick-worm'] as const)('a %s is drawn as long as it is', (family) => {
    for (const lengthMm of [40, 90, 200]) expect(extent(parts('back', lure({ family, lengthMm }))[0]!.d)).toBeCloseTo(lengthMm, 0)
  })
  it('paints back, side and belly as given', () => {
    const painted = lure({ family: 'crankbait', colours: { back: '#112233', side: '#445566', belly: '#778899', accent: '#aa0000' } })
    expect(['back', 'side', 'belly', 'accent'].map(part => parts(part, painted)[0]!.fill)).toEqual(['#112233', '#445566', '#778899', '#aa0000'])
  })
  it('the lip grows with the running depth, and a lipless plug has none', () => {
    const lip = (depthM: number) => extent(parts('lip', lure({ family: 'crankbait', lengthMm: 60, runsAt: { depthM } }))[0]!.d)
    expect(lip(5)).toBeGreaterThan(lip(3))
    expect(lip(3)).toBeGreaterThan(lip(1))
    expect(parts('lip', lure({ family: 'lipless-crank' }))).toEqual([])
  })
  it('draws as many blades as there are, longer with the number, in their metal', () => {
    const blades = [{ shape: 'willow' as const, size: 5, metal: 'gold' as const }, { shape: 'colorado' as const, size: 3, metal: 'silver' as const }]
    const drawn = parts('blade', lure({ family: 'spinnerbait', blades }))
    expect(drawn).toHaveLength(2)
    expect(drawn[0]!.fill).not.toBe(drawn[1]!.fill)
    expect(bladeLength(5)).toBeGreaterThan(bladeLength(3))
  })
  it('hangs one treble a hook, larger for a larger size', () => {
    const hooks = (count: number, size: string) => parts('hook', lure({ family: 'jerkbait', hooks: [{ kind: 'treble', size, count }] }))
    expect([1, 2, 3].map(n => hooks(n, '6').length)).toEqual([1, 2, 3])
    expect(extent(hooks(1, '2')[0]!.d)).toBeGreaterThan(extent(hooks(1, '8')[0]!.d))
  })
})
