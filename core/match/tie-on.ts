import type { Ask } from '#core/ask'
import { CADENCE_TABLE, SPECIES_TABLE } from '#core/knowledge'
import { formatQuantity, hookSizeRank, type UnitSystem } from '#core/units'
import type { Cadence } from '#core/tackle'
import type { Candidate } from './candidate'
import { round } from './explain'
import { isBiteProof } from './outfit'
import type { PresentationOut, SetupOut } from './output'
import { fallSpeed } from './in-water'

/** Everything about tying it on and fishing it, in the contract's form; scores and reasons are added by the caller. */
export function tieOn(candidate: Candidate, ask: Ask, waterDensity: number, system: UnitSystem): Omit<SetupOut, 'score' | 'confidence' | 'axes' | 'reasons'> {
  const { profile, technique, trailer, added, outfit, totalG } = candidate
  const { lure } = profile
  const isHead = technique.adds === 'head' || technique.adds === 'weighted-hook'
  return {
    lureId: lure.id,
    family: lure.family,
    rig: technique.rig,
    trailerId: trailer?.lure.id ?? null,
    hook: hookOf(candidate, ask),
    trailerHook: takesTrailerHook(candidate, ask),
    headG: isHead ? added.grams : null,
    sinkerG: technique.adds === 'bullet' || technique.adds === 'drop-sinker' ? added.grams : null,
    outfitId: outfit?.outfit.id ?? null,
    leader: leaderOf(candidate, ask),
    connection: connectionOf(candidate),
    totalG: round(totalG),
    presentation: presentationOf(candidate, ask, waterDensity, system),
    cautions: setupCautions(candidate, ask, system),
  }
}

const EXPOSED_COVER: readonly string[] = ['grass', 'pads', 'reeds', 'kelp', 'wood', 'brush', 'mangrove', 'boulders', 'rock']

/** Trailer hook: in open water only, never round cover (trade §6); the school says whether always or only for short bites. */
function takesTrailerHook({ profile: { lure } }: Candidate, { reading, schools }: Ask): boolean {
  if (lure.family !== 'spinnerbait' && lure.family !== 'bladed-jig') return false
  if (reading.cover.some(c => EXPOSED_COVER.includes(c))) return false
  return schools.trailerHook === 'open-water' || reading.shortStrikes
}

function hookOf({ profile, technique }: Candidate, { reading, schools }: Ask): SetupOut['hook'] {
  const own = profile.hooks.value[0]!
  if (technique.hook === 'own') {
    const count = own.count ?? 1
    const isTreble = own.kind === 'treble' || own.kind === 'treble-grip'
    const advice = !isTreble ? 'as it is; the point must be sharp'
      : schools.hooks === 'singles' ? 'singles instead of trebles: weigh the pair, the balance must stay'
        : reading.mood === 'aggressive' ? 'triple-grip trebles: they hit hard'
          : 'round-bend trebles; a stiff rod pulls small ones out'
    return { kind: isTreble && schools.hooks === 'singles' ? 'single' : own.kind, size: own.size ?? null, count, advice }
  }
  const size = hookSizeFor(profile.lengthMm.value * profile.typical.slenderness, profile.lengthMm.value)
  return { kind: technique.hook, size, count: 1, advice: 'the gap must clear the body by about half its thickness' }
}

/**
 * Hook size for a soft body from its length, trade §6: #2 for 9–10 cm slim baits, 2/0–3/0 for 75 mm, 4/0 up to 12 cm, 6/0 from 15 cm;
 * thin bodies take less. Between those points assumed.
 */
function hookSizeFor(thicknessMm: number, lengthMm: number): string {
  const byLength = 1 + (lengthMm - 60) / 20
  const thin = thicknessMm < 0.16 * lengthMm ? 3 : 0
  const rank = Math.round(Math.min(8, Math.max(hookSizeRank('6')!, byLength - thin)))
  return rank >= 1 ? `${rank}/0` : String(1 - rank)
}

/** A bite-proof trace: about 0.4 m; fluorocarbon must be 0.7 mm and more (trade §6). */
const BITE_PROOF = { lengthM: 0.4, material: 'wire', testKg: null } as const

function leaderOf({ outfit }: Candidate, { reading }: Ask): SetupOut['leader'] {
  const leader = outfit?.outfit.leader ?? null
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && !isBiteProof(leader)) return BITE_PROOF
  return leader ? { lengthM: leader.lengthM ?? 1, material: leader.material, testKg: leader.testKg ?? null } : null
}

function connectionOf({ profile: { lure }, technique }: Candidate): SetupOut['connection'] {
  if (lure.family === 'inline-spinner' || lure.family === 'flutter-spoon') return 'swivel'
  return technique.rig === 'snap' ? 'snap' : 'direct'
}

