import { type Trait, TRAITS } from '#core/lure'
import { catchesOf, contactsOf, type Offer, type Tried } from '#core/rotation'

/** One value of one trait: what it was given and what came, or a blank. */
export interface TriedCell {
  readonly value: string | number
  readonly minutes: number
  readonly contacts: number
  readonly catches: number
  /** Something in the box has it. */ readonly inBox: boolean
  readonly isNow: boolean
}
export interface TriedRow {
  readonly trait: Trait
  readonly cells: readonly TriedCell[]
}

/** Tried and untried, a row a trait: every value the box offers or the day has seen. */
export function triedGrid(offers: readonly Offer[], tried: readonly Tried[]): readonly TriedRow[] {
  const now = tried[tried.length - 1]
  return TRAITS.map(trait => {
    const values = [...new Set([...offers.map(o => o.traits[trait]), ...tried.map(t => t.traits[trait])])].sort(
      (a, b) => (typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b))),
    )
    return {
      trait,
      cells: values.map(value => {
        const own = tried.filter(t => t.traits[trait] === value)
        return {
          value,
          inBox: offers.some(o => o.traits[trait] === value),
          isNow: now?.traits[trait] === value,
          minutes: own.reduce((sum, t) => sum + t.minutes, 0),
          contacts: own.reduce((sum, t) => sum + contactsOf(t.events), 0),
          catches: own.reduce((sum, t) => sum + catchesOf(t.events), 0),
        }
      }),
    }
  })
}
