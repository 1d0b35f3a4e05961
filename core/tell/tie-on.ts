import type { Ask } from '#core/ask'
import { reelSpeed, SLOWEST_MS, streamHalfWay, TOLD_SWING } from '#core/course'
import { CADENCE_TABLE, SPECIES_TABLE, type TechniqueRow, TURNS_UNKNOWN } from '#core/knowledge'
import { fallSpeed, isBiteProof } from '#core/lure'
import { type Candidate, leadTold, presentedOf } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import type { Part } from '#core/tackle'
import { formatQuantity, proseIn, quantity, type UnitSystem } from '#core/units'
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
): Omit<SetupOut<Said>, 'score' | 'share' | 'standing' | 'sisters' | 'confidence' | 'axes' | 'reasons' | 'against'> {
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
    cautions: setupCautions(candidate, ask, parts),
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
): PresentationOut<Said> {
  const { technique, outfit, placement, cadence, pauseS } = candidate
  const { castM, speedMs } = placement
  const fall = fallSpeed(candidate, waterDensity).value
  const countdownS = countdownOf(technique, placement.letDownM, fall)
  const presented = presentedOf(candidate, placement, ask, waterDensity)
  const reelMs = reelSpeed(speedMs, streamHalfWay(presented))
  const turnsPerS = outfit?.pickUpM ? round(reelMs / outfit.pickUpM) : null
  const how = howTold({ cadence, pauseS, countdownS, letDownM: placement.letDownM, speedMs, turnsPerS }, system)
  return {
    mode: technique.mode,
    castM: technique.mode === 'cast' ? Math.round(castM) : null,
    lineOutM: placement.lineOutM ?? (technique.mode === 'cast' ? null : round(placement.letDownM)),
    depthM: round(placement.depthM),
    deepestM: round(placement.deepestM),
    speedMs: round(speedMs),
    turnsPerS,
    tipM: placement.tipM,
    cadence,
    pauseS,
    countdownS,
    text: sentences([how, tipTold(candidate), swingTold(placement.swung, reelMs), next]),
    control: technique.control,
    fallMs: fall > 0 ? round(fall) : null,
    dropLeaderM: placement.dropLeaderM ?? null,
    standsM: placement.leaderHeightM === null ? null : round(placement.leaderHeightM),
    shareInBand: round(placement.shareInBand),
    touches: placement.touches,
    swungDeg: Math.round(degrees(placement.swung)),
  }
}

/** Seconds that it is counted down; `null` where nothing is counted: on top, by a lip, behind a boat, or what does not sink. */
export function countdownOf({ mode, control }: TechniqueRow, letDownM: number, fallMs: number): number | null {
  return mode !== 'troll' && control !== 'surface' && control !== 'dive' && fallMs > 0
    ? Math.round(letDownM / fallMs)
    : null
}

/** What is told of a cadence beside its own words. */
export interface Worked extends Pick<PresentationOut, 'cadence' | 'pauseS' | 'countdownS' | 'speedMs' | 'turnsPerS'> {
  readonly letDownM: number
}

/** What the hand does, in a sentence with its figures. */
export function howTold(
  { cadence, pauseS, countdownS, letDownM, speedMs, turnsPerS }: Worked,
  system: UnitSystem,
): string {
  const values: Record<string, string> = {
    countdownS: String(countdownS ?? 0),
    pauseS: String(pauseS ?? 0),
    depthM: formatQuantity('depth', letDownM, { system }),
    speedMs: formatQuantity('speed', speedMs, { system }),
    turnsPerS: turnsPerS === null ? TURNS_UNKNOWN : turnsPerS.toFixed(1),
  }
  return proseIn(CADENCE_TABLE[cadence].text, system).replace(
    /\{(\w+)\}/g,
    (place, name: string) => values[name] ?? place,
  )
}

/** From here on a rod tip is called half up, and high [m]. Assumed. */
const HALF_UP_M = 0.8
const HIGH_TIP_M = 1.5

