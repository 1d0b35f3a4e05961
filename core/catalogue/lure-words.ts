import {
  BLADE_WORDS,
  BLADED,
  FAMILY_TABLE,
  HOOK_WORDS,
  KIND_WORDS,
  LAST_WORDS,
  LURE_COLOUR_WORDS,
  STYLE_TABLE,
  STYLE_WORDS,
  TANDEM,
  TRAIT_WORDS,
  TWO_BLADES,
} from '#core/knowledge'
import type { Blade, LureHook } from '#core/tackle'
import {
  type BladeShape,
  type Buoyancy,
  FAMILIES,
  type Family,
  type Finish,
  HOOK_KINDS,
  type HookKind,
  isSoftBody,
  type Metal,
  type Pattern,
  PLUGS,
  type Role,
  type Sound,
} from '#core/terms'
import { parseHookSize, parseQuantity, type UnitSystem } from '#core/units'
import { FRACTION, NUMBER, PACKET, PIECES, piecesSaid, plain, spanIn, WEIGHT, withoutSigns } from './typed-figures'

/** A kind of lure read from words. */
export interface KindRead {
  readonly family: Family
  readonly style?: string
  /** Other kinds the words may mean; empty: they mean this one. */
  readonly or: readonly Family[]
  /** The words that said it. */
  readonly words: string
}

/** Colours read from words, as far as the words say. */
export interface ColoursRead {
  readonly pattern?: Pattern
  readonly side?: string
  readonly back?: string
  readonly belly?: string
  readonly accent?: string
  readonly metal?: Metal
  readonly finish?: Finish
  readonly fluorescent?: boolean
}

/** What the words beside a kind say of a lure, as far as they do. */
export interface TraitsRead {
  readonly style?: string
  readonly buoyancy?: Buoyancy
  readonly sound?: Sound
  readonly scented?: true
  readonly role?: Role
  readonly hooks?: readonly LureHook[]
  readonly snagGuard?: number
  readonly blades?: readonly Blade[]
}

/** A lure as one line of a list says it, and the words that were not understood. */
export interface LureRead {
  readonly kind: KindRead | null
  readonly colours: ColoursRead
  readonly traits: TraitsRead
  readonly weightG?: number
  readonly lengthMm?: number
  readonly depthM?: number
  readonly quantity?: number
  readonly hooks?: readonly LureHook[]
  readonly box?: string
  readonly slot?: string
  readonly left: string
}

interface Phrase {
  readonly words: string
  readonly family: Family
  readonly style?: string
  readonly or: readonly Family[]
  readonly apart: boolean
}

/** Every phrase for a kind, longest first and last words last: the families' own labels and ids, their styles with the family's name, and the words in use. */
const PHRASES: readonly Phrase[] = [
  ...FAMILIES.flatMap((family): Phrase[] => {
    const names = [...new Set([plain(FAMILY_TABLE[family].label), plain(family)])]
    const styles = Object.keys(STYLE_TABLE[family] ?? {})
    return [
      ...names.map(words => ({ words, family, or: [], apart: false })),
      ...styles.flatMap(style =>
        names.map(name => ({ words: `${plain(style)} ${name}`, family, style, or: [], apart: false })),
      ),
    ]
  }),
  ...KIND_WORDS.map(({ says, family, style, or = [], apart = false }): Phrase => ({
    words: plain(says),
    apart,
    family,
    ...(style ? { style } : {}),
    or,
  })),
].sort(
  (a, b) =>
    Number(LAST_WORDS.includes(a.words)) - Number(LAST_WORDS.includes(b.words)) ||
    b.words.length - a.words.length ||
    a.or.length - b.or.length,
)

/** The kind that a text names: the longest phrase of the trade in it, with the style that other words say; `null` when there is none. */
export function readKind(text: string): KindRead | null {
  const words = plain(text)
  const found = PHRASES.find(({ words: phrase, apart }) =>
    (apart ? phrase.split(' ') : [phrase]).every(part => spanIn(words, part)),
  )
  if (found === undefined) return null
  const { family, or } = found
  const style = found.style ?? styleIn(words, family)
  return { family, ...(style ? { style } : {}), or, words: found.words }
}

function styleIn(words: string, family: Family): string | undefined {
  return STYLE_WORDS[family]?.find(([says]) => spanIn(words, says))?.[1]
}

