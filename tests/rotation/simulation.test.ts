import { describe, expect, it } from 'vitest'
import type { Kind } from './fish'
import { type Row, simulate } from './simulate'

/** Fewer days than the published table (docs/rotation.md, 200 of each kind), so the bounds are looser; they fail when the adviser stops learning. */
const DAYS = 60
const rows = new Map<Kind, Row>()
function rowOf(kind: Kind): Row {
  const row = rows.get(kind) ?? simulate(kind, DAYS)
  rows.set(kind, row)
  return row
}

describe('the adviser against simulated fish', () => {
  it.each(['size', 'depth', 'action', 'schools'] as const)(
    '%s wanted: beats never changing, chance and the rules’ order by a quarter each',
    kind => {
      const { adviser, never, random, rules } = rowOf(kind)
      expect(Math.min(adviser / never, adviser / random, adviser / rules)).toBeGreaterThan(1.25)
    },
  )
  it.each(['flip', 'return'] as const)('a wish that turns (%s): still better than all three', kind => {
    const { adviser, never, random, rules } = rowOf(kind)
    expect(Math.min(adviser / never, adviser / random, adviser / rules)).toBeGreaterThan(1.08)
  })
  it('fish that soon know a lure, and fish that only follow: better than never changing by a third', () => {
    for (const kind of ['conditioned', 'commitment'] as const)
      expect(rowOf(kind).adviser / rowOf(kind).never).toBeGreaterThan(1.3)
  })
  it('one thing at a time finds a hidden size too, and costs something', () => {
    const { oneByOne, adviser, random } = rowOf('size')
    expect(oneByOne).toBeGreaterThan(1.15 * random)
    expect(oneByOne).toBeLessThan(1.02 * adviser)
  })
  it('a hidden size is on the line after a median of four changes at most', () =>
    expect(rowOf('size').medianToFind).toBeLessThanOrEqual(4))
  it('where nothing matters it loses little to re-tying', () =>
    expect(rowOf('none').adviser).toBeGreaterThan(0.92 * rowOf('none').never))
})
