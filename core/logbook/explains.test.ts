import { describe, expect, it } from 'vitest'
import { chanceAlike } from '#core/evidence'
import { prepareBox } from '#core/match'
import { seededRandom } from '#core/numeric'
import type { Box, Lure, Trip } from '#core/tackle'
import { poissonSample } from '../../tests/chance'
import { CONDITION_CUTS, explain, TACKLE_CUTS } from './explains'
import { stretchesOf } from './stretch'

const lures: Lure[] = (['crankbait', 'inline-spinner', 'paddle-tail', 'jerkbait'] as const).map((family, i) => ({
  id: `u${i}`,
  name: family,
  family,
  lengthMm: 60 + 20 * i,
  weightG: 10,
}))
const TEMPERATURES_C = [6, 10, 14, 18]
const DAYS = 48

interface Truth {
  /** Contacts an hour by the day's temperature and the lure's number. */
  readonly rate: (temperatureC: number, lure: number) => number
  /** Which lure is on: by lot, or what the angler believes in on such a day. */
  readonly on?: (temperatureC: number, stint: number) => number
}

/** A season of days with a water temperature each, four half-hour stints a day, good and bad days. */
function season(seed: number, { rate, on = (_, stint) => stint }: Truth) {
  const random = seededRandom(seed)
  const trips = Array.from({ length: DAYS }, (_, day): Trip => {
    const temperatureC = TEMPERATURES_C[Math.floor(random() * 4)]!
    const mood = 0.5 + random()
    const date = new Date(Date.UTC(2026, 3, 1 + day)).toISOString().slice(0, 10)
    const reading = {
      species: 'perch',
      temperatureC,
      windMs: Math.floor(random() * 10),
      sky: random() < 0.5 ? 'sun' : 'overcast',
    }
    return {
      id: `d${day}`,
      start: `${date}T08:00:00Z`,
      stints: [0, 1, 2, 3].map(stint => {
        const lure = on(temperatureC, stint)
        const start = `${date}T${String(8 + stint).padStart(2, '0')}:00:00Z`
        const bites = poissonSample(rate(temperatureC, lure) * mood * 0.5, random)
        return {
          id: `s${day}-${stint}`,
          lureId: `u${lure}`,
          start,
          end: `${date}T${String(8 + stint).padStart(2, '0')}:30:00Z`,
          reading,
          events: Array.from({ length: bites }, (__, i) => ({ id: `e${day}-${stint}-${i}`, kind: 'hit', at: start })),
        }
      }),
    } as unknown as Trip
  })
  return explain(stretchesOf(prepareBox({ lures, parts: [], outfits: [], tests: [], trips } as unknown as Box)))
}
const SEASONS = 40
const seasons = (truth: Truth) => Array.from({ length: SEASONS }, (_, seed) => season(seed + 1, truth))

describe('what explains the bites', () => {
  it('warm water that draws two and a half times is found, named first, and its size held', () => {
    const found = seasons({ rate: t => (t >= 12 ? 2.5 : 1) })
    const told = found.filter(list => list[0]!.cut === 'temperature' && list[0]!.verdict === 'stands')
    expect(told.length / SEASONS).toBeGreaterThan(0.7)
    for (const [temperature] of told) {
      const byClass = new Map(temperature!.rows.map(r => [r.value, r.times]))
      // 14 and 18 °C are the two warmest of the four classes met.
      const [cold, cool, mild, warm] = [...byClass.values()].map(times => times.mean)
      expect((mild! + warm!) / (cold! + cool!)).toBeGreaterThan(1.3)
      expect(byClass.size).toBe(4)
    }
  })
  it('where nothing matters but good and bad days, hardly anything is told in any season', () => {
    const wrong = seasons({ rate: () => 2 }).filter(list => list.some(f => f.verdict === 'stands'))
    expect(wrong.length / SEASONS).toBeLessThan(0.15)
  })
  const blamed = (list: ReturnType<typeof seasons>, cut: string) =>
    list.filter(found => found.find(f => f.cut === cut)!.verdict === 'stands').length / SEASONS
  it('a lure that is only fished in warm water does not take the warmth for its own; nor can the warmth be told from it', () => {
    const list = seasons({
      rate: t => (t >= 12 ? 3 : 1),
      on: (t, stint) => (t >= 12 ? [0, 1, 0, 1][stint]! : [2, 3, 2, 3][stint]!),
    })
    expect(blamed(list, 'family')).toBeLessThan(0.15)
    expect(blamed(list, 'temperature')).toBeLessThan(0.15)
  })
  it('a lure that is mostly fished in warm water: the warmth is told, and not the lure', () => {
    const list = seasons({
      rate: t => (t >= 12 ? 3.5 : 1),
      on: (t, stint) => (t >= 12 ? [0, 0, 1, 2][stint]! : [3, 3, 1, 2][stint]!),
    })
    expect(blamed(list, 'temperature')).toBeGreaterThan(0.5)
    expect(blamed(list, 'family')).toBeLessThan(0.15)
  })
  it('a kind of lure that draws three times is found beyond the conditions', () => {
    const told = seasons({ rate: (_, lure) => (lure === 0 ? 4 : 1.3) }).filter(
      list => list.find(f => f.cut === 'family')!.verdict === 'stands',
    )
    expect(told.length / SEASONS).toBeGreaterThan(0.8)
  })
  it('names every condition once, and says of an empty log that nothing was tested', () => {
    const list = explain([])
    expect(list.map(f => f.cut).sort()).toEqual([...CONDITION_CUTS, ...TACKLE_CUTS].sort())
    expect(list.every(f => f.verdict === 'untested' && f.chance === 1)).toBe(true)
  })
})

describe('the chance that groups are alike', () => {
  it('is Pearson’s chi-square: 10 and 20 in equal effort is 3.33 on one degree of freedom, p = 0.068 (standard tables)', () => {
    const groups = [
      { events: 10, effort: 5 },
      { events: 20, effort: 5 },
    ]
    expect(chanceAlike(groups, 1)).toBeCloseTo(0.0679, 3)
    expect(chanceAlike(groups, 2)!).toBeGreaterThan(chanceAlike(groups, 1)!)
  })
  it('has nothing to say of one group, of none, or of no bites', () => {
    expect(chanceAlike([{ events: 3, effort: 1 }], 1)).toBeNull()
    expect(chanceAlike([], 1)).toBeNull()
    expect(
      chanceAlike(
        [
          { events: 0, effort: 1 },
          { events: 0, effort: 2 },
        ],
        1,
      ),
    ).toBeNull()
    expect(() => chanceAlike([], 0.5)).toThrow(/dispersion/)
  })
})
