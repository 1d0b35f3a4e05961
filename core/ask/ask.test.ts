import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { RULES } from '#core/knowledge'
import type { Reading } from '#core/reading'
import { AXIS_IDS, fillIn } from '#core/rule'
import { CITATIONS } from '#core/sources'
import { SPECIES, STAINS } from '#core/terms'
import { askOf, desirabilityAt } from './ask'

const pike: Reading = {
  species: 'northern-pike',
  temperatureC: 11.5,
  visibilityM: 1.2,
  stain: 'brown',
  cover: ['reeds'],
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
}

describe('askOf', () => {
  it('lists what it had to assume', () => {
    expect(askOf({ species: 'perch', temperatureC: 10 }).assumed).toEqual(
      expect.arrayContaining(['visibilityM', 'stain', 'cover', 'forage', 'fishFromM', 'fishToM', 'mood']),
    )
    expect(askOf(pike).assumed).not.toContain('visibilityM')
  })
  it('gives every axis a curve that reaches 1, with best between low and high', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: 0, max: 32, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.constantFrom(...STAINS),
        (species, temperatureC, visibilityM, stain) => {
          const { axes } = askOf({ species, temperatureC, visibilityM, stain })
          for (const axis of AXIS_IDS) {
            const asked = axes[axis]
            expect(Math.max(...asked.curve)).toBeCloseTo(1, 9)
            expect(asked.low).toBeLessThanOrEqual(asked.best)
            expect(asked.high).toBeGreaterThanOrEqual(asked.best)
            expect(asked.weight > 0).toBe(asked.reasons.length > 0)
          }
        },
      ),
      { numRuns: 60 },
    )
  })
  it('what they eat besides counts: its length is not wrong, and silver is not where silver fish are eaten too', () => {
    const eating = (...forage: NonNullable<Reading['forage']>) =>
      askOf({ species: 'sea-trout', temperatureC: 9, visibilityM: 4, forage })
    const shrimp = { kind: 'shrimp', lengthMm: 40 } as const
    const eel = { kind: 'sand-eel', lengthMm: 90 } as const
    const [shrimps, both, eelsFirst] = [eating(shrimp), eating(shrimp, eel), eating(eel, shrimp)]
    expect(desirabilityAt(both.axes.length, 90)).toBeGreaterThan(desirabilityAt(shrimps.axes.length, 90) + 0.1)
    expect(desirabilityAt(both.axes.length, 44)).toBeGreaterThan(desirabilityAt(both.axes.length, 90))
    const againstSilver = ({ pushes }: typeof both) =>
      pushes.find(({ rule }) => rule.id === 'forage.colour.crayfish')?.strength ?? 0
    expect(againstSilver(both)).toBeCloseTo(againstSilver(shrimps) / 2, 9)
    expect(againstSilver(eelsFirst)).toBe(0)
    expect(both.features.sets.silhouette).toEqual({ crustacean: 1, needle: 0.5 })
  })
  it('more mud never asks for less thump (trade §10 clarity)', () => {
    const best = [6, 3, 1.5, 1, 0.6, 0.3].map(
      visibilityM => askOf({ ...pike, visibilityM, stain: 'mud' }).axes.vibration.best,
    )
    expect(best).toEqual([...best].sort((a, b) => a - b))
  })
  it('colder never asks for more speed (trade §10 temperature)', () => {
    const best = [20, 16, 12, 8, 4].map(
      temperatureC => askOf({ species: 'largemouth-bass', temperatureC, mood: 'neutral' }).axes.speed.best,
    )
    expect(best).toEqual([...best].sort((a, b) => b - a))
  })
  it('presents in the upper half of the band, because fish look up', () => {
    const { depth } = askOf(pike).axes
    expect(depth.best).toBeGreaterThanOrEqual(1)
    expect(depth.best).toBeLessThanOrEqual(2)
    expect(desirabilityAt(depth, 3.9)).toBeLessThan(0.5)
    expect(desirabilityAt(depth, 3.9)).toBeLessThan(desirabilityAt(depth, 0.1))
  })
  it('a school only speaks when it is chosen', () => {
    const rules = (grass: 'tick' | 'rip') =>
      askOf({ ...pike, temperatureC: 16, cover: ['grass'] }, { schools: { grass } }).axes.suit.reasons.map(
        r => r.rule.id,
      )
    expect(rules('tick')).toContain('cover.grass.tick')
    expect(rules('rip')).not.toContain('cover.grass.tick')
    expect(rules('rip')).toContain('cover.grass.rip')
  })
  it('contradictory rules widen the curve instead of cancelling', () => {
    const rule = (id: string, best: number) => ({
      id,
      weight: 1,
      when: [],
      source: 'assumed' as const,
      text: '',
      effects: [{ axis: 'vibration' as const, about: best, low: best - 1, high: best + 1 }],
    })
    const width = (rules: ReturnType<typeof rule>[]) => {
      const { low, high } = askOf(pike, { rules }).axes.vibration
      return high - low
    }
    expect(width([rule('a', 2), rule('b', 4)])).toBeGreaterThanOrEqual(width([rule('a', 3)]) - 0.1)
  })
})

