import type { Ask } from '#core/ask'
import {
  EAGER,
  HEAD_BY_LENGTH,
  HOOK_GAP_MM,
  LARGE_BODY,
  LEAD,
  LEAD_IN_COVER,
  LEAD_LETHARGIC,
  LEAD_PER_CURRENT,
  type LeadRow,
  SPECIES_TABLE,
  type TechniqueRow,
  USUAL_GRAMS,
} from '#core/knowledge'
import {
  type AddedWeight,
  type Assembled,
  CLIP_BLADE_G,
  fitsTechnique,
  type LureProfile,
  NOTHING_ADDED,
} from '#core/lure'
import { driftOf } from '#core/reading'
import { interpolate } from '#core/numeric'
import { jointMembership } from '#core/rule'
import type { Part } from '#core/tackle'
import type { Cover } from '#core/terms'
import { hookSizeRank } from '#core/units'
import { gapNeeded, hookFor } from './hook-size'

/** A part within this factor of the wanted weight will do. Assumed. */
const NEAR_ENOUGH = 2.6
/** A step of hook size that is wrong on a head counts as much as this much of a factor of weight, as a logarithm. Assumed. */
const HOOK_STEP = 0.3
/** A hook too small for the strongest fish counts so many times as much. Assumed. */
const TOO_SMALL = 1.7
/** A head whose gap does not clear the body costs hook-ups (handbook §6): as much as this much of a factor of weight, as a logarithm. Assumed. */
const TOO_NARROW = 0.4
/** Cover in which a head with a guarded point is taken; in the open it costs hook-ups. */
const SNAGGY: readonly Cover[] = ['grass', 'pads', 'reeds', 'kelp', 'wood', 'brush', 'mangrove']
/** How many of the angler's own spoons are tried ahead of a fly. */
const SPOONS_TRIED = 2
/** Lead for a bait drifted or sunk this fast has settled in any current; the wind's share counts for boats adrift only. */
const ROWS = Object.fromEntries(LEAD.map(row => [row.use, row])) as Partial<Record<LeadRow['use'], LeadRow>>

export interface LeadScene {
  readonly parts: readonly Part[]
  readonly spoons: readonly LureProfile[]
  readonly ask: Ask
}

/** The lead worth tying on under a body, best first; one's own parts before what would have to be bought. */
export function addedWeights(
  technique: TechniqueRow,
  body: LureProfile,
  { parts, spoons, ask }: LeadScene,
): readonly AddedWeight[] {
  if (technique.adds === 'nothing') return [NOTHING_ADDED]
  if (technique.adds === 'spoon')
    return spoons.slice(0, SPOONS_TRIED).map(spoon => ({ grams: spoon.weightG.value, part: null, spoon }))
  if (technique.adds === 'clip-blade') {
    const part = parts.find(p => p.kind === 'clip-blade' && p.quantity !== 0)
    return part
      ? [{ part, grams: part.weightG ?? CLIP_BLADE_G }]
      : technique.ownOnly
        ? []
        : [{ part: null, grams: CLIP_BLADE_G }]
  }
  const wanted = leadWanted(technique, body, ask)
  const { strength } = SPECIES_TABLE[ask.reading.species]
  const hook =
    technique.adds === 'head' || technique.adds === 'weighted-hook' ? hookSizeRank(hookFor(body, strength)) : null
  const hookOff = (part: Part) => {
    if (hook === null || !part.size) return 0
    const rank = hookSizeRank(part.size) ?? hook
    const narrow = (HOOK_GAP_MM[part.size] ?? Infinity) < gapNeeded(body) ? TOO_NARROW : 0
    return (
      narrow + HOOK_STEP * Math.max(0, Math.abs(rank - hook) - 0.5) * (rank < hook && strength >= 3 ? TOO_SMALL : 1)
    )
  }
  const distance = (part: Part) => Math.abs(Math.log(part.weightG! / wanted)) + hookOff(part)
  const snaggy = ask.reading.cover.some(c => SNAGGY.includes(c))
  const own = parts
    .filter(
      part =>
        fitsTechnique(part, technique) &&
        (part.shape !== 'weedless' || snaggy) &&
        part.weightG != null &&
        part.quantity !== 0 &&
        Math.abs(Math.log(part.weightG / wanted)) <= Math.log(NEAR_ENOUGH),
    )
    .map(part => ({ part, grams: part.weightG!, off: distance(part) }))
    .sort((a, b) => a.off - b.off || (a.part.id < b.part.id ? -1 : 1))
  if (own.length > 0) return [{ part: own[0]!.part, grams: own[0]!.grams, off: own[0]!.off }]
  return technique.ownOnly ? [] : [{ part: null, grams: nearestUsual(wanted) }]
}

function nearestUsual(wanted: number): number {
  return USUAL_GRAMS.reduce((best, grams) =>
    Math.abs(Math.log(grams / wanted)) < Math.abs(Math.log(best / wanted)) ? grams : best,
  )
}

/** What was added, told as a head (or weighted hook) or as a sinker [g]; `null`: none of that kind. */
export function leadTold({ technique: { adds }, added: { grams } }: Assembled): {
  readonly headG: number | null
  readonly sinkerG: number | null
} {
  return {
    headG: adds === 'head' || adds === 'weighted-hook' ? grams : null,
    sinkerG: adds === 'bullet' || adds === 'drop-sinker' ? grams : null,
  }
}

/** Drift at which the table of weights holds as it stands: "light wind, little current" [m/s]. Assumed. */
const TABLE_DRIFT_MS = 0.1

/**
 * Lead that a body wants here by depth, drift, mood and its own size (handbook §6, §23.5) [g].
 */
export function leadWanted(technique: TechniqueRow, body: LureProfile, ask: Ask): number {
  const {
    reading,
    features: { numbers },
  } = ask
  const use: LeadRow['use'] =
    technique.adds === 'head' ||
    technique.adds === 'bullet' ||
    technique.adds === 'drop-sinker' ||
    technique.adds === 'weighted-hook'
      ? technique.adds
      : 'head'
  const row = ROWS[use]!
  const onBottom = technique.control === 'bottom' || technique.control === 'above-bottom'
  const depth = onBottom ? reading.bottomM : technique.control === 'vertical' ? reading.fishToM : numbers.presentM
  let grams =
    interpolate(row.depthsM, row.grams, depth) *
    (1 + LEAD_PER_CURRENT * Math.max(0, driftOf(ask.reading) - TABLE_DRIFT_MS))
  if (use === 'head') {
    grams *= (body.lengthMm.value / HEAD_BY_LENGTH.atMm) ** HEAD_BY_LENGTH.power
    if (body.lengthMm.value >= LARGE_BODY.fromMm && body.bulk.value >= LARGE_BODY.fromBulk)
      grams = Math.max(grams, LARGE_BODY.leastG)
  }
  if (use === 'drop-sinker' && technique.rig.startsWith('drop-shot')) {
    const eager = jointMembership(EAGER.when, ask.features)
    if (eager > 0.5) grams = Math.max(EAGER.leastG, grams * EAGER.times)
  }
  if (use === 'bullet' && reading.cover.some(c => c === 'brush' || c === 'pads' || c === 'wood')) grams *= LEAD_IN_COVER
  if (reading.mood === 'lethargic') grams *= LEAD_LETHARGIC
  return grams
}
