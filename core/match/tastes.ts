import type { Taste } from '#core/ask'
import type { TechniqueRow } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import type { Favour } from '#core/rule'
import type { Cadence } from '#core/terms'

export type Way = 'surface' | 'moving' | 'bottom' | 'falling'

const WAY_OF_CONTROL: Record<TechniqueRow['control'], Way> = {
  'surface': 'surface', 'dive': 'moving', 'count-down': 'moving', 'bottom': 'bottom', 'above-bottom': 'bottom', 'vertical': 'falling',
}
/** Cadences whose fall is the presentation, however the depth is reached. */
const FALLING_CADENCES: readonly string[] = ['lift-drop', 'dead-stick', 'yo-yo']

/** The way a bait is presented, from where it has its depth and how it is worked. */
export function wayOf(control: TechniqueRow['control'], cadence: Cadence): Way {
  return FALLING_CADENCES.includes(cadence) ? 'falling' : WAY_OF_CONTROL[control]
}

type Check<K extends keyof Favour> = (favoured: NonNullable<Favour[K]>, profile: LureProfile, technique: TechniqueRow | null) => boolean
const among = <T>(list: readonly T[], value: T | null | undefined) => value != null && list.includes(value)

/** How each mark of a favour is looked for. */
const CHECKS: { readonly [K in keyof Favour]-?: Check<K> } = {
  family: (list, { lure }) => among(list, lure.family),
  style: (list, { lure }) => among(list, lure.style),
  pattern: (list, { colours }) => among(list, colours.value.pattern),
  metal: (list, { colours }) => among(list, colours.value.metal),
  finish: (list, { colours }) => among(list, colours.value.finish),
  action: (list, { action }) => among(list, action.value),
  blade: (list, { blades }) => blades.some(b => list.includes(b.shape)),
  fluorescent: (wanted, { colours }) => wanted === colours.value.fluorescent,
  rig: (list, _, technique) => among(list, technique?.rig),
  way: (list, _, technique) => technique !== null && list.includes(wayOf(technique.control, technique.cadences[0]!)),
  buoyancy: (list, { buoyancy }) => among(list, buoyancy.value),
  bladeFinish: (list, { blades }) => blades.some(b => list.includes(b.finish ?? 'smooth')),
  bladeMetal: (list, { blades }) => blades.some(b => list.includes(b.metal ?? 'silver')),
  bladeCount: (range, { blades }) => isWithin(range, blades.length),
  bladeSize: (range, profile) => isWithin(range, largestBlade(profile)),
  weightG: (range, { weightG }) => isWithin(range, weightG.value),
  lengthMm: (range, { lengthMm }) => isWithin(range, lengthMm.value),
}
const MARKS = Object.keys(CHECKS) as (keyof Favour)[]

/** The marks that a favour names: it is asked of every lure, and names but one or two. */
const marksOf = new WeakMap<Favour, readonly (keyof Favour)[]>()

/** Whether a rule's favour is about this lure fished this way; without a technique only the lure's own marks can match. */
export function isFavoured(favour: Favour, profile: LureProfile, technique: TechniqueRow | null): boolean {
  let marks = marksOf.get(favour)
  if (!marks) marksOf.set(favour, marks = MARKS.filter(mark => favour[mark] !== undefined))
  return marks.every(mark => (CHECKS[mark] as Check<typeof mark>)(favour[mark] as never, profile, technique))
}

function isWithin(range: readonly [number, number], value: number): boolean {
  return value >= range[0] && value <= range[1]
}

/** A blade whose size nobody noted. Assumed. */
const USUAL_BLADE = 3

function largestBlade({ blades }: LureProfile): number {
  return blades.reduce((most, { size }) => Math.max(most, size ?? USUAL_BLADE), 0)
}

/** A blade rule says nothing about lures without blades, a metal rule nothing about painted ones, a rule among some families nothing about others. */
export function concerns({ favours: favour, within }: { readonly favours: Favour, readonly within?: Taste['within'] | undefined }, profile: LureProfile): boolean {
  if (within && !within.includes(profile.lure.family)) return false
  const isOfBlades = favour.blade || favour.bladeFinish || favour.bladeMetal || favour.bladeCount || favour.bladeSize
  if (isOfBlades && !favour.family && profile.blades.length === 0) return false
  if (favour.metal && profile.colours.value.metal === 'none') return false
  return true
}

/** Weighted geometric mean of what the tastes of one axis say; `null` when none concerns this lure. */
export function tasteValue(tastes: readonly Taste[], profile: LureProfile, technique: TechniqueRow | null): number | null {
  let strength = 0
  let logSum = 0
  for (const taste of tastes) {
    if (!concerns(taste, profile)) continue
    strength += taste.strength
    logSum += taste.strength * Math.log(isFavoured(taste.favours, profile, technique) ? taste.to : taste.others)
  }
  return strength === 0 ? null : Math.exp(logSum / strength)
}
