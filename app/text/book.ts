import {
  ACTION_TABLE,
  BLADE_BODIES,
  FAMILY_TABLE,
  KIND_WORDS,
  RIG_TEXT,
  TACTICS,
  type TechniqueRow,
  TECHNIQUES,
  CADENCE_TABLE,
} from '#core/knowledge'
import {
  ACTION_STYLES,
  type ActionStyle,
  BLADE_SHAPES,
  type BladeShape,
  type Cadence,
  CADENCES,
  FAMILIES,
  type Family,
  type Rig,
  RIGS,
} from '#core/terms'
import { formatQuantity, proseIn, type UnitSystem } from '#core/units'
import { TRADE_WORDS } from './help'
import { capital, familyLabel, words } from './labels'

/** What an entry of the book shows beside its words; a word of the trade has no picture. */
export type Pictured =
  | { readonly of: 'kind'; readonly family: Family }
  | { readonly of: 'rig'; readonly rig: Rig }
  | { readonly of: 'blade'; readonly shape: BladeShape }
  | { readonly of: 'action'; readonly action: ActionStyle }
  | { readonly of: 'cadence'; readonly cadence: Cadence }

export interface Entry {
  readonly id: string
  readonly name: string
  readonly lines: readonly string[]
  /** What else it is looked up by. */
  readonly also: string
  readonly picture: Pictured | null
}
export interface Chapter {
  readonly name: string
  readonly about: string
  readonly entries: readonly Entry[]
}

const CONTROL_WORDS: Record<TechniqueRow['control'], string> = {
  'surface': 'stays on top',
  'dive': 'goes as deep as its lip takes it',
  'count-down': 'is counted down',
  'bottom': 'goes along the bottom',
  'above-bottom': 'stands over the bottom',
  'vertical': 'is worked under the rod',
}
const ADDED_WORDS: Partial<Record<TechniqueRow['adds'], string>> = {
  'head': 'a jig head',
  'bullet': 'a pointed sinker',
  'drop-sinker': 'a sinker',
  'weighted-hook': 'a weighted hook',
  'clip-blade': 'a clip-on blade',
  'spoon': 'a spoon',
}
/** Uses that are named; the rest are many. */
const MOST_NAMED = 4

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)]
const sentence = (text: string) => `${capital(text)}.`
function named(all: readonly string[]): string {
  const some = all.slice(0, MOST_NAMED).join(', ')
  return all.length > MOST_NAMED ? `${some} and ${all.length - MOST_NAMED} more` : some
}

function kind(family: Family, system: UnitSystem): Entry {
  const row = FAMILY_TABLE[family]
  const figure = (dimension: Parameters<typeof formatQuantity>[0], value: number) =>
    formatQuantity(dimension, value, { system, exact: true })
  const [slow, best, fast] = row.speedMs
  const controls = unique(TECHNIQUES.filter(t => t.families.includes(family)).map(t => CONTROL_WORDS[t.control]))
  const tactics = TACTICS.filter(t => t.families.includes(family)).map(t => t.label)
  const lure = row.takesTrailer ? ' Takes a trailer.' : ''
  return {
    id: `kind-${family}`,
    name: capital(row.label),
    lines: [
      `Usually ${figure('length', row.lengthMm)} and ${figure('weight', row.weightG)}; ${words(row.buoyancy)}; works from ${figure('speed', slow)} to ${figure('speed', fast)}, best at ${figure('speed', best)}.${lure}`,
      ...(controls.length > 0 ? [sentence(`it ${controls.join(', or ')}`)] : []),
      ...(tactics.length > 0 ? [sentence(`for: ${named(tactics)}`)] : []),
    ],
    also: KIND_WORDS.filter(w => w.family === family)
      .map(w => w.says)
      .join(' '),
    picture: { of: 'kind', family },
  }
}

