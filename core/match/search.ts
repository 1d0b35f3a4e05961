import type { Ask } from '#core/ask'
import { CADENCE_TABLE, LINE_DENSITY, TACTICS, type TacticRow, type TechniqueRow } from '#core/knowledge'
import { type LureProfile, type Mould, type PreparedOutfit, windowVerdict } from '#core/lure'
import { type Message, message } from '#core/message'
import { castLength } from '#core/motion'
import { windOnCast } from '#core/reading'
import { isOfSchools, jointMembership, type Way } from '#core/rule'
import type { Cover, PartKind } from '#core/terms'
import { quantity } from '#core/units'
import { addedWeights } from './lead'
import { wayOf } from './marks'
import { pauseOf } from './pace'
import { mostOfPace, place } from './presentation'
import type { Tackle } from './presented'
import { rodGain } from './rod'
import { MouldWay } from './terms'
import { type Assembly, placedGain, type ReadyTactic, type Scene, type Thrown } from './scene'

export type RejectionCode = 'cannot-reach' | 'overload' | 'underload' | 'none-left' | 'switched-off'
/** Why a lure is out. */
export interface Out {
  readonly code: RejectionCode
  readonly why: Message
}
export interface Rejection extends Out {
  readonly lureId: string
}

/** A tactic is offered where its conditions hold at all, a cadence where its own hold by half. */
const OFFERED_FROM = 0.02
const TAKEN_FROM = 0.5

/** The tactics that this water and these schools allow, with what each is worked like here. */
export function readyTactics(ask: Ask): ReadyTactic[] {
  const { features, schools } = ask
  return TACTICS.filter(
    tactic => isOfSchools(tactic, schools) && jointMembership(tactic.only ?? [], features) > OFFERED_FROM,
  ).map(tactic => {
    const choice =
      tactic.cadences.find(c => isOfSchools(c, schools) && jointMembership(c.when ?? [], features) >= TAKEN_FROM) ??
      tactic.cadences[tactic.cadences.length - 1]!
    return {
      tactic,
      cadence: choice.cadence,
      pauseS: CADENCE_TABLE[choice.cadence].pauseS === null ? null : pauseOf(tactic, ask),
      lift: ask.fitted[`tactic:${tactic.id}`] ?? 0,
    }
  })
}

/** A rig of a mould, and the tactics by which it can be fished, each with its ways as they have been asked for. */
interface Rigged {
  readonly technique: TechniqueRow
  readonly tactics: readonly { readonly tactic: TacticRow; readonly ways: Map<Way, MouldWay> }[]
}

/** Worked out once a mould: no reading changes them. */
const rigsOfMoulds = new WeakMap<Mould, readonly Rigged[]>()

function rigsOf(profile: LureProfile): readonly Rigged[] {
  let known = rigsOfMoulds.get(profile.mould)
  if (known === undefined)
    rigsOfMoulds.set(
      profile.mould,
      (known = profile.techniques.map(technique => ({
        technique,
        tactics: TACTICS.filter(tactic => suitsTactic(tactic, profile, technique)).map(tactic => ({
          tactic,
          ways: new Map(),
        })),
      }))),
    )
  return known
}

/** Whether a lure rigged this way can be fished by a tactic. */
function suitsTactic(
  { families, styles, notStyles, rigs, controls, cadences }: TacticRow,
  { lure }: LureProfile,
  { rig, control, mode }: TechniqueRow,
): boolean {
  return (
    rigs.includes(rig) &&
    controls.includes(control) &&
    families.includes(lure.family) &&
    (!styles || (lure.style != null && styles.includes(lure.style))) &&
    (!notStyles || lure.style == null || !notStyles.includes(lure.style)) &&
    (mode === 'troll') === cadences.some(c => c.cadence === 'troll')
  )
}
/** Why one way of fishing a lure is out. */
interface Refusal extends Out {
  readonly nearness: number
}

/** What lead that is not among the parts costs: it must be bought first [log-odds]. Assumed. */
const NOT_OWNED = 3
/** What a head or sinker costs that is not what is wanted, for each e-fold [log-odds]. Assumed. */
const LEAD_OFF = 1.2
/** Share of the trailer's log-odds that the lure is judged by: trailers decide first among themselves. Assumed. */
const TRAILER_SHARE = 0.25

/** Share of the depth's log-odds that the choice of the rod hears: a rod is not chosen because it casts badly. Assumed. */
const DEPTH_FOR_ROD = 0.35

const NONE_LEFT: Out = { code: 'none-left', why: message('match.none-left') }
const NOT_FROM_HERE: Out = { code: 'switched-off', why: message('match.not-from-here') }

