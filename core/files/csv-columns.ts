import { meaningOf } from '#core/knowledge'
import type { Blade, LureHook } from '#core/tackle'
import { ACTION_STYLES, BLADE_FINISHES, BLADE_SHAPES, BUOYANCIES, FAMILIES, FINISHES, HOOK_KINDS, METALS, MODES, PATTERNS, ROLES, SOUNDS } from '#core/terms'
import { type Dimension, DIMENSIONS, parseQuantity } from '#core/units'

/** A cell that was read, or why it could not be. */
export type Cell = { readonly ok: true, readonly value: unknown } | { readonly ok: false, readonly message: string }

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
  readonly read: (text: string, unit: string | null) => Cell
}

const good = (value: unknown): Cell => ({ ok: true, value })
const bad = (message: string): Cell => ({ ok: false, message })

const asText = { write: String, read: good }
const asNumber = {
  write: String,
  read: (text: string): Cell => {
    const value = Number(text.replace(',', '.'))
    return Number.isFinite(value) && text.trim() !== '' ? good(value) : bad(`“${text}” is not a number`)
  },
}
const YES = /^(yes|y|true|1|x)$/i
const NO = /^(no|n|false|0|-)$/i
const asFlag = {
  write: String,
  read: (text: string): Cell => (YES.test(text) ? good(true) : NO.test(text) ? good(false) : bad(`“${text}” is neither yes nor no`)),
}
const asJson = {
  write: (value: unknown) => JSON.stringify(value),
  read: (text: string): Cell => {
    try {
      return good(JSON.parse(text) as unknown)
    }
    catch {
      return bad('is not readable as JSON')
    }
  },
}

function oneOf(values: readonly string[]): Pick<CsvColumn, 'write' | 'read'> {
  return {
    write: String,
    read: (text) => {
      const id = text.trim().toLowerCase().replaceAll(' ', '-')
      return values.includes(id) ? good(id) : bad(`“${text}” is none of ${values.join(', ')}`)
    },
  }
}

/** A kind in the trade's words; one that could be several is asked back. */
const asFamily: Pick<CsvColumn, 'write' | 'read'> = {
  write: String,
  read: (text) => {
    const exact = text.trim().toLowerCase().replaceAll(' ', '-')
    if ((FAMILIES as readonly string[]).includes(exact)) return good(exact)
    const families = meaningOf(text)?.families
    if (!families) return bad(`“${text}” is no kind of lure that is known`)
    return families.length === 1 ? good(families[0]) : bad(`“${text}” may be ${families.join(', ')}: say which`)
  },
}

function quantity(dimension: Dimension): Pick<CsvColumn, 'write' | 'read' | 'dimension'> {
  return {
    dimension,
    // Figures that only powers of ten can write are no figures of lures; the `more` column carries them.
    write: value => (String(value).includes('e') ? '' : String(value)),
    read: (text, unit) => {
      const isBare = /^[\d\s.,/+½¼¾⅛⅜⅝⅞-]+$/.test(text)
      const parsed = parseQuantity(dimension, isBare && unit ? `${text} ${unit}` : text)
      return parsed.ok ? good(parsed.value) : bad(parsed.message)
    },
  }
}