describe('own rules', () => {
  const places = [{ id: 'averin', latitude: 58.4, longitude: 13.2 }]
  const rule = (part: object) => ({
    rules: [
      {
        id: 'r1',
        name: 'Chartreuse under cloud',
        placeId: 'averin',
        when: [{ field: 'sky', op: 'in' as const, value: ['overcast'] }],
        prefer: { pattern: 'hot' },
        weight: 0.4,
        ...part,
      },
    ],
    places,
  })
  const here: Reading = { ...pike, latitude: 58.41, longitude: 13.22, sky: 'overcast' }
  const spoken = (own: ReturnType<typeof rule>, reading: Reading) =>
    askOf(reading, { own }).axes.colour.reasons.some(r => r.rule.id === 'user.r1')

  it('speak when their conditions hold at their place, and only there', () => {
    expect(spoken(rule({}), here)).toBe(true)
    expect(spoken(rule({}), { ...here, sky: 'sun' })).toBe(false)
    expect(spoken(rule({}), { ...here, latitude: 50 })).toBe(false)
    expect(spoken(rule({ placeId: null }), { ...here, latitude: 50 })).toBe(true)
    expect(spoken(rule({ on: false }), here)).toBe(false)
  })
  it('read numbers, lists and prey', () => {
    const holds = (field: string, op: '<' | '<=' | '=' | '>=' | '>' | 'in', value: unknown) =>
      spoken(rule({ when: [{ field, op, value }] }), here)
    expect([
      holds('temperatureC', '>=', 11.5),
      holds('temperatureC', '<', 11.5),
      holds('cover', '=', 'reeds'),
      holds('forage', 'in', ['bleak']),
      holds('windMs', '>', 'much'),
      holds('nonsense', '=', 1),
    ]).toEqual([true, false, true, true, false, false])
  })
  it('stay within bounds, whatever weight they claim', () => {
    const own = rule({ prefer: { vibration: 5, family: 'crankbait', nonsense: 3 }, weight: 40 })
    const { axes } = askOf(here, { own })
    expect(axes.vibration.reasons.find(r => r.rule.id === 'user.r1')!.strength).toBe(1)
    expect(axes.vibration.best).toBeGreaterThan(askOf(here).axes.vibration.best)
    expect(axes.vibration.best).toBeLessThanOrEqual(5)
  })
  it('against something: a push the other way', () => {
    const push = askOf(here, { own: rule({ weight: -1, prefer: { pattern: ['dark'] } }) }).pushes.find(
      p => p.rule.id === 'user.r1',
    )!
    expect(push.effect).toMatchObject({ axis: 'colour', against: { pattern: ['dark'] } })
    expect(push.strength).toBeGreaterThan(0)
  })
})

describe('the rule rows', () => {
  it('have ids of their own, a source, a weight in 0..2 and a sentence', () => {
    expect(new Set(RULES.map(r => r.id)).size).toBe(RULES.length)
    for (const rule of RULES) {
      expect(rule.text, rule.id).toMatch(/\.$/)
      expect(rule.weight, rule.id).toBeGreaterThan(0)
      expect(rule.weight, rule.id).toBeLessThanOrEqual(3)
      expect(['common-practice', 'derived', 'assumed', 'from-memory', ...Object.keys(CITATIONS)]).toContain(rule.source)
    }
  })
  it('fill every place of their sentence', () => {
    const { features } = askOf(pike)
    for (const rule of RULES) expect(fillIn(rule.text, features), rule.id).not.toMatch(/\{/)
    expect(fillIn('at {temperatureC}', features, 'imperial')).toMatch(/at 53\s°F/)
  })
})

describe('the water where the fish stand', () => {
  // A lake trout under a warm surface stands in cold water and is active there (handbook §2: it is a fish of 4 to 12 °C).
  const lake = { species: 'lake-trout', temperatureC: 22, bottomM: 20, fishFromM: 15, fishToM: 17 } as const
  it('a lake trout at 16 m in 7 °C under 22 °C is active and not in distress; without the layers it would be', () => {
    const [deep, top] = [
      askOf({
        ...lake,
        layers: [
          { depthM: 8, temperatureC: 20 },
          { depthM: 12, temperatureC: 8 },
          { depthM: 16, temperatureC: 7 },
        ],
      }).features,
      askOf(lake).features,
    ]
    expect(deep.numbers.activity).toBeGreaterThan(0.8)
    expect(deep.sets.stress).toEqual({ no: 1 })
    expect(top.sets.stress).toEqual({ yes: 1 })
    expect(deep.numbers.temperatureC).toBeCloseTo(7, 6)
  })
})
