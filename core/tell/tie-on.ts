import type { Ask } from '#core/ask'
import { reelSpeed, SLOWEST_MS, spreadOf, streamHalfWay, TOLD_SWING } from '#core/course'
import { CADENCE_TABLE, SPECIES_TABLE } from '#core/knowledge'
import { fallSpeed, isBiteProof } from '#core/lure'
import { type Candidate, doubtsOf, leadTold, presentedOf } from '#core/match'
import type { Part } from '#core/tackle'
import { formatQuantity, proseIn, type UnitSystem } from '#core/units'
import { adviceFor, adviceText } from './advice'
import { connectionOf, leaderOf, weakHardware } from './connection'
import { round } from './explain'
import { hookOf } from './hook'
import type { PresentationOut, SetupOut } from './output'

export interface TieOnScene {
  readonly ask: Ask
  readonly waterDensity: number
  readonly parts: readonly Part[]
  readonly system: UnitSystem
}

/** Everything about tying it on and fishing it, in the contract's form; scores and reasons are added by the caller. */
export function tieOn(
  candidate: Candidate,
  { ask, waterDensity, parts, system }: TieOnScene,
): Omit<SetupOut, 'score' | 'share' | 'standing' | 'sisters' | 'ways' | 'confidence' | 'axes' | 'reasons' | 'against'> {
  const { profile, technique, trailer, outfit, totalG } = candidate
  const { lure } = profile
  const trailerHook = takesTrailerHook(candidate, ask)
  const advice = adviceFor(candidate, trailerHook, ask, system)
  return {
    lureId: lure.id,
    family: lure.family,
    rig: technique.rig,
    tactic: candidate.tactic.id,
    trailerId: trailer?.lure.id ?? null,
    hook: hookOf(candidate, ask, parts),
    trailerHook,
    trailerHooking: candidate.hooking,
    ...leadTold(candidate),
    outfitId: outfit?.outfit.id ?? null,
    leader: leaderOf(candidate, ask),
    connection: connectionOf(candidate),
    totalG: round(totalG),
    presentation: presentationOf(candidate, { ask, waterDensity, system }, adviceText(advice, 'next')),
    advice,
    cautions: setupCautions(candidate, ask, parts, system),
  }
}

const EXPOSED_COVER: readonly string[] = [
  'grass',
  'pads',
  'reeds',
  'kelp',
  'wood',
  'brush',
  'mangrove',
  'boulders',
  'rock',
]

/** Trailer hook: in open water only, never round cover (trade §6); the school says whether always or only for short bites. */
function takesTrailerHook({ profile: { lure } }: Candidate, { reading, schools }: Ask): boolean {
  if (lure.family !== 'spinnerbait' && lure.family !== 'bladed-jig') return false
  if (reading.cover.some(c => EXPOSED_COVER.includes(c))) return false
  return schools.trailerHook === 'open-water' || reading.shortStrikes
}

function presentationOf(
  candidate: Candidate,
  { ask, waterDensity, system }: Pick<TieOnScene, 'ask' | 'waterDensity' | 'system'>,
  next: string,
): PresentationOut {
  const { technique, outfit, placement, cadence, pauseS } = candidate
  const { castM, speedMs } = placement
  const row = CADENCE_TABLE[cadence]
  const fall = fallSpeed(candidate, waterDensity).value
  const countsDown =
    technique.mode !== 'troll' && technique.control !== 'surface' && technique.control !== 'dive' && fall > 0
  const countdownS = countsDown ? Math.round(placement.letDownM / fall) : null
  const presented = presentedOf(candidate, placement, ask, waterDensity)
  const reelMs = reelSpeed(speedMs, streamHalfWay(presented))
  const turnsPerS = outfit?.pickUpM ? round(reelMs / outfit.pickUpM) : null
  const depth = formatQuantity('depth', placement.letDownM, { system })
  const values: Record<string, string> = {
    countdownS: String(countdownS ?? 0),
    pauseS: String(pauseS ?? 0),
    depthM: depth,
    speedMs: formatQuantity('speed', speedMs, { system }),
    turnsPerS: turnsPerS === null ? 'a few' : turnsPerS.toFixed(1),
  }
  const how = proseIn(row.text, system).replace(/\{(\w+)\}/g, (place, name: string) => values[name] ?? place)
  return {
    mode: technique.mode,
    castM: technique.mode === 'cast' ? Math.round(castM) : null,
    lineOutM: placement.lineOutM ?? (technique.mode === 'cast' ? null : round(placement.letDownM)),
    depthM: round(placement.depthM),
    deepestM: round(placement.deepestM),
    depthSdM: round(spreadOf(presented, doubtsOf(candidate, waterDensity)).sdM),
    speedMs: round(speedMs),
    turnsPerS,
    tipM: placement.tipM,
    cadence,
    pauseS,
    countdownS,
    text: [how + tipText(candidate, system) + swingText(placement.swung, reelMs), next].filter(Boolean).join(' '),
    control: technique.control,
    fallMs: fall > 0 ? round(fall) : null,
    dropLeaderM: placement.dropLeaderM ?? null,
    standsM: placement.leaderHeightM === null ? null : round(placement.leaderHeightM),
    shareInBand: round(placement.shareInBand),
    touches: placement.touches,
    swungDeg: Math.round(degrees(placement.swung)),
  }
}

