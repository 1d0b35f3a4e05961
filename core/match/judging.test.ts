import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Ask, askOf } from '#core/ask'
import type { Box } from '#core/tackle'
import { Candidate } from './candidate'
import { logSays } from './log'
import { judgedWays } from './prospect'
import { judgingOf, prepareBox, type PreparedBox, rank, sceneOf } from './rank'
import demo from '../../demo/box.json'
import { anyWater } from '../../tests/any-water'

const whole = demo as unknown as Box

/** The plain way: every lure by itself, every way of fishing it in the water, the best kept, all of them sorted. */
function plainly(box: PreparedBox, ask: Ask): readonly Candidate[] {
  const scene = sceneOf(box, ask)
  const says = logSays(box.log, ask)
  return box.lures
    .flatMap(profile => {
      const ways = judgedWays(profile, scene)
      if (ways.length === 0) return []
      const best = ways.reduce((top, way) => (way.odds > top.odds ? way : top))
      const { depthM } = best.placement
      return [new Candidate(profile, best, scene, says.of(profile, depthM, best.tackle.tactic.id))]
    })
    .sort((a, b) => b.score - a.score || b.odds - a.odds || (a.profile.lure.id < b.profile.lure.id ? -1 : 1))
}

const toldOf = (candidates: readonly Candidate[]) =>
  candidates.map(({ profile, score, odds, tactic, outfit, trailer, placement }) => ({
    lure: profile.lure.id,
    score,
    odds,
    tactic: tactic.id,
    outfit: outfit?.outfit.id ?? null,
    trailer: trailer?.lure.id ?? null,
    depthM: placement.depthM,
  }))

/** With its log, without, on no rods, and with every lure in three dresses, of which two share a mould with the first. */
const boxes: readonly (readonly [string, PreparedBox])[] = [
  ['the demo box with its log', prepareBox(whole)],
  ['without', prepareBox(whole, { useLog: false })],
  ['no rods', prepareBox({ ...whole, outfits: [] })],
  [
    'three dresses',
    prepareBox({
      ...whole,
      lures: whole.lures.flatMap(lure => [
        lure,
        { ...lure, id: `${lure.id}-hot`, colours: { ...lure.colours, pattern: 'hot' as const, fluorescent: true } },
        { ...lure, id: `${lure.id}-dark`, colours: { ...lure.colours, pattern: 'dark' as const } },
      ]),
    }),
  ],
]

describe.each(boxes)('a judging of %s', (_, box) => {
  it('comes to what the plain way comes to, to the last digit, however much of it is asked for', () => {
    fc.assert(
      fc.property(anyWater, fc.integer({ min: 0, max: 40 }), (reading, most) => {
        const ask = askOf(reading)
        const plain = toldOf(plainly(box, ask))
        const judging = judgingOf(box, ask)
        expect(toldOf(judging.first(most))).toEqual(plain.slice(0, most))
        expect(toldOf(judging.first(most + 7))).toEqual(plain.slice(0, most + 7))
        const after = judging.whole()
        expect(toldOf(after.candidates)).toEqual(plain)
        const atOnce = rank(box, ask)
        expect(toldOf(atOnce.candidates)).toEqual(plain)
        expect(after.rejected).toEqual(atOnce.rejected)
        expect(
          new Set([...after.candidates.map(c => c.profile.lure.id), ...after.rejected.map(r => r.lureId)]).size,
        ).toBe(box.lures.length)
      }),
      { numRuns: 12 },
    )
  })
  it('tells no lure twice and rejects none twice when it is interrupted, looked at and finished', () => {
    fc.assert(
      fc.property(anyWater, fc.integer({ min: 1, max: 20 }), (reading, step) => {
        const ask = askOf(reading)
        const judging = judgingOf(box, ask)
        judging.first(3)
        const steps = judging.inSteps(step)
        steps.next()
        steps.next()
        expect(toldOf(judging.first(5))).toEqual(toldOf(rank(box, ask).candidates.slice(0, 5)))
        const { candidates, rejected } = judging.whole()
        expect(toldOf(candidates)).toEqual(toldOf(rank(box, ask).candidates))
        expect(new Set(rejected.map(r => r.lureId)).size).toBe(rejected.length)
      }),
      { numRuns: 8 },
    )
  })
  it('goes down to a score, and to so many at least, as the whole order does', () => {
    fc.assert(
      fc.property(
        anyWater,
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 9 }),
        (reading, score, fewest) => {
          const ask = askOf(reading)
          const { candidates } = rank(box, ask)
          expect(toldOf(judgingOf(box, ask).downTo(score, fewest))).toEqual(
            toldOf(candidates.filter((c, place) => place < fewest || c.score >= score)),
          )
        },
      ),
      { numRuns: 8 },
    )
  })
  it('shows the same fits whenever they are looked at: what suits is set against the first of the order', () => {
    const ask = askOf({ species: 'northern-pike', temperatureC: 12, visibilityM: 1.5 })
    const early = judgingOf(box, ask).first(1)[0]!
    const late = rank(box, ask).candidates[0]!
    expect(Object.entries(early.fits).map(([axis, { fit }]) => [axis, fit])).toEqual(
      Object.entries(late.fits).map(([axis, { fit }]) => [axis, fit]),
    )
  })
})
