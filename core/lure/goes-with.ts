import type { TechniqueRow } from '#core/knowledge'
import type { Part } from '#core/tackle'
import { fitsTechnique } from './addition'
import { mayTrail } from './may-trail'
import type { LureProfile } from './profile'

/** One way to rig a lure and what of the parts it takes. */
export interface RigParts {
  readonly technique: TechniqueRow
  /** Suitable heads, sinkers or hooks of one's own, lightest first. */
  readonly parts: readonly Part[]
}

export interface GoesWith {
  readonly rigs: readonly RigParts[]
  /** Trailers it can carry. */
  readonly trailers: readonly LureProfile[]
  /** Lures that can carry it, when it is a trailer. */
  readonly hosts: readonly LureProfile[]
}

/** What goes with a lure, of what the angler has (trade §3, §6, §7): parts by rig, trailers, and hosts. */
export function goesWith(profile: LureProfile, all: readonly LureProfile[], parts: readonly Part[]): GoesWith {
  return {
    rigs: profile.techniques.map(technique => ({
      technique,
      parts:
        technique.adds === 'nothing'
          ? []
          : parts.filter(part => fitsTechnique(part, technique)).sort((a, b) => (a.weightG ?? 0) - (b.weightG ?? 0)),
    })),
    trailers: all.filter(other => mayTrail(other, profile)),
    hosts: all.filter(other => mayTrail(profile, other)),
  }
}
