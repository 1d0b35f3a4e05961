import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEPTH_CONTROLS } from '#core/knowledge'
import { CADENCES } from '#core/terms'
import { courseAt, shareInBand } from './band'
import { courseOf } from './course'
import { type Boat, runningDepth, waysToChange, withWeight } from './dial'
import type { Presented } from './presented'
import { countedDown as base } from '../../tests/presented'

const diver: Presented = {
  ...base,
  control: 'dive',
  cadence: 'steady',
  castM: 30,
  tipM: 0.8,
  speedMs: 0.8,
  lineDiameterMm: 0.3,
  bait: { ...base.bait, netWeight: 0, fallMs: 0, rated: { depthM: 3, castM: 30, lineDiameterMm: 0.3, tipM: 0.8 } },
}
const boat: Boat = {
  lines: [
    { outfitId: 'thin', diameterMm: 0.15 },
    { outfitId: 'thick', diameterMm: 0.4 },
  ],
  plugs: [
    { lureId: 'deep', rated: { depthM: 3.3 } },
    { lureId: 'far', rated: { depthM: 6 } },
  ],
  weightsG: [3.5, 5, 7, 10, 14],
  weightG: 7,
}

describe('courses', () => {
  it('a rated diver on its rating cast reaches its rating, a third of the cast from the rod (dive model §4b table)', () => {
    const course = courseOf(diver)
    expect(course.deepestM).toBeCloseTo(3, 1)
    const deepest = course.points.reduce((a, b) => (b.depth > a.depth ? b : a))
    expect(deepest.x).toBeGreaterThan(8)
    expect(deepest.x).toBeLessThan(12)
    // Only 46 % of that retrieve is within a fifth of the deepest (the same table).
    expect(shareInBand(course, 0.8 * course.deepestM, 10).ofTime).toBeGreaterThan(0.38)
    expect(shareInBand(course, 0.8 * course.deepestM, 10).ofTime).toBeLessThan(0.54)
  })
  it('tip raised from 0.3 to 2.3 m: about a metre shallower on a 3 m diver (trade §5: 0.9 to 1.2 m)', () => {
    const raised = courseOf({ ...diver, tipM: 0.3 }).deepestM - courseOf({ ...diver, tipM: 2.3 }).deepestM
    expect(raised).toBeGreaterThan(0.9)
    expect(raised).toBeLessThan(1.2)
  })
  it('longer cast deeper, thicker line shallower, speed hardly matters (trade §5)', () => {
    const deepest = (change: Partial<Presented>) => courseOf({ ...diver, ...change }).deepestM
    expect(deepest({ castM: 40 })).toBeGreaterThan(deepest({ castM: 30 }))
    expect(deepest({ lineDiameterMm: 0.4 })).toBeLessThan(deepest({}))
    expect(Math.abs(deepest({ speedMs: 1.2 }) / deepest({}) - 1)).toBeLessThan(0.03)
  })
  it('counted down it falls depth ÷ fall speed seconds, then slow runs deeper than fast (motion model §5)', () => {
    const course = courseOf(base)
    const begins = course.points.find(p => p.stage === 'swimming')!
    expect(begins.t).toBeCloseTo(2 / 0.63, 0)
    expect(courseOf({ ...base, speedMs: 0.4 }).meanM).toBeGreaterThan(courseOf({ ...base, speedMs: 1 }).meanM)
  })
  it('cast across a stream it swings down it: farther in a faster one, nothing in still water; a count-down drifts on its way', () => {
    const swung = (sideMs: number) => courseOf({ ...base, sideMs }).swung
    expect(swung(0)).toBe(0)
    expect(swung(0.2)).toBeGreaterThan(0.2)
    expect(swung(0.4)).toBeGreaterThan(swung(0.2))
    const { points } = courseOf({ ...base, sideMs: 0.4 })
    const sunk = points.find(p => p.stage === 'swimming')!
    // 2 m at 0.63 m/s, 0.4 m/s across, 25 m out: about 1.3 m to the side.
    expect(sunk.swung).toBeCloseTo((0.4 * 2) / 0.63 / 25, 1)
    expect(points[points.findIndex(p => p.stage === 'swimming') - 1]!.swung).toBeGreaterThan(0.03)
  })
  it('held in a stream faster than it is wound it swings out below the rod and is then wound up, which is not work', () => {
    const course = courseOf({ ...base, sideMs: 1.2, speedMs: 0.5 })
    expect((course.swung * 180) / Math.PI).toBeGreaterThan(75)
    expect(course.points[course.points.length - 1]!.stage).toBe('up')
    expect(course.works[1]).toBe(course.points.length - 2)
  })
  it('where it hangs in the stream at last, a faster stream holds it higher', () => {
    const hangs = (sideMs: number) => {
      const { points, works } = courseOf({ ...base, sideMs, speedMs: 0.3 })
      return points[works[1]]!.depth
    }
    expect(hangs(1.4)).toBeLessThan(hangs(0.8))
  })
  it('a floating plug rises in its pauses, a sinking bait falls', () => {
    const paused = { ...diver, cadence: 'touch-and-pause', pauseS: 3 } as const
    const floater = courseOf({ ...paused, bait: { ...diver.bait, netWeight: -0.02 } })
    const sinker = courseOf({ ...paused, bait: { ...diver.bait, netWeight: 0.02, fallMs: 0.2 } })
    expect(floater.meanM).toBeLessThan(sinker.meanM)
  })
  it('a drop shot stands 10 in (0.254 m) over the bottom where the handbook says, and nearly its leader under the tip (trade §6)', () => {
    const course = courseOf({
      ...base,
      control: 'above-bottom',
      cadence: 'shake',
      bottomM: 8,
      tipM: 1.5,
      castM: 25,
      dropLeaderM: 0.61,
    })
    const at = (x: number) => 8 - course.points.reduce((a, b) => (Math.abs(b.x - x) < Math.abs(a.x - x) ? b : a)).depth
    expect(at(20.7)).toBeCloseTo(0.254, 1)
    expect(at(1.3)).toBeGreaterThan(0.58)
  })
  it('what is followed coarsely for the order is on the way that is drawn: its mean depth within a tenth or 0.2 m, wound through or with pauses, in still water and across a stream', () => {
    const paced = { min: 0.3, max: 1.5, noNaN: true }
    fc.assert(
      fc.property(
        fc.boolean(),
        fc.constantFrom<Presented['cadence']>('steady', 'stop-and-go', 'sweep-pause', 'jerk-pause'),
        fc.double(paced),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        fc.double({ min: 15, max: 40, noNaN: true }),
        fc.constantFrom(0, 0.25),
        (dives, cadence, speedMs, pauseS, depthM, castM, sideMs) => {
          const presented: Presented = { ...(dives ? diver : base), cadence, speedMs, pauseS, depthM, castM, sideMs }
          const fine = courseOf(presented).meanM
          const off = Math.abs(courseOf(presented, { coarse: true }).meanM - fine)
          expect(off).toBeLessThan(Math.max(0.2, 0.1 * fine))
        },
      ),
      { numRuns: 200 },
    )
  })
  it('never leaves the water, never goes back in time, for every way and cadence', () => {
    const controls = fc.constantFrom(...DEPTH_CONTROLS)
    fc.assert(
      fc.property(
        controls,
        fc.constantFrom(...CADENCES),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.double({ min: 5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.constantFrom(0, 0.3, 1.2),
        (control, cadence, bottomM, castM, pauseS, sideMs) => {
          const { points, seconds } = courseOf({
            ...(control === 'dive' ? diver : base),
            control,
            cadence,
            bottomM,
            castM,
            pauseS,
            depthM: bottomM * 0.6,
            dropLeaderM: 0.4,
            sideMs,
          })
          expect(points.length).toBeGreaterThan(1)
          for (const [i, p] of points.entries()) {
            expect(p.depth).toBeGreaterThanOrEqual(0)
            expect(p.depth).toBeLessThanOrEqual(bottomM + 1e-6)
            if (i > 0) expect(p.t).toBeGreaterThanOrEqual(points[i - 1]!.t)
            if (i > 0) expect(p.swung).toBeGreaterThanOrEqual(points[i - 1]!.swung)
          }
          expect(seconds).toBeLessThan(2000)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('a moment between two points lies between them; before and after, at the ends', () => {
    const course = courseOf(base)
    expect(courseAt(course, -1).depth).toBe(0)
    expect(courseAt(course, 1e9).x).toBeLessThan(2)
    const middle = courseAt(course, 1)
    expect(middle.depth).toBeCloseTo(0.63, 1)
  })
})

describe('dialling in', () => {
  it('every way offered really brings the bait the way it says, nearly as far as was asked', () => {
    for (const [presented, delta] of [
      [diver, 0.3],
      [diver, -0.3],
      [base, 0.3],
      [base, -0.3],
    ] as const) {
      const now = runningDepth(presented)
      const ways = waysToChange(presented, delta, boat)
      expect(ways.length, `${presented.control} ${delta}`).toBeGreaterThan(1)
      for (const way of ways) {
        const gain = (way.reachesM - now) * Math.sign(delta)
        expect(gain, way.lever).toBeGreaterThan(0.17)
      }
    }
  })
  it('what needs no knot comes first; a plug of nearly that depth is offered, one far off is not', () => {
    const ways = waysToChange(diver, 0.3, boat)
    expect(ways[0]!.lever).toBe('tip')
    expect(ways.find(w => w.lever === 'lure')).toMatchObject({ lureId: 'deep' })
    expect(ways.find(w => w.lever === 'line')).toMatchObject({ outfitId: 'thin' })
    expect(ways.findIndex(w => w.lever === 'line')).toBe(ways.length - 1)
  })
  it('a set tip really gives that depth when it is put back into the model', () => {
    const tip = waysToChange(diver, -0.3, boat).find(w => w.lever === 'tip')!
    expect(runningDepth({ ...diver, tipM: tip.to })).toBeCloseTo(tip.reachesM, 6)
  })
  const trolled: Presented = { ...diver, mode: 'troll', cadence: 'troll', lineOutM: 30, castM: 30 }
  it('behind the boat more line runs deeper and less shallower; a plug’s speed is no lever, a sinker’s is (trade §5, §13)', () => {
    const out = waysToChange(trolled, 0.4, boat).find(w => w.lever === 'line-out')!
    expect(out.to).toBeGreaterThan(30)
    expect(waysToChange(trolled, -0.4, boat).find(w => w.lever === 'line-out')!.to).toBeLessThan(30)
    expect(waysToChange(trolled, 0.4, boat).map(w => w.lever)).not.toContain('speed')
    const spoon: Presented = { ...trolled, control: 'count-down', bait: { ...base.bait, netWeight: 0.2 } }
    const slower = waysToChange(spoon, 0.4, boat).find(w => w.lever === 'speed')
    expect(slower?.to ?? 0).toBeLessThan(spoon.speedMs)
  })
  it('line let down beside the boat is let out to the depth asked, and never past the bottom', () => {
    const vertical: Presented = { ...base, control: 'vertical', cadence: 'lift-drop', depthM: 5 }
    expect(waysToChange(vertical, 2, boat)).toMatchObject([{ lever: 'line-out', from: 5, to: 7 }])
    expect(waysToChange({ ...vertical, depthM: 7.5 }, 2, boat)[0]?.to).toBe(8)
    expect(waysToChange({ ...vertical, depthM: 8 }, 2, boat)).toEqual([])
  })
  it('a floating plug cannot be counted down, and on the surface nothing changes the depth', () => {
    const floats: Presented = { ...base, bait: { ...base.bait, netWeight: -0.02, fallMs: 0 } }
    expect(waysToChange(floats, 0.3, boat).map(w => w.lever)).not.toContain('count')
    expect(runningDepth({ ...base, control: 'surface' })).toBe(0)
    expect(waysToChange({ ...base, control: 'surface', cadence: 'pop' }, 0.3, boat)).toEqual([])
  })
  it('without other lines, plugs or weights there are still the rod and the hand', () => {
    const bare: Boat = { lines: [], plugs: [], weightsG: [], weightG: 7 }
    expect(waysToChange(diver, 0.3, bare).length).toBeGreaterThan(0)
    expect(waysToChange(diver, 0.3, bare).every(w => w.lever === 'tip' || w.lever === 'cast')).toBe(true)
    expect(waysToChange(base, 0.3, bare).map(w => w.lever)).not.toContain('weight')
  })
  it('what gained weight sinks, what lost it all floats', () => {
    const floater: Presented = { ...base, bait: { ...base.bait, netWeight: -0.01, fallMs: 0 } }
    expect(withWeight(floater, 5).bait.fallMs).toBeGreaterThan(0)
    expect(withWeight(base, -1000).bait.fallMs).toBe(0)
  })
  it('on the bottom nothing is deeper', () =>
    expect(waysToChange({ ...base, control: 'bottom', cadence: 'bottom-hop' }, 0.3, boat)).toEqual([]))
  it('more lead falls faster, by the root of the weight in water (checks §C)', () => {
    const heavier = withWeight(base, (base.bait.netWeight / (0.91 * 9.80665)) * 3000)
    expect(heavier.bait.netWeight).toBeCloseTo(4 * base.bait.netWeight, 9)
    expect(heavier.bait.fallMs).toBeCloseTo(2 * base.bait.fallMs, 9)
  })
})
