import type { Ask } from '#core/ask'
import { LINE_DENSITY, type TechniqueRow } from '#core/knowledge'
import type { ColourJudge } from '#core/light'
import { type Assembled, type LureProfile, type PreparedOutfit, rodFit, windowVerdict } from '#core/lure'
import { castLength } from '#core/motion'
import { AXIS_IDS } from '#core/rule'
import type { Part } from '#core/tackle'
import { assemblyFits, type AssemblyFits, type AxisFit, type AxisFits, lureFits, type LureFits, NOT_CONCERNED, placementFits, rodAxis, softFit, techniqueFits, type TechniqueFits, weightedLog } from './fits'
import { addedWeights, type Contact } from './lead'
import { place, type Placement, type Tackle } from './presentation'
import type { TrailersFor } from './trailer'

/** One complete way to fish a lure. */
export interface Candidate extends Tackle {
  readonly outfit: PreparedOutfit | null
  readonly totalG: number
  readonly placement: Placement
  readonly fits: AxisFits
  readonly score: number
  /** The score by rules and physics alone, where the angler's log has moved it. */
  readonly beforeLog?: number
}

export type RejectionCode = 'cannot-reach' | 'overload' | 'underload' | 'none-left' | 'switched-off'
export interface Rejection { readonly lureId: string, readonly code: RejectionCode, readonly why: string }

/** What a ranking shares between all its lures. */
export interface Scene {
  readonly ask: Ask
  /** Sum of the weights of all axes. */
  readonly totalWeight: number
  readonly waterDensity: number
  readonly parts: readonly Part[]
  /** Spoons that can carry a fly. */
  readonly spoons: readonly LureProfile[]
  readonly contact: Contact
  /** The fits that no rod changes. */
  readonly fitsOf: FitsOf
  readonly trailersFor: TrailersFor
  readonly outfits: readonly PreparedOutfit[]
  readonly inCover: boolean
  /** The fish bites through ordinary leaders. */
  readonly biteProof: boolean
}

/** The fits of a lure by itself, and as it is rigged. */
export interface FitsOf {
  readonly lure: (profile: LureProfile) => LureFits
  readonly technique: (profile: LureProfile, technique: TechniqueRow) => TechniqueFits
}

/** Fits under one ask; `colours` judges how colours look in this water to this fish. */
export function fitsUnder(ask: Ask, colours: ColourJudge): FitsOf {
  return { lure: profile => lureFits(profile, ask, colours), technique: (profile, technique) => techniqueFits(profile, technique, ask) }
}

/** The same fits kept, for when every lure is judged several times under one ask. */
export function remembered({ lure, technique }: FitsOf): FitsOf {
  const ofLures = new Map<LureProfile, LureFits>()
  const ofTechniques = new Map<LureProfile, Map<TechniqueRow, TechniqueFits>>()
  return {
    lure: profile => ofLures.get(profile) ?? kept(ofLures, profile, lure(profile)),
    technique: (profile, row) => {
      const own = ofTechniques.get(profile) ?? kept(ofTechniques, profile, new Map())
      return own.get(row) ?? kept(own, row, technique(profile, row))
    },
  }
}

function kept<K, V>(map: Map<K, V>, key: K, value: V): V {
  map.set(key, value)
  return value
}

export function sumOfWeights({ axes }: Ask): number {
  return AXIS_IDS.reduce((sum, axis) => sum + axes[axis].weight, 0)
}

/** What hangs on the line, with its weight and the part of the score that no rod changes. */
interface Assembly extends Assembled {
  readonly totalG: number
  readonly rigged: TechniqueFits
  readonly hung: AssemblyFits
  /** Σ weight × ln(fit) so far. */
  readonly log: number
}
interface Thrown { readonly assembly: Assembly, readonly outfit: PreparedOutfit | null, readonly tackle: Tackle, readonly placement: Placement, readonly onRod: AxisFit, readonly score: number }
/** Why one way of fishing a lure is out; put into words only for the refusal that is shown. */
interface Refusal { readonly code: RejectionCode, readonly why: () => string, readonly nearness: number }