const LIST_SEPARATOR = /\s*;\s*/
/** `2 x treble 6; 1 x single 4/0`. */
const asHooks: Pick<CsvColumn, 'write' | 'read'> = {
  write: value => (value as LureHook[]).map(({ kind, size, count }) => [...(count == null ? [] : [`${count} x`]), kind, size].filter(x => x != null).join(' ')).join('; '),
  read: (text) => {
    const hooks: LureHook[] = []
    for (const piece of text.split(LIST_SEPARATOR).filter(Boolean)) {
      const match = /^(?:(\d+)\s*[x×]\s*)?([a-z-]+)(?:\s+#?(\d+(?:\/0)?))?$/i.exec(piece)
      const kind = HOOK_KINDS.find(k => k === match?.[2]?.toLowerCase())
      if (!match || !kind) return bad(`“${piece}” is no hook like “2 x treble 6”`)
      hooks.push({ kind, ...(match[3] ? { size: match[3] } : {}), ...(match[1] ? { count: Number(match[1]) } : {}) })
    }
    return good(hooks)
  },
}
/** `colorado 4 hammered gold; willow 5`: the front blade last. */
const asBlades: Pick<CsvColumn, 'write' | 'read'> = {
  write: value => (value as Blade[]).map(({ shape, size, finish, metal }) => [shape, size, finish, metal].filter(x => x != null).join(' ')).join('; '),
  read: (text) => {
    const blades: Blade[] = []
    for (const piece of text.split(LIST_SEPARATOR).filter(Boolean)) {
      const words = piece.toLowerCase().split(/\s+/)
      const pick = <T extends string>(values: readonly T[]) => values.find(v => words.includes(v))
      const shape = pick(BLADE_SHAPES)
      if (!shape) return bad(`“${piece}” names no blade shape; known are ${BLADE_SHAPES.join(', ')}`)
      const size = words.find(w => /^\d+(\.\d+)?$/.test(w))
      const [finish, metal] = [pick(BLADE_FINISHES), pick(METALS)]
      blades.push({ shape, ...(size ? { size: Number(size) } : {}), ...(finish ? { finish } : {}), ...(metal ? { metal } : {}) })
    }
    return good(blades)
  },
}

const column = (path: string, label: string, kind: Pick<CsvColumn, 'write' | 'read'> & { dimension?: Dimension }, ...alsoCalled: string[]): CsvColumn => ({ path, label, alsoCalled, ...kind })

export const CSV_COLUMNS: readonly CsvColumn[] = [
  column('id', 'id', asText), column('name', 'name', asText, 'lure', 'bait', 'title', 'description'),
  column('family', 'kind', asFamily, 'family', 'type', 'category', 'lure type'), column('style', 'style', asText, 'sub type', 'subtype'), column('role', 'used as', oneOf(ROLES), 'role'),
  column('lengthMm', 'length', quantity('length'), 'size', 'len'), column('weightG', 'weight', quantity('weight'), 'mass', 'wt'), column('labelWeightG', 'weight on the packet', quantity('weight'), 'label weight', 'printed weight'),
  column('bulk', 'bulk', asNumber), column('colours.pattern', 'pattern', oneOf(PATTERNS), 'colour pattern', 'color pattern'),
  column('colours.back', 'back', asText, 'back colour'), column('colours.side', 'side', asText, 'side colour'), column('colours.belly', 'belly', asText, 'belly colour'), column('colours.accent', 'accent', asText, 'accent colour'),
  column('colours.metal', 'metal', oneOf(METALS)), column('colours.finish', 'finish', oneOf(FINISHES)), column('colours.fluorescent', 'fluorescent', asFlag, 'uv'),
  column('sound', 'sound', oneOf(SOUNDS), 'rattle'), column('actionStyle', 'action', oneOf(ACTION_STYLES)), column('vibration', 'thump', asNumber, 'vibration'), column('flash', 'flash', asNumber), column('intensity', 'liveliness', asNumber, 'intensity'),
  column('buoyancy', 'in the water', oneOf(BUOYANCIES), 'buoyancy', 'floats'), column('fallRateMs', 'fall rate', quantity('speed'), 'sink rate'),
  column('runsAt.depthM', 'runs at', quantity('depth'), 'depth', 'running depth', 'dives to'), column('runsAt.lineDiameterMm', 'runs at: line', quantity('diameter')), column('runsAt.castM', 'runs at: cast', quantity('depth')),
  column('runsAt.mode', 'runs at: mode', oneOf(MODES)), column('runsAt.tipM', 'runs at: rod tip', quantity('depth')), column('runsAt.speedMs', 'runs at: speed', quantity('speed')),
  column('speed.minMs', 'slowest', quantity('speed')), column('speed.bestMs', 'best speed', quantity('speed'), 'speed'), column('speed.maxMs', 'fastest', quantity('speed')),
  column('blades', 'blades', asBlades), column('hooks', 'hooks', asHooks, 'hook'), column('snagGuard', 'snag guard', asNumber, 'weed guard'), column('scented', 'scented', asFlag, 'scent'),
  column('quantity', 'pieces', asNumber, 'quantity', 'qty', 'count', 'stock'), column('box', 'box', asText, 'case', 'tray'), column('slot', 'slot', asText, 'compartment', 'place'),
  column('parentId', 'made from', asText), column('changes', 'changes', asJson), column('condition', 'condition', asText, 'state'), column('price', 'price', asNumber, 'cost'),
  column('fishCount', 'fish', asNumber, 'fish caught', 'catches'), column('confidence', 'your trust', asNumber, 'confidence', 'rating'), column('notes', 'notes', asText, 'note', 'comment', 'comments', 'remarks', 'colour', 'color'),
]

export function csvColumn(path: string): CsvColumn | null {
  return CSV_COLUMNS.find(c => c.path === path) ?? null
}

/** Heading with the unit in which its bare figures stand: `weight (g)`. */
export function headingOf({ label, dimension }: CsvColumn): string {
  return dimension ? `${label} (${DIMENSIONS[dimension][0]!.symbol})` : label
}
