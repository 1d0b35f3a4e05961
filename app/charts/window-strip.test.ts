import { describe, expect, it } from 'vitest'
import { windowStrip } from './window-strip'

describe('the strip of what a rod throws', () => {
  it('lays a lure inside the band exactly when its weight lies in the window', () => {
    const weights = [1, 6.9, 7, 15, 28, 28.1, 90]
    const { band, lures } = windowStrip({ lureMinG: 7, lureMaxG: 28 }, weights, 600)
    expect(lures.map(at => at >= band!.from && at <= band!.to)).toEqual([false, false, true, true, true, false, false])
  })
  it('gives twice the weight the same step everywhere', () => {
    const {
      lures: [one, two, forty, eighty],
    } = windowStrip({}, [1, 2, 40, 80], 600)
    expect(two! - one!).toBeCloseTo(eighty! - forty!, 9)
  })
  it('draws no band when an end of the window is not known', () => {
    expect(windowStrip({ lureMinG: null, lureMaxG: 28 }, [], 600).band).toBeNull()
    expect(windowStrip({ lureMinG: 7 }, [], 600).band).toBeNull()
  })
  it('keeps what is heavier than the axis at its end', () => {
    expect(windowStrip({}, [900], 600).lures).toEqual([600])
  })
})
