import { RULES } from '#core/knowledge'
import type { LureProfile, Mould } from '#core/lure'
import { AXIS_IDS, type AxisId, type Favour, isPush, type LureMarks, type PushEffect } from '#core/rule'
import type { Family } from '#core/terms'
import { type FishedWay, matches, matchesLure } from './marks'

/**
 * What the handbook's named effects say of a lure, or of a way of fishing it. No reading changes that, so it is worked out once and kept: a ranking only asks how loudly each effect speaks today.
 * Effects of other rules (the angler's own) are asked anew each time.
 */

/** +1 for what is favoured, −1 for what is spoken against, 0 for silence; within a group of families the named gain half and the others lose half. */
export function verdictOf(effect: PushEffect, profile: LureProfile, way: FishedWay | null): number {
  const marks = marksNamed(effect)
  const sign = 'favours' in effect ? 1 : -1
  if (!concerns(marks, effect.within, profile)) return 0
  const isNamed = way ? matches(marks, profile, way) : matchesLure(marks, profile)
  return effect.within ? (isNamed ? sign / 2 : -sign / 2) : isNamed ? sign : 0
}

function marksNamed(effect: PushEffect): Favour {
  return 'favours' in effect ? effect.favours : effect.against
}

/** Whether an effect names how a lure is fished, and not only the lure. */
export function isOfWay(effect: PushEffect): boolean {
  const { rig, tactic, way } = marksNamed(effect)
  return rig !== undefined || tactic !== undefined || way !== undefined
}

/** A blade rule says nothing about lures without blades, a metal rule nothing about painted ones, a rule among some families nothing about others. */
export function concerns(
  marks: LureMarks,
  within: readonly Family[] | undefined,
  { lure, blades, colours }: LureProfile,
): boolean {
  if (within && !within.includes(lure.family)) return false
  if (
    (marks.blade || marks.bladeFinish || marks.bladeMetal || marks.bladeCount || marks.bladeSize) &&
    !marks.family &&
    blades.length === 0
  )
    return false
  return !(marks.metal && !marks.family && colours.value.metal === 'none' && blades.length === 0)
}

/** The place of an axis in a list of figures, one for each. */
export const PLACE_OF_AXIS = Object.fromEntries(AXIS_IDS.map((axis, i) => [axis, i])) as Record<AxisId, number>

const NAMED: readonly PushEffect[] = RULES.flatMap(({ effects }) => effects.filter(isPush))
const PLACES: ReadonlyMap<PushEffect, number> = new Map(NAMED.map((effect, i) => [effect, i]))
const NAMED_AXES = NAMED.map(({ axis }) => PLACE_OF_AXIS[axis])
const OF_WAY = NAMED.map(isOfWay)

/** Where an effect of the handbook stands among the kept; `undefined`: it is not one of them. */
export function placeOf(effect: PushEffect): number | undefined {
  return PLACES.get(effect)
}

/** How loudly each kept effect speaks: all silent. */
export function silence(): Float64Array {
  return new Float64Array(NAMED.length)
}

/** The kept effects that say anything of one thing. */
export interface Said {
  readonly places: readonly number[]
  readonly verdicts: readonly number[]
}

/** What is said of a way of fishing a lure; `null`: of the lure itself. */
export function saidOf(profile: LureProfile, way: FishedWay | null): Said {
  const places: number[] = []
  const verdicts: number[] = []
  NAMED.forEach((effect, place) => {
    if (OF_WAY[place] !== (way !== null)) return
    const verdict = verdictOf(effect, profile, way)
    if (verdict === 0) return
    places.push(place)
    verdicts.push(verdict)
  })
  return { places, verdicts }
}

const ofLures = new WeakMap<Mould, Said>()

export function saidOfLure(profile: LureProfile): Said {
  let said = ofLures.get(profile.mould)
  if (said === undefined) ofLures.set(profile.mould, (said = saidOf(profile, null)))
  return said
}

/** What is said, added up as loudly as each effect speaks. */
export function sumOf({ places, verdicts }: Said, strengths: Float64Array): number {
  let sum = 0
  for (let i = 0; i < places.length; i++) sum += strengths[places[i]!]! * verdicts[i]!
  return sum
}

/** The same, each on its axis. */
export function addByAxis({ places, verdicts }: Said, strengths: Float64Array, gains: Float64Array): void {
  for (let i = 0; i < places.length; i++) {
    const place = places[i]!
    gains[NAMED_AXES[place]!]! += strengths[place]! * verdicts[i]!
  }
}
