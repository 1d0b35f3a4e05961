import { type KnownAs, type LureProfile, roleOf, usualFall } from '#core/lure'
import type { Colours, Lure } from '#core/tackle'
import { ACTION_STYLES, BUOYANCIES, FAMILIES, FINISHES, METALS, PATTERNS, ROLES, SOUNDS } from '#core/terms'
import type { Dimension } from '#core/units'

/** A lure with what the rest of the program knows of it. */
export interface Entry {
  readonly profile: LureProfile
  /** Score of its best set-up under the present reading, 0..1; `null`: cannot be fished now. */
  readonly fit: number | null
  /** Start of the last stint with it, ISO 8601. */
  readonly lastUsed: string | null
  readonly hasPhoto: boolean
}

export type AttributeValue = string | number | boolean | null
export interface Attribute {
  readonly id: string
  readonly label: string
  readonly kind: 'quantity' | 'number' | 'choice' | 'text' | 'flag' | 'date'
  readonly dimension?: Dimension
  readonly choices?: readonly string[]
  readonly of: (entry: Entry) => { readonly value: AttributeValue; readonly known: KnownAs }
  /** What changes in a lure when this is set; absent: it is worked out, or belongs to one lure only. */
  readonly set?: (lure: Lure, value: AttributeValue) => Partial<Lure>
}

type Of = Attribute['of']
type Set = NonNullable<Attribute['set']>
const own = (value: AttributeValue | undefined): ReturnType<Of> => ({ value: value ?? null, known: 'stated' })
const known =
  (pick: (p: LureProfile) => { value: AttributeValue; known: KnownAs } | null): Of =>
  ({ profile }) =>
    pick(profile) ?? own(null)
const field = (key: keyof Lure): { readonly of: Of; readonly set: Set } => ({
  of: ({ profile }) => own(profile.lure[key] as AttributeValue),
  set: (_, value) => ({ [key]: value }),
})
const setField =
  (key: keyof Lure): Set =>
  (_, value) => ({ [key]: value })
const setColour =
  (key: keyof Colours): Set =>
  (lure, value) => ({ colours: { ...lure.colours, [key]: value } })

const SOUND_WORDS = SOUNDS
const scale = (id: 'bulk' | 'vibration' | 'flash' | 'intensity', label: string): Attribute => ({
  id,
  label,
  kind: 'number',
  of: known(p => p[id]),
  set: setField(id),
})

