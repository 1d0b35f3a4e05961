import { readFileSync } from 'node:fs'
import { check as checkGeoJson } from '@placemarkio/check-geojson'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { validateXML } from 'xmllint-wasm'
import type { Trip } from '#core/tackle'
import { CADENCES, EVENT_KINDS, EVENT_WHENS, RIGS } from '#core/terms'
import { inWords } from '#speech'
import { compareTrips, tripsFromCsv as saidTripsFromCsv, tripsToCsv } from './csv-trips'
import { parseFile } from './parse'
import { placedEvents, tripsToGeoJson, tripsToGpx, withSpots } from './positions'
import type { YgrionFile } from './schemas'
import demo from '../../demo/box.json'

const tripsFromCsv = (...given: Parameters<typeof saidTripsFromCsv>) => inWords(saidTripsFromCsv(...given))

const trips = demo.trips as unknown as Trip[]
const known = { lures: demo.lures, places: demo.places }
const GPX = readFileSync(new URL('../../tests/golden/gpx-1.1.xsd', import.meta.url), 'utf8')

const word = fc.string({ minLength: 1, maxLength: 12 }).filter(s => s.trim() === s && !s.includes('\u0000'))
const moment = fc.integer({ min: 1_700_000_000, max: 1_900_000_000 }).map(s => new Date(s * 1000).toISOString())
const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: null })
const figure = (min: number, max: number) =>
  fc.double({ min, max, noNaN: true }).map(v => Math.round(v * 100) / 100 + 0)
const event = (id: string) =>
  fc.record({
    id: fc.constant(id),
    at: maybe(moment),
    kind: fc.constantFrom(...EVENT_KINDS),
    when: maybe(fc.constantFrom(...EVENT_WHENS.filter(w => w !== null))),
    species: maybe(word),
    lengthMm: maybe(figure(1, 2000)),
    depthM: maybe(figure(0, 40)),
    latitude: maybe(figure(-89.99, 89.99)),
    longitude: maybe(figure(-179.99, 179.99)),
    note: maybe(word),
    asItWas: maybe(word),
  })
const stint = (id: string) =>
  fc.record({
    id: fc.constant(id),
    start: moment,
    end: maybe(moment),
    lureId: word,
    rig: maybe(fc.constantFrom(...RIGS)),
    cadence: maybe(fc.constantFrom(...CADENCES)),
    depthM: maybe(figure(0, 40)),
    casts: maybe(fc.integer({ min: 0, max: 500 })),
    reading: fc.constant({ species: 'perch', temperatureC: 12 }),
    events: fc
      .integer({ min: 0, max: 3 })
      .chain(n => fc.tuple(...Array.from({ length: n }, (_, i) => event(`${id}e${i}`)))),
  })
const someTrips = fc
  .integer({ min: 1, max: 4 })
  .chain(n =>
    fc.tuple(
      ...Array.from({ length: n }, (_, t) =>
        fc.record({
          id: fc.constant(`t${t}`),
          placeId: maybe(word),
          start: moment,
          end: maybe(moment),
          stints: fc
            .integer({ min: 0, max: 3 })
            .chain(m => fc.tuple(...Array.from({ length: m }, (_, s) => stint(`t${t}s${s}`)))),
        }),
      ),
    ),
  ) as fc.Arbitrary<unknown> as fc.Arbitrary<Trip[]>

describe('trips as a table', () => {
  it('read back as they were written', () => {
    const back = tripsFromCsv(tripsToCsv(trips), known)
    expect(back).toEqual({ trips, issues: [], notes: [] })
    expect(compareTrips(trips, back.trips)).toEqual({ fresh: [], changed: [], same: trips.length })
  })
  it('read back whatever they hold: quotes, formulas, unknown fields, blanks', () => {
    fc.assert(
      fc.property(someTrips, some => {
        const back = tripsFromCsv(tripsToCsv(some), { lures: [], places: [] })
        expect(back.issues).toEqual([])
        expect(back.trips).toEqual(some)
      }),
      { numRuns: 150 },
    )
  })
  it('takes a table from elsewhere: no ids, names for lures and waters, one trip a day and water', () => {
    const { trips: read, issues } = tripsFromCsv(
      'start;lure;place;what;length (mm)\n2026-05-01T07:00:00Z;moor BLADE;Averin Water;landed;510\n2026-05-01T07:00:00Z;Moor blade;Averin Water;hit;\n2026-05-01T09:00:00Z;Grannet;Averin Water;;\n',
      known,
    )
    expect(issues).toEqual([])
    expect(read).toMatchObject([
      {
        placeId: 'averin',
        start: '2026-05-01T07:00:00Z',
        stints: [{ lureId: 'l11', events: [{ kind: 'landed', lengthMm: 510 }, { kind: 'hit' }] }, { lureId: 'l13' }],
      },
    ])
  })
  it('names the line and column of what is wrong, and reads the rest', () => {
    const { trips: read, issues } = tripsFromCsv(
      'start,lure,trip,what,length (mm)\n2026-05-01T07:00:00Z,l1,a,landed,long\n2026-05-02T07:00:00Z,l1,b,caught,\n2026-05-03T07:00:00Z,l1,c,landed,300\n',
      known,
    )
    expect(read.map(t => t.id)).toEqual(['c'])
    expect(issues).toEqual([
      { path: 'line 2, length (mm)', message: 'must be a number, got "long"' },
      { path: 'trip b: stints[0].events[0].kind', message: expect.stringContaining('got "caught"') },
    ])
    expect(tripsFromCsv('lure,what\nx,hit\n', known).issues).toEqual([
      { path: 'start', message: 'is a column that the table must have' },
    ])
  })
})

