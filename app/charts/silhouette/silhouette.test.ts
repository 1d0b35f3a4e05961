import { describe, expect, it } from 'vitest'
import { STYLE_TABLE } from '#core/knowledge'
import type { Lure } from '#core/tackle'
import { BLADE_SHAPES, FAMILIES, FINISHES } from '#core/terms'
import { bladeLength, type Mark } from './drawing'
import { points, silhouette } from './silhouette'

const lure = (part: Partial<Lure> & Pick<Lure, 'family'>): Lure => ({ id: 'x', name: 'x', ...part })
const parts = (part: string, of: Lure) => silhouette(of).marks.filter(m => m.part === part)
const span = (values: number[]) => Math.max(...values) - Math.min(...values)
const extent = (d: string) => span(points(d).map(([x]) => x))
const middle = (d: string) => {
  const xs = points(d).map(([x]) => x)
  return (Math.max(...xs) + Math.min(...xs)) / 2
}
/** What belongs to the length of a lure: not its hooks, rings and blades, which have sizes of their own. */
const BODY = (m: Mark) =>
  !['hook', 'ring', 'blade', 'prop', 'lip', 'feeler', 'eye', 'eye-white', 'guard', 'wire', 'leg'].includes(m.part)

describe('silhouette', () => {
  const everyStyle = FAMILIES.flatMap(family =>
    [null, ...Object.keys(STYLE_TABLE[family] ?? {})].map(style => [family, style] as const),
  )
  it.each(everyStyle)('%s, style %s: draws inside its box, with figures only', (family, style) => {
    const { marks, box } = silhouette(lure({ family, style }))
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
  it.each(FAMILIES)('a %s is drawn as long as it is, and twice as long when it is', family => {
    const drawn = (lengthMm: number) =>
      span(
        silhouette(lure({ family, lengthMm }))
          .marks.filter(BODY)
          .flatMap(m => points(m.d).map(([x]) => x)),
      )
    // Shafts, wires and skirts leave some families' painted parts short of the whole; nothing is drawn longer than it is.
    expect(drawn(120)).toBeGreaterThan(0.4 * 120)
    expect(drawn(120)).toBeLessThan(1.12 * 120)
    expect(drawn(160) / drawn(80)).toBeCloseTo(2, 1)
  })
  it.each(['crankbait', 'jerkbait', 'pencil', 'casting-spoon', 'stick-worm'] as const)(
    'the body of a %s is exactly its length',
    family => {
      for (const lengthMm of [40, 90, 200])
        expect(extent(parts('back', lure({ family, lengthMm }))[0]!.d)).toBeCloseTo(lengthMm, 0)
    },
  )
  it('paints back, side, belly, accent and metal as given', () => {
    const painted = lure({
      family: 'crankbait',
      colours: { back: '#112233', side: '#445566', belly: '#778899', accent: '#aa0000' },
    })
    expect(['back', 'side', 'belly', 'accent'].map(part => parts(part, painted)[0]!.fill)).toEqual([
      '#112233',
      '#445566',
      '#778899',
      '#aa0000',
    ])
    const spoon = (metal: 'gold' | 'silver' | 'copper') =>
      parts('side', lure({ family: 'casting-spoon', colours: { metal } }))[0]!.fill
    expect(new Set([spoon('gold'), spoon('silver'), spoon('copper')]).size).toBe(3)
  })
  it.each(FINISHES)('the finish %s can be told from the others', finish => {
    const drawn = (f: typeof finish) =>
      JSON.stringify(silhouette(lure({ family: 'crankbait', colours: { side: '#c0c0c0', finish: f } })).marks)
    const same = FINISHES.filter(other => drawn(other) === drawn(finish))
    // Matte and painted skins look alike: neither shines.
    expect(same.filter(f => f !== 'matte' && f !== 'painted')).toEqual(
      finish === 'matte' || finish === 'painted' ? [] : [finish],
    )
  })
  it('the lip grows with the running depth, lies flatter, is square for a square lip, and a lipless plug has none', () => {
    const lip = (depthM: number, style: string | null = null) =>
      parts('lip', lure({ family: 'crankbait', style, lengthMm: 60, runsAt: { depthM } }))[0]!.d
    expect(extent(lip(5))).toBeGreaterThan(extent(lip(3)))
    expect(extent(lip(3))).toBeGreaterThan(extent(lip(1)))
    const slope = (d: string) => {
      const all = points(d)
      const [x0, y0] = all[0]!
      const [x1, y1] = all.find(([x]) => x !== x0)!
      return Math.abs((y1 - y0) / (x1 - x0))
    }
    expect(slope(lip(5))).toBeLessThan(slope(lip(1)))
    expect(lip(1.5, 'square-lip')).not.toMatch(/q/)
    expect(parts('lip', lure({ family: 'lipless-crank' }))).toEqual([])
  })
  it('draws as many blades as there are, longer with the number, in their metal', () => {
    const blades = [
      { shape: 'willow' as const, size: 5, metal: 'gold' as const },
      { shape: 'colorado' as const, size: 3, metal: 'silver' as const },
    ]
    const drawn = parts('blade', lure({ family: 'spinnerbait', blades }))
    expect(drawn).toHaveLength(2)
    expect(drawn[0]!.fill).not.toBe(drawn[1]!.fill)
    expect(bladeLength(5)).toBeGreaterThan(bladeLength(3))
  })
  it.each(BLADE_SHAPES)('a %s blade has a shape of its own', shape => {
    const drawn = (s: typeof shape) =>
      parts('blade', lure({ family: 'spinnerbait', blades: [{ shape: s, size: 4 }] }))[0]!.d
    expect(BLADE_SHAPES.filter(other => drawn(other) === drawn(shape))).toEqual([shape])
  })
  it('round blades are broad, leaves are narrow (trade §3)', () => {
    const breadth = (shape: 'willow' | 'indiana' | 'colorado') =>
      span(
        points(parts('blade', lure({ family: 'spinnerbait', blades: [{ shape, size: 4 }] }))[0]!.d).map(([, y]) => y),
      )
    expect(breadth('willow')).toBeLessThan(breadth('indiana'))
    expect(breadth('indiana')).toBeLessThan(breadth('colorado'))
  })
  it('hangs one treble a hook, in its place, larger for a larger size', () => {
    const hooks = (count: number, size: string) =>
      parts('hook', lure({ family: 'jerkbait', lengthMm: 100, hooks: [{ kind: 'treble', size, count }] }))
    expect([1, 2, 3].map(n => hooks(n, '6').length)).toEqual([1, 2, 3])
    expect(extent(hooks(1, '2')[0]!.d)).toBeGreaterThan(extent(hooks(1, '8')[0]!.d))
    expect(hooks(3, '6').map(h => Math.round(middle(h.d) / 10) * 10)).toEqual([30, 60, 100])
  })
  it('a small drawing keeps the shape and drops what would blur', () => {
    for (const family of FAMILIES) {
      const full = silhouette(lure({ family, colours: { finish: 'scale' } }))
      const small = silhouette(lure({ family, colours: { finish: 'scale' } }), { small: true })
      expect(small.marks.length).toBeLessThanOrEqual(full.marks.length)
      expect(small.marks.filter(m => m.part === 'finish')).toEqual([])
      const painted = (marks: readonly Mark[]) =>
        marks.filter(m => ['back', 'side', 'belly', 'head', 'plate'].includes(m.part)).map(m => m.d)
      expect(painted(small.marks)).toEqual(painted(full.marks))
    }
  })
})
