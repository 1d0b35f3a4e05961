import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { ADVICE, RULES, SPECIES_TABLE } from '#core/knowledge'
import { colourClass, profileOf } from '#core/lure'
import { contributionsOf, judgedWays, prepareBox, rank, sceneOf, termsOf, typicalLures } from '#core/match'
import type { Reading } from '#core/reading'
import type { Condition, Rule } from '#core/rule'
import type { Box, Lure, Outfit } from '#core/tackle'
import { MOODS, type Silhouette, SPECIES, STAINS } from '#core/terms'
import { inWords } from '#speech'
import { match as saidMatch } from './answer'
import { differenceOf, knownShares } from './difference'
import { fairPairs } from './pairs'
import demo from '../../demo/box.json'

const match = (...given: Parameters<typeof saidMatch>) => inWords(saidMatch(...given))

const box = demo as unknown as Box
const prepared = prepareBox(box)
const unlogged = prepareBox(box, { useLog: false })
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

/** A reading in which all conditions of a row hold as far as they can. */
function readingFor(when: readonly Condition[]): Reading {
  const reading: Record<string, unknown> = {
    species: 'largemouth-bass',
    temperatureC: 20,
    bottomM: 6,
    fishFromM: 1,
    fishToM: 3,
  }
  const forage = (kind: string) => {
    reading.forage = [{ kind }]
  }
  for (const condition of when) {
    if ('none' in condition) continue
    if ('any' in condition) {
      const id: string = condition.any[0]!
      const bySpecies = (test: (s: (typeof SPECIES_TABLE)[keyof typeof SPECIES_TABLE]) => boolean) => {
        reading.species = SPECIES.find(s => test(SPECIES_TABLE[s]))
      }
      switch (condition.feature) {
        case 'cover':
          reading.cover = [id]
          break
        case 'signs':
          reading.signs = [id]
          break
        case 'forage':
          forage(id)
          break
        case 'prey':
          if (id === 'seen') forage('minnow')
          break
        case 'silhouette':
          forage(
            {
              deep: 'shad-small',
              slim: 'smelt',
              needle: 'sand-eel',
              bottom: 'goby',
              crustacean: 'crayfish',
              worm: 'worm',
              frog: 'frog',
              insect: 'insect',
            }[id as Silhouette],
          )
          break
        case 'shortStrikes':
          reading.shortStrikes = id === 'yes'
          break
        case 'guild':
          bySpecies(s => s.guild === id)
          break
        case 'habit':
          bySpecies(s => s.habit === id)
          break
        case 'toothy':
          bySpecies(s => s.toothy === id)
          break
        case 'stress':
          reading.temperatureC = 27
          reading.species = 'brown-trout'
          break
        default:
          reading[condition.feature] = id
      }
      continue
    }
    const { feature, oneAt, zeroAt } = condition
    const over = oneAt > zeroAt
    switch (feature) {
      case 'belowRangeC':
        reading.temperatureC = over ? 6 : 22
        break
      case 'activity':
        reading.temperatureC = over ? 24 : 9
        break
      case 'sunAltitudeDeg':
        reading.at = over ? '2026-06-21T12:00:00Z' : '2026-06-21T03:45:00Z'
        break
      case 'light':
        reading.sky = over ? 'sun' : 'rain'
        if (!over && !reading.at) reading.at = '2026-12-10T08:30:00Z'
        break
      case 'fishM':
      case 'fishFromM': {
        const d = over ? oneAt + 0.3 : Math.max(0, oneAt - 0.3)
        Object.assign(reading, { fishFromM: d, fishToM: d + 1, bottomM: d + 2 })
        break
      }
      case 'fishToM':
        Object.assign(reading, { fishFromM: 0.5, fishToM: over ? oneAt + 1 : Math.max(0.6, oneAt - 0.5) })
        break
      case 'forageLengthMm':
        reading.forage = [{ kind: 'minnow', lengthMm: over ? oneAt + 5 : oneAt - 5 }]
        break
      case 'currentMs':
        reading.currentMs = over ? oneAt + 0.1 : Math.max(0, oneAt - 0.05)
        break
      case 'warmthC':
        reading.temperatureC = (over ? oneAt + 1 : oneAt - 1) + 1.2
        break
      case 'suspendedM':
        Object.assign(
          reading,
          { bottomM: Math.max(Number(reading.bottomM), over ? oneAt + 3 : 4) },
          over ? { fishFromM: 1, fishToM: 2 } : { fishToM: Math.max(Number(reading.bottomM), 4) - 0.1 },
        )
        break
      default:
        reading[feature] = over ? oneAt * 1.1 + 0.01 : Math.max(0.05, oneAt * 0.9)
    }
  }
  if (when.some(c => 'any' in c && c.feature === 'grouping')) reading.fishToM = Math.max(Number(reading.fishToM), 2)
  return reading as unknown as Reading
}

