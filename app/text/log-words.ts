import type { RateEstimate } from '#core/evidence'
import { type CutId, CUTS, type EffortUnit, rangeIn, type Return } from '#core/logbook'
import type { LikenessPart } from '#core/reading'
import type { Family, SpeciesId } from '#core/terms'
import type { Dimension, UnitSystem } from '#core/units'
import { colourWord } from './advice-words'
import { classInWords } from './class-words'
import { capital, familyLabel, speciesLabel, words } from './labels'

export const CUT_WORDS: Record<CutId, string> = {
  lure: 'lure',
  family: 'kind of lure',
  colour: 'colour',
  size: 'length',
  depth: 'depth',
  speed: 'speed',
  action: 'action',
  light: 'light',
  temperature: 'water temperature',
  clarity: 'visibility',
  wind: 'wind',
  hour: 'hour of the day',
  tide: 'tide',
  place: 'water',
  season: 'season',
  month: 'month',
  species: 'fish',
}
export const RETURN_WORDS: Record<Return, string> = { contacts: 'contacts', landed: 'fish landed' }
export const PART_WORDS: Record<LikenessPart, string> = {
  species: 'another fish',
  water: 'another kind of water',
  temperature: 'temperature',
  visibility: 'visibility',
  light: 'light',
  season: 'season',
  depth: 'depth of the fish',
  wind: 'wind',
  mood: 'mood',
}

const DIMENSION: Partial<Record<CutId, Dimension>> = {
  size: 'length',
  depth: 'depth',
  speed: 'speed',
  temperature: 'temperature',
  clarity: 'depth',
  wind: 'speed',
}
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const
export const monthName = (month: number): string => MONTHS[month] ?? ''

/** What names a value may need: of lures and of waters. */
export interface Names {
  readonly lure: (id: string) => string
  readonly place: (id: string) => string
  readonly units: UnitSystem
}

/** A value of a cut, as an angler would say it. */
export function valueInWords(cut: CutId, value: string | number, { lure, place, units }: Names): string {
  const range = rangeIn(CUTS[cut], value)
  const dimension = DIMENSION[cut]
  if (range && dimension) return classInWords(dimension, range, units)
  switch (cut) {
    case 'lure':
      return lure(String(value))
    case 'place':
      return place(String(value))
    case 'hour':
      return `${range![0]} to ${range![1]} h`
    case 'month':
      return monthName(Number(value))
    case 'colour':
      return capital(colourWord(String(value)))
    case 'family':
      return capital(familyLabel(value as Family))
    case 'species':
      return capital(speciesLabel(value as SpeciesId))
    default:
      return capital(words(String(value)))
  }
}

/** A rate with two figures, three below ten. */
export const rateFigure = (rate: number): string =>
  rate >= 10 ? Math.round(rate).toString() : rate >= 1 ? rate.toFixed(1) : rate.toFixed(2)

/** "1.2 an hour (0.7 to 1.9)" */
export function rateInWords({ mean, low, high }: RateEstimate, per: EffortUnit): string {
  return `${rateFigure(mean)} ${per === 'hour' ? 'an hour' : 'per 100 casts'} (${rateFigure(low)} to ${rateFigure(high)})`
}

export const hoursFigure = (hours: number): string => (hours < 10 ? hours.toFixed(1) : Math.round(hours).toString())
