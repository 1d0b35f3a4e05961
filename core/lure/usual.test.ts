import { describe, expect, it } from 'vitest'
import type { Lure } from '#core/tackle'
import { profileOf } from './profile'
import { roleOf } from './role'

const of = (lure: Partial<Lure> & Pick<Lure, 'family'>) => profileOf({ id: 'x', name: 'x', ...lure }, [])

/** What stands in where the owner says nothing (common practice, no source; the figures are the middle of the boxes in tests/corpus). */
describe('a lure of which little is said', () => {
  it('is as long as its weight makes it: eight times the weight is twice the length', () => {
    const [light, heavy] = [of({ family: 'hair-jig', weightG: 7 }), of({ family: 'hair-jig', weightG: 56 })]
    expect(heavy.lengthMm.value / light.lengthMm.value).toBeCloseTo(2, 6)
    expect(heavy.lengthMm.known).toBe('computed')
    expect(of({ family: 'hair-jig' }).lengthMm.known).toBe('typical')
    expect(of({ family: 'hair-jig', weightG: 7, lengthMm: 90 }).lengthMm).toMatchObject({ value: 90, known: 'stated' })
  })
  it('is bulkier the longer it is, within the scale, and as its owner says where he does', () => {
    const bulks = [50, 100, 200, 400].map(lengthMm => of({ family: 'paddle-tail', lengthMm }).bulk)
    for (const [i, bulk] of bulks.entries()) if (i > 0) expect(bulk.value).toBeGreaterThanOrEqual(bulks[i - 1]!.value)
    expect(bulks[2]!.value - bulks[1]!.value).toBeGreaterThan(1)
    expect(bulks.every(({ value }) => value >= 1 && value <= 5)).toBe(true)
    expect(of({ family: 'paddle-tail', lengthMm: 200, bulk: 2 }).bulk).toMatchObject({ value: 2, known: 'stated' })
  })
  it('flashes by its metal: a painted spoon less than a silver one, matte less still', () => {
    const flash = (colours: Lure['colours']) => of({ family: 'casting-spoon', colours }).flash.value
    expect(flash({ metal: 'silver' })).toBeGreaterThan(flash({ metal: 'none' }))
    expect(flash({ metal: 'none' })).toBeGreaterThan(flash({ metal: 'none', finish: 'matte' }))
    expect(of({ family: 'casting-spoon' }).flash.known).toBe('typical')
    const painted = of({
      family: 'spinnerbait',
      colours: { metal: 'none' },
      blades: [{ shape: 'willow', metal: 'gold' }],
    })
    expect(painted.flash.value).toBeGreaterThan(of({ family: 'spinnerbait', colours: { metal: 'none' } }).flash.value)
  })
  it('a soft body that is threaded behind skirts may be both, a plug is no trailer, and what is said counts', () => {
    expect(roleOf({ family: 'craw' })).toBe('both')
    expect(roleOf({ family: 'craw', role: 'lure' })).toBe('lure')
    expect(roleOf({ family: 'crankbait' })).toBe('lure')
  })
})
