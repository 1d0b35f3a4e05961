import * as Comlink from 'comlink'
import type { OwnRules } from '#core/ask'
import { tripsFromCsv, tripsToCsv, tripsToGeoJson, tripsToGpx } from '#core/files'
import {
  auditRules,
  CHOSEN_CUTS,
  daysLike,
  explain,
  MET_CUTS,
  notesOf,
  ratesBy,
  ratesByTwo,
  type Stretch,
  stretchesOf,
  yearSheet,
  yearsOf,
} from '#core/logbook'
import { prepareBox, withTrips } from '#core/match'
import type { Box, Trip, TripEvent } from '#core/tackle'
import { type DepthMark, depthSpots } from '~/charts/log/depth-spots'
import { decodeText } from './decode-text'
import { changedLog } from './log-change'
import type { LogbookApi } from './logbook.protocol'

/** The box as it was given; prepared is what the log speaks of: of ten thousand lures a few hundred were ever fished. */
let box: Box = { lures: [], parts: [], outfits: [], tests: [], trips: [] }
let prepared = prepareBox(box)
let stretches: readonly Stretch[] = []
let own: OwnRules = { rules: [], places: [] }
/** Rises with each audit; an older one sees it and ends. */
let search = 0
/** An audit says what it has found so far after its first step, and whenever so much more of the log is read. */
const TOLD_EVERY = 0.02
const breathe = () => new Promise<void>(resolve => setTimeout(resolve))

/** Nothing is scored here by what was caught. */
const NO_EVIDENCE = { useLog: false } as const
/** Contacts listed one by one: the newest; all of them would take longer to write than to read. */
const NEWEST = 500
/** Least depth that is drawn [m]. */
const SHALLOWEST_M = 2
/** Whether a fish touched the lure; one that only followed did not. */
const isTouch = ({ kind }: TripEvent) => kind !== 'snagged' && kind !== 'lure-lost' && kind !== 'follow'

/** Every lure that is named in a log, trailers too. */
function fishedIn(trips: readonly Trip[]): ReadonlySet<string> {
  return new Set(trips.flatMap(t => (t.stints ?? []).flatMap(s => [s.lureId, ...(s.trailerId ? [s.trailerId] : [])])))
}
function prepareFished(): void {
  const fished = fishedIn(box.trips)
  prepared = prepareBox({ ...box, lures: box.lures.filter(l => fished.has(l.id)) }, NO_EVIDENCE)
  stretches = stretchesOf(prepared)
}

const api: LogbookApi = {
  load(given, rules) {
    box = given
    own = rules
    prepareFished()
  },
  log(change) {
    box = { ...box, trips: changedLog(box.trips, change) }
    const known = new Set(prepared.profiles.map(p => p.lure.id))
    if ([...fishedIn(change.put)].every(id => known.has(id) || !box.lures.some(l => l.id === id))) {
      prepared = withTrips(prepared, box.trips, NO_EVIDENCE)
      stretches = stretchesOf(prepared)
    } else prepareFished()
  },
  rates: (cut, options) =>
    ratesBy(
      stretches,
      cut,
      options,
      cut === 'lure' ? box.lures.filter(l => l.role !== 'trailer' && l.quantity !== 0).map(l => l.id) : [],
    ),
  explained: () => explain(stretches),
  crossed: (row, column, of) => ratesByTwo(stretches, row, column, of),
  depths() {
    const marks = stretches.flatMap(s =>
      s.events.flatMap((event): DepthMark[] => {
        const depthM = event.depthM ?? s.stint.depthM ?? null
        if (depthM === null || !isTouch(event)) return []
        const species = event.species ?? s.reading?.species ?? null
        return [{ at: event.at ?? s.start, kind: event.kind, lureId: s.lureId, species, depthM }]
      }),
    )
    const deepestM = marks.reduce((most, m) => Math.max(most, m.depthM), SHALLOWEST_M)
    const newest = marks.sort((a, b) => Date.parse(b.at) - Date.parse(a.at)).slice(0, NEWEST)
    return { contacts: marks.length, deepestM, spots: depthSpots(marks, deepestM), newest }
  },
  like: reading => daysLike(stretches, reading),
  years: () => yearsOf(stretches),
  year: year => yearSheet(stretches, year),
  tripNotes(tripId) {
    const own = stretches.filter(s => s.tripId === tripId)
    return own.length > 0 ? notesOf(own, CHOSEN_CUTS) : null
  },
  yearNotes(year) {
    const own = stretches.filter(s => s.start.startsWith(`${year}-`))
    return own.length > 0 ? notesOf(own, [...CHOSEN_CUTS, ...MET_CUTS]) : null
  },
  async audit({ schools, weights }, progress) {
    const mine = ++search
    const steps = auditRules(prepared, stretches, { schools, weights, own })
    let nextTold = 0
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      const { share, verdicts } = step.value
      if (share >= nextTold) {
        nextTold = share + TOLD_EVERY
        progress(share, verdicts())
      }
      await breathe()
      if (mine !== search) return null
    }
  },
  stop() {
    search++
  },
  written(trips, format, precision) {
    if (format === 'csv') return tripsToCsv(trips)
    const names = new Map(box.lures.map(l => [l.id, l.name]))
    const options = {
      precision,
      nameOf: (event: { kind: string; species?: string | null | undefined }, lureId: string) =>
        [event.kind, event.species, names.get(lureId)].filter(Boolean).join(', '),
    }
    return format === 'gpx' ? tripsToGpx(trips, options) : tripsToGeoJson(trips, options)
  },
  read: (bytes, places, units) => tripsFromCsv(decodeText(bytes).text, { lures: box.lures, places, units }),
}

Comlink.expose(api)
