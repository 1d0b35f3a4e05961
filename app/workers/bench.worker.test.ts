import { describe, expect, it, vi } from 'vitest'
import { fresh } from '~/testing/workers-in-process'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('the bench', () => {
  it('a plug that is loaded runs deeper, one that is lightened shallower', async () => {
    const client = new (
      await fresh(
        () => import('./bench.worker'),
        () => import('./bench.client'),
      )
    ).BenchClient()
    const rated = { depthM: 2, castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 }
    const runs = async (afterN: number) => (await client.changedDepth({ rated, beforeN: -0.01, afterN }))!
    const [same, loaded, lighter] = [await runs(-0.01), await runs(0.03), await runs(-0.04)]
    expect(same.after).toBeCloseTo(same.before!, 6)
    expect(same.before).toBeCloseTo(2, 1)
    expect(loaded.after!).toBeGreaterThan(loaded.before!)
    expect(lighter.after!).toBeLessThan(lighter.before!)
    const [older, newer] = await Promise.all([
      client.changedDepth({ rated, beforeN: 0, afterN: 0 }),
      client.changedDepth({ rated, beforeN: 0, afterN: 0.02 }),
    ])
    expect([older, newer?.after]).toEqual([null, expect.any(Number)])
    client.close()
  })
})
