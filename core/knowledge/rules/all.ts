import type { Rule } from '#core/ask'
import { CLARITY_RULES } from './clarity'
import { COVER_RULES } from './cover'
import { DEPTH_RULES } from './depth'
import { FORAGE_RULES } from './forage'
import { LIGHT_RULES } from './light'
import { MOOD_RULES } from './mood'
import { ROD_RULES } from './rod'
import { SPECIES_RULES } from './species'
import { TEMPERATURE_RULES } from './temperature'
import { WIND_RULES } from './wind-current'

/** The whole handbook, a row a rule. A newcomer adds a row to its subject and a test. */
export const RULES: readonly Rule[] = [
  ...DEPTH_RULES, ...TEMPERATURE_RULES, ...CLARITY_RULES, ...LIGHT_RULES, ...WIND_RULES, ...COVER_RULES, ...FORAGE_RULES, ...MOOD_RULES, ...SPECIES_RULES, ...ROD_RULES,
]