/**
 * The search for the best set-up of one lure, a step at a time: those that could become best are put in the water first, and those that cannot come over what was found are not.
 * What the lure itself wins stands beside all of them.
 */
export class Prospect {
  /** What is left to try, what could become best first; where its rods are known, what they can add is too. */
  private readonly left: Step[]
  private best: Thrown | null = null
  private refusal: Refusal | null = null

  constructor(
    profile: LureProfile,
    private readonly scene: Scene,
  ) {
    this.left = assembliesOf(profile, scene)
      .map(assembly => ({ assembly, rods: null, most: mostOf(assembly) }))
      .sort(byMost)
  }

  /** Log-odds that no set-up of it comes over: those of the best one, once it is settled. */
  get most(): number {
    return Math.max(this.bestOdds, this.mostLeft)
  }

  get isSettled(): boolean {
    return this.mostLeft <= this.bestOdds
  }

  private get bestOdds(): number {
    return this.best?.odds ?? -Infinity
  }

  private get mostLeft(): number {
    return this.left[0]?.most ?? -Infinity
  }

  tryNext(): void {
    const { assembly, rods, most } = this.left.shift()!
    if (rods === null) {
      const found = rodsFor(assembly, this.scene)
      this.refusal = nearerMiss(this.refusal, found.refusal)
      if (found.able.length === 0) return
      this.left.push({ assembly, rods: found.able, most: most + this.scene.scales.rod * found.able[0]!.gain })
      this.left.sort(byMost)
      return
    }
    const found = onBestRod(assembly, rods, this.scene)
    if ('code' in found) this.refusal = nearerMiss(this.refusal, found)
    else if (found.odds > this.bestOdds) this.best = found
  }

  /** The best set-up, or why there is none. */
  settled(): Thrown | Out {
    while (!this.isSettled) this.tryNext()
    return this.best ?? this.refusal ?? NOT_FROM_HERE
  }
}

interface Step {
  readonly assembly: Assembly
  readonly rods: readonly AbleRod[] | null
  /** Log-odds that it comes to at most. */
  readonly most: number
}
const byMost = (a: Step, b: Step) => b.most - a.most

/** Looks at each lure under this reading; lures out of one mould are looked at once. */
export function prospects(scene: Scene): (profile: LureProfile) => Prospect | Out {
  const known = new Map<Mould, Prospect>()
  return profile => {
    if (profile.lure.quantity === 0) return NONE_LEFT
    let prospect = known.get(profile.mould)
    if (prospect === undefined) known.set(profile.mould, (prospect = new Prospect(profile, scene)))
    return prospect
  }
}

/** Every way of fishing a lure here, each on its best rod, with its best trailer and lead; in no order. What its paint wins or loses stands beside all of them. */
export function judgedWays(
  profile: LureProfile,
  scene: Scene,
): { readonly ways: readonly Thrown[]; readonly refusal: Refusal | null } {
  const ways: Thrown[] = []
  let refusal: Refusal | null = null
  if (profile.lure.quantity === 0) return { ways, refusal }
  for (const assembly of assembliesOf(profile, scene)) {
    const rods = rodsFor(assembly, scene)
    refusal = nearerMiss(refusal, rods.refusal)
    if (rods.able.length === 0) continue
    const found = onBestRod(assembly, rods.able, scene)
    if ('code' in found) refusal = nearerMiss(refusal, found)
    else ways.push(found)
  }
  return { ways, refusal }
}

/** Log-odds that an assembly comes to at most: depth and pace add no more than was asked of them, a rod never adds. */
const mostOf = ({ odds, mostPlaced }: Assembly) => odds + mostPlaced

/** Everything that can hang on the line with one lure on it, fished each way that this water allows; in no order. */
function assembliesOf(profile: LureProfile, scene: Scene): readonly Assembly[] {
  const { ask } = scene
  const assemblies: Assembly[] = []
  for (const { technique, tactics } of rigsOf(profile)) {
    if (technique.from && !technique.from.includes(ask.reading.from)) continue
    let leads: ReturnType<typeof addedWeights> | null = null
    for (const { tactic, ways } of tactics) {
      const ready = scene.tactics.get(tactic)
      if (!ready) continue
      const presents = wayOf(technique.control, ready.cadence)
      let way = ways.get(presents)
      if (way === undefined) ways.set(presents, (way = new MouldWay(profile, technique, tactic, presents)))
      const fished = scene.wayGainsOf(profile, way)
      const pace = mostOfPace({ profile, technique, tactic }, ask)
      const mostPlaced = placedGain('depth', 1, scene) + (pace === null ? 0 : placedGain('speed', pace, scene))
      leads ??= addedWeights(technique, profile, scene)
      for (const added of leads) {
        for (const choice of scene.trailersFor(profile)) {
          const hung = scene.hungGainsOf({ profile, technique, trailer: choice.trailer, added }, way)
          const notOwned = technique.adds !== 'nothing' && added.part === null && !added.spoon ? NOT_OWNED : 0
          assemblies.push({
            profile,
            technique,
            trailer: choice.trailer,
            added,
            ready,
            way,
            choice,
            mostPlaced,
            levels: [fished, hung],
            totalG: profile.weightG.value + (choice.trailer?.weightG.value ?? 0) + added.grams,
            odds:
              fished.total +
              hung.total +
              TRAILER_SHARE * choice.gain -
              notOwned -
              LEAD_OFF * (added.off ?? 0) +
              ready.lift,
          })
        }
      }
    }
  }
  return assemblies
}

