import { describe, expect, it } from 'vitest'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import { match } from './answer'
import type { SetupOut } from './output'
import demo from '../../demo/box.json'

/** Every field of a reading must move something of the advice, or go from the strip. */

const box = demo as unknown as Box
const lake: Reading = {
  species: 'largemouth-bass',
  temperatureC: 18,
  at: '2026-06-12T09:00:00+02:00',
  latitude: 46,
  longitude: 8,
  water: 'lake',
  visibilityM: 1.5,
  stain: 'green',
  windMs: 6,
  bottomM: 8,
  fishFromM: 3,
  fishToM: 6,
  cover: ['grass'],
  from: 'boat',
  sky: 'broken',
  mood: 'neutral',
}
const river: Reading = {
  ...lake,
  species: 'smallmouth-bass',
  water: 'river',
  currentMs: 0.4,
  from: 'bank',
  cover: ['rock'],
}
const sea: Reading = { ...lake, species: 'sea-bass', water: 'estuary', tide: 'rising', cover: ['sand'] }
const jigging: Reading = {
  ...lake,
  species: 'lake-trout',
  temperatureC: 8,
  bottomM: 20,
  fishFromM: 12,
  fishToM: 16,
  cover: ['open'],
}

const figuresOf = ({ presentation: p, headG, sinkerG, outfitId }: SetupOut<unknown>) =>
  [
    p.depthM,
    p.deepestM,
    p.speedMs,
    p.turnsPerS,
    p.countdownS,
    p.castM,
    p.lineOutM,
    p.tipM,
    headG,
    sinkerG,
    outfitId,
  ].join(' ')
const answers = new Map<string, ReturnType<typeof match>>()
function answer(reading: Reading) {
  const key = JSON.stringify(reading)
  const known = answers.get(key) ?? match(box, reading, { top: 60, useLog: false })
  answers.set(key, known)
  return known
}

/** Lures of whose way of fishing a figure changes. */
function figuresMoved(from: Reading, change: Partial<Reading>): number {
  const after = new Map(answer({ ...from, ...change }).setups.map(s => [s.lureId, figuresOf(s)]))
  return answer(from).setups.filter(s => after.has(s.lureId) && after.get(s.lureId) !== figuresOf(s)).length
}
function scoresMoved(from: Reading, change: Partial<Reading>): number {
  const after = new Map(answer({ ...from, ...change }).setups.map(s => [s.lureId, s.score]))
  return answer(from).setups.filter(s => Math.abs((after.get(s.lureId) ?? 0) - s.score) >= 0.001).length
}

describe('what is asked of the water moves how a lure is fished: weight, count, depth, pace, cast or turns', () => {
  it.each<[string, Reading, Partial<Reading>]>([
    ['temperature', lake, { temperatureC: 8 }],
    ['salt', lake, { salinityPsu: 35 }],
    [
      'layers',
      jigging,
      {
        layers: [
          { depthM: 0, temperatureC: 22 },
          { depthM: 16, temperatureC: 7 },
        ],
      },
    ],
    ['wind', lake, { windMs: 12 }],
    ['wind to the cast: behind', { ...lake, windMs: 10 }, { windTo: 'behind' }],
    ['wind to the cast: against', { ...lake, windMs: 10 }, { windTo: 'against' }],
    ['current', river, { currentMs: 0.8 }],
    ['cast up the current', river, { castTo: 'up' }],
    ['cast down the current', river, { castTo: 'down' }],
    ['boat held', { ...lake, windMs: 10 }, { hold: 'held' }],
    ['at anchor', { ...lake, windMs: 10 }, { hold: 'anchored' }],
    ['where one stands', lake, { from: 'bank' }],
    ['waves', jigging, { waveM: 1 }],
    ['hours since the turn of the tide', sea, { tideHours: 3 }],
    ['bottom', lake, { bottomM: 12 }],
    ['slope', lake, { slopeDeg: 8 }],
    ['fish higher', lake, { fishFromM: 1, fishToM: 2 }],
    ['no oxygen below', lake, { oxygenToM: 4 }],
    ['mood', lake, { mood: 'lethargic' }],
    ['cover', lake, { cover: ['wood'] }],
    ['top of the grass', lake, { coverTopM: 2 }],
  ])('%s', (_, from, change) => expect(figuresMoved(from, change)).toBeGreaterThan(0))
})

