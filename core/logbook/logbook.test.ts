import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Ask, askOf } from '#core/ask'
import { logBound, type LoggedStretch, logSays, type LogVerdict, movedByLog, prepareBox, rank } from '#core/match'
import { seededRandom } from '#core/numeric'
import { completeReading, type Reading, readingDistance } from '#core/reading'
import { profileOf } from '#core/lure'
import type { TacticId } from '#core/terms'
import { type Box, type Lure, merged, type Trip } from '#core/tackle'
import { type Audit, auditRules } from './audit'
import { CUT_IDS } from './cuts'
import { daysLike } from './look-back'
import { CHOSEN_CUTS, notesOf } from './notes'
import { ratesBy, ratesByTwo } from './rates'
import { stretchesOf } from './stretch'
import { yearSheet, yearsOf } from './year'
import demo from '../../demo/box.json'
import { poissonSample } from '../../tests/chance'

const box = { ...demo } as unknown as Box
const prepared = prepareBox(box)
const stretches = stretchesOf(prepared)
const pike: Reading = {
  species: 'northern-pike',
  temperatureC: 11.5,
  at: '2026-05-06T06:40:00+02:00',
  latitude: 58.4,
  longitude: 13.2,
  visibilityM: 1.2,
  stain: 'brown',
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
}

describe('rates by cuts', () => {
  it('every cut accounts for every hour and contact, once', () => {
    const hours = stretches.reduce((sum, s) => sum + s.hours, 0)
    const contacts = stretches.reduce((sum, s) => sum + s.contacts, 0)
    for (const cut of CUT_IDS) {
      const table = ratesBy(stretches, cut, { of: 'contacts', per: 'hour' })
      expect(table.rows.reduce((sum, r) => sum + r.hours, table.unknownHours)).toBeCloseTo(hours, 6)
      if (table.unknownHours === 0) expect(table.rows.reduce((sum, r) => sum + r.contacts, 0)).toBe(contacts)
    }
  })
  it('names what was never fished', () => {
    const lures = ratesBy(
      stretches,
      'lure',
      { of: 'landed', per: 'hour' },
      box.lures.map(l => l.id),
    )
    expect(lures.rows.length + lures.unfished.length).toBe(box.lures.length)
    expect(ratesBy([], 'light', { of: 'landed', per: 'hour' }).unfished).toEqual(['night', 'low sun', 'dull', 'bright'])
  })
  it('crossed cells add up to the single cut; blanks have no rate', () => {
    const crossed = ratesByTwo(stretches, 'colour', 'clarity', 'contacts')
    for (const row of crossed.rows) {
      const single = ratesBy(stretches, 'colour', { of: 'contacts', per: 'hour' }).rows.find(r => r.value === row)!
      expect(crossed.cells.filter(c => c.row === row).reduce((sum, c) => sum + c.contacts, 0)).toBe(single.contacts)
    }
    expect(crossed.cells.filter(c => c.hours === 0).every(c => c.rate === null)).toBe(true)
  })
  it('per 100 casts counts casts, not hours', () => {
    const [row] = ratesBy([{ ...stretches[0]!, casts: 50, contacts: 400, hours: 9 }], 'lure', {
      of: 'contacts',
      per: '100 casts',
    }).rows
    expect(row!.rate.mean).toBeCloseTo(800, -1.5)
  })
  it('fish without hours, as diaries have them, move no rate, and their lure was fished', () => {
    const [timed] = stretches
    const caught = { ...timed!, stintId: 'diary', hours: 0, casts: 0, contacts: 40, landed: 40 }
    const other = { ...caught, lureId: 'diary-lure' }
    const of = { of: 'contacts', per: 'hour' } as const
    const before = ratesBy([timed!], 'lure', of, ['diary-lure'])
    const after = ratesBy([timed!, caught, other], 'lure', of, ['diary-lure'])
    expect(after.rows).toEqual(before.rows)
    expect([before.unfished, after.unfished]).toEqual([['diary-lure'], []])
    expect(ratesByTwo([timed!, caught, other], 'colour', 'clarity', 'contacts')).toEqual(
      ratesByTwo([timed!], 'colour', 'clarity', 'contacts'),
    )
  })
})

