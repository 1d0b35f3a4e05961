import { describe, expect, it } from 'vitest'
import { acrossCast, alongCast, paceOfStream } from './flow'

const bank = { currentMs: 0.8, from: 'bank', hold: 'adrift' } as const

describe('the stream as a cast meets it', () => {
  it('down it +, up it −, across it to the side; nothing where the boat goes with it', () => {
    expect(alongCast({ ...bank, castTo: 'down' })).toBe(0.8)
    expect(alongCast({ ...bank, castTo: 'up' })).toBe(-0.8)
    expect(alongCast({ ...bank, castTo: 'across' })).toBe(0)
    expect(acrossCast({ ...bank, castTo: 'across' })).toBe(0.8)
    expect(acrossCast({ ...bank, castTo: 'down' })).toBe(0)
    expect(acrossCast({ ...bank, castTo: 'across', from: 'boat' })).toBe(0)
    expect(acrossCast({ ...bank, castTo: 'across', from: 'boat', hold: 'anchored' })).toBe(0.8)
  })
  it('works what is held at least as fast as it runs along the line: all of it down, none up, its mean over a swing across', () => {
    expect(paceOfStream({ ...bank, castTo: 'down' })).toBe(0.8)
    expect(paceOfStream({ ...bank, castTo: 'up' })).toBe(0)
    // ∫ tan α dα ÷ ∫ sec α dα from straight across to 80°, by sums.
    let [tan, sec] = [0, 0]
    for (let i = 0.5; i < 8000; i++) {
      const angle = ((i / 100) * Math.PI) / 180
      tan += Math.tan(angle)
      sec += 1 / Math.cos(angle)
    }
    expect(paceOfStream({ ...bank, castTo: 'across' })).toBeCloseTo((0.8 * tan) / sec, 2)
  })
})
