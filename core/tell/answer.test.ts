import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { RULES } from '#core/knowledge'
import { bodyDensity, profileOf } from '#core/lure'
import { judgingOf, prepareBox, rank } from '#core/match'
import type { Reading } from '#core/reading'
import { AXIS_IDS } from '#core/rule'
import type { Box, Lure, Outfit } from '#core/tackle'
import { inWords } from '#speech'
import { explainFirst, explainRanking, match as saidMatch } from './answer'
import demo from '../../demo/box.json'

const match = (...given: Parameters<typeof saidMatch>) => inWords(saidMatch(...given))

const rod = (part: Partial<Outfit['rod']> = {}, rest: Partial<Outfit> = {}): Outfit => ({
  id: 'o1',
  name: 'rod',
  rod: { kind: 'spinning', power: 'medium', action: 'moderate-fast', lureMinG: 5, lureMaxG: 20, ...part },
  reel: { ratio: 6, spoolDiameterMm: 40 },
  line: { material: 'braid', testKg: 5, diameterMm: 0.15 },
  leader: null,
  ...rest,
})
const box = (lures: Lure[], rest: Partial<Box> = {}): Box => ({
  lures,
  parts: [],
  outfits: [rod()],
  tests: [],
  trips: [],
  ...rest,
})
const crank: Lure = { id: 'l1', name: 'crank', family: 'crankbait', weightG: 12, lengthMm: 60, runsAt: { depthM: 2 } }
const jig: Lure = { id: 'l2', name: 'jig', family: 'skirted-jig', weightG: 14, lengthMm: 85 }
const craw: Lure = { id: 'l3', name: 'craw', family: 'craw', role: 'trailer', weightG: 9, lengthMm: 80 }
const bass: Reading = { species: 'largemouth-bass', temperatureC: 20, bottomM: 4, fishFromM: 1.5, fishToM: 3 }

describe('hard exclusions', () => {
  it('overload: the complete weight counts, with the trailer', () => {
    const out = match(box([jig, craw], { outfits: [rod({ lureMaxG: 20 })] }), bass)
    expect(out.setups).toEqual([])
    expect(out.rejected).toEqual([
      { lureId: 'l2', code: 'overload', why: expect.stringMatching(/23\.0\sg complete .* at most 20\sg/) },
    ])
    expect(match(box([jig, craw], { outfits: [rod({ lureMaxG: 25 })] }), bass).setups[0]).toMatchObject({
      lureId: 'l2',
      trailerId: 'l3',
      totalG: 23,
    })
  })
  it('underload: below half of the window the rod is out, between half and whole the fit falls off', () => {
    const light = { ...crank, weightG: 4 }
    const rodFit = (lureMinG: number) =>
      match(box([light], { outfits: [rod({ lureMinG })] }), bass).setups[0]?.axes.find(a => a.axis === 'rod')?.fit
    expect(match(box([light], { outfits: [rod({ lureMinG: 9 })] }), bass).rejected[0]?.code).toBe('underload')
    expect(rodFit(7)!).toBeLessThan(rodFit(5)!)
    expect(rodFit(5)!).toBeLessThan(rodFit(3)!)
  })
  it('cannot-reach: names the depth asked and the deepest possible', () => {
    const out = match(box([crank]), { ...bass, from: 'bank', bottomM: 10, fishFromM: 8, fishToM: 9.5 })
    expect(out.rejected[0]).toMatchObject({
      code: 'cannot-reach',
      why: expect.stringMatching(/cannot reach 6\.0\sm: deepest \d\.\d\sm on any of your lines/),
    })
  })
  it('none-left', () =>
    expect(match(box([{ ...crank, quantity: 0 }]), bass).rejected).toEqual([
      { lureId: 'l1', code: 'none-left', why: 'none left in the box' },
    ]))
  it('lures that are only trailers appear in neither list', () => {
    const out = match(box([craw]), bass)
    expect([out.setups, out.rejected]).toEqual([[], []])
  })
  it('no outfits: a set-up all the same, with a caution', () => {
    const out = match(box([crank], { outfits: [] }), bass)
    expect(out.setups[0]!.outfitId).toBeNull()
    expect(out.cautions.join()).toMatch(/No outfits/)
  })
})

