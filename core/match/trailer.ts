import type { Ask } from '#core/ask'
import { TRAILER_LENGTH, TRAILER_OTHER_COLOUR, type TrailerRow, TRAILERS, UNFINISHED } from '#core/knowledge'
import { type LureProfile, mayTrail } from '#core/lure'
import { Remembered } from '#core/numeric'
import { jointMembership } from '#core/rule'
import type { TrailerHooking } from '#core/terms'
import { matchesLure } from './marks'

/** A trailer behind a host, with what the table of trailers says of it. */
export interface TrailerChoice {
  /** `null`: the host bare. */
  readonly trailer: LureProfile | null
  readonly hooking: TrailerHooking | null
  /** Log-odds against the bare host of no merit (0). */
  readonly gain: number
  /** The rows that spoke for it, loudest first. */
  readonly rows: readonly TrailerRow[]
}

export interface TrailersFor {
  readonly of: (host: LureProfile) => readonly TrailerChoice[]
}
const BARE: TrailerChoice = { trailer: null, hooking: null, gain: 0, rows: [] }
export const NO_TRAILERS: TrailersFor = { of: () => [BARE] }

/** A row that holds less than this is silent. */
const SILENT = 0.05

/** What trailers come to is remembered by what of the table holds: few readings of a search differ in that. */
const chosen = new WeakMap<readonly LureProfile[], Remembered<string, TrailersFor>>()
/** Readings of a search that differ in what holds [count, assumed]. */
const CHOICES_KEPT = 12

/** How much a row of the table says under this ask, 0..2: what of it holds, times what the angler makes of it. */
export const trailerHolds = ({ id, when }: TrailerRow, { features, heeds }: Ask) =>
  heeds(id) * jointMembership(when, features)

/** The trailers worth trying on a lure under this ask, best first: the best one, and the bare host where that can be fished. */
export function trailerChoice(trailers: readonly LureProfile[], ask: Ask): TrailersFor {
  const holds = TRAILERS.map(row => trailerHolds(row, ask))
  let known = chosen.get(trailers)
  if (known === undefined) chosen.set(trailers, (known = new Remembered(CHOICES_KEPT)))
  const key = holds.join()
  let choice = known.get(key)
  if (choice === undefined) known.set(key, (choice = choiceWhere(holds, trailers)))
  return choice
}

function choiceWhere(holds: readonly number[], trailers: readonly LureProfile[]): TrailersFor {
  const lifts = TRAILERS.map((row, i) => (holds[i]! > SILENT ? row.lift * holds[i]! : 0))
  const known = new Map<LureProfile, readonly TrailerChoice[]>()
  const of = (host: LureProfile) => {
    if (!host.typical.takesTrailer) return [BARE]
    const kept = known.get(host)
    if (kept) return kept
    const mine = rowsOn(host).filter(row => holds[row]! > SILENT)
    let best: LureProfile | null = null
    let most = -Infinity
    for (const { trailer, cost, speaks } of threadedOn(host, trailers)) {
      let gain = -cost
      for (const row of mine) if (speaks[row]) gain += lifts[row]!
      if (gain > most || (gain === most && trailer.lure.id < best!.lure.id)) [best, most] = [trailer, gain]
    }
    const rows = mine.map(row => ({ row: TRAILERS[row]!, holds: holds[row]! }))
    // The best dressed one and, where it can be fished so, the bare host: a rod may carry only that.
    const choices = [...(best ? [judge(host, best, rows)] : []), ...bareOf(host, best, rows)]
    known.set(host, choices)
    return choices
  }
  return { of }
}

/** The host without a trailer, beside the best that it could wear: as good as its rows say, but for what is unfinished then. Where a trailer is kept for it, it is not fished without. */
function bareOf(
  host: LureProfile,
  best: LureProfile | null,
  rows: Parameters<typeof judge>[2],
): readonly TrailerChoice[] {
  const bare = judge(host, null, rows)
  if (best === null || !matchesLure(UNFINISHED.host, host)) return [bare]
  return best.lure.role === 'trailer' ? [] : [{ ...bare, gain: bare.gain + UNFINISHED.lift, rows: [UNFINISHED] }]
}

