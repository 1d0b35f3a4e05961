import { inEnglish, type LureRead, readColours, readHooks, readKind, readLureLine, readTraits } from '#core/catalogue'
import { FAMILY_TABLE, STYLE_TABLE } from '#core/knowledge'
import { type Message, message } from '#core/message'
import type { Blade, LureHook } from '#core/tackle'
import {
  ACTION_STYLES,
  BLADE_FINISHES,
  BLADE_SHAPES,
  BUOYANCIES,
  FAMILIES,
  type Family,
  FINISHES,
  METALS,
  MODES,
  PATTERNS,
  ROLES,
  SOUNDS,
} from '#core/terms'
import { type Dimension, DIMENSIONS, parseQuantity, type UnitSystem } from '#core/units'

/** A cell that was read, or why it could not be. `fields`: what it says beside its own column, by path; `guess`: what was guessed. */
export type Cell =
  | {
      readonly ok: true
      readonly value: unknown
      readonly fields?: Readonly<Record<string, unknown>>
      readonly guess?: Message
    }
  | { readonly ok: false; readonly message: Message }

/** What a cell is read with. */
export interface CellContext {
  /** Unit of bare figures. */
  readonly unit: string | null
  /** `1,200` is twelve hundred. */
  readonly thousands: boolean
  /** Kind of the lure, when the row says it. */
  readonly family: Family | null
  readonly system: UnitSystem
}

/** For a cell that stands alone. */
export const NO_CONTEXT: CellContext = { unit: null, thousands: false, family: null, system: 'metric' }

/** One column of the lure table: where its value lives in a lure, and how it is written and read. */
export interface CsvColumn {
  /** Where it stands in a lure: `colours.side`. */
  readonly path: string
  /** Heading without the unit. */
  readonly label: string
  readonly dimension?: Dimension
  /** Other headings it is known by, lower case. Common practice, no source. */
  readonly alsoCalled: readonly string[]
  readonly write: (value: unknown) => string
  readonly read: (text: string, context: CellContext) => Cell
  /** Written when lures go out as a table. */
  readonly isWritten: boolean
}

const good = (
  value: unknown,
  more: { readonly fields?: Readonly<Record<string, unknown>>; readonly guess?: Message } = {},
): Cell => ({ ok: true, value, ...more })
const bad = (why: Message): Cell => ({ ok: false, message: why })

const asText = { write: String, read: (text: string): Cell => good(text) }
const asNumber = {
  write: String,
  read: (text: string): Cell => {
    const value = Number(text.replace(/^[^\d.,+-]+|[^\d.,]+$/g, '').replace(',', '.'))
    return Number.isFinite(value) && /\d/.test(text) ? good(value) : bad(message('csv.no-number', { text }))
  },
}
/** "1 doz", "2 pairs": pieces that are counted in lots. */
const LOTS: readonly (readonly [RegExp, number])[] = [
  [/doz/i, 12],
  [/pairs?\b/i, 2],
]
const asPieces = {
  write: String,
  read: (text: string): Cell => {
    const read = asNumber.read(text)
    const lot = LOTS.find(([words]) => words.test(text))?.[1]
    return read.ok && lot !== undefined ? good((read.value as number) * lot) : read
  },
}
const YES = /^(yes|y|true|1|x)$/i
const NO = /^(no|n|false|0|-)$/i
const asFlag = {
  write: String,
  read: (text: string): Cell =>
    YES.test(text) ? good(true) : NO.test(text) ? good(false) : bad(message('csv.yes-or-no', { text })),
}
const asJson = {
  write: (value: unknown) => JSON.stringify(value),
  read: (text: string): Cell => {
    try {
      return good(JSON.parse(text) as unknown)
    } catch {
      return bad(message('csv.no-json'))
    }
  },
}

function oneOf(values: readonly string[]): Pick<CsvColumn, 'write' | 'read'> {
  return {
    write: String,
    read: text => {
      const id = text.trim().toLowerCase().replaceAll(' ', '-')
      return values.includes(id) ? good(id) : bad(message('csv.none-of', { text, values: { joined: values } }))
    },
  }
}