describe('notes', () => {
  const lures = ['hot', 'natural'].map((pattern): Lure => ({
    id: pattern,
    name: pattern,
    family: 'crankbait',
    lengthMm: 60,
    colours: { pattern: pattern as 'hot' },
  }))
  /** Days of two hours with each colour, with so many contacts an hour each. */
  const logOf = (random: () => number, days: number, hot: number, natural: number) =>
    stretchesOf(
      prepareBox({
        lures,
        parts: [],
        outfits: [],
        tests: [],
        trips: Array.from({ length: days }, (_, d): Trip => {
          const date = `2026-06-${String(1 + (d % 28)).padStart(2, '0')}`
          const stint = (id: string, hour: number, rate: number) => ({
            id: `${id}${d}`,
            lureId: id,
            start: `${date}T${String(hour).padStart(2, '0')}:00:00Z`,
            end: `${date}T${String(hour + 2).padStart(2, '0')}:00:00Z`,
            depthM: 1.2,
            events: Array.from({ length: poissonSample(2 * rate, random) }, (_, i) => ({
              id: `${id}${d}-${i}`,
              kind: 'hit' as const,
              at: `${date}T${String(hour).padStart(2, '0')}:${String(10 + 6 * i).padStart(2, '0')}:00Z`,
            })),
          })
          return {
            id: `t${d}`,
            start: `${date}T06:00:00Z`,
            end: `${date}T10:00:00Z`,
            stints: [stint('hot', 6, hot), stint('natural', 8, natural)],
          }
        }),
      }),
    )
  it('what draws three times as much over a season is believed, told with its direction', () => {
    const { believed } = notesOf(logOf(seededRandom(3), 20, 3, 1), CHOSEN_CUTS)
    expect(believed).toMatchObject({ sure: 'worth-believing' })
    expect(['hot', 'natural']).toContain(believed!.value)
    expect(believed!.value === 'hot' ? believed!.times.low : 1 / believed!.times.high).toBeGreaterThan(1)
  })
  it('where both are alike a note is worth believing in hardly one season of ten', () => {
    const random = seededRandom(5)
    const wrong = Array.from(
      { length: 40 },
      () => notesOf(logOf(random, 12, 1.5, 1.5), CHOSEN_CUTS).believed?.sure,
    ).filter(sure => sure === 'worth-believing').length
    expect(wrong).toBeLessThanOrEqual(6)
  })
  it('one day with one depth: nothing else was tried, and a day of trying tells less apart than a factor of two', () => {
    const { untried, settle, believed } = notesOf(logOf(seededRandom(1), 1, 1, 1), CHOSEN_CUTS)
    expect(untried.map(u => u.cut)).toContain('depth')
    expect(believed!.sure).not.toBe('worth-believing')
    expect(settle!.times).toBeGreaterThan(2)
  })
  it('nothing fished two ways: nothing is compared', () => {
    const [one] = logOf(seededRandom(1), 1, 2, 2)
    expect(notesOf([one!], CHOSEN_CUTS)).toMatchObject({ believed: null, settle: null, lures: 1 })
  })
})

