import { describe, expect, it } from 'vitest'
import type { Outfit } from '#core/tackle'
import { isBiteProof, prepareOutfit, windowVerdict } from './outfit'
import { profileOf } from './profile'
import { deepestOf, throwsOf } from './thrown'

const outfit = (rod: Partial<Outfit['rod']> = {}, rest: Partial<Outfit> = {}): Outfit => ({
  id: 'o',
  name: 'o',
  rod: { kind: 'spinning', lureMinG: 10, lureMaxG: 30, power: 'medium', action: 'moderate', ...rod },
  line: { material: 'braid' },
  ...rest,
})
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
    expect([
      isBiteProof({ material: 'wire' }),
      isBiteProof({ material: 'fluorocarbon', diameterMm: 0.7 }),
      isBiteProof({ material: 'fluorocarbon', diameterMm: 0.5 }),
      isBiteProof({ material: 'nylon', diameterMm: 0.9 }),
      isBiteProof(null),
    ]).toEqual([true, true, false, false, false])
  })
})

describe('prepareOutfit', () => {
  it('takes the typed diameter, else one from the test, and the reel’s pick-up', () => {
    expect(prepareOutfit(outfit({}, { line: { material: 'nylon', testKg: 4.5359237, diameterMm: 0.3 } })).lineMm).toBe(
      0.3,
    )
    expect(prepareOutfit(outfit({}, { line: { material: 'nylon', testKg: 4.5359237 } })).lineMm).toBeCloseTo(
      0.0825 * Math.sqrt(10),
      9,
    )
    expect(prepareOutfit(outfit({}, { reel: { ratio: 6.3, spoolDiameterMm: 36 } })).pickUpM).toBeCloseTo(0.713, 3)
    expect(prepareOutfit(outfit()).pickUpM).toBeNull()
  })
})

describe('what an outfit throws, and how deep', () => {
  const light = prepareOutfit(
    outfit({ lureMinG: 3, lureMaxG: 10, power: 'light' }, { line: { material: 'braid', diameterMm: 0.1 } }),
  )
  const heavy = prepareOutfit(
    outfit(
      { kind: 'casting', lureMinG: 14, lureMaxG: 56, power: 'heavy' },
      { line: { material: 'nylon', diameterMm: 0.4 } },
    ),
  )
  const plug = profileOf(
    { id: 'p', name: 'Plug', family: 'crankbait', weightG: 9, lengthMm: 55, runsAt: { depthM: 3 } },
    [],
  )
  const tail = profileOf({ id: 't', name: 'Tail', family: 'paddle-tail', weightG: 6, lengthMm: 100 }, [])
  const big = profileOf({ id: 'g', name: 'Glider', family: 'glide-bait', weightG: 45, lengthMm: 180 }, [])
  const ids = (thrown: ReturnType<typeof throwsOf>) => thrown.map(t => t.profile.lure.id)
  it('counts the complete weight: a soft body with its head, a plug alone', () => {
    expect(ids(throwsOf(light, [plug, tail, big]))).toEqual(['p', 't'])
    expect(ids(throwsOf(heavy, [plug, tail, big]))).toContain('g')
    const [alone] = throwsOf(light, [plug])
    expect(alone!.totalG).toBe(9)
    for (const t of throwsOf(heavy, [tail])) expect(t.totalG).toBeGreaterThan(6)
  })
  it('a plug gets deeper on the thin line than on the thick one, and on a longer cast', () => {
    const on = (lineMm: number, castM: number) => {
      const rod = prepareOutfit(
        outfit({ lureMinG: 3, lureMaxG: 20 }, { castM, line: { material: 'nylon', diameterMm: lineMm } }),
      )
      return deepestOf(rod, throwsOf(rod, [plug])).find(d => d.by === 'dive')!.depthM
    }
    expect(on(0.2, 30)).toBeGreaterThan(on(0.4, 30))
    expect(on(0.3, 35)).toBeGreaterThan(on(0.3, 15))
    // The rating's own cast, line and tip give the rating back (contract: 30 m, 0.30 mm, 0.8 m).
    expect(on(0.3, 30)).toBeCloseTo(3, 1)
  })
  it('tells one lure for each way of getting down, the deepest', () => {
    const found = deepestOf(
      light,
      throwsOf(light, [plug, profileOf({ ...plug.lure, id: 'q', runsAt: { depthM: 1 } }, []), tail]),
    )
    expect(found.filter(f => f.by === 'dive').map(f => f.thrown.profile.lure.id)).toEqual(['p'])
    // A body of 6 g with its sinker is too much for the light rod, not for a medium one.
    expect(found.map(f => f.by)).not.toContain('bottom')
    const medium = prepareOutfit(outfit({ lureMinG: 5, lureMaxG: 25 }))
    expect(deepestOf(medium, throwsOf(medium, [tail])).map(f => f.by)).toContain('bottom')
  })
})
