import { computed, type LureProfile, type PreparedOutfit, typical } from '#core/lure'
import { recordOf } from '#core/numeric'
import { AXES, AXIS_IDS, type AxisId, type Way } from '#core/rule'
import type { Cadence, TrailerHooking } from '#core/terms'
import { type LogVerdict, movedByLog } from './log'
import { faultOf } from './on-rod'
import type { Placement } from './presentation'
import type { Tackle } from './presented'
import { PLACE_OF_AXIS } from './said'
import { type AxisFits, fitOf, gainsByAxis, type Gains, type MouldWay, sourcesOf } from './terms'
import type { TrailerChoice } from './trailer'
import { type Assembly, placedGain, type Scene, type Thrown } from './scene'

/** Axes without a figure: what suits is told against what suits best among the first that can be fished here, for their pushes are not all for one lure to win. */
const TASTES = AXIS_IDS.filter(axis => AXES[axis].kind === 'taste' && axis !== 'rod')

/** So many of an order are compared in what suits: about as many as are told. */
const COMPARED = 30

/** What the best of the first set-ups of an order wins on each axis without a figure, in the order of the axes; worked out when it is first asked for. */
export function bestTastes(first: (most: number) => readonly Candidate[]): () => Float64Array {
  let best: Float64Array | null = null
  return () => {
    if (best) return best
    best = new Float64Array(AXIS_IDS.length).fill(-Infinity)
    for (const { gains } of first(COMPARED))
      for (const axis of TASTES)
        best[PLACE_OF_AXIS[axis]] = Math.max(best[PLACE_OF_AXIS[axis]]!, gains[PLACE_OF_AXIS[axis]]!)
    return best
  }
}

/** One complete way to fish a lure, judged as it is told. What it wins axis by axis is worked out for those who ask: the judgement itself needs only the sum. */
export class Candidate implements Tackle {
  readonly profile: Tackle['profile']
  readonly technique: Tackle['technique']
  readonly trailer: Tackle['trailer']
  readonly added: Tackle['added']
  readonly tactic: Tackle['tactic']
  readonly cadence: Cadence
  /** [s]; `null`: the cadence has none. */
  readonly pauseS: number | null
  readonly lineMm: number
  readonly lineDensity: number
  readonly castM: number
  readonly trollsWithGear: boolean
  readonly way: Way
  private readonly mouldWay: MouldWay
  readonly hooking: TrailerHooking | null
  readonly trailerRows: TrailerChoice['rows']
  readonly outfit: PreparedOutfit | null
  readonly totalG: number
  readonly placement: Placement
  /** How far the rod is from its job, in log-odds of its own (0: made for it). */
  readonly rodGain: number
  private readonly assembly: Assembly
  readonly levels: readonly Gains[]
  /** Σ of all pushes, in log-odds. */
  readonly odds: number
  /** The same as a share, 0..1, moved by the angler's log where it speaks. */
  readonly score: number
  /** What the angler's log says of it, and the score by rules and physics alone. */
  readonly fromLog: { readonly before: number; readonly verdict: LogVerdict } | null
  private knownGains: Float64Array | null = null
  private knownFits: AxisFits | null = null

  /** `thrown`: found for the mould of `profile`. `tastes`: what the best of the order in which it stands wins; `null`: it stands alone. */
  constructor(
    profile: LureProfile,
    thrown: Thrown,
    private readonly scene: Scene,
    verdict: LogVerdict | null = null,
    private readonly tastes: (() => Float64Array) | null = null,
  ) {
    const { assembly, outfit, tackle, placement, rod } = thrown
    this.profile = profile
    this.technique = tackle.technique
    this.trailer = tackle.trailer
    this.added = tackle.added
    this.tactic = tackle.tactic
    this.cadence = tackle.cadence
    this.pauseS = placement.pauseS ?? tackle.pauseS
    this.lineMm = tackle.lineMm
    this.lineDensity = tackle.lineDensity
    this.castM = tackle.castM
    this.trollsWithGear = tackle.trollsWithGear
    this.mouldWay = assembly.way
    this.way = assembly.way.way
    this.hooking = assembly.choice.hooking
    this.trailerRows = assembly.choice.rows
    this.outfit = outfit
    this.totalG = assembly.totalG
    this.placement = placement
    this.rodGain = rod
    this.assembly = assembly
    const own = scene.gainsOf(profile)
    const look = scene.lookGainsOf(profile)
    this.levels = [own, look, ...assembly.levels]
    this.odds = own.total + look.total + thrown.odds
    const byRules = scoreOf(this.odds)
    this.fromLog = verdict ? { before: byRules, verdict } : null
    this.score = verdict ? movedByLog(byRules, verdict) : byRules
  }