describe('a simulated log', () => {
  it('the colour that draws twice the bites is found, with the truth inside its interval in nine logs of ten', () => {
    const random = seededRandom(11)
    const colours = ['hot', 'natural', 'dark', 'plain'] as const
    const lures = colours.map((pattern, i): Lure => ({
      id: `c${i}`,
      name: pattern,
      family: 'crankbait',
      lengthMm: 60,
      colours: { pattern },
    }))
    let [best, held, of] = [0, 0, 0]
    for (let run = 0; run < 100; run++) {
      const trips: Trip[] = Array.from({ length: 12 }, (_, t) => ({
        id: `t${t}`,
        start: '2026-05-01T06:00:00Z',
        end: '2026-05-01T08:00:00Z',
        stints: lures.map((lure, i) => ({
          id: `t${t}s${i}`,
          start: '2026-05-01T06:00:00Z',
          end: '2026-05-01T08:00:00Z',
          lureId: lure.id,
          events: Array.from({ length: poissonSample(2 * (i === 0 ? 2 : 1), random) }, (_, e) => ({
            id: `${t} ${i} ${e}`,
            kind: 'hit' as const,
          })),
        })),
      }))
      const { rows } = ratesBy(stretchesOf(prepareBox({ ...box, lures, trips })), 'colour', {
        of: 'contacts',
        per: 'hour',
      })
      if (rows[0]!.value === 'hot') best++
      for (const { value, rate } of rows) {
        of++
        const truth = value === 'hot' ? 2 : 1
        if (truth >= rate.low && truth <= rate.high) held++
      }
    }
    expect(best).toBeGreaterThan(97)
    expect(held / of).toBeGreaterThan(0.85)
  })
})

