import type { Flip, FlipField, NumberField } from '#core/match'
import type { ForageId, Phase } from '#core/terms'
import { type Dimension, formatQuantity, type UnitSystem } from '#core/units'
import { forageLabel, words } from './labels'

const NUMBER: Record<
  NumberField,
  { readonly label: string; readonly dimension: Dimension; readonly decimals?: number }
> = {
  temperatureC: { label: 'water', dimension: 'temperature' },
  visibilityM: { label: 'a lure vanishes at', dimension: 'depth' },
  windMs: { label: 'wind', dimension: 'speed', decimals: 1 },
  currentMs: { label: 'current', dimension: 'speed' },
  fishFromM: { label: 'fish from', dimension: 'depth' },
  forageLengthMm: { label: 'prey', dimension: 'length' },
}
const CHOICE: Partial<Record<FlipField, string>> = {
  from: 'you stand',
  forage: 'they eat',
  grouping: 'fish are',
  shortStrikes: 'short bites',
  pressure: 'pressure',
  phase: 'season',
}

export function flipFieldLabel(field: FlipField): string {
  return field in NUMBER ? NUMBER[field as NumberField].label : (CHOICE[field] ?? field)
}

/** The value at which the order flips, with its unit. A season that is worked out is a mixture; what it would have to be is told apart from that. */
export function flipValue(
  { field, to }: Pick<Flip, 'field' | 'to'>,
  system: UnitSystem,
  { phase }: { readonly phase: Phase | null },
): string {
  if (typeof to === 'number') {
    const { dimension, decimals } = NUMBER[field as NumberField]
    return formatQuantity(dimension, to, { system, ...(decimals === undefined ? {} : { decimals }) })
  }
  if (field === 'phase' && phase === null) return `wholly ${words(to)}`
  return field === 'forage' ? forageLabel(to as ForageId) : words(to)
}
