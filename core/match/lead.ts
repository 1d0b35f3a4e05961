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
  METAL,
  PUNCHED,
  SEA_SHORE,
  SPECIES_TABLE,
  SWELL,
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
import type { Cover, Family } from '#core/terms'
import { hookSizeRank } from '#core/units'
import { gapNeeded, hookFor } from './hook-size'

/** A part within this factor of the wanted weight will do, as a logarithm. Assumed. */
const NEAR_ENOUGH = Math.log(2.6)
/** A step of hook size that is wrong on a head counts as much as this much of a factor of weight, as a logarithm. Assumed. */
const HOOK_STEP = 0.3
/** A hook too small for the strongest fish counts so many times as much. Assumed. */
const TOO_SMALL = 1.7
/** A head whose gap does not clear the body costs hook-ups (handbook §6): as much as this much of a factor of weight, as a logarithm. Assumed. */
const TOO_NARROW = 0.4
/** Families with a head that cannot be changed, and the factors of weight within which a lighter one does as well, and along the bottom, where it ploughs, a heavier one. Assumed. */
const ON_OWN_HEAD: readonly Family[] = ['jighead-soft', 'hair-jig']
const AS_WELL_LIGHTER = 1.6
const AS_WELL_HEAVIER = 3
/** In swell a heavier one holds: so much more of that factor for each metre of waves [1/m]. Assumed. */
const HEAVIER_PER_WAVE = 2.5
/** What is dropped to the fish by its own weight; a flutter spoon falls as slowly as it is long. */
const DROPPED: readonly Family[] = [
  'slow-jig',
  'speed-jig',
  'casting-metal',
  'dense-spoon',
  'blade-bait',
  'tail-spinner',
]
/** Of these, what is made for deep water: along the bottom it is no heavier than under the boat. */
const DEEP_WATER_JIGS: readonly Family[] = ['slow-jig', 'speed-jig']
/** What is too heavy ploughs, or drops past the fish: it costs so many times what is too light. Assumed. */
const HEAVY_TIMES = 2
/** More than so much no weight costs, as a logarithm: one thing alone takes no bait out. Assumed. */
const MOST_OFF = 2.5
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

/** The lead worth tying on under a body: the best of one's own parts, or what would have to be bought. */
export function addedWeights(
  technique: TechniqueRow,
  body: LureProfile,
  { parts, spoons, ask }: LeadScene,
): readonly AddedWeight[] {
  if (technique.adds === 'nothing') return [ownWeight(technique, body, ask)]
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
  const snaggy = ask.reading.cover.some(c => SNAGGY.includes(c))
  const hookOff = hookMissed(technique, body, SPECIES_TABLE[ask.reading.species].strength)
  let best: (AddedWeight & { readonly part: Part; readonly off: number }) | null = null
  for (const part of parts) {
    const { weightG, quantity, shape } = part
    if (weightG == null || quantity === 0 || (shape === 'weedless' && !snaggy) || !fitsTechnique(part, technique))
      continue
    const factor = Math.abs(Math.log(weightG / wanted))
    if (factor > NEAR_ENOUGH) continue
    const off = factor + hookOff(part)
    if (best === null || off < best.off || (off === best.off && part.id < best.part.id))
      best = { part, grams: weightG, off }
  }
  if (best) return [best]
  return technique.ownOnly ? [] : [{ part: null, grams: nearestUsual(wanted) }]
}

/** A bait that weighs what it weighs: how far that is from what is wanted here, beyond what does as well. */
function ownWeight(technique: TechniqueRow, body: LureProfile, ask: Ask): AddedWeight {
  const grams = body.weightG.value
  const [least, most] = ownWanted(technique, body, ask)
  const off = Math.min(MOST_OFF, Math.max(0, Math.log(least / grams), HEAVY_TIMES * Math.log(grams / most)))
  return off > 0 ? { ...NOTHING_ADDED, off } : NOTHING_ADDED
}

/** What a bait on its own head, or metal that is dropped, should weigh [g]; of all others any weight will do. */
function ownWanted(technique: TechniqueRow, body: LureProfile, ask: Ask): readonly [least: number, most: number] {
  if (ON_OWN_HEAD.includes(body.lure.family)) {
    const wanted = leadWanted(technique, body, ask)
    const ploughs = technique.control === 'bottom'
    return [
      wanted / AS_WELL_LIGHTER,
      ploughs ? wanted * AS_WELL_HEAVIER * (1 + HEAVIER_PER_WAVE * ask.reading.waveM) : Infinity,
    ]
  }
  const { family } = body.lure
  const [leastPerM, mostPerM] = METAL.gPerM
  if (technique.control === 'bottom' && DEEP_WATER_JIGS.includes(family))
    return [0, mostPerM * ask.reading.bottomM * inDrift(ask)]
  if (technique.control !== 'vertical' || !DROPPED.includes(family)) return [0, Infinity]
  const depth = ask.reading.fishToM * inDrift(ask)
  return [leastPerM * depth, mostPerM * depth]
}

/** How far the hook of a head is from what the body asks, in factors of weight, as a logarithm; a sinker has none. */
function hookMissed({ adds }: TechniqueRow, body: LureProfile, strength: number): (part: Part) => number {
  if (adds !== 'head' && adds !== 'weighted-hook') return () => 0
  let asked: number | null | undefined
  return ({ size }) => {
    if (!size) return 0
    if (asked === undefined) asked = hookSizeRank(hookFor(body, strength, adds))
    if (asked === null) return 0
    const rank = hookSizeRank(size) ?? asked
    return (
      ((HOOK_GAP_MM[size] ?? Infinity) < gapNeeded(body) ? TOO_NARROW : 0) +
      HOOK_STEP * Math.max(0, Math.abs(rank - asked) - 0.5) * (rank < asked && strength >= 3 ? TOO_SMALL : 1)
    )
  }
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

/** How many times heavier than without swell. */
const inSwell = ({ reading, features }: Ask) => 1 + SWELL.perM * reading.waveM * jointMembership(SWELL.when, features)
/** How many times heavier than without swell, in light wind and little current. */
const inDrift = (ask: Ask) => (1 + LEAD_PER_CURRENT * Math.max(0, driftOf(ask.reading) - TABLE_DRIFT_MS)) * inSwell(ask)

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
  let grams = interpolate(row.depthsM, row.grams, depth) * inDrift(ask)
  if (use === 'head') {
    grams *= (body.lengthMm.value / HEAD_BY_LENGTH.atMm) ** HEAD_BY_LENGTH.power
    if (body.lengthMm.value >= LARGE_BODY.fromMm && body.bulk.value >= LARGE_BODY.fromBulk)
      grams = Math.max(grams, LARGE_BODY.leastG)
    if (jointMembership(SEA_SHORE.when, ask.features) > 0.5) grams = Math.max(grams, SEA_SHORE.leastG * inSwell(ask))
  }
  if (use === 'drop-sinker' && technique.rig.startsWith('drop-shot')) {
    const eager = jointMembership(EAGER.when, ask.features)
    if (eager > 0.5) grams = Math.max(EAGER.leastG, grams * EAGER.times)
  }
  if (use === 'bullet' && reading.cover.some(c => c === 'brush' || c === 'pads' || c === 'wood')) grams *= LEAD_IN_COVER
  if (reading.mood === 'lethargic') grams *= LEAD_LETHARGIC
  if (use === 'bullet' && jointMembership(PUNCHED.when, ask.features) > 0.5) grams = Math.max(PUNCHED.leastG, grams)
  return grams
}
