import { CADENCE_WAY, type TechniqueRow } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import type { Favour, LureMarks, Way } from '#core/rule'
import type { Cadence, TacticId } from '#core/terms'

const WAY_OF_CONTROL: Record<TechniqueRow['control'], Way> = {
  'surface': 'surface',
  'dive': 'moving',
  'count-down': 'moving',
  'bottom': 'bottom',
  'above-bottom': 'bottom',
  'vertical': 'vertical',
}

/** The way a bait is presented, from where it has its depth and how it is worked. */
export function wayOf(control: TechniqueRow['control'], cadence: Cadence): Way {
  return control === 'vertical' ? 'vertical' : (CADENCE_WAY[cadence] ?? WAY_OF_CONTROL[control])
}

type Check<K extends keyof LureMarks> = (named: NonNullable<LureMarks[K]>, profile: LureProfile) => boolean
const among = <T>(list: readonly T[], value: T | null | undefined) => value != null && list.includes(value)
const within = ([least, most]: readonly [number, number], value: number) => value >= least && value <= most

/** How each mark of a lure is looked for. */
const CHECKS: { readonly [K in keyof LureMarks]-?: Check<K> } = {
  family: (list, { lure }) => list.includes(lure.family),
  style: (list, { lure }) => among(list, lure.style),
  pattern: (list, { colours }) => list.includes(colours.value.pattern),
  metal: (list, { colours, blades }) =>
    list.includes(colours.value.metal) || blades.some(b => list.includes(b.metal ?? 'silver')),
  finish: (list, { colours }) => list.includes(colours.value.finish),
  action: (list, { action }) => list.includes(action.value),
  blade: (list, { blades }) => blades.some(b => list.includes(b.shape)),
  fluorescent: (wanted, { colours }) => wanted === colours.value.fluorescent,
  buoyancy: (list, { buoyancy }) => list.includes(buoyancy.value),
  bladeFinish: (list, { blades }) => blades.some(b => list.includes(b.finish ?? 'smooth')),
  bladeMetal: (list, { blades }) => blades.some(b => list.includes(b.metal ?? 'silver')),
  bladeCount: (span, { blades }) => within(span, blades.length),
  bladeSize: (span, profile) => within(span, largestBlade(profile)),
  weightG: (span, { weightG }) => within(span, weightG.value),
  lengthMm: (span, { lengthMm }) => within(span, lengthMm.value),
  bulk: (span, { bulk }) => within(span, bulk.value),
  thump: (span, { vibration }) => within(span, vibration.value),
  scented: (wanted, { scented }) => wanted === scented.value,
  sound: (span, { sound }) => within(span, sound.value),
  runsM: (span, { runsAt }) => runsAt !== null && within(span, runsAt.value.depthM),
  tearKg: (span, { tearKg }) => tearKg !== null && within(span, tearKg),
}
const LURE_MARKS = Object.keys(CHECKS) as (keyof LureMarks)[]

/** The marks that an effect names: it is asked of every lure, and names but one or two. */
const marksOf = new WeakMap<LureMarks, readonly (keyof LureMarks)[]>()

/** Whether a lure has every mark that is named. */
export function matchesLure(marks: LureMarks, profile: LureProfile): boolean {
  let named = marksOf.get(marks)
  if (!named) marksOf.set(marks, (named = LURE_MARKS.filter(mark => marks[mark] !== undefined)))
  return named.every(mark => (CHECKS[mark] as Check<typeof mark>)(marks[mark] as never, profile))
}

/** How a lure is rigged, what is done with it, and the way that presents it. */
export interface FishedWay {
  readonly technique: Pick<TechniqueRow, 'rig'>
  readonly tactic: { readonly id: TacticId }
  readonly way: Way
}

/** Whether a lure fished this way is what an effect names. A bait let down under the boat counts as falling too. */
export function matches(favour: Favour, profile: LureProfile, { technique, tactic, way }: FishedWay): boolean {
  return (
    (!favour.rig || favour.rig.includes(technique.rig)) &&
    (!favour.tactic || favour.tactic.includes(tactic.id)) &&
    (!favour.way || favour.way.includes(way) || (way === 'vertical' && favour.way.includes('falling'))) &&
    matchesLure(favour, profile)
  )
}

/** A blade whose size nobody noted. Assumed. */
const USUAL_BLADE = 3

function largestBlade({ blades }: LureProfile): number {
  return blades.reduce((most, { size }) => Math.max(most, size ?? USUAL_BLADE), 0)
}