  /** Log-odds won or lost on each axis, in the order of the axes. */
  get gains(): Float64Array {
    if (this.knownGains) return this.knownGains
    const {
      scene: { terms, scales },
      placement,
      rodGain,
    } = this
    const gains = gainsByAxis(terms, this.profile, this.mouldWay, this.levels)
    gains[PLACE_OF_AXIS.depth] = placedGain('depth', placement.depthFit, this.scene)
    gains[PLACE_OF_AXIS.speed] = this.isPaced ? placedGain('speed', placement.speedFit, this.scene) : 0
    gains[PLACE_OF_AXIS.rod] = scales.rod * rodGain
    return (this.knownGains = gains)
  }

  /** What is most against the rod; `null`: the rod is not known. */
  get rodFault() {
    return this.outfit && faultOf(this.assembly, this.outfit, this.scene)
  }

  private get isPaced(): boolean {
    return this.tactic.pace !== null
  }

  /** How good it is on one axis: 1 where nothing is missing. */
  fitOn(axis: AxisId): number {
    const place = PLACE_OF_AXIS[axis]
    return fitOf(this.gains[place]!, this.mostOn(axis))
  }

  private mostOn(axis: AxisId): number {
    const {
      scene: { scales, most },
    } = this
    switch (axis) {
      case 'depth':
        return scales.depth
      case 'speed':
        return this.isPaced ? scales.speed : 0
      case 'rod':
        return 0
      default:
        return AXES[axis].kind === 'taste' && this.tastes
          ? this.tastes()[PLACE_OF_AXIS[axis]]!
          : most[PLACE_OF_AXIS[axis]]!
    }
  }

  /** What it offers on one axis, in the axis' own unit; `null`: the axis does not concern it. */
  figureOn(axis: AxisId): number | null {
    switch (axis) {
      case 'depth':
        return this.placement.depthM
      case 'speed':
        return this.placement.speedMs
      case 'rod':
        return Math.exp(this.rodGain)
      default: {
        const figures: Partial<Record<AxisId, number>> = Object.assign({}, ...this.levels.map(level => level.figures))
        return figures[axis] ?? null
      }
    }
  }

  /** Everything of it by axis, with where each figure comes from. */
  get fits(): AxisFits {
    if (this.knownFits) return this.knownFits
    const { placement, profile, outfit, rodGain } = this
    const source = {
      ...sourcesOf(this, this.scene.waterDensity),
      depth: placement.depthTrust,
      speed: profile.speed,
      rod: outfit ? computed(rodGain, profile.weightG) : typical(rodGain),
    }
    return (this.knownFits = recordOf(AXIS_IDS, axis => {
      const fit = this.fitOn(axis)
      return {
        offers: this.figureOn(axis) ?? fit,
        gain: this.gains[PLACE_OF_AXIS[axis]]!,
        fit,
        source: source[axis as keyof typeof source] ?? typical(0),
      }
    }))
  }
}

/** Log-odds at which a set-up is neither here nor there, and how many make an e-fold of the shown score. Assumed: only the order and the shares are fitted. */
const SCORE = { middle: 8, width: 5 }

/** The judgement as a figure between 0 and 1. */
export function scoreOf(odds: number): number {
  return 1 / (1 + Math.exp(-(odds - SCORE.middle) / SCORE.width))
}
