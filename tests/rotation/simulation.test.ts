import { describe, expect, it } from 'vitest'
import { simulate } from './simulate'

/** Fewer days than the published table (docs/rotation.md, 500 of each kind), so the bounds are looser; they fail when the adviser stops learning. */
const DAYS = 200

describe('the adviser against simulated fish', () => {
  it.each(['size', 'depth', 'action'] as const)('%s wanted: beats never changing by 30 %, the rules’ order by 10 %', { timeout: 120_000 }, (kind) => {
    const row = simulate(kind, DAYS)
    expect(row.adviser).toBeGreaterThan(1.3 * row.never)
    expect(row.adviser).toBeGreaterThan(1.1 * row.rules)
    expect(row.adviser).toBeGreaterThan(1.1 * row.random)
  })
  it('finds a hidden size in a median of at most six changes', { timeout: 120_000 }, () => expect(simulate('size', DAYS).medianToFind).toBeLessThanOrEqual(6))
  it('where nothing matters it loses little to re-tying', { timeout: 120_000 }, () => {
    const row = simulate('none', DAYS)
    expect(row.adviser).toBeGreaterThan(0.93 * row.never)
  })
})
