import { describe, expect, it } from 'vitest'
import { profileOf } from '#core/lure'
import type { BenchTest, Lure } from '#core/tackle'
import { TESTS_DUE, worthTesting } from './worth-testing'

const test = (kind: BenchTest['kind'], values: number[], part: Partial<BenchTest> = {}): BenchTest => ({
  id: kind,
  lureId: 'l',
  kind,
  values,
  ...part,
})
const crank: Lure = { id: 'l', name: 'c', family: 'crankbait' }
const dived = { rig: 'snap', mode: 'cast', cadence: 'steady' } as const
const kinds = (lure: Lure, tests: BenchTest[] = [], way: Parameters<typeof worthTesting>[1] = null) =>
  worthTesting(profileOf(lure, tests), way).map(d => d.kind)

describe('what to test next', () => {
  it('of a plug that nobody knows: its weight before how deep it runs', () => {
    expect(kinds(crank, [], dived).slice(0, 2)).toEqual(['weigh', 'depth'])
  })
  it('what is tested is not asked for again; a figure as entered is, but less', () => {
    const tests = [test('weigh', [12.1, 12.2]), test('depth', [2.4], { castM: 30, lineDiameterMm: 0.28 })]
    expect(kinds(crank, tests, dived)).not.toContain('weigh')
    expect(kinds(crank, tests, dived)).not.toContain('depth')
    const entered = worthTesting(profileOf({ ...crank, weightG: 12 }, []), dived)
    expect(entered.findIndex(d => d.kind === 'weigh')).toBeGreaterThan(entered.findIndex(d => d.kind === 'depth'))
  })
  it('whether it hangs is asked only where it is stopped, and the fall never of what dives by its lip', () => {
    const jerk: Lure = { id: 'l', name: 'j', family: 'jerkbait' }
    expect(kinds(jerk, [], { rig: 'snap', mode: 'cast', cadence: 'jerk-pause' })).toContain('hang')
    expect(kinds(jerk, [], dived)).not.toContain('hang')
    expect(kinds(jerk, [], dived)).not.toContain('fall')
    expect(
      kinds({ id: 'l', name: 's', family: 'dense-spoon' }, [], {
        rig: 'direct',
        mode: 'cast',
        cadence: 'countdown-steady',
      }),
    ).toContain('fall')
  })
  it('every row says what hangs on it', () => {
    expect(new Set(TESTS_DUE.map(row => row.id)).size).toBe(TESTS_DUE.length)
    expect(TESTS_DUE.every(row => row.text.length > 20 && row.counts > 0 && row.counts <= 1)).toBe(true)
  })
})
