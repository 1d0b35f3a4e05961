import { beforeAll, describe, expect, it, vi } from 'vitest'
import { fresh } from '~/testing/workers-in-process'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('light under water', () => {
  let client: import('./light.client').LightClient
  beforeAll(async () => {
    client = new (
      await fresh(
        () => import('./light.worker'),
        () => import('./light.client'),
      )
    ).LightClient()
  })
  const request = (part: object = {}) => ({
    scene: {
      species: 'northern-pike',
      visibilityM: 1.2,
      stain: 'brown',
      sky: 'sun',
      moonFraction: 0,
      sunAltitudeDeg: 45,
      zone: 'mid',
      prey: ['baitfish'],
    } as const,
    lures: [
      {
        id: 'white',
        looks: {
          colours: { back: '#ffffff', side: '#ffffff', belly: '#ffffff' },
          family: 'crankbait',
          actionStyle: 'wobble',
        } as const,
      },
      {
        id: 'black',
        looks: {
          colours: { back: '#050505', side: '#050505', belly: '#050505' },
          family: 'crankbait',
          actionStyle: 'wobble',
        } as const,
      },
    ],
    depthM: 1,
    depthsM: [0.5, 2, 6],
    ...part,
  })
  it('deeper is darker; a lure is lost farther off than it stands out; contrast falls with distance', async () => {
    const { water, lures } = (await client.colours(request()))!
    expect(water.map(w => w.lux)).toEqual(water.map(w => w.lux).sort((a, b) => b - a))
    for (const { curve, conspicuousness, naturalness, reachM, swatches } of lures) {
      const jnd = curve.map(p => p.jnd)
      expect(jnd.at(-1)!).toBeLessThan(jnd[0]!)
      for (const share of [conspicuousness, naturalness]) expect(share).toSatisfy((v: number) => v >= 0 && v <= 1)
      expect(reachM!).toBeGreaterThan(0)
      expect(swatches.map(s => s.length)).toEqual([3, 3, 3])
    }
    const level = (id: string) => lures.find(l => l.id === id)!.views.find(v => v.view === 'level')!
    expect([level('white').isBright, level('black').isBright]).toEqual([true, false])
  })
  it('clearer water shows a lure farther', async () => {
    const at = async (visibilityM: number) =>
      (await client.colours(request({ scene: { ...request().scene, visibilityM } })))!.lures[0]!.reachM!
    const [dirty, clear] = [await at(0.6), await at(3)]
    expect(clear).toBeGreaterThan(dirty)
  })
  it('an answer that is known is given again at once, and the oldest is forgotten', async () => {
    const first = await client.colours(request())
    expect(await client.colours(request())).toBe(first)
    for (let i = 0; i < 41; i++) await client.colours(request({ lures: [], depthM: 1 + i / 10 }))
    const again = await client.colours(request())
    expect(again).not.toBe(first)
    expect({ ...again, tookMs: 0 }).toEqual({ ...first, tookMs: 0 })
  })
})