/** Everything a lure can be sorted, filtered, compared or changed by, in the order of the table. */
export const ATTRIBUTES: readonly Attribute[] = [
  {
    id: 'fit',
    label: 'fits now',
    kind: 'number',
    of: ({ fit }) => ({ value: fit === null ? null : Math.round(fit * 100), known: 'computed' }),
  },
  { id: 'name', label: 'name', kind: 'text', of: ({ profile }) => own(profile.lure.name) },
  {
    id: 'family',
    label: 'kind',
    kind: 'choice',
    choices: FAMILIES,
    of: ({ profile }) => own(profile.lure.family),
    set: (_, value) => ({ family: value as Lure['family'], style: null }),
  },
  { id: 'style', label: 'style', kind: 'text', ...field('style') },
  {
    id: 'weight',
    label: 'weight',
    kind: 'quantity',
    dimension: 'weight',
    of: known(p => p.weightG),
    set: setField('weightG'),
  },
  { id: 'label-weight', label: 'on the packet', kind: 'quantity', dimension: 'weight', ...field('labelWeightG') },
  {
    id: 'length',
    label: 'length',
    kind: 'quantity',
    dimension: 'length',
    of: known(p => p.lengthMm),
    set: setField('lengthMm'),
  },
  {
    id: 'runs',
    label: 'runs at',
    kind: 'quantity',
    dimension: 'depth',
    of: known(p => (p.runsAt ? { value: p.runsAt.value.depthM, known: p.runsAt.known } : null)),
  },
  { id: 'fall', label: 'falls', kind: 'quantity', dimension: 'speed', of: known(usualFall) },
  {
    id: 'speed',
    label: 'best speed',
    kind: 'quantity',
    dimension: 'speed',
    of: known(p => ({ value: p.speed.value.best, known: p.speed.known })),
  },
  {
    id: 'pattern',
    label: 'pattern',
    kind: 'choice',
    choices: PATTERNS,
    of: known(p => ({ value: p.colours.value.pattern, known: p.colours.known })),
    set: setColour('pattern'),
  },
  {
    id: 'metal',
    label: 'metal',
    kind: 'choice',
    choices: METALS,
    of: known(p => ({ value: p.colours.value.metal, known: p.colours.known })),
    set: setColour('metal'),
  },
  {
    id: 'finish',
    label: 'finish',
    kind: 'choice',
    choices: FINISHES,
    of: known(p => ({ value: p.colours.value.finish, known: p.colours.known })),
    set: setColour('finish'),
  },
  {
    id: 'fluorescent',
    label: 'fluorescent',
    kind: 'flag',
    of: known(p => ({ value: p.colours.value.fluorescent, known: p.colours.known })),
    set: setColour('fluorescent'),
  },
  {
    id: 'action',
    label: 'action',
    kind: 'choice',
    choices: ACTION_STYLES,
    of: known(p => p.action),
    set: setField('actionStyle'),
  },
  {
    id: 'sound',
    label: 'sound',
    kind: 'choice',
    choices: SOUNDS,
    of: known(p => ({ value: SOUND_WORDS[p.sound.value] ?? null, known: p.sound.known })),
    set: setField('sound'),
  },
  {
    id: 'buoyancy',
    label: 'in the water',
    kind: 'choice',
    choices: BUOYANCIES,
    of: known(p => p.buoyancy),
    set: setField('buoyancy'),
  },
  scale('vibration', 'thump'),
  scale('flash', 'flash'),
  scale('bulk', 'bulk'),
  scale('intensity', 'liveliness'),
  { id: 'guard', label: 'snag guard', kind: 'number', of: known(p => p.snagGuard), set: setField('snagGuard') },
  { id: 'scented', label: 'scented', kind: 'flag', of: known(p => p.scented), set: setField('scented') },
  {
    id: 'hook',
    label: 'hooks',
    kind: 'text',
    of: known(p => ({
      value: p.hooks.value
        .map(h => `${h.count ?? 1} × ${h.kind.replaceAll('-', ' ')} ${h.size ?? ''}`.trim())
        .join(', '),
      known: p.hooks.known,
    })),
  },
  {
    id: 'blades',
    label: 'blades',
    kind: 'text',
    of: ({ profile }) =>
      own(
        profile.blades.map(b => [b.shape, b.size, b.finish, b.metal].filter(x => x != null).join(' ')).join(', ') ||
          null,
      ),
  },
  {
    id: 'role',
    label: 'used as',
    kind: 'choice',
    choices: ROLES,
    of: ({ profile }) => own(roleOf(profile.lure)),
    set: setField('role'),
  },
  { id: 'box', label: 'box', kind: 'text', ...field('box') },
  { id: 'slot', label: 'slot', kind: 'text', of: ({ profile }) => own(profile.lure.slot) },
  {
    id: 'pieces',
    label: 'pieces',
    kind: 'number',
    of: ({ profile }) => own(profile.lure.quantity ?? 1),
    set: setField('quantity'),
  },
  { id: 'condition', label: 'condition', kind: 'text', ...field('condition') },
  { id: 'price', label: 'price', kind: 'number', ...field('price') },
  { id: 'fish', label: 'fish caught', kind: 'number', of: ({ profile }) => own(profile.lure.fishCount) },
  { id: 'confidence', label: 'your trust', kind: 'number', ...field('confidence') },
  { id: 'used', label: 'last used', kind: 'date', of: ({ lastUsed }) => own(lastUsed) },
  { id: 'changed', label: 'modified', kind: 'flag', of: ({ profile }) => own(profile.lure.parentId != null) },
  { id: 'photo', label: 'photo', kind: 'flag', of: ({ hasPhoto }) => own(hasPhoto) },
  { id: 'notes', label: 'notes', kind: 'text', of: ({ profile }) => own(profile.lure.notes) },
]

const BY_NAME = new Map([
  ...ATTRIBUTES.map(a => [a.label.replaceAll(' ', '-'), a] as const),
  ...ATTRIBUTES.map(a => [a.id, a] as const),
])

/**
 * @param name its id, or its label with dashes for spaces
 * @returns `null` when there is no such attribute
 */
export function attribute(name: string): Attribute | null {
  return BY_NAME.get(name) ?? null
}