/** What the words beside the kind say of a lure: "suspending", "weedless", "double willow". */
export function readTraits(text: string, family: Family): TraitsRead {
  const words = plain(text)
  const kind = readKind(text)
  const style = kind?.family === family ? kind.style : styleIn(words, family)
  const said = TRAIT_WORDS.filter(({ says, of }) => (of === undefined || of.includes(family)) && spanIn(words, says))
  const first = <K extends keyof (typeof said)[number]>(key: K) => said.find(word => word[key] !== undefined)?.[key]
  const hook = first('hook')
  const blades = BLADED.includes(family) ? bladesIn(words) : []
  const traits = {
    style,
    buoyancy: first('buoyancy'),
    sound: first('sound'),
    scented: first('scented'),
    role: first('role'),
    hooks: hook && [{ kind: hook }],
    snagGuard: first('snagGuard'),
    blades: blades.length > 0 ? blades : undefined,
  }
  return Object.fromEntries(Object.entries(traits).filter(([, value]) => value !== undefined))
}

/** Blades by shape as words name them, the front one last; as many of one shape as are said. */
function bladesIn(words: string): readonly Blade[] {
  const shapes = BLADE_WORDS.flatMap(([says, shape]) => {
    const span = spanIn(words, says)
    return span ? [{ at: span.from, shape }] : []
  })
    .sort((a, b) => a.at - b.at)
    .map(({ shape }) => shape)
  const named: readonly BladeShape[] = [...new Set(shapes)]
  if (named.length < 2 && spanIn(words, TANDEM.says)) return TANDEM.shapes.map(shape => ({ shape }))
  const twice = named.length === 1 && TWO_BLADES.some(word => spanIn(words, word))
  return [...named, ...(twice ? named : [])].map(shape => ({ shape }))
}

/** Bodies that are dressed or moulded in one colour, so that its second word is an accent, not a back. */
const ONE_BODY: readonly Family[] = [
  'skirted-jig',
  'hair-jig',
  'bladed-jig',
  'spinnerbait',
  'stick-worm',
  'worm',
  'tube',
  'grub',
  'craw',
  'creature',
]
const ZONES = { back: /^\s*back(?:ed)?\b/, belly: /^\s*belly\b/ } as const

/** Colours as packets and lists name them: "black/blue", "olive back, orange belly", "gold hammered". Empty when nothing is a colour. */
export function readColours(text: string, family: Family | null = null): ColoursRead {
  let words = plain(text.replaceAll(/[/,+&]/g, ' '))
  const found: { at: number; row: (typeof LURE_COLOUR_WORDS)[number]; zone: 'back' | 'belly' | null }[] = []
  for (const row of [...LURE_COLOUR_WORDS].sort((a, b) => b.says.length - a.says.length)) {
    const span = spanIn(words, row.says)
    if (!span) continue
    const after = words.slice(span.to)
    const zone = ZONES.back.test(after) ? 'back' : ZONES.belly.test(after) ? 'belly' : null
    found.push({ at: span.from, row, zone })
    words = `${words.slice(0, span.from)}${' '.repeat(span.to - span.from)}${after}`
  }
  found.sort((a, b) => a.at - b.at)
  const hex = /#([0-9a-f]{6}|[0-9a-f]{3})\b/i.exec(text)
  const swatches = found.filter(f => f.row.swatch !== null && f.zone === null)
  const side = hex ? wholeHex(hex[1]!) : (swatches[0]?.row.swatch ?? undefined)
  const second = swatches[hex ? 0 : 1]?.row.swatch ?? undefined
  const back =
    found.find(f => f.zone === 'back')?.row.swatch ??
    (second && !(family && ONE_BODY.includes(family)) ? second : undefined)
  const accent = second && family && ONE_BODY.includes(family) ? second : undefined
  const belly = found.find(f => f.zone === 'belly')?.row.swatch ?? undefined
  const pattern = found.find(f => f.row.pattern)?.row.pattern
  const metal = found.find(f => f.row.metal)?.row.metal
  const finish = found.find(f => f.row.finish)?.row.finish
  const glows = found.some(f => f.row.glows)
  return {
    ...(pattern ? { pattern } : {}),
    ...(side ? { side } : {}),
    ...(back ? { back } : {}),
    ...(belly ? { belly } : {}),
    ...(accent ? { accent } : {}),
    ...(metal ? { metal } : {}),
    ...(finish ? { finish } : {}),
    ...(glows ? { fluorescent: true } : {}),
  }
}