/** From here on a rod tip is called half up, and high [m]. Assumed. */
const HALF_UP_M = 0.8
const HIGH_TIP_M = 1.5

function tipText({ technique, placement }: Candidate, system: UnitSystem): string {
  const { tipM, depthM, deepestM, lineOutM } = placement
  const metres = (value: number) => formatQuantity('depth', value, { system })
  if (technique.mode === 'troll') return ` ${metres(lineOutM ?? 0)} of line out: it runs at ${metres(depthM)}.`
  if (placement.dropLeaderM != null && technique.rig.startsWith('drop-shot'))
    return ` Hook ${metres(placement.dropLeaderM)} above the weight: it stands ${metres(placement.leaderHeightM ?? 0)} over the bottom.`
  if (technique.control === 'count-down' && tipM >= HIGH_TIP_M)
    return ` Rod tip high (${metres(tipM)}): it sinks faster than it is wound.`
  if (technique.control !== 'dive') return ''
  const where = tipM < HALF_UP_M ? 'low' : tipM < HIGH_TIP_M ? 'half up' : 'high'
  return ` Rod tip ${where} (${metres(tipM)}): it runs to ${metres(deepestM)}.`
}

function degrees(radians: number): number {
  return (radians * 180) / Math.PI
}

function swingText(swung: number, reelMs: number): string {
  if (swung < TOLD_SWING) return ''
  const wound = reelMs <= SLOWEST_MS ? 'do not wind, lift the belly out of the line' : 'wind less as it comes round'
  return ` The stream swings it ${Math.round(degrees(swung) / 5) * 5}° downstream by half-way: ${wound}.`
}

/** Complete weight from which a cast can hurt somebody badly [g]. Assumed. */
const HEAVY_G = 40
const SNAGS: readonly string[] = ['wood', 'brush', 'mangrove', 'boulders', 'rock', 'kelp']

function setupCautions(candidate: Candidate, { reading }: Ask, parts: readonly Part[], system: UnitSystem): string[] {
  const { profile, added, technique, outfit, totalG } = candidate
  const cautions: string[] = []
  if (!outfit) cautions.push('No outfit is known: rod, line and cast are assumed.')
  if (technique.adds !== 'nothing' && added.part === null && !added.spoon)
    cautions.push(
      `No suitable ${technique.adds === 'head' ? 'head' : technique.adds === 'weighted-hook' ? 'weighted hook' : 'sinker'} among your parts: ${formatQuantity('weight', added.grams, { system })} is assumed.`,
    )
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && !isBiteProof(outfit?.outfit.leader))
    cautions.push(
      'Toothy fish: tie in a bite-proof leader (wire, or fluorocarbon of 0.7 mm and more); it changes a small plug’s action, so check it.',
    )
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && outfit && isBiteProof(outfit.outfit.leader)) {
    const { material, testKg, diameterMm } = outfit.outfit.leader!
    cautions.push(
      `Toothy fish: your bite-proof leader (${[material, testKg == null ? '' : formatQuantity('strength', testKg, { system }), diameterMm == null ? '' : formatQuantity('diameter', diameterMm, { system })].filter(Boolean).join(', ')}) stays on; check a small plug’s action with the leader, it is stiff and adds weight.`,
    )
  }
  if (SPECIES_TABLE[reading.species].toothy === 'light')
    cautions.push('Their teeth fray thin leaders: look it over after every fish, a light wire where they bite it off.')
  if (candidate.placement.gear)
    cautions.push(
      `On the line alone it stays above the fish: a trolling weight, a diving plane or a downrigger takes it to ${formatQuantity('depth', candidate.placement.depthM, { system })}.`,
    )
  if (technique.mode === 'troll') cautions.push('Trolling: keep a lookout for logs and boats, kill switch on.')
  if (profile.lure.family === 'umbrella-rig')
    cautions.push('Several hooks: the number of hooks or lures is often limited, check the local rules.')
  cautions.push(...weakHardware(candidate, parts, system))
  if (totalG >= HEAVY_G) cautions.push('Heavy on the cast: eye protection, and look behind you.')
  const trebles = profile.hooks.value.some(h => h.kind.startsWith('treble'))
  if (trebles && reading.sky === 'night' && reading.from !== 'boat')
    cautions.push('Trebles at night: never loose on a rock; pliers at hand.')
  if (trebles && reading.cover.some(c => SNAGS.includes(c)))
    cautions.push(
      'Snags: do not yank toward yourself; line round a stick, not round the hand; eye protection when ripping free.',
    )
  if (added.part?.material === 'lead')
    cautions.push('Lead: wash your hands; many waters restrict it, tungsten or steel do the same.')
  return cautions
}
