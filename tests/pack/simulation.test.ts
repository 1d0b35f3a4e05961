import { describe, expect, it } from 'vitest'
import { simulated } from './simulate'

describe('packs on days that nobody has seen (docs/pack.md)', () => {
  it(
    'the plan catches a fifth more than a pack by chance, and more than the lures with the best scores',
    { timeout: 240_000 },
    () => {
      const { plan, byScore, random } = simulated(6, 960)
      expect(plan / random).toBeGreaterThan(1.2)
      expect(plan / byScore).toBeGreaterThan(1.015)
    },
  )
})
