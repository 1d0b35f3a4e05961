import type { Ask } from '#core/ask'
import { CADENCE_TABLE, TACTICS, type TacticRow, type TechniqueRow } from '#core/knowledge'
import type { LureProfile, Mould } from '#core/lure'
import { isOfSchools, jointMembership, type Way } from '#core/rule'
import type { Cadence } from '#core/terms'
import { addedWeights } from './lead'
import { wayOf } from './marks'
import { pauseOf } from './pace'
import { mostOfPace } from './presentation'
import { type Assembly, placedGain, type ReadyTactic, type Scene } from './scene'
import { type Gains, mostHung, MouldWay } from './terms'

/** What lead that is not among the parts costs: it must be bought first [log-odds]. Assumed. */
const NOT_OWNED = 3
/** What a head or sinker costs that is not what is wanted, for each e-fold [log-odds]. Assumed. */
const LEAD_OFF = 1.2
/** Share of the trailer's log-odds that the lure is judged by: trailers decide first among themselves. Assumed. */
const TRAILER_SHARE = 0.25

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

/** A tactic by which the lures of a mould can be fished on one of its rigs, with its ways as they have been asked for. */
export interface Suited {
  readonly technique: TechniqueRow
  readonly tactic: TacticRow
  readonly ways: Map<Way, MouldWay>
}

/** Worked out once a mould: no reading changes them. */
const suitedToMoulds = new WeakMap<Mould, readonly Suited[]>()

export function suitedTo(profile: LureProfile): readonly Suited[] {
  let known = suitedToMoulds.get(profile.mould)
  if (known === undefined)
    suitedToMoulds.set(
      profile.mould,
      (known = profile.techniques.flatMap(technique =>
        TACTICS.filter(tactic => suitsTactic(tactic, profile, technique)).map(tactic => ({
          technique,
          tactic,
          ways: new Map(),
        })),
      )),
    )
  return known
}

/** A lure fished by a tactic that is worked like this. */
export function wayIn(profile: LureProfile, { technique, tactic, ways }: Suited, cadence: Cadence): MouldWay {
  const presents = wayOf(technique.control, cadence)
  let way = ways.get(presents)
  if (way === undefined) ways.set(presents, (way = new MouldWay(profile, technique, tactic, presents)))
  return way
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

/** A way in which this water allows a lure to be fished, before anything hangs on the line. */
export interface FishableWay {
  readonly profile: LureProfile
  readonly ready: ReadyTactic
  readonly way: MouldWay
  readonly fished: Gains
  /** Log-odds that depth and pace add at most. */
  readonly mostPlaced: number
  /** Log-odds that it comes to at most: depth and pace add no more than was asked of them, lead and rod never add. */
  readonly most: number
}

/** Whether a lure can be fished so from where the angler stands. */
export function isFrom({ from }: MouldWay, { reading }: Ask): boolean {
  return !from || from.includes(reading.from)
}

/** Log-odds that depth and pace add at most. */
export function mostPlacedOf(profile: LureProfile, way: MouldWay, scene: Scene): number {
  return (
    placedGain('depth', 1, scene) + (way.isPaced ? placedGain('speed', mostOfPace(profile, way, scene.ask), scene) : 0)
  )
}

/** Log-odds that a lure wins at most by what it trails here, and by what it is with that; lead never adds. */
export function mostWorn(profile: LureProfile, way: MouldWay, { terms, trailers }: Scene): number {
  return Math.max(
    ...trailers.of(profile).map(({ trailer, gain }) => mostHung(terms, profile, trailer, way) + TRAILER_SHARE * gain),
  )
}

/** Every way in which this water allows a lure to be fished. */
export function waysOf(profile: LureProfile, scene: Scene): readonly FishableWay[] {
  return suitedTo(profile).flatMap(suited => {
    const ready = scene.tactics.get(suited.tactic)
    if (!ready) return []
    const way = wayIn(profile, suited, ready.cadence)
    if (!isFrom(way, scene.ask)) return []
    const fished = scene.wayGainsOf(profile, way)
    const mostPlaced = mostPlacedOf(profile, way, scene)
    const most = fished.total + ready.lift + mostPlaced + mostWorn(profile, way, scene)
    return [{ profile, ready, way, fished, mostPlaced, most }]
  })
}

/** Everything that can hang on the line when a lure is fished one way. */
export function assembliesOf(fishable: FishableWay, scene: Scene): readonly Assembly[] {
  const { profile, ready, way, fished, mostPlaced } = fishable
  const { technique } = way
  // Who wrote down no hardware at all has it all the same: the usual head or sinker is assumed, as the usual line is where no rods are known.
  const isBought = scene.parts.length > 0
  return addedWeights(technique, profile, scene).flatMap(added =>
    scene.trailers.of(profile).map((choice): Assembly => {
      const { trailer } = choice
      const hung = scene.hungGainsOf({ profile, technique, trailer, added }, way)
      const notOwned = isBought && technique.adds !== 'nothing' && added.part === null && !added.spoon ? NOT_OWNED : 0
      return {
        profile,
        technique,
        trailer,
        added,
        ready,
        way,
        choice,
        mostPlaced,
        levels: [fished, hung],
        totalG: profile.weightG.value + (trailer?.weightG.value ?? 0) + added.grams,
        odds:
          fished.total + hung.total + TRAILER_SHARE * choice.gain - notOwned - LEAD_OFF * (added.off ?? 0) + ready.lift,
      }
    }),
  )
}
