import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { courseOf } from '#core/course'
import { boxOf, ownOf, parseFile } from '#core/files'
import {
  classOf,
  classRange,
  colourClass,
  DEPTH_CLASSES_M,
  differingTraits,
  profileOf,
  SIZE_CLASSES_MM,
  SPEED_CLASSES_MS,
  TRAITS,
  traitsOf,
} from '#core/lure'
import { prepareBox, rank } from '#core/match'
import type { Reading } from '#core/reading'
import { inWords } from '#speech'
import { match, presentedSetups } from './answer'
import { differenceOf, knownShares } from './difference'
import { fairPairs } from './pairs'
import demo from '../../demo/box.json'

const read = parseFile(demo)
if (!read.ok) throw new Error(inWords(read.issues[0]!.message))
const box = boxOf(read.value)
const profiles = new Map(prepareBox(box).lures.map(p => [p.lure.id, p]))
const spring: Reading = {
  species: 'northern-pike',
  at: '2026-05-06T06:40:00+02:00',
  temperatureC: 11.5,
  visibilityM: 1.2,
  stain: 'brown',
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  forage: [{ kind: 'bleak', lengthMm: 90 }],
}
const READINGS: readonly Reading[] = [
  spring,
  { ...spring, temperatureC: 24, sky: 'sun', visibilityM: 4 },
  { species: 'largemouth-bass', temperatureC: 9, bottomM: 7, fishFromM: 4, fishToM: 7, mood: 'lethargic' },
  { species: 'perch', temperatureC: 17, bottomM: 5, fishFromM: 2, fishToM: 4 },
]
const answers = READINGS.map(reading => match(box, reading, { top: 20, own: ownOf(read.value), useLog: false }))

describe('why one set-up stands before another', () => {
  it('the gains that are spoken of are those of the axes, largest first; what is left out is too small to matter', () => {
    for (const { setups } of answers) {
      for (let i = 1; i < setups.length; i++) {
        const [a, b] = [setups[i - 1]!, setups[i]!]
        const gains = differenceOf(a, b)
        const spoken = gains.reduce((sum, g) => sum + g.gain, 0)
        const all = a.axes.reduce(
          (sum, { axis, gain }) => sum + gain - (b.axes.find(o => o.axis === axis)?.gain ?? 0),
          0,
        )
        expect(Math.abs(all - spoken)).toBeLessThanOrEqual(0.05 * (a.axes.length - gains.length) + 1e-9)
        expect(gains.map(g => Math.abs(g.gain))).toEqual(gains.map(g => Math.abs(g.gain)).sort((p, q) => q - p))
      }
    }
  })
  it('turned round, every gain is a loss; against itself there is none', () => {
    const [a, b] = answers[0]!.setups
    expect(differenceOf(a!, a!)).toEqual([])
    const back = new Map(differenceOf(b!, a!).map(g => [g.axis, g.gain]))
    for (const { axis, gain } of differenceOf(a!, b!)) expect(back.get(axis)).toBeCloseTo(-gain, 12)
  })
  it('how it is known adds up to one; a tested lure rests on more than its kind', () => {
    for (const setup of answers.flatMap(a => a.setups)) {
      const shares = knownShares(setup)
      expect(Object.values(shares).reduce((sum, s) => sum + s, 0)).toBeCloseTo(1, 9)
      expect(Math.min(...Object.values(shares))).toBeGreaterThanOrEqual(0)
    }
    expect(knownShares({ axes: [] })).toEqual({ tested: 0, stated: 0, computed: 0, typical: 0 })
    const bare = { id: 'x', name: 'x', family: 'crankbait', weightG: 12 } as const
    const alone = (lure: object) => knownShares(match({ ...box, lures: [lure as never], tests: [] }, spring).setups[0]!)
    expect(alone({ ...bare, vibration: 4, flash: 2, bulk: 3, lengthMm: 60, sound: 'silent' }).stated).toBeGreaterThan(
      alone(bare).stated,
    )
  })
})

describe('fair pairs (trade §15: two lures that differ in two things teach nothing)', () => {
  const pairs = answers.map(({ setups }) => fairPairs(setups, id => profiles.get(id)))
  it('there are some, and each differs in exactly the one thing that it names', () => {
    expect(pairs.flat().length).toBeGreaterThan(3)
    for (const { differs, a, b } of pairs.flat()) {
      const traits = [a, b].map(s => traitsOf(profiles.get(s.lureId)!, s.presentation))
      expect(differingTraits(traits[0]!, traits[1]!)).toEqual([differs])
      expect(['colour', 'size', 'action']).toContain(differs)
      if (differs !== 'action') expect(profiles.get(a.lureId)!.lure.family).toBe(profiles.get(b.lureId)!.lure.family)
    }
  })
  it('at most two for each thing, never a lure against itself, and none of lures that nobody knows', () => {
    for (const found of pairs) {
      for (const trait of TRAITS) expect(found.filter(p => p.differs === trait).length).toBeLessThanOrEqual(2)
      for (const { a, b } of found) expect(a.lureId).not.toBe(b.lureId)
    }
    expect(fairPairs(answers[0]!.setups, () => undefined)).toEqual([])
  })
})

describe('classes in which anglers speak of "the same" and "another"', () => {
  it('every figure is in one class, and inside its range', () => {
    for (const classes of [SIZE_CLASSES_MM, DEPTH_CLASSES_M, SPEED_CLASSES_MS]) {
      fc.assert(
        fc.property(fc.double({ min: 0, max: 400, noNaN: true }), value => {
          const [from, to] = classRange(classes, classOf(classes, value))
          return value <= to && (value > from || value === 0 || from === 0)
        }),
      )
    }
  })
  it('metal counts before paint, and a bare blade is a metal', () => {
    const paint = (colours: object, blades: object[] = []) =>
      colourClass(profileOf({ id: 'x', name: 'x', family: 'spinnerbait', colours, blades } as never, []))
    expect(paint({ pattern: 'hot', metal: 'gold' })).toBe('gold')
    expect(paint({ pattern: 'hot' })).toBe('hot')
    expect(paint({ pattern: 'hot', metal: 'none' }, [{ shape: 'willow', metal: 'copper' }])).toBe('gold')
    expect(paint({ pattern: 'dark' }, [{ shape: 'willow', metal: 'silver' }])).toBe('silver')
  })
})

describe('set-ups as the course models want them', () => {
  it('stay in the water and in their own speed window, wherever they are fished', () => {
    for (const reading of READINGS) {
      const prepared = prepareBox(box, { useLog: false })
      const ranking = rank(prepared, askOf(reading))
      const { setups } = match(box, reading, { top: 20, useLog: false })
      const presented = new Map(presentedSetups(ranking, setups))
      expect(presented.size).toBe(setups.length)
      for (const { lureId, presentation } of setups) {
        const given = presented.get(lureId)!
        expect(given.depthM).toBeGreaterThanOrEqual(0)
        expect(given.depthM).toBeLessThanOrEqual(ranking.ask.reading.bottomM + 1e-9)
        expect(given.speedMs).toBeCloseTo(presentation.speedMs, 2)
        // Pauses slow a bait on its way; what is wound without them is never slower than it works.
        if (presentation.pauseS === null)
          expect(given.speedMs, `${lureId} ${given.cadence}`).toBeGreaterThanOrEqual(given.bait.window.min - 0.005)
        expect(given.speedMs).toBeLessThanOrEqual(given.bait.window.max + 1e-9)
        const { points } = courseOf(given)
        for (const { depth } of points) expect(depth).toSatisfy((d: number) => d >= -1e-9 && d <= given.bottomM + 1e-6)
      }
    }
  })
})
