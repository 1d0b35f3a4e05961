import type { Rule } from '#core/rule'
import { BLADE_RULES } from './blades'
import { CLARITY_RULES } from './clarity'
import { COVER_RULES } from './cover'
import { DEPTH_RULES } from './depth'
import { FORAGE_RULES } from './forage'
import { LIGHT_RULES } from './light'
import { METAL_RULES } from './metal'
import { MOOD_RULES } from './mood'
import { PLUG_RULES } from './plugs'
import { ROD_RULES } from './rod'
import { SHINES_RULES } from './shines/all'
import { SOFT_RULES } from './softs'
import { SPECIES_RULES } from './species'
import { TACTIC_RULES } from './tactics'
import { TEMPERATURE_RULES } from './temperature'
import { WIND_RULES } from './wind-current'

/** The whole handbook, a row a rule. A newcomer adds a row to its subject and a test. */
export const RULES: readonly Rule[] = [
  ...DEPTH_RULES,
  ...TEMPERATURE_RULES,
  ...CLARITY_RULES,
  ...LIGHT_RULES,
  ...WIND_RULES,
  ...COVER_RULES,
  ...FORAGE_RULES,
  ...MOOD_RULES,
  ...TACTIC_RULES,
  ...BLADE_RULES,
  ...METAL_RULES,
  ...PLUG_RULES,
  ...SOFT_RULES,
  ...SPECIES_RULES,
  ...ROD_RULES,
  ...SHINES_RULES,
]