describe('what is asked of fish and light moves the order', () => {
  it.each<[string, Reading, Partial<Reading>]>([
    ['species', lake, { species: 'northern-pike' }],
    ['time', lake, { at: '2026-06-12T23:30:00+02:00' }],
    ['trend', lake, { trend: 'cooling' }],
    ['change over 24 h', lake, { change24C: -3 }],
    ['visibility', lake, { visibilityM: 0.4 }],
    ['stain', lake, { stain: 'mud' }],
    ['sky', lake, { sky: 'night' }],
    ['tide', { ...sea, tide: null }, { tide: 'falling' }],
    ['bottom of', lake, { bottom: 'sand' }],
    ['food', lake, { forage: [{ kind: 'crayfish' }] }],
    ['its length', lake, { forage: [{ kind: 'shad-small', lengthMm: 150 }] }],
    ['pressure', lake, { pressure: 'high' }],
    ['short strikes', lake, { shortStrikes: true }],
    ['schooled', lake, { grouping: 'schooled' }],
    ['signs', lake, { signs: ['surface-feeding'] }],
    ['crowd', lake, { crowd: 'many' }],
    ['phase', lake, { phase: 'spawn' }],
    ['water', lake, { water: 'river' }],
    ['latitude', lake, { latitude: -46 }],
    ['moon', { ...lake, sky: 'night' }, { moonFraction: 1, moonAltitudeDeg: 60 }],
    ['height of the moon', { ...lake, sky: 'night', moonFraction: 1, moonAltitudeDeg: 60 }, { moonAltitudeDeg: -5 }],
    ['cloud by night', { ...lake, sky: 'night', moonFraction: 1, moonAltitudeDeg: 60 }, { nightCloud: 'overcast' }],
  ])('%s', (_, from, change) => expect(scoresMoved(from, change)).toBeGreaterThan(0))
})

describe('the laws (science §2)', () => {
  const jig: Box = {
    ...box,
    lures: [{ id: 'j', name: 'j', family: 'paddle-tail', lengthMm: 90, weightG: 6 }],
    parts: [],
    tests: [],
    trips: [],
  }
  const weight = (change: Partial<Reading>, from = river) => {
    const [setup] = match(jig, { ...from, ...change }, { top: 1 }).setups
    return (setup!.headG ?? 0) + (setup!.sinkerG ?? 0)
  }
  it('more current: heavier; more drift: heavier; held before the wind: lighter', () => {
    expect(weight({ currentMs: 0.9 })).toBeGreaterThan(weight({ currentMs: 0.1 }))
    expect(weight({ windMs: 14 }, lake)).toBeGreaterThanOrEqual(weight({ windMs: 2 }, lake))
    expect(weight({ windMs: 14, hold: 'held' }, lake)).toBeLessThanOrEqual(weight({ windMs: 14 }, lake))
  })
  it('cast up the stream the reel turns faster, down it slower, for the same pace through the water', () => {
    const turns = (castTo: 'up' | 'down' | 'across') => {
      const { setups } = match(box, { ...river, castTo }, { top: 60, useLog: false })
      return new Map(setups.map(s => [s.lureId, s]))
    }
    const [up, across, down] = [turns('up'), turns('across'), turns('down')]
    let compared = 0
    for (const [id, { presentation: p, outfitId }] of across) {
      const [u, d] = [up.get(id), down.get(id)]
      if (!u || !d || u.outfitId !== outfitId || d.outfitId !== outfitId || p.mode !== 'cast' || p.turnsPerS === null)
        continue
      if (u.presentation.speedMs === p.speedMs && d.presentation.speedMs === p.speedMs) {
        expect(u.presentation.turnsPerS!, id).toBeGreaterThan(p.turnsPerS)
        // Where the stream alone does the work the reel turns as slowly as it may, either way.
        expect(d.presentation.turnsPerS!, id).toBeLessThanOrEqual(p.turnsPerS)
        if (d.presentation.turnsPerS! < p.turnsPerS) compared++
      }
    }
    expect(compared).toBeGreaterThan(3)
  })
  it('no fish is looked for where nothing can breathe', () => {
    for (const { presentation } of answer({ ...lake, oxygenToM: 4 }).setups.slice(0, 10))
      expect(presentation.depthM).toBeLessThan(4.5)
  })
})
