import { describe, expect, it } from 'vitest'
import type { UnitSystem } from '#core/units'
import { inWords } from '#speech'
import { tripsFromCsv, tripsToCsv } from './csv-trips'
import demo from '../../demo/box.json'

/** Catch diaries as anglers keep them: made up, each another way of keeping one (common practice, no source). */
const read = (lines: readonly string[], units: UnitSystem = 'metric') =>
  inWords(tripsFromCsv(lines.join('\n'), { lures: demo.lures, places: demo.places, units }))
const MOMENTS = 'not say from when to when: the fish are kept, but no rate is worked out from them'
const said = (notes: readonly { readonly path: string; readonly message: string }[]) =>
  notes.map(n => `${n.path}: ${n.message}`)

describe('a catch diary', () => {
  it('in inches, pounds and °F, months first, times of day, and what became of the fish among the remarks', () => {
    const { trips, issues, notes } = read(
      [
        'Date,Time,Lake,Lure,Species,Length (in),Weight,Water temp (F),Weather,Notes',
        '5/12/2026,6:30 AM,Averin Water,Moor blade,Pike,28.5,6 lb 4 oz,54,overcast,by the reeds',
        '5/12/2026,7:15 AM,Averin Water,Moor blade,pike,,,54,overcast,lost at the boat',
        '5/14/2026,8:00 PM,Mill pond,Grannet,perch,9 1/4,,58,,first bite of the day',
      ],
      'imperial',
    )
    expect(issues).toEqual([])
    expect(said(notes)).toEqual([`Date: 3 rows do ${MOMENTS}`])
    expect(trips).toHaveLength(2)
    expect(trips[0]).toMatchObject({
      placeId: 'averin',
      start: '2026-05-12T06:30',
      stints: [
        {
          lureId: 'l11',
          reading: { species: 'northern-pike', sky: 'overcast' },
          end: '2026-05-12T06:30',
          events: [{ kind: 'landed', at: '2026-05-12T06:30', species: 'northern-pike', note: 'by the reeds' }],
        },
        { start: '2026-05-12T07:15', end: '2026-05-12T07:15', events: [{ kind: 'lost' }] },
      ],
    })
    const [pike] = trips[0]!.stints![0]!.events!
    expect(pike!.lengthMm).toBeCloseTo(723.9, 6)
    expect(pike!.weightG).toBeCloseTo(6.25 * 453.59237, 6)
    expect((trips[0]!.stints![0]!.reading as { temperatureC: number }).temperatureC).toBeCloseTo(12.222, 3)
    expect(trips[1]!.stints![0]!.events![0]).toMatchObject({ kind: 'landed', species: 'perch', lengthMm: 234.95 })
  })
  it('in German, with semicolons, commas and points', () => {
    const { trips, issues, notes } = read([
      'Datum;Uhrzeit;Gewässer;Köder;Fischart;Länge (cm);Gewicht (kg);Wassertemperatur;Bemerkung',
      '12.05.2026;06:30;Averin Water;Moor blade;Hecht;72;2,8;12,5;Schilfkante',
      ';9.15;;Grannet;Barsch;31;;;',
    ])
    expect(issues).toEqual([])
    expect(said(notes)).toEqual(['Wassertemperatur: “Wassertemperatur” is taken in °C', `Datum: 2 rows do ${MOMENTS}`])
    expect(trips).toHaveLength(1)
    expect(trips[0]!.stints).toMatchObject([
      {
        lureId: 'l11',
        start: '2026-05-12T06:30',
        reading: { species: 'northern-pike', temperatureC: 12.5 },
        events: [{ lengthMm: 720, weightG: 2800, note: 'Schilfkante' }],
      },
      { lureId: 'l13', start: '2026-05-12T09:15', events: [{ species: 'perch', lengthMm: 310 }] },
    ])
  })
  it('with hours on the water and how many: a stretch for each lure, also for one that caught nothing', () => {
    const { trips, issues, notes } = read([
      'date,from,to,venue,bait,fish,number caught,comments',
      '2026-06-03,06:00,09:30,Averin Water,Grannet,perch,3,',
      '2026-06-03,21:30,00:30,Averin Water,Moor blade,,0,nothing',
      '2026-06-05,06:00,07:00,Averin Water,Skell,blank,,',
    ])
    expect(issues).toEqual([])
    expect(notes).toEqual([])
    expect(trips.pop()!.stints![0]!.events).toBeUndefined()
    expect(trips).toHaveLength(1)
    const [grannet, moor] = trips[0]!.stints!
    expect(grannet).toMatchObject({ start: '2026-06-03T06:00', end: '2026-06-03T09:30' })
    expect(grannet!.events!.map(e => [e.kind, e.species])).toEqual(Array(3).fill(['landed', 'perch']))
    expect(moor).toMatchObject({ start: '2026-06-03T21:30', end: '2026-06-04T00:30', note: 'nothing' })
    expect(moor!.events).toBeUndefined()
  })
  it('outcomes in words of its own, depths with their unit, a lure by part of its name, one that is gone, a fish that is not judged', () => {
    const { trips, issues, notes } = read([
      'Day\tLure\tResult\tDepth\tSpecies\tSize',
      '1 Jul 2026\tskell\tfollowed twice\t2 m\tpike\t',
      '1 Jul 2026\tblade, Moor\tbroke off\t6 ft\tpike\t',
      '2 Jul 2026\tOld tin one\tcaught\t\trudd\t28',
      '2 Jul 2026\tskell\tsang\t\tpike\t',
    ])
    expect(issues).toEqual([])
    expect(trips[0]!.stints!.map(s => [s.lureId, s.events![0]!.kind, s.events![0]!.depthM])).toEqual([
      [demo.lures.find(l => l.name === 'Skell')!.id, 'follow', 2],
      ['l11', 'lost', 1.8288],
    ])
    expect(trips[1]!.stints![0]).toMatchObject({
      lureId: 'Old tin one',
      start: '2026-07-02T12:00',
      events: [{ species: 'rudd', lengthMm: 280 }],
    })
    expect(said(notes)).toEqual([
      'line 4, Species: “rudd” is no fish that is known here: kept as it stands',
      'Size: “Size” is taken in cm',
      'line 5, Result: “sang” is no outcome that is known: left out',
      'Day: 4 rows without a time stand at noon',
      `Day: 4 rows do ${MOMENTS}`,
      'lure: “Old tin one” is no lure of your box: kept under that name',
    ])
  })
  it('a year of two figures is of this century, and a date may have its time beside it', () => {
    const starts = (date: string) => read(['date,lure,fish', `${date},Grannet,perch`]).trips.map(t => t.start)
    expect(starts('12.05.26')).toEqual(['2026-05-12T12:00'])
    expect(starts('12 May 2026 19:45')).toEqual(['2026-05-12T19:45'])
    expect(starts('2026-05-12T07:05:00Z')).toEqual(['2026-05-12T07:05Z'])
    expect(starts('2026-05-12T07:05:00+02:00')).toEqual(['2026-05-12T07:05+02:00'])
    expect(starts('31/02/2026')).toEqual([])
  })
  it('months are read in eleven languages', () => {
    const dates = [
      '12. Mai 2026',
      '12 mai 2026',
      '12 mei 2026',
      '12 de mayo de 2026',
      '12 maggio 2026',
      '12 de maio de 2026',
      '12 maj 2026',
      '12. maj 2026',
      '12 maja 2026',
      '12. toukokuuta 2026',
      'May 12, 2026',
      '12 May 2026',
    ]
    const { trips, issues } = read(['Date;Lure;Species', ...dates.map(date => `${date};Moor blade;pike`)])
    expect(issues).toEqual([])
    expect(trips.map(({ start }) => start.slice(0, '2026-05-12'.length))).toEqual(['2026-05-12'])
    expect(trips[0]!.stints!.flatMap(({ events }) => events)).toHaveLength(dates.length)
  })
  it('day and month are told apart by the whole table; where they cannot be, the order taken is said', () => {
    const days = (dates: readonly string[], units: UnitSystem) => {
      const { trips, notes } = read(['date,time,lure,fish', ...dates.map(d => `${d},07:00,Grannet,perch`)], units)
      return [trips.map(t => t.start.slice(0, 10)), said(notes).filter(text => text.includes('before'))]
    }
    expect(days(['05/06/2026', '13/06/2026'], 'imperial')).toEqual([['2026-06-05', '2026-06-13'], []])
    expect(days(['05/06/2026', '06/13/2026'], 'metric')).toEqual([['2026-05-06', '2026-06-13'], []])
    expect(days(['05/06/2026'], 'metric')).toEqual([
      ['2026-06-05'],
      ['date: the day is taken to stand before the month'],
    ])
    expect(days(['05/06/2026'], 'imperial')).toEqual([
      ['2026-05-06'],
      ['date: the month is taken to stand before the day'],
    ])
  })
  it('what cannot be read is named by its line and heading, and the rest comes in', () => {
    const { trips, notes, issues } = read([
      'date,time,lure,fish,length (cm)',
      'yesterday,07:00,Grannet,perch,30',
      '2026-06-05,dawn,Grannet,perch,30',
      '2026-06-05,07:00,,perch,30',
      '2026-06-05,08:00,Grannet,perch,long',
    ])
    expect(said(issues)).toEqual([
      'line 2, date: “yesterday” is no date that is understood: the row is left out',
      'line 4, lure: no lure is named: the row is left out',
    ])
    expect(said(notes).slice(0, 2)).toEqual([
      'line 3, time: “dawn” is no time of day: left out',
      expect.stringMatching(/^line 5, length \(cm\): .*: left out$/),
    ])
    expect(trips[0]!.stints!.map(s => s.events![0]!.lengthMm ?? null)).toEqual([300, null])
  })
  it('a bare temperature is what water can have: 54 are °F and 12 are °C in either system', () => {
    const temperature = (typed: string, units: UnitSystem) =>
      read(['date,time,lure,fish,water temp', `2026-06-05,07:00,Grannet,perch,${typed}`], units).trips[0]!.stints![0]!
        .reading as { temperatureC: number }
    for (const units of ['metric', 'imperial'] as const) {
      expect(temperature('54', units).temperatureC).toBeCloseTo(12.222, 3)
      expect(temperature('12', units).temperatureC).toBe(12)
    }
  })
  it('what has no place of its own stands among the remarks: nothing is lost', () => {
    const { trips } = read([
      'date,time,lure,fish,water temp (C),air temp (C),weather,angler,notes',
      '2026-06-05,07:00,Grannet,perch,14,19,windy,Jo,by the weir',
      '2026-06-05,08:00,Grannet,perch,14,,,,a bite on every cast',
      '2026-06-05,09:00,Grannet,,15,,sunny,,',
    ])
    const [perch, another, nothing] = trips[0]!.stints!
    expect(another!.events![0]!.kind).toBe('landed')
    expect(perch!.reading).toMatchObject({ species: 'perch', temperatureC: 14 })
    expect(perch!.events![0]!.note).toBe('by the weir; windy; air temp (C): 19; angler: Jo')
    expect(nothing).toMatchObject({ note: '15; sunny' })
  })
  it('the same diary twice makes the same trips, and they go out and come back as any', () => {
    const lines = [
      'date,time,lure,fish,length (cm)',
      '2026-06-05,07:00,Grannet,perch,30',
      '2026-06-05,07:40,Grannet,perch,22',
    ]
    const { trips } = read(lines)
    expect(read(lines).trips).toEqual(trips)
    expect(inWords(tripsFromCsv(tripsToCsv(trips), { lures: demo.lures, places: demo.places })).trips).toEqual(trips)
  })
})
