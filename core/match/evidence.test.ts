import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askOf, effectKey } from '#core/ask'
import { RULES, TACTICS } from '#core/knowledge'
import { profileOf } from '#core/lure'
import type { Reading } from '#core/reading'
import { isPush } from '#core/rule'
import type { Box } from '#core/tackle'
import { Candidate } from './candidate'
import { judgedWays } from './prospect'
import { matches } from './marks'
import { prepareBox, rank, sceneOf, withTrips } from './rank'
import { concerns, verdictOf } from './said'
import { contributionsOf, termsOf } from './terms'
import demo from '../../demo/box.json'
import { anyWater } from '../../tests/any-water'

/** Evidence adds (docs/judgement.md): no rule dilutes another, none pushes the wrong way. */

// Without the log: its factor comes after the ranking and is tested by itself.
const box = prepareBox(demo as unknown as Box, { useLog: false })

describe('another log in the same box', () => {
  it('is the box prepared with it, whatever log it had', () => {
    const whole = demo as unknown as Box
    const reading: Reading = { species: 'northern-pike', temperatureC: 12, visibilityM: 1.5 }
    const told = (prepared: typeof box) =>
      rank(prepared, askOf(reading)).candidates.map(c => [c.profile.lure.id, c.score, c.fromLog?.verdict.ratio ?? null])
    const half = whole.trips.slice(0, 5)
    expect(told(withTrips(prepareBox(whole), half))).toEqual(told(prepareBox({ ...whole, trips: half })))
    expect(told(withTrips(prepareBox({ ...whole, trips: [] }), whole.trips))).toEqual(told(prepareBox(whole)))
    expect(told(withTrips(prepareBox(whole), half))).not.toEqual(told(prepareBox(whole)))
  })
})

describe('the odds of a set-up', () => {
  it(
    'are the sum of what each effect adds and of what depth, pace, rod, trailer and lead add: worked out rule by rule they come to the same',
    { timeout: 120_000 },
    () => {
      fc.assert(
        fc.property(anyWater, reading => {
          const ask = askOf(reading)
          const terms = termsOf(ask)
          for (const c of rank(box, ask).candidates) {
            const byRule = contributionsOf(terms, c.profile, c, c.levels).reduce((sum, { gain }) => sum + gain, 0)
            const byAxis = Object.entries(c.fits)
              .filter(([axis]) => !['depth', 'speed', 'rod'].includes(axis))
              .reduce((sum, [, { gain }]) => sum + gain, 0)
            expect(byAxis, c.profile.lure.id).toBeCloseTo(byRule, 9)
            const tactic = ask.fitted[`tactic:${c.tactic.id}`] ?? 0
            const dressing = c.odds - byRule - c.fits.depth.gain - c.fits.speed.gain - tactic - c.fits.rod.gain
            // What is left is the trailer's and the lead's own: bounded, and nothing for a lure that has neither.
            if (!c.trailer && c.added.grams === 0 && !c.added.off && !c.profile.typical.takesTrailer)
              expect(dressing, c.profile.lure.id).toBeCloseTo(0, 9)
            expect(Math.abs(dressing), c.profile.lure.id).toBeLessThan(4)
          }
        }),
        { numRuns: 20 },
      )
    },
  )
  it('the best way of a lure is the best of all its ways', () => {
    fc.assert(
      fc.property(anyWater, reading => {
        const ask = askOf(reading)
        const scene = sceneOf(box, ask)
        for (const c of rank(box, ask).candidates.slice(0, 20))
          expect(c.odds).toBeCloseTo(
            Math.max(...judgedWays(c.profile, scene).map(way => new Candidate(c.profile, way, scene).odds)),
            9,
          )
      }),
      { numRuns: 10 },
    )
  })
  it('of baits out of one mould are those that each would have by itself, whatever the paint and the papers', () => {
    const PAINTS = ['#0b0b0b', '#f4f1e8', '#7cff3a', '#8a6a3c']
    const whole = demo as unknown as Box
    const painted = whole.lures.flatMap(lure =>
      PAINTS.map((side, i) => ({
        ...lure,
        id: `${lure.id} ${i}`,
        name: `in paint ${i}`,
        price: i,
        colours: { ...lure.colours, side, back: PAINTS[3 - i] },
      })),
    )
    const shared = prepareBox({ ...whole, lures: painted }, { useLog: false })
    expect(new Set(shared.lures.map(p => p.mould)).size).toBeLessThan(0.4 * shared.lures.length)
    const single = { ...shared, lures: shared.lures.map(profile => ({ ...profile, mould: {} })) }
    fc.assert(
      fc.property(anyWater, reading => {
        const told = (prepared: typeof shared) => {
          const { candidates, rejected } = rank(prepared, askOf(reading))
          return {
            rejected,
            setups: candidates.map(c => [c.profile.lure.id, c.odds, c.tactic.id, c.placement, c.fits]),
          }
        }
        expect(told(shared)).toEqual(told(single))
      }),
      { numRuns: 4 },
    )
  })
  it(
    'a rule never raises what it is against relative to what it names, whatever the reading',
    { timeout: 120_000 },
    () => {
      fc.assert(
        fc.property(anyWater, reading => {
          const ask = askOf(reading)
          const terms = termsOf(ask)
          const { candidates } = rank(box, ask)
          const gains = candidates.map(c => ({
            c,
            by: new Map(contributionsOf(terms, c.profile, c, c.levels).map(({ push, gain }) => [push, gain])),
          }))
          for (const push of ask.pushes) {
            if (!isPush(push.effect)) continue
            const marks = 'favours' in push.effect ? push.effect.favours : push.effect.against
            const named = gains
              .filter(
                ({ c }) =>
                  concerns(marks, (push.effect as { within?: never }).within, c.profile) &&
                  matches(marks, c.profile, c),
              )
              .map(({ by }) => by.get(push)!)
            const rest = gains.filter(({ c }) => !matches(marks, c.profile, c)).map(({ by }) => by.get(push)!)
            const [lift, others] =
              'favours' in push.effect
                ? [Math.min(...named), Math.max(...rest)]
                : [-Math.max(...named), -Math.min(...rest)]
            if (named.length > 0 && rest.length > 0) expect(lift, push.key).toBeGreaterThanOrEqual(others)
          }
        }),
        { numRuns: 15 },
      )
    },
  )
  it('switching a rule off moves only what it speaks of', () => {
    const reading: Reading = {
      species: 'largemouth-bass',
      temperatureC: 21,
      visibilityM: 0.4,
      stain: 'mud',
      cover: ['wood'],
      bottomM: 2.5,
      fishFromM: 0.5,
      fishToM: 2,
    }
    const on = new Map(rank(box, askOf(reading)).candidates.map(c => [c.profile.lure.id, c]))
    const rule = RULES.find(r => r.id === 'shines.rolled-mud')!
    const off = rank(box, askOf(reading, { weights: { [rule.id]: 0 } })).candidates
    const moved = off.filter(c => Math.abs(c.odds - on.get(c.profile.lure.id)!.odds) > 1e-9)
    expect(moved.length).toBeGreaterThan(0)
    expect(moved.every(c => on.get(c.profile.lure.id)!.tactic.id === 'blades-slow-rolled')).toBe(true)
  })
})