/** Rattles: said as a yes or a no as often as by name. */
const asSound: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: text =>
    YES.test(text) || /^rattl/i.test(text)
      ? good('rattle')
      : NO.test(text) || /^(none|quiet)$/i.test(text)
        ? good('silent')
        : /^(one )?knock/i.test(text)
          ? good('knock')
          : oneOf(SOUNDS).read(text, NO_CONTEXT),
}
const BUOYANT: readonly (readonly [RegExp, string])[] = [
  [/^(float|f$)/i, 'floats'],
  [/^(suspend|hang|neutral|s[pu]$)/i, 'hangs'],
  [/^(slow(ly)?[ -]sink|ss$)|sinks?[ -]slow/i, 'sinks-slowly'],
  [/^(sink|s$)/i, 'sinks'],
]
const asBuoyancy: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: text => {
    const word = BUOYANT.find(([pattern]) => pattern.test(inEnglish(text.trim())))?.[1]
    return word ? good(word) : oneOf(BUOYANCIES).read(text, NO_CONTEXT)
  },
}
const SWATCH = /^#(?:[0-9a-f]{6}|[0-9a-f]{3})$/i
/** One zone's colour: a swatch, or the word for it. */
const asSwatch: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: text => {
    if (/^#[0-9a-f]{6}$/i.test(text.trim())) return good(text.trim())
    const { side } = readColours(text)
    if (!side) return bad(message('csv.no-swatch', { text }))
    return SWATCH.test(text.trim()) ? good(side) : good(side, { guess: message('csv.swatch', { text, colour: side }) })
  },
}

function kindGuess(text: string, { family, or }: { readonly family: Family; readonly or: readonly Family[] }): Message {
  return message('csv.kind-guess', {
    text,
    kind: FAMILY_TABLE[family].label,
    others: { joined: or.map(f => FAMILY_TABLE[f].label) },
  })
}

/** A kind in the trade's words, or `topwater: popper`; where it could be several the likeliest is taken and told. */
const asFamily: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: text => {
    const [family = '', style] = text
      .trim()
      .toLowerCase()
      .split(/\s*:\s*/)
    const exact = FAMILIES.find(f => f === family.replaceAll(' ', '-'))
    if (exact) return good(exact, style && style in (STYLE_TABLE[exact] ?? {}) ? { fields: { style } } : {})
    const kind = readKind(text)
    if (!kind) return bad(message('csv.no-kind', { text }))
    return good(kind.family, {
      fields: { ...readTraits(text, kind.family), ...(kind.style ? { style: kind.style } : {}) },
      ...(kind.or.length > 0 ? { guess: kindGuess(text, kind) } : {}),
    })
  },
}

/** A style by its own name or by the words for it; any other text stands as it is. */
const asStyle: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: (text, { family }) => {
    const id = text.trim().toLowerCase().replaceAll(' ', '-')
    const isKnown = family !== null && id in (STYLE_TABLE[family] ?? {})
    return good(isKnown || family === null ? text : (readTraits(text, family).style ?? text))
  },
}

/** Colours in words: pattern, zones, metal and finish at once. */
const asColours: Pick<CsvColumn, 'write' | 'read'> = {
  write: () => '',
  read: (text, { family }) => {
    const colours = readColours(text, family)
    return Object.keys(colours).length === 0
      ? bad(message('csv.no-colour', { text }))
      : good(undefined, {
          fields: Object.fromEntries(Object.entries(colours).map(([key, value]) => [`colours.${key}`, value])),
        })
  },
}

/** What a lure said in words is, beside its kind, its name and what was not understood: by path. */
export function figuresOf(read: LureRead): Record<string, unknown> {
  const { weightG, lengthMm, depthM, quantity: pieces, box, slot, colours, traits } = read
  const figures = {
    ...traits,
    'hooks': read.hooks ?? traits.hooks,
    weightG,
    lengthMm,
    'runsAt.depthM': depthM,
    'quantity': pieces,
    box,
    slot,
    ...Object.fromEntries(Object.entries(colours).map(([key, value]) => [`colours.${key}`, value])),
  }
  return Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== undefined))
}

/** A whole lure in words, as jotted on a list. */
const asLureLine: Pick<CsvColumn, 'write' | 'read'> = {
  write: () => '',
  read: (text, { system }) => {
    const read = readLureLine(text, system)
    const { kind, left } = read
    if (!kind) return bad(message('csv.no-kind', { text }))
    const fields = {
      name: text.split(/(?<!\d),|,(?!\d)|[;\t]/)[0]!.trim(),
      family: kind.family,
      ...figuresOf(read),
      ...(left ? { notes: left } : {}),
    }
    return good(undefined, { fields, ...(kind.or.length > 0 ? { guess: kindGuess(kind.words, kind) } : {}) })
  },
}

