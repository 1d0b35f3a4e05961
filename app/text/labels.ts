import { CADENCE_TABLE, FAMILY_TABLE, FORAGE_TABLE, SPECIES_TABLE, TACTICS } from '#core/knowledge'
import type { Cadence, Family, ForageId, SpeciesId, TacticId } from '#core/terms'
import type { UnitSystem } from '#core/units'

/** Ids are kebab-case; people read words. */
export function words(id: string | null | undefined): string {
  return (id ?? '').replaceAll('-', ' ')
}

export const familyLabel = (family: Family): string => FAMILY_TABLE[family].label
/** A fish that this version does not know keeps the word it came with. */
export const speciesLabel = (species: SpeciesId): string =>
  (SPECIES_TABLE[species] as { label: string } | undefined)?.label ?? words(species)
export const forageLabel = (forage: ForageId): string => FORAGE_TABLE[forage].label

const TACTIC_LABELS = new Map(TACTICS.map(({ id, label }) => [id, label]))
export const tacticLabel = (tactic: TacticId): string => TACTIC_LABELS.get(tactic) ?? words(tactic)

const CADENCE_LABELS = new Map(Object.entries(CADENCE_TABLE).map(([id, { label }]) => [id, label]))
/** How a lure is worked, as the trade says it; what this version does not know keeps the word it came with. */
export const cadenceLabel = (cadence: Cadence): string => CADENCE_LABELS.get(cadence) ?? words(cadence)

/** How a set-up stands to the best different one, in a word. */
export const STANDING_LABEL = { clear: 'clear', ahead: 'ahead', level: 'level' } as const

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

export const KNOWN_LABEL = {
  tested: 'tested by you',
  stated: 'as you entered it',
  computed: 'worked out',
  typical: 'assumed: typical of its kind',
} as const

/** The names of the looks, as on the buttons. */
export const lookLabel = (look: string): string => (look === 'device' ? 'as the device' : look)

/** The word alone for so many, where the figure stands in its own type. */
export const wordFor = (n: number, one: string, many = `${one}s`): string => (n === 1 ? one : many)

/** "1 contact", "2 contacts" */
export function counted(n: number, one: string, many = `${one}s`): string {
  return `${n} ${wordFor(n, one, many)}`
}

/** Side of the square to which places are blurred when they go out, as it is said. */
export const blurSide = (units: UnitSystem): string => (units === 'imperial' ? 'a mile and a quarter' : '2 km')
