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
import { decodeText } from './decode-text'
import { changedLog } from './log-change'
import type { EventMark, LogbookApi } from './logbook.protocol'

let prepared = prepareBox({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
let stretches: readonly Stretch[] = []
let own: OwnRules = { rules: [], places: [] }
/** Rises with each audit; an older one sees it and ends. */
let search = 0
/** An audit says what it has found so far after its first step, and whenever so much more of the log is read. */
const TOLD_EVERY = 0.02
const breathe = () => new Promise<void>(resolve => setTimeout(resolve))

const api: LogbookApi = {
  load(box, rules) {
    prepared = prepareBox(box)
    stretches = stretchesOf(prepared)
    own = rules
  },
  log(change) {
    prepared = withTrips(prepared, changedLog(prepared.box.trips, change))
    stretches = stretchesOf(prepared)
  },
  rates: (cut, options) =>
    ratesBy(
      stretches,
      cut,
      options,
      cut === 'lure' ? prepared.lures.filter(p => p.lure.quantity !== 0).map(p => p.lure.id) : [],
    ),
  explained: () => explain(stretches),
  crossed: (row, column, of) => ratesByTwo(stretches, row, column, of),
  marks: () =>
    stretches.flatMap(s =>
      s.events.map((event): EventMark => {
        const at = event.at ?? s.start
        return {
          at,
          kind: event.kind,
          lureId: s.lureId,
          species: event.species ?? s.reading?.species ?? null,
          depthM: event.depthM ?? s.stint.depthM ?? null,
          month: Number(at.slice(5, 7)) - 1,
          day: Number(at.slice(8, 10)),
        }
      }),
    ),
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
    const names = new Map(prepared.box.lures.map(l => [l.id, l.name]))
    const options = {
      precision,
      nameOf: (event: { kind: string; species?: string | null | undefined }, lureId: string) =>
        [event.kind, event.species, names.get(lureId)].filter(Boolean).join(', '),
    }
    return format === 'gpx' ? tripsToGpx(trips, options) : tripsToGeoJson(trips, options)
  },
  read: (bytes, places) => tripsFromCsv(decodeText(bytes).text, { lures: prepared.box.lures, places }),
}

Comlink.expose(api)