function rig(id: Rig): Entry {
  const rows = TECHNIQUES.filter(t => t.rig === id)
  const added = unique(rows.flatMap(t => ADDED_WORDS[t.adds] ?? []))
  return {
    id: `rig-${id}`,
    name: capital(words(id)),
    lines: [
      RIG_TEXT[id],
      sentence(`for ${named(unique(rows.flatMap(t => t.families)).map(familyLabel))}`),
      ...(added.length > 0 ? [sentence(`needs ${added.join(' or ')}`)] : []),
    ],
    also: TACTICS.filter(t => t.rigs.includes(id))
      .map(t => t.label)
      .join(' '),
    picture: { of: 'rig', rig: id },
  }
}

function action(id: ActionStyle): Entry {
  const { label, text, view } = ACTION_TABLE[id]
  const kinds = FAMILIES.filter(f => FAMILY_TABLE[f].action === id).map(familyLabel)
  return {
    id: `action-${id}`,
    name: capital(label),
    lines: [
      text,
      ...(kinds.length > 0 ? [sentence(`usual of ${named(kinds)}`)] : []),
      `Seen from ${view === 'side' ? 'the side' : view === 'front' ? 'the front' : 'above'}.`,
    ],
    also: id,
    picture: { of: 'action', action: id },
  }
}

/** `told`: the sentence of a cadence with the figures of its picture, where it is drawn already. */
function cadence(id: Cadence, told: string | null): Entry {
  const users = TACTICS.filter(t => t.cadences.some(c => c.cadence === id)).map(t => t.label)
  return {
    id: `cadence-${id}`,
    name: capital(CADENCE_TABLE[id].label),
    lines: [...(told ? [told] : []), ...(users.length > 0 ? [sentence(`for: ${named(users)}`)] : [])],
    also: id,
    picture: { of: 'cadence', cadence: id },
  }
}

/** The whole book in its chapters, told in the angler's units from the rows by which the program judges. */
export function bookOf(system: UnitSystem, told: Partial<Record<Cadence, string>> = {}): readonly Chapter[] {
  return [
    {
      name: 'Kinds of lure',
      about: 'With what is usual of each. Your own are as you measured them.',
      entries: FAMILIES.map(family => kind(family, system)),
    },
    { name: 'Rigs', about: 'What is tied to what.', entries: RIGS.map(rig) },
    {
      name: 'Blades',
      about: 'From the least thump to the most.',
      entries: [...BLADE_SHAPES]
        .sort((a, b) => BLADE_BODIES[a].drag - BLADE_BODIES[b].drag)
        .map(shape => ({
          id: `blade-${shape}`,
          name: capital(shape),
          lines: [BLADE_BODIES[shape].text],
          also: '',
          picture: { of: 'blade', shape },
        })),
    },
    { name: 'Actions', about: 'What a lure does by itself.', entries: ACTION_STYLES.map(action) },
    {
      name: 'Cadences',
      about:
        'What the hand does. Drawn out to the right, home to the rod; dotted while it falls, a ring where it rests.',
      entries: CADENCES.map(id => cadence(id, told[id] ?? null)),
    },
    {
      name: 'Words',
      about: 'Of the trade, and Ygrion’s few own ones.',
      entries: Object.entries(TRADE_WORDS).map(([name, text]) => ({
        id: `word-${name.replaceAll(' ', '-')}`,
        name: capital(name),
        lines: [proseIn(text, system)],
        also: '',
        picture: null,
      })),
    },
  ]
}

const wordsIn = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)

/** The chapters with those entries in which a word begins as each that is looked for, those that are called so first; a chapter without any is left out. */
export function lookedUp(book: readonly Chapter[], text: string): readonly Chapter[] {
  const wanted = wordsIn(text)
  if (wanted.length === 0) return book
  const fits = (all: string) => {
    const own = wordsIn(all)
    return wanted.every(word => own.some(w => w.startsWith(word)))
  }
  const found = book.flatMap(chapter => {
    const entries = chapter.entries.filter(({ name, lines, also }) => fits(`${name} ${lines.join(' ')} ${also}`))
    const [called, others] = [entries.filter(e => fits(e.name)), entries.filter(e => !fits(e.name))]
    return entries.length > 0 ? [{ ...chapter, entries: [...called, ...others] }] : []
  })
  const isCalled = ({ entries: [first] }: Chapter) => Number(fits(first!.name))
  return found.sort((a, b) => isCalled(b) - isCalled(a))
}
