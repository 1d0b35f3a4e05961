import type { Ask } from '#core/ask'
import { TRAILER_LENGTH, TRAILER_OTHER_COLOUR, type TrailerRow, TRAILERS } from '#core/knowledge'
import { type LureProfile, mayTrail } from '#core/lure'
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

export type TrailersFor = (host: LureProfile) => readonly TrailerChoice[]
export const BARE: TrailerChoice = { trailer: null, hooking: null, gain: 0, rows: [] }

/** A skirted jig without its trailer is unfinished; blades may be fished bare (handbook §6). */
const NEEDS_TRAILER = 'skirted-jig'
/** A row that holds less than this is silent. */
const SILENT = 0.05

/** The trailers worth trying on a lure under this ask, best first: the best one, and the bare host where that can be fished. */
export function trailerChoice(trailers: readonly LureProfile[], ask: Ask): TrailersFor {
  const rows = TRAILERS.map(row => ({ row, holds: jointMembership(row.when, ask.features) })).filter(({ holds }) => holds > SILENT)
  const known = new Map<LureProfile, readonly TrailerChoice[]>()
  return (host) => {
    if (!host.typical.takesTrailer) return [BARE]
    const kept = known.get(host)
    if (kept) return kept
    const mine = rows.filter(({ row }) => matchesLure(row.host, host))
    const judged = trailers.filter(trailer => mayTrail(trailer, host)).map(trailer => judge(host, trailer, mine))
      .sort((a, b) => b.gain - a.gain || (a.trailer!.lure.id < b.trailer!.lure.id ? -1 : 1))
    const bare = judge(host, null, mine)
    const mustTrail = host.lure.family === NEEDS_TRAILER && judged.length > 0
    // The best dressed one and, where it can be fished so, the bare host: a rod may carry only that.
    const choices = mustTrail ? judged.slice(0, 1) : [...judged.slice(0, 1), bare]
    known.set(host, choices)
    return choices
  }
}

function judge(host: LureProfile, trailer: LureProfile | null, rows: readonly { readonly row: TrailerRow, readonly holds: number }[]): TrailerChoice {
  const speaking = rows.filter(({ row }) => (trailer === null ? row.trailer === 'none' : row.trailer !== 'none' && matchesLure(row.trailer, trailer)))
  let gain = speaking.reduce((sum, { row, holds }) => sum + row.lift * holds, 0)
  if (trailer) {
    const share = trailer.lengthMm.value / host.lengthMm.value
    gain -= TRAILER_LENGTH.costPerDoubling * Math.max(0, Math.log2(share / TRAILER_LENGTH.most), Math.log2(TRAILER_LENGTH.least / share))
    if (host.colours.value.pattern !== trailer.colours.value.pattern) gain -= TRAILER_OTHER_COLOUR
  }
  const told = speaking.filter(({ row, holds }) => row.lift * holds > 0).sort((a, b) => b.row.lift * b.holds - a.row.lift * a.holds).map(({ row }) => row)
  return { trailer, gain, rows: told, hooking: trailer === null ? null : told.find(row => row.hooking)?.hooking ?? 'threaded' }
}
