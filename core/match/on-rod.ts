import type { Ask } from '#core/ask'
import { LINE_DENSITY, rodRowId } from '#core/knowledge'
import { type PreparedOutfit, windowVerdict } from '#core/lure'
import { message } from '#core/message'
import { castLength } from '#core/motion'
import { windOnCast } from '#core/reading'
import type { Cover, PartKind } from '#core/terms'
import { quantity } from '#core/units'
import { place } from './presentation'
import type { Tackle } from './presented'
import { nearerMiss, type Refusal } from './refusal'
import { rodFault, rodGain, rodRows, type RodTask } from './rod'
import { type Assembly, placedGain, type Scene, type Thrown } from './scene'

/** Share of the depth's log-odds that the choice of the rod hears for a plug that dives, since its line and cast decide how deep it runs (handbook §5). All else is counted down or thrown less far. Assumed. */
const DEPTH_FOR_ROD = 0.35

/** Rods that are placed in the water; the others cannot be so much better by depth alone. */
const RODS_PLACED = 2
/** Line of an angler whose rod is not known [mm], and the contract's 30 m rating cast [m]. */
const WITHOUT_ROD = { castM: 30, lineMm: 0.25, place: 0.7 }

/** A rod that can throw an assembly. */
export interface AbleRod {
  /** `null`: the rod is not known. */
  readonly outfit: PreparedOutfit | null
  /** How far it is from its job [log-odds]. */
  readonly gain: number
  /** Where the weight lies in its window, 0..1. */
  readonly place: number
}

/** The rods that can throw an assembly, the one that suits it best first; and why the nearest of the others cannot. */
export function rodsFor(
  assembly: Assembly,
  scene: Scene,
): { readonly able: readonly AbleRod[]; readonly refusal: Refusal | null } {
  if (scene.outfits.length === 0) return { able: [{ outfit: null, gain: 0, place: WITHOUT_ROD.place }], refusal: null }
  let refusal: Refusal | null = null
  const able: AbleRod[] = []
  const task = taskOf(assembly, scene)
  for (const outfit of scene.outfits) {
    if (assembly.ready.cadence === 'troll' && !isTrollable(outfit)) {
      refusal = nearerMiss(refusal, NO_TROLLING_ROD)
      continue
    }
    const verdict = windowVerdict(outfit.outfit, assembly.totalG)
    if (verdict === 'overload' || verdict === 'underload')
      refusal = nearerMiss(refusal, windowRefusal(verdict, assembly.totalG, outfit))
    else
      able.push({ outfit, place: verdict.place, gain: rodGain(outfit, task) + WINDOW_WEIGHT * Math.log(verdict.fit) })
  }
  return { able: able.sort((a, b) => b.gain - a.gain), refusal }
}

const NO_TROLLING_ROD: Refusal = { code: 'switched-off', nearness: 0, why: message('match.no-trolling-rod') }

/** The assembly on the rod that suits it best among those from which it reaches the fish. */
export function onBestRod(assembly: Assembly, rods: readonly AbleRod[], scene: Scene): Thrown | Refusal {
  const { ask } = scene
  const { mostPlaced } = assembly
  const rodScale = scene.scales.rod
  const heard = assembly.technique.control === 'dive' ? DEPTH_FOR_ROD : 0
  let refusal: Refusal | null = null
  let best: Thrown | null = null
  let bestChoice = -Infinity
  let placed = 0
  for (const { outfit, gain, place: loadPlace } of rods) {
    if (placed >= RODS_PLACED || gain + heard * mostPlaced <= bestChoice) break
    const { profile, technique, trailer, added, ready } = assembly
    const tackle: Tackle = {
      profile,
      technique,
      trailer,
      added,
      tactic: ready.tactic,
      cadence: ready.cadence,
      pauseS: ready.pauseS,
      castM: castOf(assembly, outfit, loadPlace, ask),
      trollsWithGear:
        outfit?.outfit.rod.kind === 'trolling' &&
        (ready.tactic.id !== 'trolled-plug' ||
          scene.parts.some(p => TROLLING_GEAR.includes(p.kind) && p.quantity !== 0)),
      lineMm: outfit?.lineMm ?? WITHOUT_ROD.lineMm,
      lineDensity: LINE_DENSITY[outfit?.outfit.line.material ?? 'nylon'],
    }
    const placement = place(tackle, scene)
    if ('why' in placement) {
      refusal = nearerMiss(refusal, { code: 'cannot-reach', nearness: placement.deepestM, why: placement.why })
      continue
    }
    placed++
    const depth = placedGain('depth', placement.depthFit, scene)
    const speed = ready.tactic.pace === null ? 0 : placedGain('speed', placement.speedFit, scene)
    const choice = gain + heard * (depth + speed)
    if (choice > bestChoice) {
      bestChoice = choice
      best = { assembly, outfit, tackle, placement, rod: gain, odds: assembly.odds + depth + speed + rodScale * gain }
    }
  }
  return best ?? refusal!
}