/**
 * The best set-up of one lure under this reading, or why there is none: every technique, trailer, added weight and rod.
 * What needs a head or sinker that is not among the parts comes only when nothing else can be fished.
 */
export function bestCandidate(profile: LureProfile, scene: Scene): Candidate | Rejection {
  const { lure } = profile
  const { ask } = scene
  if (lure.quantity === 0) return { lureId: lure.id, code: 'none-left', why: 'none left in the box' }
  const own = scene.fitsOf.lure(profile)
  const ownLog = weightedLog('lure', own, ask)
  const trailers = scene.trailersFor(profile)
  const outfits = scene.outfits.length > 0 ? scene.outfits : NO_OUTFIT
  let best: Thrown | null = null
  let bestAssumed: Thrown | null = null
  let refusal: Refusal | null = null
  for (const technique of profile.techniques) {
    if (technique.from && !technique.from.includes(ask.reading.from)) continue
    const rigged = scene.fitsOf.technique(profile, technique)
    const riggedLog = ownLog + weightedLog('technique', rigged, ask)
    if (best && cannotBeat(riggedLog, best, scene)) continue
    for (const added of addedWeights(technique, profile, scene)) {
      const isAssumed = technique.adds !== 'nothing' && added.part === null && !added.spoon
      if (isAssumed && best) continue
      for (const trailer of trailers) {
        const assembled = { profile, technique, trailer, added }
        const hung = assemblyFits(assembled, ask, scene.waterDensity)
        const assembly: Assembly = {
          profile, technique, trailer, added, rigged, hung,
          totalG: profile.weightG.value + (trailer?.weightG.value ?? 0) + added.grams,
          log: riggedLog + weightedLog('assembly', hung, ask),
        }
        const leader: Thrown | null = isAssumed ? bestAssumed : best
        if (leader && cannotBeat(assembly.log, leader, scene)) continue
        for (const outfit of outfits) {
          const toBeat: Thrown | null = isAssumed ? bestAssumed : best
          const found = onOutfit(assembly, outfit, toBeat?.score ?? 0, scene)
          if (!found) continue
          if ('code' in found) refusal = nearerMiss(refusal, found)
          else if (isAssumed) bestAssumed = found
          else best = found
        }
      }
    }
  }
  const chosen = best ?? bestAssumed
  if (chosen) return candidateOf(chosen, own)
  if (!refusal) return { lureId: lure.id, code: 'switched-off', why: 'cannot be fished from where you stand' }
  return { lureId: lure.id, code: refusal.code, why: refusal.why() }
}

/** Whether a way of fishing has lost already: whatever is not worked out yet fits at most 1, so the result is the same as without asking. */
function cannotBeat(log: number, { score }: Thrown, { totalWeight }: Scene): boolean {
  return Math.exp(log / totalWeight) <= score
}

const NO_OUTFIT = [null] as const

/** Fields are named one by one: spreading five objects a lure costs more than the whole judgement. */
function candidateOf({ assembly, outfit, tackle, placement, onRod, score }: Thrown, own: LureFits): Candidate {
  const { profile, technique, trailer, added, castM, lineMm, lineDensity } = tackle
  const { totalG, rigged, hung } = assembly
  const { depth, speed } = placementFits(placement, profile)
  return {
    profile, technique, trailer, added, castM, lineMm, lineDensity, outfit, totalG, placement, score,
    fits: {
      depth, speed, rod: onRod,
      length: own.length, flash: own.flash, sound: own.sound, conspicuousness: own.conspicuousness, naturalness: own.naturalness, colour: own.colour, profile: own.profile, scent: own.scent,
      hang: rigged.hang, erratic: rigged.erratic, snagGuard: rigged.snagGuard, suit: rigged.suit, kind: rigged.kind,
      presence: hung.presence, vibration: hung.vibration, fall: hung.fall,
    },
  }
}