describe('set-ups', () => {
  it('assume the usual head for a soft body when no part fits, and say so; take the part when there is one', () => {
    const tail: Lure = { id: 'l5', name: 'tail', family: 'paddle-tail', weightG: 8, lengthMm: 100 }
    const without = match(box([tail]), bass).setups[0]!
    expect(without.cautions.join()).toMatch(/assumed/)
    const parts = [
      { id: 'p', name: 'head', kind: 'jig-head' as const, weightG: 7, quantity: 2, shape: 'round' },
      { id: 'q', name: 'hook', kind: 'hook' as const, hookKind: 'belly-weighted' as const, weightG: 3.5, quantity: 2 },
    ]
    const withParts = match(box([tail], { parts }), bass).setups[0]!
    expect(withParts.cautions.join()).not.toMatch(/assumed/)
    expect(withParts.totalG).toBeCloseTo(8 + withParts.headG!, 6)
  })
  it('put a bite-proof leader before toothy fish, and only there', () => {
    const leader = (species: Reading['species']) =>
      match(box([crank]), { ...bass, species }).setups[0]?.leader?.material
    expect(leader('northern-pike')).toBe('wire')
    expect(leader('zander')).toBeUndefined()
  })
  it('add a trailer hook in open water for short bites or by school, never in cover', () => {
    const blade: Lure = { id: 'l6', name: 'blade', family: 'spinnerbait', weightG: 14, lengthMm: 100 }
    const added = (reading: Partial<Reading>, trailerHook: 'short-strikes' | 'open-water') =>
      match(box([blade]), { ...bass, ...reading }, { schools: { trailerHook } }).setups[0]!.trailerHook
    expect(added({ cover: ['open'] }, 'short-strikes')).toBe(false)
    expect(added({ cover: ['open'], shortStrikes: true }, 'short-strikes')).toBe(true)
    expect(added({ cover: ['open'] }, 'open-water')).toBe(true)
    expect(added({ cover: ['wood'], shortStrikes: true }, 'open-water')).toBe(false)
  })
  it('a bench test replaces what was assumed, says so, and raises the confidence', () => {
    const tests = [
      { id: 't', lureId: 'l1', kind: 'depth' as const, values: [2.4, 2.6], castM: 30, lineDiameterMm: 0.3 },
      { id: 'u', lureId: 'l1', kind: 'weigh' as const, values: [13, 13.2] },
    ]
    const [plain, known] = [match(box([crank]), bass), match(box([crank], { tests }), bass)]
    expect(known.setups[0]!.presentation.deepestM).toBeGreaterThan(plain.setups[0]!.presentation.deepestM)
    expect(known.setups[0]!.totalG).toBeCloseTo(13.1, 6)
    expect(known.setups[0]!.confidence).toBeGreaterThan(plain.setups[0]!.confidence)
  })
  it('a hard wind shortens the cast, and the card says so', () => {
    const cast = (windMs: number) => match(box([crank]), { ...bass, windMs }).setups[0]!.presentation.castM!
    expect(cast(12)).toBeLessThan(cast(3))
    expect(cast(1)).toBe(cast(3))
  })
  it('a hang test settles the density: rising 1.2 cm/s means a surplus of ρ CdA U²/2g', () => {
    const plug: Lure = { id: 'p', name: 'p', family: 'jerkbait', weightG: 14.5, buoyancy: 'floats' }
    const density = (values: number[]) =>
      bodyDensity(profileOf(plug, [{ id: 'h', lureId: 'p', kind: 'hang', values, temperatureC: 15 }]))
    const { fallAreaCm2 } = profileOf(plug, [])
    const surplusG = ((999.1 * fallAreaCm2 * 1e-4 * 0.012 ** 2) / (2 * 9.80665)) * 1000
    expect((14.5 / density([0.012])) * 999.1 - 14.5).toBeCloseTo(surplusG, 3)
    expect(density([0])).toBeCloseTo(999.1, 1)
    expect(density([-0.05])).toBeGreaterThan(999.1)
  })
  it('a fall timed with one weight gives the fall with another, as worked out from a test', () => {
    const stick: Lure = { id: 's', name: 's', family: 'stick-worm', weightG: 8.5, lengthMm: 130 }
    const test = {
      id: 'f',
      lureId: 's',
      kind: 'fall' as const,
      rig: 'wacky' as const,
      addedG: 1.8,
      values: [9],
      depthM: 2,
    }
    const fallOf = (tests: Box['tests']) =>
      match(box([stick], { tests, outfits: [] }), { ...bass, mood: 'lethargic', cover: ['open'] }).setups[0]!
    const [guessed, known] = [fallOf([]), fallOf([test])]
    expect(known.rig).toBe('wacky')
    expect(known.presentation.fallMs!).toBeLessThan(2 / 9)
    expect(known.axes.find(a => a.axis === 'fall')!.known).toBe('computed')
    expect(known.confidence).toBeGreaterThan(guessed.confidence)
  })
  it('hours on the water raise the confidence: c → 1 − (1 − c) e^(−hours/20)', () => {
    const trips = [
      {
        id: 't',
        start: '2026-05-01T08:00:00Z',
        stints: [{ id: 's', start: '2026-05-01T08:00:00Z', end: '2026-05-01T18:00:00Z', lureId: 'l1' }],
      },
    ]
    const [c, fished] = [
      match(box([crank]), bass).setups[0]!.confidence,
      match(box([crank], { trips }), bass).setups[0]!.confidence,
    ]
    expect(fished).toBeCloseTo(1 - (1 - c) * Math.exp(-0.5), 2)
  })
})

