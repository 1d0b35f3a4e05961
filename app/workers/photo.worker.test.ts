import { describe, expect, it, vi } from 'vitest'
import { ended, fresh } from '~/testing/workers-in-process'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('a picture', () => {
  it('gives its paints, and the worker ends with it', async () => {
    const { pickColours } = await fresh(
      () => import('./photo.worker'),
      () => import('./photo.client'),
    )
    const data = new Uint8ClampedArray(40 * 40 * 4)
    for (let i = 0; i < 1600; i++) data.set(i % 40 < 20 ? [200, 30, 30, 255] : [20, 40, 180, 255], i * 4)
    ended.length = 0
    const swatches = await pickColours({ width: 40, height: 40, data })
    expect(swatches.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 5)
    expect(swatches.length).toBeGreaterThanOrEqual(2)
    expect(ended).toEqual(['photo.worker.ts'])
  })
})