/** The refusal that tells the angler most: reaching trouble before rod trouble, the nearest miss of each. */
function nearerMiss(a: Refusal | null, b: Refusal): Refusal {
  if (!a) return b
  const rank = (r: Refusal) => (r.code === 'cannot-reach' ? 1000 : 0) + r.nearness
  return rank(b) > rank(a) ? b : a
}

/** Line of an angler whose rod is not known [mm], and the contract's 30 m rating cast [m]. */
const WITHOUT_ROD = { castM: 30, lineMm: 0.25, fit: 1, place: 0.7 }
/** Wading and kayak casts are shorter (models part N). */
const LOW_STAND_CAST = 0.9

/**
 * The assembly on one rod: a scored set-up, a refusal, or `null` when it cannot beat `toBeat`.
 * Depth and speed fit at most 1, so a set-up that loses even then is not placed in the water at all; the result is the same.
 */
function onOutfit(assembly: Assembly, outfit: PreparedOutfit | null, toBeat: number, scene: Scene): Thrown | Refusal | null {
  const { profile, technique, trailer, added, totalG } = assembly
  const { ask, totalWeight } = scene
  if (technique.mode === 'troll' && outfit?.outfit.rod.kind !== 'trolling') return null
  const verdict = outfit ? windowVerdict(outfit.outfit, totalG) : WITHOUT_ROD
  if (verdict === 'overload' || verdict === 'underload') return windowRefusal(verdict, totalG, outfit!)
  const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
  const rod = outfit
    ? verdict.fit * rodFit(outfit.outfit, {
      hook, inCover: scene.inCover, mode: technique.mode, family: profile.lure.family, from: ask.reading.from, biteProof: scene.biteProof, crankReel: ask.schools.crankReel,
    })
    : NOT_CONCERNED
  const onRod = rodAxis(rod, profile, outfit !== null)
  const bound = assembly.log + ask.axes.rod.weight * Math.log(onRod.fit)
  if (Math.exp(bound / totalWeight) <= toBeat) return null

  const tackle: Tackle = { profile, technique, trailer, added, castM: castOf(assembly, outfit, verdict.place, ask), lineMm: outfit?.lineMm ?? WITHOUT_ROD.lineMm, lineDensity: LINE_DENSITY[outfit?.outfit.line.material ?? 'nylon'] }
  const placement = place(tackle, scene)
  if ('why' in placement) return { code: 'cannot-reach', nearness: placement.deepestM, why: placement.why }
  const score = Math.exp((bound + ask.axes.depth.weight * Math.log(softFit(placement.depthFit)) + ask.axes.speed.weight * Math.log(softFit(placement.speedFit))) / totalWeight)
  return score > toBeat ? { assembly, outfit, tackle, placement, onRod, score } : null
}

function windowRefusal(code: 'overload' | 'underload', totalG: number, { outfit: { rod } }: PreparedOutfit): Refusal {
  return code === 'overload'
    ? { code, nearness: -totalG / rod.lureMaxG!, why: () => `${totalG.toFixed(1)} g complete is over every rod that could throw it: at most ${rod.lureMaxG} g` }
    : { code, nearness: -rod.lureMinG! / totalG, why: () => `${totalG.toFixed(1)} g complete is too light for your rods: the lightest asks for ${rod.lureMinG} g` }
}

function castOf({ profile, technique }: Assembly, outfit: PreparedOutfit | null, loadPlace: number, { reading }: Ask): number {
  if (technique.mode === 'vertical' || technique.mode === 'drift') return Math.max(1, reading.bottomM)
  if (!outfit) return WITHOUT_ROD.castM
  const { rod, castM } = outfit.outfit
  const length = castM ?? castLength({ rod: rod.kind, power: rod.power ?? null, loadPlace, castFactor: profile.typical.castFactor })
  return length * (reading.from === 'wading' || reading.from === 'kayak' ? LOW_STAND_CAST : 1)
}
