import type { Outfit } from '#core/tackle'
import type { LineMaterial, RodAction, RodKind, RodPower } from '#core/terms'
import { parseQuantity, type UnitSystem } from '#core/units'
import { knownInEnglish, NUMBER, withoutSigns } from './typed-figures'

/** What was read from the label of a rod, and the words that were not understood. */
export interface LabelRead {
  readonly rod: Partial<Outfit['rod']>
  readonly line: Partial<Outfit['line']>
  readonly reel: NonNullable<Outfit['reel']>
  readonly left: string
}

const WINDOW = new RegExp(
  String.raw`(${NUMBER})\s*(g|oz)?\s*(?:–|—|-|to|bis)\s*(${NUMBER})\s*(grams?|g|ounces?|oz)\b`,
  'i',
)
/** A window of which only the upper end is said: "up to 60 g", "WG bis 80 g". */
const WINDOW_UP_TO =
  /\b(?:up to|max\.?|bis(?: zu)?|jusqu'à|hasta|fino a|até|tot|till?|do)\s+(\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)\s*(grams?|g|ounces?|oz)\b/i
/** A window of bare fractions is ounces, as on packets. */
const WINDOW_OF_FRACTIONS = /(?<![\d/.,])(\d+\/\d+)\s*(?:–|—|-|to)\s*(\d+\/\d+|\d+(?:[ -]\d+\/\d+)?)(?![\d/]|[.,]\d)/i
/** What the rod is rated for: "10–17 lb". */
const LINE_RATING = new RegExp(String.raw`(${NUMBER})\s*(?:kg|lbs?)?\s*(?:–|—|-|to)\s*(${NUMBER})\s*(kg|lb)s?\b`, 'i')
const LENGTH = new RegExp(
  String.raw`(?<![\d.,/])(?:${NUMBER})\s*(?:'|′|ft|feet)\s*(?:(?:${NUMBER})\s*(?:"|″|in(?:ch(?:es)?)?)?)?|\b\d+m\d{2}\b|\b\d+(?:[.,]\d+)?\s*(?:m|cm)\b`,
  'i',
)
const TEST = new RegExp(String.raw`\b(\d+(?:[.,]\d+)?)\s*(kg|lb)s?\b`, 'i')
const DIAMETER = /\b([01]?[.,]\d+)\s*mm\b/i
/** Hundredths of a millimetre: "15/100". */
const HUNDREDTHS = /\b(\d{1,2})\s*\/\s*100\b/
const RATIO = /\b(\d+(?:[.,]\d+)?)\s*:\s*1\b/

/** The words and letters that labels use, longest first, so that "medium heavy" is not read as "medium". A letter by itself counts only as a capital. */
const POWERS: readonly (readonly [RegExp, RodPower])[] = [
  [/\bultra[ -]?light\b|\bUL\b/i, 'ultralight'],
  [/\bextra[ -]?heavy\b|\bXH\b/i, 'extra-heavy'],
  [/\bmedium[ -]heavy\b|\bMH\b/i, 'medium-heavy'],
  [/\bmedium[ -]light\b|\bML\b/i, 'medium-light'],
  [/\bheavy\b/i, 'heavy'],
  [/\blight\b/i, 'light'],
  [/\bmedium\b/i, 'medium'],
  [/\bH\b/, 'heavy'],
  [/\bL\b/, 'light'],
  [/\bM\b/, 'medium'],
]
const ACTIONS: readonly (readonly [RegExp, RodAction])[] = [
  [/\bextra[ -]?fast\b|\bXF\b/i, 'extra-fast'],
  [/\bmod(?:erate)?[ -]fast\b|\bMF\b/i, 'moderate-fast'],
  [/\bfast\b/i, 'fast'],
  [/\bF\b/, 'fast'],
  [/\bmoderate\b|\bmod\b/i, 'moderate'],
  [/\bslow\b|\bparabolic\b/i, 'slow'],
]
const KINDS: readonly (readonly [RegExp, RodKind])[] = [
  [/\bbait ?cast(?:er|ing)?\b|\bcasting\b/i, 'casting'],
  [/\bspin(?:ning)?\b/i, 'spinning'],
  [/\bsurf\b/i, 'surf'],
  [/\bjigging\b/i, 'jigging'],
  [/\btroll(?:ing)?\b/i, 'trolling'],
  [/\bfly\b/i, 'fly'],
]
/** Reels of which the label says more than its rod does. */
const REELS: readonly (readonly [RegExp, 'overhead'])[] = [[/\boverhead\b|\bmultiplier\b/i, 'overhead']]
const MATERIALS: readonly (readonly [RegExp, LineMaterial])[] = [
  [/\bfluoro(?:carbon)?\b/i, 'fluorocarbon'],
  [/\bbraid(?:ed)?\b/i, 'braid'],
  [/\bnylon\b|\bmono(?:filament)?\b/i, 'nylon'],
  [/\bwire\b/i, 'wire'],
]

/** A rod as it is put on the rack: what its label does not say is a spinning rod with braid until it is filled in. */
export function rackedAs({ rod, line, reel }: Omit<LabelRead, 'left'>, id: string, name: string): Outfit {
  return {
    id,
    name,
    rod: { kind: 'spinning', ...rod },
    line: { material: 'braid', ...line },
    ...(Object.keys(reel).length === 0 ? {} : { reel }),
  }
}

/**
 * Reads a rod as its label reads, in any order: "2.1 m, 7–28 g, medium-heavy, fast", "7'0\\" MH 1/4–1 oz casting", with the line on it if it is named ("0.28 mm braid 10 kg", "6.4:1").
 * What is not understood is handed back in `left`, so that it can be said.
 */
export function readOutfitLabel(text: string, system: UnitSystem): LabelRead {
  let left = ` ${knownInEnglish(withoutSigns(text)).replaceAll('’', "'").replaceAll('”', '"').replaceAll(/\s+/g, ' ')} `
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(left)
    if (found) left = `${left.slice(0, found.index)} ${left.slice(found.index + found[0].length)}`
    return found
  }
  const word = <T>(list: readonly (readonly [RegExp, T])[]): T | undefined =>
    list.find(([pattern]) => take(pattern))?.[1]
  const value = (dimension: 'weight' | 'depth' | 'strength', typed: string) => {
    const parsed = parseQuantity(dimension, typed, system)
    return parsed.ok ? parsed.value : null
  }
  const rod: Partial<Outfit['rod']> = {}
  const line: Partial<Outfit['line']> = {}

  const window = take(WINDOW)
  if (window) {
    const unit = window[4]!
    const [low, high] = [value('weight', `${window[1]} ${window[2] ?? unit}`), value('weight', `${window[3]} ${unit}`)]
    if (low !== null && high !== null && low <= high) Object.assign(rod, { lureMinG: low, lureMaxG: high })
    else left += ` ${window[0]}`
  }
  const fractions = window ? null : take(WINDOW_OF_FRACTIONS)
  if (fractions) {
    const [low, high] = [value('weight', `${fractions[1]} oz`), value('weight', `${fractions[2]} oz`)]
    if (low !== null && high !== null && low <= high) Object.assign(rod, { lureMinG: low, lureMaxG: high })
    else left += ` ${fractions[0]}`
  }
  const upTo = window || fractions ? null : take(WINDOW_UP_TO)
  const most = upTo ? value('weight', `${upTo[1]} ${upTo[2]}`) : null
  if (most !== null) rod.lureMaxG = most
  const rating = take(LINE_RATING)
  const ratedKg = rating ? value('strength', `${rating[2]} ${rating[3]}`) : null
  if (ratedKg !== null) rod.lineMaxKg = ratedKg
  const ratio = take(RATIO)
  const diameter = take(DIAMETER)
  const hundredths = diameter ? null : take(HUNDREDTHS)
  if (diameter) line.diameterMm = Number(diameter[1]!.replace(',', '.'))
  else if (hundredths) line.diameterMm = Number(hundredths[1]) / 100
  const test = take(TEST)
  const testKg = test ? value('strength', test[0].trim()) : null
  if (testKg !== null) line.testKg = testKg
  const length = take(LENGTH)
  const lengthM = length ? value('depth', length[0].trim()) : null
  if (lengthM !== null) rod.lengthM = Number(lengthM.toFixed(3))
  const material = word(MATERIALS)
  if (material) line.material = material
  const reelKind = word(REELS)
  const kind = word(KINDS)
  if (kind) rod.kind = kind
  const action = word(ACTIONS)
  if (action) rod.action = action
  const power = word(POWERS)
  if (power) rod.power = power
  return {
    rod,
    line,
    reel: { ...(reelKind ? { kind: reelKind } : {}), ...(ratio ? { ratio: Number(ratio[1]!.replace(',', '.')) } : {}) },
    left: left
      .replaceAll(/[,;/·]|\bc\.?w\.|\b(?:rod|power|action|line|reel|lure|weight|test)s?\b/gi, ' ')
      .replaceAll(/\s+/g, ' ')
      .trim(),
  }
}