describe('positions', () => {
  const nameOf = () => 'a fish & <more>'
  it('GPX is valid by its schema (GPX 1.1)', async () => {
    for (const precision of ['exact', 'blurred'] as const) {
      const xml = tripsToGpx(trips, { precision, nameOf })
      expect(xml.match(/<wpt /g)!.length).toBe(placedEvents(trips, precision).length)
      const { valid, errors } = await validateXML({ xml: { fileName: 'trips.gpx', contents: xml }, schema: GPX })
      expect(errors).toEqual([])
      expect(valid).toBe(true)
    }
  })
  it('the schema is not blind: a waypoint without a place, or with parts in another order, is refused', async () => {
    const bad = async (wpt: string) =>
      (
        await validateXML({
          xml: `<gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1" creator="x">${wpt}</gpx>`,
          schema: GPX,
        })
      ).valid
    expect(await bad('<wpt lat="1"/>')).toBe(false)
    expect(await bad('<wpt lat="1" lon="2"><name>a</name><time>2026-01-01T00:00:00Z</time></wpt>')).toBe(false)
    expect(await bad('<wpt lat="1" lon="2"><time>2026-01-01T00:00:00Z</time><name>a</name></wpt>')).toBe(true)
  })
  it('GPX stays well-formed whatever notes and names hold', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'binary', maxLength: 30 }), async note => {
        const some: Trip[] = [
          {
            id: 't',
            start: '2026-01-01T00:00:00Z',
            stints: [
              {
                id: 's',
                start: '2026-01-01T00:00:00Z',
                lureId: 'l',
                events: [{ id: 'e', kind: 'hit', latitude: 1, longitude: 2, note }],
              },
            ],
          },
        ]
        const { errors } = await validateXML({
          xml: tripsToGpx(some, { precision: 'exact', nameOf: () => note }),
          schema: GPX,
        })
        expect(errors).toEqual([])
      }),
      { numRuns: 40 },
    )
  })
  it('GeoJSON is valid (RFC 7946), longitude before latitude', () => {
    const text = tripsToGeoJson(trips, { precision: 'exact', nameOf })
    expect(() => checkGeoJson(text)).not.toThrow()
    const first = placedEvents(trips, 'exact')[0]!
    expect(
      (JSON.parse(text) as { features: { geometry: { coordinates: number[] } }[] }).features[0]!.geometry.coordinates,
    ).toEqual([first.event.longitude, first.event.latitude])
  })
  it('blurred: within 2.3 km of the spot, the same for all that lies in the square, and never the spot itself', () => {
    const km = (a: { latitude: number; longitude: number }, b: { latitude: number; longitude: number }) =>
      Math.hypot(
        (a.latitude - b.latitude) * 111.2,
        (a.longitude - b.longitude) * 111.2 * Math.cos((a.latitude * Math.PI) / 180),
      )
    const [exact, blurred] = [placedEvents(trips, 'exact'), placedEvents(trips, 'blurred')]
    exact.forEach((e, i) => expect(km(e, blurred[i]!)).toBeLessThan(2.3))
    expect(new Set(blurred.map(b => `${b.latitude} ${b.longitude}`)).size).toBeLessThan(exact.length / 3)
    const told = tripsToGeoJson(trips, { precision: 'blurred', nameOf })
    expect(told).not.toContain(String(exact[0]!.event.latitude))
  })
  it('a whole file goes out with its spots as they are, to the square, or without any; all else stays', () => {
    const file = demo as unknown as YgrionFile
    const spots = (value: unknown): string[] => JSON.stringify(value).match(/"(latitude|longitude)":-?[\d.]+/g) ?? []
    expect(spots(file).length).toBeGreaterThan(20)
    expect(withSpots(file, 'exact')).toBe(file)
    const far = withSpots(file, 'blurred')
    expect(spots(far).length).toBe(spots(file).length)
    expect(spots(far).filter(spot => spots(file).includes(spot))).toEqual([])
    const none = withSpots(file, 'none')
    expect(JSON.stringify(none)).not.toMatch(/latitude|longitude/)
    for (const out of [far, none]) {
      expect(parseFile(out).ok).toBe(true)
      expect(out.lures).toEqual(file.lures)
      expect(out.trips!.map(t => t.stints?.length)).toEqual(file.trips!.map(t => t.stints?.length))
    }
  })
})