const rods: Outfit[] = [
  [1, 12],
  [7, 35],
  [25, 260],
].map(([lureMinG, lureMaxG], i) => ({
  id: `r${i}`,
  name: 'r',
  rod: { kind: 'casting', lureMinG, lureMaxG, power: 'medium-heavy', action: 'moderate' },
  line: { material: 'braid', diameterMm: 0.18 },
}))
const bladed = (id: string, family: Lure['family'], blades: NonNullable<Lure['blades']>, weightG: number): Lure => ({
  id,
  name: id,
  family,
  weightG,
  blades,
})
/** The shop's window thinned out, with blades of all sorts and heavy and light ones, so that every rule finds something to judge. */
const window = prepareBox({
  lures: [
    ...typicalLures(),
    ...['slow-jig', 'speed-jig', 'slender'].map((family, i) =>
      i < 2
        ? { id: family, name: family, family: family as Lure['family'], weightG: 100 + 100 * i }
        : { id: family, name: family, family: 'paddle-tail' as const, style: 'slender', weightG: 3, lengthMm: 75 },
    ),
    bladed(
      'b1',
      'spinnerbait',
      [
        { shape: 'willow', size: 3, finish: 'painted', metal: 'none' },
        { shape: 'willow', size: 4, finish: 'painted', metal: 'none' },
      ],
      21,
    ),
    bladed(
      'b2',
      'spinnerbait',
      [
        { shape: 'colorado', size: 6, finish: 'hammered', metal: 'gold' },
        { shape: 'colorado', size: 5, finish: 'hammered', metal: 'gold' },
      ],
      30,
    ),
    bladed('b3', 'spinnerbait', [{ shape: 'willow', size: 3, metal: 'silver' }], 7),
    bladed('b4', 'inline-spinner', [{ shape: 'oval', size: 1, metal: 'silver' }], 4),
    bladed('b5', 'inline-spinner', [{ shape: 'colorado', size: 5, metal: 'gold' }], 12),
    bladed('b6', 'spinnerbait', [{ shape: 'willow', size: 4, metal: 'gold' }], 28),
    { id: 'b7', name: 'dressed', family: 'inline-spinner', weightG: 30, lengthMm: 200 },
    { id: 'p1', name: 'p', family: 'pencil', weightG: 80 },
    { id: 'p2', name: 'p', family: 'pencil', weightG: 30 },
    { id: 'm1', name: 'm', family: 'casting-metal', weightG: 12 },
    { id: 'j1', name: 'j', family: 'bladed-jig', weightG: 9 },
    { id: 'k1', name: 'k', family: 'jerkbait', weightG: 14, buoyancy: 'sinks-slowly' },
    { id: 'k2', name: 'k', family: 'jerkbait', weightG: 14, buoyancy: 'hangs' },
    { id: 'l1', name: 'l', family: 'lipless-crank', weightG: 14, sound: 'rattle' },
    { id: 'q', name: 'q', family: 'skirted-jig', style: 'flipping', weightG: 14 },
    { id: 's1', name: 's', family: 'worm', weightG: 5, scented: true },
    { id: 's2', name: 's', family: 'blade-bait', weightG: 12, colours: { metal: 'gold' } },
    { id: 's3', name: 's', family: 'blade-bait', weightG: 12, colours: { metal: 'silver' } },
  ],
  parts: [
    { id: 'clip', name: 'clip', kind: 'clip-blade', weightG: 2.5, quantity: 2 },
    { id: 'bullet', name: 'bullet', kind: 'sinker', shape: 'bullet', weightG: 10, quantity: 2 },
  ],
  outfits: rods,
  tests: [],
  trips: [],
})

