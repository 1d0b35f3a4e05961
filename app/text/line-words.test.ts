import { describe, expect, it } from 'vitest'
import { leaderInWords, leaderTold, strandInWords } from './line-words'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

describe('lines and leaders in words', () => {
  it('say what they hold and how thick they are', () => {
    expect(plain(strandInWords({ material: 'braid', testKg: 9, diameterMm: 0.18 }, 'metric'))).toBe(
      'braid 9.0 kg 0.18 mm',
    )
    expect(
      plain(leaderInWords({ material: 'fluorocarbon', testKg: 4.5, diameterMm: 0.28, lengthM: 1 }, 'metric')),
    ).toBe('1.0 m fluorocarbon 4.5 kg 0.28 mm')
  })
  it('a thickness that nobody measured follows from the strength and is about; wire has no such rule', () => {
    expect(plain(strandInWords({ material: 'nylon', testKg: 4.5 }, 'metric'))).toMatch(
      /^nylon 4\.5 kg about 0\.\d\d mm$/,
    )
    expect(plain(strandInWords({ material: 'wire', testKg: 9 }, 'metric'))).toBe('wire 9.0 kg')
    expect(plain(strandInWords({ material: 'nylon' }, 'metric'))).toBe('nylon')
  })
  it('in pounds and inches where those are meant', () => {
    expect(plain(leaderInWords({ material: 'fluorocarbon', testKg: 4.536, lengthM: 0.9 }, 'imperial'))).toMatch(/ft|in/)
  })
  it('a leader tied in for the day is not as thick as the rod’s own', () => {
    const own = { material: 'fluorocarbon' as const, testKg: 4.5, diameterMm: 0.28 }
    expect(plain(leaderTold({ material: 'fluorocarbon', testKg: 4.5, lengthM: 1 }, own, 'metric'))).toContain(
      ' 0.28 mm',
    )
    expect(plain(leaderTold({ material: 'wire', testKg: 9, lengthM: 0.3 }, own, 'metric'))).not.toContain('0.28')
  })
})