/** One sentence after the other; what is `null` or empty is not said. */
function sentences(said: readonly (Said | null)[]): Said {
  return said
    .filter(s => s !== null && s !== '')
    .reduce<Said>((first, then) => (first === '' ? then! : message('answer.sentences', { first, then: then! })), '')
}

function tipTold({ technique, placement }: Candidate): Message | null {
  const { tipM, depthM, deepestM, lineOutM } = placement
  const metres = (value: number) => quantity('depth', value)
  if (technique.mode === 'troll') return message('tip.trolled', { line: metres(lineOutM ?? 0), depth: metres(depthM) })
  if (placement.dropLeaderM != null && technique.rig.startsWith('drop-shot'))
    return message('tip.drop-shot', {
      leader: metres(placement.dropLeaderM),
      stands: metres(placement.leaderHeightM ?? 0),
    })
  if (technique.control === 'count-down' && tipM >= HIGH_TIP_M) return message('tip.high', { height: metres(tipM) })
  if (technique.control !== 'dive') return null
  const where = tipM < HALF_UP_M ? 'low' : tipM < HIGH_TIP_M ? 'half-up' : 'high'
  return message('tip.runs', { where, height: metres(tipM), deepest: metres(deepestM) })
}

function degrees(radians: number): number {
  return (radians * 180) / Math.PI
}

function swingTold(swung: number, reelMs: number): Message | null {
  if (swung < TOLD_SWING) return null
  return message('swing.told', {
    degrees: Math.round(degrees(swung) / 5) * 5,
    wound: reelMs <= SLOWEST_MS ? 'not' : 'less',
  })
}

/** Complete weight from which a cast can hurt somebody badly [g]. Assumed. */
const HEAVY_G = 40
const SNAGS: readonly string[] = ['wood', 'brush', 'mangrove', 'boulders', 'rock', 'kelp']

function setupCautions(candidate: Candidate, { reading }: Ask, parts: readonly Part[]): Message[] {
  const { profile, added, technique, outfit, totalG } = candidate
  const cautions: Message[] = []
  if (!outfit) cautions.push(message('caution.no-outfit'))
  if (technique.adds !== 'nothing' && added.part === null && !added.spoon)
    cautions.push(message('caution.lead-assumed', { what: technique.adds, grams: quantity('weight', added.grams) }))
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && !isBiteProof(outfit?.outfit.leader))
    cautions.push(message('caution.toothy'))
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && outfit && isBiteProof(outfit.outfit.leader)) {
    const { material, testKg, diameterMm } = outfit.outfit.leader!
    const leader = [
      material,
      ...(testKg == null ? [] : [quantity('strength', testKg)]),
      ...(diameterMm == null ? [] : [quantity('diameter', diameterMm)]),
    ]
    cautions.push(message('caution.toothy-own', { leader: { joined: leader } }))
  }
  if (SPECIES_TABLE[reading.species].toothy === 'light') cautions.push(message('caution.teeth-fray'))
  if (candidate.placement.gear)
    cautions.push(message('caution.above-the-fish', { depth: quantity('depth', candidate.placement.depthM) }))
  if (technique.mode === 'troll') cautions.push(message('caution.trolling'))
  if (profile.lure.family === 'umbrella-rig') cautions.push(message('caution.several-hooks'))
  cautions.push(...weakHardware(candidate, parts))
  if (totalG >= HEAVY_G) cautions.push(message('caution.heavy'))
  const trebles = profile.hooks.value.some(h => h.kind.startsWith('treble'))
  if (trebles && reading.sky === 'night' && reading.from !== 'boat') cautions.push(message('caution.trebles-at-night'))
  if (trebles && reading.cover.some(c => SNAGS.includes(c))) cautions.push(message('caution.snags'))
  if (added.part?.material === 'lead') cautions.push(message('caution.lead'))
  return cautions
}