/** What takes a plug down: only with it among the parts is a plug offered below its own depth. */
const TROLLING_GEAR: readonly PartKind[] = ['trolling-weight', 'diving-plane', 'downrigger']

/** What a poor place in the rod's window weighs against the rod's job. Assumed. */
const WINDOW_WEIGHT = 1.5

/** Any moderate rod in a holder will do for trolling (handbook §23.4). */
function isTrollable({ outfit: { rod } }: PreparedOutfit): boolean {
  return (
    rod.kind === 'trolling' ||
    ((rod.kind === 'casting' || rod.kind === 'spinning') &&
      (rod.action === 'moderate' || rod.action === 'slow' || rod.action === 'moderate-fast'))
  )
}

/** What is most against this rod for what hangs on it. */
export const faultOf = (assembly: Assembly, outfit: PreparedOutfit, scene: Scene) =>
  rodFault(outfit, taskOf(assembly, scene))

function taskOf(
  { profile, technique, ready, totalG }: Assembly,
  { ask: { reading, schools, heeds }, inCover }: Scene,
): RodTask {
  const { tactic } = ready
  const { job, hold, far } = rodRows(tactic, reading.species)
  const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
  return {
    tactic,
    totalG,
    lengthMm: profile.lengthMm.value,
    hooks: hook === 'treble' || hook === 'treble-grip' ? 'trebles' : 'single',
    inCover,
    fromBank: reading.from === 'bank' || reading.from === 'wading',
    species: reading.species,
    schools,
    heeds: { job: heeds(rodRowId(job)), hold: heeds(rodRowId(hold)), far: heeds(rodRowId(far)) },
    water: reading.water,
  }
}

function windowRefusal(code: 'overload' | 'underload', totalG: number, { outfit: { rod } }: PreparedOutfit): Refusal {
  return code === 'overload'
    ? {
        code,
        nearness: -totalG / rod.lureMaxG!,
        why: message('match.overload', {
          total: quantity('weight', totalG),
          most: quantity('weight', rod.lureMaxG!, { exact: true }),
        }),
      }
    : {
        code,
        nearness: -rod.lureMinG! / totalG,
        why: message('match.underload', {
          total: quantity('weight', totalG),
          least: quantity('weight', rod.lureMinG!, { exact: true }),
        }),
      }
}

/** Wading and kayak casts are shorter (models part N). */
const LOW_STAND_CAST = 0.9
/** Casts that the place shortens [m] (handbook §23.4): pitching 3–15 m, tight targets 5–12 m, a drop shot near the boat. */
const PITCHED_M = 8
const AT_TARGETS_M = 12
/** What is wound is thrown past its target and comes by it: this far [m]. Assumed. */
const PAST_TARGETS_M = 18
/** Cover whose fish lie at least this deep is not a target one sees: it is thrown far over and rolled through (handbook §3) [m]. */
const DEEP_TARGETS_M = 3
const NEAR_BOAT_M = 20
const TARGETS: readonly Cover[] = ['wood', 'brush', 'dock', 'pier', 'mangrove']
const OPEN: readonly Cover[] = ['open', 'sand', 'gravel', 'rock', 'shell', 'clay', 'current-seam']

/** How far it is thrown here [m]: as far as the rod throws it, or as near as the target lies. */
function castOf(
  { profile, technique, ready }: Assembly,
  outfit: PreparedOutfit | null,
  loadPlace: number,
  { reading }: Ask,
): number {
  if (technique.mode === 'vertical' || technique.mode === 'drift') return Math.max(1, reading.bottomM)
  const rod = outfit?.outfit.rod
  const reach =
    outfit?.outfit.castM ??
    (rod
      ? castLength({
          rod: rod.kind,
          power: rod.power ?? null,
          lengthM: rod.lengthM ?? null,
          loadPlace,
          castFactor: profile.typical.castFactor,
        })
      : WITHOUT_ROD.castM)
  const free =
    reach * (reading.from === 'wading' || reading.from === 'kayak' ? LOW_STAND_CAST : 1) * windOnCast(reading)
  if (ready.tactic.job === 'pitch') return Math.min(free, PITCHED_M)
  const isAtTargets =
    reading.cover.some(c => TARGETS.includes(c)) &&
    !reading.cover.some(c => OPEN.includes(c)) &&
    reading.fishFromM < DEEP_TARGETS_M
  if (isAtTargets) return Math.min(free, ready.tactic.pace === null ? AT_TARGETS_M : PAST_TARGETS_M)
  if (ready.tactic.id === 'drop-shot' && reading.from === 'boat') return Math.min(free, NEAR_BOAT_M)
  return free
}