describe('the log in the judgement', () => {
  const ask = askOf(pike)
  /** Each a lure of its own kind and colour, so that only the lure itself can teach. */
  const profiles = box.lures.map(lure => profileOf(lure, []))
  const fished = (
    lure: number,
    contacts: number,
    hours: number,
    over: Partial<LoggedStretch['taught']> = {},
  ): LoggedStretch => ({
    taught: {
      lure: profiles[lure]!.lure.id,
      tactic: null,
      kind: null,
      colour: null,
      light: null,
      depth: null,
      ...over,
    },
    contacts,
    landed: contacts,
    hours,
    reading: completeReading(pike).reading,
  })
  const verdictsOf = (stretches: readonly LoggedStretch[], dispersion = 1) => {
    const says = logSays({ stretches, dispersion }, ask).of
    return (lure: number) => says(profiles[lure]!, 1, 'plug-wound') as LogVerdict
  }
  it('learns by the tactic, and by the colour in such light, beyond the lure', () => {
    const dull = askOf({ ...pike, sky: 'overcast' })
    const stretches = [
      fished(0, 24, 10, { tactic: 'plug-wound', light: 'gold|dull' }),
      fished(1, 3, 10, { tactic: 'plug-ripped', light: 'silver|dull' }),
    ]
    const told = (tactic: TacticId) =>
      logSays({ stretches, dispersion: 1 }, dull)
        .of(profiles[2]!, 1, tactic)
        ?.told.find(t => t.lesson === 'tactic')?.ratio.mean
    expect(told('plug-wound')).toBeGreaterThan(1)
    expect(told('plug-ripped')).toBeLessThan(1)
    expect(told('blades-burned')).toBeUndefined()
    const gold = profileOf({ id: 'g', name: 'g', family: 'casting-spoon', colours: { metal: 'gold' } }, [])
    const light = (sky: Reading['sky']) =>
      logSays({ stretches, dispersion: 1 }, askOf({ ...pike, sky, at: '2026-05-06T12:00:00+02:00' }))
        .of(gold, 1, 'blades-burned')
        ?.told.find(t => t.lesson === 'light')
    expect(light('overcast')?.ratio.mean).not.toBeUndefined()
    expect(light('sun')).toBeUndefined()
  })
  it('says the same of a water whatever others were asked about before', () => {
    const log = { stretches: [fished(0, 30, 10), fished(1, 1, 12), fished(2, 8, 10)], dispersion: 1.5 }
    const waters = [4, 8, 12].map(temperatureC => askOf({ ...pike, temperatureC }))
    const ratios = (ask: Ask, of = log) => [0, 1, 2].map(i => logSays(of, ask).of(profiles[i]!, 1, 'plug-wound')?.ratio)
    const alone = waters.map(water => ratios(water, { ...log }))
    expect(new Set(alone.map(String)).size).toBeGreaterThan(1)
    for (let round = 0; round < 2; round++) expect(waters.map(water => ratios(water))).toEqual(alone)
  })
  it('lifts what caught and lowers what did not, within the bound', () => {
    const of = verdictsOf([fished(0, 30, 10), fished(1, 1, 12), fished(2, 8, 10)])
    expect(movedByLog(0.6, of(0))).toBeGreaterThan(0.6)
    expect(movedByLog(0.6, of(1))).toBeLessThan(0.6)
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 200 }), fc.double({ min: 0.1, max: 50, noNaN: true })), {
          minLength: 1,
          maxLength: 8,
        }),
        lures => {
          const of = verdictsOf(lures.map(([c, h], i) => fished(i, c, h)))
          for (const [i] of lures.entries()) {
            for (const score of [0.1, 0.5, 0.9, 0.99]) {
              const moved = movedByLog(score, of(i))
              expect(Math.abs(Math.log(moved / score))).toBeLessThanOrEqual(logBound(ask) + 1e-12)
              expect(moved).toBeLessThan(1)
            }
          }
        },
      ),
      { numRuns: 40 },
    )
  })
  it('never raises a lure that was fished for nothing, whatever its kin did, and one alone says nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.double({ min: 0.1, max: 30, noNaN: true })), {
          minLength: 1,
          maxLength: 8,
        }),
        fc.double({ min: 0.2, max: 12, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (others, hours, dispersion) => {
          const { family } = profiles[0]!.lure
          const of = verdictsOf(
            [
              fished(0, 0, hours, { kind: family, depth: '1' }),
              ...others.map(([c, h], i) =>
                fished(i + 1, c, h, { kind: i % 2 ? family : 'other', depth: String(i % 3) }),
              ),
            ],
            dispersion,
          )
          expect(of(0).ratio).toBeLessThanOrEqual(1)
        },
      ),
      { numRuns: 80 },
    )
    expect(verdictsOf([fished(0, 12, 2)])(0).ratio).toBe(1)
  })
  it('learns kinds, not only lures: a sister that was never fished rises with what her kind caught, less than the one that caught', () => {
    const twins = profiles.map((p, i) => ({ p, i })).filter(({ p }) => p.lure.family === 'crankbait')
    const [caught, sister] = [twins[0]!.i, twins[1]!.i]
    const of = verdictsOf([
      fished(caught, 24, 8, { kind: 'crankbait' }),
      ...profiles.slice(-4).map((_, k) => fished(profiles.length - 1 - k, 4, 10, { kind: `other ${k}` })),
    ])
    expect(of(sister).ratio).toBeGreaterThan(1)
    expect(of(sister).ratio).toBeLessThanOrEqual(of(caught).ratio)
  })
  it('two bites in under an hour move less than the same rate over ten hours, and bites in bunches less than single ones', () => {
    const few = verdictsOf([fished(0, 2, 0.8), fished(1, 22, 10), fished(2, 20, 10)])(0).ratio
    const many = [fished(0, 25, 10), fished(1, 12, 10), fished(2, 10, 10)]
    expect(few).toBeGreaterThan(1)
    expect(few).toBeLessThan(verdictsOf(many)(0).ratio)
    expect(verdictsOf(many, 3)(0).ratio).toBeLessThan(verdictsOf(many)(0).ratio)
  })
  it('never outvotes physics: a set-up that misses the depth, the speed or the rod stays behind the one that does not, whatever the logs say', () => {
    for (const reading of [
      pike,
      { species: 'perch', temperatureC: 4 },
      { species: 'sea-bass', temperatureC: 14, water: 'surf', from: 'bank' },
    ] as Reading[]) {
      const { axes } = askOf(reading)
      const total = Object.values(axes).reduce((sum, a) => sum + a.weight, 0)
      for (const axis of ['depth', 'speed', 'rod'] as const)
        expect(2 * logBound({ axes })).toBeLessThan((axes[axis].weight * Math.log(1 / 0.05)) / total)
    }
  })
  it('never brings back what is excluded, and can be left out', () => {
    const trips: Trip[] = [
      {
        id: 't',
        start: pike.at!,
        end: '2026-05-06T12:40:00+02:00',
        stints: [
          {
            id: 's',
            start: pike.at!,
            end: '2026-05-06T12:40:00+02:00',
            lureId: 'l70',
            reading: pike,
            events: Array.from({ length: 50 }, (_, i) => ({ id: `e${i}`, kind: 'landed' as const })),
          },
        ],
      },
    ]
    const with0 = { ...box, lures: box.lures.map(l => (l.id === 'l70' ? { ...l, quantity: 0 } : l)), trips }
    expect(rank(prepareBox(with0), ask).rejected.find(r => r.lureId === 'l70')?.code).toBe('none-left')
    const scores = (useLog: boolean, log: readonly Trip[]) =>
      rank(prepareBox({ ...box, trips: log }, { useLog }), ask).candidates.map(c => [c.profile.lure.id, c.score])
    expect(scores(false, box.trips)).toEqual(scores(true, []))
    expect(scores(true, box.trips)).not.toEqual(scores(true, []))
  })
})

