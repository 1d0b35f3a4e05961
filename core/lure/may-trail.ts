import type { LureProfile } from './profile'
import { roleOf } from './role'

/** A trailer no longer than this against its host. Assumed from common practice: it must not outgrow the skirt and hook. */
const LONGEST_SHARE = 1.25
const SHORTEST_MM = 35

/** Whether a body can be threaded on a lure's hook. */
export function mayTrail({ lure, lengthMm }: LureProfile, host: LureProfile): boolean {
  return (
    roleOf(lure) !== 'lure' &&
    host.typical.takesTrailer &&
    lure.id !== host.lure.id &&
    lengthMm.value >= SHORTEST_MM &&
    lengthMm.value <= LONGEST_SHARE * host.lengthMm.value
  )
}