describe('the score', () => {
  const mixed = box([
    crank,
    jig,
    craw,
    { id: 'l7', name: 'spoon', family: 'casting-spoon', weightG: 12 },
    { id: 'l8', name: 'stick', family: 'stick-worm', weightG: 8.5 },
  ])
  it('rises with the odds, and no axis shows less than 0.05', () => {
    const { candidates } = rank(prepareBox(mixed), askOf(bass))
    for (const [i, { fits, score, odds }] of candidates.entries()) {
      expect(Math.min(...AXIS_IDS.map(a => fits[a].fit))).toBeGreaterThanOrEqual(0.05)
      if (i > 0) expect([odds <= candidates[i - 1]!.odds, score <= candidates[i - 1]!.score]).toEqual([true, true])
    }
  })
  it('shares sum to 1, and the standing follows the lead', () => {
    const { setups } = match(mixed, bass, { top: 100 })
    expect(setups.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 2)
    expect(new Set(setups.map(s => s.standing)).size).toBeGreaterThan(0)
  })
  it('does not depend on the order of the box, and comes out the same twice', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(mixed.lures.slice(), { minLength: mixed.lures.length }), lures => {
        expect(match({ ...mixed, lures }, bass).setups.map(s => [s.lureId, s.score])).toEqual(
          match(mixed, bass).setups.map(s => [s.lureId, s.score]),
        )
      }),
      { numRuns: 20 },
    )
    expect(match(mixed, bass)).toEqual(match(mixed, bass))
  })
  it('every reason shown was really used: without its rule the score moves', () => {
    for (const setup of match(mixed, { ...bass, cover: ['wood'], visibilityM: 0.6, stain: 'mud' }).setups) {
      for (const { rule } of setup.reasons) {
        const without = rank(
          prepareBox(mixed),
          askOf(
            { ...bass, cover: ['wood'], visibilityM: 0.6, stain: 'mud' },
            { rules: RULES.filter(r => r.id !== rule) },
          ),
        )
        expect(without.candidates.find(c => c.profile.lure.id === setup.lureId)?.score.toPrecision(3)).not.toBe(
          setup.score.toPrecision(3),
        )
      }
    }
  })
  it('holds for any reading: scores in 0..1, nothing NaN', () => {
    const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(
        figure(0, 32),
        figure(0.1, 8),
        figure(0.5, 30),
        fc.constantFrom('aggressive', 'neutral', 'lethargic'),
        fc.constantFrom('sun', 'night', 'rain'),
        (temperatureC, visibilityM, bottomM, mood, sky) => {
          const out = match(mixed, {
            species: 'largemouth-bass',
            temperatureC,
            visibilityM,
            bottomM,
            mood: mood as 'neutral',
            sky: sky as 'sun',
          })
          expect(JSON.stringify(out)).not.toMatch(/NaN|Infinity/)
          for (const { score, confidence } of out.setups) {
            expect(score).toBeGreaterThan(0)
            expect(score).toBeLessThanOrEqual(1)
            expect(confidence).toBeGreaterThan(0)
            expect(confidence).toBeLessThanOrEqual(1)
          }
          expect(out.setups.length + out.rejected.length).toBe(4)
        },
      ),
      { numRuns: 80 },
    )
  })
})

describe('what is told of the first set-ups before the others have their places', () => {
  const prepared = prepareBox(demo as unknown as Box)
  it.each([1, 2, 10, 30, 200])(
    'is what is told of them in the whole answer, in full of the one that is opened: %i',
    top => {
      for (const reading of [
        bass,
        { species: 'northern-pike', temperatureC: 8 } as const,
        { ...bass, mood: 'lethargic' as const },
      ]) {
        const ask = askOf(reading)
        const { assumed, cautions, ask: asked, setups } = explainRanking(prepared, rank(prepared, ask), { top })
        const opened = setups[1]?.lureId
        expect(explainFirst(prepared, judgingOf(prepared, ask), { top, opened })).toEqual({
          assumed,
          cautions,
          ask: asked,
          setups: setups.map(({ ways, depthSdM, ...first }) =>
            first.lureId === opened ? { ...first, ways, depthSdM } : first,
          ),
        })
        const ahead = explainFirst(prepared, judgingOf(prepared, ask), { top, ahead: 3 })
        expect(ahead.setups).toHaveLength(Math.min(3, top))
        expect(setups.slice(0, 3)).toMatchObject(ahead.setups)
        if (top >= 10) expect(setups.some(({ ways, depthSdM }) => ways.length > 0 && depthSdM > 0)).toBe(true)
      }
    },
  )
})
