import { describe, expect, it } from 'vitest'
import type { Outfit } from '#core/tackle'
import { isBiteProof, prepareOutfit, windowVerdict } from './outfit'

const outfit = (rod: Partial<Outfit['rod']> = {}, rest: Partial<Outfit> = {}): Outfit => ({ id: 'o', name: 'o', rod: { kind: 'spinning', lureMinG: 10, lureMaxG: 30, power: 'medium', action: 'moderate', ...rod }, line: { material: 'braid' }, ...rest })
const fit = (totalG: number) => {
  const verdict = windowVerdict(outfit(), totalG)
  return typeof verdict === 'string' ? verdict : verdict.fit
}

describe('windowVerdict (contract §5)', () => {
  it('above the window the rod is out, below half of its least too', () => {
    expect([fit(30.1), fit(4.9)]).toEqual(['overload', 'underload'])
    expect(typeof fit(30)).toBe('number')
    expect(typeof fit(5)).toBe('number')
  })
  it('below the window the fit falls off, inside it is best in the middle, near the top accuracy goes first', () => {
    expect(fit(5)).toBeCloseTo(0.3, 6)
    expect(fit(7.5)).toBeCloseTo(0.65, 6)
    expect(fit(20)).toBe(1)
    expect(fit(29.9) as number).toBeLessThan(fit(25) as number)
  })
  it('a rod without a window is neither out nor perfect', () => {
    expect(windowVerdict(outfit({ lureMinG: null, lureMaxG: null }), 500)).toEqual({ fit: 0.75, place: 0.5 })
  })
})

describe('isBiteProof (trade §6)', () => {
  it('wire, or fluorocarbon of 0.7 mm and more', () => {
    expect([isBiteProof({ material: 'wire' }), isBiteProof({ material: 'fluorocarbon', diameterMm: 0.7 }), isBiteProof({ material: 'fluorocarbon', diameterMm: 0.5 }), isBiteProof({ material: 'nylon', diameterMm: 0.9 }), isBiteProof(null)])
      .toEqual([true, true, false, false, false])
  })
})

describe('prepareOutfit', () => {
  it('takes the typed diameter, else one from the test, and the reel’s pick-up', () => {
    expect(prepareOutfit(outfit({}, { line: { material: 'nylon', testKg: 4.5359237, diameterMm: 0.3 } })).lineMm).toBe(0.3)
    expect(prepareOutfit(outfit({}, { line: { material: 'nylon', testKg: 4.5359237 } })).lineMm).toBeCloseTo(0.0825 * Math.sqrt(10), 9)
    expect(prepareOutfit(outfit({}, { reel: { ratio: 6.3, spoolDiameterMm: 36 } })).pickUpM).toBeCloseTo(0.713, 3)
    expect(prepareOutfit(outfit()).pickUpM).toBeNull()
  })
})
