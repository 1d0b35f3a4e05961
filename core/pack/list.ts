import type { LikelyReading } from './build'
import type { Pack, PackLimits } from './problem'

/** One lure as it is to be fished: enough to tie it on. */
export interface ListedSetup {
  readonly lureId: string
  readonly outfitId: string
  readonly rig: string
  readonly trailerId: string | null
  readonly depthM: number
  readonly speedMs: number
  readonly cadence: string
  readonly headG: number | null
  readonly sinkerG: number | null
}

/** A pack list as it is kept: what was planned for, what goes along, what is ticked off. */
export interface PackList {
  readonly id: string
  readonly name: string
  /** The day it is for, ISO 8601. */
  readonly at: string
  readonly placeId: string | null
  readonly planBId: string | null
  readonly readings: readonly LikelyReading[]
  readonly limits: PackLimits
  /** Ids of lures, parts and rods. */
  readonly take: readonly string[]
  readonly leave: readonly string[]
  readonly pack: Pack | null
  /** How the rigged lures are fished at first light, by rod. */
  readonly rigged: readonly ListedSetup[]
  readonly ticked: readonly string[]
}
