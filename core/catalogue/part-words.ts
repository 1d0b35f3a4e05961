import { PART_MATERIALS, PART_WORDS, type PartWord } from '#core/knowledge'
import type { Part } from '#core/tackle'
import { parseHookSize, parseQuantity, type UnitSystem } from '#core/units'
import { readKind } from './lure-words'
import { FRACTION, NUMBER, PACKET, PIECES, piecesSaid, plain, spanIn, WEIGHT, withoutSigns } from './typed-figures'

/** A piece of hardware as one line of a list says it, without an id. */
export type PartRead = Omit<Part, 'id'>

const LONGEST_FIRST: readonly PartWord[] = [...PART_WORDS].sort((a, b) => b.says.length - a.says.length)
const rowIn = (words: string) => LONGEST_FIRST.find(({ says }) => spanIn(words, says)) ?? null

/** The hardware that a text names, where it names nothing else: "jig heads 7 g" is hardware, "shad on a jig head" a lure. */
export function partAlone(text: string): PartWord | null {
  const words = plain(text)
  const row = rowIn(words)
  const span = row && spanIn(words, row.says)
  return span && readKind(`${words.slice(0, span.from)} ${words.slice(span.to)}`) === null ? row : null
}
/** Between words, not within a figure. */
const COMMA = /(?<!\d),|,(?!\d)/g
const STRENGTH = new RegExp(String.raw`(?:^|\s)(${NUMBER})\s*(kg|lbs?)\b`, 'i')
const SIZE = /(?:^|\s)(\d{1,2}\/0)(?=\s|$)|(?:^|\s)(?:#|no\.?|nr\.?|size)\s*(\d{1,2}(?:\/0)?)(?=\s|$)/i
/**
 * One line of a list of hardware as an angler jots it: "5x round head 7 g 3/0", "tungsten bullet 1/4 oz (5 pk)": kind, shape, weight (a bare fraction is ounces), size of the hook,
 * what it holds, material and pieces. `null`: no word in it names a piece of hardware.
 */
export function readPartLine(line: string, system: UnitSystem): PartRead | null {
  const row = rowIn(plain(line.replaceAll(COMMA, ' ')))
  if (!row) return null
  let left = ` ${withoutSigns(line).replaceAll(COMMA, ' ').trim()} `
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left)
    if (match) left = `${left.slice(0, match.index)} ${left.slice(match.index + match[0].length)}`
    return match
  }
  const valueOf = (dimension: 'weight' | 'strength', typed: string): number | null => {
    const parsed = parseQuantity(dimension, typed, system)
    return parsed.ok ? parsed.value : null
  }
  const packet = take(PACKET)
  const pieces = take(PIECES)
  const name = left.replaceAll(/\s+/g, ' ').trim()
  const sized = take(SIZE)
  const strength = take(STRENGTH)
  const weight = take(WEIGHT)
  const fraction = weight ? null : take(FRACTION)
  const weightG = weight
    ? valueOf('weight', `${weight[1]} ${weight[2]}`)
    : fraction
      ? valueOf('weight', `${fraction[1]} oz`)
      : null
  const strengthKg = strength ? valueOf('strength', `${strength[1]} ${strength[2]}`) : null
  const size = sized ? parseHookSize(sized[1] ?? sized[2]!) : null
  const material = PART_MATERIALS.find(word => spanIn(plain(line), word))
  return {
    name,
    kind: row.kind,
    quantity: piecesSaid(packet) * piecesSaid(pieces),
    ...(row.shape ? { shape: row.shape } : {}),
    ...(row.hookKind ? { hookKind: row.hookKind } : {}),
    ...(weightG === null ? {} : { weightG }),
    ...(size === null ? {} : { size }),
    ...(strengthKg === null ? {} : { strengthKg }),
    ...(material === undefined ? {} : { material }),
  }
}

/** A part of the box that is the same piece as one that was read: only its number rises. */
export function sameAs(parts: readonly Part[], read: PartRead): Part | null {
  return (
    parts.find(
      part =>
        part.kind === read.kind &&
        (['shape', 'hookKind', 'size', 'material', 'weightG', 'strengthKg'] as const).every(
          field => (part[field] ?? null) === (read[field] ?? null),
        ),
    ) ?? null
  )
}
