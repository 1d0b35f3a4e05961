import { type Ask, desirabilityAt } from '#core/ask'
import type { LureProfile } from './profile.ts'
import { presenceOf, vibrationOf } from './with-trailer.ts'

/** Trailers tried on one lure: the best few by bulk, thump, scent and colour; the rest cannot win by much. Assumed. */
const TRIED = 3
/** A trailer no longer than this against its host. Assumed from common practice: it must not outgrow the skirt and hook. */
const LONGEST_SHARE = 1.25
const SHORTEST_MM = 35

/** The trailers worth trying on a lure, with `null` (none) where it can be fished bare. */
export function trailersFor(host: LureProfile, { ask, trailers }: { readonly ask: Ask, readonly trailers: readonly LureProfile[] }): readonly (LureProfile | null)[] {
  if (!host.typical.takesTrailer) return [null]
  const fitting = trailers
    .filter(t => t.lure.id !== host.lure.id && t.lengthMm.value >= SHORTEST_MM && t.lengthMm.value <= LONGEST_SHARE * host.lengthMm.value)
    .map(trailer => ({ trailer, liking: liking(host, trailer, ask) }))
    .sort((a, b) => b.liking - a.liking || a.trailer.lure.id.localeCompare(b.trailer.lure.id))
    .slice(0, TRIED)
    .map(({ trailer }) => trailer)
  // A skirted jig without its trailer is unfinished; blades may be fished bare (trade §6).
  return host.lure.family === 'skirted-jig' && fitting.length > 0 ? fitting : [null, ...fitting]
}

function liking(host: LureProfile, trailer: LureProfile, { axes }: Ask): number {
  const sameColours = host.colours.value.pattern === trailer.colours.value.pattern ? 1 : 0.8
  return desirabilityAt(axes.presence, presenceOf(host, trailer).value)
    * desirabilityAt(axes.vibration, vibrationOf(host, trailer).value)
    * desirabilityAt(axes.scent, trailer.scented.value ? 1 : 0)
    * sameColours
}
