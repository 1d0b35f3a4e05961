import { LINE_DENSITY, type TechniqueRow } from '#core/knowledge'
import { castLength } from '#core/motion'
import { usualAddition } from './addition'
import { type PreparedOutfit, windowVerdict } from './outfit'
import type { LureProfile } from './profile'
import { reachOf, REFERENCE_CAST } from './reach'

/** A lure as an outfit throws it: the rigs by which it does, the complete weight with the usual head or sinker [g], and how far it goes [m]. */
export interface Thrown {
  readonly profile: LureProfile
  readonly rigs: readonly TechniqueRow[]
  readonly totalG: number
  readonly castM: number
}

/**
 * How an outfit throws a lure: on the rig whose complete weight sits best in the rod's window; `null`: on none.
 *
 * Error: ±25 % of the cast where it was not measured.
 */
function thrownOn({ outfit }: PreparedOutfit, profile: LureProfile): Thrown | null {
  const rigs = profile.techniques
    .filter(t => t.mode === 'cast')
    .flatMap(technique => {
      const totalG = profile.weightG.value + usualAddition(technique, profile).grams
      const verdict = windowVerdict(outfit, totalG)
      return typeof verdict === 'string' ? [] : [{ technique, totalG, verdict }]
    })
  const best = rigs.reduce<(typeof rigs)[number] | null>(
    (top, rig) => (top && top.verdict.fit >= rig.verdict.fit ? top : rig),
    null,
  )
  if (!best) return null
  const { kind, power, lengthM } = outfit.rod
  const castM =
    outfit.castM ??
    castLength({
      rod: kind,
      power: power ?? null,
      lengthM: lengthM ?? null,
      loadPlace: best.verdict.place,
      castFactor: profile.typical.castFactor,
    })
  return { profile, totalG: best.totalG, castM, rigs: rigs.map(rig => rig.technique) }
}

/** What an outfit throws of a box. */
export function throwsOf(outfit: PreparedOutfit, profiles: readonly LureProfile[]): readonly Thrown[] {
  return profiles.flatMap(profile => thrownOn(outfit, profile) ?? [])
}

/** How a lure gets down: by its lip, by its weight while it is wound, or to the bottom. */
export const GETS_DOWN = ['dive', 'count-down', 'bottom'] as const
export type GetsDown = (typeof GETS_DOWN)[number]

/** The deepest that a lure works in one way, at its best speed and on the outfit's own line [m]; `null`: it is not fished so. Error: that of the reach. */
export function deepestOn(
  { outfit, lineMm }: PreparedOutfit,
  { profile, rigs, castM }: Thrown,
  by: GetsDown,
): number | null {
  const cast = {
    castM,
    lineDiameterMm: lineMm,
    lineDensity: LINE_DENSITY[outfit.line.material],
    tipM: REFERENCE_CAST.tipM,
  }
  return (
    reachOf(
      profile,
      cast,
      rigs.filter(rig => rig.control === by),
    )(profile.speed.value.best)?.toM ?? null
  )
}

/** For each way of getting down the lure that gets deepest on this outfit. */
export function deepestOf(
  outfit: PreparedOutfit,
  thrown: readonly Thrown[],
): readonly { readonly by: GetsDown; readonly depthM: number; readonly thrown: Thrown }[] {
  return GETS_DOWN.flatMap(by => {
    const found = thrown.flatMap(one => {
      const depthM = deepestOn(outfit, one, by)
      return depthM === null ? [] : [{ by, depthM, thrown: one }]
    })
    return found.length > 0 ? [found.reduce((deepest, one) => (one.depthM > deepest.depthM ? one : deepest))] : []
  })
}