/** `#abc` written out. */
function wholeHex(digits: string): string {
  return `#${(digits.length === 3 ? [...digits].map(d => d + d).join('') : digits).toLowerCase()}`
}

/** Words for hooks and their ids, longest first. */
const HOOK_PHRASES: readonly (readonly [string, HookKind])[] = [
  ...HOOK_KINDS.map(kind => [plain(kind), kind] as const),
  ...HOOK_WORDS,
].sort((a, b) => b[0].length - a[0].length)

const NONE = /^(?:no hooks?|none|without|-|0)$/i
const SIZE = /#\s?(\d{1,2}(?:\/0)?)\b|\b(\d{1,2}\/0)\b|\b(?:size|gr|nr|no|n[°º]|str)\.?\s*(\d{1,2})\b/i
const BARE = /(?:^|[^\d/])(\d{1,2})(?=$|[^\d/])/
const COUNT =
  /(?:^|\s)(\d)\s*(?:[x×](?=[\s#\d])|(?=\s*(?:(?:#\s?\d{1,2}\s*)?(?:trebles|triples|singles|assists|hooks|doubles))))|[x×]\s*(\d)(?!\d)/i
/** "2 treble gr. 10": where the size is called one, the other figure counts. */
const COUNT_BESIDE_SIZE =
  /(?:^|\s)(\d)\s+(?=(?:treble|single|assist|hook|double)\s+(?:#|(?:size|gr|nr|no|n[°º]|str)\.?\s*\d))/i

/**
 * Hooks as people write them: "2 trebles #6", "#4 treble x2", "3/0 offset", "size 4", "2x 6".
 *
 * @param usual kind when the words name none
 * @returns `null` when a piece is no hook
 */
export function readHooks(text: string, usual: HookKind): readonly LureHook[] | null {
  if (NONE.test(text.trim())) return []
  const hooks: LureHook[] = []
  for (const piece of text.split(/\s*(?:[;,&+]|\band\b)\s*/i).filter(p => p.trim() !== '')) {
    let words = plain(piece.replace(/([x×])/g, '$1'))
    const named = HOOK_PHRASES.find(([word]) => spanIn(words, word))
    const count = COUNT.exec(words) ?? COUNT_BESIDE_SIZE.exec(words)
    if (count) words = `${words.slice(0, count.index)} ${words.slice(count.index + count[0].length)}`
    const sized = SIZE.exec(words) ?? BARE.exec(words)
    const size = sized ? parseHookSize((sized[1] ?? sized[2] ?? sized[3])!) : null
    if (!named && size === null) return null
    hooks.push({
      kind: named?.[1] ?? usual,
      ...(size ? { size } : {}),
      ...(count ? { count: Number(count[1] ?? count[2]) } : {}),
    })
  }
  return hooks
}

const LENGTH = new RegExp(String.raw`(?:^|[\s(])(${NUMBER})\s*(mm|cm|in\b|inch(?:es)?|"|″)`, 'i')
/** "runs 3-5 ft", "dives to 2 m", "20 ft": feet and metres of a lure are the depth at which it runs. */
const DEPTH = new RegExp(
  String.raw`(?:^|\s)(?:(?:runs?|running|dives?|diving)\s+)?(?:(?:at|to|down|about)\s+)*(${NUMBER})(?:\s*(?:-|–|to)\s*(${NUMBER}))?\s*(ft|feet|foot|'|′|m|metres?|meters?)(?=[\s;,.]|$)`,
  'i',
)
const HOOKED =
  /(?:^|\s)(?:\d\s*[x×]?\s*)?#\s?\d{1,2}(?:\/0)?(?:\s+[a-z]+)?(?=\s|$)|(?:^|\s)\d{1,2}\/0(?:\s+(?:hook|single|offset|jig|wide gap))?(?=\s|$)/i
const SLOT = /^[a-z]{1,2}\s?\d{1,2}$/i

/** A text without the words that name the kind: "black craw" is a black one, not a black and brown one. */
function besideKind(text: string, kind: KindRead | null): string {
  const words = plain(text)
  const span = kind && spanIn(words, kind.words)
  return span ? `${words.slice(0, span.from)} ${words.slice(span.to)}` : words
}

/**
 * One line of a list as an angler jots it: "3/8 black blue jig, river, A3": kind, colours, weight (a bare fraction is ounces), length, pieces, hooks, then the box and the slot it lives in.
 * What is not understood is handed back in `left`.
 *
 * @param known kind of the lure where something else says it
 */
export function readLureLine(line: string, system: UnitSystem, known?: Family): LureRead {
  const [first = '', ...rest] = line
    .split(/(?<!\d),|,(?!\d)|[;\t]/)
    .map(part => part.trim())
    .filter(Boolean)
  const said: string[] = [first]
  const places: string[] = []
  for (const part of rest) (understood(part) ? said : places).push(part)
  let left = ` ${withoutSigns(said.join(' '))} `.replaceAll(/ {2,}/g, ' ')
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left)
    if (match) left = `${left.slice(0, match.index)} ${left.slice(match.index + match[0].length)}`
    return match
  }
  const quantityOf = (dimension: 'weight' | 'length' | 'depth', typed: string): number | undefined => {
    const parsed = parseQuantity(dimension, typed, system)
    return parsed.ok ? parsed.value : undefined
  }
  const whole = left
  const kind = readKind(whole)
  const family = known ?? kind?.family ?? null
  const packet = take(PACKET)
  const depths = take(DEPTH)
  const weight = take(WEIGHT)
  const length = take(LENGTH)
  const hooked = take(HOOKED)
  const fraction = weight ? null : take(FRACTION)
  const pieces = take(PIECES)
  // The weight of a head is not that of the body on it.
  const isHeads = family !== null && isSoftBody(family) && spanIn(plain(whole), 'head') !== null
  const weightG = isHeads
    ? undefined
    : weight
      ? quantityOf('weight', `${weight[1]} ${weight[2]}`)
      : fraction
        ? quantityOf('weight', `${fraction[1]} oz`)
        : undefined
  const bare = length || family === null || !PLUGS.includes(family) ? null : BARE_LENGTH.exec(left)
  const lengthMm = length
    ? quantityOf('length', `${length[1]} ${length[2]}`)
    : bare && isPlugLength(Number(bare[1]))
      ? Number(bare[1])
      : undefined
  const [shallow, deep] = [depths?.[1], depths?.[2]].map(typed =>
    typed === undefined ? undefined : quantityOf('depth', `${typed} ${depths![3]}`),
  )
  const depthM = shallow !== undefined && deep !== undefined ? (shallow + deep) / 2 : shallow
  const colours = readColours(besideKind(left, kind), family)
  const hooks = hooked ? readHooks(hooked[0], family ? FAMILY_TABLE[family].hook.kind : 'treble') : null
  const slot = places.find(p => SLOT.test(p))
  const box = places.find(p => p !== slot)
  return {
    kind,
    colours,
    traits: family ? readTraits(whole, family) : {},
    ...(weightG === undefined ? {} : { weightG }),
    ...(lengthMm === undefined ? {} : { lengthMm }),
    ...(depthM === undefined ? {} : { depthM }),
    ...(pieces || packet ? { quantity: piecesSaid(packet) * piecesSaid(pieces) } : {}),
    ...(hooks && hooks.length > 0 ? { hooks } : {}),
    ...(box ? { box } : {}),
    ...(slot ? { slot } : {}),
    left: places.filter(p => p !== slot && p !== box).join(', '),
  }
}

/** A bare number behind the name of a plug is its length, with a letter or two for its lip or its buoyancy: "minnow 110 SP". Common practice, no source. */
const BARE_LENGTH = /(?:^|\s)(\d{2,3})(?:\s*(?:F|S|SP|SU|DD|DR|SR|MR))?(?=\s|$)/i
/** Plugs are between so long [mm]. Assumed. */
const isPlugLength = (mm: number) => mm >= 35 && mm <= 300

/** Whether a part of a list line says something of the lure, and not where it lives. */
function understood(part: string): boolean {
  if (SLOT.test(part)) return false
  return (
    [WEIGHT, FRACTION, LENGTH, DEPTH, PACKET, PIECES, HOOKED].some(pattern => pattern.test(` ${part} `)) ||
    readKind(part) !== null ||
    Object.keys(readColours(part)).length > 0
  )
}