describe('the rules', () => {
  it.each(RULES.map(rule => [rule.id, rule] as const))(
    '%s can speak, and adds to the odds of some way of some lure',
    (_, rule: Rule) => {
      const reading = readingFor(rule.when)
      const schools = rule.school ?? {}
      // By the hand weights: the fit may silence a row that it found no use for.
      const ask = askOf(reading, { schools, fitted: {} })
      expect(
        Object.values(ask.axes).some(axis => axis.reasons.some(r => r.rule.id === rule.id)),
        JSON.stringify(reading),
      ).toBe(true)
      if (rule.effects.every(({ axis }) => ['depth', 'speed', 'rod'].includes(axis))) return
      const terms = termsOf(ask)
      const scene = sceneOf(window, ask)
      const heard = window.lures.some(profile =>
        judgedWays(profile, scene).some(({ assembly }) =>
          contributionsOf(terms, profile, assembly.way, [
            scene.gainsOf(profile),
            scene.lookGainsOf(profile),
            ...assembly.levels,
          ]).some(({ push, gain }) => push.rule.id === rule.id && gain !== 0),
        ),
      )
      expect(heard, 'no lure and no way hears it').toBe(true)
    },
  )
  it('have ids that are theirs alone', () => {
    const ids = [...RULES, ...ADVICE].map(row => row.id)
    expect(new Set(ids).size).toBe(ids.length)
  })
  it('a factor is bounded: it cannot turn a rule round, nor drown the rest', () => {
    const strength = (factor: number) =>
      askOf(pike, { weights: { 'depth.band': factor } }).axes.depth.reasons.find(r => r.rule.id === 'depth.band')
        ?.strength ?? 0
    const whole = strength(1)
    expect([strength(-3), strength(99)]).toEqual([0, 2 * whole])
  })
})

describe('reasons', () => {
  const readings = fc.record({
    species: fc.constantFrom(...SPECIES),
    temperatureC: fc.double({ min: 3, max: 29, noNaN: true }),
    visibilityM: fc.double({ min: 0.2, max: 7, noNaN: true }),
    stain: fc.constantFrom(...STAINS),
    mood: fc.constantFrom(...MOODS),
  })
  it('every reason printed beside a set-up really changed its score', () => {
    fc.assert(
      fc.property(readings, reading => {
        const out = match(box, reading, { top: 3 })
        for (const { lureId, reasons } of out.setups) {
          const score = (weights: Record<string, number>, among = prepared) =>
            rank(among, askOf(reading, { weights })).candidates.find(c => c.profile.lure.id === lureId)?.score ?? 0
          const whole = score({})
          // The log is no rule: it is taken away as a whole.
          const without = (rule: string) => (rule.startsWith('log.') ? score({}, unlogged) : score({ [rule]: 0 }))
          // Rows of the table of trailers speak for the trailer, not for the lure.
          for (const { rule } of reasons.filter(r => !r.rule.startsWith('trailer.')))
            expect(Math.abs(without(rule) - whole), `${lureId} ${rule}`).toBeGreaterThan(1e-9)
        }
      }),
      { numRuns: 6 },
    )
  })
  it('the same question has the same answer, whatever the order of the box', () => {
    const turned: Box = {
      ...box,
      lures: [...box.lures].reverse(),
      parts: [...box.parts].reverse(),
      outfits: [...box.outfits],
    }
    const [a, b] = [match(box, pike, { top: 20 }), match(turned, pike, { top: 20 })]
    expect(b.setups.map(s => [s.lureId, s.score])).toEqual(a.setups.map(s => [s.lureId, s.score]))
  })
})

