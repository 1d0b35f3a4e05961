import type { Attribute, AttributeValue } from '#core/catalogue'
import type { Family } from '#core/terms'
import { formatQuantity, type UnitSystem } from '#core/units'
import { dayLong } from './dates'
import { familyLabel, words } from './labels'

/** What stands in a cell where nothing is known. */
export const NOTHING = '–'

/** An attribute's value with its unit, as a reader of the catalogue sees it. */
export function attributeText({ id, kind, dimension }: Attribute, value: AttributeValue, system: UnitSystem): string {
  if (value === null || value === '') return NOTHING
  if (kind === 'quantity') return formatQuantity(dimension!, value as number, { system })
  if (kind === 'flag') return value ? 'yes' : 'no'
  if (kind === 'date') return dayLong(String(value))
  if (id === 'family') return familyLabel(value as Family)
  if (kind === 'number') return Number.isInteger(value) ? String(value) : (value as number).toFixed(1)
  return kind === 'choice' ? words(String(value)) : String(value)
}