/** First cadence of the technique that suits the reading and the chosen schools. */
function cadenceOf({ technique, profile }: Candidate, { reading, schools, features }: Ask): Cadence {
  const inGrass = reading.cover.some(c => c === 'grass' || c === 'reeds' || c === 'pads' || c === 'kelp')
  const touches = profile.runsAt !== null && reading.cover.some(c => ['rock', 'gravel', 'shell', 'clay', 'wood', 'boulders', 'brush'].includes(c))
  const slow = features.numbers.activity < 0.4 || reading.mood === 'lethargic'
  const suits: Partial<Record<Cadence, boolean>> = {
    'tick': inGrass && schools.grass === 'tick',
    'rip': inGrass && schools.grass === 'rip',
    'touch-and-pause': touches,
    'stop-and-go': schools.retrieve === 'vary',
    'slow-roll': slow || reading.visibilityM < 0.8,
    'burn': reading.mood === 'aggressive' && !slow,
    'yo-yo': slow,
    'bottom-hop': !slow,
    'drag': slow,
    'shake': !slow,
    'vertical-fast': schools.vertical === 'fast' || (schools.vertical === 'by-mood' && !slow),
    'long-fall': schools.vertical === 'long-fall',
    'sweep-pause': schools.retrieve === 'vary',
  }
  return technique.cadences.find(c => suits[c] ?? true) ?? technique.cadences[technique.cadences.length - 1]!
}

function presentationOf(candidate: Candidate, ask: Ask, waterDensity: number, system: UnitSystem): PresentationOut {
  const { technique, outfit, castM, placement } = candidate
  const cadence = cadenceOf(candidate, ask)
  const row = CADENCE_TABLE[cadence]
  const fall = fallSpeed(candidate, waterDensity).value
  const countsDown = technique.control !== 'surface' && technique.control !== 'dive' && fall > 0
  const countdownS = countsDown ? Math.round(placement.depthM / fall) : null
  const pauseS = row.pauseS ? pauseFor(row.pauseS, ask.features.numbers.activity) : null
  const speedMs = placement.speedMs * Math.min(1, row.pace)
  const turnsPerS = outfit?.pickUpM ? round(speedMs / outfit.pickUpM) : null
  const depth = formatQuantity('depth', placement.depthM, { system })
  const values: Record<string, string> = {
    countdownS: String(countdownS ?? 0), pauseS: String(pauseS ?? 0), depthM: depth,
    speedMs: formatQuantity('speed', speedMs, { system }),
    turnsPerS: turnsPerS === null ? 'a few' : turnsPerS.toFixed(1),
  }
  const how = row.text.replace(/\{(\w+)\}/g, (place, name: string) => values[name] ?? place)
  return {
    mode: technique.mode,
    castM: technique.mode === 'vertical' ? null : Math.round(castM),
    lineOutM: technique.mode === 'vertical' ? round(placement.depthM) : null,
    depthM: round(placement.depthM),
    speedMs: round(speedMs),
    turnsPerS,
    tipM: placement.tipM,
    cadence,
    pauseS,
    countdownS,
    text: `${how}${tipText(candidate)}`,
    control: technique.control,
    fallMs: fall > 0 ? round(fall) : null,
  }
}

function tipText({ technique, placement: { tipM, depthM }, }: Candidate): string {
  if (technique.control !== 'dive') return ''
  const where = tipM < 0.8 ? 'low' : tipM < 1.5 ? 'half up' : 'high'
  return ` Rod tip ${where} (${tipM.toFixed(1)} m): it runs to ${depthM.toFixed(1)} m.`
}

/** Pause between its cold, middle and active lengths, by activity [s]. */
function pauseFor([cold, mid, active]: readonly [number, number, number], activity: number): number {
  const seconds = activity < 0.5 ? cold + (mid - cold) * (activity / 0.5) : mid + (active - mid) * ((activity - 0.5) / 0.5)
  return seconds < 3 ? Math.round(seconds * 2) / 2 : Math.round(seconds)
}

function setupCautions({ profile, added, technique, outfit }: Candidate, { reading }: Ask, system: UnitSystem): string[] {
  const cautions: string[] = []
  if (!outfit) cautions.push('No outfit is known: rod, line and cast are assumed.')
  if (technique.adds !== 'nothing' && added.part === null)
    cautions.push(`No suitable ${technique.adds === 'head' ? 'head' : technique.adds === 'weighted-hook' ? 'weighted hook' : 'sinker'} among your parts: ${formatQuantity('weight', added.grams, { system })} is assumed.`)
  if (SPECIES_TABLE[reading.species].toothy === 'yes' && !isBiteProof(outfit?.outfit.leader))
    cautions.push('Toothy fish: tie in a bite-proof leader (wire, or fluorocarbon of 0.7 mm and more); it changes a small plug’s action, so check it.')
  if (profile.lure.family === 'umbrella-rig') cautions.push('Several hooks: the number of hooks or lures is often limited, check the local rules.')
  if (profile.lure.family === 'inline-spinner') cautions.push('Twists the line: a ball-bearing swivel between line and leader.')
  if (added.part?.material === 'lead') cautions.push('Lead: wash your hands; many waters restrict it, tungsten or steel do the same.')
  return cautions
}