describe('the table of tactics', () => {
  it('every tactic can be fished by some lure of each of its families, and every rule about tactics names known ones', () => {
    for (const { id, families } of TACTICS) {
      for (const family of families) {
        const { lures } = prepareBox({
          lures: [
            { id: 'x', name: 'x', family },
            ...['walker', 'popper', 'frog', 'buzz', 'deep-diver', 'swim', 'flipping'].map(style => ({
              id: style,
              name: style,
              family,
              style,
            })),
          ],
          parts: [],
          outfits: [],
          tests: [],
          trips: [],
        })
        const techniques = lures.flatMap(l => l.techniques)
        const tactic = TACTICS.find(t => t.id === id)!
        expect(
          techniques.some(t => tactic.rigs.includes(t.rig) && tactic.controls.includes(t.control)),
          `${id} ${family}`,
        ).toBe(true)
      }
    }
    const ids = new Set<string>(TACTICS.map(t => t.id))
    for (const rule of RULES)
      for (const effect of rule.effects)
        if (isPush(effect))
          for (const id of ('favours' in effect ? effect.favours : effect.against).tactic ?? [])
            expect(ids, rule.id).toContain(id)
  })
  it('every effect has a name of its own', () => {
    const keys = RULES.flatMap(rule => rule.effects.map((_, i) => effectKey(rule, i)))
    expect(new Set(keys).size).toBe(keys.length)
  })
})

describe('a rule among some families', () => {
  const spoon = profileOf({ id: 's', name: 'S', family: 'casting-spoon' }, [])
  const crank = profileOf({ id: 'c', name: 'C', family: 'crankbait', style: 'square-lip' }, [])
  const deep = profileOf({ id: 'd', name: 'D', family: 'crankbait', style: 'deep-diver' }, [])
  const effect = { axis: 'kind', lift: 1, within: ['crankbait'], favours: { style: ['square-lip'] } } as const
  it('lifts the named by half, sinks the others of them by half, and says nothing of all the rest', () => {
    expect([crank, deep, spoon].map(profile => verdictOf(effect, profile, null))).toEqual([0.5, -0.5, 0])
  })
  it('speaks against as loudly as for', () => {
    expect(verdictOf({ axis: 'kind', lift: 1, against: { family: ['casting-spoon'] } }, spoon, null)).toBe(-1)
    expect(verdictOf({ axis: 'kind', lift: 1, favours: { family: ['casting-spoon'] } }, spoon, null)).toBe(1)
  })
})
