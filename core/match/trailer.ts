import { type Ask, desirabilityAt } from '#core/ask'
import { type LureProfile, mayTrail, presenceOf, vibrationOf } from '#core/lure'

/** Trailers tried on one lure: the best few by bulk, thump, scent and colour; the rest cannot win by much. Assumed. */
const TRIED = 3
/** A trailer of another colour scheme than its host's. Assumed. */
const OTHER_COLOURS = 0.8

export type TrailersFor = (host: LureProfile) => readonly (LureProfile | null)[]

/**
 * The trailers worth trying on a lure, with `null` (none) where it can be fished bare.
 * Hosts of equal bulk, thump, colours and (blade-dulling) kind like the same trailers, so each such order is worked out once a ranking.
 */
export function trailerChoice(trailers: readonly LureProfile[], ask: Ask): TrailersFor {
  const orders = new Map<string, readonly LureProfile[]>()
  const orderFor = (host: LureProfile) => {
    const key = `${host.bulk.value} ${host.vibration.value} ${host.colours.value.pattern} ${host.lure.family === 'bladed-jig'}`
    let order = orders.get(key)
    if (!order) {
      order = trailers
        .map(trailer => ({ trailer, liking: liking(host, trailer, ask) }))
        .sort((a, b) => b.liking - a.liking || (a.trailer.lure.id < b.trailer.lure.id ? -1 : 1))
        .map(({ trailer }) => trailer)
      orders.set(key, order)
    }
    return order
  }
  return (host) => {
    if (!host.typical.takesTrailer) return [null]
    const fitting: LureProfile[] = []
    for (const trailer of orderFor(host)) {
      if (!mayTrail(trailer, host)) continue
      fitting.push(trailer)
      if (fitting.length === TRIED) break
    }
    // A skirted jig without its trailer is unfinished; blades may be fished bare (trade §6).
    return host.lure.family === 'skirted-jig' && fitting.length > 0 ? fitting : [null, ...fitting]
  }
}

function liking(host: LureProfile, trailer: LureProfile, { axes }: Ask): number {
  return desirabilityAt(axes.presence, presenceOf(host, trailer).value)
    * desirabilityAt(axes.vibration, vibrationOf(host, trailer).value)
    * desirabilityAt(axes.scent, trailer.scented.value ? 1 : 0)
    * (host.colours.value.pattern === trailer.colours.value.pattern ? 1 : OTHER_COLOURS)
}