/** Figures without a unit. */
export const BARE = /^[\d\s.,/+½¼¾⅛⅜⅝⅞-]+$/
const THOUSANDS = /(\d),(?=\d{3}(?!\d))/g
/** "4–6 ft", "5 to 7", "1 à 1,5 m": both ends, and what follows. */
const RANGE =
  /^\s*([\d.,/ ½¼¾⅛⅜⅝⅞]+?)\s*([a-z"'″′]*)\s*(?:–|—|-|to|bis|à|a|tot|till|til|do|\.\.)\s*([\d.,/ ½¼¾⅛⅜⅝⅞]+?)\s*([a-z/"'″′]*)\s*$/i

function quantity(dimension: Dimension): Pick<CsvColumn, 'write' | 'read' | 'dimension'> {
  const readOne = (text: string, unit: string | null) =>
    parseQuantity(dimension, BARE.test(text) && unit ? `${text} ${unit}` : text)
  return {
    dimension,
    // Figures that only powers of ten can write are no figures of lures; the `more` column carries them.
    write: value => (String(value).includes('e') ? '' : String(value)),
    read: (given, { unit, thousands }) => {
      const text = thousands ? given.replaceAll(THOUSANDS, '$1') : given
      const parsed = readOne(text, unit)
      if (parsed.ok) return good(parsed.value)
      const range = RANGE.exec(text)
      const [low, high] = range
        ? [readOne(`${range[1]} ${range[2] || range[4]}`.trim(), unit), readOne(`${range[3]} ${range[4]}`.trim(), unit)]
        : []
      return low?.ok && high?.ok && low.value <= high.value
        ? good((low.value + high.value) / 2, { guess: message('csv.middle', { text: given }) })
        : bad(parsed.message)
    },
  }
}

const LIST_SEPARATOR = /\s*;\s*/
/** `2 x treble 6; 1 x single 4/0`, and whatever else people write. */
const asHooks: Pick<CsvColumn, 'write' | 'read'> = {
  write: value =>
    (value as LureHook[])
      .map(({ kind, size, count }) =>
        [...(count == null ? [] : [`${count} x`]), kind, size].filter(x => x != null).join(' '),
      )
      .join('; '),
  read: (text, { family }) => {
    const hooks = readHooks(text, family ? FAMILY_TABLE[family].hook.kind : 'treble')
    return hooks ? good(hooks) : bad(message('csv.no-hook', { text }))
  },
}
/** `colorado 4 hammered gold; willow 5`: the front blade last. */
const asBlades: Pick<CsvColumn, 'write' | 'read'> = {
  write: value =>
    (value as Blade[])
      .map(({ shape, size, finish, metal }) => [shape, size, finish, metal].filter(x => x != null).join(' '))
      .join('; '),
  read: text => {
    const { blades: inWords } = readTraits(text, 'spinnerbait')
    if (inWords && !/[\d;]/.test(text) && inWords.length > 1) return good(inWords)
    const blades: Blade[] = []
    for (const piece of text.split(LIST_SEPARATOR).filter(Boolean)) {
      const words = piece.toLowerCase().split(/\s+/)
      const pick = <T extends string>(values: readonly T[]) => values.find(v => words.includes(v))
      const shape = pick(BLADE_SHAPES)
      if (!shape) return bad(message('csv.no-blade', { text: piece, shapes: { joined: BLADE_SHAPES } }))
      const size = words.find(w => /^\d+(\.\d+)?$/.test(w))
      const [finish, metal] = [pick(BLADE_FINISHES), pick(METALS)]
      blades.push({
        shape,
        ...(size ? { size: Number(size) } : {}),
        ...(finish ? { finish } : {}),
        ...(metal ? { metal } : {}),
      })
    }
    return good(blades)
  },
}

const column = (
  path: string,
  label: string,
  kind: Pick<CsvColumn, 'write' | 'read'> & { dimension?: Dimension },
  ...alsoCalled: string[]
): CsvColumn => ({ path, label, alsoCalled, isWritten: true, ...kind })
/** A column that is only read: what it says stands in other columns. */
const readOnly = (
  path: string,
  label: string,
  kind: Pick<CsvColumn, 'write' | 'read'>,
  ...alsoCalled: string[]
): CsvColumn => ({ ...column(path, label, kind, ...alsoCalled), isWritten: false })

export const CSV_COLUMNS: readonly CsvColumn[] = [
  column('id', 'id', asText),
  column(
    'name',
    'name',
    asText,
    'lure',
    'bait',
    'title',
    'item',
    'lure name',
    'bait name',
    'description',
    'model',
    'what',
  ),
  column(
    'family',
    'kind',
    asFamily,
    'family',
    'type',
    'category',
    'lure type',
    'lure kind',
    'bait type',
    'kind of lure',
    'kind lure',
    'type lure',
    'what is it',
    'sort',
  ),
  column('style', 'style', asStyle, 'sub type', 'subtype'),
  column('role', 'used as', oneOf(ROLES), 'role'),
  column('lengthMm', 'length', quantity('length'), 'size', 'len', 'inches'),
  column('weightG', 'weight', quantity('weight'), 'mass', 'wt'),
  column('labelWeightG', 'weight on the packet', quantity('weight'), 'label weight', 'printed weight'),
  column('bulk', 'bulk', asNumber),
  column('colours.pattern', 'pattern', oneOf(PATTERNS), 'colour pattern', 'color pattern'),
  column('colours.back', 'back', asSwatch, 'back colour', 'second colour', 'colour 2', 'color 2'),
  column('colours.side', 'side', asSwatch, 'side colour'),
  column('colours.belly', 'belly', asSwatch, 'belly colour'),
  column('colours.accent', 'accent', asSwatch, 'accent colour'),
  column('colours.metal', 'metal', oneOf(METALS)),
  column('colours.finish', 'finish', oneOf(FINISHES)),
  column('colours.fluorescent', 'fluorescent', asFlag, 'uv'),
  column('sound', 'sound', asSound, 'rattle', 'rattles'),
  column('actionStyle', 'action', oneOf(ACTION_STYLES)),
  column('vibration', 'thump', asNumber, 'vibration'),
  column('flash', 'flash', asNumber),
  column('intensity', 'liveliness', asNumber, 'intensity'),
  column('buoyancy', 'in the water', asBuoyancy, 'buoyancy', 'floats'),
  column('fallRateMs', 'fall rate', quantity('speed'), 'sink rate'),
  column(
    'runsAt.depthM',
    'runs at',
    quantity('depth'),
    'depth',
    'running depth',
    'dives to',
    'dives',
    'runs',
    'dive',
    'max depth',
    'dive depth',
    'diving depth',
    'depth range',
  ),
  column('runsAt.lineDiameterMm', 'runs at: line', quantity('diameter')),
  column('runsAt.castM', 'runs at: cast', quantity('depth')),
  column('runsAt.mode', 'runs at: mode', oneOf(MODES)),
  column('runsAt.tipM', 'runs at: rod tip', quantity('depth')),
  column('runsAt.speedMs', 'runs at: speed', quantity('speed')),
  column('speed.minMs', 'slowest', quantity('speed')),
  column('speed.bestMs', 'best speed', quantity('speed'), 'speed'),
  column('speed.maxMs', 'fastest', quantity('speed')),
  column('blades', 'blades', asBlades),
  column('hooks', 'hooks', asHooks, 'hook', 'hook size'),
  column('snagGuard', 'snag guard', asNumber, 'weed guard'),
  column('scented', 'scented', asFlag, 'scent'),
  column(
    'quantity',
    'pieces',
    asPieces,
    'quantity',
    'qty',
    'count',
    'stock',
    'pcs',
    'number',
    'no',
    '#',
    '# of',
    'how many',
    'pieces left',
    'on hand',
  ),
  column('box', 'box', asText, 'case', 'tray', 'tackle box', 'bag', 'location', 'where'),
  column('slot', 'slot', asText, 'compartment', 'place'),
  column('parentId', 'made from', asText),
  column('changes', 'changes', asJson),
  column('condition', 'condition', asText, 'state'),
  column('price', 'price', asNumber, 'cost'),
  column('fishCount', 'fish', asNumber, 'fish caught', 'catches'),
  column('confidence', 'your trust', asNumber, 'confidence', 'rating'),
  column('notes', 'notes', asText, 'note', 'comment', 'comments', 'remark', 'remarks'),
  readOnly(
    'colours',
    'colour',
    asColours,
    'color',
    'colours',
    'colors',
    'paint',
    'color/pattern',
    'colour/pattern',
    'colour 1',
    'color 1',
  ),
  readOnly('words', 'in words', asLureLine, 'as written', 'list'),
]

export function csvColumn(path: string): CsvColumn | null {
  return CSV_COLUMNS.find(c => c.path === path) ?? null
}

/** Heading with the unit in which its bare figures stand: `weight (g)`. */
export function headingOf({ label, dimension }: CsvColumn): string {
  return dimension ? `${label} (${DIMENSIONS[dimension][0]!.symbol})` : label
}