/** Rods that are placed in the water; the others cannot be so much better by depth alone. */
const RODS_PLACED = 2
/** Line of an angler whose rod is not known [mm], and the contract's 30 m rating cast [m]. */
const WITHOUT_ROD = { castM: 30, lineMm: 0.25, place: 0.7 }

/** A rod that can throw an assembly. */
interface AbleRod {
  /** `null`: the rod is not known. */
  readonly outfit: PreparedOutfit | null
  /** How far it is from its job [log-odds]. */
  readonly gain: number
  /** Where the weight lies in its window, 0..1. */
  readonly place: number
}

/** The rods that can throw an assembly, the one that suits it best first; and why the nearest of the others cannot. */
function rodsFor(
  assembly: Assembly,
  scene: Scene,
): { readonly able: readonly AbleRod[]; readonly refusal: Refusal | null } {
  if (scene.outfits.length === 0) return { able: [{ outfit: null, gain: 0, place: WITHOUT_ROD.place }], refusal: null }
  let refusal: Refusal | null = null
  const able: AbleRod[] = []
  for (const outfit of scene.outfits) {
    if (assembly.ready.cadence === 'troll' && !isTrollable(outfit)) {
      refusal = nearerMiss(refusal, NO_TROLLING_ROD)
      continue
    }
    const verdict = windowVerdict(outfit.outfit, assembly.totalG)
    if (verdict === 'overload' || verdict === 'underload')
      refusal = nearerMiss(refusal, windowRefusal(verdict, assembly.totalG, outfit))
    else
      able.push({
        outfit,
        place: verdict.place,
        gain: rodGain(outfit, taskOf(assembly, scene)) + WINDOW_WEIGHT * Math.log(verdict.fit),
      })
  }
  return { able: able.sort((a, b) => b.gain - a.gain), refusal }
}

const NO_TROLLING_ROD: Refusal = { code: 'switched-off', nearness: 0, why: message('match.no-trolling-rod') }

/** The assembly on the rod that suits it best among those from which it reaches the fish. */
function onBestRod(assembly: Assembly, rods: readonly AbleRod[], scene: Scene): Thrown | Refusal {
  const { ask } = scene
  const { mostPlaced } = assembly
  const rodScale = scene.scales.rod
  let refusal: Refusal | null = null
  let best: Thrown | null = null
  let bestChoice = -Infinity
  let placed = 0
  for (const { outfit, gain, place: loadPlace } of rods) {
    if (placed >= RODS_PLACED || gain + DEPTH_FOR_ROD * mostPlaced <= bestChoice) break
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
    const choice = gain + DEPTH_FOR_ROD * (depth + speed)
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

function taskOf(
  { profile, technique, ready, totalG }: Assembly,
  { ask: { reading, schools }, inCover }: Scene,
): Parameters<typeof rodGain>[1] {
  const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
  return {
    tactic: ready.tactic,
    totalG,
    lengthMm: profile.lengthMm.value,
    hooks: hook === 'treble' || hook === 'treble-grip' ? 'trebles' : 'single',
    inCover,
    fromBank: reading.from === 'bank' || reading.from === 'wading',
    species: reading.species,
    schools,
    openShore: reading.water !== 'pond' && reading.water !== 'river',
  }
}

/** The refusal that tells the angler most: reaching trouble before rod trouble, the nearest miss of each. */
function nearerMiss(a: Refusal | null, b: Refusal | null): Refusal | null {
  if (!a || !b) return a ?? b
  const rank = (r: Refusal) => (r.code === 'cannot-reach' ? 1000 : r.code === 'switched-off' ? -1000 : 0) + r.nearness
  return rank(b) > rank(a) ? b : a
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
