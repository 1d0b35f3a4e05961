import type { Rule } from '#core/rule'
import { BIG_BAITS_SHINE } from './big-baits'
import { BLADES_SHINE } from './blades'
import { FLIES_SHINE } from './flies'
import { JIGS_SHINE } from './jigs-and-heads'
import { METAL_SHINES } from './metal'
import { PLUGS_SHINE } from './plugs'
import { SOFTS_SHINE } from './soft-baits'
import { SPOONS_SHINE } from './spoons-and-spinners'
import { SURFACE_SHINES } from './surface'
import { TROLLED_SHINES } from './trolled'
import { WEIGHTS_SHINE } from './weight-and-size'

/** What each tactic does well and badly (handbook §23.1): the first choice of all. */
export const SHINES_RULES: readonly Rule[] = [
  ...PLUGS_SHINE,
  ...BLADES_SHINE,
  ...JIGS_SHINE,
  ...SOFTS_SHINE,
  ...SURFACE_SHINES,
  ...METAL_SHINES,
  ...SPOONS_SHINE,
  ...FLIES_SHINE,
  ...TROLLED_SHINES,
  ...BIG_BAITS_SHINE,
  ...WEIGHTS_SHINE,
]