describe('advice', () => {
  it('is told by subject, at most three lines each, and never scored', () => {
    const [setup] = match(box, pike, { top: 1 }).setups
    const count = new Map<string, number>()
    for (const { about } of setup!.advice) count.set(about, (count.get(about) ?? 0) + 1)
    expect(Math.max(...count.values())).toBeLessThanOrEqual(3)
    expect(setup!.advice.length).toBeGreaterThan(4)
    expect(setup!.reasons.some(r => r.rule.startsWith('advice.'))).toBe(false)
  })
  it.each([
    [
      'a spoon under a follower keeps its pace (trade §4)',
      { family: 'casting-spoon', weightG: 14 },
      {},
      'advice.follower.keep-pace',
    ],
    [
      'cold jerkbait: the pause decides (trade §14)',
      { family: 'jerkbait', weightG: 14, buoyancy: 'hangs' },
      { temperatureC: 7 },
      'advice.retrieve.pause-decides',
    ],
    [
      'aggressive fish: triple-grip trebles (trade §7)',
      { family: 'crankbait', weightG: 12 },
      { mood: 'aggressive' },
      'advice.hook.grip',
    ],
    ['search, then clean up (trade §12)', { family: 'spinnerbait', weightG: 14 }, {}, 'advice.next.clean-up'],
    [
      'an untouched school: the first drop (trade §10)',
      { family: 'jighead-soft', weightG: 14 },
      { grouping: 'schooled' },
      'advice.place.schooled-stay',
    ],
    [
      'flutter spoon on a bearing swivel (trade §2)',
      { family: 'flutter-spoon', weightG: 60 },
      {},
      'advice.tie.bearing',
    ],
  ] as const)('%s', (_, lure, reading, rule) => {
    const out = match(
      { lures: [{ id: 'x', name: 'x', ...lure } as Lure], parts: [], outfits: rods, tests: [], trips: [] },
      { ...pike, species: 'largemouth-bass', cover: ['open'], ...reading } as Reading,
    )
    expect(out.setups[0]!.advice.map(a => a.rule)).toContain(rule)
  })
  it('what comes next stands in the presentation itself', () => {
    const out = match(
      {
        lures: [{ id: 'x', name: 'x', family: 'spinnerbait', weightG: 14 }],
        parts: [],
        outfits: rods,
        tests: [],
        trips: [],
      },
      { ...pike, species: 'largemouth-bass' },
    )
    expect(out.setups[0]!.presentation.text).toMatch(/slow down/)
  })
})

describe('difference and trust', () => {
  const { setups } = match(box, pike, { top: 12 })
  it('turned round, a gain is a loss', () => {
    for (const [a, b] of [
      [setups[0]!, setups[1]!],
      [setups[2]!, setups[9]!],
    ] as const)
      expect(differenceOf(b, a)[0]!.gain).toBeCloseTo(-differenceOf(a, b)[0]!.gain, 9)
  })
  it('shares of knowledge add up to 1', () =>
    expect(Object.values(knownShares(setups[0]!)).reduce((a, b) => a + b)).toBeCloseTo(1, 9))
  it('fair pairs differ in one thing only', () => {
    const profiles = new Map(box.lures.map(lure => [lure.id, profileOf(lure, [])]))
    const pairs = fairPairs(match(box, pike, { top: 60 }).setups, id => profiles.get(id))
    expect(pairs.length).toBeGreaterThan(0)
    for (const { differs, a, b } of pairs) {
      const [p, q] = [profiles.get(a.lureId)!, profiles.get(b.lureId)!]
      if (differs !== 'action') expect(p.lure.family).toBe(q.lure.family)
      if (differs !== 'colour') expect(colourClass(p)).toBe(colourClass(q))
      expect(Math.abs(Math.log(a.presentation.depthM / b.presentation.depthM))).toBeLessThan(1.2)
    }
  })
})
