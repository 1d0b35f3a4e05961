import { FAMILY_TABLE } from '#core/knowledge'
import type { Lure } from '#core/tackle'
import type { Role } from '#core/terms'

/** What a lure is used as: as its owner says, else as its kind usually is. */
export function roleOf({ family, role }: Pick<Lure, 'family' | 'role'>): Role {
  return role ?? (FAMILY_TABLE[family].trails ? 'both' : 'lure')
}
