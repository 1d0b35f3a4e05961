import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Dialled } from '~/composables/useCourses'
import { dialFromAddress, dialInAddress } from './dial-address'

describe('the dial in the address', () => {
  it('comes back as it was turned', () => {
    const turned = fc.record(
      {
        tipM: fc.double({ min: 0.2, max: 2.6, noNaN: true }),
        castM: fc.double({ min: 5, max: 90, noNaN: true }),
        speedMs: fc.double({ min: 0.05, max: 3, noNaN: true }),
        depthM: fc.double({ min: 0.2, max: 60, noNaN: true }),
        pauseS: fc.option(fc.double({ min: 0.5, max: 40, noNaN: true })),
        addedG: fc.double({ min: -10, max: 30, noNaN: true }),
        cadence: fc.constantFrom('tick' as const, 'steady' as const),
      },
      { requiredKeys: [] },
    )
    fc.assert(
      fc.property(turned, (dialled: Dialled) => {
        expect(dialFromAddress(dialInAddress(dialled) ?? '')).toEqual(dialled)
      }),
    )
  })
  it('nothing turned leaves nothing in the address', () => {
    expect(dialInAddress({})).toBeUndefined()
  })
  it.each([
    '',
    'tipM',
    'tipM:',
    'tipM:high',
    'tipM:99',
    'speedMs:-1',
    'castM:NaN',
    'castM:Infinity',
    'cadence:waltz',
    'constructor:1',
    '__proto__:1',
    'cadence:toString',
  ])('“%s” turns nothing', text => {
    expect(dialFromAddress(text)).toEqual({})
  })
  it('keeps what it knows beside what it does not', () => {
    expect(dialFromAddress('tipM:0.5,colour:red,speedMs:9')).toEqual({ tipM: 0.5 })
  })
})