/** The rows of the table that speak of a host: no reading changes them, so they are kept. */
const onHosts = new WeakMap<LureProfile, readonly number[]>()

function rowsOn(host: LureProfile): readonly number[] {
  let rows = onHosts.get(host)
  if (rows === undefined)
    onHosts.set(host, (rows = TRAILERS.flatMap((row, i) => (matchesLure(row.host, host) ? [i] : []))))
  return rows
}

/** A trailer behind a host, what its size and colour cost there, and which rows of the table speak of it. */
interface Threaded {
  readonly trailer: LureProfile
  readonly cost: number
  readonly speaks: readonly boolean[]
}

/** Trailers of which the same rows speak, kept with their list. */
const kinds = new WeakMap<readonly LureProfile[], readonly (Pick<Threaded, 'speaks'> & { of: LureProfile[] })[]>()

function kindsOf(trailers: readonly LureProfile[]) {
  let found = kinds.get(trailers)
  if (found === undefined) {
    const byRows = new Map<string, Pick<Threaded, 'speaks'> & { of: LureProfile[] }>()
    for (const trailer of trailers) {
      const speaks = TRAILERS.map(row => row.trailer !== 'none' && matchesLure(row.trailer, trailer))
      const kind = byRows.get(speaks.join()) ?? { speaks, of: [] }
      kind.of.push(trailer)
      byRows.set(speaks.join(), kind)
    }
    kinds.set(trailers, (found = [...byRows.values()]))
  }
  return found
}

/** The trailers that a host's hook takes, of each kind the one that costs least: no reading makes another of them better. */
const threaded = new WeakMap<readonly LureProfile[], WeakMap<LureProfile, readonly Threaded[]>>()

function threadedOn(host: LureProfile, trailers: readonly LureProfile[]): readonly Threaded[] {
  let ofBox = threaded.get(trailers)
  if (ofBox === undefined) threaded.set(trailers, (ofBox = new WeakMap()))
  let found = ofBox.get(host)
  if (found === undefined)
    ofBox.set(
      host,
      (found = kindsOf(trailers).flatMap(({ speaks, of }) => {
        let least: Threaded | null = null
        for (const trailer of of) {
          if (!mayTrail(trailer, host)) continue
          const cost = costOf(host, trailer)
          if (!least || cost < least.cost || (cost === least.cost && trailer.lure.id < least.trailer.lure.id))
            least = { trailer, cost, speaks }
        }
        return least ?? []
      })),
    )
  return found
}

/** What a trailer of the wrong length, or of another colour, costs [log-odds]. */
function costOf(host: LureProfile, trailer: LureProfile): number {
  const share = trailer.lengthMm.value / host.lengthMm.value
  const length =
    TRAILER_LENGTH.costPerDoubling *
    Math.max(0, Math.log2(share / TRAILER_LENGTH.most), Math.log2(TRAILER_LENGTH.least / share))
  return length + (host.colours.value.pattern === trailer.colours.value.pattern ? 0 : TRAILER_OTHER_COLOUR)
}

function judge(
  host: LureProfile,
  trailer: LureProfile | null,
  rows: readonly { readonly row: TrailerRow; readonly holds: number }[],
): TrailerChoice {
  const speaking = rows.filter(({ row }) =>
    trailer === null ? row.trailer === 'none' : row.trailer !== 'none' && matchesLure(row.trailer, trailer),
  )
  const gain =
    speaking.reduce((sum, { row, holds }) => sum + row.lift * holds, 0) - (trailer ? costOf(host, trailer) : 0)
  const told = speaking
    .filter(({ row, holds }) => row.lift * holds > 0)
    .sort((a, b) => b.row.lift * b.holds - a.row.lift * a.holds)
    .map(({ row }) => row)
  return {
    trailer,
    gain,
    rows: told,
    hooking: trailer === null ? null : (told.find(row => row.hooking)?.hooking ?? 'threaded'),
  }
}
