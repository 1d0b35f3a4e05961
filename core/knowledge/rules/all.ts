import type { Rule } from '#core/ask'
import { CLARITY_RULES } from './clarity.ts'
import { COVER_RULES } from './cover.ts'
import { DEPTH_RULES } from './depth.ts'
import { FORAGE_RULES } from './forage.ts'
import { LIGHT_RULES } from './light.ts'
import { MOOD_RULES } from './mood.ts'
import { ROD_RULES } from './rod.ts'
import { SPECIES_RULES } from './species.ts'
import { TEMPERATURE_RULES } from './temperature.ts'
import { WIND_RULES } from './wind-current.ts'

/** The whole handbook, a row a rule. A newcomer adds a row to its subject and a test. */
export const RULES: readonly Rule[] = [
  ...DEPTH_RULES, ...TEMPERATURE_RULES, ...CLARITY_RULES, ...LIGHT_RULES, ...WIND_RULES, ...COVER_RULES, ...FORAGE_RULES, ...MOOD_RULES, ...SPECIES_RULES, ...ROD_RULES,
]
