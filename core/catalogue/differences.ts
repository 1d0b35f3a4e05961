import { type Attribute, ATTRIBUTES, type AttributeValue, type Entry } from './attributes'

export interface ComparedRow {
  readonly attribute: Attribute
  readonly cells: readonly ReturnType<Attribute['of']>[]
  /** They do not all say the same. */
  readonly differs: boolean
}

/** Measured figures closer than this are called the same. Assumed: about what a kitchen scale and a ruler can tell. */
const SAME_WITHIN = 0.02

/** Lures side by side, attribute by attribute; rows of which none knows anything are left out. */
export function compareEntries(entries: readonly Entry[]): readonly ComparedRow[] {
  return ATTRIBUTES.map(attribute => {
    const cells = entries.map(entry => attribute.of(entry))
    return { attribute, cells, differs: cells.some(cell => !same(cell.value, cells[0]!.value)) }
  }).filter(({ cells }) => cells.some(({ value }) => value !== null && value !== ''))
}

function same(a: AttributeValue, b: AttributeValue): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) <= SAME_WITHIN * Math.max(Math.abs(a), Math.abs(b))
  return (a ?? '') === (b ?? '')
}