describe('days like today', () => {
  it('the day itself comes first, at no distance', () => {
    const [first, second] = daysLike(stretches, pike)
    expect(first!.tripId).toBe('trip6')
    expect(first!.distance).toBeLessThan(second!.distance)
  })
  it('distance: nought to itself, the same both ways, farther for another fish or season', () => {
    const at = (change: Partial<Reading>) => completeReading({ ...pike, ...change }).reading
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 28, noNaN: true }),
        fc.double({ min: 0.2, max: 8, noNaN: true }),
        (temperatureC, visibilityM) => {
          const [a, b] = [at({}), at({ temperatureC, visibilityM })]
          expect(readingDistance(a, a)).toBe(0)
          expect(readingDistance(a, b)).toBeCloseTo(readingDistance(b, a), 12)
        },
      ),
    )
    expect(readingDistance(at({}), at({ species: 'sea-bass' }))).toBeGreaterThan(1)
    expect(readingDistance(at({}), at({ at: '2026-11-06T06:40:00+01:00' }))).toBeGreaterThan(
      readingDistance(at({}), at({ at: '2026-06-06T06:40:00+01:00' })),
    )
  })
})

describe('what the own water says of the rules', () => {
  const lures: Lure[] = [
    { id: 'hot', name: 'hot', family: 'spinnerbait', lengthMm: 100, weightG: 20, colours: { pattern: 'hot' } },
    { id: 'drab', name: 'drab', family: 'spinnerbait', lengthMm: 100, weightG: 20, colours: { pattern: 'natural' } },
  ]
  const logOf = (hot: number, drab: number, hours = 20): Trip[] => [
    {
      id: 't',
      start: '2026-05-01T06:00:00Z',
      stints: [
        ['hot', hot],
        ['drab', drab],
      ].map(([lureId, n]) => ({
        id: String(lureId),
        start: '2026-05-01T06:00:00Z',
        end: new Date(Date.parse('2026-05-01T06:00:00Z') + hours * 3_600_000).toISOString(),
        lureId: String(lureId),
        reading: { ...pike, visibilityM: 0.4, stain: 'mud', at: null },
        events: Array.from({ length: Number(n) }, (_, i) => ({ id: `${lureId}${i}`, kind: 'hit' as const })),
      })),
    },
  ]
  const DAY_MS = 86_400_000
  const dayLater = (trip: Trip, days: number): Trip => {
    const later = (at: string) => new Date(Date.parse(at) + days * DAY_MS).toISOString()
    return {
      ...trip,
      id: `${trip.id}-${days}`,
      start: later(trip.start),
      stints: trip.stints!.map(s => ({ ...s, id: `${s.id}-${days}`, start: later(s.start), end: later(s.end!) })),
    }
  }
  const audit = (trips: Trip[]) => {
    const own = prepareBox({ ...box, lures, tests: [], trips })
    const steps = auditRules(own, stretchesOf(own))
    let step = steps.next()
    while (!step.done) step = steps.next()
    return new Map(step.value.rules.map(a => [a.ruleId, a]))
  }
  const about = [...audit(logOf(40, 10)).values()].filter(a => a.verdict === 'supported').map(a => a.ruleId)
  it('a stretch on a rod that is too light or too heavy for the lure counts all the same', () => {
    const on = (rod: Partial<(typeof box.outfits)[number]['rod']>) => ({
      ...box.outfits[0]!,
      id: 'odd',
      rod: { ...box.outfits[0]!.rod, ...rod },
    })
    const trips = logOf(40, 10).map(t => ({ ...t, stints: t.stints!.map(s => ({ ...s, outfitId: 'odd' })) }))
    const own = prepareBox({
      ...box,
      outfits: [...box.outfits, on({ lureMinG: 300, lureMaxG: 400 })],
      lures,
      tests: [],
      trips,
    })
    const steps = auditRules(own, stretchesOf(own))
    let step = steps.next()
    while (!step.done) step = steps.next()
    expect(step.value.rules.find(r => r.ruleId === about[0])!.verdict).toBe('supported')
  })
  it('says on its way what the newest stretches alone say, and at the end what all do', () => {
    const thirty = Array.from({ length: 30 }, (_, d) =>
      logOf(d < 15 ? 40 : 10, d < 15 ? 10 : 40).map(trip => dayLater(trip, d)),
    ).flat()
    const own = prepareBox({ ...box, lures, tests: [], trips: thirty })
    const steps = auditRules(own, stretchesOf(own))
    const ratioOf = (a: Audit) => a.rules.find(r => r.ruleId === about[0])!.ratio!.mean
    const first = steps.next()
    if (first.done) throw new Error('the audit ended in its first step')
    expect(first.value.share).toBeCloseTo(20 / 60, 9)
    // The newest half of the days spoke against the rule that the oldest half bore out.
    expect(ratioOf(first.value.verdicts())).toBeLessThan(0.6)
    let step = steps.next()
    while (!step.done) step = steps.next()
    expect(ratioOf(step.value)).toBeGreaterThan(0.8)
    expect(ratioOf(step.value)).toBeLessThan(1.25)
  })
  it('supports what the log bears out, contradicts what it denies', () => {
    expect(about.length).toBeGreaterThan(0)
    const denied = audit(logOf(10, 40))
    for (const id of about) expect(denied.get(id)!.verdict).toBe('contradicted')
  })
  it('says "open" when both sides gave the same, and "untested" of what was hardly fished', () => {
    const even = audit(logOf(12, 12))
    for (const id of about) expect(even.get(id)!.verdict).toBe('open')
    const thin = audit(logOf(4, 1, 0.5))
    for (const id of about) expect(thin.get(id)!.verdict).toBe('untested')
  })
})

describe('a year on a sheet, and trips joined', () => {
  it('holds what the log holds', () => {
    expect(yearsOf(stretches)).toEqual([2026, 2025])
    const sheets = yearsOf(stretches).map(year => yearSheet(stretches, year))
    expect(sheets.reduce((sum, s) => sum + s.trips, 0)).toBe(box.trips.length)
    for (const { months, all, species } of sheets) {
      expect(months.reduce((sum, m) => sum + m.contacts, 0)).toBe(all.contacts)
      expect(species.reduce((sum, s) => sum + s.landed, 0)).toBe(all.landed)
    }
  })
  it('joining two trips loses nothing, whichever way round', () => {
    const [a, b] = [box.trips[0]!, box.trips[1]!]
    const joined = merged(b, a)
    expect(joined).toEqual(merged(a, b))
    expect(joined.id).toBe(a.id)
    expect(joined.stints!.map(s => s.id).sort()).toEqual([...a.stints!, ...b.stints!].map(s => s.id).sort())
    expect(merged(joined, a).stints!.length).toBe(joined.stints!.length)
  })
})
